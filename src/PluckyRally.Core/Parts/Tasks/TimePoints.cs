namespace PluckyRally.Core.Parts;

/// <summary>Points for time left on a clock.</summary>
/// <param name="From">Seconds at which there are none.</param>
/// <param name="Seconds">So many seconds less are worth <paramref name="Points"/>, above 0.</param>
/// <param name="Points">Points for each of them.</param>
/// <param name="Exact">In proportion; otherwise only completed units count.</param>
public sealed record TimePoints(decimal From, decimal Seconds, decimal Points, bool Exact = false);
