using PluckyRally.Core.Checks;
using PluckyRally.Core.Curves;
using PluckyRally.Core.Files;
using PluckyRally.Core.Results;
using PluckyRally.Core.Tests.Formats;

namespace PluckyRally.Core.Tests.Results;

/// <summary>
/// What does not count cannot count anywhere; and nobody is out, and nothing is set, before the attempts are made.
/// </summary>
public sealed class AttemptsThatCountTests
{
    private static readonly Rule Stands = Sample.Limit(
        "stands",
        "hold",
        Comparison.AtLeast,
        "5",
        new Consequence.AttemptDoesNotCount(),
        CheckTime.EveryAttempt
    );

    [Fact]
    public void A_limit_looks_at_no_attempt_that_a_rule_has_failed()
    {
        var rally = new Happening(
            Held(2, Sample.Limit("least", "height", Comparison.AtLeast, "12 cm", new Consequence.DoesNotPlace())),
            "A"
        );
        rally.Counted("A", "20", "2");
        rally.Counted("A", "10", "6");
        rally.Standing("A").Status.ShouldBe(StandingStatus.DidNotPlace);
    }

    [Fact]
    public void A_summary_looks_at_no_attempt_that_a_rule_has_failed()
    {
        var rally = new Happening(Held(2), "A");
        rally.Counted("A", "20", "2");
        rally.Counted("A", "10", "6");
        MeasureSummaries
            .Of(OpenedRally.Open(rally.Rally).OrThrow(), 1)
            .Single(s => s.Measure == "height")
            .Summary!.Count.ShouldBe(1);
    }

    [Fact]
    public void A_bare_measure_in_a_tie_break_is_the_best_that_counted()
    {
        var brief = Held(2);
        brief = brief with
        {
            Method = brief.Method with
            {
                Parts = [Sample.Part("cards", new Curve.Rate(1))],
                TieBreaks = [Sample.TieBreak("higher", "height", Better.More)],
            },
        };
        brief = brief with { Measures = [.. brief.Measures, Sample.Count("cards", taken: ReadOccasion.Once)] };
        var rally = new Happening(brief, "A", "B");
        foreach (var team in new[] { "A", "B" })
            rally.Read(team, "cards", "3");
        rally.Counted("A", "20", "2");
        rally.Counted("A", "10", "6");
        rally.Counted("B", "15", "6");
        rally.Counted("B", "12", "6");
        rally.Standing("B").PlaceText.ShouldBe("1st");
    }

    [Fact]
    public void Nobody_is_out_by_the_best_before_the_attempts_are_made()
    {
        var brief = Sample.Simple(3) with
        {
            Rules = [Sample.Limit("least", "height", Comparison.AtLeast, "12 cm", new Consequence.DoesNotPlace())],
        };
        var rally = new Happening(brief, "A");
        rally.Counted("A", "10");
        rally.Standing("A").Status.ShouldBe(StandingStatus.Unfinished);
        rally.Counted("A", "11");
        rally.Counted("A", "9");
        rally.Standing("A").Status.ShouldBe(StandingStatus.DidNotPlace);
    }

    [Fact]
    public void Fewer_attempts_than_needed_is_unfinished_also_where_no_part_reads_them()
    {
        var rule = Sample.Inspection("float", new Consequence.AttemptDoesNotCount(), CheckTime.EveryAttempt);
        var rally = new Happening(
            Sample.Brief(
                [Sample.Count("cards", taken: ReadOccasion.Once)],
                [Sample.Part("cards", new Curve.Rate(1))],
                2,
                [rule]
            ),
            "A"
        );
        rally.Read("A", "cards", "3");
        rally.Counted("A");
        rally.Standing("A").Reason.ShouldBe("1 of 2 attempts made");
        rally.Failed("A");
        rally.Standing("A").Status.ShouldBe(StandingStatus.Placed);
    }

    [Fact]
    public void Counted_by_one_judge_and_failed_by_another_waits_until_they_agree()
    {
        var rally = new Happening(Sample.Simple(), "A");
        rally.Counted("A", "20");
        var trial = rally.Log.OfType<Entry.TrialRecorded>().Single();
        rally.Keep(
            trial with
            {
                Id = rally.NextId(),
                By = "Moss",
                Attempt = 1,
                Outcome = TrialOutcome.Failed,
                Readings = [],
            }
        );
        var standing = rally.Standing("A");
        standing.Status.ShouldBe(StandingStatus.Unfinished);
        standing.Reason.ShouldContain("counted by one judge and failed by another");
        rally.Strike(rally.Log[^1].Id);
        rally.Standing("A").Total.ShouldBe(20);
    }

    [Fact]
    public void A_judge_corrects_an_attempt_without_a_dispute()
    {
        var rally = new Happening(Sample.Simple(), "A");
        rally.Counted("A", "20");
        rally.Trial("A", TrialOutcome.Failed, attempt: 1);
        rally.Standing("A").Status.ShouldBe(StandingStatus.Placed);
        rally.Standing("A").Total.ShouldBe(0);
    }

    [Fact]
    public void A_team_whose_part_gives_failure_points_by_a_rule_does_not_set_the_best()
    {
        var whole = Sample.Inspection("stay whole", new Consequence.FailurePoints("part")) with { Id = "whole" };
        var rally = new Happening(
            Sample.Simple(better: Better.Less, curve: new Curve.ShareOfBest(100)) with
            {
                Rules = [whole],
            },
            "A",
            "B"
        );
        rally.Counted("A", "40");
        rally.Checked("A", "whole", true);
        rally.Counted("B", "20");
        rally.Checked("B", "whole", false);
        rally.Standing("A").Total.ShouldBe(100);
        rally.Standing("B").Total.ShouldBe(0);
    }

    [Theory]
    [InlineData(Combine.Best, 100)]
    [InlineData(Combine.Worst, 0)]
    public void Under_a_target_the_best_attempt_is_the_nearest_to_the_mark(Combine combine, decimal points)
    {
        var rally = new Happening(Sample.Simple(2, combine, curve: new Curve.Target(300, 100, 1)), "A");
        rally.Counted("A", "450");
        rally.Counted("A", "300");
        rally.Standing("A").Total.ShouldBe(points);
    }

    [Fact]
    public void A_cut_takes_attempts_away_from_limits_too()
    {
        var brief = Sample.Simple(3) with
        {
            Rules = [Sample.Limit("least", "height", Comparison.AtLeast, "12 cm", new Consequence.DoesNotPlace())],
        };
        var rally = new Happening(brief, "A");
        foreach (var typed in new[] { "10", "9", "20" })
            rally.Counted("A", typed);
        rally.Standing("A").Status.ShouldBe(StandingStatus.Placed);
        var cut = Sample.Ready(brief with { Trials = brief.Trials with { Attempts = 2 } });
        Sample.Came(cut, rally.Teams, rally.Log).Standings.Rows.Single().Status.ShouldBe(StandingStatus.DidNotPlace);
    }

    [Fact]
    public void What_a_miss_in_an_attempt_costs_the_team_is_asked_of_failed_attempts_too()
    {
        var brief = Sample.Simple(2) with
        {
            Rules = [Sample.Inspection("dry", new Consequence.DoesNotPlace(), CheckTime.EveryAttempt)],
        };
        var rally = new Happening(brief, "A");
        rally.Counted("A", "20");
        rally.Failed("A");
        rally.Standing("A").Reason.ShouldBe("still to check in attempt 1: “It must dry”");
        Asked(rally).ShouldBe([new(1, "dry", RuleState.ToCheck), new(2, "dry", RuleState.ToCheck)]);
        rally.Checked("A", "dry", true, 1);
        rally.Standing("A").Reason.ShouldBe("still to check in attempt 2: “It must dry”");
        rally.Checked("A", "dry", false, 2);
        Asked(rally).ShouldBe([new(1, "dry", RuleState.Met), new(2, "dry", RuleState.Missed)]);
        rally.Standing("A").Status.ShouldBe(StandingStatus.DidNotPlace);
    }

    [Fact]
    public void Where_a_miss_only_fails_the_attempt_nobody_is_asked()
    {
        var brief = Sample.Simple() with
        {
            Rules = [Sample.Inspection("dry", new Consequence.AttemptDoesNotCount(), CheckTime.EveryAttempt)],
        };
        var rally = new Happening(brief, "A");
        rally.Counted("A", "20");
        Asked(rally).ShouldBeEmpty();
        rally.Standing("A").Status.ShouldBe(StandingStatus.Placed);
    }

    [Fact]
    public void A_bonus_that_nobody_looked_at_is_not_given_and_holds_nobody_up()
    {
        var brief = Sample.Simple() with
        {
            Rules = [Sample.Inspection("dry", new Consequence.NoteOnly(), CheckTime.EveryAttempt) with { Bonus = 3 }],
        };
        var rally = new Happening(brief, "A");
        rally.Counted("A", "20");
        rally.Standing("A").Total.ShouldBe(20);
        rally.Checked("A", "dry", true, 1);
        rally.Standing("A").Total.ShouldBe(23);
    }

    /// <summary>
    /// Whatever was read in attempts that do not count may be anything at all: nobody's figures, rules, awards or
    /// summaries change.
    /// </summary>
    [Fact]
    public void Nothing_reads_an_attempt_that_does_not_count()
    {
        var touched = 0;
        for (var seed = 1; seed <= 400; seed++)
        {
            if (RandomRally.Draw(seed) is not { } rally)
                continue;
            var opened = OpenedRally.Open(rally).OrThrow();
            var other = rally with { Entries = [.. rally.Entries.Select(e => Other(opened, e))] };
            if (ReferenceEquals(rally, other) || rally.Entries.SequenceEqual(other.Entries))
                continue;
            touched++;
            for (var round = 1; round <= opened.Rounds; round++)
                Everything(other, round).ShouldBe(Everything(rally, round), $"seed {seed}, round {round}");
        }

        touched.ShouldBeGreaterThan(50);
    }

    private static string Everything(Rally rally, int round)
    {
        var opened = OpenedRally.Open(rally).OrThrow();
        return Json.Write(opened.Result(round).Standings) + Json.Write(MeasureSummaries.Of(opened, round));
    }

    /// <summary>
    /// A trial that a judge failed, or that is void or waiting, with readings that no counted one has; everything else
    /// as it is.
    /// </summary>
    private static Entry Other(OpenedRally opened, Entry entry) =>
        entry is Entry.TrialRecorded { Outcome: not TrialOutcome.Counted } trial
            ? trial with
            {
                Readings =
                [
                    .. opened
                        .In(1)
                        .Compiled.Brief.Measures.Where(m => m.Taken == ReadOccasion.EachAttempt)
                        .Select(m => new Reading { Measure = m.Id, Typed = "9999" }),
                ],
            }
            : entry;

    private static IReadOnlyList<SheetAsked> Asked(Happening rally) =>
        TeamSheet.For(OpenedRally.Open(rally.Rally).OrThrow(), new("a"), 1)!.Designs.Single().Asked;

    /// <summary>
    /// A height and how long it held, in each attempt; an attempt that did not stand five seconds does not count.
    /// </summary>
    private static Brief Held(int attempts, params Rule[] rules) =>
        Sample.Brief(
            [Sample.Height(), Sample.Number("hold")],
            [Sample.Part("height", new Curve.Rate(1))],
            attempts,
            [Stands, .. rules]
        );
}
