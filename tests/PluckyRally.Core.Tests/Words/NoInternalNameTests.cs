using System.Text.Json;
using System.Text.Json.Nodes;
using System.Text.RegularExpressions;
using PluckyRally.Core.Documents;
using PluckyRally.Core.Files;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Results;
using PluckyRally.Core.Tests.Results;

namespace PluckyRally.Core.Tests.Words;

/// <summary>
/// What is called something by the program alone is read by nobody: with every id of a brief made a word that means
/// nothing, no check, no sheet and no slip says one of these words, whatever of the brief is broken.
/// </summary>
public sealed class NoInternalNameTests
{
    /// <summary>What people write and read; everything else may name an id.</summary>
    private static readonly HashSet<string> Texts =
    [
        .. "name text how title goal story question meaning word note unit theme safety scoringWords fixedAt".Split(
            ' '
        ),
        .. "overWhen ifItFalls ifLate kind format pattern season grades category levels rigSteps".Split(' '),
    ];

    public static TheoryData<string> Briefs =>
        [.. PatternInfo.All.Select(p => p.Pattern).Where(p => p != Pattern.Blank).Select(p => $"{p}"), "EveryKind"];

    [Theory]
    [MemberData(nameof(Briefs))]
    public void No_check_and_no_sheet_says_an_id(string name)
    {
        var brief = Renamed(name);
        Said(brief).ShouldBeEmpty();
        Broken(brief).SelectMany(Said).Distinct().ShouldBeEmpty();
    }

    [Fact]
    public void No_slip_says_an_id()
    {
        var (teams, log) = EveryKind.Play(Sample.Ready(EveryKind.Brief()));
        var rally = new Rally
        {
            Name = "A class",
            Edition = new() { Brief = EveryKind.Brief() },
            Teams = teams,
            Entries = log,
        };
        var renamed = DocumentReader.Rally(WithNonsense(JsonNode.Parse(Json.Write(rally))!)).OrThrow().Value;
        var opened = OpenedRally.Open(renamed).OrThrow();
        var slips = TeamDetail
            .Of(opened, 1)
            .SelectMany(t => Words(JsonNode.Parse(Json.Write(t))!))
            .Where(w => w.Contains(' ', StringComparison.Ordinal) && Nonsense.IsMatch(w));
        slips.ShouldBeEmpty();
    }

    /// <summary>
    /// Something was taken out of the brief while a judge was offline: what is refused is said in names.
    /// </summary>
    [Fact]
    public void No_refused_entry_says_an_id()
    {
        var brief = EveryKind.Brief();
        var (teams, log) = EveryKind.Play(Sample.Ready(brief));
        var rally = new Rally
        {
            Name = "A class",
            Edition = new() { Brief = brief },
            Teams = teams,
            Entries = log,
        };
        var renamed = DocumentReader.Rally(WithNonsense(JsonNode.Parse(Json.Write(rally))!)).OrThrow().Value;
        var compiled = CompiledEdition.For(renamed.Edition).OrThrow();
        var said = renamed
            .Entries.SelectMany(Gone)
            .SelectMany(entry => Refused(compiled, renamed.Teams, entry))
            .ToList();
        said.Count.ShouldBeGreaterThan(40);
        said.Where(text => Nonsense.IsMatch(text)).Distinct().ShouldBeEmpty();
    }

    private static IEnumerable<string> Refused(CompiledEdition compiled, IReadOnlyList<Team> teams, Entry entry)
    {
        var found = new ProblemCollector();
        _ = Recorder.Understand(compiled, teams, entry, found);
        return found.Problems.SelectMany(p => new[] { p.What, p.Remedy });
    }

    /// <summary>An entry with each of the names in it that of something that is no longer there.</summary>
    private static IEnumerable<Entry> Gone(Entry entry)
    {
        var text = Json.Write(entry);
        foreach (var name in Nonsense.Matches(text).Select(m => m.Value).Distinct())
            yield return JsonSerializer.Deserialize<Entry>(text.Replace($"\"{name}\"", "\"zq0000x\""), Json.Options)!;
    }

    private static Brief Renamed(string name)
    {
        var brief =
            name == "EveryKind"
                ? EveryKind.Brief()
                : Patterns.Begin(Enum.Parse<Pattern>(name), GradeBand.From3To5, UnitSystem.Customary);
        return DocumentReader.Brief(WithNonsense(JsonNode.Parse(Json.Write(brief))!)).OrThrow().Value;
    }

    private static List<string> Said(Brief brief)
    {
        var said = new List<string>();
        said.AddRange(Snags.Of(brief).SelectMany(s => new[] { s.What, s.Why, s.Fix?.Label ?? "", s.Fix?.But ?? "" }));
        var compiled = CompiledEdition.For(new Edition { Brief = brief with { Tiers = [] } });
        said.AddRange(compiled.Problems.SelectMany(p => new[] { p.What, p.Remedy }));
        said.AddRange(TierTable.Of(brief).Fields.Select(f => f.Name));
        said.AddRange(Resting.Of(brief).SelectMany(r => r.Names));
        said.AddRange(Fact.Of(brief).Select(f => f.Name));
        said.AddRange(
            JsonNode.Parse(Json.Write(StudentSheet.Of(brief))) is { } sheet
                ? Words(sheet).Where(w => w.Contains(' ', StringComparison.Ordinal))
                : []
        );
        if (compiled.IsOk)
            said.AddRange(MethodWords.Say(compiled.Value));
        return [.. said.Where(s => Nonsense.IsMatch(s)).Distinct()];
    }

    /// <summary>The brief with each thing that has an id taken out of it, one at a time.</summary>
    private static IEnumerable<Brief> Broken(Brief brief)
    {
        var text = Json.Write(brief);
        var count = Items(JsonNode.Parse(text)!).Count();
        for (var i = 0; i < count; i++)
        {
            var root = JsonNode.Parse(text)!;
            var item = Items(root).ElementAt(i);
            item.Parent!.AsArray().Remove(item);
            if (DocumentReader.Brief(root.ToJsonString()) is { IsOk: true, Value.Value: var broken })
                yield return broken;
        }
    }

    private static IEnumerable<JsonObject> Items(JsonNode? node) =>
        node switch
        {
            JsonObject item => (
                item.Parent is JsonArray && item.ContainsKey("id") ? [item] : Array.Empty<JsonObject>()
            ).Concat(item.SelectMany(p => Items(p.Value))),
            JsonArray list => list.SelectMany(Items),
            _ => [],
        };

    private static string WithNonsense(JsonNode root)
    {
        var ids = Items(root)
            .Select(i => i["id"]!.GetValue<string>())
            .Distinct()
            .Where(id => !Guid.TryParse(id, out _))
            .Select((id, n) => (id, Nonsense: $"zq{n}x"))
            .ToDictionary(p => p.id, p => p.Nonsense);
        var any = new Regex(
            $@"\b(?:{string.Join('|', ids.Keys.OrderByDescending(k => k.Length).Select(Regex.Escape))})\b"
        );
        Rename(root, "", text => any.Replace(text, m => ids[m.Value]));
        return root.ToJsonString();
    }

    private static void Rename(JsonNode? node, string key, Func<string, string> renamed)
    {
        switch (node)
        {
            case JsonObject item:
                foreach (var (name, value) in item.ToList())
                    Rename(value, name, renamed);
                break;
            case JsonArray list:
                foreach (var value in list.ToList())
                    Rename(value, key, renamed);
                break;
            case JsonValue text when !Texts.Contains(key) && text.TryGetValue<string>(out var was):
                if (renamed(was) is var now && now != was)
                    text.ReplaceWith(now);
                break;
        }
    }

    private static IEnumerable<string> Words(JsonNode? node) =>
        node switch
        {
            JsonObject item => item.SelectMany(p => Words(p.Value)),
            JsonArray list => list.SelectMany(Words),
            JsonValue value when value.TryGetValue<string>(out var text) => [text],
            _ => [],
        };

    private static readonly Regex Nonsense = new(@"(?<![/.])\bzq\d+x\b");
}
