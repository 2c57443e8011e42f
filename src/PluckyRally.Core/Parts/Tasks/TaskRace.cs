namespace PluckyRally.Core.Parts;

/// <summary>A race to so many tasks: who has done them first, in the order in which the ticks were received.</summary>
/// <param name="Done">How many tasks must be done, from 1; which of them is open.</param>
/// <param name="Bonuses">Points more for the first, the second, and so on.</param>
public sealed record TaskRace(int Done, IReadOnlyList<decimal> Bonuses);
