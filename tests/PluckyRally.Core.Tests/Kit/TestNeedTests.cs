using PluckyRally.Core.Kit;
using PluckyRally.Core.Time;

namespace PluckyRally.Core.Tests.Kit;

/// <summary>What the test takes at all its tables together, against what is planned and what there is.</summary>
public sealed class TestNeedTests
{
    /// <summary>Two bridges that each hold up to 550 g in pennies of 2.5 g take 440 of them; there are 250.</summary>
    [Fact]
    public void Two_places_take_twice_as_many_as_one()
    {
        var need = TestNeed.Of(Bridge(places: 2), [new("pennies", "", 250)]).ShouldHaveSingleItem();
        (need.OneTest, need.AtOnce, need.Planned, need.InCupboard).ShouldBe((220, 440, 250, 250));
        need.Says.ShouldBe("Enough for one test at a time. Get 190 more, or test one team at a time.");
        var snag = Snags.Of(Bridge(places: 2)).Single(s => s.Id == "testTakes");
        snag.What.ShouldBe("2 tests at once take up to 440 pennies, and the brief has 250 pennies.");
        snag.At.ShouldBe("/materials/pennies/amount");
    }

    [Theory]
    [InlineData(1, 250, "Enough.")]
    [InlineData(1, 219, "Not enough for one test. Get 1 more.")]
    [InlineData(1, 400, "Enough.")]
    [InlineData(3, 440, "Enough for one test at a time. Get 410 more, or test one team at a time.")]
    public void It_says_for_how_many_there_is_enough(int places, int stock, string says) =>
        TestNeed.Of(Bridge(places), [new("pennies", "", stock)]).Single().Says.ShouldBe(says);

    [Fact]
    public void Where_the_brief_has_enough_no_snag_speaks() =>
        Snags.Of(Bridge(places: 1)).ShouldNotContain(s => s.Id == "testTakes");

    [Fact]
    public void Weights_of_several_sorts_make_up_the_load_together()
    {
        var brief = Bridge(places: 1) with { Materials = [Of("pennies", 100), Of("sacks of sand", 2)] };
        var load = brief.Measures[0] with
        {
            Weights = [new() { Name = "penny", Grams = 2.5m }, new() { Name = "sack", Grams = 250 }],
        };
        var need = TestNeed.Of(brief with { Measures = [load] }, [new("sacks of sand", "", 1)]).Single();
        (need.Name, need.Unit, need.OneTest).ShouldBe(("pennies and sacks of sand", "g", 550));
        (need.Planned, need.InCupboard).ShouldBe((750, 250));
        need.Says.ShouldBe("Not enough for one test. Get 300 g more.");
        // A weight that is no material says nothing about what there is.
        TestNeed.Of(brief with { Measures = [load], Materials = [Of("pennies", 100)] }, []).ShouldBeEmpty();
    }

    [Fact]
    public void Counted_things_and_what_each_place_has_are_needed_too()
    {
        var brief = Bridge(places: 2) with
        {
            Measures =
            [
                new()
                {
                    Id = "over",
                    Name = "Brought over",
                    Kind = MeasureKind.Count,
                    Unit = "beads",
                    Expected = new(2, 30),
                },
            ],
            Materials =
            [
                Of("beads", 60) with
                {
                    Category = "thing carried",
                },
                Of("trays of water", 1) with
                {
                    Per = Per.Lane,
                    Category = "rig",
                },
            ],
        };
        TestNeed
            .Of(brief, [new("trays of water", "", 1)])
            .Select(n => (n.Name, n.AtOnce, n.Planned, n.InCupboard))
            .ShouldBe([("beads", 60, 60, 0), ("trays of water", 2, 2, 1)]);
    }

    private static Material Of(string name, decimal amount) =>
        Sample.Material(name.Split(' ')[0], name, amount: amount, category: "weight", per: Per.Class);

    private static Brief Bridge(int places) =>
        new()
        {
            Measures =
            [
                new()
                {
                    Id = "load",
                    Name = "Load",
                    Kind = MeasureKind.Mass,
                    Unit = "g",
                    Weights = [new() { Name = "penny", Grams = 2.5m }],
                    Expected = new(50, 550),
                },
            ],
            Materials = [Of("pennies", 250)],
            Timing = new() { Phases = [Sample.Phase("test", PhaseKind.Test, teamByTeam: true, testBays: places)] },
        };
}
