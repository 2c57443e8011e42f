namespace PluckyRally.Data.Copies;

/// <summary>Why a copy was made.</summary>
public enum CopyReason
{
    /// <summary>It was the first start of a day, or the day has changed.</summary>
    Day,

    /// <summary>A lesson was over, a round was closed, or nothing was recorded any more for a while.</summary>
    RallyEnded,

    /// <summary>The data file was about to be brought up to date.</summary>
    BeforeUpdate,

    /// <summary>Somebody wanted one.</summary>
    ByHand,

    /// <summary>An older one was about to be restored.</summary>
    BeforeRestore,
}

/// <summary>A copy of all data, as it says itself in a file beside it.</summary>
/// <param name="Name">What its files are called, without their ending.</param>
/// <param name="MadeAt">When it was made.</param>
/// <param name="Reason">Why.</param>
/// <param name="Bytes">How large the data file is.</param>
/// <param name="Rallies">How many rallies are in it.</param>
/// <param name="Briefs">How many briefs are in it.</param>
/// <param name="Photos">The photos in it, each as its rally and its own id; the pictures of all copies stand in one
/// folder beside them.</param>
public sealed record Copy(
    string Name,
    DateTimeOffset MadeAt,
    CopyReason Reason,
    long Bytes,
    long Rallies,
    long Briefs,
    IReadOnlyList<string> Photos
);
