using PluckyRally.Core.Curves;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Results;

namespace PluckyRally.Core.Tests.Score;

public sealed class OpenedRallyTests
{
    private static readonly Rally Good = new Happening(Sample.Simple(), "Terns", "Whelks").Rally;

    [Fact]
    public void A_good_rally_opens() => OpenedRally.Open(Good).IsOk.ShouldBeTrue();

    [Fact]
    public void Everything_wrong_with_the_teams_is_said_at_once()
    {
        var rally = Good with
        {
            Name = " ",
            Teams =
            [
                .. Good.Teams,
                new Team { Id = new("terns"), Name = "" },
                new Team { Id = new("x"), Name = "TERNS" },
            ],
        };
        Places(rally).ShouldBe(["/name", "/teams/2/id", "/teams/2/name", "/teams/3/name"]);
    }

    [Fact]
    public void A_rally_needs_teams() => Places(Good with { Teams = [] }).ShouldBe(["/teams"]);

    [Fact]
    public void A_brief_that_cannot_be_run_is_named_by_its_place() =>
        Places(Good with { Edition = new Edition { Brief = Sample.Simple() with { Title = "" } } })
            .ShouldBe(["/edition/brief/title"]);

    [Fact]
    public void Every_entry_is_looked_at_and_what_is_not_understood_is_set_aside()
    {
        var entry = new Entry.TrialRecorded
        {
            Id = new(Guid.NewGuid()),
            Team = new("gulls"),
            Outcome = TrialOutcome.Counted,
            Readings = [new Reading { Measure = "height", Typed = "?" }],
        };
        var strike = new Entry.StruckOut { Id = new(Guid.NewGuid()), Entry = new(Guid.NewGuid()) };
        var opened = OpenedRally.Open(Good with { Entries = [entry, strike] }).OrThrow();
        opened.Notes.Select(p => p.At).ShouldBe(["/entries/0/team", "/entries/0/readings/0/typed", "/entries/1/entry"]);
        opened.Rally.Entries.ShouldBeEmpty();
        opened.Received.Count.ShouldBe(2);
    }

    [Fact]
    public void Of_two_entries_with_one_id_the_same_one_is_one_and_another_is_set_aside()
    {
        var rally = new Happening(Sample.Simple(2), "Terns");
        rally.Counted("Terns", "20");
        var same = rally.Log[0];
        OpenedRally
            .Open(rally.Rally with { Entries = [same, same] })
            .OrThrow()
            .ShouldSatisfyAllConditions(o => o.Aside.ShouldBeEmpty(), o => o.Rally.Entries.Count.ShouldBe(1));
        var other = ((Entry.TrialRecorded)same) with { Outcome = TrialOutcome.Failed, Readings = [] };
        OpenedRally
            .Open(rally.Rally with { Entries = [same, other] })
            .OrThrow()
            .ShouldSatisfyAllConditions(
                o => o.Notes.Single().At.ShouldBe("/entries/1/id"),
                o =>
                    o.Rally.Entries.Single()
                        .ShouldBeOfType<Entry.TrialRecorded>()
                        .Outcome.ShouldBe(TrialOutcome.Counted)
            );
    }

    /// <summary>
    /// An offline device may send the first attempt after the second: what stands decides, whichever came first.
    /// </summary>
    [Theory]
    [InlineData(true)]
    [InlineData(false)]
    public void An_attempt_on_a_build_that_had_failed_is_set_aside_in_whatever_order_they_came(bool inOrder)
    {
        var brief = Sample.Simple(3) with
        {
            Trials = new()
            {
                Attempts = 3,
                Minimum = 1,
                FreshBuildAfterFailure = true,
            },
        };
        var rally = new Happening(brief, "Terns");
        rally.Trial("Terns", TrialOutcome.Failed, attempt: 1);
        Entry second = new Entry.TrialRecorded
        {
            Id = rally.NextId(),
            Team = new("terns"),
            Attempt = 2,
            Outcome = TrialOutcome.Counted,
            Readings = [new() { Measure = "height", Typed = "30" }],
        };
        var opened = OpenedRally
            .Open(rally.Rally with { Entries = inOrder ? [.. rally.Log, second] : [second, .. rally.Log] })
            .OrThrow();
        opened
            .Notes.Single()
            .ShouldSatisfyAllConditions(
                p => p.At.ShouldBe(inOrder ? "/entries/1/revision" : "/entries/0/revision"),
                p => p.Remedy.ShouldBe("Rebuild and record it as revision 2.")
            );
        opened.Rally.Entries.Single().ShouldBeOfType<Entry.TrialRecorded>().Outcome.ShouldBe(TrialOutcome.Failed);
        var struck = opened
            .With(
                Recorder
                    .Accept(
                        opened,
                        new Entry.StruckOut
                        {
                            Id = rally.NextId(),
                            Team = new("terns"),
                            Entry = opened.Aside.Single().Entry.Id,
                        }
                    )
                    .OrThrow()
            )
            .OrThrow();
        struck.ShouldSatisfyAllConditions(o => o.Notes.ShouldBeEmpty(), o => o.Received.Count.ShouldBe(3));
    }

    [Fact]
    public void More_given_back_than_was_bought_is_set_aside_as_soon_as_the_purchase_is_struck_out()
    {
        var shop = new Part.Budget
        {
            Id = "shop",
            Name = "Shop",
            Funds = 20,
            Prices = [Sample.Price("card", each: 2, name: "card")],
            Curve = new Curve.Raw(),
            Money = "token",
        };
        var rally = new Happening(Sample.Brief([], [shop]), "Terns");
        var opened = OpenedRally.Open(rally.Rally).OrThrow();
        var bought = rally.NextId();
        foreach (
            var entry in new Entry[]
            {
                new Entry.Purchased
                {
                    Id = bought,
                    Team = new("terns"),
                    Part = "shop",
                    Item = "card",
                    Count = 3,
                },
                new Entry.Returned
                {
                    Id = rally.NextId(),
                    Team = new("terns"),
                    Part = "shop",
                    Item = "card",
                    Count = 2,
                },
            }
        )
            opened = opened.With(Recorder.Accept(opened, entry).OrThrow()).OrThrow();
        opened.Aside.ShouldBeEmpty();
        opened = opened
            .With(
                new Entry.StruckOut
                {
                    Id = rally.NextId(),
                    Team = new("terns"),
                    Entry = bought,
                }
            )
            .OrThrow();
        opened
            .Notes.Single()
            .ShouldSatisfyAllConditions(
                p => p.At.ShouldBe("/entries/1/count"),
                p => p.What.ShouldBe("The team has bought only 0 of these.")
            );
        opened.Result(1).Standings.Rows[0].Total.ShouldBe(20);
    }

    [Fact]
    public void What_was_recorded_by_mistake_in_a_later_round_and_struck_out_leaves_no_round_behind()
    {
        var rally = new Happening(Sample.Simple(), "Terns", "Whelks");
        rally.Counted("terns", "10");
        rally.Counted("whelks", "20");
        rally.Round = 3;
        var mistakes = new[] { rally.Counted("terns", "30"), rally.Counted("whelks", "40") };
        var before = OpenedRally.Open(rally.Rally).OrThrow();
        (before.Rounds, before.Running).ShouldBe((3, 3));
        foreach (var mistake in mistakes)
            rally.Strike(mistake);
        var opened = OpenedRally.Open(rally.Rally).OrThrow();
        (opened.Rounds, opened.Running).ShouldBe((1, 1));
        opened.Stands.Count.ShouldBe(2);
        opened.Received.Count.ShouldBe(6, "nothing is lost");
    }

    [Fact]
    public void A_round_of_a_state_is_worked_out_once_and_anew_for_the_next_state()
    {
        var rally = new Happening(Sample.Simple(), "Terns", "Whelks");
        rally.Counted("terns", "10");
        var opened = OpenedRally.Open(rally.Rally).OrThrow();
        opened.Result(1).ShouldBeSameAs(opened.Result(1));
        opened.Result(2).Earlier[new("terns")].ShouldBeSameAs(opened.Result(1).Teams[0].Assessment);
        var next = rally.NextId();
        var grown = opened.With(new Entry.StruckOut { Id = next, Entry = opened.Stands[0].Id }).OrThrow();
        grown.Result(1).ShouldNotBeSameAs(opened.Result(1));
        grown.Result(1).Standings.Rows[0].Status.ShouldBe(StandingStatus.Unfinished);
    }

    [Fact]
    public void An_edition_with_tiers_of_its_own_is_refused() =>
        Places(Good with { Edition = new Edition { Brief = Sample.Simple() with { Tiers = [new() { Id = "old" }] } } })
            .ShouldBe(["/edition/brief/tiers"]);

    [Fact]
    public void A_million_entries_are_refused_by_a_stated_limit()
    {
        var entry = new Entry.StruckOut { Id = new(Guid.NewGuid()), Entry = new(Guid.NewGuid()) };
        OpenedRally
            .Open(Good with { Entries = Enumerable.Repeat<Entry>(entry, 1_000_000).ToArray() })
            .Problems[0]
            .Remedy.ShouldBe($"Keep to {Limits.Entries}.");
    }

    private static IEnumerable<string> Places(Rally rally) => OpenedRally.Open(rally).Problems.Select(p => p.At);
}
