using PluckyRally.Core.Checks;
using PluckyRally.Core.Curves;
using PluckyRally.Core.Time;

namespace PluckyRally.Core.Tests.Briefs;

/// <summary>
/// What is said in words where it is typed becomes a rule, an amount, minutes or points with one touch.
/// </summary>
public sealed class SaidTests
{
    [Fact]
    public void A_limit_that_is_only_looked_at_is_measured()
    {
        var rule = Sample.Inspection("tall", new Consequence.DoesNotPlace()) with { Text = "At least 12 in high" };
        var made = Made(new Brief { Rules = [rule] }, "saysALimit", out var snag);
        snag.Fix!.Label.ShouldBe("Measure the height: at least 12 in, before the test");
        made.Measures.ShouldHaveSingleItem().Unit.ShouldBe("in");
        made.Rules.Single().Check.ShouldBeOfType<RuleCheck.Limit>().Amount.ShouldBe("12 in");
    }

    [Fact]
    public void The_minutes_in_a_note_become_those_of_the_phase()
    {
        var brief = new Brief { Timing = new() { Phases = [Build("in pairs, for 20 minutes", 15)] } };
        var made = Made(brief, "saysMinutes", out var snag);
        snag.What.ShouldBe("“in pairs, for 20 minutes” says 20 minutes, and the phase has 15.");
        made.Timing.Phases.Single().Minutes.ShouldBe(20);
        Snags.Of(made).ShouldNotContain(s => s.Id == "saysMinutes");
        foreach (var note in new[] { "in pairs", "a warning after 10 minutes", "10 minutes, then 5 minutes more" })
            Snags
                .Of(new Brief { Timing = new() { Phases = [Build(note, 15)] } })
                .ShouldNotContain(s => s.Id == "saysMinutes", note);
    }

    [Fact]
    public void Points_that_the_words_say_and_the_method_has_not_are_scored()
    {
        var made = Made(new Brief { ScoringWords = "2 points for each bead." }, "saysPoints", out var snag);
        snag.What.ShouldBe("“2 points for each bead” is said here, and the method scores no such thing.");
        made.Method.Parts.ShouldHaveSingleItem().ShouldBeOfType<Part.Measured>().Curve.ShouldBe(new Curve.Rate(2));
        Snags.Of(made).ShouldNotContain(s => s.Id == "saysPoints");
        // The words are changed, and the method is to follow.
        var other = Made(made with { ScoringWords = "3 points for each bead." }, "saysPoints", out snag);
        snag.What.ShouldEndWith(", and the method scores Beads in another way.");
        other.Method.Parts.Single().ShouldBeOfType<Part.Measured>().Curve.ShouldBe(new Curve.Rate(3));
    }

    /// <summary>12 points for each foot are 1 for each inch.</summary>
    [Fact]
    public void Points_in_another_unit_of_the_same_are_no_other_points()
    {
        var brief = Sample.Brief([Sample.Height() with { Unit = "in" }], [Sample.Part("height", new Curve.Rate(1))]);
        Snags
            .Of(brief with { ScoringWords = "12 points for each foot of height." })
            .ShouldNotContain(s => s.Id == "saysPoints");
    }

    [Fact]
    public void The_methods_own_words_promise_nothing_else()
    {
        foreach (var pattern in PatternInfo.All.Where(p => p.Pattern != Pattern.Blank))
        {
            var brief = Patterns.Begin(pattern.Pattern, GradeBand.From3To5, UnitSystem.Metric);
            var words = string.Join('\n', StudentSheet.Of(brief).Scoring);
            Snags.Of(brief with { ScoringWords = words }).ShouldNotContain(s => s.Id == "saysPoints", pattern.Name);
        }
    }

    private static Phase Build(string note, decimal minutes) =>
        new()
        {
            Id = "build",
            Kind = PhaseKind.Build,
            Minutes = minutes,
            Note = note,
        };

    private static Brief Made(Brief brief, string id, out Snag snag)
    {
        snag = Snags.Of(brief).Single(s => s.Id == id);
        return Changes.Apply(brief, snag.Fix.ShouldNotBeNull().Changes).OrThrow().Value;
    }
}
