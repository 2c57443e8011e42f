using PluckyRally.Core.Run;
using PluckyRally.Core.Tests.Parts;
using PluckyRally.Core.Time;

namespace PluckyRally.Core.Tests.Score;

/// <summary>So many attempts for a team with all its designs, and a first design that is named.</summary>
public sealed class AttemptsOfTheTeamTests
{
    private static OnePart Begin(AttemptsFor whose)
    {
        var simple = Sample.Simple(attempts: 3);
        return new(simple with { Trials = simple.Trials with { AttemptsFor = whose } });
    }

    private static Entry Trial(OnePart rally, string design, int? attempt, string height) =>
        new Entry.TrialRecorded
        {
            Id = rally.Id(),
            Team = new("A"),
            Design = design,
            Attempt = attempt,
            Outcome = TrialOutcome.Counted,
            Readings = [new() { Measure = "height", Typed = height }],
        };

    /// <summary>Two of one design and one of another are all three; the best design has 30 cm.</summary>
    [Fact]
    public void Two_designs_share_what_the_team_has()
    {
        var rally = Begin(AttemptsFor.Team);
        rally.Add(Trial(rally, "", 1, "20"));
        rally.Add(Trial(rally, "", 2, "22"));
        rally.Row().Reason.ShouldContain("2 of 3 attempts made");
        rally.Add(Trial(rally, "wide", 1, "30"));
        rally.Points().ShouldBe(30);
        rally.Refused(Trial(rally, "tall", null, "40")).ShouldBe(["/attempt"]);
    }

    [Fact]
    public void What_a_device_recorded_beyond_them_is_shown_and_never_counts()
    {
        var rally = Begin(AttemptsFor.Team);
        foreach (
            var (design, attempt, height) in new[]
            {
                ("", 1, "20"),
                ("wide", 1, "30"),
                ("", 2, "22"),
                ("wide", 2, "90"),
            }
        )
            rally.Add(Trial(rally, design, attempt, height));
        rally.Points().ShouldBe(30);
    }

    [Fact]
    public void Otherwise_each_design_has_its_own()
    {
        var rally = Begin(AttemptsFor.Design);
        foreach (var n in new[] { 1, 2, 3 })
            rally.Add(Trial(rally, "", n, "20"));
        rally.Points().ShouldBe(20);
        rally.Add(Trial(rally, "wide", 1, "30"));
        rally.Standings.Rows[0].Designs.Select(d => d.Name).ShouldBe(["", "wide"]);
    }

    /// <summary>Two attempts of one design and one of another are all that A has; B has made one.</summary>
    [Fact]
    public void Who_has_used_all_of_them_is_tested()
    {
        var simple = Sample.Simple(attempts: 3);
        var rally = new Happening(
            simple with
            {
                Trials = simple.Trials with { AttemptsFor = AttemptsFor.Team },
                Timing = new() { Phases = [Sample.Phase("test", PhaseKind.Test, minutes: 2, teamByTeam: true)] },
            },
            "A",
            "B"
        );
        foreach (var (team, design) in new[] { ("A", ""), ("A", ""), ("A", "wide"), ("B", "") })
            rally.Trial(team, TrialOutcome.Counted, ["20"], design);
        rally.Keep(new Entry.PhaseBegun { Id = rally.NextId(), Phase = "test" });
        var turn = LessonClock.Of(OpenedRally.Open(rally.Rally).OrThrow(), 1).Turn!;
        turn.Done.ShouldBe(1);
        turn.Next.ShouldBe([new("b")]);
    }

    [Fact]
    public void The_first_design_can_be_named()
    {
        var rally = Begin(AttemptsFor.Team);
        rally.Add(Trial(rally, "", 1, "40"));
        rally.Add(Trial(rally, "wide", 1, "30"));
        rally.Add(Trial(rally, "wide", 2, "31"));
        rally.Add(
            new Entry.DesignNoted
            {
                Id = rally.Id(),
                Team = new("A"),
                Called = "narrow",
            }
        );
        rally.Row().Why.Select(s => s.Sentence).ShouldContain("The design that counts is “narrow”, the best one.");
        rally.Row().Designs.Select(d => (d.Name, d.Counts)).ShouldBe([("narrow", true), ("wide", false)]);
    }
}
