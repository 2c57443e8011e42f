using PluckyRally.Core.Briefs;
using PluckyRally.Core.Figures;
using PluckyRally.Core.Parts;
using PluckyRally.Core.Readings;

namespace PluckyRally.Core.Results;

/// <summary>How a part came out.</summary>
public enum PartState
{
    /// <summary>It has a value and gives points by its curve.</summary>
    Scored,

    /// <summary>No attempt counted; it scores its “no success” points.</summary>
    NoSuccess,

    /// <summary>The value cannot be worked out; it scores its “no success” points.</summary>
    NoValue,

    /// <summary>Something has still to be recorded.</summary>
    Unfinished,
}

/// <summary>A part's value for one design, before any points.</summary>
/// <param name="Value">The value, or why there is none.</param>
internal sealed record PartValue(BoundedValue Value)
{
    /// <summary>How it came out.</summary>
    public PartState State =>
        Value.Absent switch
        {
            null => PartState.Scored,
            { NotYet: true } => PartState.Unfinished,
            { NoSuccess: true } => PartState.NoSuccess,
            _ => PartState.NoValue,
        };

    /// <summary>For a measured part: what the attempts gave.</summary>
    public IReadOnlyList<AttemptValue> Attempts { get; init; } = [];

    /// <summary>For a measured part over combined measures: those.</summary>
    public BoundedValue[]? Combined { get; init; }

    /// <summary>The numbers of the attempts that went into the value.</summary>
    public IReadOnlyList<int> Used { get; init; } = [];

    /// <summary>For the other parts: how the value comes about, a step for each thing.</summary>
    public IReadOnlyList<Working> Steps { get; init; } = [];

    /// <summary>
    /// What is known beside the value, in the order of <see cref="Part.Facts"/>; empty where nothing is known yet.
    /// </summary>
    public IReadOnlyList<BoundedValue> Facts { get; init; } = [];

    /// <summary>
    /// Stands behind every team with a value, smaller numbers first; for those that did not finish a relay.
    /// </summary>
    public IReadOnlyList<decimal>? StoppedOrder { get; init; }

    /// <summary>Points that are added after the curve's, such as those for items brought over in a relay.</summary>
    public decimal PointsAfterCurve { get; init; }

    /// <summary>A value with its working.</summary>
    public static PartValue Scored(decimal value, IReadOnlyList<Working> steps) =>
        new(new BoundedValue(value)) { Steps = steps };

    /// <summary>No value, and why.</summary>
    public static PartValue Without(Absence why) => new(BoundedValue.None(why));
}

/// <summary>A part's points, and all that led to them.</summary>
/// <param name="Plan">The part.</param>
/// <param name="State">How it came out; failed by a rule counts as no success.</param>
/// <param name="Value">Its value.</param>
/// <param name="Curve">Points by the curve, or the “no success” points.</param>
/// <param name="Clamped">After floor and cap.</param>
/// <param name="Points">After weight and rounding; null while unfinished.</param>
/// <param name="Bound">Whether the points before the weight are a bound.</param>
/// <param name="Pool">What the value was compared with.</param>
internal sealed record PartResult(
    PartPlan Plan,
    PartState State,
    PartValue Value,
    decimal Curve,
    decimal Clamped,
    decimal? Points,
    Bound Bound,
    Pool Pool
)
{
    /// <summary>Whether the points as they are added are a bound: those that are not counted are not.</summary>
    public Bound Added => Plan.Part.Weight == 0 ? Bound.Exact : Bound;
}

/// <summary>What a curve needs to know beyond the value.</summary>
/// <param name="Best">The best value among the teams that place.</param>
/// <param name="Rank">This team's place among them, from 1.</param>
/// <param name="Tied">How many share that place.</param>
/// <param name="Teams">How many have a place.</param>
/// <param name="Earlier">The team's value in the round before.</param>
internal sealed record Pool(BoundedValue Best, int Rank, int Tied, int Teams, BoundedValue Earlier)
{
    public static readonly Pool Empty = new(
        BoundedValue.None(new Absence.NobodyYet()),
        0,
        0,
        0,
        BoundedValue.None(new Absence.NoEarlierRound())
    );
}
