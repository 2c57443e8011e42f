using PluckyRally.Core.Documents;

namespace PluckyRally.Core.Tests.Formats;

/// <summary>
/// Rallies whose standings were worked out by hand. They are files, so they outlive every name and type of the program;
/// how each number comes about stands in the text beside it.
/// </summary>
public sealed class WorkedTests
{
    private static readonly string Folder = Path.Combine(ProjectFolder.Root, "tests", "formats", "worked");

    public static TheoryData<string> Files =>
        [.. Directory.GetFiles(Folder, "*.rally.json").Select(f => Path.GetFileName(f)!).Order(StringComparer.Ordinal)];

    [Theory]
    [MemberData(nameof(Files))]
    public void Standings_are_those_that_were_worked_out_by_hand(string file)
    {
        var rally = OpenedRally
            .Open(DocumentReader.Rally(File.ReadAllText(Path.Combine(Folder, file))).OrThrow().Value)
            .OrThrow();
        var worked = File.ReadLines(Path.Combine(Folder, file.Replace(".rally.json", ".txt", StringComparison.Ordinal)))
            .Where(line => line.Length > 0 && line[0] != '#')
            .Select(line => line.Split(" | "))
            .GroupBy(line => int.Parse(line[0]));
        foreach (var round in worked)
            rally
                .Result(round.Key)
                .Standings.Rows.Select(r => $"{r.Name} {r.PlaceText} {r.TotalText}")
                .ShouldBe(round.Select(line => string.Join(' ', line.Skip(1))), $"round {round.Key}");
    }
}
