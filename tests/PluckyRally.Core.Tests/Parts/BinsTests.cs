using PluckyRally.Core.Curves;

namespace PluckyRally.Core.Tests.Parts;

public sealed class BinsTests
{
    private static readonly string[] Names = ["shell", "weed", "wood", "rope"];

    private static readonly Part.Bins Strandline = new()
    {
        Id = "bins",
        Name = "Strandline",
        Names = Names,
        Items = [.. Enumerable.Range(0, 20).Select(i => Sample.BinItem($"f{i}", $"Find {i}", bin: Names[i % 4]))],
        Right = 2,
        Wrong = -1,
        Unsorted = 0,
        AllRightBonus = 4,
    };

    [Fact]
    public void An_answer_can_belong_to_one_design_and_the_best_design_stands()
    {
        var rally = new OnePart(
            new Brief
            {
                Title = "A brief",
                Trials = new() { Designs = DesignChoice.Best },
                Method = new() { Parts = [Strandline] },
            },
            "A"
        );
        rally.Add(Answer(rally, "A", right: 16, wrong: 3) with { Design = "tray" });
        rally.Add(Answer(rally, "A", right: 18, wrong: 2) with { Design = "net" });
        rally.Row().Parts[0].Points.ShouldBe(34);
        rally.Result.Assessment.Design.Name.ShouldBe("net");
        rally.Refused(Answer(rally, "A", right: 1, wrong: 0) with { Design = new('x', 200) }).ShouldBe(["/design"]);
    }

    [Fact]
    public void An_answer_without_a_design_belongs_to_all_of_them()
    {
        var brief = Sample.Brief([Sample.Height()], [Sample.Part("height"), Strandline]) with
        {
            Trials = new() { Designs = DesignChoice.Best },
        };
        var rally = new Happening(brief, "A");
        foreach (var (design, height) in new[] { ("low", "10"), ("high", "20") })
            rally.Trial("A", TrialOutcome.Counted, [height], design: design);
        rally.Keep(
            new Entry.ItemsSorted
            {
                Id = rally.NextId(),
                Team = new("a"),
                Part = "bins",
                Placed = new Dictionary<string, string> { ["f0"] = "shell" },
            }
        );
        rally.Standing("A").Total.ShouldBe(22);
    }

    /// <summary>Two teams sort alike; the one that was quicker is first.</summary>
    [Fact]
    public void A_watch_parts_teams_that_tie_where_time_gives_no_points()
    {
        var brief = new Brief
        {
            Title = "A brief",
            Method = new() { Parts = [Strandline], TieBreaks = [Sample.TieBreak("Time", "bins.time", Better.Less)] },
        };
        var rally = new OnePart(brief, "A", "B");
        foreach (var (team, time) in new[] { ("A", "1:02.5"), ("B", "58.4 s") })
            rally.Add(
                Answer(rally, team, right: 16, wrong: 3) with
                {
                    Time = new() { Measure = "bins", Typed = time },
                }
            );
        rally.Standings.Rows.Select(r => (r.Team, r.Place)).ShouldBe([(new("B"), 1), (new("A"), 2)]);
        rally.Points("A").ShouldBe(rally.Points("B"));
    }

    [Fact]
    public void Right_wrong_and_left_out_are_added_up()
    {
        // 16 right at 2, 3 wrong at −1, 1 left at 0: 29. Guessing gets 5 right, −5 points.
        var rally = new OnePart(Strandline);
        rally.Add(Answer(rally, "A", right: 16, wrong: 3));
        rally.Points().ShouldBe(29);
        rally
            .Row()
            .Why.ShouldContain(w => w.Sentence == "16 right, 3 wrong, 1 left out: 16 × 2 + 3 × (−1) + 1 × 0 = 29.");
        rally.Row().Why.ShouldContain(w => w.Sentence == "Guessing would get about 5 right and −5 points.");
    }

    [Fact]
    public void All_right_gives_the_bonus()
    {
        var rally = new OnePart(Strandline);
        rally.Add(Answer(rally, "A", right: 20, wrong: 0));
        rally.Points().ShouldBe(44);
    }

    [Fact]
    public void The_class_is_told_which_item_went_wrong_most_and_where_to()
    {
        var rally = new OnePart(Strandline, "A", "B");
        rally.Add(Answer(rally, "A", right: 19, wrong: 1));
        rally.Add(Answer(rally, "B", right: 19, wrong: 1));
        rally
            .Standings.Findings.ShouldHaveSingleItem()
            .ShouldBe(
                "Strandline: “Find 19” was sorted wrong most often (by 2 of 2 teams), usually into “shell”. It "
                    + "belongs in “rope”."
            );
    }

    [Fact]
    public void Where_time_counts_each_wrong_item_costs_seconds()
    {
        var rally = new OnePart(Strandline with { SecondsPerWrong = 4, Curve = new Curve.Between(100, 20, 40) });
        rally.Refused(Answer(rally, "A", 17, 3)).ShouldBe(["/time"]);
        rally.Add(
            Answer(rally, "A", 17, 3) with
            {
                Time = new Reading { Measure = "bins", Typed = "48" },
            }
        );
        rally.Row().Parts[0].ValueText.ShouldBe("1:00.0");
        rally.Points().ShouldBe(20);
    }

    [Fact]
    public void Items_and_bins_that_are_not_there_are_refused()
    {
        var rally = new OnePart(Strandline);
        rally
            .Refused(
                new Entry.ItemsSorted
                {
                    Id = rally.Id(),
                    Team = new("A"),
                    Part = "bins",
                    Placed = new Dictionary<string, string> { ["f0"] = "glass", ["x"] = "rope" },
                }
            )
            .ShouldBe(["/placed/f0", "/placed/x"]);
    }

    private static Entry.ItemsSorted Answer(OnePart rally, string team, int right, int wrong)
    {
        var placed = new Dictionary<string, string>();
        for (var i = 0; i < right; i++)
            placed[$"f{i}"] = Names[i % 4];
        for (var i = right; i < right + wrong; i++)
            placed[$"f{i}"] = Names[(i + 1) % 4];
        return new()
        {
            Id = rally.Id(),
            Team = new(team),
            Part = "bins",
            Placed = placed,
        };
    }
}
