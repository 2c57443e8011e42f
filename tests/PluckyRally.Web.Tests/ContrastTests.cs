using System.Globalization;
using System.Text.RegularExpressions;

namespace PluckyRally.Web.Tests;

/// <summary>
/// The colours of web/src/look/tokens.css against WCAG 2.2: 1.4.3 (text 4.5:1) and 1.4.11 (edges of fields 3:1). The
/// ratio is that of its glossary ("contrast ratio", "relative luminance").
/// </summary>
public sealed class ContrastTests
{
    private static readonly string Tokens = File.ReadAllText(
        Path.Combine(ProjectFolder.Root, "web", "src", "look", "tokens.css")
    );

    public static TheoryData<string, string, string, double> Pairs()
    {
        var pairs = new TheoryData<string, string, string, double>();
        foreach (var place in new[] { ":root", ".wall" })
        {
            foreach (var ground in new[] { "paper", "sheet" })
            {
                foreach (var ink in new[] { "ink", "muted", "lagoon", "marigold-text", "brick", "plum" })
                    pairs.Add(place, ink, ground, 4.5);
                pairs.Add(place, "edge", ground, 3);
            }
        }

        foreach (
            var (ink, ground) in new[]
            {
                ("ink", "lagoon-wash"),
                ("lagoon-deep", "lagoon-wash"),
                ("ink", "marigold-wash"),
                ("marigold-text", "marigold-wash"),
                ("brick", "brick-wash"),
                ("brick", "lagoon-wash"),
                ("plum", "plum-wash"),
                ("muted", "marigold-wash"),
                ("muted", "lagoon-wash"),
            }
        )
            pairs.Add(":root", ink, ground, 4.5);
        return pairs;
    }

    [Theory]
    [MemberData(nameof(Pairs))]
    public void Text_can_be_read_on_what_it_stands_on(string place, string ink, string ground, double least) =>
        Ratio(Colour(place, ink), Colour(place, ground))
            .ShouldBeGreaterThanOrEqualTo(least, $"{ink} on {ground} in {place}");

    /// <summary>
    /// Values that are published: black on white is 21:1 (WCAG 2.2, glossary); #767676 is the lightest grey that passes
    /// on white (technique G18).
    /// </summary>
    [Theory]
    [InlineData("#000000", "#ffffff", 21)]
    [InlineData("#ffffff", "#ffffff", 1)]
    [InlineData("#767676", "#ffffff", 4.54)]
    [InlineData("#777777", "#ffffff", 4.48)]
    public void The_ratio_is_the_published_one(string one, string other, double ratio) =>
        Ratio(one, other).ShouldBe(ratio, 0.005);

    /// <summary>A token as it holds in a place: its own, or else that of the root.</summary>
    private static string Colour(string place, string name)
    {
        foreach (var block in new[] { place, ":root" })
        {
            var text = Regex
                .Match(Tokens, Regex.Escape(block) + @" \{(.*?)\n\}", RegexOptions.Singleline)
                .Groups[1]
                .Value;
            if (Regex.Match(text, $@"--{name}: (#[0-9a-f]{{6}});") is { Success: true } found)
                return found.Groups[1].Value;
        }

        throw new InvalidOperationException($"There is no colour {name}.");
    }

    private static double Ratio(string one, string other)
    {
        var (a, b) = (Luminance(one), Luminance(other));
        return (Math.Max(a, b) + 0.05) / (Math.Min(a, b) + 0.05);
    }

    private static double Luminance(string colour)
    {
        double Channel(int at)
        {
            var share = int.Parse(colour.AsSpan(at, 2), NumberStyles.HexNumber, CultureInfo.InvariantCulture) / 255.0;
            return share <= 0.04045 ? share / 12.92 : Math.Pow((share + 0.055) / 1.055, 2.4);
        }

        return (0.2126 * Channel(1)) + (0.7152 * Channel(3)) + (0.0722 * Channel(5));
    }
}
