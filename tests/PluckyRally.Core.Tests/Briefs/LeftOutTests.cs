using System.Text.Json;
using PluckyRally.Core.Checks;
using PluckyRally.Core.Curves;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Results;

namespace PluckyRally.Core.Tests.Briefs;

/// <summary>What a tier leaves out, and what falls with it.</summary>
public sealed class LeftOutTests
{
    private static readonly Brief Whole = Sample.Brief(
        [Sample.Height(), Sample.Count("sheets", taken: ReadOccasion.Once)],
        [Sample.Part("height", new Curve.Rate(1)), Sample.Part("sheets", new Curve.Rate(-1), id: "thrift")]
    ) with
    {
        Tiers =
        [
            new()
            {
                Id = "young",
                Name = "Young",
                Overrides = [Left("/measures/sheets/off"), Left("/method/parts/thrift/off")],
            },
        ],
    };

    [Fact]
    public void A_tie_break_or_an_award_that_rests_on_it_falls_away_with_a_note()
    {
        var brief = Whole with
        {
            Method = Whole.Method with
            {
                TieBreaks =
                [
                    Sample.TieBreak("fewer sheets", "sheets", Better.Less),
                    Sample.TieBreak("higher", "height", Better.More),
                ],
                Awards = [Sample.Award("thrifty", "Thriftiest", "thrift.value")],
            },
        };
        var compiled = Young(brief);
        compiled.IsOk.ShouldBeTrue();
        compiled
            .Problems.Select(p => p.What)
            .ShouldBe([
                "“fewer sheets” isn’t used here, because sheets is left out.",
                "“Thriftiest” isn’t used here, because thrift is left out.",
            ]);
        var rally = new Happening(compiled.Value!.Brief, "A");
        rally.Counted("A", "30");
        rally.Standing("A").Status.ShouldBe(StandingStatus.Placed);
        rally.Standings().Awards.ShouldBeEmpty();
        Snags.Of(brief).Where(s => s.Id == "fallsAway").Select(s => s.Tier).ShouldBe(["young", "young"]);
    }

    [Fact]
    public void A_rule_or_a_part_that_rests_on_it_is_refused_with_both_names()
    {
        var brief = Whole with
        {
            Rules =
            [
                Sample.Limit("few", "sheets", Comparison.AtMost, "9", new Consequence.DoesNotPlace()) with
                {
                    Text = "Few sheets",
                },
            ],
        };
        Young(brief)
            .Problems.ShouldHaveSingleItem()
            .What.ShouldBe("“Few sheets” looks at sheets, which is left out here.");
        brief = Whole with { Tiers = [Whole.Tiers[0] with { Overrides = [Left("/measures/sheets/off")] }] };
        Young(brief)
            .Problems.ShouldHaveSingleItem()
            .ShouldSatisfyAllConditions(
                p => p.At.ShouldBe("/method/parts/thrift/value"),
                p => p.What.ShouldContain("gives points for sheets")
            );
    }

    [Fact]
    public void A_tie_break_and_an_award_can_be_left_out_themselves()
    {
        var brief = Whole with
        {
            Method = Whole.Method with
            {
                TieBreaks =
                [
                    new()
                    {
                        Name = "higher",
                        Value = "height",
                        Better = Better.More,
                        Off = true,
                    },
                ],
                Awards =
                [
                    new()
                    {
                        Id = "tall",
                        Name = "Tallest",
                        Value = "height",
                        Off = true,
                    },
                ],
            },
            Tiers =
            [
                new()
                {
                    Id = "old",
                    Overrides =
                    [
                        new("/method/tieBreaks/0/off", JsonSerializer.SerializeToElement(false)),
                        new("/method/awards/tall/off", JsonSerializer.SerializeToElement(false)),
                    ],
                },
            ],
        };
        Sample.Ready(brief).ShouldSatisfyAllConditions(p => p.TieBreaks.ShouldBeEmpty(), p => p.Awards.ShouldBeEmpty());
        var old = CompiledEdition.For(Editions.Resolve(brief, "old").OrThrow()).OrThrow();
        old.ShouldSatisfyAllConditions(p => p.TieBreaks.Count.ShouldBe(1), p => p.Awards.Count.ShouldBe(1));
    }

    private static Result<CompiledEdition> Young(Brief brief) =>
        CompiledEdition.For(Editions.Resolve(brief, "young").OrThrow());

    private static Override Left(string at) => new(at, JsonSerializer.SerializeToElement(true));
}
