namespace PluckyRally.Core.Statistics;

/// <summary>
/// How often luck alone would part groups as far as they are: of all the ways of dealing the same values out again, the
/// share in which they are parted at least as far (R. A. Fisher, The Design of Experiments, 1935, section 21). No curve
/// is taken for granted.
/// </summary>
public static class PermutationTest
{
    /// <summary>
    /// So many deals are looked at one by one; beyond that, as many are drawn, and fewer of very many values.
    /// </summary>
    private const int MostDeals = 20_000,
        FewestDraws = 2_000,
        ValuesDealt = 1_000_000;

    /// <summary>Two sums that differ by less are the same.</summary>
    private const double Same = 1e-9;

    /// <summary>
    /// Groups of different things. How far they are parted is the sum of squares between them; for two groups that
    /// orders deals as the difference of their means does.
    /// </summary>
    /// <returns>
    /// The share, above 0 and at most 1; null where there is nothing to deal: fewer than two groups, or all values the
    /// same.
    /// </returns>
    public static double? BetweenGroups(IReadOnlyList<IReadOnlyList<double>> groups)
    {
        if (groups.Count < 2 || groups.Any(g => g.Count == 0))
            return null;
        var values = groups.SelectMany(g => g).ToArray();
        if (values.Length == groups.Count || values.Distinct().Count() < 2)
            return null;
        var mean = values.Average();
        for (var i = 0; i < values.Length; i++)
            values[i] -= mean;
        var sizes = groups.Select(g => g.Count).ToArray();
        var least = Parted(values, sizes) * (1 - Same);
        if (Deals(sizes) <= MostDeals)
        {
            var (all, far) = (0, 0);
            Deal(values, sizes, new double[sizes.Length], [.. sizes], 0, sums =>
            {
                all++;
                if (Between(sums, sizes) >= least)
                    far++;
            });
            return (double)far / all;
        }

        var draw = new Random(Seed);
        return Drawn(values.Length, () =>
        {
            draw.Shuffle(values);
            return Parted(values, sizes) >= least;
        });
    }

    /// <summary>The same things twice: each difference could as well have been the other way round.</summary>
    /// <returns>The share, above 0 and at most 1; null where no pair differs.</returns>
    public static double? Paired(IReadOnlyList<double> differences)
    {
        var real = differences.Where(d => d != 0).ToArray();
        if (real.Length == 0)
            return null;
        var least = Math.Abs(real.Sum()) * (1 - Same);
        if (real.Length < 31 && 1 << real.Length <= MostDeals * 2)
        {
            var far = Enumerable
                .Range(0, 1 << real.Length)
                .Count(signs => Math.Abs(real.Select((d, i) => (signs >> i & 1) == 1 ? -d : d).Sum()) >= least);
            return (double)far / (1 << real.Length);
        }

        var draw = new Random(Seed);
        return Drawn(real.Length, () => Math.Abs(real.Sum(d => draw.Next(2) == 0 ? d : -d)) >= least);
    }

    private const int Seed = 20_261_127;

    /// <summary>
    /// The deal that was seen is one of them, so that the share is never 0 (Phipson and Smyth, 2010).
    /// </summary>
    private static double Drawn(int values, Func<bool> far)
    {
        var draws = Math.Clamp(ValuesDealt / values, FewestDraws, MostDeals);
        return (1.0 + Enumerable.Range(1, draws - 1).Count(_ => far())) / draws;
    }

    private static double Parted(double[] values, int[] sizes)
    {
        var (sums, at) = (new double[sizes.Length], 0);
        for (var group = 0; group < sizes.Length; group++)
        for (var i = 0; i < sizes[group]; i++)
            sums[group] += values[at++];
        return Between(sums, sizes);
    }

    private static double Between(double[] sums, int[] sizes) =>
        sums.Select((sum, group) => sum * sum / sizes[group]).Sum();

    /// <summary>In how many ways the values can be dealt out, as far as that matters.</summary>
    private static double Deals(int[] sizes)
    {
        var (deals, left) = (1.0, sizes.Sum());
        foreach (var size in sizes)
            for (var i = 1; i <= size; i++)
                deals *= (double)left-- / i;
        return Math.Round(deals);
    }

    private static void Deal(double[] values, int[] sizes, double[] sums, int[] room, int at, Action<double[]> done)
    {
        if (at == values.Length)
        {
            done(sums);
            return;
        }

        for (var group = 0; group < sizes.Length; group++)
        {
            if (room[group] == 0)
                continue;
            var before = sums[group];
            room[group]--;
            sums[group] += values[at];
            Deal(values, sizes, sums, room, at + 1, done);
            sums[group] = before;
            room[group]++;
        }
    }
}
