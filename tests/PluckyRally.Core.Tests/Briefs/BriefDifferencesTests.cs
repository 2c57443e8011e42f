using PluckyRally.Core.Checks;

namespace PluckyRally.Core.Tests.Briefs;

public sealed class BriefDifferencesTests
{
    [Fact]
    public void Nothing_differs_from_itself() =>
        BriefDifferences.Between(Sample.Simple(), Sample.Simple()).ShouldBeEmpty();

    [Fact]
    public void Every_change_is_named_where_it_stands()
    {
        var before = Sample.Simple() with
        {
            Rules =
            [
                Sample.Limit("high", "height", Comparison.AtLeast, "30 cm", new Consequence.DoesNotPlace()) with
                {
                    Text = "Tall",
                },
            ],
        };
        var after = before with
        {
            Title = "Another",
            Measures = [Sample.Height(0.5m)],
            Rules =
            [
                Sample.Limit("high", "height", Comparison.AtLeast, "20 cm", new Consequence.NoteOnly()) with
                {
                    Text = "Tall",
                },
                Sample.Inspection("float", new Consequence.NoteOnly()),
            ],
        };
        BriefDifferences
            .Between(before, after)
            .Select(d => (d.At, d.Where, d.Before, d.After))
            .ShouldBe([
                ("/title", "Title", "A brief", "Another"),
                ("/measures/height/step", "Height: measured to the nearest", "1", "0.5"),
                ("/rules/high/check/amount", "“Tall”: limit", "30 cm", "20 cm"),
                ("/rules/high/ifMissed", "“Tall”: if missed", "doesNotPlace", "noteOnly"),
                ("/rules/float", "“It must float”", "", "It must float"),
            ]);
    }

    [Fact]
    public void Another_order_is_a_change()
    {
        var (a, b) = (
            Sample.Inspection("a", new Consequence.NoteOnly()),
            Sample.Inspection("b", new Consequence.NoteOnly())
        );
        BriefDifferences
            .Between(Sample.Simple() with { Rules = [a, b] }, Sample.Simple() with { Rules = [b, a] })
            .ShouldHaveSingleItem()
            .ShouldBe(new("/rules", "Rules", "It must a, It must b", "It must b, It must a"));
    }
}
