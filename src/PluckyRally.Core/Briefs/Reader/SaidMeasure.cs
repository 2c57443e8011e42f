using System.Text.RegularExpressions;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Briefs;

/// <summary>Something that is measured, as a sentence names it.</summary>
/// <param name="Id">What expressions call it.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Kind">What sort of thing it is.</param>
/// <param name="Unit">Its unit, or the thing that is counted.</param>
/// <param name="Better">Which direction is better.</param>
/// <param name="Taken">When it is read.</param>
internal sealed record SaidMeasure(
    string Id,
    string Name,
    MeasureKind Kind,
    string Unit,
    Better Better,
    ReadOccasion Taken
)
{
    /// <summary>What one of its units is called: "inch", "straw", "straw left".</summary>
    public string OneOfIt =>
        Kind != MeasureKind.Count ? Units.OneOf(Unit)
        : Unit.EndsWith(" left", StringComparison.Ordinal) ? $"{English.One(Unit[..^5])} left"
        : English.One(Unit);

    /// <summary>The measure of the brief that this is, or a new one.</summary>
    public Measure In(Brief brief) =>
        brief.Measures.FirstOrDefault(m => m.Id == Id && m.Kind == Kind)
        ?? new()
        {
            Id = Id,
            Name = Name,
            Kind = Kind,
            Unit = Unit,
            Step = StepIn(brief),
            Taken = Taken,
            Better = Better,
        };

    /// <summary>As finely as it is usually read (common practice, no source).</summary>
    private decimal StepIn(Brief brief) =>
        Unit switch
        {
            "cm" or "in" => GradeBands.LengthStep(brief.Grades, Unit),
            "m" or "yd" or "kg" or "$" or "€" or "£" => 0.01m,
            "ft" or "oz" or "lb" or "s" => 0.1m,
            _ => 1,
        };
}

/// <summary>Finds out what a sentence measures.</summary>
internal static class SaidMeasures
{
    /// <summary>What is measured, by the words that name it, with the kind of unit that must go with them.</summary>
    private static readonly IReadOnlyList<(
        Regex Words,
        MeasureKind Kind,
        string Id,
        Better Better,
        ReadOccasion Taken
    )> Known = [.. Table.Select(row => (new Regex($@"\b(?:{row.Words})\b"), row.Kind, row.Id, row.Better, row.Taken))];

    private static (string Words, MeasureKind Kind, string Id, Better Better, ReadOccasion Taken)[] Table =>
        [
            (
                @"tall(?:er|est)?|high(?:er|est)?|height|above|low(?:er|est)?",
                MeasureKind.Length,
                "height",
                Better.More,
                ReadOccasion.Once
            ),
            (@"wid(?:e|er|est|th)|across|broad", MeasureKind.Length, "width", Better.More, ReadOccasion.Once),
            (@"deep(?:er|est)?|depth", MeasureKind.Length, "depth", Better.More, ReadOccasion.Once),
            (@"thick(?:er|ness)?", MeasureKind.Length, "thickness", Better.More, ReadOccasion.Once),
            (@"long(?:er|est)?|length|short(?:er|est)?", MeasureKind.Length, "length", Better.More, ReadOccasion.Once),
            (@"reach(?:es|ed)?", MeasureKind.Length, "reach", Better.More, ReadOccasion.Once),
            (
                @"lifts? (?:it|its load|the \w+) at least|lifted|raised?",
                MeasureKind.Length,
                "height",
                Better.More,
                ReadOccasion.EachAttempt
            ),
            (
                @"travel\w*|fl(?:y|ies|own|ew)|rolls?|throw\w*|distance|far(?:ther|thest)?|further|furthest|sails?",
                MeasureKind.Length,
                "distance",
                Better.More,
                ReadOccasion.EachAttempt
            ),
            (
                @"lift\w*|hold\w*|held|carr(?:y|ies|ied)|support\w*|bears?|load\w*|strong(?:er|est)?",
                MeasureKind.Mass,
                "load",
                Better.More,
                ReadOccasion.EachAttempt
            ),
            (
                @"weigh\w*|heav(?:y|ier|iest)|light(?:er|est)?|mass|weight",
                MeasureKind.Mass,
                "mass",
                Better.Less,
                ReadOccasion.Once
            ),
            (
                @"seconds?|minutes?|finish\w*|fast(?:er|est)?|quick(?:er|est)?",
                MeasureKind.Duration,
                "time",
                Better.Less,
                ReadOccasion.EachAttempt
            ),
            (@"slow(?:er|est|ly)?|take\w*", MeasureKind.Duration, "time", Better.More, ReadOccasion.EachAttempt),
            (
                @"degrees?|temperature|cool(?:er|est)?|warm(?:er|est)?|cold(?:er|est)?|hot(?:ter|test)?|water",
                MeasureKind.Temperature,
                "temperature",
                Better.Less,
                ReadOccasion.EachAttempt
            ),
            (@"pull\w*|push\w*|force", MeasureKind.Force, "pull", Better.Less, ReadOccasion.EachAttempt),
            (@"costs?|price|spend|money", MeasureKind.Money, "cost", Better.Less, ReadOccasion.Once),
        ];

    /// <summary>
    /// What is measured where these words stand, in this unit; null where they do not say. What names a dimension goes
    /// before what the thing does.
    /// </summary>
    public static SaidMeasure? Find(string words, Unit unit)
    {
        foreach (var (pattern, kind, id, better, taken) in Known)
            if (kind == unit.Kind && pattern.IsMatch(words))
                return Of(id, kind, unit.Symbol, better, taken);
        return unit.Kind == MeasureKind.Mass ? Of("mass", unit.Kind, unit.Symbol, Better.Less, ReadOccasion.Once)
            : unit.Kind == MeasureKind.Temperature
                ? Of("temperature", unit.Kind, unit.Symbol, Better.Less, ReadOccasion.EachAttempt)
            : null;
    }

    /// <summary>What is compared by a word such as "tallest" or "lighter", in the units of the classroom.</summary>
    public static SaidMeasure? ByAdjective(string word, UnitSystem units)
    {
        foreach (var (pattern, kind, id, better, taken) in Known)
            if (pattern.Match(word).Length == word.Length)
                return Of(id, kind, Units.Usual(kind, units), Against(word) ? Better.Less : better, taken);
        return null;
    }

    /// <summary>What is measured where a name holds one of the words for it, in the units of the classroom.</summary>
    public static SaidMeasure? Named(string name, UnitSystem units)
    {
        foreach (var (pattern, kind, id, better, taken) in Known)
            if (kind != MeasureKind.Money && pattern.IsMatch(name))
                return Of(id, kind, Units.Usual(kind, units), better, taken);
        return null;
    }

    /// <summary>Money, in the sign that was said.</summary>
    public static SaidMeasure Cost(string sign) => Of("cost", MeasureKind.Money, sign, Better.Less, ReadOccasion.Once);

    /// <summary>How much of a material is used.</summary>
    public static SaidMeasure Used(string thing, Unit unit) =>
        new(
            $"{NotInAnId.Replace(thing, "_")}_used",
            SentenceCase.Beginning($"{thing} used"),
            unit.Kind,
            unit.Symbol,
            Better.Less,
            ReadOccasion.Once
        );

    /// <summary>Things that are counted: used up, or carried in an attempt.</summary>
    public static SaidMeasure Count(string thing, bool carried)
    {
        var several = thing.Contains(' ') || thing.EndsWith('s') ? thing : English.Several(thing);
        var counted = several.Split(" of ")[0];
        var id = NotInAnId.Replace(counted, "_").Trim('_');
        return new(
            id,
            SentenceCase.Beginning(carried ? several : $"{several} used"),
            MeasureKind.Count,
            counted,
            carried ? Better.More : Better.Less,
            carried ? ReadOccasion.EachAttempt : ReadOccasion.Once
        );
    }

    private static SaidMeasure Of(string id, MeasureKind kind, string unit, Better better, ReadOccasion taken) =>
        new(id, SentenceCase.Beginning(id), kind, unit, better, taken);

    private static bool Against(string word) =>
        word.StartsWith("short", StringComparison.Ordinal) || word.StartsWith("low", StringComparison.Ordinal);

    private static readonly Regex NotInAnId = new("[^a-z0-9]+");
}
