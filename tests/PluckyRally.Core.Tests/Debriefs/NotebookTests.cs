using PluckyRally.Core.Debriefs;
using PluckyRally.Core.Results;

namespace PluckyRally.Core.Tests.Debriefs;

/// <summary>A notebook page is filled from what is there and says nothing of other teams.</summary>
public sealed class NotebookTests
{
    private readonly Happening _rally = new(
        Sample.Simple(2) with
        {
            Goal = "Build a tower.",
            Teacher = new() { Questions = ["What held?"] },
        },
        "Terns",
        "Whelks"
    );

    [Fact]
    public void A_page_has_what_was_read_changed_and_said_round_by_round()
    {
        _rally.Counted("Terns", "41");
        _rally.Failed("Terns");
        _rally.Counted("Whelks", "57");
        _rally.Keep(
            new Entry.DesignNoted
            {
                Id = _rally.NextId(),
                Team = new("terns"),
                Labels = new Dictionary<string, string> { ["foot"] = "wide" },
            }
        );
        _rally.Keep(
            new Entry.LookedBack
            {
                Id = _rally.NextId(),
                Team = new("terns"),
                Worked = "the foot",
                Change = "more tape",
                Why = "it tipped",
            }
        );
        _rally.Keep(
            new Entry.AnswerGiven
            {
                Id = _rally.NextId(),
                Question = 1,
                Text = "wide feet",
            }
        );
        _rally.Keep(new Entry.RoundClosed { Id = _rally.NextId() });
        _rally.Round = 2;
        _rally.Counted("Terns", "50");
        _rally.Counted("Terns", "48");
        _rally.Keep(
            new Entry.DesignNoted
            {
                Id = _rally.NextId(),
                Team = new("terns"),
                Round = 2,
                Changed = "more tape",
                Also = "a new mast",
            }
        );

        var notebook = Notebook.Of(OpenedRally.Open(_rally.Rally).OrThrow());
        var page = notebook.Pages[0];
        (notebook.Goal, page.Name).ShouldBe(("Build a tower.", "Terns"));
        page.Rounds.Select(r => string.Join("|", r.Attempts.Select(a => a[0]))).ShouldBe(["41 cm|", "50 cm|48 cm"]);
        (page.Rounds[0].Labels.Single(), page.Rounds[0].Worked, page.Rounds[0].Change, page.Rounds[0].Why).ShouldBe(
            ("foot: wide", "the foot", "more tape", "it tipped")
        );
        page.Rounds[1].Changed.ShouldBe(["more tape; also a new mast"]);
        page.Rounds[1].Since.ShouldBe(["part: 9 cm more than in round 1: better"]);
        notebook.Class.Questions.Single().Answers.ShouldBe(["wide feet"]);
        notebook.Class.Plot.ShouldNotBeNull();
    }

    [Fact]
    public void A_teams_own_values_stand_over_the_others_who_are_not_named()
    {
        _rally.Counted("Terns", "41");
        _rally.Counted("Whelks", "57");
        var plot = Notebook.Of(OpenedRally.Open(_rally.Rally).OrThrow()).Pages[1].Plot!;
        plot.Rows.Select(r => r.Name).ShouldBe(["our team", "other teams"]);
        plot.Marks.Cast<PlotMark.Dot>()
            .Select(d => (d.X, d.Y, d.Says))
            .ShouldBe([(57, 0, "Whelks, attempt 1: 57 cm"), (41, 1, "")]);
        Notebook
            .Of(OpenedRally.Open(new Happening(Sample.Simple(), "A").Rally).OrThrow())
            .Pages.Single()
            .Plot.ShouldBeNull("nothing was read yet: lines to write on");
    }
}
