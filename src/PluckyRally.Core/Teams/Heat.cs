using PluckyRally.Core.Ids;

namespace PluckyRally.Core.Teams;

/// <summary>A heat that was drawn.</summary>
/// <param name="Teams">The teams, by their ids, in the order of the lanes.</param>
public sealed record Heat(IReadOnlyList<TeamId> Teams);
