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
    /// <summary>Entries as their rows have them, in the order in which they were received.</summary>
    public static (IReadOnlyList<Entry> Entries, IReadOnlyList<UnreadEntry> Unread) Entries(
        IReadOnlyList<string> documents
    )
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

        return (entries, unread);
    }

    /// <summary>The rally as its rows have it: who came later is known by name in the classes alone.</summary>
    public static Rally Read(StoredRally stored, IReadOnlyList<Entry> entries, IReadOnlyList<UnreadEntry> unread) =>
        new()
        {
            Name = stored.Name,
            Date = stored.Date,
            Edition = DocumentReader.KeptEdition(stored.Edition)
                ?? new Edition { Brief = new Brief { Title = stored.BriefTitle } },
            Teams = [.. stored.Teams.OrderBy(t => t.Order).Select(Team)],
            Entries = entries,
            Unread = unread,
        };

    /// <summary>The rally made ready, or what stands in the way.</summary>
    public static Result<OpenedRally> Opened(StoredRally stored, Rally rally) =>
        DocumentReader.KeptEdition(stored.Edition) is null
            ? Result<OpenedRally>.Refused(NotUnderstood)
            : OpenedRally.Open(rally);

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
    /// The rows of the teams that a rally was begun with, with the students who are known here. Teams that came later
    /// are in the log alone.
    /// </summary>
    /// <param name="id">The rally's id.</param>
    /// <param name="rally">The rally.</param>
    /// <param name="known">Which student here each student of the rally is, by the id in it.</param>
    public static List<StoredTeam> Teams(RallyId id, Rally rally, IReadOnlyDictionary<StudentId, Guid> known) =>
        [
            .. rally.Teams.Select(
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
                                .Select(p => new StoredTeamStudent
                                {
                                    RallyId = id,
                                    TeamId = t.Id,
                                    StudentId = known[p.Id],
                                    Jobs = string.Join(',', p.Jobs),
                                }),
                        ],
                    }
            ),
        ];

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
                    .Students.OrderBy(p => p.Student!.Order)
                    .Select(p => new TeamStudent(
                        StudentId.OfClass(p.StudentId),
                        p.Student!.Name,
                        p.Jobs.Split(',', StringSplitOptions.RemoveEmptyEntries)
                    )),
            ],
        };
}
