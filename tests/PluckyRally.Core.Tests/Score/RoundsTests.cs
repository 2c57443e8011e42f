using PluckyRally.Core.Documents;
using PluckyRally.Core.Files;
using PluckyRally.Core.Results;

namespace PluckyRally.Core.Tests.Score;

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
        TeamSheet.For(OpenedRally.Open(_rally.Rally).OrThrow(), new("terns"), 1)!.Closed.ShouldBeTrue();
    }

    [Fact]
    public void It_can_be_opened_again_and_a_strike_of_the_closing_opens_it_too()
    {
        var closed = _rally.Keep(new Entry.RoundClosed { Id = _rally.NextId() });
        _rally.Keep(new Entry.RoundReopened { Id = _rally.NextId() });
        Rounds.IsClosed(_rally.Stands, 1).ShouldBeFalse();
        closed = _rally.Keep(new Entry.RoundClosed { Id = _rally.NextId() });
        Rounds.IsClosed(_rally.Stands, 1).ShouldBeTrue();
        Rounds
            .IsClosed(StandingLog.Of([.. _rally.Log, new Entry.StruckOut { Id = _rally.NextId(), Entry = closed }]), 1)
            .ShouldBeFalse();
    }

    [Fact]
    public void A_closed_round_keeps_its_places_and_says_what_has_changed_since()
    {
        var rally = new Happening(Sample.Simple(), "Terns", "Whelks", "Crabs");
        var first = rally.Counted("Terns", "20+");
        rally.Counted("Whelks", "12");
        Compare(rally).ShouldBeNull();
        rally.Keep(new Entry.RoundClosed { Id = rally.NextId() });
        Compare(rally)
            .ShouldNotBeNull()
            .ShouldSatisfyAllConditions(c => c.Scoring.ShouldBe(Scorer.Version), c => c.Differences.ShouldBeEmpty());

        // It can be read back from a file, as the log keeps it.
        DocumentReader.Entry(Json.Write(rally.Log[^1])).IsOk.ShouldBeTrue();
        var kept = DocumentReader
            .KeptEntry(Json.Write(rally.Log[^1]))
            .ShouldBeOfType<Entry.RoundClosed>()
            .Kept.ShouldNotBeNull();
        kept.Rows.Select(r => (r.Team, r.Place, r.Total, r.Bound))
            .ShouldBe([
                (new("terns"), 1, 20m, Bound.AtLeast),
                (new("whelks"), 2, 12m, Bound.Exact),
                (new("crabs"), (int?)null, (decimal?)null, Bound.Exact),
            ]);
        Compare(rally, new Entry.StruckOut { Id = rally.NextId(), Entry = first })!
            .Differences.Select(d => $"{d.Name}: {d.Had}, {d.Has}")
            .ShouldBe(["Whelks: 2nd with 12.0, 1st with 12.0", "Terns: 1st with at least 20.0, unfinished"]);
    }

    [Fact]
    public void A_round_that_was_closed_before_places_were_kept_says_so()
    {
        Compare(_rally, new Entry.RoundClosed { Id = _rally.NextId() })!.Scoring.ShouldBeNull();
    }

    private static ClosedComparison? Compare(Happening rally, params Entry[] more)
    {
        var opened = OpenedRally.Open(rally.Rally with { Entries = [.. rally.Log, .. more] }).OrThrow();
        return ClosedRound.Compare(opened, opened.Result(1).Standings);
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

    private Entry.TrialRecorded Trial() =>
        new()
        {
            Id = _rally.NextId(),
            Team = new("terns"),
            Outcome = TrialOutcome.Failed,
        };
}
