using PluckyRally.Core.Ids;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Score;
using PluckyRally.Data.Rallies;
using PluckyRally.Web.Access;
using PluckyRally.Web.Keeping;
using PluckyRally.Web.Live;

namespace PluckyRally.Web.Score;

/// <summary>
/// The one way into a rally's log: decided and checked, recorded, on the disk, noted for the backup, told to open
/// windows.
/// </summary>
internal sealed class EntryIntake(RallyLog log, CopyKeeper keeper, LiveTeller live, TimeProvider time)
{
    /// <summary>Records what somebody wants to record; null where there is no such rally.</summary>
    public async Task<Result<Recorded>?> Take(RallyId rally, Recording wanted, CancellationToken stop)
    {
        var recorded = await log.Record(rally, wanted, stop);
        if (recorded is not { IsOk: true, Value: var taken } || !taken.New.Any())
            return recorded;
        keeper.Recorded();
        if (taken.New.Any(e => e is Entry.RoundClosed or Entry.PhaseBegun { Phase.Length: 0 }))
            keeper.RallyEnded();
        await live.Tell(taken);
        return recorded;
    }

    /// <summary>
    /// The same for what the teacher does where the server makes the entries: all of them, or none. They come without
    /// an id, a time and a writer.
    /// </summary>
    public Task<Result<Recorded>?> Take(
        RallyId rally,
        Func<OpenedRally, Result<IReadOnlyList<Entry>>> decide,
        CancellationToken stop
    )
    {
        return Take(rally, new Recording(Decide), stop);

        Result<IReadOnlyList<Entry>> Decide(KeptRally now)
        {
            var entries = decide(now.Opened.OrThrow());
            var at = time.GetUtcNow();
            return entries.IsOk
                ? Result<IReadOnlyList<Entry>>.Ok([
                    .. entries.Value.Select(e =>
                        e with
                        {
                            Id = new(Guid.CreateVersion7(at)),
                            At = at,
                            By = Caller.Teacher,
                        }
                    ),
                ])
                : entries;
        }
    }

    /// <summary>The same for one entry.</summary>
    public Task<Result<Recorded>?> Take(RallyId rally, Func<OpenedRally, Result<Entry>> decide, CancellationToken stop)
    {
        return Take(rally, One, stop);

        Result<IReadOnlyList<Entry>> One(OpenedRally opened)
        {
            var entry = decide(opened);
            return entry.IsOk
                ? Result<IReadOnlyList<Entry>>.Ok([entry.Value])
                : Result<IReadOnlyList<Entry>>.Refused(entry.Problems);
        }
    }
}
