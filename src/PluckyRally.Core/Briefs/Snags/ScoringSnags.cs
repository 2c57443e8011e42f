using System.Text.RegularExpressions;
using PluckyRally.Core.Curves;
using PluckyRally.Core.Figures;
using PluckyRally.Core.Parts;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Results;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Briefs;

/// <summary>Scoring that ties, that one part decides, that divides by zero, or that students cannot follow.</summary>
internal static class ScoringSnags
{
    /// <summary>
    /// A part whose points differ by this many times what all others differ by decides nearly alone (our own
    /// threshold).
    /// </summary>
    private const decimal Outweighs = 3;

    /// <summary>
    /// A part whose points differ by less than this share of all differences never decides (our own threshold).
    /// </summary>
    private const decimal NeverMatters = 0.05m;

    public static IEnumerable<Snag> Find(SnagContext scene) =>
        TieBreak(scene)
            .Concat(NeverDecides(scene))
            .Concat(Balance(scene))
            .Concat(Flat(scene))
            .Concat(Shown(scene))
            .Concat((scene.Compiled?.Parts ?? []).SelectMany(p => p.Snags(scene)))
            .Concat(Missing(scene))
            .Concat(Words(scene));

    private static IEnumerable<Snag> TieBreak(SnagContext scene)
    {
        var method = scene.Brief.Method;
        if (!method.Ranking || scene.Compiled is not { TieBreaks: [], Parts: [var first, ..] })
            yield break;
        var once = scene.Brief.Measures.FirstOrDefault(m => m is { Off: false, Taken: ReadOccasion.Once });
        TieBreak? spare =
            once is not null
                ? new()
                {
                    Name = $"the smaller {once.Name.ToLowerInvariant()}",
                    Value = once.Id,
                    Better = Better.Less,
                }
            : IsTheTotal(scene.Compiled, $"{first.Part.Id}.value") ? null
            : new()
            {
                Name = $"{first.Part.Name.ToLowerInvariant()} before points",
                Value = $"{first.Part.Id}.value",
                Better = first.Better,
            };
        yield return new(
            "tie",
            SnagWeight.Matters,
            "/method/tieBreaks",
            "There is no tie-break.",
            "Ties are common, and a rule made up on the spot looks unfair.",
            spare is null ? null : new($"Let {spare.Name} decide", [Change.Append("/method/tieBreaks", spare)])
        );
    }

    private static IEnumerable<Snag> NeverDecides(SnagContext scene)
    {
        if (scene.Compiled is not { } compiled)
            yield break;
        foreach (var (tieBreak, i) in scene.Brief.Method.TieBreaks.Select((t, i) => (t, i)))
        {
            if (!tieBreak.Off && IsTheTotal(compiled, tieBreak.Value.Trim()))
                yield return new(
                    "neverDecides",
                    SnagWeight.Matters,
                    $"/method/tieBreaks/{i}/value",
                    $"The tie-break “{tieBreak.Name}” can never decide: it is the total itself.",
                    "Teams with the same total have the same of it."
                );
        }
    }

    /// <summary>
    /// Whether teams that are tied in points cannot differ in this: the total, or what the only part gives or turns
    /// into points evenly while nothing else gives or takes any.
    /// </summary>
    private static bool IsTheTotal(CompiledEdition compiled, string value)
    {
        if (value == "team.total")
            return true;
        if (
            compiled.Parts is not [{ Part: { Floor: null, Cap: null } only }]
            || compiled.Rules.Any(r => r.Rule is { Bonus: > 0 } or { IfMissed: Consequence.Deduct })
        )
            return false;
        return value == $"{only.Id}.points"
            || value == $"{only.Id}.unweighted"
            || (value == $"{only.Id}.value" && only.PointsCurve is null or Curve.Raw or Curve.Rate { PerUnit: not 0 });
    }

    private static IEnumerable<Snag> Balance(SnagContext scene)
    {
        if (scene.Compiled is not { } compiled || compiled.Parts.Count < 2)
            yield break;
        var spreads = compiled.Rehearsed.Select(p => (Plan: p, Spread: p.PointsSpread(scene.Brief))).ToList();
        if (spreads.Any(s => s.Spread is null))
            yield break;
        var all = spreads.Sum(s => s.Spread!.Length);
        if (all == 0)
            yield break;
        foreach (var (plan, spread) in spreads)
        {
            var (mine, others) = (spread!.Length, all - spread.Length);
            var at = $"/method/parts/{plan.Part.Id}/weight";
            if (mine > Outweighs * others)
                yield return new(
                    "outweighs",
                    SnagWeight.Matters,
                    at,
                    $"{plan.Part.Name} decides nearly alone: between a weak and a strong team it makes "
                        + $"{Show(mine)} points of difference, everything else {Show(others)}.",
                    "Teams that are good at the rest would find that it did not count."
                );
            else if (mine < NeverMatters * all)
                yield return new(
                    "neverMatters",
                    SnagWeight.Matters,
                    at,
                    $"{plan.Part.Name} hardly ever matters: it makes {Show(mine)} of {Show(all)} points of "
                        + "difference between teams.",
                    "It costs time to judge and changes no place."
                );
        }
    }

    /// <summary>A curve whose numbers lie beyond what teams will reach gives them all the same.</summary>
    private static IEnumerable<Snag> Flat(SnagContext scene)
    {
        if (
            scene.Compiled
            is not { Rehearsed: [PartPlan.Measured { Expression.Plain: { Expected: { } expected } of } only] }
        )
            yield break;
        if (only.PointsSpread(scene.Brief) is { Length: 0 } spread)
            yield return new(
                "flat",
                SnagWeight.Matters,
                $"/method/parts/{only.Part.Id}/curve",
                $"Every team would get {Show(spread.Low)} points for {only.Part.Name}: the scoring does not fit what "
                    + $"teams will reach, {ReadingFormat.Value(expected.Low, of)} to "
                    + $"{ReadingFormat.Value(expected.High, of)}.",
                "Nobody could win or lose by it."
            );
    }

    /// <summary>Quarters of an inch at a point each are quarters of a point.</summary>
    private static IEnumerable<Snag> Shown(SnagContext scene)
    {
        var precision = scene.Brief.Method.Precision;
        foreach (var plan in scene.Compiled?.Parts.OfType<PartPlan.Measured>() ?? [])
        {
            if (
                plan
                is not {
                    Expression.Plain: { IsExact: false } of,
                    Definition: { Combine: Combine.Best, Curve: Curve.Rate { PerUnit: not 0 } rate } part
                }
            )
                continue;
            var least = Math.Abs(rate.PerUnit * of.Step * part.Weight);
            if (least < precision / 10 || least % precision == 0)
                continue;
            var finer = (decimal)Math.Pow(10, -Math.Max(Rounding.Decimals(least), Rounding.Decimals(precision)));
            yield return new(
                "shown",
                SnagWeight.Hint,
                "/method/precision",
                $"{part.Name} gives points in steps of {Numerals.Write(least)}, and points are shown to the nearest "
                    + $"{Numerals.Write(precision)}.",
                "What is shown would not add up for students who check it.",
                least % finer == 0
                    ? new(
                        $"Show points to the nearest {Numerals.Write(finer)}",
                        [Change.Set("/method/precision", finer)]
                    )
                    : null
            );
            yield break;
        }
    }

    /// <summary>Agreement with the key looks only at what was placed: two things in order agree fully.</summary>
    private static IEnumerable<Snag> Missing(SnagContext scene)
    {
        if (
            scene.Compiled
                is not { TieBreaks: [{ Value.Plain: Figure.FactOfPart { Plan: PartPlan.Ordering order } figure }, ..] }
            || figure.Id != $"{order.Definition.Id}.tau"
        )
            yield break;
        var fewer = new TieBreak
        {
            Name = "fewer missing",
            Value = $"{order.Definition.Id}.missing",
            Better = Better.Less,
        };
        yield return new(
            "missing",
            SnagWeight.Hint,
            "/method/tieBreaks/0/value",
            "The tie-break looks only at how well the placed things agree with the key.",
            "A team that placed only two things, in order, would win the tie.",
            new(
                "Put “fewer missing” first",
                [Change.Set("/method/tieBreaks", new[] { fewer }.Concat(scene.Brief.Method.TieBreaks).ToList())]
            )
        );
    }

    private static IEnumerable<Snag> Words(SnagContext scene)
    {
        var words = scene.Brief.ScoringWords;
        if (words.Trim().Length == 0 || !scene.Brief.Method.Ranking)
            yield break;
        var says = scene.Brief.Method.Wins == WinningDirection.Highest ? Most.IsMatch(words) : Fewest.IsMatch(words);
        if (!says)
            yield return new(
                "wins",
                SnagWeight.Matters,
                "/scoringWords",
                "Your words on scoring do not say which total wins.",
                "Students would ask whether more or fewer points are better.",
                new(
                    "Add the sentence",
                    [Change.Set("/scoringWords", $"{words.TrimEnd()}\n{MethodWords.Wins(scene.Brief.Method)}")]
                )
            );
    }

    private static string Show(decimal points) => Numerals.Write(Math.Round(points, 1));

    private static readonly Regex Most = new(
        @"\b(?:highest|most points|more points|biggest total|largest total)\b",
        RegexOptions.IgnoreCase
    );

    private static readonly Regex Fewest = new(
        @"\b(?:lowest|fewest points|fewer points|smallest total)\b",
        RegexOptions.IgnoreCase
    );
}
