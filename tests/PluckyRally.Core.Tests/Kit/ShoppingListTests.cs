using Shouldly;
using Xunit;

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
                    new()
                    {
                        Id = "a",
                        Name = "Straws",
                        Amount = 14,
                        Pack = 100,
                        Price = 2.5m,
                    },
                    new()
                    {
                        Id = "b",
                        Name = "scissors",
                        Amount = 1,
                        Reusable = true,
                    }
                ),
                Plan(
                    "Friday",
                    5,
                    new()
                    {
                        Id = "x",
                        Name = "straws ",
                        Amount = 10,
                    },
                    new()
                    {
                        Id = "y",
                        Name = "scissors",
                        Amount = 2,
                        Reusable = true,
                    }
                ),
            ],
            [new("straws", "", 30), new("Scissors", "", 4)]
        );
        lines
            .Select(l => (l.Name, l.Needed, l.InCupboard, l.Buying.Short))
            .ShouldBe([("scissors", 10m, 4m, 6m), ("Straws", 148m, 30m, 118m)]);
        lines[1].Buying.ShouldBe(new(118, 2, 82, 5.0m));
        lines[1].For.ShouldBe(["Monday", "Friday"]);
        ShoppingList.Costs(lines).ShouldBe([new("€", 5.0m)]);
    }

    [Fact]
    public void The_same_word_in_another_unit_is_another_thing() =>
        ShoppingList
            .Of(
                [
                    Plan(
                        "M",
                        1,
                        new Material
                        {
                            Id = "a",
                            Name = "tape",
                            Unit = "cm",
                            Amount = 30,
                        }
                    ),
                    Plan(
                        "N",
                        1,
                        new Material
                        {
                            Id = "a",
                            Name = "tape",
                            Amount = 1,
                        }
                    ),
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
