namespace PluckyRally.Core.Readings;

/// <summary>What a judge touches to record a measure.</summary>
public enum PadKind
{
    /// <summary>Digits, and fractions where the unit is read in them.</summary>
    Number,

    /// <summary>One word of a few: yes or no, or the levels of the brief.</summary>
    Words,

    /// <summary>One more, one less.</summary>
    Count,

    /// <summary>One, five or a roll of each kind of weight.</summary>
    Weights,

    /// <summary>A watch.</summary>
    Watch,

    /// <summary>Shapes of which an area is put together.</summary>
    Shapes,
}

/// <summary>The pad that fits a measure.</summary>
/// <param name="Kind">What is touched.</param>
/// <param name="Fractions">The fractions that its step allows, as typed: <c>1/4</c>, <c>1/2</c>, <c>3/4</c>.</param>
/// <param name="Placements">For one kind of weight, and for a count in rolls: the load after each placement of the
/// loading plan, in pieces.</param>
/// <param name="Shapes">For an area: the shapes that a reading may name.</param>
public sealed record MeasurePad(
    PadKind Kind,
    IReadOnlyList<string> Fractions,
    IReadOnlyList<int> Placements,
    IReadOnlyList<ShapeOnPad> Shapes
)
{
    /// <summary>The pad of a measure.</summary>
    public static MeasurePad For(Measure measure) =>
        new(
            KindOf(measure),
            ReadingFormat.InFractions(measure) ? FractionsOf(measure.Step) : [],
            PlacementsOf(measure),
            measure.Kind == MeasureKind.Area ? Readings.Shapes.OnPad : []
        );

    private static PadKind KindOf(Measure measure) =>
        measure.Kind switch
        {
            MeasureKind.YesNo or MeasureKind.Level => PadKind.Words,
            MeasureKind.Count => PadKind.Count,
            MeasureKind.Duration => PadKind.Watch,
            MeasureKind.Mass when measure.Weights.Count > 0 => PadKind.Weights,
            MeasureKind.Area => PadKind.Shapes,
            MeasureKind.Length
            or MeasureKind.Mass
            or MeasureKind.Force
            or MeasureKind.Volume
            or MeasureKind.Temperature
            or MeasureKind.Angle
            or MeasureKind.Money
            or MeasureKind.Percent
            or MeasureKind.Number => PadKind.Number,
        };

    /// <summary>Parts of a unit that rulers have at the most.</summary>
    private const int Finest = 64;

    /// <summary>In lowest terms, as a ruler is read.</summary>
    private static IReadOnlyList<string> FractionsOf(decimal step)
    {
        var parts = Rounding.Whole(Math.Min(Finest, 1 / step));
        return [.. Enumerable.Range(1, parts - 1).Select(n => $"{n / Common(n, parts)}/{parts / Common(n, parts)}")];
    }

    private static IReadOnlyList<int> PlacementsOf(Measure measure)
    {
        if (measure is { Kind: MeasureKind.Count, Roll: > 0, Expected: { Largest: > 0 } most })
            return Plan(most.Largest, measure.Roll);
        if (
            measure is not { Weights: [{ GramsEach: { } each } weight], Expected: { } expected }
            || measure.FixedUnit is not { } unit
        )
            return [];
        return Plan(unit.To(Units.Find("g")!, expected.Largest) / each, weight.Roll);
    }

    private static IReadOnlyList<int> Plan(decimal pieces, int roll) =>
        LoadingPlan.Of(Math.Max(1, Rounding.Whole(Math.Ceiling(pieces))), roll) is { IsOk: true } plan
            ? plan.Value.Placements
            : [];

    private static int Common(int a, int b) => b == 0 ? a : Common(b, a % b);
}

/// <summary>A shape that a reading of an area may name.</summary>
/// <param name="Name">What it is called in a reading.</param>
/// <param name="Lengths">The lengths that it takes, in order.</param>
public sealed record ShapeOnPad(string Name, IReadOnlyList<string> Lengths);
