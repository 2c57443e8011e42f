using Shouldly;
using Xunit;

namespace PluckyRally.Core.Tests.Scoring;

public sealed class OpenedRallyTests
{
    private static readonly Rally Good = new Happening(Sample.Simple(), "Terns", "Whelks").Rally;

    [Fact]
    public void A_good_rally_opens() => OpenedRally.Open(Good).IsOk.ShouldBeTrue();

    [Fact]
    public void Everything_wrong_with_the_teams_is_said_at_once()
    {
        var rally = Good with { Name = " ", Teams = [.. Good.Teams, new Team { Id = "terns", Name = "" }, new Team { Id = "x", Name = "TERNS" }] };
        Places(rally).ShouldBe(["/name", "/teams/2/id", "/teams/2/name", "/teams/3/name"]);
    }

    [Fact]
    public void A_rally_needs_teams() => Places(Good with { Teams = [] }).ShouldBe(["/teams"]);

    [Fact]
    public void A_brief_that_cannot_be_run_is_named_by_its_place() =>
        Places(Good with { Edition = new Edition { Brief = Sample.Simple() with { Title = "" } } }).ShouldBe(["/edition/brief/title"]);

    [Fact]
    public void Every_entry_is_looked_at()
    {
        var entry = new Entry.TrialRecorded { Id = Guid.NewGuid(), Team = "gulls", Outcome = TrialOutcome.Counted, Readings = [new Reading { Measure = "height", Typed = "?" }] };
        var strike = new Entry.StruckOut { Id = Guid.NewGuid(), Entry = Guid.NewGuid() };
        Places(Good with { Entries = [entry, strike] }).ShouldBe(["/entries/0/team", "/entries/0/readings/0/typed", "/entries/1/entry"]);
    }

    [Fact]
    public void A_million_entries_are_refused_by_a_stated_limit()
    {
        var entry = new Entry.StruckOut { Id = Guid.NewGuid(), Entry = Guid.NewGuid() };
        OpenedRally.Open(Good with { Entries = Enumerable.Repeat<Entry>(entry, 1_000_000).ToArray() }).Problems[0].Remedy.ShouldBe($"Keep to {Most.Entries}.");
    }

    private static IEnumerable<string> Places(Rally rally) => OpenedRally.Open(rally).Problems.Select(p => p.At);
}
