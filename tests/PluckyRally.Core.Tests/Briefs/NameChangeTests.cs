using PluckyRally.Core.Checks;

namespace PluckyRally.Core.Tests.Briefs;

/// <summary>
/// What is renamed is offered its new name wherever the old one is still said, and changes nothing unasked.
/// </summary>
public sealed class NameChangeTests
{
    private static readonly Brief Brief = new()
    {
        Goal = "Use as few straws as you can.",
        Materials = [new() { Id = "skewers", Name = "skewers" }],
        Rules =
        [
            new()
            {
                Id = "most",
                Sort = RuleSort.Constraint,
                Text = "At most one straw stands up; strawberries are not for building",
                Check = new RuleCheck.Inspection(),
                IfMissed = new Consequence.NoteOnly(),
            },
        ],
        Method = new() { TieBreaks = [Sample.TieBreak("Straws left", "left", Better.More)] },
    };

    [Fact]
    public void One_and_several_are_carried_as_they_stand()
    {
        var change = NameChange.Of(Brief, "straws", "skewers").ShouldNotBeNull();
        change.Label.ShouldBe("Use “skewers” there too");
        change.But.ShouldBe(
            "The old name “straws” is still in “Use as few straws as you can.”, "
                + "“At most one straw stands up; strawberrie…” and “Straws left”"
        );
        var made = Changes.Apply(Brief, change.Changes).OrThrow().Value;
        made.Goal.ShouldBe("Use as few skewers as you can.");
        made.Rules[0].Text.ShouldBe("At most one skewer stands up; strawberries are not for building");
        made.Method.TieBreaks[0].Name.ShouldBe("Skewers left");
    }

    [Theory]
    [InlineData("beads", "pearls")]
    [InlineData("straws", "straws")]
    [InlineData("straws", "")]
    [InlineData("", "skewers")]
    [InlineData("st", "skewers")]
    public void Where_nothing_says_the_old_name_nothing_is_offered(string was, string now) =>
        NameChange.Of(Brief, was, now).ShouldBeNull();

    [Fact]
    public void A_name_that_something_else_still_has_stays() =>
        NameChange
            .Of(
                Brief with
                {
                    Materials = [.. Brief.Materials, new() { Id = "other", Name = "Straws" }],
                },
                "straws",
                "skewers"
            )
            .ShouldBeNull();

    [Fact]
    public void A_thing_in_one_that_is_renamed_is_several_where_several_are_said()
    {
        var brief = Brief with { Goal = "Lift the load. Two loads are better." };
        Changes
            .Apply(brief, NameChange.Of(brief, "Load", "Bundle").ShouldNotBeNull().Changes)
            .OrThrow()
            .Value.Goal.ShouldBe("Lift the bundle. Two bundles are better.");
    }
}
