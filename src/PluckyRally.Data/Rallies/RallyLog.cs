using System.Text.Json;
using Microsoft.EntityFrameworkCore;
using PluckyRally.Core;
using PluckyRally.Data.Classes;
using PluckyRally.Data.Owners;

namespace PluckyRally.Data.Rallies;

/// <summary>The teacher's rallies and their logs.</summary>
public sealed class RallyLog(RallyDb db, KeptRallies kept, LogWriter writer, TimeProvider clock)
{
    /// <summary>All rallies, the newest first, with their teams and the number of entries.</summary>
    public async Task<IReadOnlyList<(StoredRally Rally, int Entries)>> All(CancellationToken stop)
    {
        var rallies = await db.Rallies.AsNoTracking().Include(r => r.Teams).Where(r => r.OwnerId == Owner.LocalTeacher).OrderByDescending(r => r.Date).ThenByDescending(r => r.MadeAt).ToListAsync(stop);
        var counts = await db.Entries.GroupBy(e => e.RallyId).Select(g => new { g.Key, Count = g.Count() }).ToDictionaryAsync(g => g.Key, g => g.Count, stop);
        return [.. rallies.Select(r => (r, counts.GetValueOrDefault(r.Id)))];
    }

    /// <summary>The rallies in which nothing is recorded yet.</summary>
    public async Task<IReadOnlyList<(Guid Id, Rally Rally)>> NotBegun(CancellationToken stop)
    {
        var rallies = await db.Rallies.AsNoTracking().Include(r => r.Teams).Where(r => r.OwnerId == Owner.LocalTeacher && !db.Entries.Any(e => e.RallyId == r.Id)).ToListAsync(stop);
        return [.. rallies.Select(r => (r.Id, Read(r, [])))];
    }

    /// <summary>One rally with its whole log, or null. What was read once is kept, since a lesson asks for it many times a second.</summary>
    public async Task<KeptRally?> Open(Guid id, CancellationToken stop)
    {
        if (kept.Find(id) is { } known) return known;
        using var _ = await kept.Alone(id, stop);
        return await OpenAlone(id, stop);
    }

    /// <summary>
    /// Takes an entry into a rally's log, one after the other. Null where there is no such rally; an entry that the log has
    /// already changes nothing.
    /// </summary>
    /// <param name="rally">The rally.</param>
    /// <param name="entry">As it came.</param>
    /// <param name="stop">Ends the wait for others; once it is being written it is written.</param>
    public async Task<Result<Recorded>?> Record(Guid rally, Entry entry, CancellationToken stop)
    {
        using var _ = await kept.Alone(rally, stop);
        if (await OpenAlone(rally, stop) is not { } found) return null;

        // What is in the log already was accepted once; the same entry again, from a device that missed the answer, changes nothing.
        if (found.Has(entry.Id)) return Result<Recorded>.Ok(new(found, Fresh: false));
        if (!found.Opened.IsOk) return Result<Recorded>.Refused(found.Opened.Problems);
        var accepted = Recorder.Accept(found.Opened.Value.Playbook, found.Rally.Teams, entry, found.Rally.Entries);
        if (!accepted.IsOk) return Result<Recorded>.Refused(accepted.Problems);

        // What would make the rally impossible to open again is not written down.
        var grown = found.Opened.Value.With(accepted.Value);
        if (!grown.IsOk) return Result<Recorded>.Refused(grown.Problems);
        await writer.Append(rally, accepted.Value);
        var now = found with { Rally = grown.Value.Rally, Opened = grown };
        kept.Keep(now);
        return Result<Recorded>.Ok(new(now, Fresh: true));
    }

    private async Task<KeptRally?> OpenAlone(Guid id, CancellationToken stop)
    {
        if (kept.Find(id) is { } known) return known;
        var stored = await db.Rallies.AsNoTracking().AsSplitQuery().Include(r => r.Teams).ThenInclude(t => t.Pupils).ThenInclude(p => p.Pupil).FirstOrDefaultAsync(r => r.Id == id && r.OwnerId == Owner.LocalTeacher, stop);
        if (stored is null) return null;
        var entries = await db.Entries.AsNoTracking().Where(e => e.RallyId == id).OrderBy(e => e.Sequence).Select(e => e.Document).ToListAsync(stop);
        var rally = Read(stored, entries);
        var read = new KeptRally(stored, rally, OpenedRally.Open(rally));
        kept.Keep(read);
        return read;
    }

    /// <summary>Makes a rally; entries that it brings are kept in their order.</summary>
    public async Task<Guid> Add(Rally rally, Guid? brief, CancellationToken stop)
    {
        var id = Guid.CreateVersion7();

        var known = await Known(rally, stop);
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
            Teams = [.. rally.Teams.Select((t, i) => new StoredTeam { RallyId = id, Id = t.Id, Name = t.Name, CallSign = t.CallSign, Members = t.Members, Order = i, Pupils = Pupils(id, t, known) })],
        });
        foreach (var entry in rally.Entries) db.Entries.Add(Stored(id, entry));
        await db.SaveChangesAsync(stop);
        return id;
    }

    /// <summary>
    /// Which pupil of the classes here each pupil of a rally is, by the id in the rally: the one with that id, or, for a rally
    /// from a file, the only one with that name. Others are not kept.
    /// </summary>
    private async Task<Dictionary<string, Guid>> Known(Rally rally, CancellationToken stop)
    {
        var pupils = rally.Teams.SelectMany(t => t.Pupils).DistinctBy(p => p.Id).ToList();
        var (ids, names) = (pupils.Select(p => Guid.TryParse(p.Id, out var id) ? id : Guid.Empty).ToList(), pupils.Select(p => p.Name).ToList());
        var here = await db.Pupils.Where(p => ids.Contains(p.Id) || names.Contains(p.Name)).Select(p => new { p.Id, p.Name }).ToListAsync(stop);
        var byId = here.ToDictionary(p => p.Id.ToString(), p => p.Id);
        var byName = here.GroupBy(p => p.Name).Where(g => g.Count() == 1).ToDictionary(g => g.Key, g => g.Single().Id);
        return pupils.Select(p => (p.Id, Here: byId.TryGetValue(p.Id, out var same) ? same : byName.GetValueOrDefault(p.Name))).Where(p => p.Here != Guid.Empty).ToDictionary(p => p.Id, p => p.Here);
    }

    private static List<StoredTeamPupil> Pupils(Guid rally, Team team, Dictionary<string, Guid> known) =>
        [.. team.Pupils.Where(p => known.ContainsKey(p.Id)).DistinctBy(p => known[p.Id]).Select(p => new StoredTeamPupil { RallyId = rally, TeamId = team.Id, PupilId = known[p.Id], Jobs = string.Join(',', p.Jobs) })];

    private static Rally Read(StoredRally stored, List<string> entries) => new()
    {
        Name = stored.Name,
        Date = stored.Date,
        Edition = JsonSerializer.Deserialize<Edition>(stored.Edition, Json.Options)!,
        Teams = [.. stored.Teams.OrderBy(t => t.Order).Select(t => new Team { Id = t.Id, Name = t.Name, CallSign = t.CallSign, Members = t.Members, Pupils = [.. t.Pupils.OrderBy(p => p.Pupil!.Order).Select(p => new TeamPupil(p.PupilId.ToString(), p.Pupil!.Name, p.Jobs.Split(',', StringSplitOptions.RemoveEmptyEntries)))] })],
        Entries = [.. entries.Select(text => JsonSerializer.Deserialize<Entry>(text, Json.Options)!)],
    };

    private static StoredEntry Stored(Guid rally, Entry entry) =>
        new() { RallyId = rally, EntryId = entry.Id, Document = JsonSerializer.Serialize(entry, Json.Options) };
}
