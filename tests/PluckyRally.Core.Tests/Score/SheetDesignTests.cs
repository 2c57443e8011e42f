namespace PluckyRally.Core.Tests.Score;

/// <summary>
/// Several designs of a team, fresh builds, second readings, doubled entries, and trials that are not scored.
/// </summary>
public sealed class SheetDesignTests
{
    private readonly Happening _rally = new(
        Sample.Simple(3) with
        {
            Trials = new() { Attempts = 3, FreshBuildAfterFailure = true },
        },
        "Terns",
        "Whelks"
    );

    [Fact]
    public void Each_design_has_attempts_of_its_own_and_the_better_one_counts()
    {
        _rally.Trial("Terns", TrialOutcome.Counted, ["20"], design: "wide");
        _rally.Trial("Terns", TrialOutcome.Counted, ["35"], design: "tall");
        foreach (var typed in new[] { "21", "22" })
            _rally.Trial("Terns", TrialOutcome.Counted, [typed], design: "wide");
        foreach (var typed in new[] { "36", "37" })
            _rally.Trial("Terns", TrialOutcome.Counted, [typed], design: "tall");
        _rally.Keep(
            new Entry.DesignNoted
            {
                Id = _rally.NextId(),
                Team = new("terns"),
                Design = "round",
                Changed = "no corners",
            }
        );
        Sheet()
            .Designs.Select(d => (d.Name, Open: string.Join(' ', d.Open), d.Counts, d.Changed))
            .ShouldBe([("wide", "", false, ""), ("tall", "", true, ""), ("round", "1 2 3", false, "no corners")]);
    }

    [Fact]
    public void After_a_failed_attempt_the_next_one_is_a_fresh_build()
    {
        Sheet()
            .Designs.Single()
            .ShouldSatisfyAllConditions(d => d.Revision.ShouldBe(1), d => d.FreshBuild.ShouldBeFalse());
        _rally.Failed("Terns");
        var design = Sheet().Designs.Single();
        (design.Revision, design.FreshBuild).ShouldBe((2, true));
        design.Open.ShouldBe([2, 3]);
        _rally.Offer(Attempt(2, "30") with { Revision = 1 }).Problems.ShouldHaveSingleItem().At.ShouldBe("/revision");
        _rally.Keep(Attempt(2, "30") with { Revision = 2 });
        (Sheet().Designs.Single().Revision, Sheet().Designs.Single().FreshBuild).ShouldBe((2, false));
    }

    [Fact]
    public void An_attempt_that_two_judges_recorded_is_shown_as_doubled_until_somebody_says_what_it_is()
    {
        _rally.Keep(Attempt(1, "30") with { By = "Aide" });
        var second = _rally.Keep(Attempt(1, "34") with { By = "Teacher" });
        var trials = Sheet().Trials;
        trials.Select(t => t.Twice).ShouldBe([false, true]);
        trials[1].Readings.Single().Typed.ShouldBe("34");
        _rally.Strike(second, "a second reading");
        _rally.Keep(Attempt(1, "34") with { By = "Teacher", Again = true });
        Sheet()
            .Trials.ShouldSatisfyAllConditions(
                t => t.ShouldAllBe(x => !x.Twice),
                t => t[1].Spread.ShouldBe("Height: 4 cm")
            );
        _rally.Counted("Terns", "20");
        _rally.Counted("Terns", "20");
        _rally.Standing("Terns").Total.ShouldBe(32, "the mean of 30 and 34 is the best attempt");
    }

    [Fact]
    public void Practice_control_and_what_is_to_beat_stand_beside_and_use_nothing_up()
    {
        _rally.Trial("Terns", TrialOutcome.Counted, ["99"], purpose: Purpose.Practice);
        _rally.Trial("Whelks", TrialOutcome.Counted, ["98"], purpose: Purpose.Practice);
        _rally.Trial("", TrialOutcome.Counted, ["12"], purpose: Purpose.Control);
        _rally.Trial("", TrialOutcome.Counted, ["61"], purpose: Purpose.Benchmark);
        var sheet = Sheet();
        sheet
            .References.Select(r => (r.Purpose, r.Shown))
            .ShouldBe(
                [(Purpose.Practice, "99 cm"), (Purpose.Control, "12 cm"), (Purpose.Benchmark, "61 cm")],
                "the class's and the team's own"
            );
        sheet.Designs.Single().Open.ShouldBe([1, 2, 3]);
        sheet.Trials.ShouldBeEmpty();
        _rally.Standing("Terns").Total.ShouldBeNull();
    }

    [Fact]
    public void The_teachers_trial_build_in_the_brief_is_something_to_beat()
    {
        var compiled = Sample.Ready(Sample.Brief([Sample.Height() with { Benchmark = 42 }], [Sample.Part("height")]));
        ReferenceTrial
            .Of(compiled, StandingLog.Empty, new("Terns"), 1)
            .Select(r => (r.Team, r.Purpose, r.Shown))
            .ShouldBe([(default, Purpose.Benchmark, "Height 42 cm")]);
    }

    [Fact]
    public void Results_show_all_designs_of_a_team_and_what_was_seen_of_it()
    {
        foreach (var (design, typed) in new[] { ("", "20"), ("long arm", "31") })
        {
            for (var i = 0; i < 3; i++)
                _rally.Trial("Terns", TrialOutcome.Counted, [typed], design: design);
        }

        _rally.Keep(
            new Entry.DesignNoted
            {
                Id = _rally.NextId(),
                Team = new("terns"),
                Design = "long arm",
                Changed = "lighter cup",
            }
        );
        _rally.Keep(
            new Entry.NoteMade
            {
                Id = _rally.NextId(),
                Team = new("terns"),
                Text = "measures twice",
            }
        );
        var row = _rally.Standing("Terns");
        row.Noted.ShouldBe(["measures twice"]);
        row.Designs.Select(d => (d.Name, d.Counts, d.Changed, string.Join("; ", d.Values)))
            .ShouldBe([("", false, "", "part: 20 cm"), ("long arm", true, "lighter cup", "part: 31 cm")]);
        _rally.Standing("Whelks").Designs.ShouldBeEmpty("with one design there is nothing to hold beside it");
    }

    private TeamSheet Sheet() => TeamSheet.For(OpenedRally.Open(_rally.Rally).OrThrow(), new("terns"), 1)!;

    private Entry.TrialRecorded Attempt(int number, string typed) =>
        new()
        {
            Id = _rally.NextId(),
            Team = new("terns"),
            Attempt = number,
            Outcome = TrialOutcome.Counted,
            Readings = [new() { Measure = "height", Typed = typed }],
        };
}
