using Shouldly;
using Xunit;

namespace PluckyRally.Core.Tests.Day;

public sealed class FairDayTests
{
    private static readonly Guid Hoist = Guid.CreateVersion7();

    [Fact]
    public void Teams_go_to_the_tables_in_turns_and_leave_when_they_are_finished()
    {
        string[] order = ["a", "b", "c", "d", "e"];
        var all = order.ToDictionary(t => t, t => t.ToUpperInvariant());
        TableNow.Of(order, all, 2).ShouldBe([new(1, "A", "C", 3), new(2, "B", "D", 2)]);
        all.Remove("a");
        all.Remove("d");
        TableNow
            .Of(order, all, 2)
            .ShouldBe([new(1, "C", "E", 2), new(2, "B", "", 1)], "who is still to come stays at its table");
        TableNow.Of(order, new Dictionary<string, string>(), 1).ShouldBe([new(1, "", "", 0)]);
    }

    /// <summary>A judge's sheet for a table names the teams that the fair day sends there.</summary>
    [Fact]
    public void Tables_on_paper_are_those_of_the_day()
    {
        string[] order = ["a", "b", "c", "d", "e"];
        TableNow
            .Split(order, 2)
            .ShouldBe([
                ["a", "c", "e"],
                ["b", "d"],
            ]);
        TableNow.Split(order, 6)[5].ShouldBeEmpty();
    }

    [Fact]
    public void What_is_wrong_with_a_day_is_said_at_its_place()
    {
        var day = new FairDay
        {
            Name = " ",
            Date = new(2026, 11, 27),
            Slots =
            [
                new() { Rally = Hoist, Tables = 0 },
                new()
                {
                    Rally = Hoist,
                    From = new(10, 0),
                    To = new(9, 0),
                },
            ],
        };
        day.Problems().Select(p => p.At).ShouldBe(["/name", "/slots", "/slots/0/tables", "/slots/1/to"]);
        new FairDay
        {
            Name = "Quay day",
            Date = new(2026, 11, 27),
            Slots = [new() { Rally = Hoist }],
        }
            .Problems()
            .ShouldBeEmpty();
    }
}
