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
}
