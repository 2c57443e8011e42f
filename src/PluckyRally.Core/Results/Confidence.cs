using PluckyRally.Core.Briefs;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Score;

namespace PluckyRally.Core.Results;

/// <summary>How certain a team's place is.</summary>
/// <param name="Team">The team's id.</param>
/// <param name="Name">The team's name.</param>
/// <param name="Places">The chance of each place, from first on; they add up to 1.</param>
public sealed record PlaceChances(TeamId Team, string Name, IReadOnlyList<double> Places)
{
    /// <summary>The chances of which at least a whole percent is left, in words.</summary>
    public string Says => ConfidenceWords.Chances(Places);
}

/// <summary>How certain the places are, given how finely everything was read.</summary>
/// <param name="Draws">How often all readings were drawn anew.</param>
/// <param name="Teams">The teams that place, as they stand.</param>
/// <param name="TooClose">Whether the leader is ahead in fewer than 95 of 100 draws.</param>
/// <param name="Says">The same as a sentence, with what to measure again.</param>
public sealed record Confidence(int Draws, IReadOnlyList<PlaceChances> Teams, bool TooClose, string Says)
{
    /// <summary>Where it is too close: the one reading whose repetition helps most.</summary>
    public MeasureAgain? Again { get; init; }

    /// <summary>
    /// What the chances leave out: they are about reading error alone. How far one team's attempts lie apart says what
    /// another day could give; a sentence for each part in which that is known, or that it is not.
    /// </summary>
    public IReadOnlyList<string> AnotherDay { get; init; } = [];

    /// <summary>
    /// The chances of each place on another day, as far as attempts within teams say how far apart those would lie;
    /// empty where that is not known.
    /// </summary>
    public IReadOnlyList<PlaceChances> OnAnotherDay { get; init; } = [];

    /// <summary>From this chance on a team may still be first.</summary>
    internal const double Rival = 0.02;

    /// <summary>Among so many rivals the reading to repeat is looked for.</summary>
    private const int Rivals = 4;

    /// <summary>Below this chance a leader is too close to call.</summary>
    public const double Sure = 0.95;

    /// <summary>The usual number of draws.</summary>
    public const int UsualDraws = 10_000;

    /// <summary>
    /// Draws every reading anew within what it is good to, scores each draw, and counts the places. The same seed gives
    /// the same chances. A reading of step d lies evenly within ±d/2 (JCGM 100:2008, 4.3.7); one that is "good to" some
    /// value lies normally with that as its standard uncertainty; a load lies evenly between the last one held and the
    /// next one tried. Totals are not rounded, and teams that tie in a draw split the places.
    /// </summary>
    public static Confidence Of(OpenedRally opened, int round, int draws = UsualDraws, int seed = 1)
    {
        var run = opened.In(round);
        var compiled = run.Compiled;
        var placed = opened.Result(round).Teams.Where(r => r.Status == StandingStatus.Placed).ToList();
        if (placed.Count < 2)
            return new(
                draws,
                [.. placed.Select(p => new PlaceChances(p.Team.Id, p.Team.Name, [1]))],
                false,
                ConfidenceWords.SayAlone()
            );
        IRedraw redraw = QuickRedraw.For(compiled, placed, seed)
            ?? (IRedraw)new Redraw(run, [.. placed.Select(p => p.Team.Id)], opened.Stands, seed);
        var chances = Count(redraw, placed.Count, draws, compiled.Brief.Method.Wins);
        var teams = Chances(chances);
        var tooClose = teams[0].Places[0] < Sure;
        var spread = AttemptSpread.Of(compiled, placed);
        var another = Results.AnotherDay.For(compiled, placed, spread, seed) is { } day
            ? Chances(Count(day, placed.Count, draws, compiled.Brief.Method.Wins))
            : [];
        return new(draws, teams, tooClose, ConfidenceWords.Say(teams, tooClose, placed, compiled))
        {
            AnotherDay = ConfidenceWords.AnotherDay(spread, another),
            OnAnotherDay = another,
            Again = tooClose
                ? MeasureAgain.Of(
                    run,
                    opened.Stands,
                    teams
                        .Where(t => t.Places[0] >= Rival)
                        .OrderByDescending(t => t.Places[0])
                        .Take(Rivals)
                        .Select(t => t.Team)
                        .ToHashSet()
                )
                : null,
        };

        List<PlaceChances> Chances(double[][] of) =>
            [.. placed.Select((p, i) => new PlaceChances(p.Team.Id, p.Team.Name, of[i]))];
    }

    /// <summary>The chance of each place for each team.</summary>
    internal static double[][] Count(IRedraw redraw, int teams, int draws, WinningDirection wins)
    {
        var counts = Enumerable.Range(0, teams).Select(_ => new double[teams]).ToArray();
        var totals = new decimal?[teams];
        var order = new int[teams];
        var worst = wins == WinningDirection.Highest ? decimal.MinValue : decimal.MaxValue;
        var keys = new decimal[teams];
        for (var draw = 0; draw < draws; draw++)
        {
            redraw.Next(totals);
            for (var i = 0; i < teams; i++)
                (order[i], keys[i]) = (i, totals[i] ?? worst);
            Array.Sort(keys, order);
            if (wins == WinningDirection.Highest)
            {
                Array.Reverse(keys);
                Array.Reverse(order);
            }

            for (var from = 0; from < teams; )
            {
                var to = from + 1;
                while (to < teams && keys[to] == keys[from])
                    to++;
                for (var i = from; i < to; i++)
                {
                    for (var place = from; place < to; place++)
                        counts[order[i]][place] += 1.0 / (to - from);
                }

                from = to;
            }
        }

        foreach (var count in counts)
        {
            for (var place = 0; place < teams; place++)
                count[place] /= draws;
        }

        return counts;
    }
}
