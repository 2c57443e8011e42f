using PluckyRally.Core.Curves;
using PluckyRally.Core.Parts;
using PluckyRally.Core.Results;

namespace PluckyRally.Core.Tests.Parts;

/// <summary>A brief with a part of each sort: what it says, and what is wrong where nothing is filled in.</summary>
public sealed class EveryPartTests
{
    internal static readonly CompiledEdition Everything = Sample.Ready(
        new Brief
        {
            Title = "Everything",
            Measures = [Sample.Height(), Sample.Count("beads", "beads")],
            Rules = [Sample.Inspection("float", new Consequence.NoteOnly())],
            Method = new Method
            {
                Targets =
                [
                    new()
                    {
                        Id = "own",
                        Name = "Height to beat",
                        Value = "height",
                    },
                ],
                Parts =
                [
                    Sample.Part("height"),
                    new Part.Tasks
                    {
                        Id = "tasks",
                        Name = "Tasks",
                        Items = [Sample.Task("lamp", "Lamp", points: 1, steps: 3)],
                        TimePoints = new TimePoints(60, 5, 1),
                    },
                    new Part.Relay
                    {
                        Id = "relay",
                        Name = "Relay",
                        Legs = ["out"],
                        Faults = [Sample.Fault("drop", "Dropped", seconds: 5)],
                        Curve = new Curve.Between(60, 0, 10),
                    },
                    new Part.Bins
                    {
                        Id = "bins",
                        Name = "Bins",
                        Names = ["a", "b"],
                        Items = [Sample.BinItem("x", "X", bin: "a")],
                    },
                    new Part.Ordering
                    {
                        Id = "order",
                        Name = "Order",
                        PerPair = 1,
                        Items = [Sample.OrderItem("p", "P", key: 1), Sample.OrderItem("q", "Q", key: 2)],
                    },
                    new Part.Pieces
                    {
                        Id = "pieces",
                        Name = "Pieces",
                        Each = "2",
                    },
                    new Part.Rubric
                    {
                        Id = "rubric",
                        Name = "Rubric",
                        Criteria =
                        [
                            new RubricCriterion
                            {
                                Id = "clear",
                                Name = "Clear",
                                Levels = [new("no", 0), new("yes", 2)],
                            },
                        ],
                    },
                    new Part.Budget
                    {
                        Id = "store",
                        Name = "Store",
                        Funds = 9,
                        Prices = [Sample.Price("rod", each: 2, name: "rods")],
                        Curve = new Curve.Rate(1),
                    },
                    new Part.Tally
                    {
                        Id = "walk",
                        Name = "Walk",
                        Counters = [new Counter { Id = "help", Name = "Helped" }],
                    },
                ],
            },
        }
    );

    [Fact]
    public void Every_part_says_what_it_gives_points_for() =>
        MethodWords
            .Say(Everything)
            .Take(9)
            .ShouldBe([
                "part: 1 point for each cm. Your best attempt counts.",
                "Tasks: Lamp (1 point in 3 steps). 1 point extra for every 5 s that you stay under 1:00.",
                "Relay: 1 leg against the clock, from 0 points at 1:00.0 up to 10 points at 0.0 s. Time "
                    + "added: Dropped (5 s each time).",
                "Bins: 1 item into 2 bins: 1 point for each right one, 0 points for each wrong one, 0 "
                    + "points for each one left out.",
                "Order: 2 items in order, 1 point for each pair the right way round.",
                "Pieces: each piece is worth 2 points.",
                "Rubric: Clear (up to 2 points), judged by the teacher.",
                "Store: you have 9, and what is left counts: 1 point each.",
                "Walk: 1 point each time for “Helped”.",
            ]);

    [Fact]
    public void A_part_that_cannot_be_scored_names_every_place()
    {
        var brief = new Brief
        {
            Title = "A brief",
            Method = new Method
            {
                Parts =
                [
                    new Part.Tasks { Id = "tasks", Name = "Tasks" },
                    new Part.Relay
                    {
                        Id = "relay",
                        Name = "Relay",
                        Curve = new Curve.Raw(),
                    },
                    new Part.Bins
                    {
                        Id = "bins",
                        Name = "Bins",
                        Names = ["a", "a"],
                        Items = [Sample.BinItem("x", "X", bin: "c")],
                        SecondsPerWrong = -1,
                    },
                    new Part.Ordering { Id = "order", Name = "Order" },
                    new Part.Pieces
                    {
                        Id = "pieces",
                        Name = "Pieces",
                        Each = "height",
                    },
                    new Part.Rubric { Id = "rubric", Name = "Rubric" },
                    new Part.Budget
                    {
                        Id = "store",
                        Name = "Store",
                        Funds = -1,
                        ReturnPercent = 120,
                        Curve = new Curve.Rate(1),
                    },
                    new Part.Tally { Id = "walk", Name = "Walk" },
                ],
            },
        };
        CompiledEdition
            .For(new Edition { Brief = brief })
            .Problems.Select(p => p.At["/method/parts/".Length..])
            .ShouldBe([
                "tasks/items",
                "relay/legs",
                "relay/curve",
                "bins/names",
                "bins/items/x/bin",
                "bins/secondsPerWrong",
                "bins/curve",
                "order/items",
                "order/perPair",
                "pieces/each",
                "rubric/criteria",
                "store/prices",
                "store/funds",
                "store/returnPercent",
                "walk/counters",
            ]);
    }
}
