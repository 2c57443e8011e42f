using PluckyRally.Core.Kit;

namespace PluckyRally.Core.Tests.Kit;

/// <summary>Which names a teacher would ask about; common practice, no source.</summary>
public sealed class SimilarThingsTests
{
    [Theory]
    [InlineData("tape", "masking tape", true)]
    [InlineData("Paper cups", "cup", true)]
    [InlineData("popsickle sticks", "popsicle sticks", true)]
    [InlineData("rubber band", "elastic bands", false)]
    [InlineData("paper clips", "paper", false)]
    [InlineData("masking tape", "duct tape", false)]
    [InlineData("cup", "cap", false)]
    [InlineData("egg", "Eggs", false)]
    public void A_name_that_may_be_the_same_thing_is_offered(string wanted, string there, bool alike) =>
        SimilarThings.To(wanted, "", [new(there, "", 3)]).ShouldBe(alike ? new CupboardItem(there, "", 3) : null);

    [Fact]
    public void What_is_joined_already_is_not_offered_again() =>
        SimilarThings
            .To("tape", "", [new("masking tape", "roll", 3) { OtherNames = [new("tape", "", 1)] }])
            .ShouldBeNull();
}
