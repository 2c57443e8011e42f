namespace PluckyRally.Core.Figures;

/// <summary>Where an expression is worked out.</summary>
public enum Work
{
    /// <summary>In each attempt; then the results are combined.</summary>
    EachAttempt,

    /// <summary>Once, over measures that are each combined first.</summary>
    Combined,
}
