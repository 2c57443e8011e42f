using System.Text.Json;
using System.Text.Json.Nodes;
using System.Text.RegularExpressions;
using PluckyRally.Core.Documents;
using PluckyRally.Core.Files;
using PluckyRally.Core.Problems;

namespace PluckyRally.Core.Tests.Files;

/// <summary>
/// Whatever is wrong with a brief is said at a place that the brief has, so that a screen can go there.
/// </summary>
public sealed class ProblemPlacesTests
{
    private static readonly string[] Bad =
    [
        "\"\"",
        "\"nowhere\"",
        "\"a + \"",
        "-1",
        "0",
        "1.5",
        "999999999",
        "[]",
        "{}",
        "true",
        "null",
    ];

    public static TheoryData<string> Briefs =>
        new(
            Directory
                .GetFiles(Path.Combine(ProjectFolder.Root, "demo"), "*.brief.json")
                .Select(f => Path.GetFileName(f)!)
                .Order(StringComparer.Ordinal)
        );

    [Theory]
    [MemberData(nameof(Briefs))]
    public void A_problem_of_any_field_names_a_place_of_the_document(string file)
    {
        var text = File.ReadAllText(Path.Combine(ProjectFolder.Root, "demo", file));
        var places = Leaves(JsonNode.Parse(text)!).Select(l => l.GetPath()).ToList();
        var lost = new SortedSet<string>(StringComparer.Ordinal);
        foreach (var (at, bad) in OfEachList(places))
        {
            var root = JsonNode.Parse(text)!;
            Leaves(root).ElementAt(at).ReplaceWith(JsonNode.Parse(bad));
            foreach (var (document, problem) in Problems(root))
                if (!KnownPaths.Has(document, typeof(Brief), problem.At))
                    lost.Add($"{places[at]} = {bad}: {problem.At} ({problem.What})");
        }

        string.Join("\n", lost).ShouldBeEmpty();
    }

    /// <summary>
    /// Every field, and of a list the same field of the first, the second and the last of its things: those between are
    /// read by the same code. What stands there instead goes in turn.
    /// </summary>
    private static IEnumerable<(int At, string Bad)> OfEachList(List<string> places) =>
        places
            .Select((place, at) => (At: at, Field: AnyIndex.Replace(place, "[]")))
            .GroupBy(p => p.Field)
            .SelectMany(same => same.Take(2).Concat(same.TakeLast(1)).Distinct())
            .Select((p, turn) => (p.At, Bad[turn % Bad.Length]));

    private static readonly Regex AnyIndex = new(@"\[\d+\]");

    /// <summary>
    /// What reading, making ready and looking for snags finds, each with the document that it speaks of.
    /// </summary>
    private static IEnumerable<(JsonNode Document, Problem Problem)> Problems(JsonNode root)
    {
        var read = DocumentReader.Brief(root.ToJsonString());
        var problems = read.Problems.Where(p => p.Severity == Severity.Error).Select(p => (root, p));
        if (!read.IsOk)
            return problems;
        var brief = read.Value.Value;
        var whole = JsonSerializer.SerializeToNode(brief, Json.Options)!;
        var found = CompiledEdition.For(new() { Brief = brief }).Problems;
        var tiers = brief.Tiers.SelectMany(t =>
            Editions.Resolve(brief, t.Id) is { IsOk: true } edition
                ? CompiledEdition.For(edition.Value).Problems.Select(p => Editions.InTier(t, p))
                : Editions.Resolve(brief, t.Id).Problems
        );
        return problems
            .Concat(found.Concat(tiers).Select(p => (whole, p)))
            .Concat(Snags.Of(brief).Where(s => s.Tier.Length == 0).Select(s => (whole, new Problem(s.At, s.What, ""))));
    }

    private static IEnumerable<JsonNode> Leaves(JsonNode? node) =>
        node switch
        {
            JsonObject o => o.SelectMany(p => Leaves(p.Value)),
            JsonArray a => a.SelectMany(Leaves),
            null => [],
            _ => [node],
        };
}
