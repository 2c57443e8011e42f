using System.Net;
using System.Net.Sockets;
using PluckyRally.Web.Start;

namespace PluckyRally.Web.Tests.Start;

/// <summary>The build asks the server for its API's description, without one that listens.</summary>
public sealed class BuildingTests
{
    [Fact]
    [Trait("run", "long")]
    public async Task Building_needs_no_free_port()
    {
        using var taken = new TcpListener(IPAddress.Loopback, ServerSettings.UsualPort);
        try
        {
            taken.Start();
        }
        catch (SocketException)
        {
            // Whoever has it already takes it as well as this test would.
        }

        var web = Path.Combine(ProjectFolder.Root, "src", "PluckyRally.Web");
        var tool = Directory
            .GetFiles(
                Path.Combine(
                    Environment.GetFolderPath(Environment.SpecialFolder.UserProfile),
                    ".nuget",
                    "packages",
                    "microsoft.extensions.apidescription.server"
                ),
                "dotnet-getdocument.dll",
                SearchOption.AllDirectories
            )
            .Order(StringComparer.Ordinal)
            .Last();
        var output = Directory.CreateTempSubdirectory("plucky-rally-api-").FullName;
        using var build = System.Diagnostics.Process.Start(
            new System.Diagnostics.ProcessStartInfo(
                "dotnet",
                [
                    tool,
                    "--assembly",
                    Path.Combine(web, "bin", "Release", "net10.0", "PluckyRally.Web.dll"),
                    "--file-list",
                    Path.Combine(output, "list"),
                    "--framework",
                    ".NETCoreApp,Version=v10.0",
                    "--output",
                    output,
                    "--project",
                    "PluckyRally.Web",
                    "--assets-file",
                    Path.Combine(web, "obj", "project.assets.json"),
                    "--platform",
                    "AnyCPU",
                    "--file-name",
                    "openapi",
                ]
            )
            {
                RedirectStandardError = true,
                RedirectStandardOutput = true,
            }
        )!;
        var said =
            await build.StandardOutput.ReadToEndAsync(TestContext.Current.CancellationToken)
            + await build.StandardError.ReadToEndAsync(TestContext.Current.CancellationToken);
        await build.WaitForExitAsync(TestContext.Current.CancellationToken);
        Directory.GetFiles(output, "openapi*.json").ShouldHaveSingleItem(said);
        Directory.Delete(output, recursive: true);
    }
}
