using PluckyRally.Core.Ids;

namespace PluckyRally.Core.Score;

/// <summary>
/// How many entries a rally's log had when something of it last changed, by the log alone: whoever has a team's sheet
/// as of so many entries or more has it as it is.
/// </summary>
public sealed class LastTouched
{
    private readonly Dictionary<TeamId, int> _teams = [];
    private int _class;

    private LastTouched() { }

    /// <summary>
    /// How many entries there were when the brief as it is run last changed, or the teams, or what they are held
    /// against: something was changed, cut, dealt or added, or that was taken back; 0 where nothing was.
    /// </summary>
    public int Edition { get; private set; }

    /// <summary>
    /// How many entries there were when a team's sheet last changed, in whichever round; 0 where nothing was recorded.
    /// </summary>
    public int Team(TeamId id) => Math.Max(_class, _teams.GetValueOrDefault(id));

    /// <summary>Looks a rally's log through.</summary>
    public static LastTouched Of(OpenedRally opened)
    {
        var touched = new LastTouched();
        var log = opened.Received;
        Dictionary<EntryId, Entry>? byId = null;
        for (var at = 0; at < log.Count; at++)
        {
            touched.Take(log[at], at + 1, opened);
            if (log[at] is not Entry.StruckOut)
                continue;

            // What a strike crosses out, or brings back, may be another team's or the class's.
            var followed = new HashSet<EntryId>();
            for (var struck = log[at]; struck is Entry.StruckOut strike && followed.Add(strike.Id); )
            {
                byId ??= log.GroupBy(e => e.Id).ToDictionary(g => g.Key, g => g.First());
                if (!byId.TryGetValue(strike.Entry, out struck!))
                    break;
                touched.Take(struck, at + 1, opened);
            }
        }

        return touched;
    }

    private void Take(Entry entry, int asOf, OpenedRally opened)
    {
        if (entry.Team != default)
            _teams[entry.Team] = asOf;
        else if (entry.TouchesSheets(opened.In(entry.Round).Compiled.Brief.Trials))
            _class = asOf;
        if (entry.ChangesEdition || entry.ChangesTeams || entry.ChangesReferences)
            Edition = asOf;
    }
}
