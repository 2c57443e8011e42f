using PluckyRally.Core.Run;
using PluckyRally.Core.Time;

namespace PluckyRally.Core.Tests.Run;

public sealed class ClassStateTests
{
    private static readonly DateTimeOffset Nine = new(2026, 11, 25, 9, 0, 0, TimeSpan.Zero);

    private readonly Happening _rally = new(
        Sample.Simple() with
        {
            Trials = new() { HoldSeconds = 8 },
            Timing = new() { Phases = [Sample.Phase("go", PhaseKind.LetGo, minutes: 1)] },
        },
        "Terns",
        "Whelks",
        "Limpets"
    );

    [Fact]
    public void Teams_are_tested_in_their_own_order_until_another_is_set()
    {
        Order().ShouldBe(["terns", "whelks", "limpets"]);
        _rally.Keep(new Entry.TestOrderSet { Id = _rally.NextId(), Teams = [new("limpets"), new("terns")] });
        Order().ShouldBe(["limpets", "terns", "whelks"], "who is not named comes after");
        _rally.Keep(new Entry.TestOrderSet { Id = _rally.NextId(), Teams = [new("whelks")] });
        Order().ShouldBe(["whelks", "terns", "limpets"], "the last word stands");
    }

    [Fact]
    public void Who_is_late_is_tested_last_until_that_is_taken_back()
    {
        var late = _rally.Keep(new Entry.CameLate { Id = _rally.NextId(), Team = new("terns") });
        Order().ShouldBe(["whelks", "limpets", "terns"]);
        TeamSheet
            .Of(OpenedRally.Open(_rally.Rally).OrThrow(), 1)
            .Select(s => s.Team.Value)
            .ShouldBe(["whelks", "limpets", "terns"], "the judge's sheets come in the same order");
        _rally.Strike(late);
        Order().ShouldBe(["terns", "whelks", "limpets"]);
    }

    [Fact]
    public void A_plan_is_approved_for_one_team_and_one_round()
    {
        var cleared = _rally.Keep(new Entry.PlanCleared { Id = _rally.NextId(), Team = new("whelks") });
        State(1).Single(t => t.Cleared is not null).ShouldBe(new(new("whelks"), cleared, null));
        State(2).ShouldAllBe(t => t.Cleared == null);
    }

    [Fact]
    public void The_hold_is_counted_from_the_moment_of_letting_go_until_the_next_phase()
    {
        _rally.Keep(new Entry.HoldBegun { Id = _rally.NextId(), At = Nine });
        Clock().Hold.ShouldBeNull("nothing runs yet");
        _rally.Keep(
            new Entry.PhaseBegun
            {
                Id = _rally.NextId(),
                At = Nine,
                Phase = "go",
            }
        );
        _rally.Keep(new Entry.HoldBegun { Id = _rally.NextId(), At = Nine.AddSeconds(20) });
        Clock().Hold.ShouldBe(new(Nine.AddSeconds(20), 8));
        _rally.Keep(
            new Entry.PhaseBegun
            {
                Id = _rally.NextId(),
                At = Nine.AddMinutes(1),
                Phase = "go",
            }
        );
        Clock().Hold.ShouldBeNull();
    }

    [Fact]
    public void The_wall_shows_what_was_chosen_last()
    {
        Clock().Wall.ShouldBe(new(WallShows.Clock, 0));
        _rally.Keep(
            new Entry.WallSet
            {
                Id = _rally.NextId(),
                Shows = WallShows.Board,
                Revealed = 2,
            }
        );
        Clock().Wall.ShouldBe(new(WallShows.Board, 2));
        _rally
            .Offer(
                new Entry.WallSet
                {
                    Id = _rally.NextId(),
                    Shows = WallShows.Board,
                    Revealed = -1,
                }
            )
            .Problems.ShouldHaveSingleItem()
            .At.ShouldBe("/revealed");
    }

    [Fact]
    public void A_team_that_is_not_there_cannot_be_put_in_order() =>
        _rally
            .Offer(new Entry.TestOrderSet { Id = _rally.NextId(), Teams = [new("terns"), new("gulls")] })
            .Problems.ShouldHaveSingleItem()
            .At.ShouldBe("/teams/1");

    private LessonClock Clock() =>
        LessonClock.Of(_rally.Compiled.Brief, [.. _rally.Teams.Select(t => t.Id)], _rally.Stands);

    private IReadOnlyList<TeamInLesson> State(int round) => ClassState.Of(_rally.Teams, _rally.Stands, round);

    private IEnumerable<string> Order() => State(1).Select(t => t.Team.Value);
}
