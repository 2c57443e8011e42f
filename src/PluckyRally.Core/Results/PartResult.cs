namespace PluckyRally.Core;

/// <summary>How a part came out.</summary>
public enum PartState
{
    /// <summary>It has a value and gives points by its curve.</summary>
    Scored,

    /// <summary>No attempt counted; it gives its failure points.</summary>
    NoSuccess,

    /// <summary>The value cannot be worked out; it gives its failure points.</summary>
    NoValue,

    /// <summary>Something has still to be recorded.</summary>
    Unfinished,
}

/// <summary>What one attempt gave.</summary>
/// <param name="Number">The attempt.</param>
/// <param name="Outcome">How it ended, after the rules.</param>
/// <param name="Value">Its value; the failure value where it failed.</param>
/// <param name="Used">Whether it went into the result.</param>
/// <param name="Inputs">The values of the expression's measures.</param>
/// <param name="Entries">The entries it was read from.</param>
internal sealed record AttemptValue(int Number, TrialOutcome Outcome, Worth Value, bool Used, Worth[] Inputs, IReadOnlyList<Guid> Entries);

/// <summary>A part's value for one design, before any points.</summary>
internal sealed record PartValue(PartState State, Worth Value, IReadOnlyList<AttemptValue> Attempts, Worth[]? Combined = null)
{
    public static PartValue Unfinished(string why, IReadOnlyList<AttemptValue>? attempts = null) => new(PartState.Unfinished, Worth.None(why), attempts ?? []);
}

/// <summary>A part's points, and all that led to them.</summary>
/// <param name="Plan">The part.</param>
/// <param name="State">How it came out; failed by a rule counts as no success.</param>
/// <param name="Value">Its value.</param>
/// <param name="Curve">Points by the curve, or the failure points.</param>
/// <param name="Clamped">After floor and cap.</param>
/// <param name="Points">After weight and rounding; null while unfinished.</param>
/// <param name="Bound">Whether the points are a bound.</param>
/// <param name="Pool">What the value was compared with.</param>
internal sealed record PartResult(PartPlan Plan, PartState State, PartValue Value, decimal Curve, decimal Clamped, decimal? Points, Bound Bound, Pool Pool);

/// <summary>What a curve needs to know beyond the value.</summary>
/// <param name="Best">The best value among the teams that place.</param>
/// <param name="Place">This team's place among them, from 1.</param>
/// <param name="Tied">How many share that place.</param>
/// <param name="Earlier">The team's value in the round before.</param>
internal sealed record Pool(Worth Best, int Place, int Tied, Worth Earlier)
{
    public static readonly Pool Empty = new(Worth.None("no team has a value yet"), 0, 0, Worth.None("there is no earlier round"));
}
