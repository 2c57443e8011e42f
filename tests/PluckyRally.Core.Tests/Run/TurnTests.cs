using PluckyRally.Core.Ids;
using PluckyRally.Core.Route;
using PluckyRally.Core.Run;
using PluckyRally.Core.Time;

namespace PluckyRally.Core.Tests.Run;

/// <summary>
/// Phases that go team by team: who is on at which place, who is next, and a lesson that goes on another day.
/// </summary>
public sealed class TurnTests
{
    private static readonly DateTimeOffset Nine = new(2026, 11, 24, 9, 0, 0, TimeSpan.Zero);

    private static readonly Brief Brief = Sample.Simple(2) with
    {
        Timing = new Timing
        {
            Phases =
            [
                new()
                {
                    Id = "build",
                    Kind = PhaseKind.Build,
                    Minutes = 20,
                    Warning = 3,
                    Warnings = [5, 1, 5],
                },
                Sample.Phase("test", PhaseKind.Test, minutes: 2, teamByTeam: true, changeover: 1, testBays: 2),
            ],
        },
    };

    private readonly Happening _rally = new(Brief, "A", "B", "C");

    [Fact]
    public void A_pause_is_not_the_teams()
    {
        Begin(Nine, "test");
        Keep(new Entry.ClockPaused { Id = _rally.NextId(), At = Nine.AddMinutes(2) });
        Clock()
            .Turn!.ShouldSatisfyAllConditions(t => t.Since.ShouldBe(Nine), t => t.Stopped.ShouldBe(Nine.AddMinutes(2)));
        Keep(new Entry.ClockResumed { Id = _rally.NextId(), At = Nine.AddMinutes(5) });
        Clock()
            .Turn!.ShouldSatisfyAllConditions(t => t.Since.ShouldBe(Nine.AddMinutes(3)), t => t.Stopped.ShouldBeNull());
    }

    /// <summary>A turn that is begun while the clock is stopped has its whole time once it goes on.</summary>
    [Fact]
    public void A_turn_that_is_begun_in_a_pause_loses_nothing()
    {
        Begin(Nine, "test");
        Keep(new Entry.ClockPaused { Id = _rally.NextId(), At = Nine.AddMinutes(2) });
        Turn(Nine.AddMinutes(4), ["c"]);
        Clock().Turn!.Stopped.ShouldBe(Nine.AddMinutes(4));
        Keep(new Entry.ClockResumed { Id = _rally.NextId(), At = Nine.AddMinutes(5) });
        Clock().Turn!.Since.ShouldBe(Nine.AddMinutes(5));
    }

    [Fact]
    public void The_first_are_on_when_the_phase_begins_and_the_next_when_they_are_called()
    {
        Begin(Nine, "build");
        Clock().Turn.ShouldBeNull();
        Begin(Nine.AddMinutes(20), "test");

        // Two attempts of 2 minutes and 1 between: a turn is 5 minutes.
        Clock()
            .Turn!.ShouldSatisfyAllConditions(
                t => t.On.ShouldBe([new("a"), new("b")]),
                t => t.Next.ShouldBe([new("c")]),
                t => (t.Done, t.All, t.Seconds, t.Since).ShouldBe((0, 3, 300m, Nine.AddMinutes(20)))
            );
        Turn(Nine.AddMinutes(26), ["c"]);
        Clock()
            .Turn!.ShouldSatisfyAllConditions(
                t => t.On.ShouldBe([new("c")]),
                t => t.Next.ShouldBe([new("a"), new("b")]),
                t => t.Done.ShouldBe(0)
            );
        Turn(Nine.AddMinutes(31), ["a", "b"]);
        Clock().Turn!.ShouldSatisfyAllConditions(t => t.Next.ShouldBeEmpty(), t => t.Done.ShouldBe(1));
    }

    [Fact]
    public void A_team_that_has_made_its_attempts_is_tested_whether_or_not_the_remote_was_touched()
    {
        Begin(Nine, "test");
        _rally.Counted("C", "20");
        _rally.Counted("C", "21");
        LessonClock
            .Of(OpenedRally.Open(_rally.Rally).OrThrow(), 1)
            .Turn!.ShouldSatisfyAllConditions(t => t.Done.ShouldBe(1), t => t.Next.ShouldBeEmpty());
    }

    [Fact]
    public void A_turn_of_another_phase_is_refused() =>
        _rally
            .Offer(
                new Entry.TurnBegun
                {
                    Id = _rally.NextId(),
                    Phase = "build",
                    Teams = [new("a")],
                }
            )
            .Problems.ShouldHaveSingleItem()
            .At.ShouldBe("/phase");

    [Fact]
    public void Several_warnings_come_each_at_its_own_minute()
    {
        LessonClock.Of(Brief, [new("a")], StandingLog.Empty).Phases[0].Warnings.ShouldBe([5m, 3m, 1m]);
        Timetable
            .Of(Brief with { Timing = Brief.Timing with { Lesson = 60, SetUp = 5 } })
            .Lessons[0]
            .Blocks[1]
            .Warnings.ShouldBe([20m, 22m, 24m]);
        CompiledEdition
            .For(
                new Edition
                {
                    Brief = Brief with
                    {
                        Timing = new Timing { Phases = [Brief.Timing.Phases[0] with { Warnings = [25] }] },
                    },
                }
            )
            .Problems.ShouldHaveSingleItem()
            .At.ShouldBe("/timing/phases/build/warnings");
    }

    /// <summary>
    /// The first lesson ends after the build; the second begins with the test a week later and is on time from there.
    /// </summary>
    [Fact]
    public void A_lesson_that_goes_on_another_day_is_reckoned_from_its_own_beginning()
    {
        Begin(Nine, "build");
        Begin(Nine.AddMinutes(25), "");
        Clock().Over.ShouldBeTrue();
        Begin(Nine.AddDays(7), "test");
        Clock().PlannedEnd.ShouldBe(Nine.AddDays(7).AddMinutes(10));
    }

    [Fact]
    public void What_the_brief_says_must_be_made_is_not_offered_to_be_cut()
    {
        LessonCuts
            .Offers(Brief with { Trials = Brief.Trials with { Minimum = 2 } }, [0, 0, 0])
            .ShouldAllBe(o => o.Attempts == null);
        LessonCuts
            .Offers(Brief with { Trials = Brief.Trials with { Minimum = 1 } }, [0, 0, 0])
            .ShouldContain(o => o.Attempts == 1);
    }

    [Fact]
    public void The_wall_shows_a_question()
    {
        Keep(
            new Entry.WallSet
            {
                Id = _rally.NextId(),
                At = Nine,
                Shows = WallShows.Question,
                Question = 2,
            }
        );
        Clock().Wall.ShouldBe(new(WallShows.Question, 0, 2));
        LogLine
            .OfLesson(OpenedRally.Open(_rally.Rally).OrThrow(), 1)
            .ShouldBeEmpty("what the wall shows is no line of the lesson");
    }

    [Fact]
    public void Every_team_is_complete_only_when_nothing_can_be_added()
    {
        var rally = new Happening(
            Brief with
            {
                Trials = new Trials { Attempts = 2, Minimum = 1 },
            },
            "A"
        );
        rally.Counted("A", "10");
        Next(rally).ShouldBe("Every team has what it needs. One attempt could still be made.");
        rally.Counted("A", "20");
        Next(rally).ShouldBe("Every team is complete. Look at the results.");
    }

    private static string Next(Happening rally) =>
        Bunting.OfRally(OpenedRally.Open(rally.Rally).OrThrow(), 1).Single(p => p.Station == Station.Score).Next;

    private void Keep(Entry entry) => _rally.Keep(entry);

    private LessonClock Clock() => LessonClock.Of(Brief, [new("a"), new("b"), new("c")], _rally.Stands);

    private void Begin(DateTimeOffset at, string phase) =>
        Keep(
            new Entry.PhaseBegun
            {
                Id = _rally.NextId(),
                At = at,
                Phase = phase,
            }
        );

    private void Turn(DateTimeOffset at, params IReadOnlyList<string> teams) =>
        Keep(
            new Entry.TurnBegun
            {
                Id = _rally.NextId(),
                At = at,
                Phase = "test",
                Teams = [.. teams.Select(t => new TeamId(t))],
            }
        );
}
