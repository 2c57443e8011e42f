using PluckyRally.Core.Briefs;
using PluckyRally.Core.Figures;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Score;

namespace PluckyRally.Core.Results;

/// <summary>Finds who won the named awards; ties share an award.</summary>
internal static class Awarding
{
    public static IReadOnlyList<AwardResult> Give(CompiledEdition compiled, IReadOnlyList<TeamResult> results) =>
        [
            .. compiled.Awards.Select(award =>
                award.Definition.GivenBy is { } by
                    ? AwardsByPeople.Give(award, by, [.. results.Where(r => MayWin(award, r))])
                : award.Value is null ? First(award, compiled, results)
                : Best(award, award.Value, results)
            ),
            .. AwardsByPeople.OnTheSpot(results),
        ];

    private static AwardResult Best(AwardPlan award, FigureExpression expression, IReadOnlyList<TeamResult> results)
    {
        var better = award.Definition.Better;
        var values = results
            .Where(r => MayWin(award, r))
            .Select(r => (Team: r, Value: expression.Compared(r.Design.Facts)))
            .Where(v => v.Value.HasValue)
            .OrderBy(v => better == Better.More ? -v.Value.Number : v.Value.Number)
            .ThenBy(v => Bounds.Preference(v.Value.Bound, better))
            .ToList();
        if (values.Count == 0)
            return Nobody(award);
        var best = values[0].Value;
        var winners = values
            .Where(v =>
                v.Value.Number == best.Number
                && Bounds.Preference(v.Value.Bound, better) == Bounds.Preference(best.Bound, better)
            )
            .Select(v => v.Team)
            .ToList();
        return new(
            award.Definition.Id,
            award.Definition.Name,
            [.. winners.Select(w => w.Team.Id)],
            AwardWords.Say(award.Definition, winners, expression.Show(best))
        );
    }

    private static AwardResult First(AwardPlan award, CompiledEdition compiled, IReadOnlyList<TeamResult> results)
    {
        var first = award.Definition.FirstTo!;
        var task = compiled
            .Parts.Select(p => p.Part)
            .OfType<Part.Tasks>()
            .FirstOrDefault(p => p.Id == first.Part)
            ?.Items.FirstOrDefault(i => i.Id == first.Task);
        if (task is null || results.Count == 0)
            return Nobody(award);
        var winner = results[0]
            .Record.Round.OfType<Entry.TaskTicked>()
            .Where(t => t.Part == first.Part && t.Task == first.Task && (t.Steps ?? task.Steps) == task.Steps)
            .Select(t => results.FirstOrDefault(r => r.Team.Id == t.Team && MayWin(award, r)))
            .FirstOrDefault(r => r is not null);
        return winner is null
            ? Nobody(award)
            : new(
                award.Definition.Id,
                award.Definition.Name,
                [winner.Team.Id],
                AwardWords.SayFirst(award.Definition, winner)
            );
    }

    /// <summary>
    /// Whether a team can win an award: those that place, or everyone that takes part; and only with the card that it
    /// is for.
    /// </summary>
    internal static bool MayWin(AwardPlan award, TeamResult result) =>
        (
            award.Definition.Everyone || award.Definition.GivenBy is not null
                ? result.Status != StandingStatus.Away
                : result.Status == StandingStatus.Placed
        ) && (award.Definition.OnlyFor.Length == 0 || result.Team.Has(award.Definition.OnlyFor));

    private static AwardResult Nobody(AwardPlan award) =>
        new(award.Definition.Id, award.Definition.Name, [], AwardWords.SayNobody(award.Definition));
}
