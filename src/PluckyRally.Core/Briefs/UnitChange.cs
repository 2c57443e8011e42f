using PluckyRally.Core.Checks;
using PluckyRally.Core.Expressions;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Briefs;

/// <summary>
/// What changes in a brief with the unit of one of its measures, so that it asks for the same as before.
/// </summary>
public static class UnitChange
{
    /// <summary>
    /// A converted step is not coarser than this many times the old one, so that readings tell as much as before.
    /// </summary>
    private const decimal Coarser = 1.3m;

    /// <summary>
    /// The changes, and what was converted; null where there is no such measure, or one of the units has no size.
    /// </summary>
    /// <param name="brief">The brief.</param>
    /// <param name="measure">The measure's id.</param>
    /// <param name="unit">The new unit's symbol.</param>
    public static Fix? Of(Brief brief, string measure, string unit)
    {
        if (
            brief.Measures.FirstOrDefault(m => m.Id == measure) is not { FixedUnit: { } old } found
            || Units.Find(unit) is not { } other
            || old.Kind != other.Kind
        )
            return null;
        decimal To(decimal value) => old.To(other, value);
        var each = To(1) - To(0);
        var step = StepNear(each * found.Step, unit);
        decimal OnStep(decimal value) => Rounding.ToStep(To(value), step);

        var at = $"/measures/{measure}";
        List<(Change Change, string Says)> made =
        [
            (Change.Set($"{at}/unit", unit), ""),
            (Change.Set($"{at}/step", step), $"the step is {Numerals.Write(step)} {unit}"),
        ];
        if (found.Expected is { } expected)
        {
            made.Add((Change.Set($"{at}/expected/low", OnStep(expected.Low)), ""));
            made.Add(
                (
                    Change.Set($"{at}/expected/high", OnStep(expected.High)),
                    $"teams will reach {Numerals.Write(OnStep(expected.Low))} to "
                        + $"{Numerals.Write(OnStep(expected.High))} {unit}"
                )
            );
        }

        if (found.Benchmark is { } tried)
            made.Add(
                (
                    Change.Set($"{at}/benchmark", OnStep(tried)),
                    $"your trial build reached {Numerals.Write(OnStep(tried))} {unit}"
                )
            );
        if (found.Tare != 0)
            made.Add((Change.Set($"{at}/tare", Rounding.ToDigits(each * found.Tare)), "the container"));
        if (found.FailureValue is { } failed)
            made.Add((Change.Set($"{at}/failureValue", OnStep(failed)), "what a failed attempt counts"));
        foreach (var part in brief.Method.Parts.OfType<Part.Measured>().Where(p => p.Value.Trim() == measure))
        {
            made.Add(
                (
                    Change.Set(
                        $"/method/parts/{part.Id}/curve",
                        part.Curve.InUnit(value => Rounding.ToDigits(To(value)), each)
                    ),
                    $"the points of {part.Name}"
                )
            );
            if (part.FailureValue is { } counts)
                made.Add((Change.Set($"/method/parts/{part.Id}/failureValue", OnStep(counts)), ""));
        }

        // An amount that was written as a bare number meant the old unit.
        foreach (var rule in brief.Rules)
        {
            if (rule.Check is not RuleCheck.Limit limit || limit.Value.Trim() != measure)
                continue;
            KeepInOld(limit.Amount, $"/rules/{rule.Id}/check/amount", $"“{rule.Text}”");
            KeepInOld(limit.Upper, $"/rules/{rule.Id}/check/upper", "");
        }

        foreach (var target in brief.Method.Targets.Where(t => t.Value.Trim() == measure))
            KeepInOld(target.Amount, $"/method/targets/{target.Id}/amount", target.Name);

        return new(
            $"Converted: {string.Join("; ", made.Select(m => m.Says).Where(s => s.Length > 0))}.",
            [.. made.Select(m => m.Change)],
            NotConverted(brief, measure)
        );

        void KeepInOld(string amount, string place, string called)
        {
            var bare = amount.Trim();
            if (!bare.Any(char.IsAsciiDigit) || !bare.All(c => char.IsAsciiDigit(c) || c is '.' or ',' or '/' or ' '))
                return;
            made.Add(
                (
                    Change.Set(place, $"{bare} {old.Symbol}"),
                    called.Length > 0 ? $"{called} stays at {bare} {old.Symbol}" : ""
                )
            );
        }
    }

    /// <summary>
    /// Whose numbers only their author can convert: calculations with the measure, what rests on those, and tiers with
    /// numbers of their own.
    /// </summary>
    private static string NotConverted(Brief brief, string measure)
    {
        var touched = new HashSet<string> { measure };
        bool Looks(string value) =>
            TermParser.Read(value) is { IsOk: true } term
            && TermWords.Names(term.Value).Any(name => touched.Contains(name.Split('.')[0]));
        while (brief.Figures.FirstOrDefault(f => !touched.Contains(f.Id) && Looks(f.Value)) is { } figure)
            touched.Add(figure.Id);
        List<string> left =
        [
            .. brief.Figures.Where(f => touched.Contains(f.Id)).Select(f => f.Name),
            .. brief
                .Method.Parts.OfType<Part.Measured>()
                .Where(p => p.Value.Trim() != measure && Looks(p.Value))
                .Select(p => p.Name),
            .. brief.Tiers.Where(t => t.Overrides.Any(o => IsOfIt(o.At))).Select(t => t.Name),
        ];
        return left.Count == 0
            ? ""
            : $"{English.List(left)} {(left.Count == 1 ? "has numbers" : "have numbers")} of it too: look at them.";

        bool IsOfIt(string at) =>
            at.StartsWith($"/measures/{measure}/", StringComparison.Ordinal)
            || brief
                .Method.Parts.OfType<Part.Measured>()
                .Any(p =>
                    p.Value.Trim() == measure && at.StartsWith($"/method/parts/{p.Id}/curve/", StringComparison.Ordinal)
                );
    }

    /// <summary>The coarsest step of an instrument in this unit that tells as much as the old one did.</summary>
    private static decimal StepNear(decimal step, string unit) =>
        Steps.Of(unit).FirstOrDefault(s => s <= step * Coarser, Steps.Of(unit)[^1]);
}
