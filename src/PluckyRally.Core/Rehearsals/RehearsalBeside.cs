using MathNet.Numerics.LinearRegression;
using MathNet.Numerics.Statistics;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Score;

namespace PluckyRally.Core.Rehearsals;

/// <summary>A brief as it is and as it might be, played by the same classes: whose places change.</summary>
/// <param name="Says">What comes of it, in sentences.</param>
/// <param name="OtherWinner">Of a hundred classes, in how many another team wins.</param>
/// <param name="Moved">How many teams of a class have another place, on the mean.</param>
/// <param name="Classes">How many classes were played.</param>
/// <param name="Example">One class, team by team, in the order of the brief as it is.</param>
public sealed record RehearsalBeside(
    IReadOnlyList<string> Says,
    decimal OtherWinner,
    decimal Moved,
    int Classes,
    IReadOnlyList<PlacedTwice> Example
)
{
    /// <summary>Classes that are enough to see whose places change.</summary>
    private const int Enough = 400;

    /// <summary>
    /// A thing goes with the moves where at least so much of them comes along with it (common practice, no source).
    /// </summary>
    private const double GoesAlong = 0.2;

    /// <summary>Plays both, or says what is wrong with the changes.</summary>
    /// <param name="brief">The whole brief.</param>
    /// <param name="tier">The tier that is rehearsed; empty for the brief itself.</param>
    /// <param name="changes">What makes of it what it might be.</param>
    /// <param name="asked">What is expected, from which seed.</param>
    /// <param name="remembered">What earlier rallies tell.</param>
    /// <param name="stop">Stops it between two classes.</param>
    /// <exception cref="OperationCanceledException">It was stopped.</exception>
    public static Result<RehearsalBeside> Of(
        Brief brief,
        string tier,
        IReadOnlyList<Change> changes,
        RehearsalAsked asked,
        ThingsRemembered remembered,
        CancellationToken stop
    )
    {
        var asItIs = Rehearsal.Of(brief, tier, asked, remembered);
        if (!asItIs.IsOk)
            return Result<RehearsalBeside>.Refused(asItIs.Problems);
        var mightBe = Rehearsal.Of(
            brief,
            tier,
            [.. changes.Select(c => TierFields.Within(brief, tier, c))],
            asked,
            remembered
        );
        return mightBe.IsOk
            ? Result<RehearsalBeside>.Ok(Of(asItIs.Value, mightBe.Value, stop))
            : Result<RehearsalBeside>.Refused(mightBe.Problems);
    }

    private static RehearsalBeside Of(Rehearsal now, Rehearsal then, CancellationToken stop)
    {
        var asked = now.Asked;
        var lineUps = Math.Min(asked.LineUps, Enough / RehearsalAsked.Plays);
        var shared = now
            .Classes.Things.Where(t => !t.Handle.StartsWith('/') && then.Classes.Things.Any(o => o.Handle == t.Handle))
            .ToList();
        var levels = new List<double[]>();
        var moves = new List<double>();
        var (classes, other, moved) = (0, 0, 0);
        var (bestNow, bestThen) = (0, 0);
        IReadOnlyList<PlacedTwice> example = [];
        for (var lineUp = 0; lineUp < lineUps; lineUp++)
        {
            var (best, might) = (RehearsalReport.Best(now.Classes, lineUp), RehearsalReport.Best(then.Classes, lineUp));
            for (var play = 0; play < RehearsalAsked.Plays; play++)
            {
                stop.ThrowIfCancellationRequested();
                var (was, changed) = (now.Classes.Play(lineUp, play), then.Classes.Play(lineUp, play));
                bestNow += was.First.Any(r => r.Team.Id == best) ? 1 : 0;
                bestThen += changed.First.Any(r => r.Team.Id == might) ? 1 : 0;
                var places = Twice(now.Classes.Teams, was, changed);
                classes++;
                if (!places.Any(p => p is { Now: 1, Then: 1 }))
                    other++;
                foreach (var (team, placed) in places.Select((p, i) => (i, p)))
                {
                    if (placed.Now != placed.Then)
                        moved++;
                    moves.Add((placed.Now ?? asked.Teams) - (placed.Then ?? asked.Teams));
                    levels.Add([.. shared.Select(thing => now.Classes.Level(lineUp, team, thing))]);
                }

                // The first class in which something moves shows best what happens.
                if (example.Count == 0 && places.Any(p => p.Now != p.Then))
                    example = [.. places.OrderBy(p => p.Now ?? int.MaxValue)];
            }
        }

        var up = shared
            .Zip(Along(levels, moves), (thing, along) => (thing.Name, Along: along))
            .Where(m => Math.Abs(m.Along) >= GoesAlong)
            .ToList();
        var (winners, each) = (Share.Of(other, classes), Math.Round((decimal)moved / classes, 1));
        return new(
            [
                RehearsalWords.WinnersDiffer(winners),
                RehearsalWords.PlacesDiffer(each, asked.Teams),
                RehearsalWords.BestWinsThen(Share.Of(bestNow, classes), Share.Of(bestThen, classes)),
                .. up.Where(m => m.Along > 0) is var risen && risen.Any()
                    ? [RehearsalWords.Rise([.. risen.OrderByDescending(m => m.Along).Select(m => m.Name)])]
                    : Array.Empty<string>(),
                .. up.Where(m => m.Along < 0) is var fallen && fallen.Any()
                    ? [RehearsalWords.Fall([.. fallen.OrderBy(m => m.Along).Select(m => m.Name)])]
                    : Array.Empty<string>(),
            ],
            winners,
            each,
            classes,
            example
        );
    }

    /// <summary>
    /// How far the moves go along with being good at each thing, all others being equal: the weights of a regression on
    /// levels, against the spread of the moves.
    /// </summary>
    private static double[] Along(List<double[]> levels, List<double> moves)
    {
        var spread = moves.PopulationStandardDeviation();
        return spread == 0 || levels[0].Length == 0
            ? new double[levels[0].Length]
            : [.. MultipleRegression.Svd([.. levels], [.. moves], intercept: true).Skip(1).Select(w => w / spread)];
    }

    private static IReadOnlyList<PlacedTwice> Twice(IReadOnlyList<Team> teams, PlayedClass now, PlayedClass then)
    {
        var places = then.Results.ToDictionary(r => r.Team.Id, r => r.Rank);
        return
        [
            .. from team in teams
            join was in now.Results on team.Id equals was.Team.Id
            select new PlacedTwice(RehearsalWords.Team(team.Name), was.Rank, places[team.Id]),
        ];
    }
}

/// <summary>A team's place by a brief as it is and as it might be.</summary>
/// <param name="Team">What it is called.</param>
/// <param name="Now">Its place as it is; absent where it has none.</param>
/// <param name="Then">Its place as it might be.</param>
public sealed record PlacedTwice(string Team, int? Now, int? Then);
