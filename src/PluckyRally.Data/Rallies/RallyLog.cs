using System.Text.Json;
using Microsoft.EntityFrameworkCore;
using PluckyRally.Core;
using PluckyRally.Data.Classes;
using PluckyRally.Data.Owners;

namespace PluckyRally.Data.Rallies;

/// <summary>The teacher's rallies and their logs.</summary>
public sealed class RallyLog(RallyDb db, TimeProvider clock)
{
    /// <summary>All rallies, the newest first, with their teams and the number of entries.</summary>
    public async Task<IReadOnlyList<(StoredRally Rally, int Entries)>> All(CancellationToken stop)
    {
        var rallies = await db.Rallies.AsNoTracking().Include(r => r.Teams).Where(r => r.OwnerId == Owner.LocalTeacher).OrderByDescending(r => r.MadeAt).ToListAsync(stop);
        var counts = await db.Entries.GroupBy(e => e.RallyId).Select(g => new { g.Key, Count = g.Count() }).ToDictionaryAsync(g => g.Key, g => g.Count, stop);
        return [.. rallies.Select(r => (r, counts.GetValueOrDefault(r.Id)))];
    }

    /// <summary>One rally with its whole log, or null.</summary>
    public async Task<(StoredRally Stored, Rally Rally)?> Open(Guid id, CancellationToken stop)
    {
        var stored = await db.Rallies.AsNoTracking().AsSplitQuery().Include(r => r.Teams).ThenInclude(t => t.Pupils).ThenInclude(p => p.Pupil).FirstOrDefaultAsync(r => r.Id == id && r.OwnerId == Owner.LocalTeacher, stop);
        if (stored is null) return null;
        var entries = await db.Entries.AsNoTracking().Where(e => e.RallyId == id).OrderBy(e => e.Sequence).Select(e => e.Document).ToListAsync(stop);
        var rally = new Rally
        {
            Name = stored.Name,
            Date = stored.Date,
            Edition = JsonSerializer.Deserialize<Edition>(stored.Edition, Json.Options)!,
            Teams = [.. stored.Teams.OrderBy(t => t.Order).Select(t => new Team { Id = t.Id, Name = t.Name, Members = t.Members, Pupils = [.. t.Pupils.OrderBy(p => p.Pupil!.Order).Select(p => new TeamPupil(p.PupilId.ToString(), p.Pupil!.Name, p.Jobs.Split(',', StringSplitOptions.RemoveEmptyEntries)))] })],
            Entries = [.. entries.Select(text => JsonSerializer.Deserialize<Entry>(text, Json.Options)!)],
        };
        return (stored, rally);
    }

    /// <summary>Makes a rally; entries that it brings are kept in their order.</summary>
    public async Task<Guid> Add(Rally rally, Guid? brief, CancellationToken stop)
    {
        var id = Guid.CreateVersion7();

        // Pupils are those of the classes here; an imported rally brings names of a register that is elsewhere.
        var ids = rally.Teams.SelectMany(t => t.Pupils).Select(p => Guid.TryParse(p.Id, out var pupil) ? pupil : Guid.Empty).ToList();
        var known = (await db.Pupils.Where(p => ids.Contains(p.Id)).Select(p => p.Id).ToListAsync(stop)).ToHashSet();
        db.Rallies.Add(new StoredRally
        {
            Id = id,
            OwnerId = Owner.LocalTeacher,
            BriefId = brief,
            Name = rally.Name,
            Date = rally.Date,
            Edition = JsonSerializer.Serialize(rally.Edition, Json.Options),
            BriefTitle = rally.Edition.Brief.Title,
            MadeAt = clock.GetUtcNow(),
            Teams = [.. rally.Teams.Select((t, i) => new StoredTeam { RallyId = id, Id = t.Id, Name = t.Name, Members = t.Members, Order = i, Pupils = Pupils(id, t, known) })],
        });
        foreach (var entry in rally.Entries) db.Entries.Add(Stored(id, entry));
        await db.SaveChangesAsync(stop);
        return id;
    }

    /// <summary>Appends an entry. False where the log has it already: then nothing is changed.</summary>
    public async Task<bool> Append(Guid rally, Entry entry, CancellationToken stop)
    {
        var document = JsonSerializer.Serialize(entry, Json.Options);
        return await db.Database.ExecuteSqlAsync(
            $"""INSERT INTO "Entries" ("RallyId", "EntryId", "Document") VALUES ({rally}, {entry.Id}, {document}) ON CONFLICT ("RallyId", "EntryId") DO NOTHING""",
            stop) == 1;
    }

    private static List<StoredTeamPupil> Pupils(Guid rally, Team team, HashSet<Guid> known) =>
        [.. team.Pupils.Where(p => Guid.TryParse(p.Id, out var pupil) && known.Contains(pupil)).Select(p => new StoredTeamPupil { RallyId = rally, TeamId = team.Id, PupilId = Guid.Parse(p.Id), Jobs = string.Join(',', p.Jobs) })];

    private static StoredEntry Stored(Guid rally, Entry entry) =>
        new() { RallyId = rally, EntryId = entry.Id, Document = JsonSerializer.Serialize(entry, Json.Options) };
}
