using PluckyRally.Core.Problems;

namespace PluckyRally.Core.Tests.Results;

/// <summary>What teams set out to reach, and how far they came.</summary>
public sealed class TargetTests
{
    private static readonly Target Own = new()
    {
        Id = "own",
        Name = "Height to beat",
        Value = "height",
        Better = Better.More,
    };

    [Theory]
    [InlineData("20 cm", "Height to beat: 25 cm of 20 cm, met, with 5 cm to spare.", true, 5)]
    [InlineData("0.3 m", "Height to beat: 25 cm of 30 cm, not met, 5 cm short.", false, 5)]
    [InlineData("25", "Height to beat: 25 cm of 25 cm, met exactly.", true, 0)]
    public void A_team_sets_its_own(string amount, string says, bool met, int by)
    {
        var rally = Played(Own);
        rally.Keep(
            new Entry.TargetSet
            {
                Id = rally.NextId(),
                Team = new("a"),
                Target = "own",
                Amount = amount,
            }
        );
        var outcome = rally.Standing("A").Targets.ShouldHaveSingleItem();
        (outcome.Says, outcome.Met, outcome.By).ShouldBe((says, met, by));
        rally.Standing("B").Targets.ShouldBeEmpty();
    }

    [Fact]
    public void The_last_word_stands_a_teams_own_before_the_classs_before_the_briefs()
    {
        var rally = Played(Own with { Amount = "30" });
        Wanted("A").ShouldBe(30);
        rally.Keep(
            new Entry.TargetSet
            {
                Id = rally.NextId(),
                Target = "own",
                Amount = "28",
            }
        );
        Wanted("A").ShouldBe(28);
        rally.Keep(
            new Entry.TargetSet
            {
                Id = rally.NextId(),
                Team = new("a"),
                Target = "own",
                Amount = "22",
            }
        );
        rally.Keep(
            new Entry.TargetSet
            {
                Id = rally.NextId(),
                Team = new("a"),
                Target = "own",
                Amount = "24",
            }
        );
        (Wanted("A"), Wanted("B")).ShouldBe((24, 28));
        rally.Keep(
            new Entry.TargetSet
            {
                Id = rally.NextId(),
                Team = new("a"),
                Target = "own",
                Amount = "",
            }
        );
        Wanted("A").ShouldBe(28);

        decimal Wanted(string team) => rally.Standing(team).Targets.Single().Amount;
    }

    [Fact]
    public void Less_can_be_better_and_places_are_not_needed()
    {
        var brief = Briefed(
            new()
            {
                Id = "few",
                Name = "Few sheets",
                Value = "sheets",
                Better = Better.Less,
                Amount = "6",
            }
        );
        var rally = new Happening(brief with { Method = brief.Method with { Ranking = false } }, "A");
        rally.Standing("A").Targets[0].Says.ShouldBe("Few sheets: set out for 6; no attempt has been made yet.");
        rally.Counted("A", "25", "8");
        rally.Standing("A").Targets[0].Says.ShouldBe("Few sheets: 8 of 6, not met, 2 short.");
    }

    [Fact]
    public void One_can_be_about_points_and_parts()
    {
        var rally = Played(
            new()
            {
                Id = "much",
                Name = "Much",
                Value = "team.total + part.points",
                Amount = "60",
            }
        );
        rally.Standing("A").Targets[0].Met.ShouldBe(false);
    }

    [Theory]
    [InlineData("nothing", "", "/method/targets/own/value")]
    [InlineData("height", "3 kg", "/method/targets/own/amount")]
    [InlineData("height", "3+", "/method/targets/own/amount")]
    public void One_that_cannot_be_is_refused_at_its_place(string value, string amount, string at) =>
        CompiledEdition
            .For(new() { Brief = Briefed(Own with { Value = value, Amount = amount }) })
            .Problems[0]
            .At.ShouldBe(at);

    [Theory]
    [InlineData("other", "20", "/target")]
    [InlineData("own", "20 kg", "/amount")]
    public void What_cannot_be_reached_is_not_recorded(string target, string amount, string at)
    {
        var rally = Played(Own);
        rally
            .Offer(
                new Entry.TargetSet
                {
                    Id = rally.NextId(),
                    Team = new("a"),
                    Target = target,
                    Amount = amount,
                }
            )
            .Problems[0]
            .At.ShouldBe(at);
    }

    [Fact]
    public void It_can_be_left_out_and_falls_away_with_what_it_rests_on()
    {
        var brief = Briefed(Own with { Value = "sheets" });
        Sample
            .Ready(brief with { Method = brief.Method with { Targets = [Own with { Off = true }] } })
            .Targets.ShouldBeEmpty();
        var without = CompiledEdition.For(
            new() { Brief = brief with { Measures = [brief.Measures[0], brief.Measures[1] with { Off = true }] } }
        );
        without
            .Problems.ShouldHaveSingleItem()
            .ShouldSatisfyAllConditions(
                p => p.Severity.ShouldBe(Severity.Warning),
                p => p.At.ShouldBe("/method/targets/own/value")
            );
        without.OrThrow().Targets.ShouldBeEmpty();
    }

    private static Brief Briefed(Target target)
    {
        var brief = Sample.Brief(
            [Sample.Height(), Sample.Count("sheets") with { Better = Better.Less }],
            [Sample.Part("height")]
        );
        return brief with { Method = brief.Method with { Targets = [target] } };
    }

    private static Happening Played(Target target)
    {
        var rally = new Happening(Briefed(target), "A", "B");
        foreach (var team in new[] { "A", "B" })
            rally.Counted(team, "25", "8");
        return rally;
    }
}
