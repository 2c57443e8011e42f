using System.Text.Json;
using UglyToad.PdfPig;

namespace PluckyRally.Ui.Tests.Papers;

/// <summary>
/// Every paper of the demo, printed to PDF in both sizes and read back with another library (PdfPig).
/// </summary>
public sealed class PapersTests(DemoServer demo) : ScreenTest
{
    /// <summary>ISO 216 and ANSI/ASME Y14.1, in points of 1/72 inch, shorter side first.</summary>
    private static readonly (string Name, double Width, double Height)[] Sizes =
    [
        ("A4", 595.3, 841.9),
        ("US Letter", 612, 792),
    ];

    /// <summary>
    /// What a printer leaves blank at an edge at the most: a quarter of an inch (common practice, no source).
    /// </summary>
    private const double Edge = 18;

    /// <summary>
    /// Two rallies take turns, so that each sort of paper is printed once; a sort that says every team does so in both.
    /// </summary>
    [Theory]
    [InlineData("Class 4, Lantern term", "A cairn for Gannet Holm", "A4", 0)]
    [InlineData("Class 4, Shingle term", "Foil ferry across the Kelp Channel", "US Letter", 1)]
    public void Every_paper_of_a_rally_prints_whole(string rally, string title, string paper, int turn)
    {
        var desk = OpenWindow(demo.Address);
        var teams = Ask($"/api/rallies/{IdOf("/api/rallies", "name", rally)}")
            .GetProperty("teams")
            .EnumerateArray()
            .Where(t => !t.TryGetProperty("away", out var away) || away.ValueKind == JsonValueKind.Null)
            .Select(t => t.GetProperty("name").GetString()!)
            .ToList();
        desk.Open($"/rallies/{IdOf("/api/rallies", "name", rally)}/papers");
        var sorts = Sorts(desk);
        foreach (var sort in sorts.Where((s, i) => i % 2 == turn || SaysEveryTeam(s.Id)))
            PrintOne(desk, title, teams, Sizes.Single(size => size.Name == paper), sort);
        desk.ShouldHaveCleanConsole();
    }

    /// <summary>
    /// Each brief prints one paper, the last sort that none has printed: what not every brief has stands last. When all
    /// are printed, the sorts go round again.
    /// </summary>
    [Fact]
    public void Every_paper_of_a_brief_prints_whole()
    {
        var desk = OpenWindow(demo.Address);
        var printed = new HashSet<string>();
        var sorts = new List<(string Id, string Name)>();
        var briefs = Ask("/api/briefs").EnumerateArray().ToList();
        for (var at = 0; at < briefs.Count; at++)
        {
            desk.Open($"/briefs/{briefs[at].GetProperty("id").GetString()}/print");
            sorts = Sorts(desk);
            var left = sorts.Where(s => !printed.Contains(s.Id)).Reverse().DefaultIfEmpty(sorts[at % sorts.Count]);
            foreach (var sort in left)
                if (PrintOne(desk, briefs[at].GetProperty("title").GetString()!, [], Sizes[at % 2], sort))
                {
                    printed.Add(sort.Id);
                    break;
                }
        }

        sorts.Select(s => s.Id).Except(printed).ShouldBeEmpty();
        desk.ShouldHaveCleanConsole();
    }

    [Fact]
    [Trait("run", "short")]
    public void A_judges_sheet_is_typed_in_from_the_keyboard_and_what_was_wrong_is_said_at_its_field()
    {
        var desk = OpenWindow(demo.Address);
        var id = IdOf("/api/rallies", "name", "Class 5, the hoist");
        desk.Open($"/rallies/{id}/papers?print=judge");
        desk.See("The pull is only on the line");
        desk.ShouldBeAccessible();
        desk.ClickLink("Type in judges’ sheets");
        desk.Type("Judged by", "Wren S.");
        desk.Type("Attempts, 1, Pull", "5.2");
        Keys(desk, "two", OpenQA.Selenium.Keys.Enter, OpenQA.Selenium.Keys.Enter);
        desk.ClickButton("Save this sheet");
        desk.See("“two” cannot be read as a number.");
        desk.ShouldBeAccessible();
        desk.Driver.Navigate().Refresh();
        desk.Until(
            () => desk.Field("Attempts, 1, Pull").GetAttribute("value") == "5.2",
            "what was typed to be there again"
        );
        desk.Type("Attempts, 1, Tangles", "2");
        desk.Choose("Attempts, 1, The pull is only on the line", "met");
        desk.Choose("Attempts, 2, Outcome", "failed");
        desk.Type("Observations, Observations", "tried it twice by hand");
        desk.ClickButton("Save this sheet");
        desk.See("Dulse: 4 results recorded.");
        desk.Until(() => desk.Place.EndsWith("/typing/t2", StringComparison.Ordinal), "the next team");
        desk.Until(() => desk.Field("Judged by").GetAttribute("value") == "Wren S.", "the judge's name to stay");
        desk.Open($"/rallies/{id}/score/t1");
        desk.See("Wren S., on paper,");
        desk.ShouldHaveCleanConsole(expected: "422");
    }

    private static void Keys(Browser desk, string text, params string[] before)
    {
        // From the field before: Enter goes on to the next one.
        desk.Field("Attempts, 1, Pull").SendKeys(before[0]);
        desk.Driver.SwitchTo().ActiveElement().SendKeys(text + before[1]);
    }

    private static bool SaysEveryTeam(string sort) => sort is "work" or "judge" or "slips" or "notebook";

    private static List<(string Id, string Name)> Sorts(Browser desk)
    {
        desk.See("Choose what to print");
        var sorts = desk
            .Driver.FindElements(By.CssSelector("select[aria-label='What to print'] option"))
            .Select(o => (Id: o.GetAttribute("value")!, Name: o.Text))
            .ToList();
        sorts.Count.ShouldBeGreaterThan(8);
        return sorts;
    }

    /// <summary>Whether there is something of this sort: then it is printed and read back.</summary>
    private static bool PrintOne(
        Browser desk,
        string title,
        List<string> teams,
        (string Name, double Width, double Height) size,
        (string Id, string Name) sort
    )
    {
        desk.Choose("What to print", sort.Name);
        desk.Choose("Paper", size.Name);
        desk.Until(
            () =>
                desk.Driver.FindElements(By.CssSelector($".on-paper[aria-label='{sort.Name}'] > :not(style)")).Count > 0
                && !desk.Text.Contains("Fetching", StringComparison.Ordinal),
            $"{sort.Name} of {title}"
        );

        // Where there is nothing of a sort, that is said, and nothing is printed.
        if (desk.Driver.FindElements(By.CssSelector(".on-paper > .muted")).Count > 0)
            return false;
        ReadableLetters(desk).ShouldBe("", $"{sort.Name} of {title}");
        using var pdf = Printed.Of(desk);
        Check(pdf, $"{sort.Name} of {title} on {size.Name}", size, sort.Id);
        if (SaysEveryTeam(sort.Id))
            foreach (var team in teams)
                pdf.GetPages()
                    .ShouldContain(p => p.Text.Contains(team, StringComparison.Ordinal), $"{sort.Name}: {team}");
        return true;
    }

    /// <summary>
    /// What is set in other letters than those for readers who begin, whose zero has no slash, and those of titles,
    /// whose zero has none either.
    /// </summary>
    private static string ReadableLetters(Browser desk) =>
        (string)
            desk.Run(
                """
                return [...document.querySelectorAll('.on-paper *')]
                  .filter((e) => e.tagName !== 'STYLE')
                  .filter((e) => [...e.childNodes].some((n) => n.nodeType === 3 && n.data.trim()))
                  .filter((e) => !/^"?(Andika|Bricolage)/.test(getComputedStyle(e).fontFamily))
                  .map((e) => e.textContent.trim().slice(0, 40) + ': ' + getComputedStyle(e).fontFamily)
                  .join('; ')
                """
            )!;

    private static void Check(
        PdfDocument pdf,
        string what,
        (string Name, double Width, double Height) size,
        string sort
    )
    {
        foreach (var page in pdf.GetPages())
        {
            var at = $"{what}, page {page.Number}";
            Math.Min(page.Width, page.Height).ShouldBe(Math.Min(size.Width, size.Height), 1, at);
            Math.Max(page.Width, page.Height).ShouldBe(Math.Max(size.Width, size.Height), 1, at);
            var letters = page.Letters.Where(l => l.Value.Length > 0 && !char.IsWhiteSpace(l.Value[0])).ToList();
            letters.Count.ShouldBeGreaterThan(30, $"{at} is all but empty");
            foreach (var l in letters)
            {
                l.BoundingBox.Left.ShouldBeGreaterThan(Edge, $"{at}: “{l.Value}” is cut off on the left");
                l.BoundingBox.Right.ShouldBeLessThan(page.Width - Edge, $"{at}: “{l.Value}” is cut off on the right");
                l.BoundingBox.Bottom.ShouldBeGreaterThan(Edge, $"{at}: “{l.Value}” is cut off below");
                l.BoundingBox.Top.ShouldBeLessThan(page.Height - Edge, $"{at}: “{l.Value}” is cut off above");
            }

            // Two letters of a short code on a pennant are a picture.
            var words = letters.Where(l => l.PointSize < 11.9).ToList();
            words.Count.ShouldBeLessThan(
                Math.Max(30, letters.Count / 8),
                $"{at} has small letters: {string.Concat(words.Take(60).Select(l => l.Value))}"
            );
            page.Text.ShouldContain($"{page.Number} / {pdf.NumberOfPages}", Case.Sensitive, at);
        }

        if (sort is "sheet" or "work")
            pdf.NumberOfPages.ShouldBeLessThanOrEqualTo(sort == "sheet" ? 5 : 20, what);
    }

    private JsonElement Ask(string path)
    {
        using var http = new HttpClient { BaseAddress = new Uri(demo.Address) };
        return JsonElement.Parse(http.GetStringAsync(path, TestContext.Current.CancellationToken).Result);
    }

    private string IdOf(string path, string field, string value) =>
        Ask(path).EnumerateArray().First(r => r.GetProperty(field).GetString() == value).GetProperty("id").GetString()!;
}
