using PluckyRally.Core.Ids;
using PluckyRally.Core.Run;
using PluckyRally.Core.Teams;
using PluckyRally.Core.Time;

namespace PluckyRally.Core.Tests.Run;

/// <summary>Two tiers of one class: one clock, one order of the test, one wall; two rallies.</summary>
public sealed class LessonTests
{
    private static readonly DateTimeOffset Ten = new(2026, 11, 27, 10, 0, 0, TimeSpan.Zero);

    private static Brief Brief(decimal build, int attempts) =>
        Sample.Simple(attempts, Combine.Mean) with
        {
            Timing = new Timing
            {
                Phases =
                [
                    Sample.Phase("build", PhaseKind.Build, minutes: build),
                    Sample.Phase("test", PhaseKind.Test, minutes: 1, teamByTeam: true, changeover: 0.5m),
                ],
            },
        };

    private static OpenedRally Open(Brief brief, string[] teams, params Entry[] entries)
    {
        var happening = new Happening(brief, teams);
        return OpenedRally.Open(happening.Rally with { Entries = entries }).OrThrow();
    }

    private static Entry.PhaseBegun Begun(string phase, int minute) =>
        new()
        {
            Id = new(Guid.CreateVersion7()),
            At = Ten.AddMinutes(minute),
            Phase = phase,
        };

    private static Entry.TestOrderSet Order(string[] beside, params string[] teams) =>
        new()
        {
            Id = new(Guid.CreateVersion7()),
            At = Ten,
            Teams = [.. teams.Select(t => new TeamId(t))],
            Beside = [.. beside.Select(t => new TeamId(t))],
        };

    [Fact]
    public void The_clock_gives_each_phase_the_time_that_the_slower_tier_needs()
    {
        var build = Begun("build", 0);
        var lesson = new Lesson([
            Open(Brief(20, 2), ["Terns", "Whelks"], build),
            Open(Brief(12, 3), ["Limpets", "Cockles"], build),
        ]);
        var clock = LessonClock.Of(lesson, 1);
        clock.Ends.ShouldBe(Ten.AddMinutes(20));

        // Four teams, three attempts of 1 min, 0.5 min between: 4 × 3.5 = 14 min.
        clock.MinutesAfter.ShouldBe(14);
        LessonClock.Of(lesson.Rallies[1], 1).Ends.ShouldBe(Ten.AddMinutes(12), "by itself it has its own");
    }

    [Fact]
    public void Teams_of_both_tiers_are_tested_in_one_order()
    {
        string[] order = ["cockles", "terns", "limpets", "whelks"];
        var test = Begun("test", 0);
        var (one, other) = (Order(["cockles", "limpets"], order), Order(["terns", "whelks"], order));
        var turn = new Entry.TurnBegun
        {
            Id = new(Guid.CreateVersion7()),
            At = Ten.AddMinutes(4),
            Phase = "test",
            Teams = [new("terns")],
        };
        var lesson = new Lesson([
            Open(Brief(20, 2), ["Terns", "Whelks"], one, test, turn),
            Open(Brief(20, 2), ["Limpets", "Cockles"], other with { Id = one.Id }, test, turn),
        ]);
        lesson.Teams(1).Select(t => t.Team.Value).ShouldBe(order);
        var now = LessonClock.Of(lesson, 1).Turn!;
        now.On.ShouldBe([new("terns")]);
        now.Next.ShouldBe([new("cockles")]);
        now.All.ShouldBe(4);
        lesson.Stands.Count.ShouldBe(3, "what stands in both logs is there once");
    }

    [Fact]
    public void A_phase_that_only_one_tier_has_is_in_the_lesson_where_that_tier_has_it()
    {
        var sketch = Sample.Phase("sketch", PhaseKind.Sketch, minutes: 4);
        var older = Brief(20, 2);
        older = older with
        {
            Timing = new Timing { Phases = [older.Timing.Phases[0], sketch, older.Timing.Phases[1]] },
        };
        var lesson = new Lesson([
            Open(Brief(20, 2), ["Terns"]),
            Open(older, ["Limpets"], Begun("build", 0), Begun("sketch", 21)),
        ]);
        var clock = LessonClock.Of(lesson, 1);
        clock.Phases.Select(p => p.Id).ShouldBe(["build", "sketch", "test"]);
        clock.Phase!.Id.ShouldBe("sketch");
        clock.Ends.ShouldBe(Ten.AddMinutes(25));
    }

    [Fact]
    public void The_wall_is_the_rallys_in_which_it_was_set_last()
    {
        static Entry.WallSet Shown(int minute) =>
            new()
            {
                Id = new(Guid.CreateVersion7()),
                At = Ten.AddMinutes(minute),
                Shows = WallShows.Board,
                Revealed = minute,
            };
        var (one, other) = (Open(Brief(20, 2), ["Terns"], Shown(3)), Open(Brief(20, 2), ["Limpets"], Shown(1)));
        new Lesson([one, other]).OnWall.ShouldBe(one);
        LessonClock.Of(new Lesson([other, one]), 1).Wall.Revealed.ShouldBe(3);
        new Lesson([Open(Brief(20, 2), ["Terns"]), other]).OnWall.ShouldBe(other);
    }

    [Fact]
    public void What_is_the_whole_lessons_is_written_for_all_and_so_is_its_strike()
    {
        var begun = Begun("build", 0);
        var checkedRule = new Entry.NoteMade
        {
            Id = new(Guid.CreateVersion7()),
            Team = new("terns"),
            Text = "it leans",
        };
        IReadOnlyList<Entry> log = [begun, checkedRule];
        Lesson.IsForAll(begun, log).ShouldBeTrue();
        Lesson.IsForAll(Strike(begun), log).ShouldBeTrue();
        Lesson.IsForAll(new Entry.RoundClosed { Id = new(Guid.CreateVersion7()) }, log).ShouldBeTrue();
        Lesson.IsForAll(checkedRule, log).ShouldBeFalse();
        Lesson.IsForAll(Strike(checkedRule), log).ShouldBeFalse();
        Lesson
            .IsForAll(new Entry.WallSet { Id = new(Guid.CreateVersion7()), Shows = WallShows.Clock }, log)
            .ShouldBeFalse("a board is one rally's");

        static Entry.StruckOut Strike(Entry entry) => new() { Id = new(Guid.CreateVersion7()), Entry = entry.Id };
    }

    [Fact]
    public void An_order_names_only_teams_of_the_lesson()
    {
        var happening = new Happening(Brief(20, 2), "Terns", "Whelks");
        var sent = Order([], "limpets", "terns");
        happening.Offer(Lesson.AsWritten(sent, [])).Problems.Select(p => p.At).ShouldBe(["/teams/0"]);
        var limpets = new Team { Id = new("limpets"), Name = "Limpets" };
        var written = (Entry.TestOrderSet)happening.Offer(Lesson.AsWritten(sent, [limpets])).OrThrow();
        written.Beside.ShouldBe([new("limpets")]);
        var heats = new Entry.HeatsDrawn
        {
            Id = new(Guid.CreateVersion7()),
            Heats = [new([new("terns"), new("limpets")]), new([new("whelks")])],
        };
        happening.Offer(Lesson.AsWritten(heats, [])).Problems.Select(p => p.At).ShouldBe(["/heats/0/teams/1"]);
        happening.Offer(Lesson.AsWritten(heats, [limpets])).IsOk.ShouldBeTrue();
    }

    [Fact]
    public void A_line_says_its_tier_only_where_not_all_have_it() =>
        TierLines
            .Of([
                ("Grades 3–5", ["Stands by itself.", "At most 20 straws."]),
                ("Grades 6–8", ["Stands by itself.", "At most 12 straws.", "No tape."]),
            ])
            .ShouldBe([
                "Stands by itself.",
                "Grades 3–5: At most 20 straws.",
                "Grades 6–8: At most 12 straws.",
                "Grades 6–8: No tape.",
            ]);

    [Fact]
    public void Teams_in_two_tiers_keep_the_ids_codes_and_pennants_that_they_have_in_the_class()
    {
        var whole = new Happening(Brief(20, 2), "Terns", "Whelks", "Teal").Rally;
        var rallies = whole.InTiers(
            [0, 1, 1],
            [whole.Edition with { Tier = "Grades 3–5" }, whole.Edition with { Tier = "Grades 6–8" }]
        );
        rallies.Select(r => r.Name).ShouldBe(["A class, Grades 3–5", "A class, Grades 6–8"]);
        rallies
            .Select(r => string.Join(' ', r.Teams.Select(t => $"{t.Id}/{t.ShortCode}/{t.Pennant}")))
            .ShouldBe(["terns/TE/0", "whelks/WH/1 teal/TA/2"]);
        whole.InTiers([0, 0, 0], [whole.Edition]).Single().ShouldBe(whole);
    }
}
