using PluckyRally.Core.Statistics;

namespace PluckyRally.Core.Tests.Statistics;

/// <summary>
/// How often luck alone parts groups as far: counted out by R 4.2.2 (combn and expand.grid, two-sided), beside
/// published data.
/// </summary>
public sealed class PermutationTests
{
    [Fact]
    public void Darwins_maize_as_Fisher_counted_it()
    {
        // R. A. Fisher, The Design of Experiments (1935), section 21: of 32,768 ways, 863 make the sum of the fifteen
        // differences at least as large as 314; as many make it as small.
        double[] maize = [49, -67, 8, 16, 6, 23, 28, 41, 14, 29, 56, 24, 75, 60, -48];
        maize.Sum().ShouldBe(314);
        PermutationTest.Paired(maize).ShouldBe(1726.0 / 32768);
    }

    [Fact]
    public void Cushny_and_Peebles_hours_of_sleep() =>
        PermutationTest
            .Paired([1.2, 2.4, 1.3, 1.3, 0.0, 1.0, 1.8, 0.8, 4.6, 1.4])
            .ShouldBe(4.0 / 1024, "R's own data set sleep");

    [Fact]
    public void Two_groups_dealt_out_in_every_way()
    {
        // The mice of Efron and Tibshirani, An Introduction to the Bootstrap (1993), table 2.1.
        PermutationTest
            .BetweenGroups([
                [94, 197, 16, 38, 99, 141, 23],
                [52, 104, 146, 10, 51, 30, 40, 27, 46],
            ])!
            .Value.ShouldBe(3184.0 / 11440, 1e-12);
        PermutationTest
            .BetweenGroups([
                [30, 32, 34, 31],
                [29, 28, 33, 27],
            ])!
            .Value.ShouldBe(14.0 / 70, 1e-12);
        PermutationTest
            .BetweenGroups([
                [41, 44, 47],
                [28, 30, 32],
            ])!
            .Value.ShouldBe(2.0 / 20, 1e-12);
        PermutationTest
            .BetweenGroups([
                [41, 44, 47],
                [28, 30, 32],
                [35, 39, 36],
            ])!
            .Value.ShouldBe(6.0 / 1680, 1e-12);
    }

    [Fact]
    public void Where_there_are_too_many_ways_as_many_are_drawn_and_the_same_ones_each_time()
    {
        double[] one = [4.81, 4.17, 4.41, 3.59, 5.87, 3.83, 6.03, 4.89, 4.32, 4.69],
            other = [6.31, 5.12, 5.54, 5.50, 5.37, 5.29, 4.92, 6.15, 5.80, 5.26];

        // R's PlantGrowth, trt1 and trt2: the t test of Student gives p = 0.0075; drawn 20,000 times, dealing out comes
        // within a third of it.
        var share = PermutationTest.BetweenGroups([one, other])!.Value;
        share.ShouldBe(0.0075, 0.0025);
        PermutationTest.BetweenGroups([one, other]).ShouldBe(share);
        PermutationTest
            .Paired([.. Enumerable.Repeat(1.0, 40)])
            .ShouldBe(1.0 / 20_000, "the deal that was seen is one of them");
    }

    [Fact]
    public void Nothing_to_deal_says_nothing()
    {
        PermutationTest
            .BetweenGroups([
                [1, 2, 3],
            ])
            .ShouldBeNull();
        PermutationTest
            .BetweenGroups([
                [1],
                [2],
            ])
            .ShouldBeNull();
        PermutationTest
            .BetweenGroups([
                [2, 2],
                [2, 2],
            ])
            .ShouldBeNull();
        PermutationTest.Paired([0, 0]).ShouldBeNull();
    }
}
