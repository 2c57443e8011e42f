using PluckyRally.Core.Results;

namespace PluckyRally.Core.Tests.Results;

/// <summary>All that teams made side by side, and what the class sees on it counted against a figure.</summary>
public sealed class GalleryTests
{
    private readonly Happening _rally = new(
        Sample.Brief(
            [
                Sample.Height(),
                new Measure
                {
                    Id = "mass",
                    Name = "Mass",
                    Kind = MeasureKind.Mass,
                    Unit = "g",
                    Taken = ReadOccasion.Once,
                    Better = Better.Less,
                },
            ],
            [Sample.Part("height")],
            1
        ),
        "Terns",
        "Whelks",
        "Gulls",
        "Plovers"
    );

    public GalleryTests()
    {
        foreach (var (team, height) in new[] { ("Terns", "41"), ("Whelks", "28"), ("Gulls", "39") })
            _rally.Counted(team, height);
        foreach (var (team, mass) in new[] { ("terns", "90"), ("gulls", "70"), ("plovers", "60") })
            _rally.Keep(
                new Entry.MeasureRead
                {
                    Id = _rally.NextId(),
                    Team = new(team),
                    Reading = new() { Measure = "mass", Typed = mass },
                }
            );
        foreach (var team in new[] { "gulls", "terns" })
            _rally.Keep(
                new Entry.TagSeen
                {
                    Id = _rally.NextId(),
                    Team = new(team),
                    Word = "wide foot",
                }
            );
        _rally.Keep(
            new Entry.DesignNoted
            {
                Id = _rally.NextId(),
                Team = new("terns"),
                Labels = new Dictionary<string, string> { ["foot"] = "square" },
            }
        );
    }

    [Fact]
    public void It_stands_in_order_of_a_figure_with_those_without_a_value_last()
    {
        var gallery = Of("height");
        gallery
            .Cards.Select(c => (c.Name, c.Value))
            .ShouldBe([("Terns", "41 cm"), ("Gulls", "39 cm"), ("Whelks", "28 cm"), ("Plovers", "")]);
        gallery.Cards[0].Others.ShouldBe(["Mass: 90 g"]);
        gallery.Cards[0].Labels.ShouldBe(["foot: square"]);
        gallery.Cards[0].Tags.Select(t => t.Word).ShouldBe(["wide foot"]);
        Of("mass").Cards.Select(c => c.Value).ShouldBe(["60 g", "70 g", "90 g", ""], "the lightest first");
        Of("nix").Figure.ShouldBe("height");
    }

    /// <summary>The farthest slide was 30 cm off the line; the straightest, of another attempt, 2 cm.</summary>
    [Fact]
    public void What_stands_beside_a_value_is_of_the_same_attempt()
    {
        var line = Sample.Height() with { Id = "line", Name = "Off the line", Better = Better.Less };
        var rally = new Happening(Sample.Brief([Sample.Height(), line], [Sample.Part("height")], 2), "Terns");
        rally.Counted("Terns", "180", "30");
        rally.Counted("Terns", "120", "2");
        Gallery
            .Of(OpenedRally.Open(rally.Rally).OrThrow(), 1, "height")
            .Cards[0]
            .Others.ShouldBe(["Off the line in the same attempt: 30 cm"]);
    }

    /// <summary>The mean, 150 cm, is no attempt's, though one attempt happens to be as long.</summary>
    [Fact]
    public void A_mean_is_of_no_attempt()
    {
        var line = Sample.Height() with { Id = "line", Name = "Off the line", Better = Better.Less };
        var mean = Sample.Part("height") with { Combine = Combine.Mean };
        var rally = new Happening(Sample.Brief([Sample.Height(), line], [mean], 3), "Terns");
        rally.Counted("Terns", "120", "3");
        rally.Counted("Terns", "150", "30");
        rally.Counted("Terns", "180", "20");
        var card = Gallery.Of(OpenedRally.Open(rally.Rally).OrThrow(), 1, "height").Cards[0];
        card.Value.ShouldBe("150.0 cm");
        card.Others.ShouldBe(["Off the line: 3 cm"]);
    }

    [Fact]
    public void A_tag_is_counted_against_the_figure()
    {
        Of("height").Tags.Single().Says.ShouldBe("With wide foot: 2 teams, median 40.0 cm; without: 1 team, 28 cm.");
        foreach (var team in new[] { "whelks", "plovers" })
            _rally.Keep(
                new Entry.TagSeen
                {
                    Id = _rally.NextId(),
                    Team = new(team),
                    Word = "Wide foot",
                }
            );
        Of("height").Tags.Single().Says.ShouldBe("With wide foot: 3 teams, median 39.0 cm; without: no team.");
    }

    private Gallery Of(string figure) => Gallery.Of(OpenedRally.Open(_rally.Rally).OrThrow(), 1, figure);
}
