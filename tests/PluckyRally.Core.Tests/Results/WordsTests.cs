using PluckyRally.Core.Checks;
using PluckyRally.Core.Curves;
using PluckyRally.Core.Figures;
using PluckyRally.Core.Results;

namespace PluckyRally.Core.Tests.Results;

/// <summary>What students and judges read.</summary>
public sealed class WordsTests
{
    [Fact]
    public void Every_curve_is_said_in_the_students_words()
    {
        Say(new Curve.Rate(2)).ShouldBe("part: 2 points for each cm. Your best attempt counts.");
        Say(new Curve.Rate(1, 5))
            .ShouldBe("part: 5 points to start with, plus 1 point for each cm. Your best attempt counts.");
        Say(new Curve.Bands([new(10, 5), new(20, 8)], -1))
            .ShouldBe(
                "part: 5 points for 10 cm or more, 8 points for 20 cm or more, −1 point for less than 10 cm. "
                    + "Your best attempt counts."
            );
        Say(new Curve.Between(60, 20, 50))
            .ShouldBe("part: from 0 points at 60 cm up to 50 points at 20 cm. Your best attempt counts.");
        Say(new Curve.Place([10, 8, 6]))
            .ShouldBe("part: 10 points for 1st place, 8 for 2nd, 6 for 3rd. Your best attempt counts.");
        Say(new Curve.ShareOfBest(20))
            .ShouldBe("part: 20 points for the best team, the others in proportion. Your best attempt counts.");
        Say(new Curve.Target(30, 20, 0.5m))
            .ShouldBe(
                "part: 20 points for exactly 30 cm, 0.5 points less for each cm off it. Your best attempt counts."
            );
        Say(new Curve.Improvement(1))
            .ShouldBe("part: 1 point for each percent better than in the round before. Your best attempt counts.");
        Say(new Curve.Raw()).ShouldBe("part: 1 point for each cm. Your best attempt counts.");
    }

    [Theory]
    [InlineData(Combine.Worst, "Your weakest attempt counts.")]
    [InlineData(Combine.Mean, "The mean of your attempts counts.")]
    [InlineData(Combine.Median, "The median of your attempts counts.")]
    [InlineData(Combine.Sum, "Your attempts are added up.")]
    [InlineData(Combine.First, "Your first attempt counts.")]
    [InlineData(Combine.Last, "Your last attempt counts.")]
    [InlineData(Combine.Successes, "Each attempt that counts is one.")]
    public void Every_way_of_combining_is_said(Combine combine, string says) =>
        MethodWords.Say(Sample.Ready(Sample.Simple(3, combine)))[0].ShouldEndWith(says);

    [Theory]
    [InlineData(Combine.Sum, "2 times")]
    [InlineData(Combine.Mean, "0.7")]
    [InlineData(Combine.Successes, "3")]
    [InlineData(Combine.Best, "yes")]
    public void A_yes_or_no_that_is_added_up_is_a_number_of_times(Combine combine, string shown)
    {
        var rally = new Happening(
            Sample.Brief(
                [Sample.Measure("dry", MeasureKind.YesNo, name: "Dry")],
                [Sample.Part("dry", combine: combine)],
                3
            ),
            "A"
        );
        foreach (var typed in new[] { "yes", "no", "yes" })
            rally.Counted("A", typed);
        rally.Standing("A").Parts[0].ValueText.ShouldBe(shown);
    }

    [Fact]
    public void Limits_and_the_winner_and_the_first_tie_break_are_said()
    {
        var brief = Sample.Brief(
            [Sample.Height()],
            [Sample.Part("height", new Curve.Rate(1)) with { Floor = 2, Cap = 9 }]
        );
        brief = brief with
        {
            Method = brief.Method with { TieBreaks = [Sample.TieBreak("The taller one", "height", Better.More)] },
        };
        MethodWords
            .Say(Sample.Ready(brief))
            .ShouldBe([
                "part: 1 point for each cm, at least 2 and at most 9. Your best attempt counts.",
                "The highest total wins.",
                "If totals are equal, this decides: the taller one.",
            ]);
    }

    [Fact]
    public void An_edge_finer_than_the_readings_is_not_rounded() =>
        MethodWords
            .Say(Sample.Ready(Sample.Simple(2, Combine.Mean, curve: new Curve.Bands([new(49.25m, 1)]))))[0]
            .ShouldContain("for 49.25 cm or more");

    [Fact]
    public void Curves_are_written_with_the_numbers_put_in()
    {
        Why(new Curve.Rate(1, 5), "20").ShouldBe("5 points to start with, plus 1 point for each cm: 5 + 1 × 20 = 25.");
        Why(new Curve.Rate(-2, 5), "20")
            .ShouldBe("5 points to start with, minus 2 points for each cm: 5 + (−2) × 20 = −35.");
        Why(new Curve.Bands([new(10, 5)], 1), "9").ShouldBe("Less than 10 cm: 1 point.");
        Why(new Curve.Between(0, 40, 10), "20").ShouldBe("0 points at 0 cm, 10 at 40 cm: 20 cm scores 5.");
        Why(new Curve.Place([7]), "20").ShouldBe("1st in this part: 7 points.");
        Why(new Curve.ShareOfBest(10), "20").ShouldBe("10 × 20 ÷ 20 (the best) = 10.");
        Why(new Curve.Target(25, 10, 1), "20").ShouldBe("5 cm off the target of 25 cm: 10 − 1 × 5 = 5.");
        Why(new Curve.Raw(), "20").ShouldBe("The value is the score: 20 points.");
    }

    private static string Say(Curve curve) => MethodWords.Say(Sample.Ready(Sample.Simple(2, curve: curve)))[0];

    private static string Why(Curve curve, string typed)
    {
        var rally = new Happening(Sample.Simple(curve: curve), "A");
        rally.Counted("A", typed);
        return rally.Standing("A").Why.Single(w => w.Kind == TraceKind.Curve).Sentence;
    }

    [Fact]
    public void Reasons_of_a_part_over_combined_readings_say_its_own_mean_and_one_best()
    {
        var brief = Sample.Simple();
        var rally = new Happening(
            brief with
            {
                Trials = new() { Attempts = 3 },
                Method = new() { Parts = [Of("mean", "Mean", Combine.Mean), Of("best", "Best", Combine.Best)] },
            },
            "A"
        );
        foreach (var typed in new[] { "9", "9", "20" })
            rally.Counted("A", typed);
        var why = rally.Standings().Rows[0].Why.Select(step => step.Sentence).ToList();
        why.ShouldContain("Mean: 12.7 cm.");
        why.ShouldContain("Attempt 3: 20 cm, the best one.");
        why.Count(line => line.Contains("the best one", StringComparison.Ordinal)).ShouldBe(1);

        static Part.Measured Of(string id, string name, Combine combine) =>
            new()
            {
                Id = id,
                Name = name,
                Value = "height",
                Work = Work.Combined,
                Combine = combine,
                Better = Better.More,
                Curve = new Curve.Raw(),
            };
    }

    [Fact]
    public void A_bound_leaves_a_limit_open_and_half_a_step_is_near_it()
    {
        Near("2+").ShouldBe(["“Keeps to low”: at least 2 cm leaves open whether it is at most 12 cm. Measure again."]);
        Near("12")
            .ShouldBe(["“Keeps to low”: 12 cm is too close to call: the rule says at most 12 cm. Measure again."]);
        Near("2").ShouldBeEmpty();

        static IReadOnlyList<string> Near(string typed)
        {
            var rally = new Happening(
                Sample.Simple() with
                {
                    Rules = [Sample.Limit("low", "height", Comparison.AtMost, "12 cm", new Consequence.NoteOnly())],
                },
                "A"
            );
            rally.Counted("A", typed);
            return rally.Standings().Rows[0].TooNear;
        }
    }
}
