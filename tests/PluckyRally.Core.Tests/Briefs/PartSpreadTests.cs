using PluckyRally.Core.Curves;

namespace PluckyRally.Core.Tests.Briefs;

/// <summary>What a part can make a difference of between a weak and a strong team, worked out by hand.</summary>
public sealed class PartSpreadTests
{
    public static TheoryData<Curve, decimal, decimal> Curves =>
        new()
        {
            { new Curve.Rate(2, 5), 45, 125 },
            { new Curve.Bands([new(10, 1), new(30, 4), new(50, 9)]), 1, 9 },
            { new Curve.Between(20, 60, 50), 0, 50 },
            { new Curve.Between(60, 20, 50), 0, 50 },
            { new Curve.Place([10, 8, 6]), 0, 10 },
            { new Curve.ShareOfBest(30), 10, 30 },
            { new Curve.Target(30, 20, 1), 0, 20 },
            { new Curve.Raw(), 20, 60 },
        };

    [Theory]
    [MemberData(nameof(Curves))]
    public void Over_what_teams_will_reach(Curve curve, decimal low, decimal high) =>
        Spread(Measured("height", curve)).ShouldBe(new LikelyRange(low, high));

    [Fact]
    public void A_cap_and_a_weight_bite() =>
        Spread(Measured("height", new Curve.Rate(1)) with { Cap = 40, Weight = 0.5m })
            .ShouldBe(new LikelyRange(10, 20));

    [Fact]
    public void An_expression_takes_the_corners() =>
        Spread(Measured("height / sheets", new Curve.Raw())).ShouldBe(new LikelyRange(2, 15));

    [Fact]
    public void A_sum_of_attempts_is_as_often_as_there_are() =>
        Spread(Measured("height", new Curve.Raw()) with { Combine = Combine.Sum }).ShouldBe(new LikelyRange(60, 180));

    [Fact]
    public void Successes_are_counted() =>
        Spread(Measured("height", new Curve.Rate(4)) with { Combine = Combine.Successes })
            .ShouldBe(new LikelyRange(0, 12));

    [Fact]
    public void Nobody_knows_what_nobody_said()
    {
        Spread(Measured("mass", new Curve.Raw())).ShouldBeNull();
        Spread(Measured("height", new Curve.Improvement(1))).ShouldBeNull();
    }

    [Fact]
    public void Parts_with_points_of_their_own_go_from_nothing_to_all()
    {
        Spread(
                new Part.Tasks
                {
                    Id = "p",
                    Name = "p",
                    Items = [Sample.Task("a", "a", points: 3), Sample.Task("b", "b", points: 4)],
                    AllDoneBonus = 2,
                }
            )
            .ShouldBe(new LikelyRange(0, 9));
        Spread(
                new Part.Bins
                {
                    Id = "p",
                    Name = "p",
                    Names = ["x", "y"],
                    Items = [Sample.BinItem("a", "a", bin: "x"), Sample.BinItem("b", "b", bin: "y")],
                    Right = 2,
                    Wrong = -1,
                    AllRightBonus = 3,
                }
            )
            .ShouldBe(new LikelyRange(-2, 7));
        Spread(
                new Part.Ordering
                {
                    Id = "p",
                    Name = "p",
                    Items = [.. "abcd".Select((c, i) => Sample.OrderItem($"{c}", $"{c}", key: i))],
                    PerPair = 1,
                    PerPlace = 0.5m,
                }
            )
            .ShouldBe(new LikelyRange(0, 8));
        Spread(
                new Part.Rubric
                {
                    Id = "p",
                    Name = "p",
                    Criteria =
                    [
                        new()
                        {
                            Id = "a",
                            Name = "a",
                            Levels = [new("low", 2), new("high", 7)],
                        },
                    ],
                }
            )
            .ShouldBe(new LikelyRange(2, 7));
        Spread(
                new Part.Tally
                {
                    Id = "p",
                    Name = "p",
                    Counters = [new() { Id = "a", Name = "a" }],
                }
            )
            .ShouldBeNull();
    }

    private static Part.Measured Measured(string value, Curve curve) => Sample.Part(value, curve);

    private static LikelyRange? Spread(Part part)
    {
        var brief = Sample.Brief(
            [
                Sample.Height() with
                {
                    Expected = new(20, 60),
                },
                Sample.Count("sheets") with
                {
                    Expected = new(4, 10),
                },
                Sample.Number("mass"),
            ],
            [part],
            attempts: 3
        );
        return Sample.Ready(brief).Parts[0].PointsSpread(brief);
    }
}
