namespace PluckyRally.Core;

/// <summary>Works out a round: pure, from the edition, the teams and the entries.</summary>
public static class Scorer
{
    /// <summary>
    /// Counts up when the same log can come to other points or places; a closed round says which one it was closed
    /// with.
    /// </summary>
    public const int Version = 3;

    /// <summary>The standings of a round, with the reasons for every number.</summary>
    /// <param name="run">The round as it is run.</param>
    /// <param name="entries">The whole log, in the order in which it was received; entries of other rounds and unknown
    /// teams are passed over.</param>
    public static Standings Score(RunRound run, IReadOnlyList<Entry> entries)
    {
        var earlier = Earlier(run, entries);
        return StandingsWords.Write(run, Results(run, entries, earlier), earlier, ReferenceStanding.Of(run, entries));
    }

    /// <summary>The standings of a round of a rally.</summary>
    public static Standings Score(OpenedRally opened, int round) => Score(opened.In(round), opened.Rally.Entries);

    /// <summary>The same where nothing was mended and all rounds are alike.</summary>
    public static Standings Score(
        CompiledEdition compiled,
        IReadOnlyList<Team> teams,
        IReadOnlyList<Entry> entries,
        int round
    ) => Score(RunRound.Alike(compiled, teams, round), entries);

    /// <summary>The results of a round of a rally.</summary>
    internal static IReadOnlyList<TeamResult> Results(OpenedRally opened, int round) =>
        Results(opened.In(round), opened.Rally.Entries);

    /// <summary>The results of a round in numbers only, in order of standing.</summary>
    internal static IReadOnlyList<TeamResult> Results(RunRound run, IReadOnlyList<Entry> entries) =>
        Results(run, entries, Earlier(run, entries));

    private static IReadOnlyList<TeamResult> Results(
        RunRound run,
        IReadOnlyList<Entry> entries,
        Dictionary<string, Assessment> earlier
    )
    {
        var compiled = run.Compiled;
        var rules = Rules(run, earlier);
        var points = new Points(compiled, earlier);
        var designs = TeamRecord
            .Of(run.Teams, entries, run.Number)
            .Select(record =>
                (record, (IReadOnlyList<Assessment>)[.. record.Designs.Select(d => Assess(compiled, d, rules))])
            )
            .ToList();
        var chosen = DesignChoosing.Choose(compiled, designs, points);
        var fields = compiled
            .Parts.Select(
                (plan, at) =>
                    Field.Of(
                        plan,
                        at,
                        chosen.Select(c => (c.Design.Design.Team.Team.Id, (IEnumerable<Assessment>)[c.Design]))
                    )
            )
            .ToList();
        return Ranking.Order(
            compiled,
            [
                .. chosen.Select(
                    (c, i) =>
                        Result(compiled, designs[i], c, design => points.Of(design.Design.Team.Team.Id, design, fields))
                ),
            ]
        );
    }

    private static TeamResult Result(
        CompiledEdition compiled,
        (TeamRecord Record, IReadOnlyList<Assessment> Designs) team,
        (Assessment Design, ChosenBy By) chosen,
        Func<Assessment, DesignResult> points
    )
    {
        var result = points(chosen.Design);
        var order = new DesignOrder(compiled);
        var better = team
            .Designs.Where(d => d != chosen.Design)
            .Select(points)
            .Where(d =>
                d.Total is not null
                && (d.Status, d.Total?.Number) != (result.Status, result.Total?.Number)
                && order.Compare(d, result) < 0
            )
            .Order(order)
            .FirstOrDefault();
        return new(team.Record, result, chosen.By, better) { Designs = team.Designs };
    }

    /// <summary>
    /// What the designs were that stood for teams in the round before. That round's own brief says which they are and
    /// which of their attempts counted; what they come to is worked out by this one's, so that like is held against
    /// like.
    /// </summary>
    internal static Dictionary<string, Assessment> Earlier(RunRound run, IReadOnlyList<Entry> entries)
    {
        if (run.Before is not { } before || !entries.Any(e => e.Round < run.Number))
            return [];
        var results = Results(before, entries).ToDictionary(t => t.Team.Id, t => t.Assessment);
        return ReferenceEquals(before.Compiled, run.Compiled)
            ? results
            : results.ToDictionary(
                r => r.Key,
                r => new Assessment(r.Value.Design, [], Values(run.Compiled, r.Value.Design), null)
            );
    }

    private static RuleChecker Rules(RunRound run, Dictionary<string, Assessment> earlier) =>
        new(run, team => earlier.GetValueOrDefault(team)?.Facts);

    /// <summary>What is known of every design of a round before any points.</summary>
    internal static IReadOnlyList<DesignFacts> Designs(RunRound run, IReadOnlyList<Entry> entries)
    {
        var rules = Rules(run, Earlier(run, entries));
        return
        [
            .. TeamRecord
                .Of(run.Teams, entries, run.Number)
                .SelectMany(record => record.Designs)
                .Select(design => Assess(run.Compiled, design, rules).Facts),
        ];
    }

    private static PartValue[] Values(CompiledEdition compiled, DesignRecord design)
    {
        var values = new PartValue[compiled.Parts.Count];
        foreach (var at in compiled.WorkedOut)
            values[at] = TwoAnswers.Marked(
                compiled.Parts[at].Value(new(design, values), compiled.Brief.Trials),
                compiled.Parts[at].Part,
                design
            );
        return values;
    }

    private static Assessment Assess(CompiledEdition compiled, DesignRecord recorded, RuleChecker rules)
    {
        var (design, failing) = rules.Failing(recorded);
        var values = Values(compiled, design);
        var outcomes = rules.Outcomes(failing, new(design, values));
        return new(design, outcomes, values, Why(compiled, design, outcomes, values));
    }

    /// <summary>Why a design does not place: missing a rule outweighs being unfinished.</summary>
    private static NoPlace? Why(
        CompiledEdition compiled,
        DesignRecord design,
        IReadOnlyList<RuleOutcome> outcomes,
        IReadOnlyList<PartValue> values
    )
    {
        if (design.Team.Team.Away is { } away)
            return new NoPlace.TeamIsAway(away);
        if (
            outcomes.FirstOrDefault(o => o is { State: RuleState.Missed, Rule.IfMissed: Consequence.DoesNotPlace }) is
            { } missed
        )
            return new NoPlace.RuleMissed(missed.Rule);
        for (var i = 0; i < values.Count; i++)
        {
            if (
                values[i].State == PartState.Unfinished
                || (values[i].State == PartState.NoValue && compiled.Parts[i].Part.NoValue == NoValue.Unfinished)
            )
                return new NoPlace.PartOpen(compiled.Parts[i].Part, values[i].Value.Absent!);
        }

        if (compiled.TakesAttempts && design.Waits(compiled.Brief.Trials) is { } waits)
            return new NoPlace.AttemptsOpen(waits);
        return
            outcomes.FirstOrDefault(o => o is { State: RuleState.ToCheck, Rule.HoldsUp: true } or { Disputed: true })
                is { } open
            ? new NoPlace.RuleOpen(open.Rule, open.Attempt, open.Disputed)
            : null;
    }
}
