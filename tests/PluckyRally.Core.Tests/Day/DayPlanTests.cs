using PluckyRally.Core.Day;
using PluckyRally.Core.Kit;
using PluckyRally.Core.Time;

namespace PluckyRally.Core.Tests.Day;

/// <summary>What is seen of a fair day beforehand, and what a late class does to the others.</summary>
public sealed class DayPlanTests
{
    /// <summary>Two minutes a team at one table; a stopwatch for the rig that comes back.</summary>
    private static readonly Brief Brief = new()
    {
        Title = "The hoist",
        Materials =
        [
            Sample.Material("watch", "stopwatches", amount: 1, per: Per.Class, reusable: true),
            Sample.Material("straws", "straws", amount: 4),
        ],
        Timing = new() { SetUp = 5, Phases = [Sample.Phase("test", PhaseKind.Test, minutes: 2, teamByTeam: true)] },
        Trials = new() { Attempts = 1 },
    };

    private static PlannedSlot Slot(string name, string from, string to, string where = "", params string[] helpers) =>
        new(
            new()
            {
                Rally = new(Guid.CreateVersion7()),
                From = Time(from),
                To = Time(to),
                Where = where,
                Tables = Math.Max(1, helpers.Length),
                Helpers = helpers,
            },
            new(
                name,
                Brief,
                [
                    .. Enumerable
                        .Range(0, 10)
                        .Select(i => new Team
                        {
                            Id = new($"{i}"),
                            Name = $"Team {i}",
                            ShortCode = $"{name[^1]}{(char)('A' + i)}",
                        }),
                ]
            )
        );

    private static TimeOnly? Time(string typed) =>
        typed.Length > 0 ? TimeOnly.Parse(typed, System.Globalization.CultureInfo.InvariantCulture) : null;

    private static IReadOnlyList<string> Clashes(params PlannedSlot[] slots) =>
        [.. DayClashes.Of(slots, [new("stopwatches", "", 1)]).Select(c => $"{c.At}: {c.What}")];

    [Fact]
    public void A_day_that_works_has_nothing_said_of_it() =>
        Clashes(Slot("Class 4", "9:00", "10:00", "Gym", "Wren"), Slot("Class 5", "10:00", "11:00", "gym ", "wren"))
            .ShouldBeEmpty("one ends as the other begins");

    [Fact]
    public void Two_classes_in_one_place_a_helper_at_two_tables_and_kit_needed_twice_are_seen_beforehand() =>
        Clashes(
                Slot("Class 4", "9:00", "10:00", "Gym", "Wren", ""),
                Slot("Class 5", "9:30", "10:30", "gym", "wren", "Avis")
            )
            .ShouldBe([
                "/slots/1/where: Class 4 and Class 5 are both in gym from 9:30 to 10:00.",
                "/slots/1/helpers: wren is at a table of Class 4 and at one of Class 5 from 9:30 to 10:00.",
                "/slots/0/helpers: Nobody is at table 2 of Class 4.",
                "/slots/1/from: Class 4 and Class 5 both need stopwatches from 9:30 to 10:00, and there is not enough"
                    + " for both: 2 stopwatches in all, 1 in the cupboard.",
            ]);

    [Fact]
    public void Kit_that_several_classes_need_at_once_is_said_once()
    {
        Kit(
                Slot("Class 4", "9:00", "10:00", "", "A"),
                Slot("Class 5", "9:10", "9:50", "", "B"),
                Slot("Class 6", "9:20", "10:20", "", "C")
            )
            .ShouldBe([
                "/slots/2/from: Class 4, Class 5 and Class 6 all need stopwatches from 9:20 to 9:50, and there is not"
                    + " enough for all: 3 stopwatches in all, 1 in the cupboard.",
            ]);

        // Class 6 begins when Class 4 is over, and meets Class 5 alone.
        Kit(
                Slot("Class 4", "9:00", "9:30", "", "A"),
                Slot("Class 5", "9:10", "9:50", "", "B"),
                Slot("Class 6", "9:30", "10:20", "", "C")
            )
            .Select(k => k[.."/slots/1/from: Class 4 and Class 5".Length])
            .ShouldBe(["/slots/1/from: Class 4 and Class 5", "/slots/2/from: Class 5 and Class 6"]);

        static IReadOnlyList<string> Kit(params PlannedSlot[] slots) =>
            [.. Clashes(slots).Where(c => c.Contains("stopwatches", StringComparison.Ordinal))];
    }

    [Fact]
    public void Straws_are_short_on_any_day_and_so_no_clash_of_time() =>
        Clashes(Slot("Class 4", "9:00", "9:30", "", "Wren"), Slot("Class 5", "9:30", "10:00", "", "Avis"))
            .ShouldBeEmpty();

    /// <summary>10 teams × 2 minutes at 1 table: 20 minutes; at 2 tables 10.</summary>
    [Fact]
    public void A_time_too_short_for_testing_is_said_with_both_numbers()
    {
        Clashes(Slot("Class 4", "9:00", "9:15", "", "Wren"))
            .ShouldBe([
                "/slots/0/to: Testing 10 teams of Class 4 at 1 table takes about 20 minutes, and there are 15.",
            ]);
        Clashes(Slot("Class 4", "9:00", "9:15", "", "Wren", "Avis")).ShouldBeEmpty();
    }

    [Fact]
    public void Whoever_names_no_helper_is_told_once_and_only_where_there_are_several_tables()
    {
        Clashes(Slot("Class 4", "9:00", "10:00")).ShouldBeEmpty();
        Clashes(Slot("Class 4", "9:00", "10:00", "", "", "")).ShouldBe(["/slots: No table has a helper yet."]);
        Clashes(Slot("Class 4", "9:00", "10:00", "", "Wren", " Wren "))
            .ShouldBe(["/slots/0/helpers: Wren is at two tables of Class 4."]);
    }

    /// <summary>5 minutes to set up and 10 × 2 of testing, counted on from 9:00.</summary>
    [Fact]
    public void An_open_end_is_when_its_phases_are_over()
    {
        Slot("Class 4", "9:00", "").Until.ShouldBe(new TimeOnly(9, 25));
        Slot("Class 4", "23:50", "").Until.ShouldBe(new TimeOnly(23, 59), "a day ends at midnight");
        Slot("Class 4", "", "").Until.ShouldBeNull();
    }

    private static SlotSoFar Waiting => new(null, 10, 0, null, null);

    /// <summary>
    /// Class 4 is 20 minutes late and has tested 5 of 10 teams in 15 minutes: 15 more, so until 9:50. Class 5 waits for
    /// its room, and Class 6 for its helper.
    /// </summary>
    [Fact]
    public void A_late_class_moves_those_that_need_its_place_or_its_helper()
    {
        PlannedSlot[] slots =
        [
            Slot("Class 4", "9:00", "9:25", "Gym", "Wren"),
            Slot("Class 5", "9:30", "9:55", "Gym", "Avis"),
            Slot("Class 6", "9:30", "9:55", "Hall", "Wren"),
            Slot("Class 7", "9:40", "10:05", "Library", "Dune"),
        ];
        var times = DayForecast.Of(
            slots,
            [new(new(9, 20), 5, 5, null, new(9, 35)), Waiting, Waiting, Waiting],
            new(9, 35)
        );
        times
            .Select(t => (t.From, t.To, t.Late))
            .ShouldBe([
                (new TimeOnly(9, 20), new TimeOnly(9, 50), 20),
                (new TimeOnly(9, 50), new TimeOnly(10, 15), 20),
                (new TimeOnly(9, 50), new TimeOnly(10, 15), 20),
                (new TimeOnly(9, 40), new TimeOnly(10, 5), 0),
            ]);
        times[0].Says.ShouldBe("It began 20 minutes late. It is expected to end at about 9:50.");
        times[1]
            .Says.ShouldBe(
                "It is expected to begin 20 minutes late, at about 9:50. It is expected to end at about 10:15."
            );
        times[3].Says.ShouldBeEmpty();
        DayForecast
            .Of(slots, [new(new(9, 20), 0, 10, null, new(9, 40)), Waiting, Waiting, Waiting], new(9, 42))
            .Select(t => (t.To, t.Says))
            .Take(2)
            .ShouldBe(
                [
                    (new TimeOnly(9, 40), ""),
                    (
                        new TimeOnly(10, 7),
                        "It is expected to begin 12 minutes late, at about 9:42."
                            + " It is expected to end at about 10:07."
                    ),
                ],
                "what is over is not late any more"
            );
    }

    [Fact]
    public void The_clock_tells_the_end_where_one_runs_and_another_day_stands_as_planned()
    {
        PlannedSlot[] slots = [Slot("Class 4", "9:00", "9:25", "Gym"), Slot("Class 5", "9:30", "9:55", "Gym")];
        DayForecast
            .Of(slots, [new(new(9, 0), 10, 0, new(10, 12), null), Waiting], new(9, 10))
            .Select(t => t.To)
            .ShouldBe([new TimeOnly(10, 12), new TimeOnly(10, 37)]);
        DayForecast.Of(slots, [Waiting, Waiting], null).Select(t => t.Late).ShouldBe([0, 0]);
        DayForecast
            .Of(slots, [Waiting with { Left = 0 }, Waiting], new(11, 5))
            .Select(t => (t.Late, t.Says))
            .ShouldBe(
                [
                    (0, ""),
                    (
                        95,
                        "It is expected to begin 1 hour 35 minutes late, at about 11:05."
                            + " It is expected to end at about 11:30."
                    ),
                ],
                "one that was over before today is not late"
            );
    }
}
