using PluckyRally.Core.Documents;
using PluckyRally.Core.Rehearsals;

namespace PluckyRally.Core.Tests.Rehearsals;

/// <summary>
/// A rehearsal says what a colleague would say: whole numbers in 100, and no word of statistics.
/// </summary>
public sealed class RehearsalWordsTests
{
    [Theory]
    [InlineData(0, 0, "No place is ever shared.")]
    [InlineData(0, 12.4, "The first place is never shared; another place is, in 12 in 100 classes.")]
    [InlineData(0.4, 2, "The first place is shared in fewer than 1 in 100 classes, and some place in 2 in 100.")]
    [InlineData(12.5, 50, "The first place is shared in 13 in 100 classes, and some place in 50 in 100.")]
    public void Ties(decimal first, decimal any, string says) => RehearsalWords.Ties(first, any).ShouldBe(says);

    [Theory]
    [InlineData(0, 0, -3.2, "It ends on time in all classes, in 1 of 20 with less than 3 minutes to spare.")]
    [InlineData(3, 1, -1, "It ends on time in nearly all classes; it runs over in 3 in 100.")]
    [InlineData(
        40,
        1.2,
        4.6,
        "It runs over in 40 in 100 classes, usually by 1 minute, and in 1 of 20 by 5 minutes or more."
    )]
    public void A_queue(decimal share, decimal middle, decimal worst, string says) =>
        RehearsalWords.Queue(share, middle, worst).ShouldBe(says);

    [Fact]
    public void What_decides_is_said_by_parts_of_a_hundred_and_by_who_does_well()
    {
        RehearsalWords
            .Deciding([new("a", "Height", 62.4m, -0.85m, 100), new("b", "Cost", 37.6m, -0.6m, 100)], one: false)
            .ShouldBe(
                "The difference between teams comes from “Height” (62%) and “Cost” (38%). Teams that are "
                    + "good at “Height” nearly always finish high. Teams that are good at “Cost” usually "
                    + "finish high."
            );
        RehearsalWords
            .Deciding([new("a", "Height", 91, -0.95m, 100), new("b", "Cost", 9, -0.1m, 100)], one: true)
            .ShouldBe(
                "“Height” decides nearly everything: 91% of the difference between teams. Teams that "
                    + "are good at “Height” nearly always finish high. Teams that are good at “Cost” hardly ever "
                    + "finish high."
            );
    }

    [Theory]
    [InlineData(71.2, 12, "The best team wins in 71 in 100 classes instead of 48. 12 minutes more.")]
    [InlineData(71.2, -1, "The best team wins in 71 in 100 classes instead of 48. 1 minute less.")]
    [InlineData(71.2, 0, "The best team wins in 71 in 100 classes instead of 48.")]
    [InlineData(0.3, 0, "The best team wins in fewer than 1 in 100 classes instead of 48.")]
    public void Before_and_after(decimal after, decimal minutes, string says)
    {
        RehearsalFinding Luck(decimal share) =>
            new("luck", FindingWeight.Wrong, "", share, "", []) { Comes = RehearsalWords.BestWinsIn };
        RehearsalWords.BeforeAndAfter(Luck(48), Luck(after), minutes).ShouldBe(says);
        RehearsalWords.BeforeAndAfter(Luck(48), null, 0).ShouldBe("This would be settled.");
    }

    [Theory]
    [InlineData(1, "3 times in “Class 4”")]
    [InlineData(2, "3 times in “Class 4” and “Class 5”")]
    [InlineData(5, "3 times in “Class 4”, “Class 5” and 3 more")]
    public void Where_it_comes_from(int rallies, string says) =>
        RehearsalWords.OfRallies(3, [.. Enumerable.Range(4, rallies).Select(n => $"Class {n}")]).ShouldBe(says);

    [Fact]
    public void What_lasts_and_what_runs_out()
    {
        RehearsalWords.Supply("washers", "3860 g", 0).ShouldBe("Washers last: 3860 g are enough in all classes.");
        RehearsalWords
            .Supply("washers", "3860 g", 7.5m)
            .ShouldBe("Washers run out in 8 in 100 classes: there are 3860 g.");
    }

    [Theory]
    [MemberData(nameof(RehearsalTests.Demo), MemberType = typeof(RehearsalTests))]
    public void No_word_of_statistics_is_said(string file)
    {
        var brief = DocumentReader
            .Brief(File.ReadAllText(Path.Combine(PluckyRally.Tests.ProjectFolder.Root, "demo", file)))
            .OrThrow()
            .Value;
        var report = RehearsalReport.Of(
            Rehearsal.Of(Sample.Ready(brief), new() { Classes = 15 }, ThingsRemembered.Nothing).OrThrow(),
            _ => { },
            TestContext.Current.CancellationToken
        );
        string[] words =
        [
            "mean",
            "median",
            "variance",
            "correlat",
            "probab",
            "deviation",
            "distribut",
            "random",
            "simul",
            "quantile",
        ];
        foreach (
            var said in report.Findings.SelectMany(f => f.Bars.Select(b => b.Name).Append(f.Says).Append(f.Caption))
        )
            words.ShouldAllBe(
                w =>
                    !said.Contains(w, StringComparison.OrdinalIgnoreCase)
                    || brief.Rules.Any(r => r.Text.Contains(w, StringComparison.OrdinalIgnoreCase)),
                said
            );
    }

    /// <summary>
    /// Each thing that could be held side by side can be: the brief with it is one that a class can run.
    /// </summary>
    [Theory]
    [MemberData(nameof(RehearsalTests.Demo), MemberType = typeof(RehearsalTests))]
    public void Every_choice_for_side_by_side_can_be_run_or_says_why_not(string file)
    {
        var brief = DocumentReader
            .Brief(File.ReadAllText(Path.Combine(PluckyRally.Tests.ProjectFolder.Root, "demo", file)))
            .OrThrow()
            .Value;
        var choices = RehearsalHelp.Choices(Sample.Ready(brief));
        choices.Select(c => c.Label).ShouldBeUnique();
        foreach (var choice in choices)
        {
            var changed = Rehearsal.Of(brief, "", choice.Changes, new(), ThingsRemembered.Nothing);
            if (!changed.IsOk)
                changed.Problems.ShouldAllBe(p => p.What.Length > 0 && p.Remedy.Length > 0, choice.Label);
        }
    }
}
