using System.Text.Json.Nodes;

namespace PluckyRally.Ui.Tests;

/// <summary>
/// Names as classes have them: 60 letters without a break, written from right to left, with marks that combine. In
/// every list and on every paper they are whole, and stay where they belong.
/// </summary>
public sealed class NamesTests(WorkingServer working) : ScreenTest
{
    private const string Long = "Bladderwrackandbarnaclesandlimpetsandwhelksandperiwinkles";

    private static readonly string[] Names =
    [
        $"{Long}one",
        "السلاحف البحرية والنوارس على الشاطئ",
        "שחפים וקונכיות על החוף",
        "N̂åw̋ ë́d̃ẗ k̂o̊r̃ñ",
        "海鸥和贝壳在沙滩上",
        $"{Long}two",
    ];

    [Fact]
    public async Task Every_list_shows_them_whole()
    {
        var window = OpenWindow(working.Address);
        var rally = await BringIn(working.Address);
        foreach (
            var (path, says) in new[]
            {
                ("teams", "Mark absent…"),
                ("kit", "Team by team"),
                ("run", "ring at warnings"),
                ("score", "Observations"),
                ("together", "Observations"),
                ("results", "Why: "),
                ("results?section=numbers", "Download as"),
                ("results?section=gallery", "on the wall"),
                ("debrief", "What each team learned"),
                ("marks", "Not part of the points"),
                ("typing", "Save this sheet"),
            }
        )
        {
            window.Open($"/rallies/{rally}/{path}");
            window.See(says);
            foreach (var (width, height) in new[] { (1280, 800), (390, 844) })
            {
                window.Resize(width, height);
                window.ShouldFit();
                WholeNames(window);
            }
        }
    }

    [Fact]
    public async Task Every_paper_shows_them_whole()
    {
        var window = OpenWindow(working.Address);
        var rally = await BringIn(working.Address);
        foreach (
            var paper in new[] { "work", "labels", "counts", "judge", "list", "gallery", "slips", "standings" }.Concat([
                "certificates",
                "notebook",
                "plots",
                "cards",
                "jobs",
            ])
        )
        {
            window.Open($"/rallies/{rally}/papers?print={paper}");
            window.Until(
                () => (bool)window.Run("return !!document.querySelector('.on-paper')?.innerText.includes('海鸥')")!,
                $"{paper} to show its teams"
            );
            WholeNames(window);
        }
    }

    /// <summary>A class's rally of the demo, its teams called otherwise.</summary>
    private static async Task<string> BringIn(string address)
    {
        var file = JsonNode.Parse(
            await File.ReadAllTextAsync(
                Path.Combine(ProjectFolder.Root, "demo", "class-7-hoist.rally.json"),
                TestContext.Current.CancellationToken
            )
        )!;
        file["name"] = $"{Long}six";
        foreach (var (team, name) in file["teams"]!.AsArray().Zip(Names))
            team!["name"] = name;
        return await PreparedRally.BringIn(address, file.ToJsonString());
    }

    /// <summary>Each line of a name lies within all boxes that hold it; those that scroll may move it.</summary>
    private static void WholeNames(Browser window) =>
        ((IEnumerable<object>)window.Run(Cut)!).Cast<string>().Take(8).ShouldBeEmpty($"at {window.Place}");

    private const string Cut = """
        const cut = []
        const walk = document.createTreeWalker(document.querySelector('main'), NodeFilter.SHOW_TEXT)
        for (let text = walk.nextNode(); text; text = walk.nextNode()) {
          if (!/Bladderwrack|السلاحف|שחפים|N̂åw|海鸥/.test(text.data)) continue
          const of = text.parentElement
          if (!of.checkVisibility() || of.closest('.out-of-sight, option, svg')) continue
          const range = document.createRange()
          range.selectNodeContents(text)
          for (const line of range.getClientRects()) {
            for (let box = of; box && box.tagName !== 'MAIN'; box = box.parentElement) {
              const style = getComputedStyle(box)
              // A sheet that lies across is wider than the column in which papers are shown.
              if (['auto', 'scroll'].includes(style.overflowX) || box.matches('.on-paper')) break
              if (['inline', 'contents'].includes(style.display)) continue
              const within = box.getBoundingClientRect()
              if (line.left < within.left - 1.5 || line.right > within.right + 1.5) {
                const [left, right, from, to] = [line.left, line.right, within.left, within.right].map(Math.round)
                const name = text.data.trim().slice(0, 20)
                cut.push(`${box.tagName}.${box.className}: ${name} ${left}–${right} in ${from}–${to}`)
                break
              }
            }
          }
        }
        return cut
        """;
}
