using System.Security.Cryptography;
using System.Text;
using Microsoft.EntityFrameworkCore;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Score;

namespace PluckyRally.Data.Sessions;

/// <summary>The devices that are signed in or were let in, and the names that judges gave.</summary>
public sealed class SessionBook(RallyDb db, TimeProvider clock)
{
    /// <summary>What a session is called here; its key stays with the device.</summary>
    public static string IdOf(string key) => Convert.ToHexStringLower(SHA256.HashData(Encoding.UTF8.GetBytes(key)));

    /// <summary>Begins a session.</summary>
    public async Task Begin(string id, bool teacher, DateTimeOffset expires, CancellationToken stop)
    {
        db.Sessions.Add(
            new()
            {
                Id = id,
                Teacher = teacher,
                ExpiresAt = expires,
            }
        );
        await db.SaveChangesAsync(stop);
    }

    /// <summary>When a session ends by itself; null where there is none.</summary>
    public Task<DateTimeOffset?> Ends(string id, CancellationToken stop) =>
        db
            .Sessions.AsNoTracking()
            .Where(s => s.Id == id)
            .Select(s => (DateTimeOffset?)s.ExpiresAt)
            .FirstOrDefaultAsync(stop);

    /// <summary>
    /// Lets a session that is in use go on. False where it was ended meanwhile: it does not come back.
    /// </summary>
    public async Task<bool> GoOn(string id, DateTimeOffset expires, CancellationToken stop) =>
        await db
            .Sessions.Where(s => s.Id == id)
            .ExecuteUpdateAsync(set => set.SetProperty(s => s.ExpiresAt, expires), stop) > 0;

    /// <summary>Ends a session.</summary>
    public Task End(string id, CancellationToken stop) => db.Sessions.Where(s => s.Id == id).ExecuteDeleteAsync(stop);

    /// <summary>Ends the teacher's sessions on all devices but one, and gives their ids.</summary>
    public async Task<IReadOnlyList<string>> EndTeachers(string but, CancellationToken stop)
    {
        var ids = await db.Sessions.Where(s => s.Teacher && s.Id != but).Select(s => s.Id).ToListAsync(stop);
        await db.Sessions.Where(s => s.Teacher && s.Id != but).ExecuteDeleteAsync(stop);
        return ids;
    }

    /// <summary>Forgets sessions that have ended by themselves.</summary>
    public Task Sweep(CancellationToken stop)
    {
        var now = clock.GetUtcNow();
        return db.Sessions.Where(s => s.ExpiresAt <= now).ExecuteDeleteAsync(stop);
    }

    /// <summary>Whether another device judges a rally under a name that reads the same.</summary>
    public Task<bool> IsTaken(RallyId rally, string name, string session, CancellationToken stop)
    {
        var key = Writers.KeyOf(name);
        return db.Set<StoredJudgeName>()
            .AnyAsync(
                n =>
                    n.RallyId == rally
                    && n.Key == key
                    && n.SessionId != session
                    && db.Passes.Any(p => p.Id == n.PassId && p.EndedAt == null),
                stop
            );
    }

    /// <summary>Writes down that a device judges a rally under a name.</summary>
    public async Task Hold(RallyId rally, Guid pass, string name, string session, CancellationToken stop)
    {
        var key = Writers.KeyOf(name);
        var names = db.Set<StoredJudgeName>();
        var known = await names.FirstOrDefaultAsync(
            n => n.RallyId == rally && n.Key == key && n.SessionId == session,
            stop
        );
        if (known is null)
            names.Add(
                new()
                {
                    RallyId = rally,
                    Key = key,
                    SessionId = session,
                    PassId = pass,
                    Name = name,
                }
            );
        else
            (known.PassId, known.Name) = (pass, name);
        await db.SaveChangesAsync(stop);
    }

    /// <summary>The names under which a device has judged a rally.</summary>
    public async Task<IReadOnlyList<string>> NamesOf(RallyId rally, string session, CancellationToken stop) =>
        await db.Set<StoredJudgeName>()
            .Where(n => n.RallyId == rally && n.SessionId == session)
            .Select(n => n.Name)
            .ToListAsync(stop);

    /// <summary>The team that a device speaks for in a rally; null while it has said none.</summary>
    public Task<TeamId?> TeamOf(RallyId rally, string session, CancellationToken stop) =>
        db.Set<StoredTeamDevice>()
            .Where(v => v.RallyId == rally && v.SessionId == session)
            .Select(v => (TeamId?)v.TeamId)
            .FirstOrDefaultAsync(stop);

    /// <summary>Whether a device speaks for a team in any rally.</summary>
    public Task<bool> SpeaksForATeam(string session, CancellationToken stop) =>
        db.Set<StoredTeamDevice>().AnyAsync(v => v.SessionId == session, stop);

    /// <summary>Writes down which team a device speaks for; the first one stands.</summary>
    public async Task SpeakFor(RallyId rally, string session, TeamId team, CancellationToken stop)
    {
        await using var whole = await db.Database.BeginTransactionAsync(stop);
        if (await TeamOf(rally, session, stop) is not null)
            return;
        db.Add(
            new StoredTeamDevice
            {
                RallyId = rally,
                SessionId = session,
                TeamId = team,
            }
        );
        await db.SaveChangesAsync(stop);
        await whole.CommitAsync(stop);
    }

    /// <summary>The devices that speak for teams of a rally, each with its team, by team.</summary>
    public async Task<IReadOnlyList<(string Session, TeamId Team)>> TeamDevices(
        RallyId rally,
        CancellationToken stop
    ) =>
        [
            .. (
                await db.Set<StoredTeamDevice>()
                    .AsNoTracking()
                    .Where(v => v.RallyId == rally)
                    .OrderBy(v => v.TeamId)
                    .ToListAsync(stop)
            ).Select(v => (v.SessionId, v.TeamId)),
        ];

    /// <summary>Lets a device say anew which team it speaks for. False where it speaks for none.</summary>
    public async Task<bool> SayAnew(RallyId rally, string session, CancellationToken stop) =>
        await db.Set<StoredTeamDevice>()
            .Where(v => v.RallyId == rally && v.SessionId == session)
            .ExecuteDeleteAsync(stop) > 0;
}
