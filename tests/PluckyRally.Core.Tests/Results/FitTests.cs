using PluckyRally.Core.Checks;
using PluckyRally.Core.Results;

namespace PluckyRally.Core.Tests.Results;

public sealed class FitTests
{
    [Theory]
    [InlineData(false, "30", "20", "10", true)]
    [InlineData(false, "10", "20", "30", false)]
    [InlineData(true, "10", "20", "30", true)]
    [InlineData(true, "10", "20", "31", false)]
    public void A_box_takes_a_thing_in_its_orientation_or_in_any(
        bool turning,
        string length,
        string width,
        string height,
        bool fits
    ) =>
        After(["length", "width", "height"], ["30 cm", "0.2 m", "10 cm"], turning, length, width, height)
            .Status.ShouldBe(fits ? StandingStatus.Placed : StandingStatus.DidNotPlace);

    [Theory]
    [InlineData("20", "20", "35", true)]
    [InlineData("20", "21", "35", false)]
    [InlineData("20", "20", "36", false)]
    public void A_cylinder_takes_a_thing_whose_diameters_and_height_do(
        string one,
        string other,
        string height,
        bool fits
    ) =>
        After(["length", "width", "height"], ["20 cm", "20 cm", "35 cm"], false, one, other, height)
            .Status.ShouldBe(fits ? StandingStatus.Placed : StandingStatus.DidNotPlace);

    [Fact]
    public void Each_dimension_can_be_too_near_to_call()
    {
        After(["length"], ["30 cm"], false, "30", "1", "1").TooNear.ShouldHaveSingleItem();
        After(["length"], ["30 cm"], false, "28", "1", "1").TooNear.ShouldBeEmpty();
    }

    [Fact]
    public void A_room_in_the_wrong_kind_of_unit_is_refused()
    {
        var rule = Rule(["length"], ["3 kg"], false);
        CompiledEdition
            .For(new Edition { Brief = Sample.Brief([Once("length")], [Sample.Part("length")], rules: [rule]) })
            .Problems.ShouldHaveSingleItem()
            .At.ShouldBe("/rules/box/check/room/0");
    }

    private static Standing After(
        string[] dimensions,
        string[] room,
        bool turning,
        string length,
        string width,
        string height
    )
    {
        var brief = Sample.Brief(
            [Once("length"), Once("width"), Once("height")],
            [Sample.Part("length")],
            rules: [Rule(dimensions, room, turning)]
        );
        var rally = new Happening(brief, "A");
        rally.Read("A", "length", length);
        rally.Read("A", "width", width);
        rally.Read("A", "height", height);
        return rally.Standing("A");
    }

    private static Rule Rule(string[] dimensions, string[] room, bool turning) =>
        new()
        {
            Id = "box",
            Sort = RuleSort.Constraint,
            Text = "Fits the crate",
            Check = new RuleCheck.Fits
            {
                Dimensions = dimensions,
                Room = room,
                Turning = turning,
            },
            IfMissed = new Consequence.DoesNotPlace(),
        };

    private static Measure Once(string id) => Sample.Height() with { Id = id, Name = id, Taken = ReadOccasion.Once };
}
