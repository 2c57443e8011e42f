using PluckyRally.Core.Words;

namespace PluckyRally.Core.Tests.Words;

/// <summary>Numbers, plurals, ordinals and lists, as any grammar of English has them.</summary>
public sealed class EnglishTests
{
    [Theory]
    [InlineData("straw", "straws")]
    [InlineData("index card", "index cards")]
    [InlineData("sheet of foil", "sheets of foil")]
    [InlineData("box", "boxes")]
    [InlineData("inch", "inches")]
    [InlineData("foot", "feet")]
    [InlineData("battery", "batteries")]
    [InlineData("shelf", "shelves")]
    [InlineData("dowel (30 cm)", "dowel (30 cm)")]
    public void One_and_several(string one, string several)
    {
        English.Several(one).ShouldBe(several);
        English.One(several).ShouldBe(one);
    }

    [Theory]
    [InlineData("straw")]
    [InlineData("glass")]
    [InlineData("scissors")]
    [InlineData("Tape")]
    public void What_is_one_stays_one(string one) => English.One(one).ShouldBe(one);

    [Theory]
    [InlineData(0, "0 sheets")]
    [InlineData(1, "1 sheet")]
    [InlineData(2.5, "2.5 sheets")]
    [InlineData(-1, "−1 sheets")]
    public void So_many(double count, string says) => English.Count((decimal)count, "sheet").ShouldBe(says);

    [Theory]
    [InlineData(1, "1st")]
    [InlineData(2, "2nd")]
    [InlineData(3, "3rd")]
    [InlineData(4, "4th")]
    [InlineData(11, "11th")]
    [InlineData(12, "12th")]
    [InlineData(13, "13th")]
    [InlineData(21, "21st")]
    [InlineData(112, "112th")]
    public void A_place_in_a_row(int number, string says) => English.Ordinal(number).ShouldBe(says);

    [Theory]
    [InlineData("", "")]
    [InlineData("Gulls", "Gulls")]
    [InlineData("Gulls|Terns", "Gulls and Terns")]
    [InlineData("Gulls|Terns|Knots", "Gulls, Terns and Knots")]
    public void A_list(string items, string says) =>
        English.List(items.Split('|', StringSplitOptions.RemoveEmptyEntries)).ShouldBe(says);

    [Theory]
    [InlineData(1, "", "straws", "1 straw")]
    [InlineData(12, "", "straws", "12 straws")]
    [InlineData(1, "sheets", "foil", "1 sheet of foil")]
    [InlineData(3, "sheet", "foil", "3 sheets of foil")]
    [InlineData(60, "cm", "tape", "60 cm of tape")]
    public void So_much_of_a_material(int amount, string unit, string name, string says) =>
        Sample.Material("m", name, amount: amount, unit: unit).Says().ShouldBe(says);

    [Theory]
    [InlineData(1, "beads", "1 bead")]
    [InlineData(2, "beads", "2 beads")]
    [InlineData(0, "beads", "0 beads")]
    public void One_of_what_is_counted(int value, string unit, string says) =>
        ReadingFormat.Value(value, Sample.Count("count", unit)).ShouldBe(says);

    [Theory]
    [InlineData("in", "inch", "inches")]
    [InlineData("ft", "foot", "feet")]
    [InlineData("s", "second", "seconds")]
    [InlineData("cm", "cm", "cm")]
    [InlineData("%", "percent", "percent")]
    public void A_unit_in_words(string unit, string one, string several) =>
        (Units.OneOf(unit), Units.SeveralOf(unit)).ShouldBe((one, several));

    [Theory]
    [InlineData("Height", "height")]
    [InlineData("DNA strands", "DNA strands")]
    [InlineData("A", "a")]
    public void In_the_middle_of_a_sentence(string text, string says) => SentenceCase.Sentence(text).ShouldBe(says);
}
