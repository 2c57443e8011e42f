using System.Numerics;
using PluckyRally.Core.Checks;
using PluckyRally.Core.Figures;

namespace PluckyRally.Core.Tests.Figures;

/// <summary>
/// What several readings allow, some of them bounds, is the hull of what every set of true values gives: tried out by
/// giving them all. And a half is a half however it came about, by exact fractions.
/// </summary>
public sealed class TightBoundsTests
{
    /// <summary>Farther than any true value that is tried; what reaches it has no end.</summary>
    private const decimal Far = 1000;

    private static readonly decimal[] Whole = [0, 1, 2, 3, 4, 5];

    private static readonly BoundedValue[] Readings =
    [
        .. from number in new[] { 1m, 2m, 4m }
        from bound in new[] { Bound.Exact, Bound.AtLeast, Bound.AtMost }
        select new BoundedValue(number, bound),
    ];

    [Theory]
    [InlineData(Combine.Best)]
    [InlineData(Combine.Worst)]
    [InlineData(Combine.Mean)]
    [InlineData(Combine.Median)]
    [InlineData(Combine.Sum)]
    [InlineData(Combine.BestMean)]
    [InlineData(Combine.Range)]
    public void A_bound_is_the_hull_of_what_the_readings_allow(Combine combine)
    {
        foreach (var better in Enum.GetValues<Better>())
        {
            var way = new Way(combine, better, BestOf: combine == Combine.BestMean ? 2 : 1);
            foreach (var values in Sets(Readings, combine == Combine.BestMean ? 2 : 1, 3))
            {
                var all = Sets([.. values.Select(True)]).Select(t => way.Combined(t).Number).ToList();
                decimal? low = all.Min() < -Far / 10 ? null : all.Min();
                decimal? high = all.Max() > Far / 10 ? null : all.Max();
                var said = way.Combined(values);
                var holds = (low, high, said.Bound) switch
                {
                    (null, null, Bound.Unclear) => true,
                    ({ } least, null, Bound.AtLeast) => said.Number == least,
                    (null, { } most, Bound.AtMost) => said.Number == most,
                    ({ } least, { } most, Bound.Exact) => least == most && said.Number == least,

                    // Of two ends that differ one can be said, or none.
                    ({ } least, { } most, Bound.AtLeast) => least < most && said.Number == least,
                    ({ } least, { } most, Bound.AtMost) => least < most && said.Number == most,
                    ({ } least, { } most, Bound.Unclear) => least < most,
                    _ => false,
                };
                holds.ShouldBeTrue(
                    $"{better} {string.Join(", ", values.Select(v => $"{v.Bound} {v.Number}"))}: {said.Bound} "
                        + $"{said.Number}, really from {low} to {high}"
                );
            }
        }
    }

    /// <summary>Means by thirds, sevenths and ninths, times a factor, against exact fractions.</summary>
    [Fact]
    public void A_half_is_a_half_however_it_came_about()
    {
        var random = new Random(20261128);
        var halves = 0;
        for (var draw = 0; draw < 10_000; draw++)
        {
            var readings = Enumerable
                .Range(0, new[] { 3, 7, 9 }[random.Next(3)])
                .Select(_ => random.Next(-500, 2000))
                .ToList();
            var (tenths, decimals) = (random.Next(1, 100), random.Next(3));
            var mean = new Way(Combine.Mean, Better.More)
                .Combined([.. readings.Select(r => new BoundedValue(r / 10m))])
                .Number;

            // The readings are tenths, and so is the factor.
            var (over, under) = (
                new BigInteger(readings.Sum()) * tenths * BigInteger.Pow(10, decimals),
                new BigInteger(readings.Count * 100)
            );
            var whole = BigInteger.Abs(over) * 2 / under;
            var rounded = BigInteger.DivRem(whole + 1, 2, out _) * over.Sign;
            if (BigInteger.Abs(over) * 2 % under == 0 && !whole.IsEven)
                halves++;
            Rounding
                .ToDecimals(mean * (tenths / 10m), decimals)
                .ShouldBe((decimal)rounded / (decimal)Math.Pow(10, decimals), $"{over}/{under}");
        }

        halves.ShouldBeGreaterThan(100);
    }

    [Fact]
    public void A_limit_that_is_met_through_a_third_is_met()
    {
        var third = new Way(Combine.Mean, Better.More).Combined([new(10), new(10), new(11)]).Number;
        RulePlan.Limit.Excess(Comparison.AtMost, third * 3, 31, 0).ShouldBeNull();
        RulePlan.Limit.Excess(Comparison.Exactly, third * 3, 31, 0).ShouldBeNull();
        RulePlan.Limit.Excess(Comparison.MoreThan, third * 3, 31, 0).ShouldBe(0);
    }

    private static IReadOnlyList<decimal> True(BoundedValue value) =>
        value.Bound switch
        {
            Bound.AtLeast => [.. Whole.Where(n => n >= value.Number), Far],
            Bound.AtMost => [.. Whole.Where(n => n <= value.Number), -Far],
            _ => [value.Number],
        };

    private static IEnumerable<IReadOnlyList<BoundedValue>> Sets(BoundedValue[] from, int least, int most) =>
        Enumerable.Range(least, most - least + 1).SelectMany(n => Sets([.. Enumerable.Repeat(from, n)]));

    private static IEnumerable<IReadOnlyList<BoundedValue>> Sets(IReadOnlyList<IReadOnlyList<decimal>> choices) =>
        Sets([.. choices.Select(c => c.Select(n => new BoundedValue(n)).ToArray())]);

    private static IEnumerable<IReadOnlyList<BoundedValue>> Sets(BoundedValue[][] choices) =>
        choices.Aggregate(
            (IEnumerable<IReadOnlyList<BoundedValue>>)
                [
                    [],
                ],
            (sets, choice) => sets.SelectMany(set => choice.Select(c => (IReadOnlyList<BoundedValue>)[.. set, c]))
        );
}
