using System.Globalization;
using System.Text;
using System.Text.RegularExpressions;
using PluckyRally.Core.Problems;

namespace PluckyRally.Core.Readings;

/// <summary>A typed reading, understood.</summary>
/// <param name="Value">In the measure's unit, less the tare, rounded to the step.</param>
/// <param name="Bound">Exact, at least or at most.</param>
public readonly record struct ParsedReading(decimal Value, Bound Bound);

/// <summary>
/// Reads what a judge types: <c>227</c>, <c>2.27 m</c>, <c>7 1/2 in</c>, <c>6' 3 1/2"</c>, <c>1:35.4</c>, <c>50+</c>.
/// A bare number is in the measure's unit. Anything unclear is refused with the forms that would do.
/// </summary>
public static class ReadingParser
{
    /// <summary>The longest writing that is looked at, but for an area of shapes.</summary>
    public const int MaxLength = 60;

    private const decimal Largest = 1_000_000_000m;

    /// <summary>Understands a reading of a measure, rounded to its step.</summary>
    public static Result<ParsedReading> Parse(string typed, Measure measure) => Parse(typed, measure, round: true);

    /// <summary>
    /// Understands an amount that a brief states in a measure's unit, such as a limit. It is not rounded to the step
    /// and carries no tare.
    /// </summary>
    public static Result<ParsedReading> ParseAmount(string typed, Measure measure) =>
        Parse(typed, measure with { Tare = 0 }, round: false);

    private static Result<ParsedReading> Parse(string typed, Measure measure, bool round)
    {
        if (string.IsNullOrWhiteSpace(typed))
            return Refuse(measure, "There is no reading.");
        var longest = measure.Kind == MeasureKind.Area ? Shapes.MaxLength : MaxLength;
        if (typed.Length > longest)
            return Refuse(measure, $"This is longer than {longest} characters.");
        var text = Tidy(typed);
        if (Shapes.Read(text, measure) is { } shapes)
            return shapes.Problem is { } wrong
                ? Refuse(measure, wrong)
                : Accept(new(shapes.Area), Bound.Exact, measure, round);
        if (measure.Kind == MeasureKind.YesNo)
            return YesNo(text, measure);
        if (measure.Kind == MeasureKind.Level)
            return Level(text, measure);

        var bound = Bound.Exact;
        if (BoundSuffix.Match(text) is { Success: true } suffix)
        {
            bound = suffix.Groups["sign"].Value == "+" ? Bound.AtLeast : Bound.AtMost;
            text = (suffix.Groups["before"].Value + suffix.Groups["unit"].Value).Trim();
        }

        if (UnclearComma.IsMatch(text))
            return Refuse(measure, $"“{typed.Trim()}” is unclear: the comma could part thousands or decimals.");
        text = text.Replace(',', '.');

        var value =
            measure.Weights.Count > 0 ? Counted(text, measure)
            : measure.Kind == MeasureKind.Count ? Summed(text, measure)
            : Plain(text, measure);
        if (value.Problem is { } why)
            return Refuse(measure, why.Replace("{typed}", $"“{typed.Trim()}”", StringComparison.Ordinal));
        return Accept(value, bound, measure, round);
    }

    private static Result<ParsedReading> Accept(Parsed read, Bound bound, Measure measure, bool round)
    {
        var value = read.Value;
        if (Math.Abs(value) > Largest)
            return Refuse(measure, "This is too large to be a reading.");
        if (round && measure.Kind == MeasureKind.Count && value != decimal.Truncate(value))
            return Refuse(measure, "A count is a whole number.");
        if (!read.Pieces)
            value -= measure.Tare;
        if (round && measure.Weights.Count == 0)
            value = Rounding.ToStep(value, measure.Step);
        if (value < 0 && !measure.Negative && measure.Kind != MeasureKind.Temperature)
            return measure.Tare > 0
                ? Refuse(measure, "This is less than the container alone.")
                : Refuse(measure, $"{Named(measure)} cannot be below zero.");
        return Result<ParsedReading>.Ok(new(value == 0 ? 0 : value, bound));
    }

    private static Result<ParsedReading> YesNo(string text, Measure measure) =>
        text.ToLowerInvariant() switch
        {
            "yes" or "y" or "1" or "true" => Result<ParsedReading>.Ok(new(1, Bound.Exact)),
            "no" or "n" or "0" or "false" => Result<ParsedReading>.Ok(new(0, Bound.Exact)),
            _ => Refuse(measure, $"“{text}” is neither yes nor no."),
        };

    private static Result<ParsedReading> Level(string text, Measure measure)
    {
        for (var i = 0; i < measure.Levels.Count; i++)
        {
            if (string.Equals(measure.Levels[i], text, StringComparison.OrdinalIgnoreCase))
                return Result<ParsedReading>.Ok(new(i, Bound.Exact));
        }

        return Refuse(measure, $"“{text}” is not one of the levels.");
    }

    /// <summary>A number in the measure's unit.</summary>
    /// <param name="Value">The number.</param>
    /// <param name="Problem">Why there is none.</param>
    /// <param name="Pieces">Whether it was counted in pieces and nothing of it weighed, so that there is no container
    /// in it.</param>
    private readonly record struct Parsed(decimal Value, string? Problem = null, bool Pieces = false);

    /// <summary>
    /// Pieces with their name, rolls of them, and masses as a scale shows them, joined by plus signs. A bare number is
    /// in the unit that the field shows; beside rolls it is the loose pieces.
    /// </summary>
    private static Parsed Counted(string text, Measure measure)
    {
        var unit = measure.FixedUnit ?? Units.Find("g")!;
        decimal grams = 0;
        var pieces = true;
        var rolled = text.Split('+', StringSplitOptions.TrimEntries)
            .Select(t => Rolled(WithUnit.Match(t).Groups["unit"].Value, measure))
            .FirstOrDefault(w => w is not null);
        foreach (var term in text.Split('+', StringSplitOptions.TrimEntries))
        {
            if (WithUnit.Match(term) is not { Success: true } match || Number(match) is not { } count)
                return new(0, "{typed} is not a number of weights.");
            var name = match.Groups["unit"].Value;
            var roll = Rolled(name, measure);
            if (roll is null && name.Length > 0 && Rolls.IsMatch(name))
                return new(0, "{typed} does not say of what the rolls are, or nothing here comes in rolls.");
            var counted = roll
                ?? measure.Weights.FirstOrDefault(w => SameThing(w.Name, name))
                ?? (name.Length == 0 ? rolled : null);
            if (counted is not null)
            {
                if (count != decimal.Truncate(count))
                    return new(0, "Weights are counted in whole pieces.");
                if (counted.GramsEach is not { } each)
                    return new(0, $"The mass of one {counted.Name} is not known yet.");
                grams += count * each * (roll is null ? 1 : roll.Roll);
            }
            else if ((name.Length == 0 ? unit : Units.Read(name)) is { Kind: MeasureKind.Mass } scale)
            {
                grams += scale.To(Units.Find("g")!, count);
                pieces = false;
            }
            else
            {
                return new(0, $"“{name}” is none of the weights of this test.");
            }
        }

        return new(Units.Find("g")!.To(unit, grams), Pieces: pieces);
    }

    /// <summary>A count as it is said: one number, or several joined by plus signs, rolls among them.</summary>
    private static Parsed Summed(string text, Measure measure)
    {
        decimal sum = 0;
        foreach (var term in text.Split('+', StringSplitOptions.TrimEntries))
        {
            var read = InRolls(term, measure) is { } rolls ? new Parsed(rolls * measure.Roll) : Plain(term, measure);
            if (read.Problem is not null)
                return read;
            sum += read.Value;
        }

        return new(sum);
    }

    /// <summary>How many rolls of what is counted; null where the term is no rolls of it.</summary>
    private static decimal? InRolls(string term, Measure measure) =>
        measure.Roll > 0
        && WithUnit.Match(term) is { Success: true } match
        && Rolls.Match(match.Groups["unit"].Value) is { Success: true } roll
        && roll.Groups["of"].Value.Trim() is var of
        && (of.Length == 0 || SameThing(measure.Unit, of))
            ? Number(match)
            : null;

    /// <summary>
    /// The weight whose rolls are meant: "rolls" where only one comes in rolls, else "rolls of beads" or "bead rolls".
    /// </summary>
    private static Weight? Rolled(string name, Measure measure)
    {
        if (Rolls.Match(name) is not { Success: true } match)
            return null;
        var of = match.Groups["of"].Value.Trim();
        var inRolls = measure.Weights.Where(w => w.Roll > 0).ToList();
        return of.Length == 0
            ? (inRolls.Count == 1 ? inRolls[0] : null)
            : inRolls.FirstOrDefault(w => SameThing(w.Name, of));
    }

    private static Parsed Plain(string text, Measure measure)
    {
        if (measure.Kind == MeasureKind.Money)
            text = WithoutSign(text, measure.Unit);
        if (measure.Kind == MeasureKind.Duration && text.Contains(':', StringComparison.Ordinal))
            return Clock(text, measure);
        if (measure.Kind == MeasureKind.Length && FeetInches.Match(text) is { Success: true } both)
            return FeetAndInches(both, measure);
        if (WithUnit.Match(text) is not { Success: true } match)
            return new(0, "{typed} cannot be read as a number.");
        if (Number(match) is not { } number)
            return new(0, "{typed} has a zero below the fraction line, or too many digits.");

        var written = match.Groups["unit"].Value;
        if (written.Length == 0 || SameThing(measure.Unit, written))
            return new(number);
        if (measure.Kind is MeasureKind.Money or MeasureKind.Number or MeasureKind.Count)
            return new(0, $"“{written}” does not belong here.");
        if (Units.Read(written) is not { } unit)
            return new(0, $"“{written}” is not a unit that is known here.");
        if (unit.Kind != measure.Kind)
            return new(
                0,
                $"{unit.Symbol} is a unit of {KindWord(unit.Kind)}, and {Named(measure)} is a {KindWord(measure.Kind)}."
            );
        return measure.FixedUnit is { } own
            ? new(unit.To(own, number))
            : new(0, $"{Named(measure)} is read in {Units.SeveralOf(measure.Unit)}, whose size is not stated.");
    }

    private static Parsed Clock(string text, Measure measure)
    {
        if (ClockForm.Match(text) is not { Success: true } m)
            return new(0, "{typed} is not a time of the form min:s or h:min:s.");
        var hours = m.Groups["h"].Success ? int.Parse(m.Groups["h"].Value, CultureInfo.InvariantCulture) : 0;
        var minutes = int.Parse(m.Groups["m"].Value, CultureInfo.InvariantCulture);
        var seconds = decimal.Parse(m.Groups["s"].Value, CultureInfo.InvariantCulture);
        if (seconds >= 60 || (m.Groups["h"].Success && minutes >= 60))
            return new(0, "{typed} has 60 or more in a place that ends at 59.");
        return new(Units.Find("s")!.To(measure.FixedUnit!, (hours * 3600) + (minutes * 60) + seconds));
    }

    private static Parsed FeetAndInches(Match match, Measure measure)
    {
        if (measure.FixedUnit is not { } own)
            return new(0, $"{Named(measure)} is read in {Units.SeveralOf(measure.Unit)}, whose size is not stated.");
        if (Number(match) is not { } inches)
            return new(0, "{typed} has a zero below the fraction line, or too many digits.");
        var feet = decimal.Parse(match.Groups["feet"].Value, CultureInfo.InvariantCulture);
        return new(Units.Find("in")!.To(own, (feet * 12) + inches));
    }

    /// <summary>
    /// The number in a match: a decimal, a fraction, or a whole number and a fraction; null where it is none.
    /// </summary>
    private static decimal? Number(Match match)
    {
        decimal value = 0;
        if (match.Groups["whole"].Success)
        {
            if (
                !decimal.TryParse(
                    match.Groups["whole"].Value,
                    NumberStyles.AllowDecimalPoint,
                    CultureInfo.InvariantCulture,
                    out value
                )
            )
                return null;
        }

        if (match.Groups["top"].Success)
        {
            var below = decimal.Parse(match.Groups["below"].Value, CultureInfo.InvariantCulture);
            if (below == 0)
                return null;
            value += decimal.Parse(match.Groups["top"].Value, CultureInfo.InvariantCulture) / below;
        }

        return match.Groups["minus"].Success ? -value : value;
    }

    private static string WithoutSign(string text, string sign)
    {
        if (sign.Length == 0)
            return text;
        if (text.StartsWith(sign, StringComparison.OrdinalIgnoreCase))
            return text[sign.Length..].Trim();
        return text.EndsWith(sign, StringComparison.OrdinalIgnoreCase) ? text[..^sign.Length].Trim() : text;
    }

    /// <summary>Whether two writings name the same thing, plural or not: <c>bead</c> and <c>Beads</c>.</summary>
    private static bool SameThing(string name, string written) =>
        written.Length > 0
        && name.Length > 0
        && (
            name.Equals(written, StringComparison.OrdinalIgnoreCase)
            || (name + "s").Equals(written, StringComparison.OrdinalIgnoreCase)
            || name.Equals(written + "s", StringComparison.OrdinalIgnoreCase)
        );

    internal static string Tidy(string typed)
    {
        var text = new StringBuilder(typed.Length + 8);
        foreach (var c in typed)
        {
            text.Append(
                c switch
                {
                    '−' or '–' => "-",
                    '′' or '’' => "'",
                    '″' or '”' or '“' => "\"",
                    '×' => "x",
                    '⁄' => "/",
                    '½' => " 1/2",
                    '¼' => " 1/4",
                    '¾' => " 3/4",
                    '⅓' => " 1/3",
                    '⅔' => " 2/3",
                    '⅛' => " 1/8",
                    '⅜' => " 3/8",
                    '⅝' => " 5/8",
                    '⅞' => " 7/8",
                    _ when char.IsWhiteSpace(c) => " ",
                    _ => c.ToString(),
                }
            );
        }

        return Spaces.Replace(text.ToString(), " ").Trim();
    }

    private static Result<ParsedReading> Refuse(Measure measure, string what) =>
        Result<ParsedReading>.Refused(
            new Problem("/typed", what, $"These would do: {string.Join(", ", ReadingForms.For(measure))}.")
        );

    private static string Named(Measure measure) => measure.Name.Length > 0 ? measure.Name : measure.Id;

    private static string KindWord(MeasureKind kind) =>
        kind == MeasureKind.YesNo ? "yes or no" : kind.ToString().ToLowerInvariant();

    private const string NumberForm =
        @"(?<minus>-)?\s?(?:(?<whole>\d{1,12}(?:\.\d{1,9})?"
        + @"|\.\d{1,9})(?:\s(?<top>\d{1,6})/(?<below>\d{1,6}))?|(?<top>\d{1,6})/(?<below>\d{1,6}))";

    private static readonly Regex WithUnit = new(
        @"^" + NumberForm + @"\s?(?<unit>[^\d\s+\-./][^\d+]{0,39}2?)?$",
        RegexOptions.ExplicitCapture
    );

    private static readonly Regex Rolls = new(
        @"^(?:rolls?(?:\s+of)?\s*(?<of>.*)|(?<of>.+?)\s+rolls?)$",
        RegexOptions.ExplicitCapture | RegexOptions.IgnoreCase
    );

    private static readonly Regex FeetInches = new(
        @"^(?<feet>\d{1,6})\s?(?:'|ft|feet|foot)\s?" + NumberForm + "\\s?(?:\"|in|inch|inches)$",
        RegexOptions.ExplicitCapture | RegexOptions.IgnoreCase
    );

    private static readonly Regex ClockForm = new(
        @"^(?:(?<h>\d{1,4}):)?(?<m>\d{1,4}):(?<s>\d{2}(?:\.\d{1,6})?)$",
        RegexOptions.ExplicitCapture
    );

    private static readonly Regex BoundSuffix = new(
        @"^(?<before>.*[\d'""].*?)\s?(?<sign>[+\-])\s?(?<unit>[^\d+\-]*)$",
        RegexOptions.ExplicitCapture
    );

    private static readonly Regex UnclearComma = new(@"\d,\d{3}(?!\d)|,\d*[.,]|\.\d*,");

    private static readonly Regex Spaces = new(@"\s+");
}
