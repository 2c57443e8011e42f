using PluckyRally.Core.Briefs;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Score;

namespace PluckyRally.Core.Results;

/// <summary>How a team came out against a target.</summary>
/// <param name="Target">The target's id.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Met">Whether it was reached; absent while there is no value.</param>
/// <param name="Amount">What was to be reached, in the unit of the value.</param>
/// <param name="By">How far beyond it or short of it, never below 0; absent while there is no value.</param>
/// <param name="Says">The same as a sentence.</param>
public sealed record TargetOutcome(string Target, string Name, bool? Met, decimal Amount, decimal? By, string Says)
{
    /// <summary>The targets that a team has, its own or the class's.</summary>
    internal static IReadOnlyList<TargetOutcome> Of(CompiledEdition compiled, TeamResult result) =>
        [.. compiled.Targets.Select(plan => Of(plan, result)).OfType<TargetOutcome>()];

    private static TargetOutcome? Of(TargetPlan plan, TeamResult result)
    {
        if (Amounted(plan, result.Record.Round, result.Team.Id) is not { } amount)
            return null;
        var value = plan.Value.Compared(result.Design.Facts);
        if (!value.HasValue)
            return new(
                plan.Definition.Id,
                plan.Definition.Name,
                null,
                amount,
                null,
                TargetWords.SayOpen(plan, amount, value.Absent!)
            );
        var ahead = plan.Definition.Better == Better.More ? value.Number - amount : amount - value.Number;
        return new(
            plan.Definition.Id,
            plan.Definition.Name,
            ahead >= 0,
            amount,
            Math.Abs(ahead),
            TargetWords.Say(plan, amount, value, ahead)
        );
    }

    /// <summary>What the class was set, by the teacher or by the brief; null where nothing was.</summary>
    internal static decimal? OfClass(TargetPlan plan, IReadOnlyList<Entry> round) => Amounted(plan, round, default);

    /// <summary>The team's own last word, else the class's, else the brief's; null where there is none.</summary>
    private static decimal? Amounted(TargetPlan plan, IReadOnlyList<Entry> round, TeamId team)
    {
        var set = round.OfType<Entry.TargetSet>().Where(t => t.Target == plan.Definition.Id).ToList();
        foreach (var whose in new[] { team, default })
        {
            if (set.LastOrDefault(t => t.Team == whose) is { Amount.Length: > 0 } said)
                return plan.Value.ReadAmount(said.Amount, "", new ProblemCollector());
        }

        return plan.Amount;
    }
}
