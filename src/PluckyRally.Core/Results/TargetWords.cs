namespace PluckyRally.Core;

/// <summary>Says how a team came out against a target.</summary>
internal static class TargetWords
{
    public static string Say(TargetPlan plan, decimal amount, BoundedValue value, decimal ahead)
    {
        var by = plan.Value.Show(new BoundedValue(Math.Abs(ahead)));
        var how =
            ahead == 0 ? "met to the point"
            : ahead > 0 ? $"met, {by} beyond it"
            : $"not met, {by} short";
        return $"{plan.Definition.Name}: {plan.Value.Show(value)} of {plan.Value.Show(new BoundedValue(amount))}, "
            + $"{how}.";
    }

    public static string SayOpen(TargetPlan plan, decimal amount, Absence why) =>
        $"{plan.Definition.Name}: set out for {plan.Value.Show(new BoundedValue(amount))}; {why.Say()}.";
}
