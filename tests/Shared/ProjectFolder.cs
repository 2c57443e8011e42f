namespace PluckyRally.Tests;

/// <summary>Where the project is.</summary>
internal static class ProjectFolder
{
    /// <summary>The folder of the solution.</summary>
    public static string Root { get; } = Find();

    private static string Find()
    {
        var at = new DirectoryInfo(AppContext.BaseDirectory);
        while (at is not null && !File.Exists(Path.Combine(at.FullName, "PluckyRally.slnx")))
            at = at.Parent;
        return at?.FullName ?? throw new InvalidOperationException("The project's folder was not found.");
    }
}
