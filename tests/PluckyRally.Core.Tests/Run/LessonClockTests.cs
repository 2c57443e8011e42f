using PluckyRally.Core.Ids;
using PluckyRally.Core.Route;
using PluckyRally.Core.Run;
using PluckyRally.Core.Time;

namespace PluckyRally.Core.Tests.Run;

public sealed class LessonClockTests
{
    private static readonly DateTimeOffset Nine = new(2026, 11, 25, 9, 0, 0, TimeSpan.Zero);

    private static readonly Brief Brief = Sample.Simple(3) with
    {
        Timing = new Timing
        {
            Phases =
            [
                Sample.Phase("intro", PhaseKind.Introduce, minutes: 5),
                Sample.Phase("build", PhaseKind.Build, minutes: 20, warning: 5),
                new() { Id = "home", Kind = PhaseKind.Homework },
                Sample.Phase("test", PhaseKind.Test, minutes: 1.5m, teamByTeam: true, changeover: 0.5m),
            ],
        },
    };

    private readonly Happening _class = new(Brief, "A", "B", "C", "D", "E", "F", "G", "H");

    [Fact]
    public void Before_the_lesson_nothing_runs_and_the_phases_are_known()
    {
        var clock = Clock();
        clock.Phase.ShouldBeNull();
        clock.Over.ShouldBeFalse();
        clock
            .Phases.Select(p => (p.Id, p.Minutes))
            .ShouldBe(
                [("intro", 5m), ("build", 20m), ("test", 40m)],
                "eight teams, three attempts of 1.5 min, 0.5 min changeover: 40 min"
            );
    }

    [Fact]
    public void A_phase_ends_when_its_minutes_are_over()
    {
        Begin("intro", 0);
        var clock = Clock();
        (clock.Phase!.Id, clock.Ends, clock.PlannedEnd, clock.MinutesAfter, clock.Left).ShouldBe(
            ("intro", At(5), At(5), 60m, null)
        );
    }

    [Fact]
    public void While_the_clock_stands_no_time_passes()
    {
        Begin("build", 0);
        Keep(id => new Entry.ClockPaused { Id = id, At = At(8) });
        Clock().ShouldSatisfyAllConditions(c => c.Ends.ShouldBeNull(), c => c.Left.ShouldBe(12 * 60));
        Keep(id => new Entry.ClockPaused { Id = id, At = At(9) });
        Keep(id => new Entry.ClockResumed { Id = id, At = At(11) });
        Keep(id => new Entry.ClockResumed { Id = id, At = At(12) });
        Clock().Ends.ShouldBe(At(23), "paused from 8 to 11; a second touch changes nothing");
    }

    [Fact]
    public void Minutes_are_added_and_taken_away_running_or_standing()
    {
        Begin("build", 0);
        Add(5);
        Clock().Ends.ShouldBe(At(25));
        Keep(id => new Entry.ClockPaused { Id = id, At = At(10) });
        Add(-3);
        Clock().Left.ShouldBe(12 * 60);
    }

    [Fact]
    public void Later_phases_are_planned_from_the_lessons_beginning()
    {
        Begin("intro", 0);
        Begin("build", 9);
        var clock = Clock();
        clock.Ends.ShouldBe(At(29));
        clock.PlannedEnd.ShouldBe(At(25), "so the lesson is four minutes behind");
        Begin("test", 20);
        Clock()
            .ShouldSatisfyAllConditions(
                c => c.Ends.ShouldBe(At(60)),
                c => c.PlannedEnd.ShouldBe(At(65)),
                c => c.MinutesAfter.ShouldBe(0)
            );
        Begin("", 60);
        Clock().ShouldSatisfyAllConditions(c => c.Phase.ShouldBeNull(), c => c.Over.ShouldBeTrue());
        Begin("build", 61);
        Clock().ShouldSatisfyAllConditions(c => c.Over.ShouldBeFalse(), c => c.Phase!.Id.ShouldBe("build"));
    }

    [Fact]
    public void A_touch_that_is_struck_out_was_never_made()
    {
        Begin("build", 0);
        var added = Add(10);
        _class.Strike(added);
        Clock().Ends.ShouldBe(At(20));
    }

    [Fact]
    public void What_cannot_be_is_refused()
    {
        Refused(new Entry.PhaseBegun { Id = _class.NextId(), Phase = "lunch" }).ShouldBe("/phase");
        Refused(new Entry.MinutesAdded { Id = _class.NextId(), Minutes = 0 }).ShouldBe("/minutes");
        Refused(new Entry.MinutesAdded { Id = _class.NextId(), Minutes = 500 }).ShouldBe("/minutes");
        Refused(new Entry.ClockPaused { Id = _class.NextId(), Team = new("a") }).ShouldBe("/team");
    }

    [Fact]
    public void The_clock_scores_nothing_and_leads_the_route()
    {
        Station().ShouldBe((Readiness.NotStarted, "Put the clock on the wall, then start the first phase."));
        Begin("build", 0);
        Station().ShouldBe((Readiness.InProgress, "The build phase is running."));
        Begin("", 9);
        Station().ShouldBe((Readiness.Done, "The lesson is over."));
        Bunting
            .OfRally(OpenedRally.Open(_class.Rally).OrThrow(), 1)
            .Single(p => p.Station == Core.Route.Station.Score)
            .Readiness.ShouldBe(Readiness.NotStarted);
    }

    [Fact]
    public void A_phase_says_what_to_do_in_the_briefs_words_or_the_usual_ones()
    {
        var brief = Brief with
        {
            Trials = Brief.Trials with { HoldSeconds = 8 },
            Timing = new Timing
            {
                Phases =
                [
                    new() { Id = "a", Kind = PhaseKind.LetGo },
                    new()
                    {
                        Id = "b",
                        Kind = PhaseKind.Build,
                        Note = "Quietly.",
                    },
                ],
            },
        };
        LessonClock
            .Of(brief, [new("a"), new("b"), new("c")], StandingLog.Empty)
            .Phases.Select(p => p.Now)
            .ShouldBe(["Let go. It must stand by itself for 8 seconds.", "Quietly."]);
        foreach (var kind in Enum.GetValues<PhaseKind>().Where(k => k != PhaseKind.Homework))
            LessonClock
                .Of(
                    Brief with
                    {
                        Timing = new Timing { Phases = [new() { Id = "a", Kind = kind }] },
                    },
                    [new("a"), new("b"), new("c")],
                    StandingLog.Empty
                )
                .Phases[0]
                .Now.ShouldNotBeEmpty(kind.ToString());
    }

    private static DateTimeOffset At(double minutes) => Nine.AddMinutes(minutes);

    private LessonClock Clock() => LessonClock.Of(Brief, [.. _class.Teams.Select(t => t.Id)], _class.Stands);

    private (Readiness, string) Station()
    {
        var run = Bunting
            .OfRally(OpenedRally.Open(_class.Rally).OrThrow(), 1)
            .Single(p => p.Station == Core.Route.Station.Run);
        return (run.Readiness, run.Next);
    }

    private void Begin(string phase, double at) =>
        Keep(id => new Entry.PhaseBegun
        {
            Id = id,
            At = At(at),
            Phase = phase,
        });

    private EntryId Add(decimal minutes) => Keep(id => new Entry.MinutesAdded { Id = id, Minutes = minutes });

    private EntryId Keep(Func<EntryId, Entry> entry) => _class.Keep(entry(_class.NextId()));

    private string Refused(Entry entry) => _class.Offer(entry).Problems.ShouldHaveSingleItem().At;
}
