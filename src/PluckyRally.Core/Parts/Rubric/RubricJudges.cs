namespace PluckyRally.Core.Parts;

/// <summary>What counts where several judges judge one thing.</summary>
public enum RubricJudges
{
    /// <summary>The mean of their words; the same person corrects.</summary>
    Mean,

    /// <summary>The last word.</summary>
    Last,

    /// <summary>What they all say; as long as they differ, the criterion waits.</summary>
    Agree,
}
