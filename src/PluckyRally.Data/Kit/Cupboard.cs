using Microsoft.EntityFrameworkCore;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Kit;
using PluckyRally.Data.Owners;

namespace PluckyRally.Data.Kit;

/// <summary>What the teacher has; kept over the year and shared by all rallies.</summary>
public sealed class Cupboard(RallyDb db)
{
    /// <summary>Everything in it, by name.</summary>
    public async Task<IReadOnlyList<CupboardItem>> All(CancellationToken stop) =>
        CupboardList.Merged([.. (await Rows(stop)).Select(r => r.Item)]);

    private async Task<List<StoredCupboardItem>> Rows(CancellationToken stop) =>
        [
            .. (await db.Cupboard.Where(i => i.OwnerId == Owner.LocalTeacher).ToListAsync(stop)).OrderBy(
                i => i.Name,
                StringComparer.OrdinalIgnoreCase
            ),
        ];

    /// <summary>
    /// Says how much there is of something, where there is still as much of it as when it was looked at; gives how much
    /// there is.
    /// </summary>
    public async Task<(SaveOutcome Outcome, decimal Stands)> Put(decimal was, CupboardItem item, CancellationToken stop)
    {
        await using var whole = await db.Database.BeginTransactionAsync(stop);
        var there = new OnHand(await All(stop)).Of(item.Name, item.Unit);
        // A browser's numbers carry fewer digits than the amounts of things that were shared out.
        if (Math.Round(there, 6) != Math.Round(was, 6))
            return (SaveOutcome.Conflict, there);
        await Set(item, (_, said) => said, stop);
        await db.SaveChangesAsync(stop);
        await whole.CommitAsync(stop);
        return (SaveOutcome.Saved, item.Amount);
    }

    /// <summary>Says how much there is of some things; nothing of one takes it out.</summary>
    public async Task Put(IReadOnlyList<CupboardItem> items, CancellationToken stop)
    {
        await using var whole = await db.Database.BeginTransactionAsync(stop);
        foreach (var item in items)
            await Set(item, (_, said) => said, stop);
        await db.SaveChangesAsync(stop);
        await whole.CommitAsync(stop);
    }

    /// <summary>
    /// Says whether there is always enough of something, and what else it is called. What is called so already becomes
    /// part of it.
    /// </summary>
    public async Task Describe(CupboardItem item, CancellationToken stop)
    {
        await using var whole = await db.Database.BeginTransactionAsync(stop);
        var rows = await Rows(stop);
        var names = new OnHand([.. rows.Select(r => r.Item)]);
        var thing = names.Find(item.Name, item.Unit).Key;
        if (rows.Find(r => names.Find(r.Name, r.Unit).Key == thing) is not { } row)
        {
            row = StoredCupboardItem.Of(Owner.LocalTeacher, item);
            db.Cupboard.Add(row);
            rows.Add(row);
        }

        row.Describe(item.AlwaysThere, item.OtherNames);
        var all = new OnHand([.. rows.Select(r => r.Item)]);
        row.Amount = all.Of(row.Name, row.Unit);
        db.Cupboard.RemoveRange(
            rows.Where(r =>
                (r != row && all.Find(r.Name, r.Unit).Key == thing)
                || r is { Amount: 0, AlwaysThere: false, OtherNames: "" }
            )
        );
        await db.SaveChangesAsync(stop);
        await whole.CommitAsync(stop);
    }

    /// <summary>What a rally took out, or null where it has taken nothing yet.</summary>
    public async Task<RallyStock?> TakenBy(RallyId rally, CancellationToken stop)
    {
        var moves = await db
            .StockMoves.AsNoTracking()
            .Where(m => m.RallyId == rally)
            .OrderBy(m => m.Key)
            .ToListAsync(stop);
        return moves.Count == 0 ? null : RallyStock.Of(moves);
    }

    /// <summary>What each rally has taken that has taken its kit, by its id.</summary>
    public async Task<IReadOnlyDictionary<RallyId, RallyStock>> Served(CancellationToken stop) =>
        (await db.StockMoves.AsNoTracking().ToListAsync(stop))
            .GroupBy(m => m.RallyId)
            .ToDictionary(g => g.Key, g => RallyStock.Of([.. g]));

    /// <summary>
    /// Takes things out for a rally. False where it has taken its kit already: then nothing is changed.
    /// </summary>
    public async Task<bool> Take(RallyId rally, IReadOnlyList<CupboardItem> items, CancellationToken stop)
    {
        await using var whole = await db.Database.BeginTransactionAsync(stop);
        if (await db.StockMoves.AnyAsync(m => m.RallyId == rally, stop))
            return false;
        foreach (var item in items)
        {
            await Set(item, (there, taken) => there - taken, stop);
            db.StockMoves.Add(
                new()
                {
                    RallyId = rally,
                    Key = Thing.Of(item.Name, item.Unit).Key,
                    Name = item.Name,
                    Unit = item.Unit,
                    Taken = item.Amount,
                }
            );
        }

        await db.SaveChangesAsync(stop);
        await whole.CommitAsync(stop);
        return true;
    }

    /// <summary>
    /// Puts back what came back from a rally. False where it has taken nothing, or has brought it back already.
    /// </summary>
    public async Task<bool> BringBack(RallyId rally, IReadOnlyList<CupboardItem> items, CancellationToken stop)
    {
        await using var whole = await db.Database.BeginTransactionAsync(stop);
        var moves = await db.StockMoves.Where(m => m.RallyId == rally).ToListAsync(stop);
        if (moves.Count == 0 || moves.Any(m => m.Back is not null))
            return false;
        var back = new OnHand(items);
        foreach (var move in moves)
        {
            move.Back = Math.Min(move.Taken, back.Of(move.Name, move.Unit));
            await Set(new(move.Name, move.Unit, move.Back.Value), (there, came) => there + came, stop);
        }

        await db.SaveChangesAsync(stop);
        await whole.CommitAsync(stop);
        return true;
    }

    /// <summary>
    /// Changes how much there is of a thing, in whatever unit it is kept here. What has another name and is the same
    /// becomes one row.
    /// </summary>
    private async Task Set(CupboardItem item, Func<decimal, decimal, decimal> amount, CancellationToken stop)
    {
        await db.SaveChangesAsync(stop);
        var rows = await Rows(stop);
        var all = new OnHand([.. rows.Select(r => r.Item)]);
        var thing = all.Find(item.Name, item.Unit);
        var same = rows.Where(r => all.Find(r.Name, r.Unit).Key == thing.Key)
            .OrderBy(r => Thing.Of(r.Name, r.Unit).Key != thing.Key)
            .ToList();
        if (same is not [var row, .. var others])
        {
            if (amount(0, item.Amount) is > 0 and var first)
                db.Cupboard.Add(StoredCupboardItem.Of(Owner.LocalTeacher, item with { Amount = first }));
            return;
        }

        row.Amount = Math.Max(
            0,
            amount(all.Of(row.Name, row.Unit), item.Amount * thing.Each / all.Find(row.Name, row.Unit).Each)
        );
        db.Cupboard.RemoveRange(others);
        // What has another name, or is always there, is remembered though nothing of it is left.
        if (row is { Amount: 0, AlwaysThere: false, OtherNames: "" })
            db.Cupboard.Remove(row);
    }
}

/// <summary>What a rally took out of the cupboard.</summary>
/// <param name="Taken">What it took.</param>
/// <param name="Back">What came back; absent while the rally still has it.</param>
public sealed record RallyStock(IReadOnlyList<CupboardItem> Taken, IReadOnlyList<CupboardItem>? Back)
{
    internal static RallyStock Of(IReadOnlyList<StoredStockMove> moves) =>
        new(
            [.. moves.Select(m => new CupboardItem(m.Name, m.Unit, m.Taken))],
            moves.All(m => m.Back is null)
                ? null
                : [.. moves.Select(m => new CupboardItem(m.Name, m.Unit, m.Back ?? 0))]
        );
}
