using PluckyRally.Core.Ids;
using PluckyRally.Core.Results;

namespace PluckyRally.Core.Tests.Results;

/// <summary>Designs side by side: what differs, whether a cause may be named, and what luck alone would do.</summary>
public sealed class ComparedTests
{
    private static readonly Brief Arms = Sample.Simple(3) with { Grades = GradeBand.From6To8 };

    [Fact]
    public void Two_conditions_over_the_class_stand_on_one_scale()
    {
        var rally = new Happening(Arms, "Terns", "Whelks", "Gulls", "Plovers");
        Try(rally, "Terns", "", new() { ["arm"] = "long", ["cup"] = "paper" }, "41", "44", "47");
        Try(rally, "Whelks", "", new() { ["Arm"] = "Short", ["cup"] = "paper" }, "28", "30", "32");
        Try(rally, "Gulls", "", new() { ["arm"] = "long", ["cup"] = "paper" }, "40", "42", "43");
        Try(rally, "Plovers", "", new() { ["arm"] = "short", ["cup"] = "paper" }, "29", "33", "31");
        var seen = See(rally, "label:arm");
        seen.Can.ShouldContain(PlotSee.Compared);
        (seen.See, seen.Other).ShouldBe((PlotSee.Compared, "label:arm"));
        seen.Groupings.Select(g => g.Name).ShouldBe(["Arm"], "the cup is the same for all");
        var boxes = seen.Plots[0];
        (boxes.Sort, boxes.Title).ShouldBe((PlotSort.BoxPlots, "Height by arm"));
        boxes.Rows.Select(r => r.Name).ShouldBe(["Short", "long"], "the smallest values first");
        boxes
            .Marks.Cast<PlotMark.Box>()
            .Select(b => (b.Smallest, b.Median, b.Largest))
            .ShouldBe([(28, 30.5, 33), (40, 42.5, 47)]);
        var strip = seen.Plots[1];
        strip
            .Marks.Cast<PlotMark.Dot>()
            .Select(d => (d.X, d.Y))
            .ShouldBe([
                (28, 0),
                (30, 0),
                (32, 0),
                (29, 0),
                (33, 0),
                (31, 0),
                (41, 1),
                (44, 1),
                (47, 1),
                (40, 1),
                (42, 1),
                (43, 1),
            ]);
        strip.Table.Rows[0].ShouldBe(["Short", "Whelks", "1", "28 cm"]);
        strip.Says.ShouldContain("Long: 2 teams, median 42.5 cm, mean 42.8 cm, from 40 cm to 47 cm.");
        strip.Says.ShouldContain("Every value with arm long is above every value with arm Short.");
        strip.Says.ShouldContain("Only “Arm” differs: it may explain a difference in the results.");

        // Four designs can be dealt out in six ways; two of them part the means as far (by hand).
        strip.Says.ShouldContain(
            "By luck alone, a difference this large happens about once in 3 tries: often enough that it may be luck."
        );
    }

    [Fact]
    public void Where_more_than_one_thing_differs_no_cause_is_named()
    {
        var rally = new Happening(Arms, "Terns", "Whelks");
        Try(rally, "Terns", "", new() { ["arm"] = "long", ["cup"] = "paper" }, "41");
        Try(rally, "Whelks", "", new() { ["arm"] = "short", ["cup"] = "foil" }, "28");
        See(rally, "label:arm")
            .Plots.Single()
            .Says.ShouldContain(
                "Arm and cup differ, so none of them alone can be named as the cause. Change one thing at a time."
            );
    }

    [Fact]
    public void A_teams_own_designs_are_compared_with_each_other_attempt_by_attempt()
    {
        var rally = new Happening(Arms, "Terns", "Whelks");
        Try(rally, "Terns", "long arm", new() { ["arm"] = "long" }, "41", "44", "47");
        Try(rally, "Terns", "short arm", new() { ["arm"] = "short" }, "28", "30", "32");
        Try(rally, "Whelks", "", new(), "35");
        var seen = See(rally, "team:terns");
        seen.Groupings.Select(g => g.Id).ShouldBe(["label:arm", "team:terns"]);
        seen.Plots.Single().Rows.Select(r => r.Name).ShouldBe(["long arm", "short arm"]);

        // R counts 2 of 20 deals (PermutationTests).
        seen.Plots.Single()
            .Says.ShouldContain(
                "By luck alone, a difference this large happens about once in 10 tries: often enough that it "
                    + "may be luck."
            );

        // Sixteen times the variance 6.5 over the squared difference of the means, 14², is 0.53 by hand; but of three
        // even the best deal is not rare.
        seen.Plots.Single().Says[^1].ShouldBe("If the difference is real, about 4 readings of each would show it.");
    }

    [Fact]
    public void What_was_seen_is_counted_against_the_figure_and_named_no_cause()
    {
        var rally = new Happening(Arms, "Terns", "Whelks", "Gulls");
        foreach (var (team, height) in new[] { ("Terns", "41"), ("Whelks", "28"), ("Gulls", "39") })
            rally.Counted(team, height);
        Tag(rally, "terns", "triangles");
        Tag(rally, "gulls", "Triangles ");
        var again = Tag(rally, "whelks", "wide foot");
        var seen = See(rally, "tag:triangles");
        seen.Groupings.Select(g => g.Name).ShouldBe(["“triangles”", "“wide foot”"]);
        seen.Plots.Single()
            .Says.ShouldContain("With triangles: 2 teams, median 40.0 cm, mean 40.0 cm, from 39 cm to 41 cm.");
        seen.Plots.Single()
            .Says.ShouldContain(
                "This was observed, not tested: other things may differ too. To find out whether it is the "
                    + "cause, have one team build it both ways."
            );
        rally.Strike(again);
        See(rally, "tag:triangles").Groupings.Count.ShouldBe(1);
        Recorder
            .Accept(
                OpenedRally.Open(rally.Rally).OrThrow(),
                new Entry.TagSeen
                {
                    Id = rally.NextId(),
                    Team = new("terns"),
                    Word = new string('x', 41),
                }
            )
            .Problems.Single()
            .At.ShouldBe("/word");
    }

    [Fact]
    public void Rounds_are_compared_with_each_other_team_by_team()
    {
        var rally = new Happening(Arms with { Trials = new() { Attempts = 1 } }, "Terns", "Whelks", "Gulls");
        foreach (var (team, height) in new[] { ("Terns", "41"), ("Whelks", "28"), ("Gulls", "39") })
            rally.Counted(team, height);
        rally.Keep(new Entry.RoundClosed { Id = rally.NextId() });
        rally.Round = 2;
        foreach (var (team, height) in new[] { ("Terns", "44"), ("Whelks", "33"), ("Gulls", "41") })
            rally.Counted(team, height);
        var plot = PlotsSeen
            .Of(OpenedRally.Open(rally.Rally).OrThrow(), 2, PlotSee.Compared, "height", "rounds")
            .Plots.Single();
        plot.Rows.Select(r => r.Name).ShouldBe(["round 1", "round 2"]);

        // All three got better: two of the eight ways of turning the differences round (by hand).
        plot.Says.ShouldContain(
            "By luck alone, a difference this large happens about once in 4 tries: often enough that it may be luck."
        );
        plot.Says.ShouldContain(
            "How the designs differ is not recorded. Record it at the pad to see whether the test was fair."
        );
    }

    [Fact]
    public void The_last_word_on_what_a_design_is_like_stands_and_comes_back_for_the_next_round()
    {
        var rally = new Happening(Arms, "Terns", "Whelks");
        Note(rally, "terns", new() { ["arm"] = "long" });
        Note(rally, "terns", new() { ["arm"] = "short", ["cup"] = "paper" });
        rally.Keep(
            new Entry.DesignNoted
            {
                Id = rally.NextId(),
                Team = new("terns"),
                Changed = "a wider foot",
                Also = "",
            }
        );
        var so = LabelsSoFar.Of(OpenedRally.Open(rally.Rally).OrThrow(), new("terns"), 2);
        so.Used.Select(u => $"{u.Name}: {string.Join("/", u.Values)}").ShouldBe(["arm: long/short", "cup: paper"]);
        so.Before.ShouldBe(new Dictionary<string, string> { ["arm"] = "short", ["cup"] = "paper" });
        LabelsSoFar.Of(OpenedRally.Open(rally.Rally).OrThrow(), new("whelks"), 2).Before.ShouldBeEmpty();
        Recorder
            .Accept(
                OpenedRally.Open(rally.Rally).OrThrow(),
                new Entry.DesignNoted
                {
                    Id = rally.NextId(),
                    Team = new("terns"),
                    Labels = new Dictionary<string, string> { ["arm"] = " " },
                }
            )
            .Problems.Single()
            .What.ShouldBe("A label is half written.");
    }

    private static PlotsSeen See(Happening rally, string by) =>
        PlotsSeen.Of(OpenedRally.Open(rally.Rally).OrThrow(), 1, PlotSee.Compared, "height", by);

    private static void Note(Happening rally, string team, Dictionary<string, string> labels, string design = "") =>
        rally.Keep(
            new Entry.DesignNoted
            {
                Id = rally.NextId(),
                Team = new(team),
                Design = design,
                Labels = labels,
            }
        );

    private static EntryId Tag(Happening rally, string team, string word) =>
        rally.Keep(
            new Entry.TagSeen
            {
                Id = rally.NextId(),
                Team = new(team),
                Word = word,
            }
        );

    private static void Try(
        Happening rally,
        string team,
        string design,
        Dictionary<string, string> labels,
        params string[] heights
    )
    {
        if (labels.Count > 0)
            Note(rally, team.ToLowerInvariant(), labels, design);
        foreach (var height in heights)
            rally.Keep(
                new Entry.TrialRecorded
                {
                    Id = rally.NextId(),
                    Team = new(team.ToLowerInvariant()),
                    Design = design,
                    Outcome = TrialOutcome.Counted,
                    Readings = [new() { Measure = "height", Typed = height }],
                }
            );
    }
}
