using PluckyRally.Core.Briefs;
using PluckyRally.Core.Score;

namespace PluckyRally.Core.Results;

/// <summary>Why a design stands for its team.</summary>
internal enum ChosenBy
{
    /// <summary>There is no other.</summary>
    OnlyOne,

    /// <summary>It is the best.</summary>
    Best,

    /// <summary>It was tried last.</summary>
    Last,

    /// <summary>It was named.</summary>
    Named,
}

/// <summary>Finds the design that stands for each team.</summary>
internal static class DesignChoosing
{
    /// <summary>
    /// The design that is named; else the last or the best one, as the brief says. Where a curve compares teams, each
    /// design is compared with the best that every other team that could place has shown in that part, so that no
    /// choice hangs on another.
    /// </summary>
    public static IReadOnlyList<(Assessment Design, ChosenBy By)> Choose(
        CompiledEdition compiled,
        IReadOnlyList<(TeamRecord Record, IReadOnlyList<Assessment> Designs)> teams,
        Points points
    )
    {
        if (teams.All(t => t.Designs.Count == 1))
            return [.. teams.Select(t => (t.Designs[0], ChosenBy.OnlyOne))];
        var fields = compiled
            .Parts.Select(
                (plan, at) =>
                    Field.Of(plan, at, teams.Select(t => (t.Record.Team.Id, (IEnumerable<Assessment>)t.Designs)))
            )
            .ToList();
        var order = new DesignOrder(compiled);
        return
        [
            .. teams.Select(t =>
                Choose(compiled, t.Record, t.Designs, design => points.Of(t.Record.Team.Id, design, fields), order)
            ),
        ];
    }

    private static (Assessment Design, ChosenBy By) Choose(
        CompiledEdition compiled,
        TeamRecord record,
        IReadOnlyList<Assessment> designs,
        Func<Assessment, DesignResult> result,
        DesignOrder order
    )
    {
        if (designs.Count == 1)
            return (designs[0], ChosenBy.OnlyOne);
        if (designs.FirstOrDefault(d => d.Design.Name == record.NamedDesign) is { } named)
            return (named, ChosenBy.Named);
        if (compiled.Brief.Trials.Designs != DesignChoice.Best)
            return (designs.First(d => d.Design.Name == record.LastDesign), ChosenBy.Last);

        // The later one where nothing parts them: it is what the team ended with.
        var best = designs
            .Select((design, i) => (Result: result(design), At: record.LastTrialOf(design.Design.Name)))
            .OrderBy(d => d.Result, order)
            .ThenByDescending(d => d.At)
            .First();
        return (best.Result.Assessment, ChosenBy.Best);
    }
}
