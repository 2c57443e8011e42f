using PluckyRally.Core.Briefs;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Score;

namespace PluckyRally.Data.Rallies;

/// <summary>A rally that is still to come, with what its kit is counted for.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Date">The day; absent where none is said.</param>
/// <param name="Brief">The brief as it is run.</param>
/// <param name="Teams">The teams that are there.</param>
public sealed record RallyToCome(RallyId Id, string Name, DateOnly? Date, Brief Brief, IReadOnlyList<Team> Teams);
