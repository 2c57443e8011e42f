using PluckyRally.Core.Briefs;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Score;
using PluckyRally.Core.Time;

namespace PluckyRally.Core.Run;

/// <summary>Where a team stands in the lesson.</summary>
/// <param name="Team">The team's id.</param>
/// <param name="Cleared">The entry that approved its plan; absent while it is not approved.</param>
/// <param name="Late">The entry that says it came late; absent where it did not.</param>
public sealed record TeamInLesson(TeamId Team, EntryId? Cleared, EntryId? Late);

/// <summary>The teams in a round of the lesson, in the order in which they are tested.</summary>
public static class ClassState
{
    /// <summary>
    /// Teams as a judge goes to them: in the order that was set, or else in their own; teams that came late are tested
    /// after the others.
    /// </summary>
    public static IReadOnlyList<TeamInLesson> Of(IReadOnlyList<Team> teams, StandingLog log, int round)
    {
        var standing = log.In(round);
        var order = standing.OfType<Entry.TestOrderSet>().LastOrDefault()?.Teams ?? [];
        var places = order
            .Select((team, at) => (team, at))
            .DistinctBy(o => o.team)
            .ToDictionary(o => o.team, o => o.at);
        var (cleared, late) = (Last(standing.OfType<Entry.PlanCleared>()), Last(standing.OfType<Entry.CameLate>()));
        return
        [
            .. teams
                .Select(t => new TeamInLesson(
                    t.Id,
                    cleared.TryGetValue(t.Id, out var plan) ? plan : null,
                    late.TryGetValue(t.Id, out var came) ? came : null
                ))
                .OrderBy(t => t.Late is not null)
                .ThenBy(t => places.GetValueOrDefault(t.Team, int.MaxValue)),
        ];
    }

    /// <summary>Whether the teams of a brief have their plans approved before they build.</summary>
    public static bool PlansAreApproved(Brief brief) => brief.Timing.Phases.Any(p => p.Kind == PhaseKind.Plan);

    /// <summary>For each team the last of some entries.</summary>
    private static Dictionary<TeamId, EntryId> Last(IEnumerable<Entry> entries) =>
        entries.GroupBy(e => e.Team).ToDictionary(g => g.Key, g => g.Last().Id);
}
