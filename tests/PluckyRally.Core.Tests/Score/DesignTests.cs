namespace PluckyRally.Core.Tests.Score;

public sealed class DesignTests
{
    [Fact]
    public void The_design_that_the_team_names_counts()
    {
        var rally = new Happening(Sample.Simple() with { Trials = new Trials { Designs = DesignChoice.Named } }, "A");
        rally.Trial("A", TrialOutcome.Counted, ["30"], design: "short arm");
        rally.Trial("A", TrialOutcome.Counted, ["10"], design: "long arm");
        rally.Standing("A").Total.ShouldBe(10);
        rally.Offer(Noted(rally)).IsOk.ShouldBeTrue();
        Sample.Came(rally.Compiled, rally.Teams, [.. rally.Log, Noted(rally)]).Standings.Rows[0].Total.ShouldBe(30);
    }

    [Fact]
    public void After_a_failure_a_brief_can_ask_for_a_fresh_build()
    {
        var rally = new Happening(
            Sample.Simple(5) with
            {
                Trials = new Trials
                {
                    Attempts = 5,
                    FreshBuildAfterFailure = true,
                    FreshBuilds = 1,
                },
            },
            "A"
        );
        rally.Failed("A");
        var again = rally.Offer(Failed(rally, 1)).Problems.ShouldHaveSingleItem();
        again.At.ShouldBe("/revision");
        again.Remedy.ShouldContain("revision 2");
        rally.Offer(Failed(rally, 2)).IsOk.ShouldBeTrue();
        rally.Offer(Failed(rally, 3)).Problems.ShouldHaveSingleItem().What.ShouldContain("allows 1 fresh build");
    }

    [Fact]
    public void Readings_of_one_attempt_by_two_judges_say_how_far_apart_they_are()
    {
        var rally = new Happening(Sample.Simple(), "A");
        rally.Trial("A", TrialOutcome.Counted, ["20"], attempt: 1);
        rally.Trial("A", TrialOutcome.Counted, ["23"], attempt: 1);
        rally
            .Standing("A")
            .Why.ShouldContain(w =>
                w.Sentence.EndsWith("The mean of 2 readings, 3 cm apart.", StringComparison.Ordinal)
            );
    }

    private static Entry.DesignNoted Noted(Happening rally) =>
        new()
        {
            Id = rally.NextId(),
            Team = new("a"),
            Design = "short arm",
            Named = true,
        };

    private static Entry.TrialRecorded Failed(Happening rally, int revision) =>
        new()
        {
            Id = rally.NextId(),
            Team = new("a"),
            Outcome = TrialOutcome.Failed,
            Revision = revision,
        };
}
