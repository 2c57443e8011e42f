using System.Text.Json;
using PluckyRally.Core.Files;
using PluckyRally.Core.Kit;

namespace PluckyRally.Core.Tests.Briefs;

public sealed class ChangesTests
{
    private static readonly Brief Base = Sample.Simple() with { Tiers = [new() { Id = "young", Name = "Young" }] };

    [Fact]
    public void A_field_is_set_and_an_item_is_added()
    {
        var changed = Changes
            .Apply(
                Base,
                [
                    Change.Set("/title", "Another"),
                    Change.Append("/materials", new Material { Id = "straws", Name = "straws" }),
                ]
            )
            .OrThrow()
            .Value;
        changed.Title.ShouldBe("Another");
        changed.Materials.ShouldHaveSingleItem().Name.ShouldBe("straws");
        Base.Title.ShouldBe("A brief");
    }

    [Fact]
    public void A_change_for_one_tier_is_an_override_and_a_second_one_replaces_it()
    {
        Brief Lay(Brief brief, int attempts) =>
            Changes.Apply(brief, [Change.Set("/trials/attempts", attempts) with { Tier = "young" }]).OrThrow().Value;
        var twice = Lay(Lay(Base, 2), 4);
        twice.Trials.Attempts.ShouldBe(Base.Trials.Attempts);
        twice.Tiers[0].Overrides.ShouldHaveSingleItem().Value.GetInt32().ShouldBe(4);
    }

    [Theory]
    [InlineData("/measures/width/step", "")]
    [InlineData("/title", "old")]
    [InlineData("/nowhere/at/all", "")]
    public void A_place_that_has_gone_is_refused(string at, string tier) =>
        Changes.Apply(Base, [Change.Set(at, 1) with { Tier = tier }]).Problems.ShouldHaveSingleItem().At.ShouldBe(at);

    [Fact]
    public void A_value_of_the_wrong_sort_is_refused_with_its_place() =>
        Changes
            .Apply(Base, [Change.Set("/trials/attempts", "many")])
            .Problems.ShouldContain(p => p.At == "/trials/attempts");

    [Fact]
    public void The_document_that_is_changed_stays_as_it_was()
    {
        var document = JsonSerializer.SerializeToNode(Base, Json.Options)!;
        var changed = Changes.Apply(document, [Change.Set("/title", "Another")]).OrThrow();
        changed.Value.Title.ShouldBe("Another");
        document["title"]!.GetValue<string>().ShouldBe("A brief");
    }
}
