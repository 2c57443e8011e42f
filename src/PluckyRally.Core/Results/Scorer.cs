using System.Diagnostics.Metrics;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Parts;
using PluckyRally.Core.Score;

namespace PluckyRally.Core.Results;

/// <summary>
/// Works out a round: pure, from the edition, the teams and the entries. <see cref="RoundResult"/> alone asks it.
/// </summary>
public static class Scorer
{
    /// <summary>
    /// Counts up when the same log can come to other points or places; a closed round says which one it was closed
    /// with.
    /// </summary>
    public const int Version = 4;

    /// <summary>Counts the rounds that are worked out: whether one is worked out twice can be seen.</summary>
    private static readonly Counter<long> Scored = new Meter("PluckyRally.Scoring").CreateCounter<long>("rounds");

    /// <summary>The results of a round in numbers only, in order of standing.</summary>
    /// <param name="run">The round as it is run.</param>
    /// <param name="entries">What stands of the whole log; entries of other rounds and unknown teams are passed
    /// over.</param>
    /// <param name="earlier">What stood for the teams in the round before, by their ids.</param>
    internal static IReadOnlyList<TeamResult> Results(
        RunRound run,
        StandingLog entries,
        IReadOnlyDictionary<TeamId, Assessment> earlier
    )
    {
        var compiled = run.Compiled;
        var rules = Rules(run, earlier);
        var points = new Points(compiled, earlier);
        Scored.Add(1);
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

    /// <summary>A design of another round, worked out by this edition.</summary>
    internal static Assessment ByAnother(CompiledEdition compiled, DesignRecord design) =>
        new(design, [], Values(compiled, design), null);

    private static RuleChecker Rules(RunRound run, IReadOnlyDictionary<TeamId, Assessment> earlier) =>
        new(run, team => earlier.GetValueOrDefault(team)?.Facts);

    private static PartValue[] Values(CompiledEdition compiled, DesignRecord design)
    {
        var values = new PartValue[compiled.Parts.Count];
        foreach (var at in compiled.ScoringOrder)
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
        var byAttempt = rules.Outcomes(failing, new(design, values));
        if (!compiled.PassedOrNot)
            return new(design, byAttempt, values, Why(compiled, design, byAttempt, values)) { ByAttempt = byAttempt };
        var outcomes = rules.OverAttempts(byAttempt, design);
        return new(
            design.Marked(a => AttemptFate.Marked(a, byAttempt)),
            outcomes,
            values,
            Why(compiled, design, outcomes, values)
        )
        {
            ByAttempt = byAttempt,
        };
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
