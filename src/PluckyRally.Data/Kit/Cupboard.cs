using Microsoft.EntityFrameworkCore;
using PluckyRally.Core;
using PluckyRally.Data.Owners;

namespace PluckyRally.Data.Kit;

/// <summary>What the teacher has; kept over the year and shared by all rallies.</summary>
public sealed class Cupboard(RallyDb db)
{
    /// <summary>Everything in it, by name.</summary>
    public async Task<IReadOnlyList<CupboardItem>> All(CancellationToken stop) =>
        [.. (await db.Cupboard.AsNoTracking().Where(i => i.OwnerId == Owner.LocalTeacher).ToListAsync(stop)).OrderBy(i => i.Name, StringComparer.OrdinalIgnoreCase).Select(i => new CupboardItem(i.Name, i.Unit, i.Amount))];

    /// <summary>Says how much there is of something; nothing of it takes it out.</summary>
    public async Task Put(CupboardItem item, CancellationToken stop)
    {
        var key = KitList.Key(item.Name, item.Unit);
        var there = await db.Cupboard.FirstOrDefaultAsync(i => i.OwnerId == Owner.LocalTeacher && i.Key == key, stop);
        if (there is null && item.Amount > 0) db.Cupboard.Add(new() { OwnerId = Owner.LocalTeacher, Key = key, Name = item.Name.Trim(), Unit = item.Unit.Trim(), Amount = item.Amount });
        else if (there is not null && item.Amount > 0) there.Amount = item.Amount;
        else if (there is not null) db.Cupboard.Remove(there);
        await db.SaveChangesAsync(stop);
    }
}
