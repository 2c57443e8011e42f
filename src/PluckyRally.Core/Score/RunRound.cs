using PluckyRally.Core.Briefs;

namespace PluckyRally.Core.Score;

/// <summary>
/// A round of a rally as it is run: the brief with what was changed and cut for it, and the teams that are in it.
/// </summary>
/// <param name="Number">The round, from 1.</param>
/// <param name="Compiled">The edition, made ready.</param>
/// <param name="Teams">The teams, in their own order.</param>
/// <param name="Before">The round before it; null for the first.</param>
public sealed record RunRound(int Number, CompiledEdition Compiled, IReadOnlyList<Team> Teams, RunRound? Before)
{
    /// <summary>The teams that take part.</summary>
    public IReadOnlyList<Team> Present { get; } =
        Teams.All(t => t.Away is null) ? Teams : [.. Teams.Where(t => t.Away is null)];

    /// <summary>
    /// What was changed in the brief that holds in this round, in the order in which it is laid over it.
    /// </summary>
    public IReadOnlyList<Entry.BriefMended> BriefChanges { get; init; } = [];

    /// <summary>The comparisons.</summary>
    public IReadOnlyList<Reference> References { get; init; } = [];

    /// <summary>An earlier round of the same rally; this one where there is none of that number.</summary>
    internal RunRound Back(int round)
    {
        for (var run = this; run is not null; run = run.Before)
        {
            if (run.Number == round)
                return run;
        }

        return this;
    }

    /// <summary>The same round with one team alone, for what does not hang on others.</summary>
    internal RunRound Alone(Team team) =>
        new(Number, Compiled, [team], Before?.Alone(team)) { BriefChanges = BriefChanges };

    /// <summary>A round of a rally in which nothing was changed and cut: all rounds are alike.</summary>
    public static RunRound Alike(CompiledEdition compiled, IReadOnlyList<Team> teams, int round) =>
        new(round, compiled, teams, round > 1 ? Alike(compiled, teams, round - 1) : null);
}
