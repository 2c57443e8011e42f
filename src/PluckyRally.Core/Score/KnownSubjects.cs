using PluckyRally.Core.Ids;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Teams;

namespace PluckyRally.Core.Score;

/// <summary>What entries may name: the teams and the comparisons.</summary>
/// <param name="Teams">The teams.</param>
/// <param name="References">The ids of the comparisons.</param>
/// <param name="Received">The whole log: what came with an entry that was crossed out may still be named by the
/// strike.</param>
internal sealed record KnownSubjects(
    IReadOnlyList<Team> Teams,
    IReadOnlySet<TeamId> References,
    IReadOnlyList<Entry> Received
)
{
    /// <summary>Those that were there at first, and those that came with an entry that was not crossed out.</summary>
    public static KnownSubjects Of(IReadOnlyList<Team> begun, IReadOnlyList<Entry> received) =>
        new(
            Roster.Named(begun, received),
            received.Any(e => e is Entry.ReferenceAdded)
                ? StandingLog.Of(received).OfType<Entry.ReferenceAdded>().Select(r => r.Team).ToHashSet()
                : new HashSet<TeamId>(),
            received
        );

    /// <summary>The same for a rally that was looked through.</summary>
    public static KnownSubjects Of(OpenedRally opened) =>
        new(opened.Rally.Teams, opened.References.Select(r => r.Id).ToHashSet(), opened.Received);

    /// <summary>Says what is wrong where an entry is of nobody that there is.</summary>
    public void Check(Entry entry, ProblemCollector found)
    {
        if (References.Contains(entry.Team))
            found.Unless(
                entry.MayBeOfReference,
                "/team",
                "This is a comparison, not a team.",
                "Choose one of the rally's teams."
            );
        else
            found.Unless(
                IsTeam(entry),
                "/team",
                "There is no such team in this rally.",
                "Choose one of the rally's teams."
            );
    }

    private bool IsTeam(Entry entry) =>
        Teams.Any(t => t.Id == entry.Team)
        || entry.IntroducedName is not null
        || (entry.MayBeOfClass && entry.Team == default)
        || (entry is Entry.StruckOut && Received.Any(e => e.IntroducedName is not null && e.Team == entry.Team));
}
