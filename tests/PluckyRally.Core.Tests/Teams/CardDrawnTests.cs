using PluckyRally.Core.Checks;
using PluckyRally.Core.Curves;
using PluckyRally.Core.Files;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Kit;
using PluckyRally.Core.Parts;
using PluckyRally.Core.Results;
using PluckyRally.Core.Run;
using PluckyRally.Core.Teams;
using PluckyRally.Core.Time;

namespace PluckyRally.Core.Tests.Teams;

/// <summary>Cards that are drawn in the lesson: what they change, from when, for whom and for how long.</summary>
public sealed class CardDrawnTests
{
    private static readonly Part.Budget Shop = new()
    {
        Id = "shop",
        Name = "Shop",
        Money = "shells",
        Funds = 40,
        Curve = new Curve.Rate(1),
        Prices = [Sample.Price("rod", each: 4, material: "rods"), Sample.Price("tip", each: 3, name: "advice")],
    };

    private static readonly Brief Brief = new()
    {
        Title = "A pier of rods",
        Materials = [Sample.Material("rods", "rods", amount: 2, category: "stiffening")],
        Method = new Method { Parts = [Shop] },
        Deals =
        [
            new()
            {
                Id = "news",
                Name = "News",
                Drawn = DealtWhen.InLesson,
                Cards =
                [
                    Card("dear", new CardEffect.Price("shop", "rod", PriceChange.Times, 2)) with
                    {
                        For = CardFor.All,
                    },
                    Card("cheap", new CardEffect.Price("shop", "rod", PriceChange.By, -3)) with
                    {
                        Lasts = CardLasts.Once,
                    },
                    Card("none", new CardEffect.Forbids("rods")),
                    Card("gift", new CardEffect.Gives("rods", 3), new CardEffect.Points(2)),
                    Card("fine", new CardEffect.Points(-1.5m)) with
                    {
                        Lasts = CardLasts.Once,
                    },
                    Card("time", new CardEffect.Minutes(-2)) with
                    {
                        For = CardFor.All,
                    },
                ],
            },
        ],
        Timing = new Timing { Phases = [Sample.Phase("build", PhaseKind.Build, minutes: 20)] },
    };

    private static readonly DateTimeOffset Begun = new(2026, 11, 2, 9, 0, 0, TimeSpan.Zero);

    private readonly List<Guid> _ids = [];
    private OpenedRally _rally = OpenedRally
        .Open(
            new Rally
            {
                Name = "A class",
                Edition = new Edition { Brief = Brief },
                Teams = [Team("a"), Team("b")],
            }
        )
        .OrThrow();

    /// <summary>Twice 4 is 8 from the card on; what was bought before keeps its 4: 40 − 4 − 8 is 28.</summary>
    [Fact]
    public void A_price_changes_for_all_from_when_its_card_is_drawn()
    {
        Buy("a", 1);
        Draw("", "dear");
        Buy("a", 1);
        Left("a").ShouldBe(28);
        Left("b").ShouldBe(40);
        Why("a")
            .ShouldBe([
                "Rods: 1 × 4 shells = 4 shells.",
                "Rods: 1 × 8 shells = 8 shells, because of the card “dear”.",
                "Spent 12 of 40 shells, 28 shells left.",
            ]);
        Strike(1);
        Left("a").ShouldBe(32, "a card that is struck out was never drawn");
    }

    /// <summary>By 3 less, once: 3 × 1, then 1 × 4.</summary>
    [Fact]
    public void A_card_for_once_holds_for_the_next_time_its_team_buys()
    {
        Draw("a", "cheap");
        Price("a").Each.ShouldBe(1);
        Price("a").By.ShouldBe(["cheap"]);
        Price("b").Each.ShouldBe(4);
        Buy("a", 3);
        Price("a").Each.ShouldBe(4, "it is used up");
        Buy("a", 1);
        Left("a").ShouldBe(33);
    }

    [Fact]
    public void A_device_that_does_not_know_of_a_card_sells_by_what_it_showed()
    {
        Draw("", "dear");
        Buy("a", 1, knows: 0, shown: 4);
        Left("a").ShouldBe(36);
        Why("a")[0]
            .ShouldBe(
                "Rods: 1 × 4 shells = 4 shells; " + "it cost 8 shells by then, and the device did not know that yet."
            );
        Buy("b", 1, knows: 1, shown: 4);
        Left("b").ShouldBe(32, "whoever knew of the card is held to it");
        Why("b")[0].ShouldBe("Rods: 1 × 8 shells = 8 shells; the device showed 4 shells.");
    }

    /// <summary>Without the price, an entry costs what held as its device knew it; a file's own price stands.</summary>
    [Theory]
    [InlineData(0, null, 4)]
    [InlineData(1, null, 8)]
    [InlineData(null, null, 8)]
    [InlineData(null, 5, 5)]
    public void What_was_paid_is_what_was_said_or_what_held(int? knows, int? shown, int each)
    {
        Draw("", "dear");
        Buy("a", 1, knows, shown);
        Left("a").ShouldBe(40 - each);
    }

    [Fact]
    public void What_a_card_forbids_cannot_be_bought_by_who_knows_it_and_what_was_bought_stays()
    {
        Buy("a", 2);
        Draw("a", "none");
        Price("a").ForbiddenBy.ShouldBe("none");
        Price("a", "tip").ForbiddenBy.ShouldBeNull();
        Recorder
            .Accept(_rally, Bought("a", 1, knows: 2))
            .Problems.ShouldHaveSingleItem()
            .What.ShouldBe("The card “none” forbids buying this.");
        Buy("a", 1, knows: 0);
        Left("a").ShouldBe(28);
        Why("a")[1].ShouldEndWith("the card “none” forbids it, and the device did not know that yet.");
        Buy("b", 1);
        Left("b").ShouldBe(36, "it is the other team's card");

        // The same log as a file: what nobody could have recorded is set aside.
        IReadOnlyList<Entry> log = [.. _rally.Received, Bought("a", 5, knows: 2)];
        var opened = OpenedRally.Open(_rally.Rally with { Teams = _rally.Joined, Entries = log }).OrThrow();
        opened.Aside.ShouldHaveSingleItem().At.ShouldBe(log.Count - 1);
        opened.Result(1).Teams.Single(t => t.Team.Id.Value == "a").Total.ShouldBe(28);
    }

    [Fact]
    public void A_card_gives_material_and_points_and_the_reasons_say_so()
    {
        Draw("a", "gift");
        _rally.Result(1).Teams.Single(t => t.Team.Id.Value == "a").Total.ShouldBe(42);
        Row("a", 1).BonusText.ShouldBe("+2.0");
        Row("a", 1).Why.ShouldContain(s => s.Sentence == "The card “gift” gives 2 points more.");
        TeamKit
            .Of(_rally.In(1), _rally.Stands)
            .Select(k => string.Join(" + ", k.Lines.Select(l => $"{l.Due} {l.Name}")))
            .ShouldBe(["5 rods", "2 rods"]);
    }

    /// <summary>2 for each of two teams, and the 3 that the gift may give, which is the only one of it.</summary>
    [Fact]
    public void A_class_brings_what_cards_may_give()
    {
        KitList.Of(Brief, _rally.In(1).Teams, []).Lines.ShouldHaveSingleItem().Total.ShouldBe(7);
        Draw("b", "gift");
        KitList.Of(Brief, _rally.In(1).Teams, []).Lines.ShouldHaveSingleItem().Total.ShouldBe(7);
    }

    [Fact]
    public void Points_hold_in_later_rounds_unless_they_are_for_once()
    {
        Draw("a", "gift");
        Draw("a", "fine");
        Row("a", 1).TotalText.ShouldBe("40.5");
        Row("a", 1).DeductionText.ShouldBe("−1.5");
        var detail = TeamDetail.Of(_rally, 1).Single(d => d.Team.Value == "a");
        detail.Cards.ShouldBe([new("gift", 2), new("fine", -1.5m)]);
        Row("a", 2).TotalText.ShouldBe("42.0");
    }

    [Fact]
    public void A_card_takes_minutes_from_the_phase_that_runs()
    {
        Add(
            new Entry.PhaseBegun
            {
                Id = Id(),
                At = Begun,
                Phase = "build",
            }
        );
        Draw("", "time");
        LessonClock.Of(_rally, 1).Ends.ShouldBe(Begun.AddMinutes(18));
    }

    [Fact]
    public void A_rule_that_comes_with_a_card_holds_for_attempts_from_then_on()
    {
        var brief = Sample.Brief(
            [Sample.Height()],
            [Sample.Part("height", new Curve.Rate(1))],
            rules:
            [
                Sample.Limit(
                    "low",
                    "height",
                    Comparison.AtMost,
                    "50 cm",
                    new Consequence.DoesNotPlace(),
                    CheckTime.EveryAttempt
                ) with
                {
                    OnlyFor = "low-bridge",
                },
            ]
        ) with
        {
            Deals =
            [
                new()
                {
                    Id = "news",
                    Name = "News",
                    Drawn = DealtWhen.InLesson,
                    Cards = [Card("low-bridge") with { For = CardFor.All }],
                },
            ],
            Trials = new Trials { Attempts = 3 },
        };
        _rally = OpenedRally
            .Open(
                new Rally
                {
                    Name = "A class",
                    Edition = new Edition { Brief = brief },
                    Teams = [Team("a"), Team("b")],
                }
            )
            .OrThrow();
        Try("a", "70", knows: null);
        Draw("", "low-bridge");
        Try("b", "70", knows: 0);
        Row("a", 1).Status.ShouldNotBe(StandingStatus.DidNotPlace);
        Row("b", 1).Status.ShouldNotBe(StandingStatus.DidNotPlace, "the judge did not know of the card");
        Try("b", "60", knows: 2);
        Row("b", 1).Status.ShouldBe(StandingStatus.DidNotPlace);
        CardShown
            .Of(brief, _rally.In(1).Teams[0])
            .ShouldHaveSingleItem()
            .Does.ShouldHaveSingleItem()
            .ShouldStartWith("New rule: ");
    }

    [Theory]
    [InlineData("a", "dear", "This card is for all teams.")]
    [InlineData("", "none", "This card is for one team.")]
    [InlineData("a", "lost", "There is no such card to draw.")]
    public void A_card_is_drawn_for_whom_it_is(string team, string card, string wrong) =>
        Recorder.Accept(_rally, Drawn(team, card)).Problems.ShouldHaveSingleItem().What.ShouldBe(wrong);

    /// <summary>A sheet that was kept while the log grew is the sheet that is worked out anew.</summary>
    [Fact]
    public void Sheets_that_grew_with_the_log_show_the_same_prices()
    {
        var sheets = RoundSheets.Of(_rally, 1);
        foreach (
            var step in (Action[])[() => Buy("a", 1), () => Draw("a", "cheap"), () => Buy("a", 2), () => Buy("b", 1)]
        )
        {
            step();
            sheets = sheets.With(_rally, points: true);
            foreach (var team in (string[])["a", "b"])
                Json.Write(sheets.For(new(team))!.Parts)
                    .ShouldBe(Json.Write(RoundSheets.Of(_rally, 1).For(new(team))!.Parts));
        }
    }

    [Theory]
    [InlineData("dear", "Rods: twice the price from now on.")]
    [InlineData("cheap", "Rods: 3 shells less each, the next time you buy.")]
    [InlineData("none", "Rods: no more may be used or bought from now on.")]
    [InlineData("gift", "You get 3 rods more. 2 points more.")]
    [InlineData("fine", "1.5 points less.")]
    [InlineData("time", "2 minutes less.")]
    public void A_card_says_what_it_does(string card, string says) =>
        string.Join(" ", CardShown.Of(Brief, Brief.Deals[0], Brief.Deals[0].Cards.Single(c => c.Id == card)).Does)
            .ShouldBe(says);

    [Fact]
    public void No_card_comes_again_before_all_have_come()
    {
        var deal = Brief.Deals[0] with { Cards = [Card("x") with { Count = 2 }, Card("y")] };
        for (var seed = 1; seed <= 20; seed++)
        {
            var drawn = new List<string>();
            for (var i = 0; i < 6; i++)
                drawn.Add(Draws.Next(deal, drawn, seed + i).Id);
            drawn.Take(3).Order().ShouldBe(["x", "x", "y"]);
            drawn.Skip(3).Order().ShouldBe(["x", "x", "y"]);
        }
    }

    [Fact]
    public void Cards_that_say_nothing_that_can_be_done_are_named()
    {
        Brief wrong = Brief with
        {
            Deals =
            [
                Brief.Deals[0] with
                {
                    Drawn = DealtWhen.BeforeLesson,
                    Cards =
                    [
                        Card("a", new CardEffect.Price("shop", "gone", PriceChange.To, 1)),
                        Card("b", new CardEffect.Forbids("gone")),
                        Card("c", new CardEffect.Gives("rods", 0)),
                        Card("d", new CardEffect.Minutes(3)),
                        Card("e", new CardEffect.Points(0)),
                        Card("f", new CardEffect.Price("shop", "rod", PriceChange.To, -1)),
                        Card("g") with
                        {
                            For = CardFor.All,
                        },
                    ],
                },
            ],
        };
        CompiledEdition
            .For(new Edition { Brief = wrong })
            .Problems.Select(p => p.At)
            .ShouldBe([
                "/deals/news/cards/a/effects/0/item",
                "/deals/news/cards/b/effects/0/thing",
                "/deals/news/cards/c/effects/0/amount",
                "/deals/news/cards/d/effects/0/amount",
                "/deals/news/cards/e/effects/0/amount",
                "/deals/news/cards/f/effects/0/amount",
                "/deals/news/cards/g/for",
            ]);
    }

    private static DealCard Card(string id, params CardEffect[] effects) =>
        new()
        {
            Id = id,
            Name = id,
            Effects = effects,
        };

    private static Team Team(string id) => Sample.Team(new(id), id.ToUpperInvariant(), members: 4);

    private EntryId Id()
    {
        _ids.Add(new(_ids.Count + 1, 0, 0x7000, 0x80, 0, 0, 0, 0, 0, 0, 3));
        return new EntryId(_ids[^1]);
    }

    /// <summary>A minute after the one before, by the server's clock, where it says no time.</summary>
    private void Add(Entry entry) =>
        _rally = _rally
            .With(
                Recorder
                    .Accept(_rally, entry.At == default ? entry with { At = Begun.AddMinutes(_ids.Count) } : entry)
                    .OrThrow()
            )
            .OrThrow();

    private Entry.CardDrawn Drawn(string team, string card) =>
        new()
        {
            Id = Id(),
            Team = new(team),
            Deal = "news",
            Card = card,
        };

    private void Draw(string team, string card) => Add(Drawn(team, card));

    private Entry.Purchased Bought(string team, int count, int? knows = null, decimal? shown = null) =>
        new()
        {
            Id = Id(),
            Team = new(team),
            Part = "shop",
            Item = "rod",
            Count = count,
            Each = shown,
            EditionAsOf = knows,
        };

    private void Buy(string team, int count, int? knows = null, decimal? shown = null) =>
        Add(Bought(team, count, knows, shown));

    private void Try(string team, string height, int? knows) =>
        Add(
            new Entry.TrialRecorded
            {
                Id = Id(),
                Team = new(team),
                EditionAsOf = knows,
                Outcome = TrialOutcome.Counted,
                Readings = [new Reading { Measure = "height", Typed = height }],
            }
        );

    private void Strike(int nth) =>
        Add(
            new Entry.StruckOut
            {
                Id = Id(),
                Entry = new(_ids[nth]),
                Reason = "by mistake",
            }
        );

    private Standing Row(string team, int round) =>
        _rally.Result(round).Standings.Rows.Single(r => r.Team.Value == team);

    private decimal? Left(string team) => _rally.Result(1).Teams.Single(t => t.Team.Id.Value == team).Total;

    private IReadOnlyList<string> Why(string team) => [.. TeamSheet.For(_rally, new(team), 1)!.Parts[0].Working];

    private PriceNow Price(string team, string item = "rod") =>
        TeamSheet.For(_rally, new(team), 1)!.Parts[0].Prices.Single(p => p.Item == item);
}
