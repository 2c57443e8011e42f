using System.Text.RegularExpressions;
using PluckyRally.Core.Checks;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Time;

namespace PluckyRally.Core.Briefs;

/// <summary>Limits: "at least 12 in tall", "no more than 12 straws", "maximum length: 17 cm".</summary>
internal static class LimitPhrases
{
    /// <summary>What a length can be where nothing says which.</summary>
    private static readonly IReadOnlyList<string> Ways = ["tall", "long"];

    private const string Adjective = "tall|high|long|wide|deep|thick|heavy|across|above";
    private const string Larger =
        "more|taller|longer|higher|wider|heavier|bigger|larger|deeper|thicker|farther|further|greater|broader";
    private const string Smaller = "less|shorter|lighter|smaller|fewer|lower|thinner|narrower";

    /// <summary>The limits in a segment; what holds only under a condition is none.</summary>
    public static IEnumerable<Piece> In(Segment segment, PlainText plain)
    {
        if (Said.IsConditional(plain.Text) || BySize.IsMatch(plain.Text))
            return [];
        var limits = OfUnits(segment, plain).Concat(OfThings(segment, plain)).ToList();
        return limits.Count < 2
            ? limits
            : limits.Select(l =>
                l is Piece.Limit limit ? limit with { Text = $"{limit.Measure.Name}: {limit.SayRange()}" } : l
            );
    }

    /// <summary>How each number of a text is compared, at least or at most, more or less.</summary>
    internal static IEnumerable<Comparison> ComparisonsIn(PlainText plain) =>
        Number
            .Matches(plain.Text)
            .Select(number =>
                Compare(
                    plain.Text[..number.Index],
                    Behind.Replace(plain.Text[(number.Index + number.Length)..], ""),
                    between: false
                )
            )
            .OfType<Comparison>()
            .Where(c => c is not Comparison.Exactly);

    private static IEnumerable<Piece> OfUnits(Segment segment, PlainText plain)
    {
        var found = Quantities.Matches(plain.Text).ToList();
        Unit? last = null;
        Comparison? said = null;
        for (var i = 0; i < found.Count; i++)
        {
            var quantity = found[i];
            var unit = quantity.Groups["u"].Success ? Said.UnitOf(quantity.Groups["u"]) : null;
            var money = quantity.Groups["money"];
            unit ??= quantity.Groups["adj"].Success ? last : null;
            last = unit ?? last;
            if (unit is null && !money.Success)
                continue;
            var start = i == 0 ? 0 : found[i - 1].Index + found[i - 1].Length;
            var end = i + 1 < found.Count ? found[i + 1].Index : plain.Text.Length;
            var before = plain.Text[start..quantity.Index];
            var after = $"{quantity.Groups["adj"].Value}{plain.Text[(quantity.Index + quantity.Length)..end]}";
            var goesOn = And.IsMatch(before) && StartsWithAdjective.IsMatch(after);
            if ((Compare(before, after, quantity.Groups["m"].Success) ?? (goesOn ? said : null)) is not { } comparison)
                continue;
            said = comparison;
            var (low, high) = (Said.Amount(quantity.Groups["n"]), quantity.Groups["m"]);
            var first = start + StartOfComparison(before);
            var range = plain.Range(first, quantity.Index + quantity.Length - first);
            var of = before.Contains("use") && unit is not null ? OfThing.Match(after) : Match.Empty;
            SaidMeasure[] measures =
                of.Success ? [SaidMeasures.Used(of.Groups["t"].Value, unit!)]
                : unit is null ? [SaidMeasures.Cost(money.Value)]
                : SaidMeasures.Find(Near(before, after), unit) is { } measure ? [measure]
                : unit.Kind == MeasureKind.Duration ? [SaidMeasures.Find("fast", unit)!]
                : unit.Kind == MeasureKind.Length ? [.. Ways.Select(word => SaidMeasures.Find(word, unit)!)]
                : [];
            var symbol = unit?.Symbol ?? money.Value;
            var limits = measures
                .Select(
                    Piece (m) =>
                        new Piece.Limit(
                            range,
                            m,
                            comparison,
                            Said.Reading(low, symbol),
                            high.Success ? Said.Reading(Said.Amount(high), symbol) : "",
                            segment.AsLine,
                            SortOf(segment, comparison)
                        )
                )
                .ToList();
            if (measures is [{ Kind: MeasureKind.Duration }] && SaidMeasures.Find(Near(before, after), unit!) is null)
                limits.AddRange(
                    new[] { PhaseKind.Build, PhaseKind.Test }.Select(kind => new Piece.OfPhase(
                        range,
                        kind,
                        Rounding.ToDigits(unit!.To(Units.Find("min")!, low))
                    ))
                );
            if (limits.Count == 1)
                yield return limits[0];
            else if (limits.Count > 1)
                yield return new Piece.Asked(range, $"What must be {((Piece.Limit)limits[0]).SayRange()}?", limits);
        }
    }

    /// <summary>Where the words begin that compare; the number itself where none stand in front of it.</summary>
    private static int StartOfComparison(string before) =>
        new[] { AtLeast, AtMost, Bears, MoreThan, LessThan, Exact }
            .Select(words => words.Match(before))
            .Where(found => found.Success)
            .Select(found => found.Index)
            .DefaultIfEmpty(before.Length)
            .Min();

    /// <summary>
    /// What says the dimension: the words behind the number up to the next clause, then those before it.
    /// </summary>
    private static string Near(string before, string after)
    {
        var behind = Clause.Match(after).Value;
        var first = DimensionWord.Match(behind);
        return first.Success ? first.Value
            : before.Length > 0 ? before
            : behind;
    }

    private static IEnumerable<Piece> OfThings(Segment segment, PlainText plain)
    {
        foreach (var pattern in new[] { Counted, CountedOrFewer, OnlyCounted })
        {
            var found = pattern.Match(plain.Text);
            if (!found.Success || Said.Whole(found.Groups["n"]) is not { } number)
                continue;
            if (
                Units.Read(found.Groups["t"].Value.Split(' ')[0]) is not null
                || DoesSomething.IsMatch(After(plain, found))
            )
                continue;
            var before = plain.Text[..found.Groups["n"].Index];
            var said = Compare(before, $"{found.Groups["post"].Value} {After(plain, found)}", between: false);
            if ((said ?? (pattern == OnlyCounted ? Comparison.AtMost : null)) is not { } compared)
                continue;
            var carried = Carries.IsMatch(before);
            var thing = found.Groups["t"].Value;
            var measure = SaidMeasures.Count(thing, carried);
            yield return new Piece.Limit(
                plain.Range(found),
                measure,
                compared,
                Said.Reading(number, measure.Unit),
                "",
                segment.AsLine,
                carried ? SortOf(segment, compared) : RuleSort.Constraint
            );
            yield break;
        }
    }

    private static string After(PlainText plain, Match found) => plain.Text[(found.Index + found.Length)..].TrimStart();

    /// <summary>How a number is compared, by the words on both sides of it; null where it is not.</summary>
    internal static Comparison? Compare(string before, string after, bool between)
    {
        if (between)
            return Comparison.Between;
        var negated = Negation.IsMatch(before) || IsOut.IsMatch(after);
        return AtLeast.IsMatch(before) || OrMore.IsMatch(after) ? Comparison.AtLeast
            : AtMost.IsMatch(before) || OrLess.IsMatch(after) ? Comparison.AtMost
            : Bears.IsMatch(before) && !negated ? Comparison.AtLeast
            : MoreThan.IsMatch(before) ? (negated ? Comparison.AtMost : Comparison.MoreThan)
            : LessThan.IsMatch(before) ? (negated ? Comparison.AtLeast : Comparison.LessThan)
            : Exact.IsMatch(before) || (Must.IsMatch(before) && StartsWithAdjective.IsMatch(after)) ? Comparison.Exactly
            : null;
    }

    private static RuleSort SortOf(Segment segment, Comparison comparison) =>
        segment.Under == Heading.Constraints ? RuleSort.Constraint
        : segment.Under == Heading.Criteria || comparison is not (Comparison.AtMost or Comparison.LessThan)
            ? RuleSort.Criterion
        : RuleSort.Constraint;

    private static readonly Regex Quantities = new(
        $@"(?:between )?(?<![\d.])(?<money>[$€£])\s?(?<n>\d+(?:\.\d+)?)"
            + @"|(?<n>\d+) (?<money>coins|tokens|credits|dollars)\b"
            + $@"|(?:between )?{Said.Number}\s*(?:(?:-|to|and"
            + $@"(?<=between {Said.Number}\s*and))\s*{Said.Other}\s*)?-?\s?"
            + $@"(?:{Said.Unit}(?: and a half)?|(?<adj>{Adjective})\b)"
    );

    private static readonly Regex Counted = new(
        $@"(?:at least|at most|than|up to|minimum(?: of)?|maximum(?: of)?|exactly) {Said.Counted} {Said.Thing}"
            + $@"(?<post> or (?:more|fewer|less))?"
    );

    private static readonly Regex CountedOrFewer = new(
        $@"{Said.Counted}(?<post> or (?:more|fewer|less)) {Said.Thing}|{Said.Counted} {Said.Thing}(?<post> or "
            + $@"(?:more|fewer|less))"
    );

    private static readonly Regex OnlyCounted = new($@"only {Said.Counted} {Said.Thing} (?:may|can) be used");

    /// <summary>"At least one side must be open" is about the side; "3 sheets may be used" counts them.</summary>
    private static readonly Regex DoesSomething = new(@"^(?:must|has|have|may|can|should|needs?)\b(?! be used)");

    private static readonly Regex Carries = new(
        @"\b(?:carr(?:y|ies)|hold|holds|lift|lifts|support|supports|bear|bears|float|keep)\b"
    );

    /// <summary>"3 ft by 2 ft" are two sizes of one thing.</summary>
    private static readonly Regex BySize = new(@"\bby \d");

    private static readonly Regex Negation = new(@"\b(?:not|no|nothing|nobody|none|cannot|never|\w+n't)\b");

    private static readonly Regex AtLeast = new(
        $@"(?:at least|no(?:t)? (?:{Smaller}) than|minimum(?: \w+){{0,2}}:?|min\.?(?: of)?)\s*$"
    );

    private static readonly Regex AtMost = new(
        $@"(?:at most|no(?:t)? (?:{Larger}) than|maximum(?: \w+){{0,2}}:?|max\.?(?: of)?|up to|within"
            + @"|limit(?: of|:)?)\s*$"
    );

    private static readonly Regex MoreThan = new($@"(?:(?:{Larger})(?: \w+)? than|over|above|exceeds?)\s*$");

    private static readonly Regex LessThan = new($@"(?:(?:{Smaller}) than|under|below)\s*$");

    /// <summary>"Anything taller than 3 ft is disqualified" forbids what it names.</summary>
    private static readonly Regex IsOut = new(
        @"\b(?:disqualified|not allowed|doesn't count|does not count|won't count|is out)\b"
    );

    /// <summary>"It must hold one pound": what it must bear is the least that it must.</summary>
    private static readonly Regex Bears = new(
        @"\b(?:must|has to|have to|needs to|should)(?: be able to)? (?:hold|support|lift|carry|bear)(?: up)?"
            + @"(?: an? \w+ of)?\s*$"
    );

    private static readonly Regex Exact = new(@"exactly\s*$");

    private static readonly Regex Must = new(@"\b(?:must|should|has to|have to|needs to) be\s*$");

    private static readonly Regex StartsWithAdjective = new($@"^\s*(?:{Adjective})\b");

    private static readonly Regex OrMore = new(
        $@"^\s*(?:(?:{Adjective})\s)?\s*(?:or (?:more|{Larger}|higher)|at least|minimum)"
    );

    private static readonly Regex OrLess = new(
        $@"^\s*(?:(?:{Adjective})\s)?\s*(?:or (?:less|{Smaller})|at most|maximum|max)"
    );

    private static readonly Regex OfThing = new(@"^ of (?<t>[a-z]+(?: [a-z]+)?)");

    private static readonly Regex And = new(@"(?:\band|,)\s*$");

    private static readonly Regex Number = new(@"\d+(?:\.\d+)?");

    /// <summary>What is counted or its unit: "12 pieces or fewer".</summary>
    private static readonly Regex Behind = new(@"^ ?[^ ]+(?: of \w+)?(?= or | at )");

    private static readonly Regex Clause = new(@"^[^.,;]*");

    private static readonly Regex DimensionWord = new(
        @"^\s*(?:tall|high|long|wide|deep|thick|across|above|in (?:height|length|width|depth))\b"
    );
}
