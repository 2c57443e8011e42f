using PluckyRally.Core.Checks;
using PluckyRally.Core.Curves;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Kit;
using PluckyRally.Core.Teams;
using PluckyRally.Core.Time;

namespace PluckyRally.Core.Tests.Teams;

/// <summary>Conditions that are dealt: who gets which card, what hangs on it, and what is drawn into bags.</summary>
public sealed class DealTests
{
    private static readonly Brief Brief = Sample.Brief(
        [Sample.Height()],
        [Sample.Part("height", new Curve.Rate(1))],
        rules:
        [
            Sample.Limit("low", "height", Comparison.AtMost, "50 cm", new Consequence.DoesNotPlace()) with
            {
                OnlyFor = "crank",
            },
        ]
    ) with
    {
        Deals =
        [
            new()
            {
                Id = "machine",
                Name = "Machine",
                Cards =
                [
                    new()
                    {
                        Id = "pulley",
                        Name = "A pulley",
                        Text = "Lift with it.",
                        Count = 2,
                    },
                    new()
                    {
                        Id = "crank",
                        Name = "A crank",
                        Text = "Turn it.",
                        Count = 1,
                    },
                ],
            },
        ],
        Materials =
        [
            new()
            {
                Id = "rope",
                Name = "rope",
                Amount = 2,
                Unit = "m",
                OnlyFor = "pulley",
                Category = "joining",
            },
            Sample.Material("straw", "straw", amount: 6, category: "stiffening"),
            Sample.Material("tray", "tray", amount: 1, category: "rig", per: Per.Heat),
        ],
        Timing = new Timing
        {
            Phases = [Sample.Phase("test", PhaseKind.Test, minutes: 2, teamByTeam: true, testBays: 2)],
        },
        Method = new Method
        {
            Parts = [Sample.Part("height", new Curve.Rate(1))],
            Awards =
            [
                new()
                {
                    Id = "turned",
                    Name = "Best turned",
                    Value = "height",
                    OnlyFor = "crank",
                },
            ],
        },
    };

    private OpenedRally _rally = OpenedRally
        .Open(
            new Rally
            {
                Name = "A class",
                Edition = new Edition { Brief = Brief },
                Teams =
                [
                    .. new[] { "a", "b", "c" }.Select(id => Sample.Team(new(id), id.ToUpperInvariant(), members: 4)),
                ],
            }
        )
        .OrThrow();

    private int _ids;

    [Fact]
    public void A_draw_gives_each_card_as_often_as_there_is_one_and_the_same_number_draws_the_same()
    {
        var drawn = Draws.Deal(Brief.Deals[0], [new("a"), new("b"), new("c")], 7)!;
        drawn.Values.Order().ShouldBe(["crank", "pulley", "pulley"]);
        Draws.Deal(Brief.Deals[0], [new("a"), new("b"), new("c")], 7)!.ShouldBe(drawn);
        Draws
            .Deal(Brief.Deals[0], [new("a"), new("b"), new("c"), new("d")], 7)
            .ShouldBeNull("three cards for four teams");
        Enumerable
            .Range(1, 40)
            .Select(seed => Draws.Deal(Brief.Deals[0], [new("a"), new("b"), new("c")], seed)![new("a")])
            .Distinct()
            .Count()
            .ShouldBe(2);
    }

    /// <summary>
    /// Cards without a number go round as evenly as they come, whatever the number of teams; each is dealt where there
    /// are as many teams.
    /// </summary>
    [Theory]
    [InlineData(2)]
    [InlineData(5)]
    [InlineData(9)]
    public void Cards_without_a_number_go_round(int teams)
    {
        var open = Brief.Deals[0] with
        {
            Cards =
            [
                new() { Id = "one", Name = "1" },
                new() { Id = "two", Name = "2" },
                new()
                {
                    Id = "three",
                    Name = "3",
                    Count = 1,
                },
            ],
        };
        for (var seed = 0; seed < 20; seed++)
        {
            var counts = Draws
                .Deal(open, [.. Enumerable.Range(0, teams).Select(i => new TeamId($"t{i}"))], seed)!
                .Values.CountBy(c => c)
                .ToDictionary();
            counts.GetValueOrDefault("three").ShouldBeLessThanOrEqualTo(1);
            Math.Abs(counts.GetValueOrDefault("one") - counts.GetValueOrDefault("two")).ShouldBeLessThanOrEqualTo(1);
            counts.Values.Sum().ShouldBe(teams);
        }
    }

    [Fact]
    public void A_rule_and_an_award_hold_for_those_with_the_card_and_its_things_are_in_their_kit()
    {
        Deal(("a", "crank"), ("b", "pulley"), ("c", "pulley"));
        foreach (var team in new[] { "a", "b", "c" })
            Tried(team, team == "a" ? "60" : "70");
        var standings = _rally.Result(1).Standings;
        standings.Rows.Select(r => $"{r.Team} {r.Status}").ShouldBe(["b Placed", "c Placed", "a DidNotPlace"]);
        standings.Awards.ShouldHaveSingleItem().Teams.ShouldBeEmpty("the only crank did not place");
        TeamSheet.For(_rally, new("b"), 1)!.Rules.ShouldBeEmpty();
        TeamKit
            .Of(_rally.In(1), _rally.Stands)
            .Select(k => string.Join(" + ", k.Lines.Select(l => $"{l.Due} {l.Name}")))
            .ShouldBe(["6 straw", "2 rope + 6 straw", "2 rope + 6 straw"]);
        CardShown
            .Of(Brief, _rally.In(1).Teams[0])
            .Select(c => $"{c.Deal}: {c.Name}. {c.Text} {string.Join(" ", c.Does)}")
            .ShouldBe(["Machine: A crank. Turn it. Rule: Keeps to low."]);
        KitList
            .Of(Brief, _rally.In(1).Teams, [])
            .Lines.Select(l => $"{l.Material.Name} {l.Total}")
            .ShouldBe(["rope 4", "straw 18", "tray 2"]);
    }

    /// <summary>
    /// Before anything is dealt, a class needs what the cards will call for: two of three teams will have a pulley, and
    /// three teams at two places are two heats.
    /// </summary>
    [Fact]
    public void The_kit_reckons_with_the_cards_before_they_are_dealt() =>
        KitList
            .Of(Brief, [4, 4, 4], [])
            .Lines.Select(l => $"{l.Material.Name} {l.EachTeam} {l.Total}")
            .ShouldBe(["rope 2 4", "straw 6 18", "tray  2"]);

    [Fact]
    public void What_was_dealt_is_dealt_again_only_with_a_reason_and_never_more_than_there_are()
    {
        Deal(("a", "crank"), ("b", "pulley"), ("c", "pulley"));
        Refused(
                new Entry.CardsDealt
                {
                    Id = NextId(),
                    Deal = "machine",
                    Cards = new Dictionary<TeamId, string> { [new("a")] = "pulley" },
                }
            )
            .ShouldBe(["/reason"]);
        Refused(
                new Entry.CardsDealt
                {
                    Id = NextId(),
                    Deal = "machine",
                    Reason = "why",
                    Cards = new Dictionary<TeamId, string> { [new("a")] = "crank", [new("b")] = "crank" },
                }
            )
            .ShouldBe(["/cards"]);
        Refused(
                new Entry.CardsDealt
                {
                    Id = NextId(),
                    Deal = "boats",
                    Cards = new Dictionary<TeamId, string> { [new("x")] = "crank" },
                }
            )
            .ShouldBe(["/deal", "/cards/x"]);
        Keep(
            new Entry.CardsDealt
            {
                Id = NextId(),
                Deal = "machine",
                Seed = 3,
                Reason = "a crank broke",
                Cards = new Dictionary<TeamId, string> { [new("b")] = "crank" },
            }
        );
        _rally.In(1).Teams.Select(t => string.Join('+', t.Dealt.Select(d => d.Card))).ShouldBe(["", "crank", ""]);
        LogLine.OfTeams(_rally, 1)[0].Says.ShouldBe("Machine drawn by number 3: a crank broke");
    }

    [Fact]
    public void A_bag_that_was_drawn_is_the_teams_kit_until_another_is_drawn()
    {
        Keep(
            new Entry.BagsDrawn
            {
                Id = NextId(),
                Seed = 5,
                Bags = new Dictionary<TeamId, IReadOnlyList<KitAmount>>
                {
                    [new("a")] = [new("straw", 2)],
                    [new("b")] = [new("straw", 3)],
                },
            }
        );
        TeamKit
            .Of(_rally.In(1), _rally.Stands)
            .Select(k => string.Join(" + ", k.Lines.Select(l => $"{l.Due} {l.Name}")))
            .ShouldBe(["2 straw", "3 straw", "2 rope + 6 straw"]);
        TeamKit.SayBag(Brief, _rally.In(1).Teams[0]).ShouldBe(["2 straw"]);
        KitList
            .Of(Brief, _rally.In(1).Teams, [new("straw", "", 30)])
            .Lines.Single(l => l.Material.Id == "straw")
            .Total.ShouldBe(11, "the cupboard goes down by what was drawn, and by what the third team gets");
        Refused(new Entry.BagsDrawn { Id = NextId(), Bags = new Dictionary<TeamId, IReadOnlyList<KitAmount>>() })
            .ShouldBe(["/reason"]);
        Refused(
                new Entry.BagsDrawn
                {
                    Id = NextId(),
                    Reason = "torn",
                    Bags = new Dictionary<TeamId, IReadOnlyList<KitAmount>> { [new("a")] = [new("gold", 0)] },
                }
            )
            .ShouldBe(["/bags/a", "/bags/a"]);
    }

    [Fact]
    public void A_deal_without_cards_and_a_card_that_is_not_there_are_refused_where_they_stand()
    {
        Places(Brief with { Deals = [Brief.Deals[0] with { Cards = [] }] }).ShouldContain("/deals/machine/cards");
        Places(Brief with { Materials = [Brief.Materials[0] with { OnlyFor = "lever" }] })
            .ShouldBe(["/materials/rope/onlyFor"]);
        Places(
                Brief with
                {
                    Deals =
                    [
                        Brief.Deals[0] with
                        {
                            Cards =
                            [
                                .. Brief.Deals[0].Cards,
                                new()
                                {
                                    Id = "pulley",
                                    Name = "Again",
                                    Count = 0,
                                },
                            ],
                        },
                    ],
                }
            )
            .ShouldBe(["/deals/machine/cards/pulley/id", "/deals/machine/cards/pulley/count"]);
    }

    private static IEnumerable<string> Places(Brief brief) =>
        CompiledEdition.For(new Edition { Brief = brief }).Problems.Select(p => p.At);

    private void Deal(params (string Team, string Card)[] cards) =>
        Keep(
            new Entry.CardsDealt
            {
                Id = NextId(),
                Deal = "machine",
                Cards = cards.ToDictionary(c => new TeamId(c.Team), c => c.Card),
            }
        );

    private IEnumerable<string> Refused(Entry entry) => Recorder.Accept(_rally, entry).Problems.Select(p => p.At);

    private void Tried(string team, string typed) =>
        Keep(
            new Entry.TrialRecorded
            {
                Id = NextId(),
                Team = new(team),
                Outcome = TrialOutcome.Counted,
                Readings = [new() { Measure = "height", Typed = typed }],
            }
        );

    private void Keep(Entry entry) => _rally = _rally.With(Recorder.Accept(_rally, entry).OrThrow()).OrThrow();

    private EntryId NextId() => new(new Guid(++_ids, 0, 0x7000, 0x80, 0, 0, 0, 0, 0, 0, 1));
}
