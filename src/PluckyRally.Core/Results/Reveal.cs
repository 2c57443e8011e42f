namespace PluckyRally.Core.Results;

/// <summary>
/// The order in which a wall reveals: the places from the last to the first. Whoever has no place comes with the first
/// place, so that no class begins by reading who did not finish.
/// </summary>
public static class Reveal
{
    /// <summary>How many places are revealed one by one; the first one is there as long as nobody has it.</summary>
    /// <param name="rows">The rows.</param>
    /// <param name="hasPlace">Whether a row has a place.</param>
    public static int Places<T>(IReadOnlyList<T> rows, Func<T, bool> hasPlace) =>
        Math.Min(rows.Count, Math.Max(1, rows.Count(hasPlace)));

    /// <summary>The rows that so many revealed places show.</summary>
    /// <param name="rows">The rows, the first place first, those without a place after all that have one.</param>
    /// <param name="revealed">How many places are revealed, from the last.</param>
    /// <param name="hasPlace">Whether a row has a place.</param>
    public static IReadOnlyList<T> Rows<T>(IReadOnlyList<T> rows, int revealed, Func<T, bool> hasPlace) =>
        revealed >= Places(rows, hasPlace) ? rows : [.. rows.Where(hasPlace).TakeLast(revealed)];
}
