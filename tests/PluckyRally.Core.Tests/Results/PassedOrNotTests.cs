using PluckyRally.Core.Checks;
using PluckyRally.Core.Results;

namespace PluckyRally.Core.Tests.Results;

/// <summary>
/// A brief that measures nothing in an attempt: each one is passed or not, and a team did it when one that counts kept
/// everything.
/// </summary>
public sealed class PassedOrNotTests
{
    private static readonly Brief Brief = Sample.Brief(
        [],
        [],
        attempts: 3,
        rules:
        [
            Sample.Inspection("float", new Consequence.DoesNotPlace(), CheckTime.EveryAttempt),
            Sample.Inspection("dry", new Consequence.DoesNotPlace(), CheckTime.EveryAttempt),
            Sample.Inspection("named", new Consequence.NoteOnly(), CheckTime.EveryAttempt),
        ]
    ) with
    {
        Trials = new Trials { Attempts = 3, Minimum = 1 },
        Method = new Method { Ranking = false },
    };

    private readonly Happening _rally = new(Brief, "Terns", "Whelks");

    [Theory]
    [InlineData("kk", "did it in its first attempt", "did it")]
    [InlineData("km", "not yet in its first attempt", "missed “It must dry”")]
    [InlineData("F", "not yet in its first attempt", "")]
    [InlineData("km kk", "did it in 1 of 2 attempts", "did it")]
    [InlineData("kk kk", "did it in all 2 attempts", "did it")]
    [InlineData("F F", "not yet in 2 attempts", "")]
    [InlineData("kk F km", "did it in 1 of 3 attempts", "missed “It must dry”")]
    [InlineData("km mk", "not yet in 2 attempts", "missed “It must float”")]
    [InlineData("k?", "", "waiting for an answer: “It must dry”")]
    public void A_team_did_it_when_one_attempt_kept_everything(string attempts, string done, string last)
    {
        Play("Terns", attempts);
        _rally.Standing("Terns").Done.ShouldBe(done);
        Sheet("Terns").Trials[^1].Became.ShouldBe(last);
    }

    [Theory]
    [InlineData("km mk", "Met Met", StandingStatus.Placed, "each was kept in an attempt that counts")]
    [InlineData("F F", "Missed Missed", StandingStatus.DidNotPlace, "failed attempts kept none")]
    [InlineData("km kk", "Met Met", StandingStatus.Placed, "the second attempt kept what the first one missed")]
    [InlineData("km F", "Met Missed", StandingStatus.DidNotPlace, "nothing kept the other")]
    [InlineData("", "ToCheck ToCheck", StandingStatus.Unfinished, "there is still an attempt to make")]
    public void A_must_have_is_kept_by_an_attempt_that_counts(
        string attempts,
        string states,
        StandingStatus status,
        string why
    )
    {
        Play("Terns", attempts);
        var row = _rally.Standing("Terns");
        string.Join(' ', row.Musts.Take(2).Select(m => m.State)).ShouldBe(states, why);
        row.Status.ShouldBe(status, why);
    }

    [Fact]
    public void A_failed_attempt_asks_nothing_and_a_note_stands_beside_what_was_done()
    {
        Play("Terns", "F");
        Sheet("Terns").Designs[0].Asked.ShouldBeEmpty();
        Play("Terns", "kk");
        _rally.Checked("Terns", "named", met: false, attempt: 2);
        Sheet("Terns").Trials[^1].Became.ShouldBe("did it, missed “It must named”");
        _rally
            .Standing("Terns")
            .Why.Where(s => s.Kind == TraceKind.Attempt)
            .Select(s => s.Sentence)
            .ShouldBe(["Attempt 1: failed.", "Attempt 2: did it, missed “It must named”."]);
    }

    [Fact]
    public void Nothing_is_said_of_places_where_there_are_none()
    {
        Play("Terns", "F");
        Play("Whelks", "kk");
        var standings = _rally.Standings();
        standings
            .Rows.SelectMany(r => r.Why.Select(s => s.Sentence).Append(r.NoPlaceText))
            .ShouldAllBe(s => !s.Contains("place", StringComparison.OrdinalIgnoreCase));
        standings.Rows.Select(r => r.NoPlaceText).ShouldContain("Missed “It must float”");
    }

    [Fact]
    public void A_list_over_classes_counts_who_did_it_failed_ones_in_the_sum()
    {
        Play("Terns", "F F");
        Play("Whelks", "km kk");
        var rally = new RallyJoining(new(Guid.NewGuid()), OpenedRally.Open(_rally.Rally).OrThrow(), 1);
        var all = OverAll.Of([rally], new Combined());
        (all.Figure, all.WinsText, all.Ranking).ShouldBe(("team.didIt", "1 of 2 teams did it.", false));
        all.Rows.Select(r => (r.Name, r.Value, r.Place))
            .ShouldBe([("Terns", 0, null), ("Whelks", 1, null)], ignoreOrder: true);
        all.Figures.Select(f => f.Id).ShouldBe(["team.didIt", "team.done"]);
    }

    [Fact]
    public void A_rule_that_looks_at_the_round_before_says_nothing_of_the_first()
    {
        var narrower = Sample.Limit(
            "narrow",
            "width",
            Comparison.AtMost,
            "",
            new Consequence.DoesNotPlace(),
            CheckTime.EveryAttempt
        );
        var rally = new Happening(
            Brief with
            {
                Measures = [Sample.Number("width", taken: ReadOccasion.Once)],
                Rules = [narrower with { Check = (RuleCheck.Limit)narrower.Check with { PercentOfLastRound = 75 } }],
            },
            "Terns"
        );
        rally.Read("Terns", "width", "8");
        rally.Counted("Terns");
        rally
            .Standing("Terns")
            .ShouldSatisfyAllConditions(
                r => r.Musts.Single().State.ShouldBe(RuleState.NotChecked),
                r => r.Status.ShouldBe(StandingStatus.Placed)
            );
    }

    [Fact]
    public void Where_something_is_measured_a_must_have_stays_one_of_every_attempt()
    {
        var rally = new Happening(Brief with { Measures = [Sample.Height()] }, "Terns");
        rally.Counted("Terns", "20");
        rally.Checked("Terns", "float", met: false, attempt: 1);
        rally.Checked("Terns", "dry", met: true, attempt: 1);
        rally.Counted("Terns", "22");
        rally.Checked("Terns", "float", met: true, attempt: 2);
        rally.Checked("Terns", "dry", met: true, attempt: 2);
        rally.Standing("Terns").Status.ShouldBe(StandingStatus.DidNotPlace);
        rally.Standing("Terns").Done.ShouldBeNull();
        TeamSheet
            .For(OpenedRally.Open(rally.Rally).OrThrow(), new("terns"), 1)!
            .Trials.Select(t => $"{t.Shown} {t.Became}")
            .ShouldBe(["20 cm counts, missed “It must float”", "22 cm counts"]);
    }

    /// <summary>
    /// Attempts by a letter for each must-have: k kept, m missed, ? not answered; F is a failed attempt.
    /// </summary>
    private void Play(string team, string attempts)
    {
        var made = Sheet(team).Trials.Count;
        foreach (var attempt in attempts.Split(' ', StringSplitOptions.RemoveEmptyEntries))
        {
            made++;
            if (attempt == "F")
            {
                _rally.Failed(team);
                continue;
            }

            _rally.Counted(team);
            foreach (var (rule, said) in new[] { "float", "dry" }.Zip(attempt))
            {
                if (said != '?')
                    _rally.Checked(team, rule, met: said == 'k', attempt: made);
            }
        }
    }

    private TeamSheet Sheet(string team) =>
        TeamSheet.For(OpenedRally.Open(_rally.Rally).OrThrow(), new(team.ToLowerInvariant()), 1)!;
}
