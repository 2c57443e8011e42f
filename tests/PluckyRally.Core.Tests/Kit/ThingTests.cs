using PluckyRally.Core.Kit;

namespace PluckyRally.Core.Tests.Kit;

/// <summary>
/// One thing is one line, whatever it is called and measured in. 1 in is 2.54 cm, 1 yd is 0.9144 m and 1 lb is
/// 453.59237 g exactly (international yard and pound agreement of 1959, NIST Special Publication 811, appendix B).
/// </summary>
public sealed class ThingTests
{
    [Theory]
    [InlineData("egg", "", "Eggs", "")]
    [InlineData("paper", "sheets", "sheets of paper", "")]
    [InlineData("Paper (sheet)", "", "sheet of  paper", "")]
    [InlineData("sheets of paper", "sheet", "sheet of paper", "")]
    [InlineData("strips of card", "", "card", "strips")]
    [InlineData("scissors", "", "Scissors ", "")]
    [InlineData("string", "m", "String", "cm")]
    [InlineData("string (cm)", "", "string", "in")]
    [InlineData("flour", "kg", "flour", "ounces")]
    [InlineData("water", "l", "water", "ml")]
    public void Are_one_thing(string name, string unit, string other, string otherUnit) =>
        Thing.Of(name, unit).Key.ShouldBe(Thing.Of(other, otherUnit).Key);

    [Theory]
    [InlineData("tape", "cm", "tape", "roll")]
    [InlineData("tape", "", "masking tape", "")]
    [InlineData("sand", "g", "sand", "ml")]
    [InlineData("sheets of foil", "", "sheets of paper", "")]
    public void Are_two_things(string name, string unit, string other, string otherUnit) =>
        Thing.Of(name, unit).Key.ShouldNotBe(Thing.Of(other, otherUnit).Key);

    [Fact]
    public void Five_meters_of_string_and_forty_inches_are_601_point_6_cm() =>
        new OnHand([new("string", "m", 5), new("String", "in", 40)]).Of("string", "cm").ShouldBe(601.6m);

    [Fact]
    public void Whole_packs_of_a_material_count_with_what_is_loose_and_are_taken_last()
    {
        var straws = Sample.Material("s", "straws", pack: 100);
        var there = new OnHand([new("straw", "", 30), new("straws", "packs", 2), new("packs of straws", "", 1)]);
        there.Of(straws).ShouldBe(330);
        there.Take(straws, 80).ShouldBe([new("straws", "", 30), new("straws", "pack", 0.5m)]);
        new OnHand([new("straws", "packs", 2)])
            .Of(straws with { Pack = null })
            .ShouldBe(0, "how many are in one is not known");
    }

    [Fact]
    public void What_the_teacher_joined_is_one_thing_with_its_own_measure()
    {
        IReadOnlyList<CupboardItem> cupboard =
        [
            new("tape", "cm", 250) { OtherNames = [new("masking tape", "roll", 1000)] },
            new("rolls of masking tape", "", 2),
        ];
        var there = new OnHand(cupboard);
        there.Of("masking tape", "rolls").ShouldBe(2.25m, "250 cm are a quarter of a roll");
        there.Of("tape", "m").ShouldBe(22.5m);
        CupboardList
            .Merged(cupboard)
            .ShouldHaveSingleItem()
            .ShouldSatisfyAllConditions(i => (i.Name, i.Unit, i.Amount).ShouldBe(("tape", "cm", 2250m)));
    }

    [Fact]
    public void Names_that_say_nothing_are_refused() =>
        (new CupboardItem("tape", "cm", 0) { OtherNames = [new("", "roll", 0)] })
            .Problems()
            .Select(p => p.At)
            .ShouldBe(["/otherNames/0/name", "/otherNames/0/each"]);
}
