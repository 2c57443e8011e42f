using PluckyRally.Core.Ids;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Score;

namespace PluckyRally.Data.Rallies;

/// <summary>A rally as the data file has it, looked through once.</summary>
/// <param name="Ground">Which reading of the data file it rests on.</param>
/// <param name="Stored">As it is kept.</param>
/// <param name="Rally">The rally with its whole log.</param>
/// <param name="Opened">The rally made ready, or what stands in the way.</param>
public sealed record KeptRally(long Ground, StoredRally Stored, Rally Rally, Result<OpenedRally> Opened)
{
    /// <summary>Which state of the rally it is.</summary>
    public RallyVersion Version => new(Ground, Rally.Entries.Count);

    /// <summary>Whether the log has an entry.</summary>
    public bool Has(EntryId entry) => Rally.Entries.Any(e => e.Id == entry);
}

/// <summary>What became of an entry.</summary>
/// <param name="Rally">The rally with it.</param>
/// <param name="Fresh">Whether it is new to the log.</param>
public sealed record Recorded(KeptRally Rally, bool Fresh)
{
    /// <summary>The other rallies of the lesson whose logs have it too, or another that came with it.</summary>
    public IReadOnlyList<KeptRally> Beside { get; init; } = [];
}
