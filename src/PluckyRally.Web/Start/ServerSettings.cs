using System.Globalization;
using PluckyRally.Data.Folder;

namespace PluckyRally.Web.Start;

/// <summary>What the command line says.</summary>
/// <param name="Port">The port; 0 for any that is free.</param>
/// <param name="DataFolder">Where the data file is.</param>
/// <param name="Lan">Whether other devices of the network are let in.</param>
/// <param name="NewPassword">Whether the teacher's password is forgotten, so that it can be set anew.</param>
/// <param name="Demo">The folder with the demo's files; null for the teacher's own data.</param>
internal sealed record ServerSettings(int Port, string DataFolder, bool Lan, bool NewPassword, string? Demo)
{
    public const int UsualPort = 5080;

    /// <summary>What can be said on the command line.</summary>
    public const string Help = """
        Plucky Rally: a server for one school. Settings, each followed by its value:
          --port N            where it is served; 5080 where nothing is said, 0 for any that is free
          --data DIR          the folder with the data
          --lan true          lets the classroom's devices in
          --https true        with --lan true: an encrypted connection for them, at port 5443
          --newPassword true  forgets the teacher's password, so that a new one can be set at this computer
          --instruments N     the port at which instruments connect; the one after the server's where nothing is said
          --demo DIR          the demo, made again from its files
        """;

    public const int UsualHttpsPort = 5443;

    /// <summary>The data: the teacher's, or the demo's own.</summary>
    public DataFolder Folder => new(DataFolder, Demo is null ? "rally" : "demo");

    /// <summary>
    /// The port at which the classroom's devices are served over an encrypted line; null where they are not.
    /// </summary>
    public int? HttpsPort { get; init; }

    /// <summary>For a demo that was started beside somebody's own data: where that is; null otherwise.</summary>
    public string? Home { get; init; }

    /// <summary>
    /// The port on 127.0.0.1 at which instruments connect; the one after the server's where it is not said.
    /// </summary>
    public int? InstrumentPort { get; init; }

    public static ServerSettings Read(IConfiguration configuration)
    {
        var port = configuration["port"];
        if (
            port is not null
            && (
                !int.TryParse(port, NumberStyles.None, CultureInfo.InvariantCulture, out var number)
                || number is < 0 or > 65535
            )
        )
            throw new StartRefusedException(
                $"“{port}” is not a port.",
                $"Use a number from 1 to 65535, for example --port {UsualPort}, or 0 for any that is free."
            );
        return new(
            port is null ? UsualPort : int.Parse(port, CultureInfo.InvariantCulture),
            Path.GetFullPath(configuration["data"] ?? "data"),
            configuration["lan"] is "true",
            configuration["newPassword"] is "true",
            configuration["demo"]
        )
        {
            Home = configuration["demoHome"],
            HttpsPort =
                configuration["https"] is "true" && configuration["lan"] is "true"
                    ? port is "0"
                        ? 0
                        : UsualHttpsPort
                    : null,
            InstrumentPort =
                int.TryParse(
                    configuration["instruments"],
                    NumberStyles.None,
                    CultureInfo.InvariantCulture,
                    out var said
                )
                    ? said
                : port is null ? UsualPort + 1
                : int.Parse(port, CultureInfo.InvariantCulture) is > 0 and < 65535 and var own ? own + 1
                : null,
        };
    }
}

/// <summary>The server cannot start; the message says why and what would do.</summary>
internal sealed class StartRefusedException(string what, string remedy) : Exception($"{what} {remedy}");
