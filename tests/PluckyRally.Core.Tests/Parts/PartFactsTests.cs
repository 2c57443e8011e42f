using PluckyRally.Core.Checks;
using PluckyRally.Core.Curves;
using PluckyRally.Core.Files;

namespace PluckyRally.Core.Tests.Parts;

/// <summary>What is known of a part beside its value and its points, each by the name that figures use.</summary>
public sealed class PartFactsTests
{
    private static readonly Part.Relay Run = new()
    {
        Id = "run",
        Name = "Run",
        Legs = ["Out", "Back"],
        Faults = [Sample.Fault("drop", "Drop", seconds: 5), Sample.Fault("line", "Line", seconds: 2)],
        PointsPerItem = 1,
        Curve = new Curve.Between(60, 20, 40),
    };
    private static readonly Part.Tasks Jobs = new()
    {
        Id = "jobs",
        Name = "Jobs",
        Items = [Sample.Task("flag", "Flag", points: 3), Sample.Task("rope", "Rope", points: 4, steps: 2)],
    };
    private static readonly Part.Bins Sort = new()
    {
        Id = "sort",
        Name = "Sort",
        Names = ["dry", "wet"],
        Items = [.. new[] { "a", "b", "c", "d" }.Select(i => Sample.BinItem(i, i, bin: "dry"))],
    };
    private static readonly Part.Ordering Row = new()
    {
        Id = "row",
        Name = "Row",
        PerPair = 1,
        Items = [.. Enumerable.Range(1, 5).Select(i => Sample.OrderItem($"p{i}", $"Pebble {i}", key: i))],
    };
    private static readonly Part.Pieces Tiles = new()
    {
        Id = "tiles",
        Name = "Tiles",
        First = new() { Name = "size", Values = [new("small", 1), new("very large", 3)] },
        Second = new() { Name = "colour", Values = [new("blue")] },
    };
    private static readonly Part.Rubric Judged = new()
    {
        Id = "judged",
        Name = "Judged",
        Criteria =
        [
            new()
            {
                Id = "idea",
                Name = "Idea",
                Levels = [new("weak", 0), new("strong", 4)],
            },
        ],
    };
    private static readonly Part.Budget Shop = new()
    {
        Id = "shop",
        Name = "Shop",
        Funds = 10,
        Prices = [Sample.Price("card", each: 6, name: "card")],
        Curve = new Curve.Raw(),
    };
    private static readonly Part.Tally Hits = new()
    {
        Id = "hits",
        Name = "Hits",
        Counters = [new() { Id = "ring", Name = "Ring" }],
    };

    [Theory]
    [InlineData("run.time", "31.5")]
    [InlineData("run.faults", "3")]
    [InlineData("run.faults.drop", "2")]
    [InlineData("run.faults.line", "1")]
    [InlineData("run.faultSeconds", "12.000")]
    [InlineData("run.legs + run.items", "6.0")]
    [InlineData("jobs.done", "1")]
    [InlineData("jobs.steps.rope", "1")]
    [InlineData("jobs.steps.flag", "1")]
    [InlineData("sort.right", "1")]
    [InlineData("sort.wrong", "1")]
    [InlineData("sort.left", "2")]
    [InlineData("row.pairs", "2")]
    [InlineData("row.inPlace", "1")]
    [InlineData("row.missing", "2")]
    [InlineData("row.tau", "0.333")]
    [InlineData("tiles.count", "4")]
    [InlineData("tiles.first.small.count", "3")]
    [InlineData("tiles.first.very_large.points", "3.000")]
    [InlineData("tiles.first.small.share", "75.0")]
    [InlineData("tiles.second.blue.count", "4")]
    [InlineData("judged.criteria.idea", "4.000")]
    [InlineData("shop.spent", "12.00")]
    [InlineData("shop.left", "−2.00")]
    [InlineData("shop.over", "2.00")]
    [InlineData("hits.counters.ring", "5")]
    public void Each_can_be_named(string figure, string shown)
    {
        var rally = Played(figure);
        rally.Standings.Awards[0].Says.ShouldBe($"Most: A with {shown}.");
    }

    [Fact]
    public void Every_part_gives_as_many_as_it_names()
    {
        var rally = Played("team.total");
        foreach (var (plan, at) in rally.Compiled.Parts.Select((p, i) => (p, i)))
            rally.Result.Assessment.Values[at].Facts.Count.ShouldBe(plan.Part.Facts.Count, plan.Part.Name);
    }

    /// <summary>
    /// A place that was left empty stays empty: what stands behind it keeps its place; pairs look at what was placed.
    /// </summary>
    [Fact]
    public void A_gap_in_an_order_keeps_the_others_in_their_places_and_what_is_missing_is_named()
    {
        var rally = new OnePart(Row with { PerPair = 0, PerPlace = 1 });
        rally.Add(
            new Entry.OrderGiven
            {
                Id = rally.Id(),
                Team = new("A"),
                Part = "row",
                Sequence = ["p1", "", "p3"],
            }
        );
        rally.Points().ShouldBe(2);
        rally.Row().Why.ShouldContain(s => s.Sentence == "Missing: Pebble 2, Pebble 4, Pebble 5.");
        rally
            .Refused(
                new Entry.OrderGiven
                {
                    Id = rally.Id(),
                    Team = new("A"),
                    Part = "row",
                    Sequence = ["p1", "", "", "", "", "p2"],
                }
            )
            .ShouldBe(["/sequence"]);
    }

    [Fact]
    public void Agreement_alone_as_a_tie_break_gets_a_snag_that_puts_fewer_missing_first()
    {
        var brief = new Brief
        {
            Title = "Row",
            Method = new() { Parts = [Row], TieBreaks = [Sample.TieBreak("better order", "row.tau", Better.More)] },
        };
        var fix = Snags.Of(brief).Single(s => s.Id == "missing").Fix!;
        var corrected = Changes
            .Apply(System.Text.Json.Nodes.JsonNode.Parse(Json.Write(brief))!, fix.Changes)
            .OrThrow()
            .Value;
        corrected.Method.TieBreaks.Select(t => t.Value).ShouldBe(["row.missing", "row.tau"]);
        Snags.Of(corrected).ShouldNotContain(s => s.Id == "missing");
    }

    [Theory]
    [InlineData(null, 25)]
    [InlineData(4, 33)]
    public void Against_the_clock_things_left_out_cost_seconds_of_their_own(int? seconds, decimal net)
    {
        var timed = Sort with { SecondsPerWrong = 5, SecondsPerLeft = seconds, Curve = new Curve.Between(60, 20, 40) };
        var rally = new OnePart(timed);
        rally.Add(
            new Entry.ItemsSorted
            {
                Id = rally.Id(),
                Team = new("A"),
                Part = "sort",
                Placed = new Dictionary<string, string> { ["a"] = "dry", ["b"] = "wet" },
                Time = new() { Measure = "sort", Typed = "20" },
            }
        );
        rally.Row().Parts[0].Value.ShouldBe(net);
        Snags.Of(rally.Compiled.Brief).Count(s => s.Id == "leftOut").ShouldBe(seconds is null ? 1 : 0);
    }

    /// <summary>Who stopped brought things over anyway; the reasons promise what is given.</summary>
    [Fact]
    public void A_team_that_stopped_has_the_points_for_what_it_brought_over()
    {
        var rally = new OnePart(Run);
        rally.Add(
            new Entry.ItemsCarried
            {
                Id = rally.Id(),
                Team = new("A"),
                Part = "run",
                Count = 3,
            }
        );
        rally.Add(
            new Entry.RelayStopped
            {
                Id = rally.Id(),
                Team = new("A"),
                Part = "run",
            }
        );
        rally.Points().ShouldBe(3);
        rally.Row().Why.ShouldContain(s => s.Sentence == "3 points for items brought over.");
    }

    [Fact]
    public void A_deduction_can_grow_with_what_is_overspent()
    {
        var rule = new Rule
        {
            Id = "thrifty",
            Sort = RuleSort.Constraint,
            Text = "Spend no more than you have",
            Check = new RuleCheck.Spending("shop"),
            When = CheckTime.AfterTest,
            IfMissed = new Consequence.Deduct(3, DeductPer.Unit),
        };
        var rally = new OnePart(
            new Brief
            {
                Title = "Shop",
                Rules = [rule],
                Method = new() { Parts = [Shop] },
            }
        );
        rally.Add(
            new Entry.Purchased
            {
                Id = rally.Id(),
                Team = new("A"),
                Part = "shop",
                Item = "card",
                Count = 2,
            }
        );
        rally.Row().Total.ShouldBe(-8);
        rally
            .Row()
            .Why.ShouldContain(s =>
                s.Sentence == "“Spend no more than you have”: missed by 2 (3 points for every 1). 6 points off."
            );
    }

    private static OnePart Played(string award)
    {
        var rally = new OnePart(
            new Brief
            {
                Title = "All",
                Method = new()
                {
                    Parts = [Run, Jobs, Sort, Row, Tiles, Judged, Shop, Hits],
                    Awards = [Sample.Award("most", "Most", award)],
                },
            }
        );
        foreach (
            var entry in new Entry[]
            {
                new Entry.LegTimed
                {
                    Id = rally.Id(),
                    Team = new("A"),
                    Part = "run",
                    Leg = 1,
                    Time = new() { Measure = "run", Typed = "15" },
                },
                new Entry.LegTimed
                {
                    Id = rally.Id(),
                    Team = new("A"),
                    Part = "run",
                    Leg = 2,
                    Time = new() { Measure = "run", Typed = "16.5" },
                },
                new Entry.RelayFaulted
                {
                    Id = rally.Id(),
                    Team = new("A"),
                    Part = "run",
                    Fault = "drop",
                    Count = 2,
                },
                new Entry.RelayFaulted
                {
                    Id = rally.Id(),
                    Team = new("A"),
                    Part = "run",
                    Fault = "line",
                },
                new Entry.ItemsCarried
                {
                    Id = rally.Id(),
                    Team = new("A"),
                    Part = "run",
                    Count = 4,
                },
                new Entry.TaskTicked
                {
                    Id = rally.Id(),
                    Team = new("A"),
                    Part = "jobs",
                    Task = "flag",
                },
                new Entry.TaskTicked
                {
                    Id = rally.Id(),
                    Team = new("A"),
                    Part = "jobs",
                    Task = "rope",
                    Steps = 1,
                },
                new Entry.ItemsSorted
                {
                    Id = rally.Id(),
                    Team = new("A"),
                    Part = "sort",
                    Placed = new Dictionary<string, string> { ["a"] = "dry", ["b"] = "wet" },
                },
                new Entry.OrderGiven
                {
                    Id = rally.Id(),
                    Team = new("A"),
                    Part = "row",
                    Sequence = ["p1", "", "p4", "", "p3"],
                },
                new Entry.PiecesCounted
                {
                    Id = rally.Id(),
                    Team = new("A"),
                    Part = "tiles",
                    Pieces =
                    [
                        new()
                        {
                            First = "small",
                            Second = "blue",
                            Count = 3,
                        },
                        new() { First = "very large", Second = "blue" },
                    ],
                },
                new Entry.LevelGiven
                {
                    Id = rally.Id(),
                    Team = new("A"),
                    Part = "judged",
                    Criterion = "idea",
                    Level = 1,
                },
                new Entry.Purchased
                {
                    Id = rally.Id(),
                    Team = new("A"),
                    Part = "shop",
                    Item = "card",
                    Count = 2,
                },
                new Entry.Tallied
                {
                    Id = rally.Id(),
                    Team = new("A"),
                    Part = "hits",
                    Counter = "ring",
                    Count = 5,
                },
            }
        )
            rally.Add(entry);
        return rally;
    }
}
