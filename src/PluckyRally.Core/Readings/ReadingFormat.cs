using System.Globalization;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Readings;

/// <summary>Writes values the way the class reads them.</summary>
public static class ReadingFormat
{
    /// <summary>
    /// A reading of a measure with its unit: <c>227 cm</c>, <c>17 3/4 in</c>, <c>1:35.4</c>, <c>at least 50 g</c>.
    /// </summary>
    public static string Reading(decimal value, Bound bound, Measure measure) =>
        WithBound(Value(value, measure), bound);

    /// <summary>A calculated value of a measure, or that there is none.</summary>
    internal static string Value(BoundedValue value, Measure measure) =>
        value.HasValue ? Reading(value.Number, value.Bound, measure) : "no value";

    /// <summary>A value of a measure with its unit, without a bound.</summary>
    public static string Value(decimal value, Measure measure) =>
        measure.Kind switch
        {
            MeasureKind.YesNo => value >= 1 ? "yes" : "no",
            MeasureKind.Level => value >= 0 && value < measure.Levels.Count && value == decimal.Truncate(value)
                ? measure.Levels[(int)value]
                : Numerals.Write(value),
            MeasureKind.Duration when measure.Unit == "s" && Math.Abs(value) >= 60 => Clock(
                value,
                Rounding.Decimals(measure.Step)
            ),
            MeasureKind.Length when InFractions(measure) => $"{Fraction(value, measure.Step)} {measure.Unit}",
            MeasureKind.Money => Money(value, measure.Unit),
            MeasureKind.Mass when measure.Weights.Count > 0 => WithUnit(Numerals.Write(value), measure.Unit),
            MeasureKind.Length
            or MeasureKind.Area
            or MeasureKind.Mass
            or MeasureKind.Force
            or MeasureKind.Volume
            or MeasureKind.Duration
            or MeasureKind.Temperature
            or MeasureKind.Angle
            or MeasureKind.Count
            or MeasureKind.Percent
            or MeasureKind.Number => WithUnit(Fixed(value, Math.Max(Rounding.Decimals(measure.Step), 0)), measure.Unit),
        };

    /// <summary>A number at the side of a plot, where the unit stands once beside all of them.</summary>
    internal static string OnAxis(decimal value, Measure measure, int decimals) =>
        measure.Kind switch
        {
            MeasureKind.Length when InFractions(measure) => Fraction(value, measure.Step),
            MeasureKind.YesNo or MeasureKind.Level or MeasureKind.Duration => Value(
                    value,
                    measure with
                    {
                        Unit = measure.Unit == "s" ? "s" : "",
                    }
                )
                .Replace(" s", "", StringComparison.Ordinal),
            MeasureKind.Length
            or MeasureKind.Area
            or MeasureKind.Mass
            or MeasureKind.Force
            or MeasureKind.Volume
            or MeasureKind.Temperature
            or MeasureKind.Angle
            or MeasureKind.Count
            or MeasureKind.Percent
            or MeasureKind.Number
            or MeasureKind.Money => Fixed(value, decimals),
        };

    /// <summary>A value with so many decimals and a unit: how intermediate results are shown.</summary>
    public static string Amount(decimal value, int decimals, string unit) => WithUnit(Fixed(value, decimals), unit);

    /// <summary>A bound written before a value.</summary>
    public static string WithBound(string value, Bound bound) =>
        bound switch
        {
            Bound.Exact => value,
            Bound.AtLeast => $"at least {value}",
            Bound.AtMost => $"at most {value}",
            Bound.Unclear => $"about {value}",
        };

    /// <summary>
    /// Points with the decimals of the method's shown precision, a true minus sign, no superfluous zeros before the
    /// decimals.
    /// </summary>
    public static string Points(decimal points, decimal precision) => Fixed(points, Rounding.Decimals(precision));

    /// <summary>A number with exactly so many decimals.</summary>
    public static string Fixed(decimal value, int decimals) =>
        Numerals.Minus(Rounding.ToDecimals(value, decimals).ToString("F" + decimals, CultureInfo.InvariantCulture));

    private static string WithUnit(string number, string unit) =>
        unit switch
        {
            "" => number,
            "%" or "°" => number + unit,
            _ when number == "1" && Units.Find(unit) is null => $"1 {English.One(unit)}",
            _ => $"{number} {unit}",
        };

    private static string Money(decimal value, string sign)
    {
        var amount = value == decimal.Truncate(value) ? Fixed(value, 0) : Fixed(value, 2);
        return sign.Length == 1 && !char.IsLetter(sign[0]) ? sign + amount : WithUnit(amount, sign);
    }

    private static string Clock(decimal seconds, int decimals)
    {
        var rounded = Rounding.ToDecimals(Math.Abs(seconds), decimals);
        var whole = (long)decimal.Truncate(rounded / 60);
        var rest = (rounded - (whole * 60)).ToString(
            decimals == 0 ? "00" : "00." + new string('0', decimals),
            CultureInfo.InvariantCulture
        );
        var clock = whole >= 60 ? $"{whole / 60}:{whole % 60:00}:{rest}" : $"{whole}:{rest}";
        return seconds < 0 ? "−" + clock : clock;
    }

    internal static bool InFractions(Measure measure) =>
        (measure.Unit is "in" or "ft" or "yd") && measure.Step is 0.5m or 0.25m or 0.125m or 0.0625m;

    private static string Fraction(decimal value, decimal step)
    {
        var parts = (long)Math.Round(Math.Abs(value) / step, MidpointRounding.AwayFromZero);
        var below = (long)(1 / step);
        var whole = parts / below;
        var top = parts % below;
        while (top > 0 && top % 2 == 0)
        {
            top /= 2;
            below /= 2;
        }

        var text = (whole, top) switch
        {
            (_, 0) => $"{whole}",
            (0, _) => $"{top}/{below}",
            _ => $"{whole} {top}/{below}",
        };
        return value < 0 && parts > 0 ? "−" + text : text;
    }
}
