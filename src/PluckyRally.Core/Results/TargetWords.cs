using PluckyRally.Core.Briefs;
using PluckyRally.Core.Readings;

namespace PluckyRally.Core.Results;

/// <summary>Says what a target is, and how a team came out against it.</summary>
internal static class TargetWords
{
    /// <summary>A target on the student sheet: the class's with its amount, or one that each team sets.</summary>
    public static string ForStudents(Target target) =>
        target.Amount.Length == 0
            ? $"{target.Name}: your team sets its own."
            : $"{target.Name}: {target.Amount} or {(target.Better == Better.More ? "more" : "less")}.";

    public static string Say(TargetPlan plan, decimal amount, BoundedValue value, decimal ahead)
    {
        var by = plan.Value.Show(new BoundedValue(Math.Abs(ahead)));
        var how =
            ahead == 0 ? "met exactly"
            : ahead > 0 ? $"met, with {by} to spare"
            : $"not met, {by} short";
        return $"{plan.Definition.Name}: {plan.Value.Show(value)} of {plan.Value.Show(new BoundedValue(amount))}, "
            + $"{how}.";
    }

    public static string SayOpen(TargetPlan plan, decimal amount, Absence why) =>
        $"{plan.Definition.Name}: set out for {plan.Value.Show(new BoundedValue(amount))}; {why.Say()}.";
}
