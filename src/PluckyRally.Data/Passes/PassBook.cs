using System.Security.Cryptography;
using Microsoft.EntityFrameworkCore;

namespace PluckyRally.Data.Passes;

/// <summary>The passes of all rallies.</summary>
public sealed class PassBook(RallyDb db, GoodPasses known, TimeProvider clock)
{
    /// <summary>No letter that is read as another or as a digit, and none that makes words.</summary>
    private const string Letters = "BCDFGHJKMNPQRTVWXYZ2346789";

    /// <summary>Letters of a code that is typed: 26 to the sixth, 309 million, of which a guesser can try some ten a minute.</summary>
    private const int TypedLetters = 6;

    /// <summary>Letters of a wall's link; nobody types them.</summary>
    private const int WallLetters = 26;

    /// <summary>The passes of a rally that are good, in the order in which they were made.</summary>
    public async Task<IReadOnlyList<StoredPass>> Of(Guid rally, CancellationToken stop) =>
        await db.Passes.AsNoTracking().Where(p => p.RallyId == rally && p.EndedAt == null).OrderBy(p => p.MadeAt).ToListAsync(stop);

    /// <summary>Makes a pass.</summary>
    public async Task<StoredPass> Make(Guid rally, PassKind kind, CancellationToken stop)
    {
        var pass = new StoredPass { Id = Guid.CreateVersion7(), RallyId = rally, Kind = kind, Code = RandomNumberGenerator.GetString(Letters, kind == PassKind.Wall ? WallLetters : TypedLetters), MadeAt = clock.GetUtcNow() };
        db.Passes.Add(pass);
        await db.SaveChangesAsync(stop);
        return pass;
    }

    /// <summary>The good pass with this code, however it was typed; null where there is none.</summary>
    public Task<StoredPass?> Find(string code, CancellationToken stop)
    {
        var plain = string.Concat(code.Where(char.IsLetterOrDigit)).ToUpperInvariant();
        return db.Passes.AsNoTracking().FirstOrDefaultAsync(p => p.Code == plain && p.EndedAt == null && db.Rallies.Any(r => r.Id == p.RallyId), stop);
    }

    /// <summary>Whether a pass is still good.</summary>
    public async Task<bool> IsGood(Guid pass, CancellationToken stop)
    {
        if (known.Has(pass)) return true;
        var at = known.Now;
        if (!await db.Passes.AnyAsync(p => p.Id == pass && p.EndedAt == null && db.Rallies.Any(r => r.Id == p.RallyId), stop)) return false;
        known.Keep(pass, at);
        return true;
    }

    /// <summary>Ends a pass; whoever came in with it is out at once. False where there is none.</summary>
    public async Task<bool> End(Guid rally, Guid pass, CancellationToken stop)
    {
        var there = await db.Passes.Where(p => p.Id == pass && p.RallyId == rally && p.EndedAt == null).ExecuteUpdateAsync(set => set.SetProperty(p => p.EndedAt, clock.GetUtcNow()), stop) > 0;
        known.End();
        return there;
    }
}
