using System.Text.Json;

namespace PluckyRally.Ui.Tests.Papers;

/// <summary>What goes to the printer, printed to PDF and read back with another library (PdfPig).</summary>
public sealed class PrintTests(DemoServer demo) : ScreenTest
{
    /// <summary>ISO 216 and ANSI/ASME Y14.1, in points of 1/72 inch.</summary>
    [Theory]
    [InlineData("A4", 595, 842, 1)]
    [InlineData("US Letter", 612, 792, 2)]
    public void The_sheet_fills_its_first_page_before_a_second_and_the_worksheet_another(
        string paper,
        double width,
        double height,
        int last
    )
    {
        var desk = Open("The slowest millrace");
        desk.Choose("Paper", paper);
        using var pdf = Printed.Of(desk);
        pdf.NumberOfPages.ShouldBe(last + 1);
        pdf.GetPage(1).Width.ShouldBe(width, 1);
        pdf.GetPage(1).Height.ShouldBe(height, 1);
        Printed.Words(pdf, 1).ShouldContain("Your goal");
        Printed.Words(pdf, last).ShouldContain("School policy");
        Printed.Words(pdf, 1).ShouldNotContain("Choose the paper");
        Printed.Words(pdf, 1).ShouldNotContain("Is a long way always slower");
        Printed.Words(pdf, last + 1).ShouldContain("What we measured");
    }

    [Fact]
    public void Every_brief_of_the_demo_fits_both_sides_of_a_sheet()
    {
        var desk = OpenWindow(demo.Address);
        foreach (var brief in Briefs())
        {
            desk.Open($"/briefs/{brief.GetProperty("id").GetString()}/print");
            desk.See("Back to the brief");
            desk.Click(() => desk.Field("a worksheet behind it"));
            desk.SeeNot("Our idea");
            desk.Choose("Letters", "letters of 12 points");
            using var pdf = Printed.Of(desk);
            pdf.NumberOfPages.ShouldBeLessThanOrEqualTo(2, brief.GetProperty("title").GetString());
        }
    }

    /// <summary>Readers who begin get 16 points and more (common practice for large print, no source).</summary>
    [Fact]
    public void Young_readers_get_large_print()
    {
        var desk = Open("The rain catcher");
        desk.Click(() => desk.Field("a worksheet behind it"));
        desk.SeeNot("Our idea");
        using var pdf = Printed.Of(desk);
        var letters = pdf.GetPages().SelectMany(p => p.Letters).Where(l => char.IsLetterOrDigit(l.Value[0])).ToList();
        letters
            .Count(l => l.PointSize < 15.9)
            .ShouldBeLessThan(letters.Count / 20, "only the line with season and theme is smaller");
        pdf.NumberOfPages.ShouldBeLessThanOrEqualTo(4);
    }

    [Fact]
    public void A_tier_prints_its_own_limits()
    {
        var desk = Open("A cairn for Gannet Holm");
        desk.Choose("Tier", "Kindergarten to grade 2");
        desk.See("At least 15 cm tall");
        using var pdf = Printed.Of(desk);
        Printed.Words(pdf, 1).ShouldContain("20 offcuts of driftwood");
        desk.ShouldBeAccessible();
    }

    [Fact]
    public void Black_and_white_prints_no_colour()
    {
        var desk = Open("A cairn for Gannet Holm");
        desk.Choose("Ink", "black and white");
        using var pdf = Printed.Of(desk);
        pdf.GetPage(1).Letters.Select(l => l.Color.ToRGBValues()).ShouldAllBe(c => c.r == c.g && c.g == c.b);
    }

    [Fact]
    public void Narrow_lines_give_more_of_them()
    {
        var desk = Open("A cairn for Gannet Holm");
        int Lines() => desk.Driver.FindElements(OpenQA.Selenium.By.CssSelector(".lines i")).Count;
        desk.Choose("Lines", "wide lines");
        desk.Until(() => Lines() == 3, "three wide lines");
        var wide = Lines();
        desk.Choose("Lines", "narrow lines");
        desk.Until(() => Lines() > wide, "more lines");
    }

    [Fact]
    [Trait("run", "short")]
    public void A_notebook_is_a_page_a_team_and_one_for_the_class()
    {
        var desk = OpenWindow(demo.Address);
        desk.Open("/");
        desk.Click(() => desk.One("link", "Results: Class 4, Shingle term", exact: false));
        desk.See("Why: Kittiwakes");
        desk.Open(desk.Place.Split("/results")[0] + "/papers?print=notebook");
        desk.See("What we want to find out next");
        desk.Until(
            () => desk.Driver.FindElements(OpenQA.Selenium.By.CssSelector("svg.plot")).Count == 8,
            "a picture on each page"
        );
        using var pdf = Printed.Of(desk);
        pdf.NumberOfPages.ShouldBe(8);
        Printed.Words(pdf, 1).ShouldContain("We changed: loaded from the middle out.");
        Printed.Words(pdf, 8).ShouldContain("What we found");
    }

    private Browser Open(string title)
    {
        var desk = OpenWindow(demo.Address);
        desk.Open(
            "/briefs/"
                + Briefs().First(b => b.GetProperty("title").GetString() == title).GetProperty("id").GetString()
                + "/print"
        );
        desk.See("Back to the brief");
        return desk;
    }

    private List<JsonElement> Briefs()
    {
        using var http = new HttpClient { BaseAddress = new Uri(demo.Address) };
        return
        [
            .. JsonElement
                .Parse(http.GetStringAsync("/api/briefs", TestContext.Current.CancellationToken).Result)
                .EnumerateArray(),
        ];
    }
}
