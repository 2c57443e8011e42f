using Microsoft.AspNetCore.Authentication;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Score;
using PluckyRally.Data.Passes;
using PluckyRally.Data.Rallies;
using PluckyRally.Data.Sessions;
using PluckyRally.Web.Access;
using PluckyRally.Web.Keeping;

namespace PluckyRally.Web.Score;

/// <summary>
/// Takes what devices send into a rally's log. Order and time are the server's, and who wrote an entry is who came in;
/// the device's own time is kept beside.
/// </summary>
internal sealed class EntryIntake(
    RallyLog log,
    PassBook passes,
    SessionBook sessions,
    CopyKeeper keeper,
    TimeProvider time
)
{
    /// <summary>Takes entries in their order, in one transaction; one that is refused holds up no other.</summary>
    /// <returns>An answer for each; null where there is no such rally.</returns>
    public async Task<IReadOnlyList<Result<Recorded>>?> Take(
        RallyId rally,
        IReadOnlyList<Entry> came,
        HttpContext context,
        CancellationToken stop
    )
    {
        var caller = Caller.Of(context.User);
        var names = await Names(rally, came, caller, context, stop);
        var entries = came.Select(e =>
                e with
                {
                    By = names.Contains(e.By) ? e.By : caller.Name,
                    At = time.GetUtcNow(),
                    DeviceAt = e.At,
                }
            )
            .ToList();
        var unknown = new Dictionary<EntryId, Problem>();
        if (caller.IsTeacher)
            foreach (var ofTeams in entries.OfType<Entry.OfTeams>())
                if (await log.Know(rally, ofTeams, stop) is { } problem)
                    unknown[ofTeams.Id] = problem;
        var recorded = await Record(
            rally,
            entries,
            caller,
            entry => Elsewhere(entry) ?? unknown.GetValueOrDefault(entry.Id),
            stop
        );
        if (recorded is not null && recorded.Any(r => r is { IsOk: true, Value.Fresh: true }))
            keeper.Recorded();
        if (
            recorded is not null
            && entries
                .Zip(recorded)
                .Any(e => e is { First: Entry.RoundClosed, Second: { IsOk: true, Value.Fresh: true } })
        )
            keeper.RallyEnded();
        return recorded;
    }

    /// <summary>
    /// Who may write is asked where nothing else is decided, so that a pass which is ended is ended: where one was
    /// ended since it was looked up, it is looked up again.
    /// </summary>
    private async Task<IReadOnlyList<Result<Recorded>>?> Record(
        RallyId rally,
        IReadOnlyList<Entry> entries,
        Caller caller,
        Func<Entry, Problem?> refuse,
        CancellationToken stop
    )
    {
        IReadOnlyList<Result<Recorded>>? before = null;
        for (; ; )
        {
            var (role, pass) = await caller.StandingIn(rally, passes, stop);

            // A device speaks for the team that it said at first.
            var team =
                role == CallerRole.Team
                    ? await sessions.TeamOf(rally, caller.Session, stop)
                        ?? (entries is [var first, ..] ? first.Team : default(TeamId?))
                    : null;
            var ended = false;
            var recorded = await log.Record(
                rally,
                entries,
                (found, entry) =>
                    Ended()
                    ?? refuse(entry)
                    ?? WithItsTrial.Check(entries, entry, found.Rally.Entries)
                    ?? EntryRights.Of(role, entry, found.Rally.Entries, found.Stored.JudgesStrikeOthers, team),
                whole: false,
                stop
            );

            // What was taken before a pass was ended stays as it was answered.
            recorded = recorded?.Select((r, i) => before?[i] is { IsOk: true } taken ? taken : r).ToList();
            if (team is { } own && recorded?.Any(r => r.IsOk) is true)
                await sessions.SpeakFor(rally, caller.Session, own, stop);
            if (!ended || recorded is null)
                return recorded;
            before = recorded;

            Problem? Ended()
            {
                ended = ended || (pass is { } held && !passes.IsKnown(held));
                return ended
                    ? new("/kind", "The code of this device has ended.", "Ask the teacher for a new one.")
                    : null;
            }
        }
    }

    /// <summary>What has an endpoint of its own, and is refused here.</summary>
    private static Problem? Elsewhere(Entry entry) =>
        entry switch
        {
            Entry.BriefMended => new(
                "/kind",
                "The brief cannot be changed here.",
                "Change it at the rally’s Brief station, which shows what would change first."
            ),
            Entry.OfClock => new(
                "/kind",
                "The clock is not set here.",
                "Use the remote of the Run station; its times are the server's."
            ),
            _ => null,
        };

    /// <summary>
    /// Who has held the device, where an entry says that somebody else than its holder wrote it. What waited on a
    /// device belongs to the judge who held it then, if that one came in with the same device: on the teacher's own
    /// computer in another window.
    /// </summary>
    private async Task<IReadOnlyList<string>> Names(
        RallyId rally,
        IEnumerable<Entry> came,
        Caller caller,
        HttpContext context,
        CancellationToken stop
    )
    {
        if (came.All(e => e.By.Length == 0 || e.By == caller.Name))
            return [];
        var device = caller.IsTeacher
            ? (await context.AuthenticateAsync(AccessSetup.PassScheme)).Principal is { } held
                ? SessionStore.IdOf(held)
                : ""
            : caller.Session;
        return device.Length > 0 ? await sessions.NamesOf(rally, device, stop) : [];
    }
}
