using PluckyRally.Core.Briefs;
using PluckyRally.Core.Checks;
using PluckyRally.Core.Expressions;
using PluckyRally.Core.Readings;

namespace PluckyRally.Core.Parts;

internal abstract partial record PartPlan
{
    public sealed partial record Measured
    {
        /// <summary>What divides by something that can be zero.</summary>
        public override IEnumerable<Snag> Snags(SnagContext scene)
        {
            var below = TermWords
                .All(Expression.Term)
                .OfType<Term.Binary>()
                .Where(b => b.Sign == '/')
                .Select(b => b.Right)
                .OfType<Term.Name>()
                .Select(n => scene.Measure(n.Id))
                .OfType<Measure>();
            foreach (
                var measure in below
                    .Where(m =>
                        Plausible.Of(m) is not { Low: > 0 }
                        && scene.Compiled?.Rules.Any(r => r.KeepsAboveZero(m)) != true
                    )
                    .Distinct()
            )
            {
                var rule = new Rule
                {
                    Id = FreeId.Of($"some_{measure.Id}", scene.Brief.Rules.Select(r => r.Id)),
                    Sort = RuleSort.Criterion,
                    Text = $"Uses at least 1 of {measure.Name.ToLowerInvariant()}",
                    Check = new RuleCheck.Limit
                    {
                        Value = measure.Id,
                        Comparison = Comparison.AtLeast,
                        Amount = "1",
                    },
                    IfMissed = new Consequence.DoesNotPlace(),
                };
                yield return new(
                    "zero",
                    SnagWeight.Matters,
                    $"/method/parts/{Definition.Id}/value",
                    $"{Definition.Name} divides by {measure.Name.ToLowerInvariant()}, which can be zero.",
                    "A team with none of it would have no value, and score only the “no success” points.",
                    new($"Ask for at least 1 of {measure.Name.ToLowerInvariant()}", [Change.Append("/rules", rule)])
                );
            }
        }
    }
}
