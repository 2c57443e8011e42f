using CsCheck;
using PluckyRally.Core.Curves;
using PluckyRally.Core.Kit;

namespace PluckyRally.Core.Tests.Kit;

public sealed class KitTests
{
    private static readonly int[] Seven = [4, 4, 4, 4, 4, 4, 3];

    /// <summary>
    /// 7 teams × 14 + 10% = 107.8, so 108; in packs of 100: 2. Common practice, no source: round up once, at the end.
    /// </summary>
    [Fact]
    public void Totals_are_rounded_up_once_at_the_end()
    {
        var line = Line(
            new()
            {
                Id = "m",
                Name = "straws",
                Amount = 14,
                Spares = 10,
                SparesInPercent = true,
                Pack = 100,
                Price = 2.5m,
            }
        );
        (line.EachTeam, line.Total, line.Packs, line.Over, line.Cost).ShouldBe((14, 108, 2, 92, 5.0m));
    }

    [Theory]
    [InlineData(Per.Team, 70)]
    [InlineData(Per.Member, 270)]
    [InlineData(Per.Attempt, 210)]
    [InlineData(Per.FreshBuild, 210)]
    [InlineData(Per.Class, 10)]
    public void Amounts_are_for_whom_they_say(Per per, decimal total) =>
        Line(Sample.Material("m", "straws", amount: 10, per: per)).Total.ShouldBe(total);

    [Fact]
    public void What_is_in_the_cupboard_is_not_bought_whatever_its_case()
    {
        var line = Line(Sample.Material("m", "Straws", amount: 10, price: 0.1m), new CupboardItem("straws ", "", 64));
        (line.Short, line.Cost).ShouldBe((6, 0.6m));
        Line(Sample.Material("m", "Tape", amount: 10, unit: "cm"), new CupboardItem("tape", "", 100))
            .InCupboard.ShouldBe(0);
    }

    [Theory]
    [InlineData(0, 0)]
    [InlineData(0.5, 4)]
    public void Nothing_and_parts_of_a_piece(decimal amount, decimal total) =>
        Line(Sample.Material("m", "apples", amount: amount)).Total.ShouldBe(total);

    [Fact]
    public void Continuous_amounts_are_not_rounded() =>
        Line(Sample.Material("m", "tape", amount: 0.45m, unit: "m")).Total.ShouldBe(3.15m);

    [Fact]
    public void What_has_no_limit_has_no_total() => Line(new() { Id = "m", Name = "water" }).Total.ShouldBeNull();

    [Fact]
    public void No_teams_need_nothing() =>
        KitList
            .Of(Brief(Sample.Material("m", "straws", amount: 10, price: 1)), Array.Empty<int>(), [])
            .ShouldSatisfyAllConditions(k => k.Cost.ShouldBe(0), k => k.CostEachTeam.ShouldBe(0));

    /// <summary>
    /// Expected 240, rolls of 50: 2 rolls, then steps of 12: 14 placements to reach 240 or just past it.
    /// </summary>
    [Fact]
    public void Rolls_first_then_small_steps()
    {
        var plan = LoadingPlan.Of(240, roll: 50).OrThrow();
        (plan.Rolls, plan.Step, plan.Placements.Count).ShouldBe((2, 12, 14));
        plan.Placements.Take(4).ShouldBe([50, 100, 112, 124]);
        plan.Placements[^1].ShouldBe(244);
        (plan.Pieces, plan.Loose).ShouldBe((288, 188));
    }

    [Fact]
    public void A_roll_that_would_reach_the_share_is_not_laid() =>
        LoadingPlan.Of(100, roll: 30).OrThrow().Rolls.ShouldBe(1);

    [Fact]
    public void A_step_is_at_least_one_piece() =>
        LoadingPlan.Of(7).OrThrow().Placements.ShouldBe([1, 2, 3, 4, 5, 6, 7]);

    [Fact]
    public void One_piece_at_a_time_is_a_number_and_no_share()
    {
        var plan = LoadingPlan.Of(90, roll: 40, each: 1, seconds: 2).OrThrow();
        (plan.Rolls, plan.Step, plan.Placements.Count, plan.Minutes).ShouldBe((1, 1, 51, 1.7m));
    }

    /// <summary>
    /// 24 to spend at 5 each buys 4; what costs nothing, and what the brief names an amount of, is not counted by
    /// funds.
    /// </summary>
    [Fact]
    public void What_is_sold_is_counted_by_what_a_team_can_buy()
    {
        Part.Budget shop = new()
        {
            Id = "shop",
            Name = "Shop",
            Funds = 24,
            Curve = new Curve.Raw(),
            Prices =
            [
                Sample.Price("wool", each: 5, material: "a"),
                Sample.Price("w", each: 0, material: "w"),
                Sample.Price("foil", each: 4, material: "foil"),
            ],
        };
        var brief = Brief(new() { Id = "a", Name = "Ball of wool" });
        IReadOnlyList<Material> sold =
        [
            .. brief.Materials,
            new() { Id = "w", Name = "water" },
            Sample.Material("foil", "foil", amount: 3),
        ];
        var lines = KitList
            .Of(brief with { Materials = sold, Method = brief.Method with { Parts = [shop] } }, [4, 4], [])
            .Lines;
        lines
            .Select(l => (l.EachTeam, l.Total, l.ByFunds))
            .ShouldBe([(4, 8, true), (null, null, false), (3, 6, false)]);
    }

    [Fact]
    public void A_load_of_nothing_is_refused_by_name() =>
        LoadingPlan.Of(0, roll: -1).Problems.Select(p => p.At).ShouldBe(["/expected", "/roll"]);

    private static readonly BagItem[] Stock =
    [
        new("string", "joining", 6, 1),
        new("clips", "joining", 12, 2),
        new("foil", "covering", 9, 3),
        new("net", "covering", 3, 1),
        new("sticks", "stiffening", 20, 1),
    ];

    [Fact]
    public void Bags_hold_equal_numbers_of_pieces_and_never_more_than_there_is()
    {
        var bags = Draws
            .Bags(
                Stock,
                [new("joining", 2, 4), new("covering", 2, 2), new("stiffening", 3, 4)],
                [new("A"), new("B"), new("C"), new("D"), new("E")],
                same: false,
                spread: 2,
                seed: 7
            )
            .OrThrow();
        bags.Select(b => b.Items.Count).Distinct().ShouldHaveSingleItem();
        (bags.Max(b => b.Value) - bags.Min(b => b.Value)).ShouldBeLessThanOrEqualTo(2);
        foreach (var item in Stock)
            bags.Sum(b => b.Items.Count(i => i == item.Name)).ShouldBeLessThanOrEqualTo(item.Count);
    }

    [Fact]
    public void The_same_seed_draws_the_same_and_another_seed_something_else()
    {
        IReadOnlyList<Bag> Draw(int seed) =>
            Draws
                .Bags(
                    Stock,
                    [new("joining", 2, 2), new("covering", 2, 2)],
                    [new("A"), new("B"), new("C")],
                    same: false,
                    spread: 9,
                    seed
                )
                .OrThrow();
        Draw(1).Select(b => string.Join(",", b.Items)).ShouldBe(Draw(1).Select(b => string.Join(",", b.Items)));
        Enumerable
            .Range(1, 20)
            .Select(s => string.Join(";", Draw(s).Select(b => string.Join(",", b.Items))))
            .Distinct()
            .Count()
            .ShouldBeGreaterThan(3);
    }

    [Fact]
    public void Bags_for_all_can_be_the_same() =>
        Draws
            .Bags(
                Stock,
                [new("joining", 2, 2), new("covering", 1, 1)],
                [new("A"), new("B"), new("C")],
                same: true,
                spread: 0,
                seed: 3
            )
            .OrThrow()
            .Select(b => string.Join(",", b.Items))
            .Distinct()
            .ShouldHaveSingleItem();

    [Fact]
    public void Too_little_stock_is_said_by_category() =>
        Draws
            .Bags(Stock, [new("covering", 5, 5)], [new("A"), new("B"), new("C")], same: false, spread: 0, seed: 3)
            .Problems.ShouldHaveSingleItem()
            .What.ShouldBe("There are 12 of “covering”, and 3 bags need 15.");

    [Theory]
    [InlineData(null)]
    [InlineData(0)]
    public void Bags_with_nothing_in_them_are_not_drawn(int? most) =>
        Draws
            .Bags(
                Stock,
                most is { } n ? [new("covering", 0, n)] : [],
                [new("A"), new("B")],
                same: false,
                spread: 0,
                seed: 3
            )
            .Problems.ShouldHaveSingleItem()
            .At.ShouldBe("/shares");

    private static KitLine Line(Material material, params CupboardItem[] cupboard) =>
        KitList.Of(Brief(material), Seven, cupboard).Lines.ShouldHaveSingleItem();

    private static Brief Brief(Material material) =>
        Sample.Simple(3) with
        {
            Materials = [material],
            Trials = new Trials { Attempts = 3, FreshBuilds = 2 },
        };

    [Fact]
    public void Things_to_be_sorted_stand_in_one_drawn_order_that_is_never_the_keys()
    {
        foreach (var count in Enumerable.Range(2, 30))
        {
            var key = Enumerable.Range(1, count).ToList();
            foreach (var part in new[] { "trays", "bins", "mass", "p" })
            {
                var drawn = Draws.OffTheKey(part, key);
                drawn.ShouldBe(key, ignoreOrder: true);
                drawn.SequenceEqual(key).ShouldBeFalse($"{part}, {count} things");
                Draws.OffTheKey(part, key).ShouldBe(drawn);
            }
        }
    }

    [Theory]
    [InlineData("3 rolls of 50 + 12", "", 162)]
    [InlineData("3 rolls of 50 and 12 loose", "", 162)]
    [InlineData("2 x 40", "", 80)]
    [InlineData("2 × 40 + 5 corks", "corks", 85)]
    [InlineData("1 box of 100", "", 100)]
    public void Rolls_beside_what_is_loose_are_one_number(string typed, string unit, int amount) =>
        CupboardItem.Read("Corks", unit.Length == 0 ? "" : null, typed).OrThrow().ShouldBe(new("Corks", unit, amount));

    [Theory]
    [InlineData("3 rolls of")]
    [InlineData("3 rolls of 50 + a few")]
    [InlineData("+ 12")]
    public void What_is_no_number_is_refused_with_what_would_do(string typed) =>
        CupboardItem
            .Read("Corks", "", typed)
            .Problems.ShouldHaveSingleItem()
            .Remedy.ShouldContain("3 rolls of 50 + 12");
}
