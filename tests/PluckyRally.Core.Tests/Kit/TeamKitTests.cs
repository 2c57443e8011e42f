using PluckyRally.Core.Ids;
using PluckyRally.Core.Kit;
using PluckyRally.Core.Route;

namespace PluckyRally.Core.Tests.Kit;

/// <summary>Kits that are counted out and back, and what that means for the cupboard.</summary>
public sealed class TeamKitTests
{
    private static readonly Brief Brief = Sample.Simple() with
    {
        Materials =
        [
            Sample.Material("straws", "straws", amount: 12),
            Sample.Material("scissors", "scissors", amount: 2, category: "tool", reusable: true),
            Sample.Material("tape", "tape", amount: 5, unit: "cm", per: Per.Member),
            Sample.Material("nuts", "nuts", amount: 30, category: "weight", per: Per.Class),
        ],
    };

    private readonly Happening _class = new(Brief, "Able", "Bold");

    [Fact]
    public void What_is_due_is_what_the_brief_gives_the_team()
    {
        var kit = Kits()[0];
        kit.Lines.Select(l => (l.Material, l.Due))
            .ShouldBe([("straws", 12m), ("scissors", 2m), ("tape", 20m)], "the weights stay at the test");
        kit.Says.ShouldBe("Not counted out yet.");
        (kit.OutBy, kit.BackBy).ShouldBe((null, null));
    }

    [Fact]
    public void A_team_that_gets_nothing_has_nothing_to_count_out()
    {
        var none = new Happening(Sample.Simple(), "Able");
        var kit = TeamKit.Of(RunRound.Alike(none.Compiled, none.Teams, 1), none.Stands)[0];
        (kit.Lines.Count, kit.Says).ShouldBe((0, "Nothing to count out."));
    }

    [Fact]
    public void What_does_not_come_back_is_missing_and_what_is_used_up_is_not()
    {
        Count("Able", KitWay.Out, "Wren", ("straws", 11), ("scissors", 2), ("tape", 20));
        Kits()[0].Says.ShouldBe("Counted out, with 11 straws in place of 12.");
        Kits()[0].Lines.Select(l => l.DueBack).ShouldBe([0, 2, 0]);
        Count("Able", KitWay.Back, "Torin", ("straws", 3), ("scissors", 1), ("tape", 0));
        var kit = Kits()[0];
        kit.Says.ShouldBe("Missing: 1 pair of scissors.");
        kit.Lines.Select(l => l.Missing).ShouldBe([0, 1, 0]);
        (kit.OutBy, kit.BackBy).ShouldBe(("Wren", "Torin"));
        Kits()[1].OutBy.ShouldBeNull();
    }

    [Fact]
    public void The_last_count_stands_and_one_struck_out_does_not()
    {
        Count("Able", KitWay.Out, "Wren", ("scissors", 1));
        var second = Count("Able", KitWay.Out, "Wren", ("scissors", 2));
        Kits()[0].Lines[1].Out.ShouldBe(2);
        _class.Strike(second);
        Kits()[0].Lines[1].Out.ShouldBe(1);
    }

    [Theory]
    [InlineData("lanterns", 1, "/amounts/lanterns")]
    [InlineData("straws", -1, "/amounts/straws")]
    public void What_cannot_be_counted_is_refused(string material, decimal amount, string at) =>
        _class
            .Offer(Counted("Able", KitWay.Out, "", (material, amount)))
            .Problems.ShouldHaveSingleItem()
            .At.ShouldBe(at);

    [Fact]
    public void Nothing_counted_and_no_team_are_refused()
    {
        _class.Offer(Counted("Able", KitWay.Out, "")).Problems.ShouldHaveSingleItem().At.ShouldBe("/amounts");
        _class
            .Offer(Counted("Nobody", KitWay.Out, "", ("straws", 1)))
            .Problems.ShouldHaveSingleItem()
            .At.ShouldBe("/team");
    }

    [Fact]
    public void Counting_a_kit_is_no_score()
    {
        Count("Able", KitWay.Out, "", ("straws", 12));
        Bunting
            .OfRally(OpenedRally.Open(_class.Rally).OrThrow(), 1)
            .ShouldSatisfyAllConditions(
                r =>
                    r.Single(p => p.Station == Station.Kit)
                        .ShouldSatisfyAllConditions(
                            p => p.Readiness.ShouldBe(Readiness.InProgress),
                            p => p.Missing.ShouldBe(1)
                        ),
                r => r.Single(p => p.Station == Station.Score).Readiness.ShouldBe(Readiness.NotStarted)
            );
        Count("Bold", KitWay.Out, "", ("straws", 12));
        Count("Able", KitWay.Back, "", ("scissors", 2));
        Count("Bold", KitWay.Back, "", ("scissors", 2));
        Bunting
            .OfRally(OpenedRally.Open(_class.Rally).OrThrow(), 1)
            .Single(p => p.Station == Station.Kit)
            .Next.ShouldBe("All kits are back and whole.");
    }

    [Fact]
    public void The_cupboard_gives_what_there_is_and_gets_back_what_was_counted()
    {
        IReadOnlyList<CupboardItem> cupboard =
        [
            new("straws", "", 20),
            new("scissors", "", 9),
            new("tape", "cm", 100),
            new("nuts", "", 30),
        ];
        var taken = Stock.ToTake(KitList.Of(Brief, [4, 4], cupboard), cupboard);
        taken.ShouldBe([new("straws", "", 20), new("scissors", "", 4), new("tape", "cm", 40), new("nuts", "", 30)]);

        Stock
            .ToBringBack(taken, Brief, Kits())
            .Select(i => i.Amount)
            .ShouldBe([0, 4, 0, 30], "nothing counted: what is reusable, and the weights");
        Count("Able", KitWay.Out, "", ("straws", 12), ("scissors", 2), ("tape", 20));
        Count("Able", KitWay.Back, "", ("straws", 2), ("scissors", 1), ("tape", 5));
        Count("Bold", KitWay.Out, "", ("straws", 8), ("scissors", 2), ("tape", 20));
        Count("Bold", KitWay.Back, "", ("straws", 0), ("scissors", 2), ("tape", 0));
        Stock.ToBringBack(taken, Brief, Kits()).Select(i => i.Amount).ShouldBe([2, 3, 5, 30]);
    }

    private IReadOnlyList<TeamKit> Kits() =>
        TeamKit.Of(RunRound.Alike(_class.Compiled, _class.Teams, 1), _class.Stands);

    private EntryId Count(string team, KitWay way, string by, params (string Material, decimal Amount)[] amounts) =>
        _class.Keep(Counted(team, way, by, amounts));

    private Entry.KitCounted Counted(
        string team,
        KitWay way,
        string by,
        params (string Material, decimal Amount)[] amounts
    ) =>
        new()
        {
            Id = _class.NextId(),
            Team = new(team.ToLowerInvariant()),
            Way = way,
            SignedBy = by,
            Amounts = [.. amounts.Select(a => new KitAmount(a.Material, a.Amount))],
        };
}
