using PluckyRally.Core.Briefs;
using PluckyRally.Core.Checks;
using PluckyRally.Core.Readings;

namespace PluckyRally.Core.Results;

/// <summary>How a rule came out.</summary>
public enum RuleState
{
    /// <summary>Met.</summary>
    Met,

    /// <summary>Missed.</summary>
    Missed,

    /// <summary>It has still to be looked at or measured.</summary>
    ToCheck,

    /// <summary>There was nothing to check, for want of a success; it has no consequence.</summary>
    NotChecked,
}

/// <summary>How a rule came out for one design, or in one attempt.</summary>
/// <param name="Rule">The rule.</param>
/// <param name="State">How it came out.</param>
/// <param name="Attempt">The attempt, for a rule checked in every one.</param>
/// <param name="TooNear">Within half a step of the limit, or left open by a bound: as read, but worth measuring again.
/// </param>
/// <param name="Found">What was compared with the limit; null for an inspection, and where nothing has been
/// counted.</param>
/// <param name="Excess">By how much the limit was missed, in the unit of the value; 0 when met.</param>
/// <param name="ExcessBound">Whether that is a bound, because the value was one.</param>
internal sealed record RuleOutcome(
    Rule Rule,
    RuleState State,
    int? Attempt = null,
    bool TooNear = false,
    RuleFound? Found = null,
    decimal Excess = 0,
    Bound ExcessBound = Bound.Exact
)
{
    /// <summary>Whether one judge says that it was met and another that it was missed.</summary>
    public bool Disputed { get; init; }

    /// <summary>
    /// Whether it is too near to call for another reason: the reading is a bound, and beyond it lies the limit.
    /// </summary>
    public bool LeftOpen { get; init; }
}
