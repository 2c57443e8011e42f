using PluckyRally.Core.Ids;

namespace PluckyRally.Core.Score;

/// <summary>A comparison: it has a sheet of its own, and takes no place.</summary>
/// <param name="Id">Names it in entries, as a team's id does.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Purpose">Control, to beat, or by hand.</param>
/// <param name="Of">The team whose own it is; empty for the whole class.</param>
public sealed record Reference(TeamId Id, string Name, Purpose Purpose, TeamId Of)
{
    /// <summary>Whether a team is compared with it.</summary>
    internal bool IsFor(TeamId team) => Of == default || Of == team;

    /// <summary>What a record of it is kept under: it is scored as a team would be that is alone.</summary>
    internal Team AsTeam =>
        new()
        {
            Id = Id,
            Name = Name,
            Reference = this,
        };

    /// <summary>What a purpose is called on its own.</summary>
    internal static string Word(Purpose purpose) =>
        purpose switch
        {
            Purpose.Score => "For score",
            Purpose.Practice => "Practice",
            Purpose.Control => "Control",
            Purpose.Benchmark => "To beat",
            Purpose.ByHand => "By hand",
        };

    /// <summary>The references that stand in a round: what was added in an earlier one holds on.</summary>
    internal static IReadOnlyList<Reference> In(IReadOnlyList<Entry.ReferenceAdded> standing, int round) =>
        [
            .. standing
                .Where(a => a.Round <= round)
                .DistinctBy(a => a.Team)
                .Select(a => new Reference(a.Team, a.Name.Trim(), a.Purpose, a.Of)),
        ];
}
