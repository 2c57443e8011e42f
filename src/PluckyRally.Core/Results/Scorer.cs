namespace PluckyRally.Core;

/// <summary>Works out a round: pure, from the edition, the teams and the entries.</summary>
public static class Scorer
{
    /// <summary>The standings of a round, with the reasons for every number.</summary>
    /// <param name="playbook">The edition, made ready.</param>
    /// <param name="teams">The teams, in any order.</param>
    /// <param name="entries">The whole log, in the order in which it was received; entries of other rounds and unknown teams are passed over.</param>
    /// <param name="round">The round, from 1.</param>
    public static Standings Score(Playbook playbook, IReadOnlyList<Team> teams, IReadOnlyList<Entry> entries, int round) =>
        StandingsWriter.Write(playbook, Results(playbook, teams, entries, round), ReferenceLines.Of(playbook, entries, round), round);

    /// <summary>The results of a round in numbers only, in order of standing.</summary>
    internal static IReadOnlyList<TeamResult> Results(Playbook playbook, IReadOnlyList<Team> teams, IReadOnlyList<Entry> entries, int round)
    {
        var earlier = Earlier(playbook, teams, entries, round);
        var rules = Rules(playbook, earlier);
        var comparing = playbook.Parts.Any(p => p.Curve.ComparesTeams);

        var results = TeamRecord.Of(teams, entries, round)
            .Select(record => new TeamResult(record, Choose(playbook, record, [.. record.Designs.Select(d => Assess(playbook, d, rules))], comparing, earlier)))
            .ToList();
        foreach (var result in results) result.Parts = new PartResult[playbook.Parts.Count];
        for (var i = 0; i < playbook.Parts.Count; i++) GivePoints(playbook, i, results, earlier);
        foreach (var result in results) Totals.Add(playbook, result);
        return Ranking.Order(playbook, results);
    }

    private static Dictionary<string, TeamResult> Earlier(Playbook playbook, IReadOnlyList<Team> teams, IReadOnlyList<Entry> entries, int round) =>
        round > 1 && entries.Any(e => e.Round < round) ? Results(playbook, teams, entries, round - 1).ToDictionary(t => t.Team.Id) : [];

    private static RuleChecker Rules(Playbook playbook, Dictionary<string, TeamResult> earlier) =>
        new(playbook, team => earlier.GetValueOrDefault(team)?.Assessment.Facts);

    /// <summary>What is known of every design of a round before any points.</summary>
    internal static IReadOnlyList<DesignFacts> Designs(Playbook playbook, IReadOnlyList<Team> teams, IReadOnlyList<Entry> entries, int round)
    {
        var rules = Rules(playbook, Earlier(playbook, teams, entries, round));
        return [.. TeamRecord.Of(teams, entries, round).SelectMany(record => record.Designs).Select(design => Assess(playbook, design, rules).Facts)];
    }

    private static Assessment Assess(Playbook playbook, DesignRecord recorded, RuleChecker rules)
    {
        var (design, failing) = rules.Failing(recorded);
        var values = playbook.Parts.Select(plan => plan.Value(design, playbook.Brief.Trials)).ToList();
        var outcomes = rules.Outcomes(failing, new(design, values));
        return new(design, outcomes, values, Why(playbook, design, outcomes, values));
    }

    /// <summary>Why a design does not place: missing a rule outweighs being unfinished.</summary>
    private static NoPlace? Why(Playbook playbook, DesignRecord design, IReadOnlyList<RuleOutcome> outcomes, List<PartValue> values)
    {
        if (outcomes.FirstOrDefault(o => o is { State: RuleState.Missed, Rule.IfMissed: Consequence.DoesNotPlace }) is { } missed) return new NoPlace.RuleMissed(missed.Rule);
        for (var i = 0; i < values.Count; i++)
        {
            if (values[i].State == PartState.Unfinished || (values[i].State == PartState.NoValue && playbook.Parts[i].Part.NoValue == NoValue.Unfinished))
                return new NoPlace.PartOpen(playbook.Parts[i].Part, values[i].Value.Absent!);
        }

        if (playbook.TakesAttempts && design.Waits(playbook.Brief.Trials) is { } waits) return new NoPlace.AttemptsOpen(waits);
        return outcomes.FirstOrDefault(o => o is { State: RuleState.ToCheck, Rule.HoldsUp: true }) is { } open ? new NoPlace.RuleOpen(open.Rule, open.Attempt) : null;
    }

    private static Assessment Choose(Playbook playbook, TeamRecord record, IReadOnlyList<Assessment> designs, bool comparing, Dictionary<string, TeamResult> earlier)
    {
        if (designs.Count == 1) return designs[0];
        switch (playbook.Brief.Trials.Designs)
        {
            case DesignChoice.Named:
                return designs.FirstOrDefault(d => d.Design.Name == record.NamedDesign) ?? designs.First(d => d.Design.Name == record.LastDesign);
            case DesignChoice.Last:
                return designs.First(d => d.Design.Name == record.LastDesign);
            default:
                if (comparing) return designs.OrderBy(d => d.Status == StandingStatus.DidNotPlace).ThenBy(d => d.Status).ThenBy(d => FirstValue(playbook, d)).First();
                var totals = designs.Select(d => (Assessment: d, Total: TotalAlone(playbook, record, d, earlier)));
                var sign = playbook.Brief.Method.Wins == Wins.Highest ? -1 : 1;
                return totals.OrderBy(t => Order(t.Assessment.Status)).ThenBy(t => t.Total is null).ThenBy(t => sign * t.Total).First().Assessment;
        }
    }

    private static int Order(StandingStatus status) => status switch
    {
        StandingStatus.Placed => 0,
        StandingStatus.Unfinished => 1,
        _ => 2,
    };

    /// <summary>The first part's value, smaller meaning better; designs without one come last.</summary>
    private static decimal FirstValue(Playbook playbook, Assessment design)
    {
        if (design.Values.Count == 0 || !design.Values[0].Value.HasValue) return decimal.MaxValue;
        var value = design.Values[0].Value.Number;
        return playbook.Parts[0].Better == Better.Less ? value : -value;
    }

    private static decimal? TotalAlone(Playbook playbook, TeamRecord record, Assessment design, Dictionary<string, TeamResult> earlier)
    {
        var alone = new TeamResult(record, design) { Parts = new PartResult[playbook.Parts.Count] };
        for (var i = 0; i < playbook.Parts.Count; i++) GivePoints(playbook, i, [alone], earlier);
        Totals.Add(playbook, alone);
        return alone.Total;
    }

    private static void GivePoints(Playbook playbook, int at, IReadOnlyList<TeamResult> results, Dictionary<string, TeamResult> earlier)
    {
        var plan = playbook.Parts[at];
        var pools = PartPools.Of(plan, at, results);
        for (var i = 0; i < results.Count; i++)
        {
            var before = earlier.GetValueOrDefault(results[i].Team.Id)?.Assessment.Values[at];
            var pool = pools[i] with
            {
                Earlier = before is null ? Worth.None(new Absence.NoEarlierRound()) : before.State == PartState.Scored ? before.Value : Worth.None(new Absence.NoEarlierSuccess()),
            };
            results[i].Parts[at] = PartPoints.Of(plan, results[i].Assessment, at, playbook.Brief.Method, pool);
        }
    }
}
