using System.Diagnostics;

namespace PluckyRally.Ui.Tests.Start;

/// <summary>
/// What is delivered: one folder, started by somebody who owns nothing else on the computer, with no SDK and no Node to
/// be found.
/// </summary>
public sealed class PublishedTests : ScreenTest
{
    private readonly string _place = Directory.CreateTempSubdirectory("plucky-rally-delivered-").FullName;
    private Process? _server;

    [Fact]
    public async Task A_published_folder_starts_by_itself_in_an_empty_place()
    {
        var folder = Path.Combine(_place, "plucky-rally");
        await Run("bash", ["-c", $". scripts/setup.sh && build_front_end && publish_to '{folder}'"]);
        foreach (
            var file in new[]
            {
                "plucky-rally.sh",
                "plucky-rally.service",
                "plucky-rally.desktop",
                "README.txt",
                "LICENSE",
                "wwwroot/index.html",
                "wwwroot/licences.json",
                "demo/kelp-bridge.brief.json",
            }
        )
            File.Exists(Path.Combine(folder, file)).ShouldBeTrue(file);
        var home = Directory.CreateDirectory(Path.Combine(_place, "home")).FullName;

        var desk = OpenWindow(await Start(folder, home));
        desk.Open("/");
        desk.See("Where to begin");
        desk.GoToPlace("Status");
        desk.See(Path.Combine(home, ".local", "share", "plucky-rally"));
        desk.GoToPlace("About");
        desk.See("It runs on this computer, without a network.");
        desk.ShouldHaveCleanConsole();
    }

    [Fact]
    public async Task The_unit_for_a_servers_start_is_in_order()
    {
        var unit = await File.ReadAllLinesAsync(
            Path.Combine(ProjectFolder.Root, "delivery", "plucky-rally.service"),
            TestContext.Current.CancellationToken
        );
        string Of(string name) =>
            unit.Single(l => l.StartsWith(name + "=", StringComparison.Ordinal))[(name.Length + 1)..];
        unit.Where(l => l.StartsWith('[')).ShouldBe(["[Unit]", "[Service]", "[Install]"]);
        Of("ExecStart").ShouldStartWith("/opt/plucky-rally/PluckyRally.Web ");
        Of("ExecStart")
            .ShouldContain(
                $"--data /var/lib/{Of("StateDirectory")} ",
                Case.Sensitive,
                "the only folder that the unit may write to"
            );
        Of("ProtectSystem").ShouldBe("strict");
    }

    protected override void Close()
    {
        _server?.Kill(entireProcessTree: true);
        _server?.WaitForExit();
        _server?.Dispose();
        Directory.Delete(_place, recursive: true);
    }

    /// <summary>
    /// Starts it with an empty environment: no way to dotnet or node, and, where the test may, as a user who owns
    /// nothing but the home folder.
    /// </summary>
    private async Task<string> Start(string folder, string home)
    {
        const string Nobody = "65534";
        List<string> command =
        [
            "env",
            "-i",
            $"HOME={home}",
            "PATH=/nowhere",
            Path.Combine(folder, "plucky-rally.sh"),
            "--port",
            "0",
        ];
        if (Environment.UserName == "root")
        {
            await Run("chown", [Nobody, home]);
            await Run("chmod", ["a+rx", _place]);
            command = ["setpriv", $"--reuid={Nobody}", $"--regid={Nobody}", "--clear-groups", .. command];
        }

        _server = Process.Start(
            new ProcessStartInfo(command[0], command.Skip(1))
            {
                RedirectStandardOutput = true,
                RedirectStandardError = true,
                WorkingDirectory = "/",
            }
        )!;
        const string Says = "Plucky Rally is at ";
        while (await _server.StandardOutput.ReadLineAsync(TestContext.Current.CancellationToken) is { } line)
        {
            if (line.StartsWith(Says, StringComparison.Ordinal))
                return line[Says.Length..].Split(' ')[0];
        }

        throw new InvalidOperationException(
            $"It did not start: {await _server.StandardError.ReadToEndAsync(TestContext.Current.CancellationToken)}"
        );
    }

    private static async Task Run(string program, string[] arguments)
    {
        using var run = Process.Start(
            new ProcessStartInfo(program, arguments)
            {
                WorkingDirectory = ProjectFolder.Root,
                RedirectStandardOutput = true,
                RedirectStandardError = true,
            }
        )!;
        var said = await Task.WhenAll(
            run.StandardOutput.ReadToEndAsync(TestContext.Current.CancellationToken),
            run.StandardError.ReadToEndAsync(TestContext.Current.CancellationToken)
        );
        await run.WaitForExitAsync(TestContext.Current.CancellationToken);
        run.ExitCode.ShouldBe(0, string.Concat(said));
    }
}
