using PluckyRally.Core.Problems;
using PluckyRally.Core.Score;

namespace PluckyRally.Data.Rallies;

/// <summary>What somebody wants to record in a rally.</summary>
/// <param name="Decide">
/// The entries, or why there are none. It is asked of the rally as it is when nothing else is written to it, so that
/// two who decide at the same moment decide one after the other.
/// </param>
public sealed record Recording(Func<KeptRally, Result<IReadOnlyList<Entry>>> Decide)
{
    /// <summary>
    /// Why whoever sent an entry may not write it, looking at what is in the log; null where that is all right.
    /// </summary>
    public Func<KeptRally, Entry, Problem?> Refuse { get; init; } = (_, _) => null;

    /// <summary>
    /// Whether the entries belong together: then all are taken, or none is. Otherwise one that is refused holds up no
    /// other.
    /// </summary>
    public bool Whole { get; init; } = true;
}

/// <summary>What was recorded, and is on the disk.</summary>
/// <param name="Rally">The rally with it.</param>
/// <param name="Entries">What was to be recorded.</param>
/// <param name="Answers">For each entry whether it is new to the log, or why it was refused.</param>
/// <param name="Beside">The other rallies of the lesson whose logs have grown too.</param>
public sealed record Recorded(
    KeptRally Rally,
    IReadOnlyList<Entry> Entries,
    IReadOnlyList<Result<bool>> Answers,
    IReadOnlyList<KeptRally> Beside
)
{
    /// <summary>The entries that the log did not have before.</summary>
    public IEnumerable<Entry> New =>
        Entries.Zip(Answers).Where(e => e.Second is { IsOk: true, Value: true }).Select(e => e.First);
}
