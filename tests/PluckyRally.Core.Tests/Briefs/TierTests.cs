using System.Text.Json;
using PluckyRally.Core.Checks;
using PluckyRally.Core.Files;
using PluckyRally.Core.Results;

namespace PluckyRally.Core.Tests.Briefs;

public sealed class TierTests
{
    [Fact]
    public void A_tier_lays_its_values_over_the_base()
    {
        var brief = Tiered(
            ("/measures/height/unit", "\"in\""),
            ("/measures/height/step", "0.25"),
            ("/trials/attempts", "5")
        );
        var edition = Editions.Resolve(brief, "young").OrThrow();
        edition.Tier.ShouldBe("Grades 1 and 2");
        edition.Brief.Measures[0].Unit.ShouldBe("in");
        edition.Brief.Measures[0].Step.ShouldBe(0.25m);
        edition.Brief.Trials.Attempts.ShouldBe(5);
        edition.Brief.Tiers.ShouldBeEmpty();
        brief.Measures[0].Unit.ShouldBe("cm");
    }

    [Fact]
    public void A_place_that_is_not_there_is_named_with_its_tier()
    {
        var problem = Editions
            .Resolve(Tiered(("/measures/width/unit", "\"in\"")), "young")
            .Problems.ShouldHaveSingleItem();
        problem.At.ShouldBe("/tiers/young/overrides/0/at");
        problem.What.ShouldContain("Grades 1 and 2");
    }

    [Theory]
    [InlineData("/measures/hieght/unti", "The nearest place is /measures/height/unit.")]
    [InlineData("/measures/height/uint", "The nearest place is /measures/height/unit.")]
    [InlineData("/trials/atempts", "The nearest place is /trials/attempts.")]
    [InlineData("/method/parts/part/curve/perunit", "The nearest place is /method/parts/part/curve/perUnit.")]
    [InlineData("/measures/height/expected/low", "The nearest place is /measures/height/expected.")]
    [InlineData(
        "/tiers/young/name",
        "Name a place of the brief, items by their id, for example /measures/height/unit."
    )]
    public void A_place_that_is_not_there_is_refused_with_the_nearest_one(string at, string remedy)
    {
        var problem = Editions.Resolve(Tiered((at, "1")), "young").Problems.ShouldHaveSingleItem();
        problem.What.ShouldBe($"In Grades 1 and 2: there is no {at} in the brief.");
        problem.Remedy.ShouldBe(remedy);
    }

    [Fact]
    public void A_field_that_is_left_out_can_be_brought_in_and_then_differ() =>
        Editions
            .Resolve(
                Tiered(("/measures/height/expected", """{"low":1,"high":9}"""), ("/measures/height/expected/low", "2")),
                "young"
            )
            .OrThrow()
            .Brief.Measures[0]
            .Expected!.Low.ShouldBe(2);

    [Fact]
    public void A_value_that_does_not_fit_is_named_with_its_tier()
    {
        var problem = Editions
            .Resolve(Tiered(("/measures/height/step", "\"fine\"")), "young")
            .Problems.ShouldHaveSingleItem();
        problem.At.ShouldBe("/tiers/young/overrides/0/value");
        problem.What.ShouldStartWith("In Grades 1 and 2:");
    }

    [Fact]
    public void A_tier_that_is_not_there_is_refused_with_those_that_are() =>
        Editions.Resolve(Tiered(), "old").Problems[0].Remedy.ShouldContain("young");

    [Fact]
    public void The_table_of_what_differs_has_a_row_for_each_place()
    {
        var brief = Tiered(("/measures/height/unit", "\"in\""), ("/trials/attempts", "5"));
        brief = brief with
        {
            Tiers =
            [
                .. brief.Tiers,
                new Tier { Id = "old", Overrides = [new Override("/trials/attempts", JsonElement.Parse("2"))] },
            ],
        };
        var table = TierTable.Of(brief);
        table
            .Rows.Select(r =>
                (
                    r.Field.At,
                    r.Field.Name,
                    r.Base!.Value.GetRawText(),
                    string.Join("|", r.Cells.Select(c => $"{c.Value}{(c.Inherited ? " inherited" : "")}"))
                )
            )
            .ShouldBe([
                ("/measures/height/unit", "Height: unit", "\"cm\"", "in|cm inherited"),
                ("/trials/attempts", "Test: attempts", "1", "5|2"),
            ]);
    }

    [Fact]
    public void A_part_can_be_left_out_of_one_tier()
    {
        var brief = Sample.Brief(
            [Sample.Height()],
            [Sample.Part("height", id: "one"), Sample.Part("height", id: "two")]
        );
        brief = brief with
        {
            Tiers =
            [
                new Tier
                {
                    Id = "young",
                    Overrides = [new Override("/method/parts/two/off", JsonElement.Parse("true"))],
                },
            ],
        };
        CompiledEdition
            .For(Editions.Resolve(brief, "young").OrThrow())
            .OrThrow()
            .Parts.Select(p => p.Part.Id)
            .ShouldBe(["one"]);
    }

    [Fact]
    public void Every_place_that_can_differ_is_a_place_of_the_brief_and_has_a_name_of_its_own()
    {
        foreach (var pattern in Enum.GetValues<Pattern>())
        {
            var brief = Patterns.Begin(pattern, GradeBand.From3To5, UnitSystem.Metric);
            var fields = TierTable.Of(brief).Fields;
            fields.Select(f => f.Name).ShouldBeUnique(pattern.ToString());
            var root = JsonSerializer.SerializeToNode(brief, Json.Options)!;
            fields.ShouldAllBe(f => KnownPaths.Has(root, typeof(Brief), f.At), pattern.ToString());
        }
    }

    [Theory]
    [InlineData(GradeBand.KTo2)]
    [InlineData(GradeBand.From3To5)]
    [InlineData(GradeBand.From6To8)]
    [InlineData(GradeBand.From9To12)]
    public void A_tier_with_all_that_is_offered_can_be_run_and_is_for_that_band(GradeBand band)
    {
        foreach (var pattern in Enum.GetValues<Pattern>().Where(p => p != Pattern.Blank))
        {
            var brief = Patterns.Begin(pattern, GradeBand.From3To5, UnitSystem.Metric);
            brief = GradeTierTests.Offered(brief, band);
            var edition = Editions.Resolve(brief, brief.Tiers[0].Id).OrThrow();
            edition.Brief.Grades.ShouldBe(band);
            CompiledEdition.For(edition).Problems.ShouldBeEmpty($"{pattern}");
        }
    }

    [Fact]
    public void The_younger_are_offered_more_material_and_fewer_attempts()
    {
        var brief = Patterns.Begin(Pattern.FarthestAndTruest, GradeBand.From3To5, UnitSystem.Metric);
        brief = GradeTierTests.Offered(GradeTierTests.Offered(brief, GradeBand.KTo2), GradeBand.From9To12);
        var (young, old) = (
            Editions.Resolve(brief, "kTo2").OrThrow().Brief,
            Editions.Resolve(brief, "from9To12").OrThrow().Brief
        );
        young.Trials.Attempts.ShouldBeLessThan(old.Trials.Attempts);
        young
            .Materials.First(m => m.Id == "cover")
            .Amount!.Value.ShouldBeGreaterThan(old.Materials.First(m => m.Id == "cover").Amount!.Value);
        Snags.Of(brief).ShouldNotContain(s => s.Id == "easier");
    }

    private static Brief Tiered(params (string At, string Value)[] overrides) =>
        Sample.Simple() with
        {
            Tiers =
            [
                new Tier
                {
                    Id = "young",
                    Name = "Grades 1 and 2",
                    Overrides = [.. overrides.Select(o => new Override(o.At, JsonElement.Parse(o.Value)))],
                },
            ],
        };

    [Fact]
    public void At_least_can_be_more_than_in_a_tier()
    {
        var brief = Sample.Simple() with
        {
            Rules = [Sample.Limit("tall", "height", Comparison.AtLeast, "20 cm", new Consequence.DoesNotPlace())],
            Tiers =
            [
                new()
                {
                    Id = "old",
                    Overrides = [new("/rules/tall/check/comparison", JsonSerializer.SerializeToElement("moreThan"))],
                },
            ],
        };
        TierTable
            .Of(brief)
            .Rows.ShouldHaveSingleItem()
            .Field.ShouldSatisfyAllConditions(
                f => f.Kind.ShouldBe(TierFieldKind.Choice),
                f => f.Words.ShouldContain("moreThan")
            );
        var rally = new Happening(Editions.Resolve(brief, "old").OrThrow().Brief, "A");
        rally.Counted("A", "20");
        rally.Standing("A").Status.ShouldBe(StandingStatus.DidNotPlace);
    }
}
