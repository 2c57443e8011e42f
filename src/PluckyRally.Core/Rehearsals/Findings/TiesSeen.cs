using PluckyRally.Core.Briefs;

namespace PluckyRally.Core.Rehearsals;

/// <summary>How often places are shared.</summary>
internal sealed class TiesSeen
{
    public const string First = "ties";

    private int _classes;
    private int _first;
    private int _any;
    private readonly SortedDictionary<int, int> _places = [];

    public void See(PlayedClass played)
    {
        _classes++;
        var shared = played.Placed.Where(r => r.Sharing > 1).Select(r => r.Rank!.Value).Distinct().ToList();
        if (shared.Count > 0)
            _any++;
        if (shared.Contains(1))
            _first++;
        foreach (var place in shared)
            _places[place] = _places.GetValueOrDefault(place) + 1;
    }

    /// <summary>Of a hundred classes, in how many the first place is shared.</summary>
    public decimal TieForFirst => Share.Of(_first, _classes);

    /// <summary>Of a hundred classes, in how many any place is.</summary>
    public decimal TieForAny => Share.Of(_any, _classes);

    /// <summary>
    /// From here on a tie for first is wrong, and from here on worth a thought (common practice, no source).
    /// </summary>
    private const decimal Many = 10,
        Some = 3;

    public RehearsalFinding Finding(CompiledEdition compiled, int teams) =>
        new(
            First,
            TieForFirst >= Many ? FindingWeight.Wrong
                : TieForFirst >= Some ? FindingWeight.Mind
                : FindingWeight.Fine,
            RehearsalWords.Ties(TieForFirst, TieForAny),
            TieForFirst,
            RehearsalWords.SharedPlaces,
            [
                .. Enumerable
                    .Range(1, Math.Min(teams - 1, 6))
                    .Select(place => new RehearsalBar(
                        RehearsalWords.Place(place),
                        Share.Of(_places.GetValueOrDefault(place), _classes),
                        place == 1
                    )),
            ]
        )
        {
            Helps = RehearsalHelp.AgainstTies(compiled),
            Comes = RehearsalWords.FirstIsShared,
        };
}
