using PluckyRally.Core.Briefs;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Results;
using PluckyRally.Core.Score;

namespace PluckyRally.Core.Rehearsals;

/// <summary>How often reading everything once more, within what it is good to, makes another team the winner.</summary>
internal sealed class RereadSeen(RunRound run, int seed)
{
    public const string Changes = "reread";

    /// <summary>From here on it is wrong, and from here on worth a thought (common practice, no source).</summary>
    private const decimal Often = 10,
        Sometimes = 4;

    private readonly bool _varies = run.Compiled.Brief.Measures.Any(m => ReadingDraw.Varies(m, null));
    private int _classes;
    private int _others;

    /// <summary>Reads a class once more. Where a place is shared anyway, nothing is said of it.</summary>
    public void See(PlayedClass played)
    {
        if (!_varies || played.Placed.Count < 2 || played.Placed[0].Sharing > 1)
            return;
        TeamId[] placed = [.. played.Placed.Select(r => r.Team.Id)];
        var totals = new decimal?[placed.Length];
        new Redraw(run, placed, played.Log, unchecked((seed * 31) + played.LineUp)).Next(totals);
        _classes++;
        var best = run.Compiled.Brief.Method.Wins == WinningDirection.Highest ? totals.Max() : totals.Min();
        if (totals[0] != best)
            _others++;
    }

    public RehearsalFinding? Finding()
    {
        if (_classes == 0)
            return null;
        var share = Share.Of(_others, _classes);
        return new(
            Changes,
            share >= Often ? FindingWeight.Wrong
                : share >= Sometimes ? FindingWeight.Mind
                : FindingWeight.Fine,
            RehearsalWords.Reread(share),
            share,
            RehearsalWords.OtherWinner,
            [new(RehearsalWords.ReadAgain, share, true)]
        )
        {
            Helps = RehearsalHelp.AgainstReading(run.Compiled),
            Comes = RehearsalWords.AnotherWinsOnReading,
        };
    }
}
