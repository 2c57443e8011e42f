using Microsoft.EntityFrameworkCore;
using PluckyRally.Core;
using PluckyRally.Data.Owners;

namespace PluckyRally.Data.Kit;

/// <summary>What the teacher has; kept over the year and shared by all rallies.</summary>
public sealed class Cupboard(RallyDb db)
{
    /// <summary>Everything in it, by name.</summary>
    public async Task<IReadOnlyList<CupboardItem>> All(CancellationToken stop) =>
        [
            .. (await db.Cupboard.AsNoTracking().Where(i => i.OwnerId == Owner.LocalTeacher).ToListAsync(stop))
                .OrderBy(i => i.Name, StringComparer.OrdinalIgnoreCase)
                .Select(i => new CupboardItem(i.Name, i.Unit, i.Amount)),
        ];

    /// <summary>
    /// Says how much there is of something, where there is still as much of it as when it was looked at; gives how much
    /// there is.
    /// </summary>
    public async Task<(SaveOutcome Outcome, decimal Stands)> Put(decimal was, CupboardItem item, CancellationToken stop)
    {
        await using var whole = await db.Database.BeginTransactionAsync(stop);
        var there = await db.Cupboard.FindAsync([Owner.LocalTeacher, KitList.Key(item.Name, item.Unit)], stop);
        // A browser's numbers carry fewer digits than the amounts of things that were shared out.
        if (Math.Round(there?.Amount ?? 0, 6) != Math.Round(was, 6))
            return (SaveOutcome.Conflict, there?.Amount ?? 0);
        await Set(item, (_, said) => said, stop);
        await db.SaveChangesAsync(stop);
        await whole.CommitAsync(stop);
        return (SaveOutcome.Saved, item.Amount);
    }

    /// <summary>Says how much there is of some things; nothing of one takes it out.</summary>
    public async Task Put(IReadOnlyList<CupboardItem> items, CancellationToken stop)
    {
        foreach (var item in items)
            await Set(item, (_, said) => said, stop);
        await db.SaveChangesAsync(stop);
    }

    /// <summary>What a rally took out, or null where it has taken nothing yet.</summary>
    public async Task<RallyStock?> TakenBy(Guid rally, CancellationToken stop)
    {
        var moves = await db
            .StockMoves.AsNoTracking()
            .Where(m => m.RallyId == rally)
            .OrderBy(m => m.Key)
            .ToListAsync(stop);
        if (moves.Count == 0)
            return null;
        return new(
            [.. moves.Select(m => new CupboardItem(m.Name, m.Unit, m.Taken))],
            moves.All(m => m.Back is null)
                ? null
                : [.. moves.Select(m => new CupboardItem(m.Name, m.Unit, m.Back ?? 0))]
        );
    }

    /// <summary>The rallies that have taken their kit.</summary>
    public async Task<IReadOnlySet<Guid>> Served(CancellationToken stop) =>
        (await db.StockMoves.Select(m => m.RallyId).Distinct().ToListAsync(stop)).ToHashSet();

    /// <summary>
    /// Takes things out for a rally. False where it has taken its kit already: then nothing is changed.
    /// </summary>
    public async Task<bool> Take(Guid rally, IReadOnlyList<CupboardItem> items, CancellationToken stop)
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
                    Key = KitList.Key(item.Name, item.Unit),
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
    public async Task<bool> BringBack(Guid rally, IReadOnlyList<CupboardItem> items, CancellationToken stop)
    {
        await using var whole = await db.Database.BeginTransactionAsync(stop);
        var moves = await db.StockMoves.Where(m => m.RallyId == rally).ToListAsync(stop);
        if (moves.Count == 0 || moves.Any(m => m.Back is not null))
            return false;
        var back = items.GroupBy(i => KitList.Key(i.Name, i.Unit)).ToDictionary(g => g.Key, g => g.Sum(i => i.Amount));
        foreach (var move in moves)
        {
            move.Back = Math.Min(move.Taken, back.GetValueOrDefault(move.Key));
            await Set(new(move.Name, move.Unit, move.Back.Value), (there, came) => there + came, stop);
        }

        await db.SaveChangesAsync(stop);
        await whole.CommitAsync(stop);
        return true;
    }

    private async Task Set(CupboardItem item, Func<decimal, decimal, decimal> amount, CancellationToken stop)
    {
        var key = KitList.Key(item.Name, item.Unit);
        var there = await db.Cupboard.FindAsync([Owner.LocalTeacher, key], stop);
        var left = Math.Max(0, amount(there?.Amount ?? 0, item.Amount));
        if (there is null && left > 0)
            db.Cupboard.Add(
                new()
                {
                    OwnerId = Owner.LocalTeacher,
                    Key = key,
                    Name = item.Name.Trim(),
                    Unit = item.Unit.Trim(),
                    Amount = left,
                }
            );
        else if (there is not null && left > 0)
            there.Amount = left;
        else if (there is not null)
            db.Cupboard.Remove(there);
    }
}

/// <summary>What a rally took out of the cupboard.</summary>
/// <param name="Taken">What it took.</param>
/// <param name="Back">What came back; absent while the rally still has it.</param>
public sealed record RallyStock(IReadOnlyList<CupboardItem> Taken, IReadOnlyList<CupboardItem>? Back);
