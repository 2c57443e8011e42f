using System.Diagnostics;
using System.Text.Json;
using PluckyRally.Tests;
using Xunit;

namespace PluckyRally.Ui.Tests;

/// <summary>What <c>./rally score</c> finds in a rally's file.</summary>
internal static class CommandLine
{
    /// <summary>The rows of the standings: each team's total as shown, by its name.</summary>
    public static async Task<Dictionary<string, string>> Score(string rallyFile, int round = 1)
    {
        var file = Path.GetTempFileName();
        await File.WriteAllTextAsync(file, rallyFile, TestContext.Current.CancellationToken);
        var start = new ProcessStartInfo("dotnet") { RedirectStandardOutput = true };
        foreach (
            var argument in new[]
            {
                Path.Combine(
                    ProjectFolder.Root,
                    "src",
                    "PluckyRally.Cli",
                    "bin",
                    "Release",
                    "net10.0",
                    "PluckyRally.Cli.dll"
                ),
                "score",
                file,
                "--json",
                "--round",
                $"{round}",
            }
        )
            start.ArgumentList.Add(argument);
        using var scoring = Process.Start(start)!;
        var said = JsonDocument
            .Parse(await scoring.StandardOutput.ReadToEndAsync(TestContext.Current.CancellationToken))
            .RootElement;
        await scoring.WaitForExitAsync(TestContext.Current.CancellationToken);
        File.Delete(file);
        return said.GetProperty("standings")
            .GetProperty("rows")
            .EnumerateArray()
            .ToDictionary(r => r.GetProperty("name").GetString()!, r => r.GetProperty("totalText").GetString()!);
    }
}
