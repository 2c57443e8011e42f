using System.Text.Json;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Documents;
using PluckyRally.Core.Files;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Score;
using PluckyRally.Core.Teams;
using PluckyRally.Data.Classes;

namespace PluckyRally.Data.Rallies;

/// <summary>
/// Between a rally and its rows. A row that is not understood closes nothing: it is handed on as it is.
/// </summary>
internal static class RallyRows
{
    /// <summary>The rally as its rows have it.</summary>
    /// <param name="ground">Which reading it is.</param>
    /// <param name="stored">The rally with its teams and their students.</param>
    /// <param name="documents">Its entries, in the order in which they were received.</param>
    public static KeptRally Read(long ground, StoredRally stored, IReadOnlyList<string> documents)
    {
        var entries = new List<Entry>(documents.Count);
        var unread = new List<UnreadEntry>();
        foreach (var document in documents)
        {
            if (DocumentReader.KeptEntry(document) is { } entry)
                entries.Add(entry);
            else
                unread.Add(new(entries.Count, document));
        }

        var edition = DocumentReader.KeptEdition(stored.Edition);
        var rally = new Rally
        {
            Name = stored.Name,
            Date = stored.Date,
            Edition = edition ?? new Edition { Brief = new Brief { Title = stored.BriefTitle } },
            Teams = [.. stored.Teams.Where(t => !t.Later).OrderBy(t => t.Order).Select(Team)],
            Latecomers =
            [
                .. stored
                    .Teams.SelectMany(t => t.Students)
                    .Where(p => p.Later)
                    .OrderBy(p => p.Student!.Order)
                    .DistinctBy(p => p.StudentId)
                    .Select(p => new Student(StudentId.OfClass(p.StudentId), p.Student!.Name)),
            ],
            Entries = entries,
            Unread = unread,
        };
        return new(
            ground,
            stored,
            rally,
            edition is null ? Result<OpenedRally>.Refused(NotUnderstood) : OpenedRally.Open(rally)
        );
    }

    /// <summary>The rows of a rally's entries, each id once, those that are not understood in their places.</summary>
    public static IEnumerable<StoredEntry> Write(RallyId rally, Rally read)
    {
        var used = new HashSet<EntryId>(read.Entries.Count);
        for (var i = 0; i <= read.Entries.Count; i++)
        {
            // An entry that nobody understands may have an id that nobody can read; its row gets one of its own.
            foreach (var unread in read.Unread.Where(u => u.Before == i || (i == read.Entries.Count && u.Before > i)))
                yield return new()
                {
                    RallyId = rally,
                    EntryId = IdIn(unread.Text),
                    Document = unread.Text,
                };
            // So does one with an id that another has: it is set aside again whenever the rally is opened.
            if (i < read.Entries.Count)
                yield return new()
                {
                    RallyId = rally,
                    EntryId = used.Add(read.Entries[i].Id) ? read.Entries[i].Id : new EntryId(Guid.CreateVersion7()),
                    Document = JsonSerializer.Serialize(read.Entries[i], Json.Options),
                };
        }
    }

    /// <summary>
    /// The rows of a rally's teams: those that it was begun with, and those that its log brings, with the students who
    /// are known here.
    /// </summary>
    /// <param name="id">The rally's id.</param>
    /// <param name="rally">The rally.</param>
    /// <param name="known">Which student here each student of the rally is, by the id in it.</param>
    public static List<StoredTeam> Teams(RallyId id, Rally rally, IReadOnlyDictionary<StudentId, Guid> known)
    {
        var teams = rally
            .Teams.Select(
                (t, i) =>
                    new StoredTeam
                    {
                        RallyId = id,
                        Id = t.Id,
                        Name = t.Name,
                        ShortCode = t.ShortCode,
                        Pennant = t.Pennant,
                        Members = t.Members,
                        Order = i,
                        Students =
                        [
                            .. t
                                .Students.Where(p => known.ContainsKey(p.Id))
                                .DistinctBy(p => known[p.Id])
                                .Select(p => Student(id, t.Id, known[p.Id], p.Jobs, later: false)),
                        ],
                    }
            )
            .ToList();
        foreach (
            var joined in rally
                .Entries.OfType<Entry.TeamJoined>()
                .Where(j => teams.All(t => t.Id != j.Team))
                .DistinctBy(j => j.Team)
                .ToList()
        )
            teams.Add(Joined(id, joined, teams.Count));
        foreach (var placed in rally.Entries.OfType<Entry.StudentPlaced>().Where(p => known.ContainsKey(p.Student)))
        {
            if (
                teams.FirstOrDefault(t => t.Id == placed.Team) is { } team
                && team.Students.All(p => p.StudentId != known[placed.Student])
            )
                team.Students.Add(Student(id, team.Id, known[placed.Student], placed.Jobs, later: true));
        }

        return teams;
    }

    /// <summary>The row of a team that came later.</summary>
    public static StoredTeam Joined(RallyId rally, Entry.TeamJoined joined, int order) =>
        new()
        {
            RallyId = rally,
            Id = joined.Team,
            Name = joined.Name,
            ShortCode = joined.ShortCode,
            Members = joined.Members,
            Order = order,
            Later = true,
        };

    /// <summary>The row of a student in a team.</summary>
    public static StoredTeamStudent Student(
        RallyId rally,
        TeamId team,
        Guid student,
        IReadOnlyList<string> jobs,
        bool later
    ) =>
        new()
        {
            RallyId = rally,
            TeamId = team,
            StudentId = student,
            Jobs = string.Join(',', jobs),
            Later = later,
        };

    private static readonly Problem NotUnderstood = new(
        "/edition",
        "The brief of this rally is not understood.",
        "It was written by a newer version, or the data file is damaged. Nothing of it is lost: update "
            + "Plucky Rally, or restore a backup."
    );

    private static EntryId IdIn(string text)
    {
        try
        {
            return
                JsonElement.Parse(text) is { ValueKind: JsonValueKind.Object } entry
                && entry.TryGetProperty("id", out var id)
                && id.TryGetGuid(out var known)
                ? new EntryId(known)
                : new EntryId(Guid.CreateVersion7());
        }
        catch (Exception strange) when (strange is JsonException or InvalidOperationException)
        {
            return new EntryId(Guid.CreateVersion7());
        }
    }

    private static Team Team(StoredTeam team) =>
        new()
        {
            Id = team.Id,
            Name = team.Name,
            ShortCode = team.ShortCode,
            Pennant = team.Pennant,
            Members = team.Members,
            Students =
            [
                .. team
                    .Students.Where(p => !p.Later)
                    .OrderBy(p => p.Student!.Order)
                    .Select(p => new TeamStudent(
                        StudentId.OfClass(p.StudentId),
                        p.Student!.Name,
                        p.Jobs.Split(',', StringSplitOptions.RemoveEmptyEntries)
                    )),
            ],
        };
}
