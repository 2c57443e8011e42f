using PluckyRally.Core.Briefs;
using PluckyRally.Core.Results;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Checks;

/// <summary>Says what a rule is worth.</summary>
internal static class RuleWords
{
    /// <summary>
    /// The rule as students read it, with what a miss costs. A must-have whose miss takes a team's place says so by
    /// being one.
    /// </summary>
    /// <param name="rule">The rule.</param>
    /// <param name="brief">The brief.</param>
    /// <param name="plan">The rule made ready; null where the brief is not sound yet.</param>
    public static string WithCost(Rule rule, Brief brief, RulePlan? plan) =>
        Joined(rule.Text, [Cost(rule.IfMissed, brief, plan), rule.Bonus > 0 ? Reward(rule, brief.Method) : null]);

    /// <summary>A bonus as students read it, with what it earns.</summary>
    public static string WithBonus(Rule rule, Method method) => $"{rule.Text.TrimEnd('.')}: {Earns(rule, method)}";

    /// <summary>What a bonus earns, such as "3 points more".</summary>
    public static string Earns(Rule rule, Method method) =>
        $"{MethodWords.Points(rule.Bonus)} {(method.Wins == WinningDirection.Highest ? "more" : "off")}";

    /// <summary>What a miss costs, by itself: "2 points off.", "1 point more for every full cm that it is missed by."
    /// </summary>
    public static string Costs(Consequence.Deduct deduct, RulePlan plan, Method method) =>
        $"{MethodWords.Points(deduct.Points)} {(method.Wins == WinningDirection.Highest ? "off" : "more")}"
        + $"{Growing(deduct, plan)}.";

    private static string Reward(Rule rule, Method method) =>
        $"Meeting this earns {MethodWords.Points(rule.Bonus)}"
        + (method.Wins == WinningDirection.Highest ? "." : " off.");

    private static string? Cost(Consequence ifMissed, Brief brief, RulePlan? plan) =>
        ifMissed is Consequence.AttemptDoesNotCount ? "An attempt that misses this does not count."
        : ifMissed is Consequence.FailurePoints of
        && brief.Method.Parts.FirstOrDefault(p => p.Id == of.Part) is { } part
            ? $"A team that misses this scores only the “no success” points of “{part.Name}”."
        : ifMissed is Consequence.Deduct deduct
            ? $"Missing this {(brief.Method.Wins == WinningDirection.Highest ? "costs" : "adds")} "
                + $"{MethodWords.Points(deduct.Points)}{Growing(deduct, plan)}."
        : null;

    private static string Growing(Consequence.Deduct deduct, RulePlan? plan) =>
        deduct.Per == DeductPer.Once ? "" : $"{ForEvery(deduct, plan)} that it is missed by";

    /// <summary>What a miss costs as it grows: "3 points for every full cm".</summary>
    public static string Each(Consequence.Deduct deduct, RulePlan plan) =>
        MethodWords.Points(deduct.Points) + ForEvery(deduct, plan);

    /// <summary>The step that a cost grows by: " for every full cm", " for every 2 cm".</summary>
    private static string ForEvery(Consequence.Deduct deduct, RulePlan? plan)
    {
        var step = plan?.SayAmount(deduct.Each) ?? Numerals.Write(deduct.Each);
        var one = step.StartsWith("1 ", StringComparison.Ordinal) ? step[2..] : step;
        return $" for every {(deduct.Per == DeductPer.CompletedUnit ? "full " : "")}{one}";
    }

    private static string Joined(string text, IEnumerable<string?> sentences)
    {
        var said = sentences.OfType<string>().ToList();
        return said.Count == 0
            ? text
            : $"{text}{(text.EndsWith('.') || text.EndsWith('!') || text.EndsWith('?') ? "" : ".")} "
                + string.Join(" ", said);
    }
}
