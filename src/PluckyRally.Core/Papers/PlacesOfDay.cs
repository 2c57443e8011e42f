using PluckyRally.Core.Ids;
using PluckyRally.Core.Results;

namespace PluckyRally.Core.Papers;

/// <summary>What the certificates of a fair day say of the teams of one rally.</summary>
public sealed class PlacesOfDay
{
    internal PlacesOfDay(IReadOnlyDictionary<(TeamId Team, string Part), PartPlace> parts) => Parts = parts;

    /// <summary>Each team's place in words, by its id; those without one are not in it.</summary>
    internal IReadOnlyDictionary<TeamId, string> Places { get; private init; } =
        System.Collections.Frozen.FrozenDictionary<TeamId, string>.Empty;

    /// <summary>Where each team stands in each part, among those that it is compared with.</summary>
    internal IReadOnlyDictionary<(TeamId Team, string Part), PartPlace> Parts { get; }

    /// <summary>Among whom that is: a class or a tier; empty where it is among all teams of the brief.</summary>
    internal string Among { get; private init; } = "";

    /// <summary>The places of a rally as the day's results are combined.</summary>
    /// <param name="rally">The rally's id.</param>
    /// <param name="rallies">The rallies of its brief on that day, itself among them.</param>
    /// <param name="chosen">How they are combined.</param>
    public static PlacesOfDay Of(RallyId rally, IReadOnlyList<RallyJoining> rallies, Combined chosen)
    {
        var list = OverAll.Of(rallies, chosen).Lists.FirstOrDefault(l => l.Rows.Any(r => r.Rally == rally));
        var own = rallies.Single(r => r.Id == rally);
        var joined = rallies.Where(r => list?.Rows.Any(row => row.Rally == r.Id) ?? false).ToList();
        var compared = Compared(own, joined);
        return new(PartPlace.Among([.. compared.Select(Result)], Result(own)))
        {
            Among =
                compared.Count == rallies.Count ? ""
                : compared.Count == 1 ? own.Opened.Rally.Name
                : OverAllWords.ListOfTier(own.Opened.Rally.Edition.Tier),
            Places = list is null ? new Dictionary<TeamId, string>() : InWords(rally, list, joined, rallies.Count),
        };
    }

    /// <summary>
    /// Whose parts are compared: rallies of one tier in one list. Where these do not compare, nobody but the own class.
    /// </summary>
    private static IReadOnlyList<RallyJoining> Compared(RallyJoining own, IReadOnlyList<RallyJoining> joined)
    {
        var same = joined.Where(r => r.Opened.Rally.Edition.Tier == own.Opened.Rally.Edition.Tier).ToList();
        return same.Count > 1 && OverAllWords.Differs(same, totals: true, shares: false).Count == 0 ? same : [own];
    }

    /// <summary>
    /// The places in the list; in the own class where the list has none. No place is said while somebody whom it is
    /// compared with is not finished.
    /// </summary>
    private static Dictionary<TeamId, string> InWords(
        RallyId rally,
        CombinedList list,
        IReadOnlyList<RallyJoining> joined,
        int rallies
    )
    {
        var overAll = list.Rows.Any(r => r.Place is not null);
        var among = list.Rows.Where(r => overAll || r.Rally == rally).Select(r => (Row: r, Place: PlaceOf(r))).ToList();
        if (
            joined
                .Where(r => overAll || r.Id == rally)
                .SelectMany(r => Result(r).Teams)
                .Any(t => t.Status == StandingStatus.Unfinished)
        )
            return [];
        var where =
            overAll ? list.Name
            : rallies > 1 ? joined.Single(r => r.Id == rally).Opened.Rally.Name
            : "";
        return among
            .Where(r => r.Row.Rally == rally && r.Place is not null)
            .ToDictionary(
                r => r.Row.Team,
                r =>
                    PaperWords.Among(
                        PaperWords.PlaceWon(
                            r.Place!.Value,
                            among.Count(other => other.Place == r.Place) > 1,
                            among.Count(other => other.Place is not null)
                        ),
                        where
                    )
            );

        int? PlaceOf(RowOverAll row) => overAll ? row.Place : row.InClass;
    }

    private static RoundResult Result(RallyJoining joining) => joining.Opened.Result(joining.Round);
}
