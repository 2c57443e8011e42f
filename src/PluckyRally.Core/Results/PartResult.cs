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
/// <param name="Outcome">How it ended, after the rules.</param>
/// <param name="Value">Its value; the failure value where it failed.</param>
/// <param name="Inputs">The values of the expression's measures; empty where it did not count.</param>
/// <param name="Source">The attempt as it was recorded.</param>
internal sealed record AttemptValue(TrialOutcome Outcome, Worth Value, Worth[] Inputs, Attempt Source)
{
    /// <summary>The attempt's number.</summary>
    public int Number => Source.Number;

    /// <summary>The entries it was read from.</summary>
    public IReadOnlyList<Guid> Entries => [.. Source.Trials.Select(t => t.Id)];
}

/// <summary>A line of a part's working, with the entries that it rests on.</summary>
internal sealed record PartLine(string Sentence, params IReadOnlyList<Guid> Entries);

/// <summary>A part's value for one design, before any points.</summary>
/// <param name="State">How it came out.</param>
/// <param name="Value">The value, or why there is none.</param>
/// <param name="Attempts">For a measured part: what the attempts gave.</param>
/// <param name="Combined">For a measured part over combined measures: those.</param>
internal sealed record PartValue(PartState State, Worth Value, IReadOnlyList<AttemptValue> Attempts, Worth[]? Combined = null)
{
    /// <summary>The numbers of the attempts that went into the value.</summary>
    public IReadOnlyList<int> Used { get; init; } = [];

    /// <summary>For the other parts: the working, a line for each thing.</summary>
    public IReadOnlyList<PartLine> Lines { get; init; } = [];

    /// <summary>Facts for tie-breaks and awards, in the order of <see cref="Part.Facts"/>.</summary>
    public IReadOnlyList<decimal> Facts { get; init; } = [];

    /// <summary>Stands behind every team with a value, smaller numbers first; for those that did not finish a relay.</summary>
    public IReadOnlyList<decimal>? Behind { get; init; }

    /// <summary>Points that are added after the curve's, such as those for items brought over in a relay.</summary>
    public decimal Extra { get; init; }

    /// <summary>A value with its working.</summary>
    public static PartValue Scored(decimal value, IReadOnlyList<PartLine> lines) => new(PartState.Scored, new Worth(value), []) { Lines = lines };

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
