using PluckyRally.Core.Checks;
using PluckyRally.Core.Curves;
using PluckyRally.Core.Results;

namespace PluckyRally.Core.Tests.Parts;

public sealed class BudgetTests
{
    private static readonly Part.Budget Store = new()
    {
        Id = "store",
        Name = "Store",
        Money = "shells",
        Funds = 30,
        Prices = [Sample.Price("rod", each: 4, name: "rods"), Sample.Price("tape", each: 2.5m, name: "tape")],
        ReturnPercent = 50,
        Curve = new Curve.Rate(0.5m),
    };

    [Fact]
    public void What_is_left_after_purchases_and_returns()
    {
        var rally = new OnePart(Store);
        rally.Points().ShouldBe(15);
        Buy(rally, "rod", 5);
        Buy(rally, "tape", 2);
        rally.Add(
            new Entry.Returned
            {
                Id = rally.Id(),
                Team = new("A"),
                Part = "store",
                Item = "rod",
                Count = 2,
            }
        );
        rally.Row().Parts[0].ValueText.ShouldBe("9 shells");
        rally.Points().ShouldBe(4.5m);
    }

    [Fact]
    public void More_than_was_bought_cannot_be_given_back()
    {
        var rally = new OnePart(Store);
        Buy(rally, "rod", 1);
        rally
            .Refused(
                new Entry.Returned
                {
                    Id = rally.Id(),
                    Team = new("A"),
                    Part = "store",
                    Item = "rod",
                    Count = 2,
                }
            )
            .ShouldBe(["/count"]);
    }

    [Theory]
    [InlineData(7, StandingStatus.Placed)]
    [InlineData(8, StandingStatus.DidNotPlace)]
    public void Overspending_is_a_rule(int rods, StandingStatus status)
    {
        var rule = new Rule
        {
            Id = "funds",
            Sort = RuleSort.Constraint,
            Text = "Spend no more than 30",
            Check = new RuleCheck.Spending("store"),
            IfMissed = new Consequence.DoesNotPlace(),
        };
        var rally = new OnePart(
            new Brief
            {
                Title = "A brief",
                Rules = [rule],
                Method = new Method { Parts = [Store] },
            }
        );
        Buy(rally, "rod", rods);
        rally.Row().Status.ShouldBe(status);
    }

    private static void Buy(OnePart rally, string item, int count) =>
        rally.Add(
            new Entry.Purchased
            {
                Id = rally.Id(),
                Team = new("A"),
                Part = "store",
                Item = item,
                Count = count,
            }
        );
}
