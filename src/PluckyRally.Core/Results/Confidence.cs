namespace PluckyRally.Core;

/// <summary>How sure a team's place is.</summary>
/// <param name="Team">The team's id.</param>
/// <param name="Name">The team's name.</param>
/// <param name="Places">The chance of each place, from first on; they add up to 1.</param>
public sealed record PlaceChances(string Team, string Name, IReadOnlyList<double> Places);

/// <summary>How sure the places are, given how finely everything was read.</summary>
/// <param name="Draws">How often all readings were drawn anew.</param>
/// <param name="Teams">The teams that place, as they stand.</param>
/// <param name="TooClose">Whether the leader is ahead in fewer than 95 of 100 draws.</param>
/// <param name="Says">The same as a sentence, with what to measure again.</param>
public sealed record Confidence(int Draws, IReadOnlyList<PlaceChances> Teams, bool TooClose, string Says)
{
    /// <summary>Below this chance a leader is too close to call.</summary>
    public const double Sure = 0.95;

    /// <summary>The usual number of draws.</summary>
    public const int UsualDraws = 10_000;

    /// <summary>
    /// Draws every reading anew within what it is good to, scores each draw, and counts the places. The same seed gives the
    /// same chances. A reading of step d lies evenly within ±d/2 (JCGM 100:2008, 4.3.7); one that is "good to" some value
    /// lies normally with that as its standard uncertainty; a load lies evenly between the last one held and the next one
    /// tried. Totals are not rounded, and teams that tie in a draw split the places.
    /// </summary>
    public static Confidence Of(OpenedRally opened, int round, int draws = UsualDraws, int seed = 1)
    {
        var (rally, playbook) = opened;
        var placed = Scorer.Results(playbook, rally.Teams, rally.Entries, round).Where(r => r.Status == StandingStatus.Placed).ToList();
        if (placed.Count < 2) return new(draws, [.. placed.Select(p => new PlaceChances(p.Team.Id, p.Team.Name, [1]))], false, "There is nobody to compare with yet.");
        var redraw = new Redraw(playbook, rally.Teams, rally.Entries, round, seed);
        var chances = placed.ToDictionary(p => p.Team.Id, _ => new double[placed.Count]);
        for (var i = 0; i < draws; i++) Count(redraw.Next(), chances, playbook.Brief.Method.Wins);
        var teams = placed.Select(p => new PlaceChances(p.Team.Id, p.Team.Name, [.. chances[p.Team.Id].Select(c => c / draws)])).ToList();
        var tooClose = teams[0].Places[0] < Sure;
        return new(draws, teams, tooClose, Sentence(teams, tooClose, placed, playbook));
    }

    private static void Count(IReadOnlyList<(string Team, decimal? Total)> totals, Dictionary<string, double[]> chances, Wins wins)
    {
        var inOrder = totals
            .Where(t => chances.ContainsKey(t.Team))
            .OrderBy(t => t.Total is null)
            .ThenBy(t => wins == Wins.Highest ? -t.Total : t.Total)
            .ToList();
        for (var from = 0; from < inOrder.Count;)
        {
            var to = from + 1;
            while (to < inOrder.Count && inOrder[to].Total == inOrder[from].Total) to++;
            for (var i = from; i < to; i++)
            {
                for (var place = from; place < to; place++) chances[inOrder[i].Team][place] += 1.0 / (to - from);
            }

            from = to;
        }
    }

    private static string Sentence(List<PlaceChances> teams, bool tooClose, List<TeamResult> placed, Playbook playbook)
    {
        var chance = $"{Math.Floor(teams[0].Places[0] * 100):0} in 100";
        if (!tooClose) return $"{teams[0].Name} is first in {chance} draws: sure enough.";
        var rivals = teams.Skip(1).Where(t => t.Places[0] >= 0.02).Select(t => t.Name).Take(3).ToList();
        var coarse = playbook.Parts.OfType<PartPlan.Measured>()
            .SelectMany(p => p.Expression.Measures)
            .Where(m => !m.IsExact)
            .Select(m => m.Name.Length > 0 ? m.Name.ToLowerInvariant() : m.Id)
            .Distinct()
            .ToList();
        var again = coarse.Count > 0 ? $" Measure {string.Join(" and ", coarse)} again, more finely, for {string.Join(", ", rivals.Prepend(placed[0].Team.Name))}." : "";
        return $"Too close to call: {teams[0].Name} is first in {chance} draws.{again}";
    }
}
