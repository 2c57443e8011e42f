using System.Text.Json;
using Shouldly;
using Xunit;

namespace PluckyRally.Core.Tests.Briefs;

public sealed class EditionsTests
{
    [Fact]
    public void A_tier_lays_its_values_over_the_base()
    {
        var brief = Tiered(("/measures/height/unit", "\"in\""), ("/measures/height/step", "0.25"), ("/trials/attempts", "5"));
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
        var problem = Editions.Resolve(Tiered(("/measures/width/unit", "\"in\"")), "young").Problems.ShouldHaveSingleItem();
        problem.At.ShouldBe("/tiers/young/overrides/0/at");
        problem.What.ShouldContain("Grades 1 and 2");
    }

    [Fact]
    public void A_value_that_does_not_fit_is_named_with_its_tier()
    {
        var problem = Editions.Resolve(Tiered(("/measures/height/step", "\"fine\"")), "young").Problems.ShouldHaveSingleItem();
        problem.At.ShouldBe("/tiers/young/measures/height/step");
        problem.What.ShouldStartWith("In Grades 1 and 2:");
    }

    [Fact]
    public void A_tier_that_is_not_there_is_refused_with_those_that_are() =>
        Editions.Resolve(Tiered(), "old").Problems[0].Remedy.ShouldContain("young");

    [Fact]
    public void The_table_of_what_differs_has_a_row_for_each_place()
    {
        var brief = Tiered(("/measures/height/unit", "\"in\""), ("/trials/attempts", "5"));
        brief = brief with { Tiers = [.. brief.Tiers, new Tier { Id = "old", Overrides = [new Override("/trials/attempts", JsonElement.Parse("2"))] }] };
        var table = TierTable.Of(brief);
        table.Tiers.ShouldBe(["Grades 1 and 2", "old"]);
        table.Rows.Select(r => (r.At, r.Base, string.Join("|", r.Values))).ShouldBe([("/measures/height/unit", "\"cm\"", "\"in\"|"), ("/trials/attempts", "1", "5|2")]);
    }

    [Fact]
    public void A_part_can_be_left_out_of_one_tier()
    {
        var brief = Sample.Brief([Sample.Height()], [Sample.Part("height", id: "one"), Sample.Part("height", id: "two")]);
        brief = brief with { Tiers = [new Tier { Id = "young", Overrides = [new Override("/method/parts/two/off", JsonElement.Parse("true"))] }] };
        Playbook.For(Editions.Resolve(brief, "young").OrThrow()).OrThrow().Parts.Select(p => p.Part.Id).ShouldBe(["one"]);
    }

    private static Brief Tiered(params (string At, string Value)[] overrides) => Sample.Simple() with
    {
        Tiers = [new Tier { Id = "young", Name = "Grades 1 and 2", Overrides = [.. overrides.Select(o => new Override(o.At, JsonElement.Parse(o.Value)))] }],
    };
}
