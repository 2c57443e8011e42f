using PluckyRally.Core.Checks;
using PluckyRally.Core.Kit;

namespace PluckyRally.Core.Tests.Briefs;

public sealed class RestingTests
{
    [Fact]
    public void Whatever_looks_at_a_thing_is_named_with_it()
    {
        var brief = Sample.Brief(
            [Sample.Height(), Sample.Count("cards"), Sample.Count("spare")],
            [Sample.Part("height / cards") with { Id = "ratio", Name = "Height for each card" }]
        ) with
        {
            Rules =
            [
                Sample.Limit("tall", "height", Comparison.AtLeast, "30 cm", new Consequence.DoesNotPlace()),
                Sample.Inspection("dry", new Consequence.NoteOnly()),
            ],
            Figures = [Sample.Figure("twice", "Twice the height", "height * 2")],
            Stages = new StagePlan { Measure = "height" },
        };
        brief = brief with
        {
            Method = brief.Method with
            {
                TieBreaks = [Sample.TieBreak("fewer cards", "cards", Better.Less)],
                Awards = [Sample.Award("best", "Best use", "ratio.value")],
                Targets =
                [
                    new()
                    {
                        Id = "own",
                        Name = "Own mark",
                        Value = "twice",
                        Amount = "9",
                    },
                ],
            },
        };
        Resting
            .Of(brief)
            .Select(r => $"{r.At}: {string.Join(", ", r.Names)}")
            .ShouldBe([
                "/measures/height: the rule “Keeps to tall”, the figure Twice the height, the points of "
                    + "Height for each card, the stages of the build",
                "/measures/cards: the points of Height for each card, the tie-break fewer cards",
                "/figures/twice: the target Own mark",
                "/method/parts/ratio: the award Best use",
            ]);
    }
}
