using PluckyRally.Core.Curves;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Results;

namespace PluckyRally.Core.Tests.Parts;

/// <summary>A price that is changed while the rally is run: from when it holds, and what was bought before.</summary>
public sealed class ChangedPriceTests
{
    private static readonly Brief Brief = new()
    {
        Title = "A pier of rods",
        Method = new Method
        {
            Parts =
            [
                new Part.Budget
                {
                    Id = "shop",
                    Name = "Shop",
                    Money = "shells",
                    Funds = 40,
                    ReturnPercent = 50,
                    Curve = new Curve.Rate(1),
                    Prices = [Sample.Price("rod", each: 4, name: "rods")],
                },
            ],
        },
    };

    private int _count;
    private OpenedRally _rally = OpenedRally
        .Open(
            new Rally
            {
                Name = "A class",
                Edition = new Edition { Brief = Brief },
                Teams = [new Team { Id = new("a"), Name = "A" }],
            }
        )
        .OrThrow();

    /// <summary>2 × 4 and 1 × 6 from now on is 14; 3 × 6 from the beginning is 18.</summary>
    [Theory]
    [InlineData(true, 26)]
    [InlineData(false, 22)]
    public void A_mended_price_holds_from_then_on_or_for_everything(bool fromNow, int left)
    {
        Buy(2);
        Change(6, fromNow);
        Buy(1);
        Left.ShouldBe(left);
    }

    /// <summary>What a device showed rightly is the brief’s, and is changed with it; another price stands.</summary>
    [Theory]
    [InlineData(null, 4, 34)]
    [InlineData(0, 4, 34)]
    [InlineData(null, 3, 37)]
    public void What_was_shown_rightly_is_mended_too(int? knows, int shown, int left)
    {
        Add(
            new Entry.Purchased
            {
                Id = Id(),
                Team = new("a"),
                Part = "shop",
                Item = "rod",
                Each = shown,
                EditionAsOf = knows,
            }
        );
        Change(6, fromNow: false);
        Left.ShouldBe(left);
    }

    /// <summary>Changed to 6 from now on, then to 5 for everything: what cost 4 and what cost 6 costs 5.</summary>
    [Fact]
    public void The_last_word_on_everything_outweighs_what_held_from_some_time_on()
    {
        Buy(1);
        Change(6, fromNow: true);
        Buy(1);
        Change(5, fromNow: false);
        Left.ShouldBe(30);
    }

    [Fact]
    public void What_was_mended_for_everything_and_struck_out_costs_what_it_cost()
    {
        Buy(2);
        var changed = Change(6, fromNow: false);
        Left.ShouldBe(28);
        Add(
            new Entry.StruckOut
            {
                Id = Id(),
                Entry = changed,
                Reason = "by mistake",
            }
        );
        Left.ShouldBe(32);
    }

    /// <summary>The last one bought, for 6, comes back first: half of 6, then half of 4.</summary>
    [Fact]
    public void What_was_bought_last_is_given_back_first_at_its_own_price()
    {
        Buy(1);
        Change(6, fromNow: true);
        Buy(1);
        GiveBack(1);
        Left.ShouldBe(40 - 10 + 3);
        GiveBack(1);
        Left.ShouldBe(40 - 10 + 3 + 2);
    }

    /// <summary>The same money whichever came first: between two purchases only the first can be given back.</summary>
    [Fact]
    public void What_was_given_back_before_the_price_rose_returns_what_it_had_cost()
    {
        Buy(1);
        GiveBack(1);
        Change(6, fromNow: true);
        Buy(1);
        Left.ShouldBe(40 - 4 + 2 - 6);
    }

    [Fact]
    public void Looking_at_a_mended_price_counts_money_and_asks_from_when()
    {
        Buy(2);
        var seen = ChangePreview.Of(_rally, Changed(6, fromNow: false)).OrThrow();
        seen.ChangesPrices.ShouldBeTrue();
        var row = seen.Rounds.ShouldHaveSingleItem().Rows.ShouldHaveSingleItem();
        row.Before.ShouldBe("finished, 32.0; spent 8 shells");
        row.After.ShouldBe("finished, 28.0; spent 12 shells");
        var fromNow = ChangePreview.Of(_rally, Changed(6, fromNow: true)).OrThrow();
        fromNow.ChangesPrices.ShouldBeTrue("it is still asked");
        fromNow.Rounds.ShouldBeEmpty();
    }

    private EntryId Id() => new(new Guid(++_count, 0, 0x7000, 0x80, 0, 0, 0, 0, 0, 0, 4));

    private decimal? Left => _rally.Result(1).Teams[0].Total;

    private EntryId Add(Entry entry)
    {
        _rally = _rally.With(Recorder.Accept(_rally, entry).OrThrow()).OrThrow();
        return entry.Id;
    }

    private Entry.BriefMended Changed(decimal each, bool fromNow)
    {
        var now = _rally.BriefOf(1);
        var shop = (Part.Budget)now.Method.Parts[0];
        return new()
        {
            Id = Id(),
            Changes = Core.Briefs.BriefChanges.Between(
                now,
                now with
                {
                    Method = now.Method with { Parts = [shop with { Prices = [shop.Prices[0] with { Each = each }] }] },
                }
            ),
            PricesFromNow = fromNow,
            Reason = "rods are rare",
        };
    }

    private EntryId Change(decimal each, bool fromNow) => Add(Changed(each, fromNow));

    private void Buy(int count) =>
        Add(
            new Entry.Purchased
            {
                Id = Id(),
                Team = new("a"),
                Part = "shop",
                Item = "rod",
                Count = count,
            }
        );

    private void GiveBack(int count) =>
        Add(
            new Entry.Returned
            {
                Id = Id(),
                Team = new("a"),
                Part = "shop",
                Item = "rod",
                Count = count,
            }
        );
}
