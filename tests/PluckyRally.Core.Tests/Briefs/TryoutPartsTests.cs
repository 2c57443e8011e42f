using System.Globalization;
using PluckyRally.Core.Curves;
using PluckyRally.Core.Documents;

namespace PluckyRally.Core.Tests.Briefs;

/// <summary>Each kind of part can be tried with pretend results, and scores them as its own rule has it.</summary>
public sealed class TryoutPartsTests
{
    /// <summary>
    /// A part as its file has it, the handles of its pretend teams, where they are put, and what it then gives.
    /// </summary>
    public static TheoryData<string, string, string, decimal> Parts() =>
        new()
        {
            {
                """
                    { "kind": "tasks", "items": [{ "id": "a", "name": "A", "points": 4, "steps": 2 }, { "id": "b",
                    "name": "B", "points": 6 }], "allDoneBonus": 3 }
                    """,
                "p.done",
                "3",
                13
            },
            {
                """
                    { "kind": "tasks", "items": [{ "id": "a", "name": "A", "points": 4 }],
                    "timePoints": { "from": 600, "seconds": 60, "points": 1 } }
                    """,
                "p.done p.time",
                "1 480",
                6
            },
            {
                """
                    { "kind": "relay", "legs": ["out", "back"], "faults": [{ "id": "spill", "name": "spilled",
                    "seconds": 5 }], "step": 0.1, "curve": { "kind": "rate", "perUnit": -1, "start": 100 } }
                    """,
                "p.time p.fault.spill",
                "40 2",
                50
            },
            {
                """
                    { "kind": "bins", "names": ["x", "y"], "items": [{ "id": "a", "name": "A", "bin": "x" },
                    { "id": "b", "name": "B", "bin": "y" }, { "id": "c", "name": "C", "bin": "x" }], "right": 2,
                    "wrong": -1 }
                    """,
                "p.right",
                "2",
                3
            },
            {
                """
                    { "kind": "ordering", "items": [{ "id": "a", "name": "A", "key": 1 }, { "id": "b", "name": "B",
                    "key": 2 }, { "id": "c", "name": "C", "key": 3 }], "perPlace": 5 }
                    """,
                "p.right",
                "3",
                15
            },
            {
                """
                    { "kind": "pieces", "first": { "name": "size", "values": [{ "name": "small", "points": 1 },
                    { "name": "large", "points": 4 }] }, "each": "first" }
                    """,
                "p.small p.large",
                "3 2",
                11
            },
            {
                """
                    { "kind": "rubric", "criteria": [{ "id": "c", "name": "Care", "levels": [{ "name": "none",
                    "points": 0 }, { "name": "some", "points": 2 }, { "name": "much", "points": 5 }] }] }
                    """,
                "p.c",
                "2",
                5
            },
            {
                """
                    { "kind": "budget", "prices": [{ "id": "cane", "name": "Cane", "each": 3 }], "funds": 20,
                    "money": "shells", "curve": { "kind": "rate", "perUnit": 2 } }
                    """,
                "p.cane",
                "4",
                16
            },
            {
                """
                    { "kind": "tally", "counters": [{ "id": "help", "name": "Helped", "points": 1 },
                    { "id": "touch", "name": "Touched", "points": 2, "hurts": true }] }
                    """,
                "p.help p.touch",
                "5 1",
                3
            },
        };

    [Theory]
    [MemberData(nameof(Parts))]
    public void Its_handles_move_its_points(string part, string handles, string values, decimal points)
    {
        var at = handles
            .Split(' ')
            .Zip(values.Split(' '))
            .ToDictionary(v => v.First, v => decimal.Parse(v.Second, CultureInfo.InvariantCulture));
        var tried = Tryout.Run(Ready(part), [new PretendTeam { Name = "A", Values = at }]).OrThrow();
        tried.Handles.Select(h => h.Id).ShouldBe(handles.Split(' '));
        tried.Standings.Rows.ShouldHaveSingleItem().Total.ShouldBe(points);
    }

    [Theory]
    [MemberData(nameof(Parts))]
    public void Teams_at_both_ends_of_every_handle_can_be_scored(
        string part,
        string handles,
        string values,
        decimal points
    )
    {
        var ready = Ready(part);
        var ends = Tryout.Run(ready, [new PretendTeam { Name = "A" }]).OrThrow().Handles;
        PretendTeam Team(string name, Func<TryHandle, decimal> at) =>
            new() { Name = name, Values = ends.ToDictionary(h => h.Id, at) };
        var rows = Tryout.Run(ready, [Team("Low", h => h.Low), Team("High", h => h.High)]).OrThrow().Standings.Rows;
        rows.ShouldAllBe(r => r.Total != null, $"{handles} at both ends of {values}, {points}");
    }

    [Theory]
    [InlineData(0, 0, 20, 40)]
    [InlineData(20, 20, 20, 40)]
    public void A_mark_is_a_corner_of_its_curve(decimal typed, decimal points, decimal at, decimal high)
    {
        var brief = Sample.Brief(
            [Sample.Height() with { Expected = new(0, high) }],
            [Sample.Part("height", new Curve.Target(at, 20, 1))]
        );
        var line = Tryout
            .Run(
                Sample.Ready(brief),
                [
                    new PretendTeam
                    {
                        Name = "A",
                        Values = new Dictionary<string, decimal> { ["height"] = typed },
                    },
                ]
            )
            .OrThrow()
            .Curves.ShouldHaveSingleItem();
        line.Line.ShouldContain(new CurvePoint(at, 20));
        line.Line[0].ShouldBe(new(0, 0));
        line.Marks.ShouldHaveSingleItem().Y.ShouldBe(points);
    }

    private static CompiledEdition Ready(string part) =>
        Sample.Ready(
            DocumentReader
                .Brief(
                    $$"""
                    { "format": "plucky-rally/brief", "version": 1, "title": "T",
                    "method": { "parts": [{ "id": "p", "name": "P", {{part[1..]}}] } }
                    """
                )
                .OrThrow()
                .Value
        );
}
