using PluckyRally.Core.Briefs;
using PluckyRally.Core.Results;

namespace PluckyRally.Core.Score;

/// <summary>A target on a team's sheet.</summary>
/// <param name="Target">The target's id.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Amount">What is to be reached, as it was written; empty while nothing is.</param>
/// <param name="Own">Whether the team set it itself.</param>
/// <param name="Says">How the team stands to it, in a sentence; empty while nothing is set.</param>
public sealed record SheetTarget(string Target, string Name, string Amount, bool Own, string Says)
{
    internal static SheetTarget Of(TargetPlan plan, TeamResult result, IReadOnlyList<TargetOutcome> outcomes)
    {
        var set = result.Record.Round.OfType<Entry.TargetSet>().Where(t => t.Target == plan.Definition.Id).ToList();
        var own = set.LastOrDefault(t => t.Team == result.Team.Id) is { Amount.Length: > 0 } said ? said.Amount : "";
        var classes = set.LastOrDefault(t => t.Team == default) is { Amount.Length: > 0 } told
            ? told.Amount
            : plan.Definition.Amount;
        return new(
            plan.Definition.Id,
            plan.Definition.Name,
            own.Length > 0 ? own : classes,
            own.Length > 0,
            outcomes.FirstOrDefault(o => o.Target == plan.Definition.Id)?.Says ?? ""
        );
    }
}
