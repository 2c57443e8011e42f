
namespace PluckyRally.Core;

/// <summary>Turns several attempts into one value.</summary>
internal static class Combining
{
    /// <summary>Whether a way of combining takes failed attempts, at the failure value.</summary>
    public static bool TakesFailed(Combine combine) =>
        combine is Combine.Worst or Combine.Mean or Combine.Median or Combine.Sum or Combine.First or Combine.Last;

    /// <summary>The combined value of attempts in order of their numbers; at least one.</summary>
    /// <param name="combine">The way.</param>
    /// <param name="better">Which way is better; it does not matter where there is a mark.</param>
    /// <param name="bestOf">How many of the best a mean of the best takes.</param>
    /// <param name="values">The attempts' values.</param>
    /// <param name="mark">The mark of a target curve: under it the nearest value is the best.</param>
    public static Worth Combined(Combine combine, Better better, int bestOf, IReadOnlyList<Worth> values, decimal? mark = null) => combine switch
    {
        Combine.Best or Combine.Worst when mark is not null => values[Used(combine, better, bestOf, values, mark).Single()],
        Combine.Best => Fold(values, better == Better.More ? Arithmetic.Max : Arithmetic.Min),
        Combine.Worst => Fold(values, better == Better.More ? Arithmetic.Min : Arithmetic.Max),
        Combine.Sum => Fold(values, Arithmetic.Plus),
        Combine.Mean => Mean(values),
        Combine.Median => Median(values),
        Combine.First => values[0],
        Combine.Last => values[^1],
        Combine.BestMean => Mean([.. Ordered(values, better, mark).Take(bestOf).Select(i => values[i])]),
        Combine.Successes => new Worth(values.Count),
    };

    /// <summary>Which attempts are used, by their place in the list.</summary>
    public static IReadOnlySet<int> Used(Combine combine, Better better, int bestOf, IReadOnlyList<Worth> values, decimal? mark = null)
    {
        var order = Enumerable.Range(0, values.Count);
        return combine switch
        {
            Combine.Best => [mark is null ? First(values, better) : Ordered(values, better, mark).First()],
            Combine.Worst => [Ordered(values, better, mark).Last()],
            Combine.First => [0],
            Combine.Last => [values.Count - 1],
            Combine.BestMean => [.. Ordered(values, better, mark).Take(bestOf)],
            _ => order.ToHashSet(),
        };
    }

    /// <summary>Joins values from the first on. A loop, since this is done for every part of every draw.</summary>
    private static Worth Fold(IReadOnlyList<Worth> values, Func<Worth, Worth, Worth> join)
    {
        var result = values[0];
        for (var i = 1; i < values.Count; i++) result = join(result, values[i]);
        return result;
    }

    /// <summary>The first of the best.</summary>
    private static int First(IReadOnlyList<Worth> values, Better better)
    {
        var first = 0;
        for (var i = 1; i < values.Count; i++)
        {
            var order = better == Better.More ? values[i].Number.CompareTo(values[first].Number) : values[first].Number.CompareTo(values[i].Number);
            // A number that is worse now stands behind; of equal ones the better bound stands before.
            if (order < 0 || (order == 0 && Preference(values[i].Bound, better) >= Preference(values[first].Bound, better))) continue;
            first = i;
        }

        return first;
    }

    private static IEnumerable<int> Ordered(IReadOnlyList<Worth> values, Better better, decimal? mark) =>
        Enumerable.Range(0, values.Count)
            .OrderBy(i => mark is { } at ? Math.Abs(values[i].Number - at) : better == Better.More ? -values[i].Number : values[i].Number)
            .ThenBy(i => Preference(values[i].Bound, better));

    /// <summary>At equal values: at least before exact before at most where more is better, the other way round where less is.</summary>
    public static int Preference(Bound bound, Better better) => bound switch
    {
        Bound.AtLeast => better == Better.More ? -1 : 1,
        Bound.AtMost => better == Better.More ? 1 : -1,
        _ => 0,
    };

    private static Worth Mean(IReadOnlyList<Worth> values) => Arithmetic.Over(Fold(values, Arithmetic.Plus), new Worth(values.Count));

    private static Worth Median(IReadOnlyList<Worth> values)
    {
        var sorted = values.OrderBy(v => v.Number).ToList();
        var middle = sorted.Count % 2 == 1
            ? sorted[sorted.Count / 2].Number
            : (sorted[(sorted.Count / 2) - 1].Number + sorted[sorted.Count / 2].Number) / 2;

        // A bound moves the median only if the true value could cross it.
        var bound = values
            .Where(v => v.Bound switch
            {
                Bound.AtLeast => v.Number <= middle,
                Bound.AtMost => v.Number >= middle,
                _ => true,
            })
            .Aggregate(Bound.Exact, (so, v) => Bounds.Join(so, v.Bound));
        return new(middle, bound);
    }
}
