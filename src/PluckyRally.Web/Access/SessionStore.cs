using System.Collections.Concurrent;
using System.Security.Claims;
using System.Security.Cryptography;
using Microsoft.AspNetCore.WebUtilities;
using PluckyRally.Core.Ids;
using PluckyRally.Data.Sessions;

namespace PluckyRally.Web.Access;

/// <summary>
/// Knows which sessions are good. A cookie names its session and is worth nothing without it, so ending a session ends
/// it everywhere, the live line too. What was looked up once is kept in memory.
/// </summary>
internal sealed class SessionStore(IServiceScopeFactory scopes, LiveLines lines, TimeProvider clock)
{
    /// <summary>Names the session to which a caller belongs.</summary>
    public const string ClaimType = "session";

    /// <summary>A school day; whoever goes on working stays in.</summary>
    public static readonly TimeSpan Day = TimeSpan.FromHours(12);

    private const int KeyBytes = 32;

    private readonly ConcurrentDictionary<string, DateTimeOffset> _known = new();

    /// <summary>Begins a session, always with a key of its own, and gives the claim that names it.</summary>
    public async Task<Claim> Begin(bool teacher, CancellationToken stop)
    {
        var key = WebEncoders.Base64UrlEncode(RandomNumberGenerator.GetBytes(KeyBytes));
        var (id, expires) = (SessionBook.IdOf(key), clock.GetUtcNow() + Day);
        await using var scope = scopes.CreateAsyncScope();
        await scope.ServiceProvider.GetRequiredService<SessionBook>().Begin(id, teacher, expires, stop);
        _known[id] = expires;
        return new(ClaimType, key);
    }

    /// <summary>The id of the session that somebody belongs to; empty where there is none.</summary>
    public static string IdOf(ClaimsPrincipal user) =>
        user.FindFirst(ClaimType)?.Value is { } key ? SessionBook.IdOf(key) : "";

    /// <summary>
    /// Whether the session of a cookie is good. One that is used in the second half of its day goes on for another.
    /// </summary>
    public async Task<bool> IsGood(ClaimsPrincipal user, CancellationToken stop)
    {
        var id = IdOf(user);
        if (id.Length == 0)
            return false;
        var now = clock.GetUtcNow();
        if (_known.TryGetValue(id, out var until) && until - now > Day / 2)
            return true;
        await using var scope = scopes.CreateAsyncScope();
        var book = scope.ServiceProvider.GetRequiredService<SessionBook>();
        if (await book.Ends(id, stop) is not { } ends || ends <= now)
            return false;
        if (ends - now <= Day / 2)
        {
            ends = now + Day;
            if (!await book.GoOn(id, ends, stop))
                return false;
        }

        _known[id] = ends;
        return true;
    }

    /// <summary>Ends the session that somebody belongs to.</summary>
    public async Task End(ClaimsPrincipal user, CancellationToken stop)
    {
        var id = IdOf(user);
        if (id.Length == 0)
            return;
        await using var scope = scopes.CreateAsyncScope();
        await scope.ServiceProvider.GetRequiredService<SessionBook>().End(id, stop);
        Forget(id);
    }

    /// <summary>Ends the teacher's sessions on all devices but this one's.</summary>
    public async Task EndTeachers(ClaimsPrincipal but, CancellationToken stop)
    {
        await using var scope = scopes.CreateAsyncScope();
        foreach (var id in await scope.ServiceProvider.GetRequiredService<SessionBook>().EndTeachers(IdOf(but), stop))
            Forget(id);
    }

    private void Forget(string id)
    {
        _known.TryRemove(id, out _);
        lines.EndSession(id);
    }
}

/// <summary>The live lines that stand, so that they can be cut when whoever holds one is no longer let in.</summary>
internal sealed class LiveLines
{
    private readonly ConcurrentDictionary<string, (ClaimsPrincipal User, Action Cut)> _lines = new();

    /// <summary>How many stand.</summary>
    public int Count => _lines.Count;

    public void Add(string connection, ClaimsPrincipal user, Action cut) => _lines[connection] = (user, cut);

    public void Remove(string connection) => _lines.TryRemove(connection, out _);

    public void EndSession(string session) => Cut(user => SessionStore.IdOf(user) == session);

    public void EndPass(Guid pass) => Cut(user => Caller.Of(user).Passes.Any(p => p.Pass == pass));

    /// <summary>Whoever came into a rally with a pass is out of it.</summary>
    public void EndRally(RallyId rally) => Cut(user => Caller.Of(user).Passes.Any(p => p.Rally == rally));

    private void Cut(Func<ClaimsPrincipal, bool> which)
    {
        foreach (var (_, line) in _lines.Where(l => which(l.Value.User)))
            line.Cut();
    }
}
