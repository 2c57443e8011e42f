using PluckyRally.Core.Files;
using PluckyRally.Core.Kit;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Tests.Briefs;

/// <summary>
/// A pasted list of materials is read as a text is: how much, of what, for whom, what for, at what price.
/// </summary>
public sealed class PastedMaterialsTests
{
    [Theory]
    [InlineData("250 cm cord", "250 cm cord")]
    [InlineData("10 index cards", "10 index cards covering")]
    [InlineData("index cards\t10", "10 index cards covering")]
    [InlineData("10\tindex cards", "10 index cards covering")]
    [InlineData("2 sheets of foil", "2 sheets foil covering")]
    [InlineData("driftwood", "- driftwood")]
    [InlineData("1 m masking tape", "1 m masking tape joining")]
    [InlineData("30 cm of string per student", "30 cm string joining member")]
    [InlineData("String, $0.50 per meter", "- m string joining price 0.5")]
    [InlineData("scissors (give back)", "- scissors tool back")]
    [InlineData(
        "straws; 12; the long ones; not the paper ones",
        "12 straws stiffening (the long ones; not the paper ones)"
    )]
    [InlineData("4–5 fasteners", "- 4–5 fasteners joining")]
    public void A_line_is_a_material(string line, string read)
    {
        var m = PastedMaterials.Of(new(), [line]).ShouldHaveSingleItem();
        string[] words =
        [
            m.Amount is { } amount ? Numerals.Write(amount) : "-",
            m.Unit,
            m.Name,
            m.Category,
            m.Per == Per.Team ? "" : Json.Word(m.Per),
            m.Price is { } price ? $"price {Numerals.Write(price)}" : "",
            m.Reusable ? "back" : "",
            m.Note.Length > 0 ? $"({m.Note})" : "",
        ];
        string.Join(" ", words.Where(w => w.Length > 0)).ShouldBe(read);
    }

    [Fact]
    public void A_range_is_asked_about_and_one_touch_makes_it_the_larger()
    {
        var brief = new Brief { Materials = PastedMaterials.Of(new(), ["4–5 fasteners"]) };
        var snag = Snags.Of(brief).Single(s => s.At.StartsWith("/materials/", StringComparison.Ordinal));
        snag.What.ShouldBe("“4–5 fasteners” does not say how many a team gets.");
        snag.Fix!.Label.ShouldBe("Make it 5 fasteners");
        var made = Changes.Apply(brief, snag.Fix.Changes).OrThrow().Value.Materials[0];
        (made.Amount, made.Name).ShouldBe((5, "fasteners"));
    }

    [Fact]
    public void Every_line_has_an_id_of_its_own_and_an_empty_one_is_none()
    {
        var brief = new Brief { Materials = [new() { Id = "material", Name = "foil" }] };
        PastedMaterials.Of(brief, ["5 straws", " ", "2 cups"]).Select(m => m.Id).Append("material").ShouldBeUnique();
    }
}
