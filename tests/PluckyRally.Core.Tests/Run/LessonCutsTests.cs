using PluckyRally.Core.Results;
using PluckyRally.Core.Run;
using PluckyRally.Core.Time;

namespace PluckyRally.Core.Tests.Run;

/// <summary>Less time than was planned: what is cut, what it saves, and that it is the same for every team.</summary>
public sealed class LessonCutsTests
{
    private static readonly Brief Brief = Sample.Simple(3, Combine.Mean) with
    {
        Timing = new Timing
        {
            Phases = [Sample.Phase("test", PhaseKind.Test, minutes: 1, teamByTeam: true, changeover: 0.5m)],
        },
    };

    private readonly Happening _rally = new(Brief, "Terns", "Whelks", "Limpets", "Cockles");

    [Fact]
    public void Each_cut_says_what_it_saves_and_costs()
    {
        // Four teams, three attempts of 1 min, 0.5 min between: 14 min. Two attempts: 10. Two places: 7.
        LessonCuts
            .Offers(Brief, [0, 0, 0, 0])
            .Select(o => (o.Label, o.Costs))
            .ShouldBe([
                (
                    "2 attempts a team",
                    "Saves 4 minutes. Only each team's first 2 attempts count; later ones are kept and not scored."
                ),
                ("Test at a second table", "Saves 7 minutes. It takes one more judge and the same set-up once more."),
            ]);
    }

    [Fact]
    public void Nothing_is_offered_where_nothing_would_be_saved()
    {
        LessonCuts.Offers(Brief with { Timing = new() }, [0, 0, 0, 0]).ShouldBeEmpty();
        LessonCuts
            .Offers(LessonCuts.Lay(new Edition { Brief = Brief }, [Cut(1), Places(4)]).Brief, [0, 0, 0, 0])
            .ShouldBeEmpty("one attempt, a place for each team");
    }

    [Fact]
    public void What_has_been_tested_already_cannot_be_saved()
    {
        // Terns are through, Whelks have one attempt of three to make, the others three: 1.5 + 3.5 + 3.5 = 8.5 min are
        // left.
        foreach (var typed in new[] { "10", "20", "60" })
            _rally.Counted("Terns", typed);
        foreach (var typed in new[] { "30", "10" })
            _rally.Counted("Whelks", typed);
        var opened = OpenedRally.Open(_rally.Rally).OrThrow();

        // With two attempts only the others are left: 2.5 + 2.5 = 5. At two places: Whelks beside Limpets 3.5, Cockles
        // 3.5.
        LessonCuts
            .Offers(Lesson.Of(opened), 1)
            .Select(o => o.Costs[..o.Costs.IndexOf('.', StringComparison.Ordinal)])
            .ShouldBe(["Saves 3", "Saves 1"]);
        LessonCuts.Offers(Brief, [3, 3, 3, 3]).ShouldBeEmpty();
    }

    [Fact]
    public void The_first_attempts_of_every_team_count_and_later_ones_stay_in_the_log()
    {
        foreach (var typed in new[] { "10", "20", "60" })
            _rally.Counted("Terns", typed);
        _rally.Counted("Whelks", "30");
        _rally.Counted("Whelks", "10");
        _rally.Standing("Whelks").Status.ShouldBe(StandingStatus.Unfinished);
        _rally.Keep(Cut(2));
        var opened = OpenedRally.Open(_rally.Rally).OrThrow();
        var standings = Sample.Came(opened.In(1).Compiled, _rally.Teams, _rally.Log).Standings;
        standings
            .Rows.Where(r => r.Status == StandingStatus.Placed)
            .Select(r => (r.Name, r.Total))
            .ShouldBe([("Whelks", 20m), ("Terns", 15m)]);
        opened.Rally.Entries.OfType<Entry.TrialRecorded>().Count().ShouldBe(5);
        Recorder
            .Accept(opened.In(1).Compiled, _rally.Teams, Third(), _rally.Log)
            .Problems.ShouldHaveSingleItem()
            .At.ShouldBe("/attempt");
    }

    [Fact]
    public void A_cut_that_is_struck_out_was_never_made()
    {
        var cut = _rally.Keep(Cut(1));
        OpenedRally.Open(_rally.Rally).OrThrow().In(1).Compiled.Brief.Trials.Attempts.ShouldBe(1);
        _rally.Strike(cut);
        OpenedRally.Open(_rally.Rally).OrThrow().In(1).Compiled.Brief.Trials.Attempts.ShouldBe(3);
    }

    [Fact]
    public void The_mean_of_the_best_takes_no_more_than_are_left()
    {
        var brief = Brief with
        {
            Trials = Brief.Trials with { Minimum = 3 },
            Method = Brief.Method with
            {
                Parts = [((Part.Measured)Brief.Method.Parts[0]) with { Combine = Combine.BestMean, BestOf = 3 }],
            },
        };
        var cut = LessonCuts.Lay(new Edition { Brief = brief }, [Cut(2)]).Brief;
        (cut.Trials.Minimum, ((Part.Measured)cut.Method.Parts[0]).BestOf).ShouldBe((2, 2));
        CompiledEdition.For(new Edition { Brief = cut }).IsOk.ShouldBeTrue();
    }

    [Fact]
    public void The_clock_reckons_with_the_cut()
    {
        var opened = new Happening(Brief, "A", "B", "C", "D");
        opened.Keep(Places(2));
        LessonClock
            .Of(
                OpenedRally.Open(opened.Rally).OrThrow().In(1).Compiled.Brief,
                [new("a"), new("b"), new("c"), new("d")],
                opened.Stands
            )
            .Phases.Single()
            .Minutes.ShouldBe(7);
    }

    [Theory]
    [InlineData(0)]
    [InlineData(4)]
    public void Attempts_that_cannot_be_are_refused(int attempts) =>
        _rally.Offer(Cut(attempts)).Problems.ShouldHaveSingleItem().At.ShouldBe("/attempts");

    [Fact]
    public void Places_of_a_phase_that_has_none_are_refused() =>
        _rally.Offer(Places(2) with { Phase = "build" }).Problems.ShouldHaveSingleItem().At.ShouldBe("/phase");

    private Entry.AttemptsCut Cut(int attempts) => new() { Id = _rally.NextId(), Attempts = attempts };

    private Entry.PlacesOpened Places(int places) =>
        new()
        {
            Id = _rally.NextId(),
            Phase = "test",
            Places = places,
        };

    private Entry.TrialRecorded Third() =>
        new()
        {
            Id = _rally.NextId(),
            Team = new("whelks"),
            Attempt = 3,
            Outcome = TrialOutcome.Failed,
        };
}
