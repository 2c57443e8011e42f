using System.Text.Json;
using Shouldly;
using Xunit;

namespace PluckyRally.Core.Tests.Briefs;

/// <summary>
/// What a tier is made of: younger classes get more material, coarser readings, fewer attempts (common practice, no
/// source). The fineness of length by grade follows the Common Core State Standards for mathematics: whole units in
/// grade 2 (2.MD.A.1), halves and quarters of an inch in grade 3 (3.MD.B.4); cited from memory.
/// </summary>
public sealed class GradeTierTests
{
    private static readonly Brief Base = Sample.Brief(
        [Sample.Height(0.5m)],
        [Sample.Part("height", combine: Combine.Mean)],
        attempts: 3
    ) with
    {
        Grades = GradeBand.From3To5,
        Materials =
        [
            new()
            {
                Id = "straws",
                Name = "straws",
                Amount = 20,
            },
            new()
            {
                Id = "tape",
                Name = "tape",
                Amount = 60,
                Unit = "cm",
            },
            new()
            {
                Id = "scissors",
                Name = "scissors",
                Amount = 2,
                Reusable = true,
            },
            new()
            {
                Id = "weights",
                Name = "nuts",
                Amount = 40,
                Category = "weight",
            },
        ],
    };

    [Fact]
    public void The_youngest_get_more_pieces_whole_centimetres_and_the_best_attempt()
    {
        var tier = GradeTier.For(Base, GradeBand.KTo2);
        Value(tier, "/materials/straws/amount").ShouldBe(30);
        Value(tier, "/measures/height/step").ShouldBe(1);
        tier.Overrides.ShouldContain(o => o.At == "/method/parts/part/combine" && o.Value.GetString() == "best");
        tier.Overrides.ShouldNotContain(o =>
            o.At.Contains("scissors") || o.At.Contains("weights") || o.At.Contains("tape")
        );
    }

    [Fact]
    public void Older_classes_get_fewer_pieces_and_finer_readings()
    {
        var tier = GradeTier.For(Base, GradeBand.From9To12);
        Value(tier, "/materials/straws/amount").ShouldBe(12);
        Value(tier, "/measures/height/step").ShouldBeLessThan(0.5m);
        tier.Overrides.ShouldNotContain(o => o.At.EndsWith("/combine"));
    }

    [Fact]
    public void An_older_class_never_reads_more_coarsely_than_a_younger_one()
    {
        foreach (var unit in new[] { "cm", "in", "m", "mm", "ft" })
        {
            foreach (var step in new[] { 0.05m, 0.25m, 1m })
            {
                var brief = Base with { Measures = [Base.Measures[0] with { Unit = unit, Step = step }] };
                foreach (var band in new[] { GradeBand.From6To8, GradeBand.From9To12 })
                    brief = brief with { Tiers = [.. brief.Tiers, GradeTier.For(brief, band)] };
                var steps = brief
                    .Tiers.Select(t => Editions.Resolve(brief, t.Id).OrThrow().Brief.Measures[0].Step)
                    .Prepend(step)
                    .ToList();
                steps.ShouldBe(steps.OrderDescending().ToList(), $"{unit} at {step}");
            }
        }
    }

    [Fact]
    public void Every_band_makes_a_tier_that_lies_over_the_brief_and_only_differs()
    {
        foreach (var band in Enum.GetValues<GradeBand>())
        {
            var tier = GradeTier.For(Base, band);
            var laid = Editions.Resolve(Base with { Tiers = [tier] }, tier.Id).OrThrow();
            laid.Brief.Grades.ShouldBe(band);
            laid.Brief.Title.ShouldBe(Base.Title);
            tier.Overrides.Select(o => o.At).ShouldBeUnique();
        }
    }

    [Fact]
    public void Two_tiers_of_one_band_have_names_of_their_own()
    {
        var first = GradeTier.For(Base, GradeBand.KTo2);
        GradeTier.For(Base with { Tiers = [first] }, GradeBand.KTo2).Id.ShouldNotBe(first.Id);
    }

    [Fact]
    public void One_attempt_stays_one() =>
        GradeTier
            .For(Base with { Trials = new Trials { Attempts = 1 } }, GradeBand.From9To12)
            .Overrides.ShouldNotContain(o => o.At == "/trials/attempts");

    private static decimal Value(Tier tier, string at) => tier.Overrides.Single(o => o.At == at).Value.GetDecimal();
}
