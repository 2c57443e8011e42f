using PluckyRally.Core.Checks;
using PluckyRally.Core.Curves;
using PluckyRally.Core.Results;

namespace PluckyRally.Core.Tests.Results;

public sealed class RuleTests
{
    [Theory]
    [InlineData(Comparison.AtLeast, "30", true)]
    [InlineData(Comparison.AtLeast, "29", false)]
    [InlineData(Comparison.MoreThan, "30", false)]
    [InlineData(Comparison.MoreThan, "31", true)]
    [InlineData(Comparison.AtMost, "30", true)]
    [InlineData(Comparison.AtMost, "31", false)]
    [InlineData(Comparison.LessThan, "30", false)]
    [InlineData(Comparison.LessThan, "29", true)]
    [InlineData(Comparison.Exactly, "30", true)]
    [InlineData(Comparison.Exactly, "31", false)]
    public void Limits_are_met_or_missed_as_read(Comparison comparison, string typed, bool met) =>
        After(Sample.Limit("size", "height", comparison, "30 cm", new Consequence.DoesNotPlace()), typed)
            .Status.ShouldBe(met ? StandingStatus.Placed : StandingStatus.DidNotPlace);

    [Theory]
    [InlineData("30", true)]
    [InlineData("40", true)]
    [InlineData("29", false)]
    [InlineData("41", false)]
    public void Between_includes_both_ends(string typed, bool met)
    {
        var rule = Sample.Limit("size", "height", Comparison.Between, "30 cm", new Consequence.DoesNotPlace());
        rule = rule with { Check = (RuleCheck.Limit)rule.Check with { Upper = "0.4 m" } };
        After(rule, typed).Status.ShouldBe(met ? StandingStatus.Placed : StandingStatus.DidNotPlace);
    }

    [Theory]
    [InlineData("30", true)]
    [InlineData("31", false)]
    [InlineData("29", false)]
    public void A_reading_within_half_a_step_of_its_limit_is_too_near_to_call(string typed, bool near) =>
        (
            After(
                Sample.Limit("size", "height", Comparison.AtLeast, "30 cm", new Consequence.NoteOnly()),
                typed
            ).TooNear.Count > 0
        ).ShouldBe(near);

    [Fact]
    public void Half_a_step_is_included()
    {
        var rule = Sample.Limit("size", "height", Comparison.AtLeast, "30.5 cm", new Consequence.NoteOnly());
        After(rule, "30").TooNear.ShouldHaveSingleItem();
        After(rule, "31").TooNear.ShouldHaveSingleItem();
        After(rule, "32").TooNear.ShouldBeEmpty();
    }

    [Fact]
    public void Counts_are_never_too_near_to_call()
    {
        var brief = Sample.Brief(
            [Sample.Count("beads")],
            [Sample.Part("beads")],
            rules: [Sample.Limit("load", "beads", Comparison.AtLeast, "30", new Consequence.NoteOnly())]
        );
        var rally = new Happening(brief, "A");
        rally.Counted("A", "30");
        rally.Standing("A").TooNear.ShouldBeEmpty();
    }

    [Theory]
    [InlineData(DeductPer.Once, 4)]
    [InlineData(DeductPer.Unit, 10)]
    [InlineData(DeductPer.CompletedUnit, 8)]
    public void Deductions_grow_as_the_rule_says(DeductPer per, decimal lost)
    {
        // 35 cm where 30 are allowed: 5 over, in steps of 2.
        var rule = Sample.Limit("size", "height", Comparison.AtMost, "30 cm", new Consequence.Deduct(4, per, 2));
        After(rule, "35").Total.ShouldBe(35 - lost);
    }

    [Fact]
    public void A_deduction_hurts_whichever_total_wins()
    {
        var brief = Sample.Simple() with { Rules = [Sample.Inspection("float", new Consequence.Deduct(5))] };
        Total(brief).ShouldBe(15);
        Total(
                brief with
                {
                    Method = new Method
                    {
                        Wins = WinningDirection.Lowest,
                        Parts = [Sample.Part("height", new Curve.Rate(1), Better.Less, failurePoints: 99)],
                    },
                }
            )
            .ShouldBe(25);

        static decimal? Total(Brief brief)
        {
            var rally = new Happening(brief, "A");
            rally.Counted("A", "20");
            rally.Checked("A", "float", met: false);
            return rally.Standing("A").Total;
        }
    }

    [Fact]
    public void An_inspection_that_is_still_to_be_made_leaves_the_team_unfinished_unless_it_is_only_noted()
    {
        Status(new Consequence.DoesNotPlace()).ShouldBe(StandingStatus.Unfinished);
        Status(new Consequence.NoteOnly()).ShouldBe(StandingStatus.Placed);

        static StandingStatus Status(Consequence consequence)
        {
            var rally = new Happening(Sample.Simple() with { Rules = [Sample.Inspection("float", consequence)] }, "A");
            rally.Counted("A", "20");
            return rally.Standing("A").Status;
        }
    }

    [Fact]
    public void Missing_a_rule_that_decides_outweighs_being_unfinished()
    {
        var rally = new Happening(
            Sample.Simple() with
            {
                Rules = [Sample.Inspection("float", new Consequence.DoesNotPlace())],
            },
            "A"
        );
        rally.Checked("A", "float", met: false);
        rally
            .Standing("A")
            .ShouldSatisfyAllConditions(
                s => s.Status.ShouldBe(StandingStatus.DidNotPlace),
                s => s.Reason.ShouldBe("It must float")
            );
    }

    [Fact]
    public void An_attempt_that_misses_its_rule_is_a_failed_one()
    {
        var brief = Sample.Simple(2) with
        {
            Rules =
            [
                Sample.Limit(
                    "tall",
                    "height",
                    Comparison.AtLeast,
                    "20 cm",
                    new Consequence.AttemptDoesNotCount(),
                    CheckTime.EveryAttempt
                ),
            ],
        };
        var rally = new Happening(brief, "A");
        rally.Counted("A", "15");
        rally.Counted("A", "25");
        rally
            .Standing("A")
            .ShouldSatisfyAllConditions(
                s => s.Total.ShouldBe(25),
                s =>
                    s.Why.Select(w => w.Sentence)
                        .ShouldContain("Attempt 1 does not count: missed “Keeps to tall” (15 cm).")
            );
    }

    [Fact]
    public void A_missed_rule_can_give_one_part_its_failure_points()
    {
        var brief = Sample.Brief(
            [Sample.Height()],
            [Sample.Part("height", id: "tall"), Sample.Part("height", id: "again", failurePoints: 1)],
            rules: [Sample.Inspection("float", new Consequence.FailurePoints("again"))]
        );
        var rally = new Happening(brief, "A");
        rally.Counted("A", "20");
        rally.Checked("A", "float", met: false);
        rally.Standing("A").Total.ShouldBe(21);
    }

    [Theory]
    [InlineData("27.7", true)]
    [InlineData("27.8", false)]
    public void A_limit_from_the_last_round_is_compared_exactly_and_printed_on_its_strict_side(string typed, bool met)
    {
        // 75% of 37 g is 27.75 g; printed to the strict side: at most 27.7 g.
        var rule = Sample.Limit("lighter", "mass", Comparison.AtMost, "", new Consequence.DoesNotPlace());
        rule = rule with { Check = (RuleCheck.Limit)rule.Check with { PercentOfLastRound = 75 } };
        var mass = Sample.Measure("mass", MeasureKind.Mass, name: "Mass", unit: "g", step: 0.1m);
        var rally = new Happening(
            Sample.Brief([mass], [Sample.Part("mass", new Curve.Rate(-1, 100), Better.Less)], rules: [rule]),
            "A"
        );
        rally.Counted("A", "37");
        rally.Standing("A").Status.ShouldBe(StandingStatus.Placed);
        rally.Round = 2;
        rally.Counted("A", typed);
        rally.Standing("A").Status.ShouldBe(met ? StandingStatus.Placed : StandingStatus.DidNotPlace);
        RuleFound.OfLimit.ToStrictSide(27.75m, 1, Comparison.AtMost).ShouldBe(27.7m);
        RuleFound.OfLimit.ToStrictSide(27.75m, 1, Comparison.AtLeast).ShouldBe(27.8m);
    }

    [Fact]
    public void A_limit_per_member_is_multiplied()
    {
        var rule = Sample.Limit("sheets", "sheets", Comparison.AtMost, "2", new Consequence.DoesNotPlace());
        rule = rule with { Check = (RuleCheck.Limit)rule.Check with { PerMember = true } };
        var rally = new Happening(
            Sample.Brief(
                [Sample.Height(), Sample.Count("sheets", taken: ReadOccasion.Once)],
                [Sample.Part("height")],
                rules: [rule]
            ),
            "A",
            "B"
        );
        foreach (var (team, sheets) in new[] { ("A", "8"), ("B", "9") })
        {
            rally.Counted(team, "20");
            rally.Read(team, "sheets", sheets);
        }

        rally.Standing("A").Status.ShouldBe(StandingStatus.Placed);
        rally.Standing("B").Status.ShouldBe(StandingStatus.DidNotPlace);
    }

    [Fact]
    public void A_bound_that_leaves_the_limit_open_is_too_near_to_call()
    {
        var rule = Sample.Limit("size", "height", Comparison.AtMost, "60 cm", new Consequence.NoteOnly());
        After(rule, "50+").TooNear.ShouldHaveSingleItem();
        After(rule, "70+").TooNear.ShouldBeEmpty();
    }

    private static Standing After(Rule rule, string typed)
    {
        var rally = new Happening(Sample.Simple() with { Rules = [rule] }, "A");
        rally.Counted("A", typed);
        return rally.Standing("A");
    }

    /// <summary>
    /// 45 cm or more is 15 cm or more too long, which costs 15 points or more: of 100 points at most 85 are left.
    /// </summary>
    [Theory]
    [InlineData("45+", Comparison.AtMost, WinningDirection.Highest, Bound.AtMost)]
    [InlineData("45+", Comparison.AtMost, WinningDirection.Lowest, Bound.AtLeast)]
    [InlineData("20+", Comparison.AtLeast, WinningDirection.Highest, Bound.AtLeast)]
    [InlineData("45", Comparison.AtMost, WinningDirection.Highest, Bound.Exact)]
    [InlineData("25+", Comparison.AtMost, WinningDirection.Highest, Bound.Exact)]
    public void A_bound_travels_through_a_deduction_that_grows(
        string typed,
        Comparison comparison,
        WinningDirection wins,
        Bound bound
    )
    {
        var rule = Sample.Limit(
            "long",
            "height",
            comparison,
            "30 cm",
            new Consequence.Deduct(1, DeductPer.Unit),
            CheckTime.AfterTest
        );
        var brief = Sample.Simple(curve: new Curve.Bands([new(0, 100)])) with { Rules = [rule] };
        brief = brief with
        {
            Method = brief.Method with
            {
                Wins = wins,
                Parts = [.. brief.Method.Parts.Select(p => p with { FailurePoints = 0 })],
            },
        };
        var rally = new Happening(brief, "A");
        rally.Counted("A", typed);
        rally.Standing("A").Bound.ShouldBe(bound);
    }
}
