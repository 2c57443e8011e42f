using PluckyRally.Core.Day;
using PluckyRally.Core.Ids;

namespace PluckyRally.Core.Tests.Day;

public sealed class FairDayTests
{
    private static readonly RallyId Hoist = new RallyId(Guid.CreateVersion7());

    private static readonly string[] Order = ["a", "b", "c", "d", "e"];

    /// <summary>The tables in words: "1: A, C, E", who was not here with a star.</summary>
    private static IReadOnlyList<string> Tables(
        IEnumerable<string> waiting,
        int tables,
        params Entry.SentToTable[] sent
    ) =>
        [
            .. TableNow
                .Of(Ids(Order), waiting.ToDictionary(t => new TeamId(t), t => t.ToUpperInvariant()), sent, tables)
                .Select(t => $"{t.Table}: {string.Join(", ", t.Line.Select(l => l.Name + (l.WasNotHere ? "*" : "")))}"),
        ];

    private static IReadOnlyList<TeamId> Ids(IEnumerable<string> teams) => [.. teams.Select(t => new TeamId(t))];

    [Fact]
    public void Teams_go_to_the_tables_in_turns_and_leave_when_they_are_finished()
    {
        Tables(Order, 2).ShouldBe(["1: A, C, E", "2: B, D"]);
        Tables(["b", "c", "e"], 2).ShouldBe(["1: C, E", "2: B"], "who is still to come stays at its table");
        Tables([], 1).ShouldBe(["1: "]);
    }

    [Fact]
    public void Who_is_not_here_goes_to_the_end_of_the_line_and_who_is_sent_away_to_the_end_of_another()
    {
        Entry.SentToTable To(string team, int table, bool notHere = false) =>
            new()
            {
                Id = new(Guid.CreateVersion7()),
                Team = new(team),
                Table = table,
                NotHere = notHere,
            };
        Tables(Order, 2, To("a", 1, notHere: true)).ShouldBe(["1: C, E, A*", "2: B, D"]);
        Tables(Order, 2, To("a", 1, notHere: true), To("c", 1, notHere: true)).ShouldBe(["1: E, A*, C*", "2: B, D"]);
        Tables(Order, 2, To("a", 2)).ShouldBe(["1: C, E", "2: B, D, A"]);
        Tables(Order, 2, To("a", 2), To("a", 1)).ShouldBe(["1: C, E, A", "2: B, D"], "the last word stands");
        Tables(Order, 2, To("a", 3)).ShouldBe(["1: A, C, E", "2: B, D"], "that table is not used any more");
    }

    /// <summary>A judge's sheet for a table names the teams that the fair day sends there.</summary>
    [Fact]
    public void Tables_on_paper_are_those_of_the_day()
    {
        TableNow.Split(Ids(Order), 2).ShouldBe([Ids(["a", "c", "e"]), Ids(["b", "d"])]);
        TableNow.Split(Ids(Order), 6)[5].ShouldBeEmpty();
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
