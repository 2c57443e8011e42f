using Microsoft.EntityFrameworkCore;
using PluckyRally.Core.Time;

namespace PluckyRally.Data.Year;

/// <summary>Keeps which briefs are planned for when.</summary>
public sealed class PlanBook(RallyDb db)
{
    /// <summary>All plans with their briefs, by day; those of briefs that were deleted are not among them.</summary>
    public async Task<IReadOnlyList<PlannedBrief>> All(CancellationToken stop) =>
        [
            .. await db
                .Plans.AsNoTracking()
                .OrderBy(p => p.Date)
                .Join(
                    db.Briefs,
                    p => p.BriefId,
                    b => b.Id,
                    (p, b) => new PlannedBrief(p.Id, b.Title, b.Document, p.Plan)
                )
                .ToListAsync(stop),
        ];

    /// <summary>Plans a brief.</summary>
    public async Task<Guid> Add(BriefPlan plan, CancellationToken stop)
    {
        var stored = new StoredPlan
        {
            Id = Guid.CreateVersion7(),
            BriefId = plan.Brief,
            Date = plan.Date,
            WholeWeek = plan.WholeWeek,
            For = plan.For.Trim(),
        };
        db.Plans.Add(stored);
        await db.SaveChangesAsync(stop);
        return stored.Id;
    }

    /// <summary>Changes a plan that is still as it was when the change was begun; gives it as it stands.</summary>
    public async Task<(SaveOutcome Outcome, BriefPlan? Stands)> Change(
        Guid id,
        BriefPlan was,
        BriefPlan plan,
        CancellationToken stop
    )
    {
        await using var whole = await db.Database.BeginTransactionAsync(stop);
        if (await db.Plans.FindAsync([id], stop) is not { } there)
            return (SaveOutcome.NotFound, null);
        if (there.Plan != was)
            return (SaveOutcome.Conflict, there.Plan);
        (there.BriefId, there.Date, there.WholeWeek, there.For) = (
            plan.Brief,
            plan.Date,
            plan.WholeWeek,
            plan.For.Trim()
        );
        await db.SaveChangesAsync(stop);
        await whole.CommitAsync(stop);
        return (SaveOutcome.Saved, there.Plan);
    }

    /// <summary>Takes a plan out. False where there is none.</summary>
    public async Task<bool> Remove(Guid id, CancellationToken stop) =>
        await db.Plans.Where(p => p.Id == id).ExecuteDeleteAsync(stop) > 0;
}

/// <summary>A plan with its brief.</summary>
/// <param name="Id">The plan's id.</param>
/// <param name="Title">The brief's title.</param>
/// <param name="Document">The brief as JSON.</param>
/// <param name="Plan">When it is planned, and for whom.</param>
public sealed record PlannedBrief(Guid Id, string Title, string Document, BriefPlan Plan)
{
    /// <summary>What it is called among what is to be bought: the class, or the brief where nobody is named.</summary>
    public string Name => Plan.For.Length > 0 ? Plan.For : Title;
}
