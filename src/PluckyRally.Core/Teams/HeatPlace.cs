namespace PluckyRally.Core.Teams;

/// <summary>Where a team runs.</summary>
/// <param name="Heat">The heat, from 1.</param>
/// <param name="Lane">The lane, from 1.</param>
public sealed record HeatPlace(int Heat, int Lane);
