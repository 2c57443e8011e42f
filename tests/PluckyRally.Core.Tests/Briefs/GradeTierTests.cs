using PluckyRally.Core.Files;

namespace PluckyRally.Core.Tests.Briefs;

/// <summary>
/// A tier is added with its name and grades alone; what usually differs is offered: younger classes get more material,
/// coarser readings, fewer attempts (common practice, no source). The fineness of length by grade follows the Common
/// Core State Standards for mathematics: whole units in grade 2 (2.MD.A.1), halves and quarters of an inch in grade 3
/// (3.MD.B.4); cited from memory.
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
            Sample.Material("straws", "straws", amount: 20),
            Sample.Material("tape", "tape", amount: 60, unit: "cm"),
            Sample.Material("scissors", "scissors", amount: 2, reusable: true),
            Sample.Material("weights", "nuts", amount: 40, category: "weight"),
        ],
    };

    [Theory]
    [InlineData(GradeBand.KTo2)]
    [InlineData(GradeBand.From3To5)]
    [InlineData(GradeBand.From6To8)]
    [InlineData(GradeBand.From9To12)]
    public void A_tier_is_added_with_its_name_and_grades_and_nothing_else(GradeBand band)
    {
        var tier = GradeTier.For(Base, band);
        tier.Name.ShouldBe(GradeBands.Name(band));
        tier.Overrides.ShouldHaveSingleItem().At.ShouldBe("/grades");
        var laid = Editions.Resolve(Base with { Tiers = [tier] }, tier.Id).OrThrow().Brief;
        Json.Write(laid).ShouldBe(Json.Write(Base with { Grades = band }));
    }

    [Fact]
    public void Another_group_of_the_same_grades_is_the_brief_itself()
    {
        var tier = GradeTier.For(Base, GradeBand.Unsaid);
        tier.Name.ShouldBe("Another group");
        tier.Overrides.ShouldBeEmpty();
        TierOffers.Of(Base with { Tiers = [tier] }, tier).ShouldBeEmpty();
    }

    [Fact]
    public void Two_tiers_of_one_band_have_ids_and_names_of_their_own()
    {
        var first = GradeTier.For(Base, GradeBand.KTo2);
        var second = GradeTier.For(Base with { Tiers = [first] }, GradeBand.KTo2);
        second.Id.ShouldNotBe(first.Id);
        second.Name.ShouldBe("Kindergarten to grade 2 (2)");
    }

    [Fact]
    public void The_youngest_are_offered_more_pieces_whole_centimeters_and_the_best_attempt()
    {
        var tier = Offered(Base, GradeBand.KTo2).Tiers[0];
        Value(tier, "/materials/straws/amount").ShouldBe(30);
        Value(tier, "/measures/height/step").ShouldBe(1);
        tier.Overrides.ShouldContain(o => o.At == "/method/parts/part/combine" && o.Value.GetString() == "best");
        tier.Overrides.ShouldNotContain(o =>
            o.At.Contains("scissors") || o.At.Contains("weights") || o.At.Contains("tape")
        );
    }

    [Fact]
    public void Older_classes_are_offered_fewer_pieces_and_finer_readings()
    {
        var tier = Offered(Base, GradeBand.From9To12).Tiers[0];
        Value(tier, "/materials/straws/amount").ShouldBe(12);
        Value(tier, "/measures/height/step").ShouldBeLessThan(0.5m);
        tier.Overrides.ShouldNotContain(o => o.At.EndsWith("/combine"));
    }

    [Fact]
    public void An_offer_says_what_it_changes_and_why()
    {
        var tier = GradeTier.For(Base, GradeBand.KTo2);
        var offers = TierOffers.Of(Base with { Tiers = [tier] }, tier);
        offers
            .Select(o => o.What)
            .ShouldBe([
                "1 attempt instead of 3",
                "Height to the nearest 1 cm instead of 0.5 cm",
                "30 instead of 20 of straws",
                "The class works out: put in order",
            ]);
        offers.ShouldAllBe(o => o.Why.EndsWith('.'));
    }

    [Fact]
    public void What_the_teacher_has_decided_is_not_offered_again()
    {
        var tier = GradeTier.For(Base, GradeBand.KTo2);
        tier = tier with { Overrides = [.. tier.Overrides, Override.Of("/materials/straws/amount", 25)] };
        TierOffers
            .Of(Base with { Tiers = [tier] }, tier)
            .SelectMany(o => o.Changes)
            .ShouldNotContain(c => c.At == "/materials/straws/amount");
    }

    [Fact]
    public void Older_classes_are_offered_metric_units_with_everything_converted()
    {
        var inches = Base with { Measures = [Sample.Height(0.25m) with { Unit = "in", Expected = new(4, 20) }] };
        var tier = GradeTier.For(inches, GradeBand.From9To12);
        var offer = TierOffers
            .Of(inches with { Tiers = [tier] }, tier)
            .First(o => o.What == "Height in cm instead of in");
        offer.Changes.Select(c => c.At).ShouldContain("/measures/height/expected/high");
        offer.Changes.Single(c => c.At == "/measures/height/expected/low").Value.GetDecimal().ShouldBe(10, 0.5m);
    }

    [Fact]
    public void An_older_class_is_never_offered_a_coarser_reading_than_a_younger_one()
    {
        foreach (var unit in new[] { "cm", "in", "m", "mm", "ft" })
        {
            foreach (var step in new[] { 0.05m, 0.25m, 1m })
            {
                var brief = Base with { Measures = [Base.Measures[0] with { Unit = unit, Step = step }] };
                foreach (var band in new[] { GradeBand.From6To8, GradeBand.From9To12 })
                    brief = Offered(brief, band, o => o.Changes[0].At.EndsWith("/step"));
                var steps = brief
                    .Tiers.Select(t => Editions.Resolve(brief, t.Id).OrThrow().Brief.Measures[0].Step)
                    .Prepend(step)
                    .ToList();
                steps.ShouldBe(steps.OrderDescending().ToList(), $"{unit} at {step}");
            }
        }
    }

    [Fact]
    public void One_attempt_stays_one() =>
        Offered(Base with { Trials = new Trials { Attempts = 1 } }, GradeBand.From9To12)
            .Tiers[0]
            .Overrides.ShouldNotContain(o => o.At == "/trials/attempts");

    /// <summary>The brief with a tier for a band in which everything that is offered was taken.</summary>
    internal static Brief Offered(Brief brief, GradeBand band, Func<TierOffer, bool>? taken = null)
    {
        var tier = GradeTier.For(brief, band);
        var offers = TierOffers.Of(brief with { Tiers = [.. brief.Tiers, tier] }, tier).Where(taken ?? (_ => true));
        var places = offers.SelectMany(o => o.Changes).GroupBy(c => c.At, (_, same) => same.First());
        return brief with { Tiers = [.. brief.Tiers, tier with { Overrides = [.. tier.Overrides, .. places] }] };
    }

    private static decimal Value(Tier tier, string at) => tier.Overrides.Single(o => o.At == at).Value.GetDecimal();
}
