using System.Globalization;
using System.Text.RegularExpressions;
using PluckyRally.Core.Checks;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Briefs;

/// <summary>
/// Rules that are vague, that contradict each other, or whose text says another thing than their check.
/// </summary>
internal static class RuleSnags
{
    public static IEnumerable<Snag> Find(SnagContext scene) =>
        Vague(scene).Concat(Contradicting(scene)).Concat(Differing(scene)).Concat(FreeStanding(scene));

    private static IEnumerable<Snag> Vague(SnagContext scene)
    {
        foreach (var rule in scene.Rules.Where(r => r.Check is RuleCheck.Inspection && !r.Text.Any(char.IsAsciiDigit)))
        {
            if (VagueWords.Match(rule.Text) is { Success: true } found)
                yield return new(
                    "vague",
                    SnagWeight.Matters,
                    $"/rules/{rule.Id}/text",
                    $"Nobody can check “{found.Value}”.",
                    "Two judges would decide differently, and a team could say so."
                );
        }
    }

    private static IEnumerable<Snag> Contradicting(SnagContext scene)
    {
        var limits = scene
            .Compiled?.Rules.OfType<RulePlan.Limit>()
            .Where(r => !r.IsDerived && !r.Definition.PerMember && r.Rule.OnlyFor.Length == 0)
            .ToList()
            ?? [];
        for (var i = 0; i < limits.Count; i++)
        {
            for (var j = i + 1; j < limits.Count; j++)
            {
                var (a, b) = (limits[i], limits[j]);
                if (Expression(a) != Expression(b))
                    continue;
                var ((aLow, aHigh), (bLow, bHigh)) = (Room(a), Room(b));
                if (Math.Max(aLow, bLow) > Math.Min(aHigh, bHigh))
                    yield return new(
                        "contradiction",
                        SnagWeight.Stops,
                        $"/rules/{b.Rule.Id}/check/amount",
                        $"“{b.Rule.Text}” contradicts “{a.Rule.Text}”.",
                        "No design can meet both."
                    );
            }
        }
    }

    /// <summary>The text names a number and a direction; the check has another.</summary>
    private static IEnumerable<Snag> Differing(SnagContext scene)
    {
        foreach (var plan in scene.Compiled?.Rules.OfType<RulePlan.Limit>() ?? [])
        {
            if (plan is not { Of: { } measure, Definition: var limit, Rule: var rule })
                continue;
            var numbers = Numbers.Matches(rule.Text);
            if (numbers.Count == 1 && limit.Comparison != Comparison.Between)
            {
                var typed = numbers[0].Value.Trim();
                var said = ReadingParser.ParseAmount(typed, measure);
                if (said.IsOk && said.Value.Value != plan.Amount)
                {
                    var text = rule.Text.Replace(
                        numbers[0].Value,
                        ReadingFormat.Value(plan.Amount, measure),
                        StringComparison.Ordinal
                    );
                    yield return new(
                        "text",
                        SnagWeight.Matters,
                        $"/rules/{rule.Id}/text",
                        $"Students read “{typed}”, and {limit.Amount} is checked.",
                        "They would build for the wrong limit.",
                        new($"Write “{text}”", [Change.Set($"/rules/{rule.Id}/text", text)])
                    );
                }
            }

            if (Direction(rule.Text) is { } direction && Opposite(direction, limit.Comparison))
                yield return new(
                    "direction",
                    SnagWeight.Matters,
                    $"/rules/{rule.Id}/check/comparison",
                    $"The text of “{rule.Text}” says the opposite of its check.",
                    "Judges and students would go by different rules.",
                    new($"Check for {Words(direction)}", [Change.Set($"/rules/{rule.Id}/check/comparison", direction)])
                );
            else if (
                Direction(rule.Text) is { } nearly
                && nearly != limit.Comparison
                && limit.Comparison is not (Comparison.Between or Comparison.Exactly)
            )
                yield return new(
                    "strictness",
                    SnagWeight.Hint,
                    $"/rules/{rule.Id}/check/comparison",
                    $"The text of “{rule.Text}” says {Words(nearly)}, the check says {Words(limit.Comparison)}.",
                    "Exactly on the limit, the two decide differently.",
                    new($"Check for {Words(nearly)}", [Change.Set($"/rules/{rule.Id}/check/comparison", nearly)])
                );
        }
    }

    private static IEnumerable<Snag> FreeStanding(SnagContext scene)
    {
        if (scene.Brief.Trials.HoldSeconds > 0)
            yield break;
        var asked = scene.Texts.FirstOrDefault(t => t.At != "/story" && Standing.IsMatch(t.Text));
        if (asked.At is null)
            yield break;
        yield return new(
            "hold",
            SnagWeight.Matters,
            asked.At,
            "It must stand by itself, and the brief does not say for how long.",
            "A tower that stands only while it is held would be measured.",
            new("Let go, and hold for 5 seconds", [Change.Set("/trials/holdSeconds", 5)])
        );
    }

    /// <summary>The rule whose text allows fewer of a thing than this; null where none does.</summary>
    public static Rule? Allowing(SnagContext scene, string thing, decimal amount) =>
        scene.Rules.FirstOrDefault(rule =>
            Direction(rule.Text) is Comparison.AtMost or Comparison.LessThan
            && rule.Text.Contains(English.One(thing), StringComparison.OrdinalIgnoreCase)
            && Numbers.Matches(rule.Text) is [{ Value: var said }]
            && decimal.TryParse(said, NumberStyles.Number, CultureInfo.InvariantCulture, out var allowed)
            && allowed < amount
        );

    private static string Expression(RulePlan.Limit plan) =>
        plan.Definition.Value.Replace(" ", "", StringComparison.Ordinal);

    private static (decimal Low, decimal High) Room(RulePlan.Limit plan) =>
        plan.Definition.Comparison switch
        {
            Comparison.AtLeast or Comparison.MoreThan => (plan.Amount, decimal.MaxValue),
            Comparison.AtMost or Comparison.LessThan => (decimal.MinValue, plan.Amount),
            Comparison.Between => (plan.Amount, plan.Upper),
            Comparison.Exactly => (plan.Amount, plan.Amount),
        };

    /// <summary>
    /// How a text compares its one number; null where it has several, or says nothing of more and less.
    /// </summary>
    public static Comparison? Direction(string text) =>
        LimitPhrases.ComparisonsIn(PlainText.Of(text)).Distinct().ToList() is [var comparison] ? comparison : null;

    private static bool Opposite(Comparison a, Comparison b) =>
        (a is Comparison.AtLeast or Comparison.MoreThan && b is Comparison.AtMost or Comparison.LessThan)
        || (a is Comparison.AtMost or Comparison.LessThan && b is Comparison.AtLeast or Comparison.MoreThan);

    private static string Words(Comparison comparison) =>
        comparison switch
        {
            Comparison.AtLeast => "at least",
            Comparison.MoreThan => "more than",
            Comparison.AtMost => "at most",
            Comparison.LessThan => "less than",
            Comparison.Between => "between two limits",
            Comparison.Exactly => "exactly",
        };

    private static readonly Regex VagueWords = new(
        @"\b(strong|sturdy|stable|nice(?:ly)?|neat(?:ly)?|good|well|pretty|beautiful|creative(?:ly)?"
            + @"|interesting|original|a little|a few|some|small enough|big enough|enough|quickly|properly"
            + @"|carefully|as needed|reasonable|fair(?:ly)?)\b",
        RegexOptions.IgnoreCase
    );

    private static readonly Regex Numbers = new(
        @"(?<![\w.,/])\d+(?:[.,]\d+)?(?: ?(?:mm|cm|m|in|inches|inch|ft|feet|g|kg|oz|lb|N|s|seconds|min|mL|L|%)\b)?",
        RegexOptions.None
    );

    private static readonly Regex Standing = new(
        @"\b(?:stands? by itself|stand on its own|stands on its own|free[- ]standing|stands? unaided"
            + @"|stands? without (?:help|hands|being held))\b",
        RegexOptions.IgnoreCase
    );
}
