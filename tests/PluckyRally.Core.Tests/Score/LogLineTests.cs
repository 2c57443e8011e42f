using PluckyRally.Core.Run;
using PluckyRally.Core.Time;

namespace PluckyRally.Core.Tests.Score;

/// <summary>The record of a lesson: who did what to the clock and when, and what was taken back.</summary>
public sealed class LogLineTests
{
    private readonly Happening _rally = new(
        Sample.Simple(3, Combine.Mean) with
        {
            Timing = new Timing { Phases = [Sample.Phase("test", PhaseKind.Test, minutes: 1, teamByTeam: true)] },
        },
        "Terns",
        "Whelks"
    );

    [Fact]
    public void The_record_of_a_lesson_has_what_was_done_to_it_and_nothing_of_its_teams()
    {
        _rally.Keep(new Entry.PhaseBegun { Id = _rally.NextId(), Phase = "test" });
        var added = _rally.Keep(new Entry.MinutesAdded { Id = _rally.NextId(), Minutes = 5 });
        _rally.Counted("Terns", "10");
        _rally.Keep(
            new Entry.WallSet
            {
                Id = _rally.NextId(),
                Shows = WallShows.Board,
                Revealed = 1,
            }
        );
        _rally.Keep(new Entry.AttemptsCut { Id = _rally.NextId(), Attempts = 2 });
        _rally.Keep(new Entry.TestOrderSet { Id = _rally.NextId(), Teams = [new("whelks"), new("terns")] });
        _rally.Strike(added);
        LogLine
            .OfLesson(OpenedRally.Open(_rally.Rally).OrThrow(), 1)
            .Select(l => (l.Says, l.Struck))
            .ShouldBe([
                ("The order of the test was set", false),
                ("Cut to 2 attempts", false),
                ("Added: 5 minutes", true),
                ("Started: Test", false),
            ]);
    }

    [Fact]
    public void Each_round_has_a_record_of_its_own()
    {
        _rally.Keep(
            new Entry.PhaseBegun
            {
                Id = _rally.NextId(),
                Phase = "test",
                Round = 2,
            }
        );
        var opened = OpenedRally.Open(_rally.Rally).OrThrow();
        LogLine.OfLesson(opened, 1).ShouldBeEmpty();
        LogLine.OfLesson(opened, 2).ShouldHaveSingleItem().Says.ShouldBe("Started: Test");
    }
}
