using System.Collections.Frozen;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Readings;

/// <summary>
/// The units the product knows, with exact factors.
/// Source: NIST Special Publication 811 (2008), appendix B; SI prefixes by definition.
/// </summary>
public static class Units
{
    private const decimal PoundInGrams = 453.59237m;
    private const decimal PoundForceInNewtons = 4.4482216152605m;

    private static readonly (Unit Unit, string[] Written)[] Table =
    [
        (new("mm", MeasureKind.Length, 1), ["mm", "millimetre", "millimeter", "millimetres", "millimeters"]),
        (new("cm", MeasureKind.Length, 10), ["cm", "centimetre", "centimeter", "centimetres", "centimeters"]),
        (new("m", MeasureKind.Length, 1000), ["m", "metre", "meter", "metres", "meters"]),
        (new("in", MeasureKind.Length, 25.4m), ["in", "inch", "inches", "\""]),
        (new("ft", MeasureKind.Length, 304.8m), ["ft", "foot", "feet", "'"]),
        (new("yd", MeasureKind.Length, 914.4m), ["yd", "yds", "yard", "yards"]),
        (new("mm²", MeasureKind.Area, 1), ["mm²", "mm2", "sq mm"]),
        (new("cm²", MeasureKind.Area, 100), ["cm²", "cm2", "sq cm"]),
        (new("m²", MeasureKind.Area, 1_000_000), ["m²", "m2", "sq m"]),
        (new("in²", MeasureKind.Area, 645.16m), ["in²", "in2", "sq in"]),
        (new("ft²", MeasureKind.Area, 92_903.04m), ["ft²", "ft2", "sq ft"]),
        (new("yd²", MeasureKind.Area, 836_127.36m), ["yd²", "yd2", "sq yd"]),
        (new("mg", MeasureKind.Mass, 0.001m), ["mg"]),
        (new("g", MeasureKind.Mass, 1), ["g", "gram", "grams"]),
        (new("kg", MeasureKind.Mass, 1000), ["kg", "kilo", "kilos", "kilogram", "kilograms"]),
        (new("oz", MeasureKind.Mass, PoundInGrams / 16), ["oz", "ounce", "ounces"]),
        (new("lb", MeasureKind.Mass, PoundInGrams), ["lb", "lbs", "pound", "pounds"]),
        (new("N", MeasureKind.Force, 1), ["N", "newton", "newtons"]),
        (new("lbf", MeasureKind.Force, PoundForceInNewtons), ["lbf"]),
        (new("gf", MeasureKind.Force, 0.00980665m), ["gf"]),
        (new("ozf", MeasureKind.Force, PoundForceInNewtons / 16), ["ozf"]),
        (new("mL", MeasureKind.Volume, 1), ["mL", "ml", "millilitre", "milliliter"]),
        (new("L", MeasureKind.Volume, 1000), ["L", "l", "litre", "liter", "litres", "liters"]),
        (new("fl oz", MeasureKind.Volume, 29.5735295625m), ["fl oz", "floz"]),
        (new("cup", MeasureKind.Volume, 236.5882365m), ["cup", "cups"]),
        (new("s", MeasureKind.Duration, 1), ["s", "sec", "secs", "second", "seconds"]),
        (new("min", MeasureKind.Duration, 60), ["min", "mins", "minute", "minutes"]),
        (new("h", MeasureKind.Duration, 3600), ["h", "hr", "hour", "hours"]),
        (new("°C", MeasureKind.Temperature, 1), ["°C", "°c", "C", "c"]),
        (new("°F", MeasureKind.Temperature, 5, 9, 32), ["°F", "°f", "F", "f"]),
        (new("°", MeasureKind.Angle, 1), ["°", "deg", "degree", "degrees"]),
        (new("%", MeasureKind.Percent, 1), ["%", "percent"]),
    ];

    private static readonly FrozenDictionary<string, Unit> BySymbol = Table.ToFrozenDictionary(
        row => row.Unit.Symbol,
        row => row.Unit
    );

    private static readonly FrozenDictionary<string, Unit> ByWriting = Table
        .SelectMany(row => row.Written.Select(written => (written, row.Unit)))
        .ToFrozenDictionary(pair => pair.written, pair => pair.Unit);

    /// <summary>The unit with exactly this symbol, or null.</summary>
    public static Unit? Find(string symbol) => BySymbol.GetValueOrDefault(symbol);

    /// <summary>The unit a judge means by this writing (<c>inches</c>, <c>"</c>, <c>CM</c>), or null.</summary>
    public static Unit? Read(string written) =>
        ByWriting.GetValueOrDefault(written) ?? ByWriting.GetValueOrDefault(written.ToLowerInvariant());

    /// <summary>The symbols that a kind can be read in; empty for kinds without fixed units.</summary>
    public static IReadOnlyList<string> For(MeasureKind kind) =>
        [.. Table.Where(row => row.Unit.Kind == kind).Select(row => row.Unit.Symbol)];

    /// <summary>
    /// The unit a kind is usually read in, in metric classrooms; empty for kinds without fixed units.
    /// </summary>
    public static string Usual(MeasureKind kind) =>
        kind switch
        {
            MeasureKind.Length => "cm",
            MeasureKind.Area => "cm²",
            MeasureKind.Mass => "g",
            MeasureKind.Force => "N",
            MeasureKind.Volume => "mL",
            MeasureKind.Duration => "s",
            MeasureKind.Temperature => "°C",
            MeasureKind.Angle => "°",
            MeasureKind.Percent => "%",
            MeasureKind.Money or MeasureKind.Count or MeasureKind.Number or MeasureKind.YesNo or MeasureKind.Level =>
                "",
        };

    /// <summary>The unit a kind is usually read in where the class measures in a system.</summary>
    public static string Usual(MeasureKind kind, UnitSystem system) =>
        system == UnitSystem.Metric
            ? Usual(kind)
            : kind switch
            {
                MeasureKind.Length => "in",
                MeasureKind.Area => "in²",
                MeasureKind.Mass => "oz",
                MeasureKind.Force => "ozf",
                MeasureKind.Volume => "fl oz",
                MeasureKind.Temperature => "°F",
                MeasureKind.Duration
                or MeasureKind.Angle
                or MeasureKind.Percent
                or MeasureKind.Money
                or MeasureKind.Count
                or MeasureKind.Number
                or MeasureKind.YesNo
                or MeasureKind.Level => Usual(kind),
            };

    /// <summary>Whether a unit is one of inches, ounces and what goes with them.</summary>
    public static bool IsCustomary(string unit) => Customary.Contains(unit);

    private static readonly FrozenSet<string> Customary = FrozenSet.Create([
        "in",
        "ft",
        "yd",
        "in²",
        "ft²",
        "yd²",
        "oz",
        "lb",
        "lbf",
        "ozf",
        "fl oz",
        "cup",
        "°F",
    ]);

    /// <summary>
    /// What one of a unit is called after "each": the word where its symbol is another word, else the symbol.
    /// </summary>
    public static string OneOf(string unit) =>
        unit switch
        {
            "in" => "inch",
            "ft" => "foot",
            "yd" => "yard",
            "s" => "second",
            "min" => "minute",
            "h" => "hour",
            "lb" => "pound",
            "oz" => "ounce",
            "%" => "percent",
            "°" => "degree",
            _ => unit,
        };

    /// <summary>What several of a unit are called, as in "measured in inches".</summary>
    public static string SeveralOf(string unit) =>
        OneOf(unit) == unit || unit == "%" ? OneOf(unit) : English.Several(OneOf(unit));

    /// <summary>Whether a kind must have one of the fixed units.</summary>
    public static bool NeedsUnit(MeasureKind kind) =>
        kind
            is MeasureKind.Length
                or MeasureKind.Area
                or MeasureKind.Mass
                or MeasureKind.Force
                or MeasureKind.Volume
                or MeasureKind.Duration
                or MeasureKind.Temperature
                or MeasureKind.Angle;
}
