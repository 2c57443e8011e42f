using System.Security.Cryptography;
using Microsoft.EntityFrameworkCore;
using PluckyRally.Core.Ids;

namespace PluckyRally.Data.Passes;

/// <summary>The passes of all rallies.</summary>
public sealed class PassBook(RallyDb db, GoodPasses known, TimeProvider clock)
{
    /// <summary>No letter that is read as another or as a digit, and none that makes words.</summary>
    private const string Letters = "BCDFGHJKMNPQRTVWXYZ2346789";

    /// <summary>
    /// Letters of a code that is typed: 26 to the sixth, 309 million, of which a guesser can try some ten a minute.
    /// </summary>
    private const int TypedLetters = 6;

    /// <summary>Letters of a wall's link; nobody types them.</summary>
    private const int WallLetters = 26;

    /// <summary>The passes of a rally that are good, in the order in which they were made.</summary>
    public async Task<IReadOnlyList<StoredPass>> Of(RallyId rally, CancellationToken stop) =>
        await db
            .Passes.AsNoTracking()
            .Where(p => p.RallyId == rally && p.EndedAt == null)
            .OrderBy(p => p.MadeAt)
            .ToListAsync(stop);

    /// <summary>Makes a code: a pass for each rally that it opens, the first one first.</summary>
    public async Task<IReadOnlyList<StoredPass>> Make(
        IReadOnlyList<RallyId> rallies,
        PassKind kind,
        CancellationToken stop
    )
    {
        string code;
        do code = RandomNumberGenerator.GetString(Letters, kind == PassKind.Wall ? WallLetters : TypedLetters);
        while (await db.Passes.AnyAsync(p => p.Code == code, stop));
        // A millisecond apart, so that their ids keep their order.
        var now = clock.GetUtcNow();
        var passes = rallies
            .Select(
                (rally, at) =>
                    new StoredPass
                    {
                        Id = Guid.CreateVersion7(now.AddMilliseconds(at)),
                        RallyId = rally,
                        Kind = kind,
                        Code = code,
                        MadeAt = now,
                    }
            )
            .ToList();
        db.Passes.AddRange(passes);
        await db.SaveChangesAsync(stop);
        return passes;
    }

    /// <summary>
    /// The good passes with this code, however it was typed, in the order in which they were made; none where there is
    /// no such code.
    /// </summary>
    public async Task<IReadOnlyList<StoredPass>> Find(string code, CancellationToken stop)
    {
        var plain = string.Concat(code.Where(char.IsLetterOrDigit)).ToUpperInvariant();
        return await db
            .Passes.AsNoTracking()
            .Where(p => p.Code == plain && p.EndedAt == null && db.Rallies.Any(r => r.Id == p.RallyId))
            .OrderBy(p => p.Id)
            .ToListAsync(stop);
    }

    /// <summary>What the rallies are called that a code opens.</summary>
    public async Task<IReadOnlyList<(RallyId Rally, string Name)>> Opens(string code, CancellationToken stop) =>
        [
            .. (
                await db
                    .Passes.Where(p => p.Code == code && p.EndedAt == null)
                    .Join(
                        db.Rallies,
                        p => p.RallyId,
                        r => r.Id,
                        (p, r) =>
                            new
                            {
                                p.Id,
                                r.Name,
                                Rally = r.Id,
                            }
                    )
                    .OrderBy(r => r.Id)
                    .ToListAsync(stop)
            ).Select(r => (r.Rally, r.Name)),
        ];

    /// <summary>What rallies are called.</summary>
    public async Task<IReadOnlyDictionary<RallyId, string>> Names(
        IReadOnlyList<RallyId> rallies,
        CancellationToken stop
    ) => await db.Rallies.Where(r => rallies.Contains(r.Id)).ToDictionaryAsync(r => r.Id, r => r.Name, stop);

    /// <summary>
    /// Whether a pass that was good a moment ago is known to be so still; where it is not, it is to be asked again.
    /// </summary>
    public bool IsKnown(Guid pass) => known.Has(pass);

    /// <summary>Whether a pass is still good.</summary>
    public async Task<bool> IsGood(Guid pass, CancellationToken stop)
    {
        if (known.Has(pass))
            return true;
        var at = known.Now;
        if (
            !await db.Passes.AnyAsync(
                p => p.Id == pass && p.EndedAt == null && db.Rallies.Any(r => r.Id == p.RallyId),
                stop
            )
        )
            return false;
        known.Keep(pass, at);
        return true;
    }

    /// <summary>
    /// Ends a code in every rally that it opens; whoever came in with it is out at once. The passes that are ended;
    /// none where there was no such pass.
    /// </summary>
    public async Task<IReadOnlyList<Guid>> End(RallyId rally, Guid pass, CancellationToken stop)
    {
        var ended = await db
            .Passes.Where(p =>
                p.EndedAt == null
                && db.Passes.Any(one =>
                    one.Id == pass && one.RallyId == rally && one.EndedAt == null && one.Code == p.Code
                )
            )
            .Select(p => p.Id)
            .ToListAsync(stop);
        await db
            .Passes.Where(p => ended.Contains(p.Id))
            .ExecuteUpdateAsync(set => set.SetProperty(p => p.EndedAt, clock.GetUtcNow()), stop);
        known.End();
        return ended;
    }
}
