using MathNet.Numerics.Statistics;
using PluckyRally.Core.Rehearsals;

namespace PluckyRally.Core.Tests.Rehearsals;

/// <summary>What is drawn, against what is known in closed form.</summary>
public sealed class DrawTests
{
    /// <summary>
    /// Mean and variance of the beta distribution through three points (Operations Research 7, 1959, and λ = 4),
    /// against what is drawn.
    /// </summary>
    [Theory]
    [InlineData(0, 5, 10)]
    [InlineData(2, 3, 12)]
    [InlineData(-4, 9, 10)]
    public void Three_points_have_the_mean_and_the_variance_of_the_formula(int low, int usual, int high)
    {
        var pert = new Pert(low, usual, high);
        pert.Mean.ShouldBe((low + (4.0 * usual) + high) / 6, 1e-12);
        var middles = pert.Quantiles(20_000).Where((_, i) => i % 2 == 1).ToList();
        middles.Mean().ShouldBe(pert.Mean, 0.001 * (high - low));
        middles.PopulationVariance().ShouldBe(pert.Variance, 0.002 * (high - low) * (high - low));
    }

    [Fact]
    public void Three_points_at_one_place_are_that_value() =>
        new Pert(4, 4, 4).Quantiles(4).ShouldBe([4.0, 4, 4, 4, 4]);

    [Fact]
    public void Three_points_are_found_again_from_values_with_their_mean()
    {
        var came = new Pert(2, 3, 12)
            .Quantiles(20_000)
            .Where((_, i) => i % 2 == 1)
            .Append(2)
            .Append(12)
            .Select(v => (decimal)v)
            .ToList();
        var through = Pert.Through(came, 0.001m);
        ((double)through.Usual).ShouldBe(3, 0.1);
        Pert.Through([4, 4, 4], 1).ShouldBe(new(4, 4, 4));
    }

    /// <summary>
    /// A draw hangs on its place alone: a normal distribution over places, and the same at the same place.
    /// </summary>
    [Fact]
    public void Draws_by_place_are_normal_and_independent()
    {
        var chances = new Chances(7);
        var draws = Enumerable.Range(0, 40_000).Select(i => chances.Normal(i / 200, i % 200)).ToList();
        draws.Mean().ShouldBe(0, 4 / Math.Sqrt(draws.Count));
        draws.PopulationVariance().ShouldBe(1, 4 * Math.Sqrt(2.0 / draws.Count));
        Correlation.Pearson(draws.SkipLast(1), draws.Skip(1)).ShouldBe(0, 4 / Math.Sqrt(draws.Count));
        ((double)draws.Count(d => d < -1.959964)).ShouldBe(
            1000,
            4 * Math.Sqrt(1000),
            "a fortieth lies below −1.959964"
        );
        chances.Normal(3, 4).ShouldBe(new Chances(7).Normal(3, 4));
        chances.Normal(3, 4).ShouldNotBe(chances.Normal(4, 3));
    }
}
