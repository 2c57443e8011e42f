using PluckyRally.Core.Figures;
using PluckyRally.Core.Problems;

namespace PluckyRally.Core.Briefs;

/// <summary>A target made ready.</summary>
/// <param name="Definition">The target.</param>
/// <param name="Value">What is compared with it.</param>
/// <param name="Amount">The class's target in the unit of the value; null where each team says its own.</param>
internal sealed record TargetPlan(Target Definition, FigureExpression Value, decimal? Amount)
{
    /// <summary>Makes all targets ready, or adds what is wrong with them.</summary>
    public static IReadOnlyList<TargetPlan> MakeAll(Brief brief, FigureList figures, ProblemCollector found)
    {
        found.Count(brief.Method.Targets, 40, "/method/targets", "targets");
        found.Ids(brief.Method.Targets.Select(t => t.Id), "/method/targets", "target");
        var plans = new List<TargetPlan>();
        foreach (var target in brief.Method.Targets)
        {
            var inner = new ProblemCollector($"/method/targets/{target.Id}");
            inner.NotEmpty(target.Name, "/name", "The target has no name.", "Say what is to be reached.");
            inner.Length(target.Name, Limits.Name, "/name", "The name");
            var value = figures.Compile(target.Value, Availability.WithTotal, "targets come last");
            if (value.IsOk)
                plans.Add(
                    new(
                        target,
                        value.Value,
                        target.Amount.Length == 0 ? null : value.Value.ReadAmount(target.Amount, "/amount", inner)
                    )
                );
            else
                inner.AddAll("/value", value.Problems);
            found.Under("", inner);
        }

        return plans;
    }
}
