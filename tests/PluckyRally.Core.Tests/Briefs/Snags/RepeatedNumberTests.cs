using PluckyRally.Core.Curves;

namespace PluckyRally.Core.Tests.Briefs;

/// <summary>What a text repeats from elsewhere follows it, in the brief and in every tier, or a snag says so.</summary>
public sealed class RepeatedNumberTests
{
    private static readonly Brief Base = Sample.Brief(
        [Sample.Height()],
        [
            Sample.Part("height"),
            new Part.Relay
            {
                Id = "relay",
                Name = "Relay",
                Legs = ["there"],
                Faults = [Sample.Fault("drop", "drop", seconds: 3)],
                Curve = new Curve.Place([3, 2, 1]),
            },
        ],
        attempts: 2
    ) with
    {
        Materials = [Sample.Material("straws", "straws", amount: 20, price: 2)],
        Conditions =
        [
            new()
            {
                Id = "drop",
                Text = "The height of the drop",
                FixedAt = "150 cm",
            },
            new()
            {
                Id = "gap",
                Text = "The gap",
                FixedAt = "30 cm",
            },
        ],
    };

    [Theory]
    [InlineData("At most 12 straws.", "“12 straws” is said here, and each team gets 20 straws.", "At most 20 straws.")]
    [InlineData("Use a dozen straws at most.", "“a dozen straws” is said here", null)]
    [InlineData(
        "At least 30 straws.",
        "“30 straws” is said here, and each team gets 20 straws.",
        "At least 20 straws."
    )]
    [InlineData(
        "It stands in 3 attempts.",
        "“3 attempts” is said here, and the test has 2 attempts.",
        "It stands in 2"
    )]
    [InlineData("Each straw costs $3.", "“straw costs $3” is said here, and the price in the list is 2.", "costs $2")]
    [InlineData("A drop costs 5 seconds.", "and drop costs 3 seconds in the scoring.", "A drop costs 3 seconds.")]
    [InlineData("It survives a drop of 2 m.", "“drop of 2 m” is said here, and “The height of the drop”", null)]
    [InlineData("Lies over a 40 cm gap.", "“40 cm gap” is said here, and “The gap” is fixed at 30 cm.", null)]
    public void A_rule_that_repeats_another_number(string text, string what, string? mended)
    {
        var snag = Repeated(Ruled(text)).ShouldHaveSingleItem();
        snag.What.ShouldContain(what);
        if (mended is not null)
            snag.Fix!.Changes[0].Value.GetString()!.ShouldContain(mended);
    }

    [Theory]
    [InlineData("At most 20 straws.")]
    [InlineData("Use at least 10 straws.")]
    [InlineData("It stands in 2 attempts.")]
    [InlineData("Each straw costs $2, a drop costs 3 seconds.")]
    [InlineData("It survives a drop of 150 cm.")]
    [InlineData("The bridge over the gap is at least 35 cm long.")]
    [InlineData("Between 10 and 15 straws stay dry.")]
    [InlineData("Your better try counts.")]
    public void A_rule_that_repeats_no_other_number(string text) => Repeated(Ruled(text)).ShouldBeEmpty();

    [Theory]
    [InlineData("Your better try counts.")]
    [InlineData("Fix it before your next attempt.")]
    public void With_one_attempt_nothing_speaks_of_another(string text)
    {
        var one = Base with { Trials = Base.Trials with { Attempts = 1, How = text } };
        Repeated(one).ShouldHaveSingleItem().What.ShouldContain("and the test has one attempt.");
    }

    [Fact]
    public void A_tier_that_gives_more_is_looked_at_too()
    {
        var tier = new Tier { Id = "young", Overrides = [Override.Of("/materials/straws/amount", 30)] };
        var snag = Repeated(Ruled("At most 20 straws.") with { Tiers = [tier] }).ShouldHaveSingleItem();
        snag.Tier.ShouldBe("young");
        snag.Fix!.Changes[0].Value.GetString().ShouldBe("At most 30 straws.");
    }

    [Fact]
    public void Two_tiers_of_one_name_stop_the_brief()
    {
        var tiers = new[] { "a", "b" }.Select(id => new Tier { Id = id, Name = "Older" }).ToList();
        Snags.Of(Base with { Tiers = tiers }).Single(s => s.Id == "sameName").Weight.ShouldBe(SnagWeight.Stops);
    }

    [Theory]
    [InlineData("team.total", true)]
    [InlineData("part.points", true)]
    [InlineData("part.value", true)]
    [InlineData("height", false)]
    public void A_tie_break_that_is_the_total_can_never_decide(string value, bool found)
    {
        var brief = Sample.Brief([Sample.Height()], [Sample.Part("height")], attempts: 2);
        brief = brief with
        {
            Method = brief.Method with { TieBreaks = [Sample.TieBreak("decides", value, Better.More)] },
        };
        Snags.Of(brief).Any(s => s.Id == "neverDecides").ShouldBe(found);
    }

    [Fact]
    public void No_pattern_repeats_a_number_or_brings_a_tie_break_that_never_decides()
    {
        foreach (var pattern in PatternInfo.All)
        {
            foreach (var band in GradeBands.All)
            {
                var brief = GradeTierTests.Offered(Patterns.Begin(pattern.Pattern, band, UnitSystem.Metric), band);
                Snags.Of(brief).Select(s => s.Id).ShouldNotContain("neverDecides", $"{pattern.Pattern} {band}");
                Repeated(brief).Select(s => s.What).ShouldBeEmpty($"{pattern.Pattern} {band}");
            }
        }
    }

    private static Brief Ruled(string text) =>
        Base with
        {
            Rules = [Sample.Inspection("said", new Consequence.NoteOnly()) with { Text = text }],
        };

    private static List<Snag> Repeated(Brief brief) => [.. Snags.Of(brief).Where(s => s.Id == "repeated")];
}
