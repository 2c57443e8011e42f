using PluckyRally.Core.Kit;

namespace PluckyRally.Core.Tests.Kit;

public sealed class ShoppingListTests
{
    [Fact]
    public void What_is_used_up_is_added_and_what_comes_back_is_needed_once()
    {
        var lines = ShoppingList.Of(
            [
                Plan(
                    "Monday",
                    7,
                    Sample.Material("a", "Straws", amount: 14, pack: 100, price: 2.5m),
                    Sample.Material("b", "scissors", amount: 1, reusable: true)
                ),
                Plan(
                    "Friday",
                    5,
                    Sample.Material("x", "straws ", amount: 10),
                    Sample.Material("y", "scissors", amount: 2, reusable: true)
                ),
            ],
            [new("straws", "", 30), new("Scissors", "", 4)]
        );
        lines
            .Select(l => (l.Name, l.Needed, l.InCupboard, l.Buying.Short))
            .ShouldBe([("scissors", 10m, 4m, 6m), ("Straws", 148m, 30m, 118m)]);
        lines[1].Buying.ShouldBe(new(118, 2, 82, 5.0m));
        lines[1].For.Select(f => (f.Name, f.Needed, f.Short)).ShouldBe([("Monday", 98m, 68m), ("Friday", 50m, 50m)]);
        ShoppingList.Costs(lines).ShouldBe([new("€", 5.0m)]);
    }

    /// <summary>
    /// By hand: 6 teams of 2 m, and 4 teams of 60 in (152.4 cm each, 609.6 cm), less 5 m that are there: 1,309.6 cm.
    /// </summary>
    [Fact]
    public void Units_meet_and_what_is_short_is_said_by_the_day()
    {
        var line = ShoppingList
            .Of(
                [
                    Plan("Friday", 4, String("in", 60)) with
                    {
                        Date = new(2026, 12, 4),
                    },
                    Plan("Monday", 6, String("m", 2)) with
                    {
                        Date = new(2026, 11, 30),
                    },
                ],
                [new("strings", "cm", 500)]
            )
            .ShouldHaveSingleItem();
        (line.Unit, line.Needed, line.InCupboard).ShouldBe(("m", 18.096m, 5m));
        line.Buying.Short.ShouldBe(13.096m);
        line.For.Select(f => (f.Name, f.Short)).ShouldBe([("Monday", 7m), ("Friday", 6.096m)]);
        line.ShortOn.ShouldBe(new(2026, 11, 30));
    }

    [Fact]
    public void What_comes_back_is_needed_as_often_as_rallies_of_one_day_need_it()
    {
        var scissors = Sample.Material("s", "scissors", amount: 1, reusable: true);
        var (monday, friday) = (new DateOnly(2026, 11, 30), new DateOnly(2026, 12, 4));
        PlannedKit On(DateOnly? day, int teams) => Plan($"{teams} teams", teams, scissors) with { Date = day };
        decimal Needed(params PlannedKit[] planned) => ShoppingList.Of(planned, []).Single().Needed;
        Needed(On(monday, 7), On(monday, 5)).ShouldBe(12);
        Needed(On(monday, 7), On(friday, 5)).ShouldBe(7);
        Needed(On(monday, 7), On(monday, 5) with { WholeWeek = true }).ShouldBe(7, "on another day of that week");
        Needed(On(null, 7), On(null, 5)).ShouldBe(7);
    }

    [Fact]
    public void What_lies_around_is_not_bought_and_what_was_taken_out_is_not_bought_again()
    {
        var paper = String("cm", 100) with { Name = "old rope" };
        var plan = Plan("Monday", 3, String("cm", 100), paper);
        ShoppingList
            .Of(
                [plan with { Taken = [new("string", "m", 2)] }],
                [new("rope", "cm", 0) { OtherNames = [new("old rope", "cm", 1)], AlwaysThere = true }]
            )
            .Select(l => (l.Name, l.Needed, l.Buying.Short, l.AlwaysThere))
            .ShouldBe([("old rope", 300m, 0m, true), ("string", 100m, 100m, false)]);
    }

    private static Material String(string unit, decimal amount) =>
        Sample.Material($"{unit}{amount}", "string", amount: amount, unit: unit);

    [Fact]
    public void The_same_word_in_another_unit_is_another_thing() =>
        ShoppingList
            .Of(
                [
                    Plan("M", 1, Sample.Material("a", "tape", amount: 30, unit: "cm")),
                    Plan("N", 1, Sample.Material("a", "tape", amount: 1)),
                ],
                []
            )
            .Select(l => (l.Unit, l.Needed))
            .ShouldBe([("cm", 30m), ("", 1m)], ignoreOrder: true);

    [Fact]
    public void Nothing_planned_needs_nothing() => ShoppingList.Of([], [new("tape", "", 3)]).ShouldBeEmpty();

    [Fact]
    public void A_cupboard_is_read_with_and_without_titles_and_units()
    {
        CupboardList
            .Read([
                ["material", "unit", "amount"],
                ["tape", "cm", "2,5"],
                ["straws", "", "40"],
            ])
            .OrThrow()
            .ShouldBe([new("tape", "cm", 2.5m), new("straws", "", 40)]);
        CupboardList
            .Read([
                ["corks", "12"],
            ])
            .OrThrow()
            .ShouldBe([new("corks", "", 12)]);
    }

    [Fact]
    public void Every_line_of_a_cupboard_that_is_wrong_is_told_and_none_is_taken()
    {
        var read = CupboardList.Read([
            ["corks", "some"],
            ["", "", "3"],
            ["tape", "-4"],
            ["straws", "7"],
        ]);
        read.IsOk.ShouldBeFalse();
        read.Problems.Select(p => p.What)
            .ShouldBe([
                "Line 1, corks: “some” cannot be read as a number.",
                "Line 2: The thing has no name.",
                "Line 3, tape: tape cannot be below zero.",
            ]);
        CupboardList.Read([]).Problems.ShouldHaveSingleItem().At.ShouldBe("/text");
    }

    private static PlannedKit Plan(string name, int teams, params Material[] materials) =>
        new(
            name,
            Sample.Simple() with
            {
                Materials = materials,
                Money = "€",
            },
            KitList.Unmade([.. Enumerable.Repeat(4, teams)])
        );
}
