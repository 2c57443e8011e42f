using Microsoft.AspNetCore.Authentication;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Score;
using PluckyRally.Data.Passes;
using PluckyRally.Data.Rallies;
using PluckyRally.Data.Sessions;
using PluckyRally.Web.Access;

namespace PluckyRally.Web.Score;

/// <summary>
/// What devices send. Order and time are the server's, and who wrote an entry is who came in; the device's own time is
/// kept beside.
/// </summary>
internal sealed class SentEntries(EntryIntake intake, PassBook passes, SessionBook sessions, TimeProvider time)
{
    /// <summary>
    /// Takes entries in their order, in one transaction; one that is refused holds up no other. Null where there is no
    /// such rally.
    /// </summary>
    public async Task<Result<Recorded>?> Take(
        RallyId rally,
        IReadOnlyList<Entry> came,
        HttpContext context,
        CancellationToken stop
    )
    {
        var caller = Caller.Of(context.User);
        var names = await Names(rally, came, caller, context, stop);
        IReadOnlyList<Entry> entries =
        [
            .. came.Select(e =>
                e with
                {
                    By = names.Contains(e.By) ? e.By : caller.Name,
                    At = time.GetUtcNow(),
                    DeviceAt = e.At,
                }
            ),
        ];
        return await Take(
            rally,
            new(_ => Result<IReadOnlyList<Entry>>.Ok(entries))
            {
                Refuse = (_, entry) => Elsewhere(entry),
                Whole = false,
            },
            caller,
            stop
        );
    }

    /// <summary>
    /// Takes what somebody wants to record who may. That is asked where nothing else is decided, so that a pass which
    /// is ended is ended: where one was ended since it was looked up, it is looked up again.
    /// </summary>
    public async Task<Result<Recorded>?> Take(RallyId rally, Recording wanted, Caller caller, CancellationToken stop)
    {
        for (; ; )
        {
            var (role, pass) = await caller.StandingIn(rally, passes, stop);
            var said = role == CallerRole.Team ? await sessions.TeamOf(rally, caller.Session, stop) : null;
            var (ended, entries) = (false, Result<IReadOnlyList<Entry>>.Ok([]));
            var recorded = await intake.Take(rally, wanted with { Decide = Decide, Refuse = Refuse }, stop);
            if (role == CallerRole.Team && said is null && recorded?.Value?.Answers.Any(a => a.IsOk) is true)
                await sessions.SpeakFor(rally, caller.Session, entries.OrThrow()[0].Team, stop);
            if (!ended || recorded is null)
                return recorded;

            Result<IReadOnlyList<Entry>> Decide(KeptRally now) => entries = wanted.Decide(now);

            Problem? Refuse(KeptRally now, Entry entry)
            {
                ended = ended || (pass is { } held && !passes.IsKnown(held));
                if (ended)
                    return new("/kind", "The code of this device has ended.", "Ask the teacher for a new one.");
                // A device speaks for the team that it said at first.
                var team = role == CallerRole.Team ? said ?? entries.OrThrow()[0].Team : default(TeamId?);
                return wanted.Refuse(now, entry)
                    ?? WithItsTrial.Check(entries.OrThrow(), entry, now.Rally.Entries)
                    ?? EntryRights.Of(role, entry, now.Rally.Entries, now.Stored.JudgesStrikeOthers, team);
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
