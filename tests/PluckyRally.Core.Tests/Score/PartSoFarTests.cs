using System.Text.Json;
using PluckyRally.Core.Checks;
using PluckyRally.Core.Files;
using PluckyRally.Core.Ids;

namespace PluckyRally.Core.Tests.Score;

/// <summary>What a judge goes on from: the last word of every thing that was asked.</summary>
public sealed class PartSoFarTests
{
    private const string Tasks = """
        { "kind": "tasks", "id": "p", "name": "Tasks", "items": [{ "id": "row", "name": "Row", "points": 4,
        "steps": 2 }, { "id": "land", "name": "Land", "points": 6 }], "timePoints": { "from": 600,
        "seconds": 60, "points": 1 } }
        """;
    private const string Relay = """
        { "kind": "relay", "id": "p", "name": "Relay", "legs": ["out", "back"], "faults": [{ "id": "spill",
        "name": "spill", "seconds": 5 }], "step": 0.1, "pointsPerItem": 1, "curve": { "kind": "rate",
        "perUnit": -1, "start": 100 } }
        """;
    private const string Bins = """
        { "kind": "bins", "id": "p", "name": "Bins", "names": ["x", "y"], "items": [{ "id": "a", "name": "A",
        "bin": "x" }, { "id": "b", "name": "B", "bin": "y" }], "right": 2, "wrong": -1 }
        """;
    private const string Ordering = """
        { "kind": "ordering", "id": "p", "name": "Order", "items": [{ "id": "a", "name": "A", "key": 1 },
        { "id": "b", "name": "B", "key": 2 }], "perPair": 3 }
        """;
    private const string Pieces = """
        { "kind": "pieces", "id": "p", "name": "Pieces", "first": { "name": "size",
        "values": [{ "name": "small", "points": 2 }] }, "each": "first" }
        """;
    private const string Rubric = """
        { "kind": "rubric", "id": "p", "name": "Care", "criteria": [{ "id": "c", "name": "Care",
        "levels": [{ "name": "none", "points": 0 }, { "name": "much", "points": 5 }] }] }
        """;
    private const string Peers = """
        { "kind": "rubric", "id": "p", "name": "Care", "voice": "peers", "criteria": [{ "id": "c",
        "name": "Care", "levels": [{ "name": "none", "points": 0 }, { "name": "much", "points": 5 }] }] }
        """;
    private const string Budget = """
        { "kind": "budget", "id": "p", "name": "Budget", "prices": [{ "id": "cane", "name": "Cane",
        "each": 3 }], "funds": 20, "money": "shells", "curve": { "kind": "rate", "perUnit": 1 } }
        """;
    private const string Tally = """
        { "kind": "tally", "id": "p", "name": "Tally", "counters": [{ "id": "help", "name": "Helped",
        "points": 2 }] }
        """;

    /// <summary>
    /// A part, what happens to it as entries of the open format, what is then asked and answered, and its points.
    /// </summary>
    public static TheoryData<string, string[], string, string> Stories() =>
        new()
        {
            { Tasks, [], "", "" },
            {
                Tasks,
                [
                    """{ "kind": "taskTicked", "part": "p", "task": "row", "steps": 2 }""",
                    """{ "kind": "taskTicked", "part": "p", "task": "row", "steps": 1 }""",
                    """{ "kind": "taskTicked", "part": "p", "task": "land" }""",
                ],
                "land=1 row=1",
                ""
            },
            {
                Tasks,
                [
                    """{ "kind": "taskTicked", "part": "p", "task": "land" }""",
                    """{ "kind": "tasksTimed", "part": "p", "time": { "measure": "p", "typed": "8:30" } }""",
                ],
                "land=1 time=8:30.0",
                "7 points"
            },
            {
                Relay,
                ["""{ "kind": "legTimed", "part": "p", "leg": 1, "time": { "measure": "p", "typed": "20,5" } }"""],
                "1=20.5 s",
                ""
            },
            {
                Relay,
                [
                    """{ "kind": "legTimed", "part": "p", "leg": 1, "time": { "measure": "p", "typed": "20" } }""",
                    """{ "kind": "legTimed", "part": "p", "leg": 2, "time": { "measure": "p", "typed": "30" } }""",
                    """{ "kind": "legTimed", "part": "p", "leg": 1, "time": { "measure": "p", "typed": "22" } }""",
                    """{ "kind": "relayFaulted", "part": "p", "fault": "spill" }""",
                    """{ "kind": "relayFaulted", "part": "p", "fault": "spill", "count": 2 }""",
                    """{ "kind": "itemsCarried", "part": "p", "count": 3 }""",
                    """{ "kind": "itemsCarried", "part": "p", "count": 4 }""",
                ],
                "1=22.0 s 2=30.0 s fault.spill=3 items=4",
                "37 points"
            },
            {
                Bins,
                [
                    """{ "kind": "itemsSorted", "part": "p", "placed": { "a": "x", "b": "x" } }""",
                    """{ "kind": "itemsSorted", "part": "p", "placed": { "a": "x" } }""",
                ],
                "a=x",
                "2 points"
            },
            {
                Rubric,
                [
                    """{ "kind": "levelGiven", "part": "p", "criterion": "c", "level": 0 }""",
                    """{ "kind": "levelGiven", "part": "p", "criterion": "c", "level": 1 }""",
                ],
                "by:|c=1",
                "5 points"
            },
            {
                Peers,
                ["""{ "kind": "levelGiven", "part": "p", "criterion": "c", "level": 1, "from": "bold" }"""],
                "bold|c=1",
                "5 points"
            },
            {
                Budget,
                [
                    """{ "kind": "purchased", "part": "p", "item": "cane", "count": 3 }""",
                    """{ "kind": "returned", "part": "p", "item": "cane" }""",
                ],
                "cane=2",
                "14 points"
            },
            {
                Tally,
                [
                    """{ "kind": "tallied", "part": "p", "counter": "help" }""",
                    """{ "kind": "tallied", "part": "p", "counter": "help", "count": 4 }""",
                ],
                "help=5",
                "10 points"
            },
        };

    [Theory]
    [MemberData(nameof(Stories))]
    public void The_last_word_stands(string part, string[] entries, string answers, string points)
    {
        var soFar = Play(part, entries).Parts.ShouldHaveSingleItem();
        string.Join(' ', soFar.Answers.OrderBy(a => a.Key, StringComparer.Ordinal).Select(a => $"{a.Key}={a.Value}"))
            .ShouldBe(answers);
        soFar.Points.ShouldBe(points);
        soFar.Id.ShouldBe("p");
        if (points.Length > 0)
            soFar.Working.ShouldNotBeEmpty();
    }

    [Fact]
    public void An_order_and_pieces_are_there_as_they_were_given()
    {
        Play(
            Ordering,
            [
                """{ "kind": "orderGiven", "part": "p", "sequence": ["b", "a"] }""",
                """{ "kind": "orderGiven", "part": "p", "sequence": ["a", "b"] }""",
            ]
        )
            .Parts[0]
            .ShouldSatisfyAllConditions(p => p.Sequence.ShouldBe(["a", "b"]), p => p.Points.ShouldBe("3 points"));
        Play(Pieces, ["""{ "kind": "piecesCounted", "part": "p", "pieces": [{ "first": "small", "count": 4 }] }"""])
            .Parts[0]
            .ShouldSatisfyAllConditions(
                p => p.Pieces.ShouldHaveSingleItem().Count.ShouldBe(4),
                p => p.Points.ShouldBe("8 points")
            );
        Play(Ordering, [])
            .Parts[0]
            .ShouldSatisfyAllConditions(p => p.Sequence.ShouldBeEmpty(), p => p.Working.ShouldBeEmpty());
    }

    [Theory]
    [InlineData("first", null, false)]
    [InlineData("first + length", null, true)]
    [InlineData("first * width", null, true)]
    [InlineData(
        "first",
        """{ "kind": "ladder", "part": "p", "label": "first", "dimension": "length", "times": 1 }""",
        true
    )]
    [InlineData("first", """{ "kind": "ratio", "part": "p", "decimals": 2, "atLeast": 1, "atMost": 2 }""", true)]
    [InlineData(
        "first",
        """{ "kind": "share", "part": "p", "label": "first", "group": "small", "percent": 50, "tolerance": 5 }""",
        false
    )]
    public void Pieces_are_measured_where_points_or_a_rule_look_at_their_size(string each, string? check, bool measured)
    {
        var part = JsonSerializer.Deserialize<Part>(
            Pieces.Replace("\"each\": \"first\"", $"\"each\": \"{each}\"", StringComparison.Ordinal),
            Json.Options
        )!;
        Rule[] rules = check is null
            ? []
            :
            [
                new Rule
                {
                    Id = "r",
                    Sort = RuleSort.Constraint,
                    Text = "R",
                    Check = JsonSerializer.Deserialize<RuleCheck>(check, Json.Options)!,
                    IfMissed = new Consequence.NoteOnly(),
                    When = CheckTime.AfterTest,
                },
            ];
        Sheet(new Happening(Sample.Brief([], [part], rules: rules), "Able")).Parts[0].Measured.ShouldBe(measured);
    }

    [Fact]
    public void What_is_struck_out_was_never_said()
    {
        var rally = Happen(Tally);
        rally.Keep(Entry("""{ "kind": "tallied", "part": "p", "counter": "help" }""", rally.NextId()));
        var second = rally.Keep(
            Entry("""{ "kind": "tallied", "part": "p", "counter": "help", "count": 4 }""", rally.NextId())
        );
        rally.Strike(second);
        Sheet(rally).Parts[0].Answers["help"].ShouldBe("1");
    }

    [Fact]
    public void Another_teams_answers_and_another_rounds_are_not_mixed_in()
    {
        var rally = Happen(Tally);
        rally.Keep(
            Entry("""{ "kind": "tallied", "part": "p", "counter": "help", "count": 7 }""", rally.NextId()) with
            {
                Team = new("bold"),
            }
        );
        rally.Keep(
            Entry("""{ "kind": "tallied", "part": "p", "counter": "help", "count": 9 }""", rally.NextId()) with
            {
                Round = 2,
            }
        );
        Sheet(rally).Parts[0].Answers.ShouldBeEmpty();
    }

    [Fact]
    public void Measured_parts_are_tried_and_not_listed_here()
    {
        var rally = new Happening(Sample.Simple(), "Able");
        Sheet(rally).Parts.ShouldBeEmpty();
    }

    private static TeamSheet Play(string part, string[] entries)
    {
        var rally = Happen(part);
        foreach (var entry in entries)
            rally.Keep(Entry(entry, rally.NextId()));
        return Sheet(rally);
    }

    private static Happening Happen(string part) =>
        new(Sample.Brief([], [JsonSerializer.Deserialize<Part>(part, Json.Options)!]), "Able", "Bold");

    private static TeamSheet Sheet(Happening rally) =>
        TeamSheet.For(OpenedRally.Open(rally.Rally).OrThrow(), new("able"), 1)!;

    private static Entry Entry(string json, EntryId id) =>
        JsonSerializer.Deserialize<Entry>(
            $$"""
            { "kind": {{json.Split("\"kind\":")[1].Split(',')[0]}}, "id": "{{id}}", "team": "able",
            {{json[(json.IndexOf(',', StringComparison.Ordinal) + 1)..]}}
            """,
            Json.Options
        )!;
}
