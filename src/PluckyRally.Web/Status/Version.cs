using System.Reflection;

namespace PluckyRally.Web.Status;

/// <summary>Which version runs, and since when.</summary>
internal static class Version
{
    /// <summary>The version's number, for example 0.14.0.</summary>
    public static string Number { get; } =
        typeof(Version)
            .Assembly.GetCustomAttribute<AssemblyInformationalVersionAttribute>()!
            .InformationalVersion.Split('+')[0];

    /// <summary>When this process was started.</summary>
    public static DateTimeOffset Since { get; } = new(System.Diagnostics.Process.GetCurrentProcess().StartTime);
}
