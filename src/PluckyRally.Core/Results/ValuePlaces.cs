using PluckyRally.Core.Readings;

namespace PluckyRally.Core.Results;

/// <summary>
/// Puts teams in the order of one value. What the class sees decides: equal values with equal bounds share a place.
/// </summary>
internal static class ValuePlaces
{
    /// <summary>The order of values.</summary>
    /// <param name="better">Which way is better.</param>
    /// <param name="values">The values as they are compared.</param>
    /// <param name="name">What stands in order where values are equal.</param>
    /// <returns>
    /// The best first, each with its place from 1; those without a value last, in the order in which they came, without
    /// a place.
    /// </returns>
    public static IReadOnlyList<(T Of, BoundedValue Value, int? Place)> Order<T>(
        Better better,
        IReadOnlyList<(T Of, BoundedValue Value)> values,
        Func<T, string> name
    )
    {
        var known = values
            .Where(v => v.Value.HasValue)
            .OrderBy(v => v.Value, Comparer<BoundedValue>.Create((one, other) => Ranking.Towards(better, one, other)))
            .ThenBy(v => name(v.Of), StringComparer.Ordinal)
            .ToList();
        var placed = new List<(T, BoundedValue, int?)>();
        for (var (at, place) = (0, 1); at < known.Count; at++)
        {
            if (at > 0 && Ranking.Towards(better, known[at - 1].Value, known[at].Value) != 0)
                place = at + 1;
            placed.Add((known[at].Of, known[at].Value, place));
        }

        return [.. placed, .. values.Where(v => !v.Value.HasValue).Select(v => (v.Of, v.Value, (int?)null))];
    }
}
