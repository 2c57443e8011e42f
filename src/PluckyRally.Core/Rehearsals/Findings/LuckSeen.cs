using PluckyRally.Core.Briefs;
using PluckyRally.Core.Ids;

namespace PluckyRally.Core.Rehearsals;

/// <summary>How far luck decides: how often the team wins that is best when the moment adds nothing.</summary>
internal sealed class LuckSeen(int teams)
{
    public const string Best = "luck";

    /// <summary>
    /// Below this the best team wins too seldom, and below this it is worth a thought (common practice, no source).
    /// </summary>
    private const decimal TooSeldom = 50,
        Seldom = 65;

    private readonly int[] _places = new int[teams + 1];
    private int _classes;
    private int _won;
    private int _pairs;
    private int _others;
    private (int LineUp, HashSet<TeamId> First) _before = (-1, []);

    public void See(PlayedClass played, TeamId best)
    {
        _classes++;
        var first = played.First.Select(r => r.Team.Id).ToHashSet();
        if (first.Contains(best))
            _won++;
        _places[(played.Placed.FirstOrDefault(r => r.Team.Id == best)?.Rank ?? teams + 1) - 1]++;
        if (_before.LineUp == played.LineUp)
        {
            _pairs++;
            if (!_before.First.Overlaps(first))
                _others++;
        }

        _before = (played.LineUp, first);
    }

    /// <summary>
    /// Of a hundred classes, in how many the team that is best at bottom wins or shares the first place.
    /// </summary>
    public decimal BestWins => Share.Of(_won, _classes);

    /// <summary>Of a hundred classes that play once more, in how many another team wins.</summary>
    public decimal AnotherWins => Share.Of(_others, _pairs);

    public RehearsalFinding Finding(CompiledEdition compiled)
    {
        const int Told = 4;
        var bars = Enumerable
            .Range(1, Math.Min(Told, teams))
            .Select(place => new RehearsalBar(
                RehearsalWords.Place(place),
                Share.Of(_places[place - 1], _classes),
                place == 1
            ))
            .ToList();
        if (teams > Told)
            bars.Add(new(RehearsalWords.Later, Share.Of(_places[Told..teams].Sum(), _classes)));
        if (_places[teams] > 0)
            bars.Add(new(RehearsalWords.NoPlace, Share.Of(_places[teams], _classes)));
        return new(
            Best,
            BestWins < TooSeldom ? FindingWeight.Wrong
                : BestWins < Seldom ? FindingWeight.Mind
                : FindingWeight.Fine,
            RehearsalWords.Luck(BestWins, AnotherWins, Share.Of(1, teams)),
            BestWins,
            RehearsalWords.PlaceOfBest,
            bars
        )
        {
            Helps = RehearsalHelp.AgainstLuck(compiled),
            Comes = RehearsalWords.BestWinsIn,
            MoreIsBetter = true,
        };
    }
}
