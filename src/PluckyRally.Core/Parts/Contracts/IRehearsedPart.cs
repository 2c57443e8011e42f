using PluckyRally.Core.Briefs;
using PluckyRally.Core.Rehearsals;
using PluckyRally.Core.Score;

namespace PluckyRally.Core.Parts;

/// <summary>
/// What trying and rehearsing ask of a part: what can be moved, what is left to chance, what a pretend team writes.
/// </summary>
internal interface IRehearsedPart
{
    /// <summary>The part.</summary>
    Part Part { get; }

    /// <summary>The values that its curve will probably see; null where nobody knows.</summary>
    LikelyRange? Values(Brief brief);

    /// <summary>
    /// The fewest and the most points it will probably give, before floor, cap and weight; null where nobody knows.
    /// </summary>
    LikelyRange? Spread(Brief brief);

    /// <summary>The fewest and the most points it will probably add to a total; null where nobody knows.</summary>
    LikelyRange? PointsSpread(Brief brief);

    /// <summary>What of a pretend team can be moved.</summary>
    IEnumerable<TryHandle> Handles { get; }

    /// <summary>
    /// What of it is left to chance in a rehearsal; each of them can stand where a pretend team's handles do.
    /// </summary>
    IEnumerable<RehearsedThing> Things { get; }

    /// <summary>What really came of its things, from what was recorded of a design.</summary>
    IEnumerable<ThingCame> Came(DesignRecord design);

    /// <summary>What judges would write down of a pretend team.</summary>
    IEnumerable<Entry> Rehearse(PartRehearsal team);
}

internal abstract partial record PartPlan : IRehearsedPart
{
    /// <inheritdoc/>
    public abstract LikelyRange? Values(Brief brief);

    /// <inheritdoc/>
    public virtual LikelyRange? Spread(Brief brief) =>
        Values(brief) is { } values ? Curve.Spread(values, Better) : null;

    /// <inheritdoc/>
    public LikelyRange? PointsSpread(Brief brief)
    {
        return Spread(brief) is { } points ? new(Added(points.Low), Added(points.High)) : null;

        decimal Added(decimal p) =>
            Math.Max(Part.Floor ?? decimal.MinValue, Math.Min(Part.Cap ?? decimal.MaxValue, p)) * Part.Weight;
    }

    /// <inheritdoc/>
    public abstract IEnumerable<TryHandle> Handles { get; }

    /// <inheritdoc/>
    public virtual IEnumerable<RehearsedThing> Things => Handles.Select(RehearsedThing.Amount.Guess);

    /// <inheritdoc/>
    public abstract IEnumerable<ThingCame> Came(DesignRecord design);

    /// <inheritdoc/>
    public abstract IEnumerable<Entry> Rehearse(PartRehearsal team);

    /// <summary>
    /// Something of it that is left to chance, with what is usual where nobody knows (common practice, no source).
    /// </summary>
    private protected RehearsedThing.Amount Amount(
        string what,
        string name,
        string unit,
        Pert usual,
        decimal step = 1,
        IReadOnlyList<string>? words = null,
        bool less = false
    ) => new(Handle(what, name, unit, usual.Low, usual.High, step, words, less), usual, RehearsalWords.Guess);

    /// <summary>
    /// Something of it that happens or does not, with how often it does where nobody knows (common practice, no
    /// source).
    /// </summary>
    private protected RehearsedThing.Happening Happening(string what, string name, decimal inAHundred, bool good) =>
        new($"{Part.Id}.{what}", $"{Part.Name}: {name}", inAHundred, good);

    /// <summary>What came of one of its things.</summary>
    private protected ThingCame CameOf(string what, decimal value, int of = 1) => new($"{Part.Id}.{what}", value, of);

    private protected TryHandle Handle(
        string what,
        string name,
        string unit,
        decimal low,
        decimal high,
        decimal step = 1,
        IReadOnlyList<string>? words = null,
        bool less = false
    ) => new($"{Part.Id}.{what}", $"{Part.Name}: {name}", unit, low, high, step, words ?? []) { LessIsBetter = less };
}
