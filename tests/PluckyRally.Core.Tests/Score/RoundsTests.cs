using Shouldly;
using Xunit;

namespace PluckyRally.Core.Tests.Scoring;

public sealed class RoundsTests
{
    private readonly Happening _rally = new(Sample.Simple(2), "Terns");

    [Fact]
    public void A_closed_round_takes_nothing_and_says_where_it_could_go()
    {
        _rally.Keep(new Entry.RoundClosed { Id = _rally.NextId() });
        var refused = _rally.Offer(Trial()).Problems.ShouldHaveSingleItem();
        (refused.At, refused.What).ShouldBe(("/round", "Round 1 is closed."));
        refused.Remedy.ShouldContain("round 2");
        _rally.Offer(Trial() with { Round = 2 }).IsOk.ShouldBeTrue();
        TeamSheet.For(OpenedRally.Open(_rally.Rally).OrThrow(), "terns", 1)!.Closed.ShouldBeTrue();
    }

    [Fact]
    public void It_can_be_opened_again_and_a_strike_of_the_closing_opens_it_too()
    {
        var closed = _rally.Keep(new Entry.RoundClosed { Id = _rally.NextId() });
        _rally.Keep(new Entry.RoundReopened { Id = _rally.NextId() });
        Rounds.IsClosed(_rally.Log, 1).ShouldBeFalse();
        closed = _rally.Keep(new Entry.RoundClosed { Id = _rally.NextId() });
        Rounds.IsClosed(_rally.Log, 1).ShouldBeTrue();
        Rounds.IsClosed([.. _rally.Log, new Entry.StruckOut { Id = _rally.NextId(), Entry = closed }], 1).ShouldBeFalse();
    }

    [Fact]
    public void What_the_log_has_from_before_stays_and_counts()
    {
        _rally.Counted("Terns", "12");
        _rally.Counted("Terns", "14");
        _rally.Keep(new Entry.RoundClosed { Id = _rally.NextId() });
        OpenedRally.Open(_rally.Rally).IsOk.ShouldBeTrue();
        _rally.Standing("Terns").Total.ShouldBe(14);
    }

    private Entry.TrialRecorded Trial() => new() { Id = _rally.NextId(), Team = "terns", Outcome = TrialOutcome.Failed };
}
