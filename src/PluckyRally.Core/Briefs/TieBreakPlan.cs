using PluckyRally.Core.Figures;
using PluckyRally.Core.Problems;

namespace PluckyRally.Core.Briefs;

/// <summary>A tie-break made ready.</summary>
internal sealed record TieBreakPlan(TieBreak Definition, FigureExpression Value)
{
    /// <summary>Makes all tie-breaks ready, or adds what is wrong with them.</summary>
    public static IReadOnlyList<TieBreakPlan> MakeAll(Brief brief, FigureList figures, ProblemCollector found)
    {
        var plans = new List<TieBreakPlan>();
        for (var i = 0; i < brief.Method.TieBreaks.Count; i++)
        {
            var tieBreak = brief.Method.TieBreaks[i];
            found.NotEmpty(
                tieBreak.Name,
                $"/method/tieBreaks/{i}/name",
                "The tie-break has no name.",
                "Say what decides, for example “fewest sheets”."
            );
            var value = figures.Compile(tieBreak.Value, Availability.WithTotal, "tie-breaks come last");
            if (value.IsOk)
                plans.Add(new(tieBreak, value.Value));
            else
                found.AddAll($"/method/tieBreaks/{i}/value", value.Problems);
        }

        return plans;
    }
}
