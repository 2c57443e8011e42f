using System.Text.Json;
using PluckyRally.Tests;
using Shouldly;
using Xunit;

namespace PluckyRally.Core.Tests.Formats;

/// <summary>
/// Files of version 1, written and scored by the program as it was on 26 November 2026: what their teams had stands in
/// <c>standings.json</c>; where they get something else today, <c>changes.json</c> says what, and why.
/// </summary>
public sealed class GoldenTests
{
    private const int Drawn = 200;
    private static readonly JsonSerializerOptions Readable = new(JsonSerializerDefaults.Web)
    {
        WriteIndented = true,
        Encoder = System.Text.Encodings.Web.JavaScriptEncoder.UnsafeRelaxedJsonEscaping,
    };

    private static readonly JsonSerializerOptions Tight = new(Json.Options) { WriteIndented = false };

    private static string Folder => Path.Combine(ProjectFolder.Root, "tests", "formats", "v1");

    [Fact]
    public void Standings_are_what_they_were_or_their_difference_has_a_reason()
    {
        var had = Read<Dictionary<string, Dictionary<string, string[]>>>("standings.json");
        var changes = Read<Dictionary<string, Change>>("changes.json");
        had.Count.ShouldBeGreaterThan(Drawn);
        foreach (var (file, rounds) in had)
        {
            foreach (var (round, lines) in rounds)
            {
                var expected = changes.GetValueOrDefault($"{file} {round}");
                if (expected is not null)
                    expected.Why.Length.ShouldBeGreaterThan(20, $"{file} {round}: every difference has a reason");
                Score(file, int.Parse(round)).ShouldBe(expected?.Gets ?? lines, $"{file}, round {round}");
            }
        }

        changes.Keys.Where(k => !had.ContainsKey(k[..k.LastIndexOf(' ')])).ShouldBeEmpty();
    }

    /// <summary>
    /// Shows what differs, in the form of <c>changes.json</c> with the reason left open: somebody must write it.
    /// </summary>
    [Fact(Explicit = true)]
    public void Show_what_differs()
    {
        var changes = Read<Dictionary<string, Change>>("changes.json");
        var now = new Dictionary<string, Change>();
        foreach (var (file, rounds) in Read<Dictionary<string, Dictionary<string, string[]>>>("standings.json"))
        {
            foreach (var (round, lines) in rounds)
            {
                var gets = Score(file, int.Parse(round));
                if (!gets.SequenceEqual(lines))
                    now[$"{file} {round}"] = new(lines, gets, changes.GetValueOrDefault($"{file} {round}")?.Why ?? "");
            }
        }

        File.WriteAllText(Path.Combine(Folder, "differences.json"), JsonSerializer.Serialize(now, Readable));
    }

    /// <summary>Wrote the files, once. Running it again would replace what is to be kept.</summary>
    [Fact(Explicit = true)]
    public void Write_the_files_of_version_1()
    {
        foreach (var (from, to) in new[] { (Path.Combine(ProjectFolder.Root, "demo"), "demo") })
        {
            Directory.CreateDirectory(Path.Combine(Folder, to));
            foreach (var file in Directory.GetFiles(from, "*.json"))
                File.Copy(file, Path.Combine(Folder, to, Path.GetFileName(file)), overwrite: true);
        }

        Directory.CreateDirectory(Path.Combine(Folder, "drawn"));
        for (var (seed, written) = (1, 0); written < Drawn; seed++)
        {
            if (RandomRally.Draw(seed) is not { } rally)
                continue;
            File.WriteAllText(
                Path.Combine(Folder, "drawn", $"{++written:000}.rally.json"),
                JsonSerializer.Serialize(rally, Tight)
            );
        }

        var standings = new SortedDictionary<string, Dictionary<string, string[]>>(StringComparer.Ordinal);
        foreach (var file in Directory.GetFiles(Folder, "*.rally.json", SearchOption.AllDirectories))
        {
            var name = Path.GetRelativePath(Folder, file);
            if (Open(name) is not { } opened)
                continue;
            standings[name] = Enumerable.Range(1, opened.Rounds).ToDictionary(r => $"{r}", r => Score(name, r));
        }

        File.WriteAllText(Path.Combine(Folder, "standings.json"), JsonSerializer.Serialize(standings, Readable));
    }

    private static T Read<T>(string file) =>
        JsonSerializer.Deserialize<T>(File.ReadAllText(Path.Combine(Folder, file)), Readable)!;

    private static OpenedRally? Open(string file)
    {
        var opened = OpenedRally.Open(
            DocumentReader.Rally(File.ReadAllText(Path.Combine(Folder, file))).OrThrow().Value
        );
        return opened.IsOk ? opened.Value : null;
    }

    /// <summary>A line for each team, and one for each award.</summary>
    private static string[] Score(string file, int round)
    {
        if (Open(file) is not { } opened)
            return ["cannot be opened"];
        var standings = Scorer.Score(opened, round);
        return
        [
            .. standings.Rows.Select(r =>
                $"{r.Name}: "
                + (
                    r.PlaceText.Length > 0
                        ? r.PlaceText
                        : Json.Options.PropertyNamingPolicy!.ConvertName(r.Status.ToString())
                )
                + $", {r.TotalText} ("
                + string.Join(" + ", r.Parts.Select(p => $"{p.Name} {p.ValueText} → {p.PointsText}"))
                + $"){(r.Reason.Length > 0 ? $" {r.Reason}" : "")}"
            ),
            .. standings.Awards.Select(a => a.Says),
        ];
    }

    private sealed record Change(string[] Had, string[] Gets, string Why);
}
