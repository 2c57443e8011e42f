namespace PluckyRally.Core;

/// <summary>Works out a round: pure, from the edition, the teams and the entries.</summary>
public static class Scorer
{
    /// <summary>Counts up when the same log can come to other points or places; a closed round says which one it was closed with.</summary>
    public const int Version = 2;

    /// <summary>The standings of a round, with the reasons for every number.</summary>
    /// <param name="compiled">The edition, made ready.</param>
    /// <param name="teams">The teams, in any order.</param>
    /// <param name="entries">The whole log, in the order in which it was received; entries of other rounds and unknown teams are passed over.</param>
    /// <param name="round">The round, from 1.</param>
    public static Standings Score(CompiledEdition compiled, IReadOnlyList<Team> teams, IReadOnlyList<Entry> entries, int round) =>
        StandingsWords.Write(compiled, Results(compiled, teams, entries, round), ReferenceLines.Of(compiled, entries, round), round);

    /// <summary>The results of a round in numbers only, in order of standing.</summary>
    internal static IReadOnlyList<TeamResult> Results(CompiledEdition compiled, IReadOnlyList<Team> teams, IReadOnlyList<Entry> entries, int round)
    {
        var earlier = Earlier(compiled, teams, entries, round);
        var rules = Rules(compiled, earlier);
        var points = new Points(compiled, earlier);
        var designs = TeamRecord.Of(teams, entries, round)
            .Select(record => (record, (IReadOnlyList<Assessment>)[.. record.Designs.Select(d => Assess(compiled, d, rules))]))
            .ToList();
        var chosen = DesignChoosing.Choose(compiled, designs, points);
        var fields = compiled.Parts.Select((plan, at) => Field.Of(plan, at, chosen.Select(c => (c.Design.Design.Team.Team.Id, (IEnumerable<Assessment>)[c.Design])))).ToList();
        return Ranking.Order(compiled, [.. chosen.Select((c, i) => Result(compiled, designs[i], c, design => points.Of(design.Design.Team.Team.Id, design, fields)))]);
    }

    private static TeamResult Result(CompiledEdition compiled, (TeamRecord Record, IReadOnlyList<Assessment> Designs) team, (Assessment Design, ChosenBy By) chosen, Func<Assessment, DesignResult> points)
    {
        var result = points(chosen.Design);
        var order = new DesignOrder(compiled);
        var better = team.Designs.Where(d => d != chosen.Design).Select(points).Where(d => d.Total is not null && (d.Status, d.Total?.Number) != (result.Status, result.Total?.Number) && order.Compare(d, result) < 0).Order(order).FirstOrDefault();
        return new(team.Record, result, chosen.By, better);
    }

    private static Dictionary<string, TeamResult> Earlier(CompiledEdition compiled, IReadOnlyList<Team> teams, IReadOnlyList<Entry> entries, int round) =>
        round > 1 && entries.Any(e => e.Round < round) ? Results(compiled, teams, entries, round - 1).ToDictionary(t => t.Team.Id) : [];

    private static RuleChecker Rules(CompiledEdition compiled, Dictionary<string, TeamResult> earlier) =>
        new(compiled, team => earlier.GetValueOrDefault(team)?.Assessment.Facts);

    /// <summary>What is known of every design of a round before any points.</summary>
    internal static IReadOnlyList<DesignFacts> Designs(CompiledEdition compiled, IReadOnlyList<Team> teams, IReadOnlyList<Entry> entries, int round)
    {
        var rules = Rules(compiled, Earlier(compiled, teams, entries, round));
        return [.. TeamRecord.Of(teams, entries, round).SelectMany(record => record.Designs).Select(design => Assess(compiled, design, rules).Facts)];
    }

    private static Assessment Assess(CompiledEdition compiled, DesignRecord recorded, RuleChecker rules)
    {
        var (design, failing) = rules.Failing(recorded);
        var values = new PartValue[compiled.Parts.Count];
        foreach (var at in compiled.WorkedOut) values[at] = TwoAnswers.Marked(compiled.Parts[at].Value(new(design, values), compiled.Brief.Trials), compiled.Parts[at].Part, design);
        var outcomes = rules.Outcomes(failing, new(design, values));
        return new(design, outcomes, values, Why(compiled, design, outcomes, values));
    }

    /// <summary>Why a design does not place: missing a rule outweighs being unfinished.</summary>
    private static NoPlace? Why(CompiledEdition compiled, DesignRecord design, IReadOnlyList<RuleOutcome> outcomes, IReadOnlyList<PartValue> values)
    {
        if (outcomes.FirstOrDefault(o => o is { State: RuleState.Missed, Rule.IfMissed: Consequence.DoesNotPlace }) is { } missed) return new NoPlace.RuleMissed(missed.Rule);
        for (var i = 0; i < values.Count; i++)
        {
            if (values[i].State == PartState.Unfinished || (values[i].State == PartState.NoValue && compiled.Parts[i].Part.NoValue == NoValue.Unfinished))
                return new NoPlace.PartOpen(compiled.Parts[i].Part, values[i].Value.Absent!);
        }

        if (compiled.TakesAttempts && design.Waits(compiled.Brief.Trials) is { } waits) return new NoPlace.AttemptsOpen(waits);
        return outcomes.FirstOrDefault(o => o is { State: RuleState.ToCheck, Rule.HoldsUp: true } or { Disputed: true }) is { } open ? new NoPlace.RuleOpen(open.Rule, open.Attempt, open.Disputed) : null;
    }
}
