using PluckyRally.Core.Ids;
using PluckyRally.Core.Results;

namespace PluckyRally.Core.Tests.Parts;

/// <summary>One part by itself: what is recorded, and what it gives.</summary>
internal sealed class OnePart
{
    private readonly List<Entry> _log = [];
    private int _count;

    public OnePart(Part part, params string[] teams)
        : this(
            new Brief
            {
                Title = "A brief",
                Method = new Method { Parts = [part] },
            },
            teams
        ) { }

    public OnePart(Brief brief, params string[] teams)
    {
        Compiled = Sample.Ready(brief);
        Teams = [.. teams.DefaultIfEmpty("A").Select(t => Sample.Team(new(t), t, members: 3))];
    }

    public CompiledEdition Compiled { get; }

    public IReadOnlyList<Team> Teams { get; }

    public EntryId Id() => new(new Guid(++_count, 0, 0x7000, 0x80, 0, 0, 0, 0, 0, 0, 2));

    public EntryId Add(Entry entry)
    {
        _log.Add(Recorder.Accept(Compiled, Teams, entry, _log).OrThrow());
        return entry.Id;
    }

    public IReadOnlyList<string> Refused(Entry entry) =>
        [.. Recorder.Accept(Compiled, Teams, entry, _log).Problems.Select(p => p.At)];

    public Standings Standings => Sample.Came(Compiled, Teams, _log).Standings;

    /// <summary>The first team's result in numbers.</summary>
    public TeamResult Result => Sample.Came(Compiled, Teams, _log).Teams[0];

    public Standing Row(string team = "A") => Standings.Rows.Single(r => r.Team.Value == team);

    /// <summary>The first team's sheet as a judge has it.</summary>
    public TeamSheet Sheet
    {
        get
        {
            var rally = new Rally
            {
                Name = "One part",
                Edition = Compiled.Edition,
                Teams = Teams,
                Entries = _log,
            };
            return TeamSheet.For(OpenedRally.Open(rally).OrThrow(), Teams[0].Id, 1)!;
        }
    }

    public decimal? Points(string team = "A") => Row(team).Parts[0].Points;
}
