using System.Text.Json;
using PluckyRally.Core.Checks;
using PluckyRally.Core.Curves;
using PluckyRally.Core.Figures;
using PluckyRally.Core.Problems;

namespace PluckyRally.Core.Tests.Figures;

/// <summary>Figures with a name of their own, and what they rest on.</summary>
public sealed class NamedFigureTests
{
    private static readonly NamedFigure Slim = Sample.Figure(
        "slim",
        "Height for its sheets",
        "height / sheets",
        better: Better.More
    );

    [Theory]
    [InlineData(Combine.Best, "5.0 cm")]
    [InlineData(Combine.Mean, "4.5 cm")]
    [InlineData(Combine.Range, "1.0 cm")]
    public void One_is_worked_out_in_each_attempt_and_then_combined(Combine combine, string shown)
    {
        var rally = Scored([Slim with { Combine = combine }], "slim");
        rally.Standings().Awards[0].Says.ShouldBe($"Award: A with {shown}.");
    }

    [Fact]
    public void One_can_rest_on_others_in_any_order()
    {
        var rally = Scored(
            [Sample.Figure("twice", "Twice", "slim * 2 + climb.value", work: Work.Combined), Slim],
            "twice"
        );
        rally.Standings().Awards[0].Says.ShouldBe("Award: A with 50.00 cm.");
    }

    [Theory]
    [InlineData(false, true)]
    [InlineData(true, false)]
    public void A_share_of_the_least_needs_nothing_but_that_no_value_is_below_zero(bool negative, bool ready)
    {
        var brief = Sample.Brief(
            [Sample.Number("height", negative: negative), Sample.Count("sheets", taken: ReadOccasion.Once)],
            [Sample.Part("slim", new Curve.ShareOfBest(10), Better.Less, failurePoints: 0)]
        );
        CompiledEdition
            .For(
                new Edition { Brief = brief with { Figures = [Slim with { Better = Better.Less, FailureValue = 99 }] } }
            )
            .IsOk.ShouldBe(ready);
    }

    [Fact]
    public void One_that_is_worked_out_in_each_attempt_can_rest_on_another()
    {
        var rally = Scored([Slim, Sample.Figure("twice", "Twice", "slim * 2", combine: Combine.Mean)], "twice");
        rally.Standings().Awards[0].Says.ShouldBe("Award: A with 9.00.");
    }

    [Fact]
    public void A_cut_takes_no_more_of_the_best_than_are_left_so_that_the_rally_still_opens()
    {
        var brief = Briefed([Slim with { Combine = Combine.BestMean, BestOf = 2 }], "slim");
        var rally = Play(
            brief with
            {
                Measures = [brief.Measures[0] with { Combine = Combine.BestMean, BestOf = 2 }, brief.Measures[1]],
            }
        );
        var opened = OpenedRally
            .Open(
                rally.Rally with
                {
                    Entries = [.. rally.Log, new Entry.AttemptsCut { Id = rally.NextId(), Attempts = 1 }],
                }
            )
            .OrThrow();
        opened.Result(1).Standings.Awards[0].Says.ShouldBe("Award: A with 4.0 cm.");
    }

    [Fact]
    public void A_measured_part_can_be_about_one()
    {
        var brief = Briefed([Slim with { Combine = Combine.Mean }], "team.total");
        brief = brief with { Method = brief.Method with { Parts = [Sample.Part("slim", new Curve.Rate(2))] } };
        var rally = Play(brief);
        rally.Standing("A").Total.ShouldBe(9);
        rally.Standing("A").Why.ShouldContain(s => s.Sentence == "Attempt 2: 40 cm ÷ 8 = 5.0 cm.");
    }

    [Fact]
    public void A_rule_in_every_attempt_can_look_at_one_that_is_known_there()
    {
        var brief = Briefed([Slim], "team.total") with
        {
            Rules =
            [
                Sample.Limit(
                    "slender",
                    "slim",
                    Comparison.AtLeast,
                    "4.5",
                    new Consequence.AttemptDoesNotCount(),
                    CheckTime.EveryAttempt
                ),
            ],
        };
        var rally = Play(brief);
        rally
            .Standing("A")
            .Why[0]
            .Sentence.ShouldBe("“Keeps to slender”: missed in attempt 1 (4.0 cm; the rule says at least 4.5 cm).");
    }

    [Fact]
    public void One_that_rests_on_itself_is_refused_with_both_names()
    {
        NamedFigure[] round =
        [
            Sample.Figure("a", "First", "b + 1", work: Work.Combined),
            Sample.Figure("b", "Second", "a + 1", work: Work.Combined),
        ];
        Problems(round)
            .Select(p => (p.At, p.What))
            .ShouldBe([
                ("/figures/a/value", "First depends on Second, which depends on First again."),
                ("/figures/b/value", "Second depends on First, which depends on Second again."),
            ]);
        Problems([Sample.Figure("a", "First", "a + 1", work: Work.Combined)])
            .ShouldHaveSingleItem()
            .What.ShouldContain("First depends on First");
    }

    [Fact]
    public void What_is_known_later_cannot_be_worked_out_in_an_attempt() =>
        Problems([Sample.Figure("late", "Late", "height + climb.points", better: Better.More)])
            .ShouldHaveSingleItem()
            .What.ShouldBe("points for climb is known only with the points, and “Late” is calculated in each attempt.");

    [Fact]
    public void What_it_needs_is_asked_for_by_place() =>
        Problems([
                Sample.Figure("height", "", "sheets"),
                Sample.Figure("low", "Low", "height", better: Better.Less, combine: Combine.Mean),
            ])
            .Select(p => p.At)
            .ShouldBe(
                ["/figures/height/id", "/figures/height/name", "/figures/height/better", "/figures/low/failureValue"],
                ignoreOrder: true
            );

    [Fact]
    public void What_rests_on_one_that_a_tier_leaves_out_falls_away_too()
    {
        var brief = Briefed([Slim, Sample.Figure("twice", "Twice", "slim * 2", work: Work.Combined)], "twice") with
        {
            Tiers =
            [
                new() { Id = "young", Overrides = [new("/figures/slim/off", JsonSerializer.SerializeToElement(true))] },
            ],
        };
        var young = CompiledEdition.For(Editions.Resolve(brief, "young").OrThrow());
        young.IsOk.ShouldBeTrue();
        young.Problems.Select(p => p.At).ShouldBe(["/figures/twice/value", "/method/awards/award/value"]);
    }

    private static IReadOnlyList<Problem> Problems(IReadOnlyList<NamedFigure> figures) =>
        CompiledEdition.For(new Edition { Brief = Briefed(figures, "height") }).Problems;

    private static Brief Briefed(IReadOnlyList<NamedFigure> figures, string award)
    {
        var brief = Sample.Brief(
            [Sample.Height(), Sample.Count("sheets")],
            [Sample.Part("height", new Curve.Rate(1), id: "climb") with { Name = "climb" }],
            2
        );
        return brief with
        {
            Figures = figures,
            Method = brief.Method with { Awards = [Sample.Award("award", "Award", award)] },
        };
    }

    private static Happening Scored(IReadOnlyList<NamedFigure> figures, string award) => Play(Briefed(figures, award));

    /// <summary>20 cm of 5 sheets, then 40 cm of 8.</summary>
    private static Happening Play(Brief brief)
    {
        var rally = new Happening(brief, "A");
        rally.Counted("A", "20", "5");
        rally.Counted("A", "40", "8");
        return rally;
    }
}
