using PluckyRally.Core.Checks;
using PluckyRally.Core.Curves;
using PluckyRally.Core.Documents;
using PluckyRally.Core.Files;
using PluckyRally.Core.Parts;
using PluckyRally.Core.Results;
using PluckyRally.Core.Statistics;

namespace PluckyRally.Core.Tests.Results;

/// <summary>What is drawn stands at the values that were read, and says the same in words.</summary>
public sealed class PlotTests
{
    private static readonly Brief Towers = Sample.Simple(3) with { Grades = GradeBand.From6To8 };

    [Fact]
    public void A_dot_for_every_attempt_with_what_a_reading_is_good_to()
    {
        var strip = Plot(Three(Towers), PlotSort.DotStrip);
        strip.Rows.Select(r => r.Name).ShouldBe(["Terns", "Whelks"]);
        var dots = strip.Marks.Cast<PlotMark.Dot>().ToList();
        dots.Select(d => (d.X, d.Y)).ShouldBe([(41, 0), (44, 0), (47, 0), (28, 1), (30, 1), (32, 1)]);
        (dots[0].Low, dots[0].High, dots[0].Says).ShouldBe(
            (40.5, 41.5, "Terns, attempt 1: 41 cm"),
            "a reading of step 1 lies within half of it (JCGM 100:2008, 4.3.7)"
        );
        (strip.X.Name, strip.X.From, strip.X.To).ShouldBe(("Height (cm)", 26, 48));
        strip.Table.Rows[0].ShouldBe(["Terns", "1", "41 cm"]);
    }

    [Fact]
    public void A_load_may_be_anything_up_to_the_next_one_that_was_tried()
    {
        var load = new Measure
        {
            Id = "load",
            Name = "Load",
            Kind = MeasureKind.Mass,
            Unit = "g",
            LoadTest = true,
        };
        var rally = new Happening(Sample.Brief([load], [Sample.Part("load")]), "Terns", "Whelks");
        foreach (var (team, held, next) in new[] { ("terns", "120", 140m), ("whelks", "90", 100m) })
            rally.Keep(
                new Entry.TrialRecorded
                {
                    Id = rally.NextId(),
                    Team = new(team),
                    Outcome = TrialOutcome.Counted,
                    Readings =
                    [
                        new()
                        {
                            Measure = "load",
                            Typed = held,
                            NextTried = next,
                        },
                    ],
                }
            );
        Plot(rally, PlotSort.DotStrip)
            .Marks.Cast<PlotMark.Dot>()
            .Select(d => (d.Low, d.High))
            .ShouldBe([(120, 140), (90, 100)]);
    }

    [Fact]
    public void All_designs_are_shown_and_the_one_that_counts_is_marked()
    {
        var rally = new Happening(Sample.Simple(2), "Terns");
        foreach (var (design, height) in new[] { ("", "20"), ("", "21"), ("wide", "30"), ("wide", "28") })
            rally.Keep(
                new Entry.TrialRecorded
                {
                    Id = rally.NextId(),
                    Team = new("terns"),
                    Design = design,
                    Outcome = TrialOutcome.Counted,
                    Readings = [new() { Measure = "height", Typed = height }],
                }
            );
        Plot(rally, PlotSort.DotStrip)
            .Marks.Cast<PlotMark.Dot>()
            .Select(d => d.Says)
            .ShouldBe([
                "Terns, attempt 1, first design: 20 cm",
                "Terns, attempt 2, first design: 21 cm",
                "Terns, attempt 1, wide, which counts: 30 cm",
                "Terns, attempt 2, wide, which counts: 28 cm",
            ]);
    }

    [Fact]
    public void Equal_values_stack_over_a_line_with_the_steps_of_the_ruler()
    {
        var inches = Sample.Measure("height", MeasureKind.Length, name: "Height", unit: "in", step: 0.25m);
        var brief = Sample.Brief([inches], [Sample.Part("height")], 2) with { Grades = GradeBand.From3To5 };
        var rally = new Happening(brief, "Terns", "Whelks");
        foreach (
            var (team, typed) in new[] { ("Terns", "2 1/4"), ("Terns", "2 1/2"), ("Whelks", "2 1/2"), ("Whelks", "3") }
        )
            rally.Counted(team, typed);
        var line = See(rally).Plots.Where(p => p.Taught).Last();
        line.Sort.ShouldBe(PlotSort.LinePlot);
        line.Marks.Cast<PlotMark.Dot>().Select(d => (d.X, d.Y)).ShouldBe([(2.25, 1), (2.5, 1), (2.5, 2), (3, 1)]);
        line.X.Ticks.Select(t => t.Text).ShouldBe(["2 1/4", "2 1/2", "2 3/4", "3"]);
        line.Says.ShouldBe(["Range: 3/4 in, from 2 1/4 in to 3 in.", "Mode (most frequent): 2 1/2 in."]);
    }

    [Fact]
    public void A_box_has_the_quartiles_that_the_class_is_taught()
    {
        // The class's six values in order: 28 30 32 41 44 47. Halves without the median: 30, 36.5 and 44.
        var boxes = Plot(Three(Towers), PlotSort.BoxPlots);
        boxes.Taught.ShouldBeTrue();
        var box = boxes
            .Marks.ShouldHaveSingleItem("three attempts are too few for a team's own box")
            .ShouldBeOfType<PlotMark.Box>();
        (box.Smallest, box.Lower, box.Median, box.Upper, box.Largest).ShouldBe((28, 30, 36.5, 44, 47));
        boxes.Says.ShouldContain("Median: 36.5 cm.");
        boxes.Says[^1].ShouldBe("6 values: too few to be sure. About 30 would tell more.");

        // By definition 7 of Hyndman and Fan (1996), by hand: 30 + 0.25·2 and 41 + 0.75·3.
        var seventh = (PlotMark.Box)
            Plot(Three(Towers with { Quartiles = QuartileMethod.Inclusive }), PlotSort.BoxPlots).Marks[0];
        (seventh.Lower, seventh.Upper).ShouldBe((30.5, 43.25));
    }

    [Fact]
    public void Bars_begin_at_zero_the_best_first_and_hits_fill_a_frame_of_ten()
    {
        var brief = Sample.Brief([Sample.Count("hits", "hits")], [Sample.Part("hits")]) with
        {
            Grades = GradeBand.KTo2,
        };
        var rally = new Happening(brief, "Terns", "Whelks");
        rally.Counted("Terns", "4");
        rally.Counted("Whelks", "7");
        var seen = See(rally);
        seen.Plots.Select(p => p.Sort).ShouldBe([PlotSort.CountingFrame, PlotSort.OrderedBars, PlotSort.DotStrip]);
        seen.Plots[0]
            .Marks.Cast<PlotMark.Cell>()
            .Where(c => c.Filled)
            .GroupBy(c => c.Row)
            .Select(g => g.Count())
            .ShouldBe([4, 7]);
        seen.Plots[0].Marks.Count.ShouldBe(20);
        seen.Plots[1]
            .Marks.Cast<PlotMark.Bar>()
            .Select(b => (b.From, b.To, b.Name))
            .ShouldBe([(0, 7, "7 hits"), (0, 4, "4 hits")]);
        seen.Plots[1].X.From.ShouldBe(0);
    }

    [Fact]
    public void Parts_stand_end_to_end_and_what_must_haves_cost_lies_on_the_other_side_of_zero()
    {
        var brief = Sample.Brief(
            [Sample.Height()],
            [Sample.Part("height", id: "tall"), Sample.Part("height", new Curve.Rate(0.5m), id: "again")],
            rules: [Sample.Inspection("stand", new Consequence.Deduct(3))]
        );
        var rally = new Happening(brief, "Terns");
        rally.Counted("Terns", "10");
        rally.Checked("Terns", "stand", met: false);
        var bars = PlotsSeen.Of(Open(rally), 1, PlotSee.Parts).Plots[0];
        bars.Series.ShouldBe(["tall", "again", "Must-haves"]);
        bars.Marks.Cast<PlotMark.Bar>()
            .Select(b => (b.From, b.To, b.Series))
            .ShouldBe([(0, 10, 0), (10, 15, 1), (0, -3, 2)]);
        bars.Table.Rows.Single().ShouldBe(["Terns", "10.0", "5.0", "−3.0", "12.0"]);
    }

    [Fact]
    public void Pieces_are_counted_by_their_labels()
    {
        var pieces = new Part.Pieces
        {
            Id = "kites",
            Name = "Kites",
            First = new() { Name = "Size", Values = [new("small", 1), new("large", 3)] },
        };
        var rally = new Happening(Sample.Brief([], [pieces]), "Terns");
        rally.Keep(
            new Entry.PiecesCounted
            {
                Id = rally.NextId(),
                Team = new("terns"),
                Part = "kites",
                Pieces = [new PieceGroup { Count = 4, First = "small" }, new PieceGroup { Count = 2, First = "large" }],
            }
        );
        var plot = PlotsSeen.Of(Open(rally), 1, PlotSee.Parts).Plots.Single(p => p.Title == "Kites by size");
        plot.Marks.Cast<PlotMark.Bar>().Select(b => (b.From, b.To, b.Series)).ShouldBe([(0, 4, 0), (4, 6, 1)]);
    }

    [Fact]
    public void Two_figures_have_their_line_and_say_how_they_go_together()
    {
        // Anscombe's first set (The American Statistician 27, 1973): y = 3.00 + 0.500x and r = 0.816.
        (int X, string Y)[] anscombe =
        [
            (10, "8.04"),
            (8, "6.95"),
            (13, "7.58"),
            (9, "8.81"),
            (11, "8.33"),
            (14, "9.96"),
            (6, "7.24"),
            (4, "4.26"),
            (12, "10.84"),
            (7, "4.82"),
            (5, "5.68"),
        ];
        var brief = Sample.Brief([Sample.Number("x"), Sample.Number("y", 0.01m)], [Sample.Part("y")]) with
        {
            Grades = GradeBand.From9To12,
        };
        var rally = new Happening(brief, [.. anscombe.Select((_, i) => $"Team{i}")]);
        for (var i = 0; i < anscombe.Length; i++)
            rally.Counted($"Team{i}", $"{anscombe[i].X}", anscombe[i].Y);
        var scatter = PlotsSeen.Of(Open(rally), 1, PlotSee.TwoFigures, "x", "y").Plots.Single();
        scatter.Taught.ShouldBeTrue();
        scatter.Marks.OfType<PlotMark.Dot>().Select(d => (d.X, d.Y)).First().ShouldBe((10, 8.04));
        var line = scatter.Marks.OfType<PlotMark.Path>().Single();
        line.X.ShouldBe([scatter.X.From, scatter.X.To]);
        line.Y[0].ShouldBe(3.0 + (0.5 * scatter.X.From), 0.01);
        scatter
            .Says.Take(2)
            .ShouldBe(["Teams with more x have more y. Correlation r = 0.82.", "Best line: y = 0.5x + 3."]);
    }

    [Fact]
    public void A_flight_is_the_parabola_through_both_ends_and_its_peak()
    {
        // Thrown at 45 degrees, a thing goes four times as far as high (any mechanics textbook: H = R·tan θ / 4).
        Measure far = Sample.Measure("far", MeasureKind.Length, name: "Distance", unit: "m", step: 0.01m),
            high = Sample.Measure("high", MeasureKind.Length, name: "Peak", unit: "cm");
        var rally = new Happening(Sample.Brief([far, high], [Sample.Part("far")]), "Terns", "Whelks");
        rally.Counted("Terns", "8", "200");
        rally.Counted("Whelks", "4", "50");
        var flight = PlotsSeen
            .Of(Open(rally), 1, PlotSee.TwoFigures, "far", "high")
            .Plots.Single(p => p.Sort == PlotSort.Flight);
        var path = (PlotMark.Path)flight.Marks[0];
        (path.X[^1], path.Y[0], path.Y[^1]).ShouldBe((8, 0, 0));
        path.Y.Max().ShouldBe(2, 1e-9);
        flight.Table.Rows[0].ShouldBe(["Terns", "8.00 m", "200 cm", "y = −0.125x² + 1x", "45°"]);
        flight.Y!.Name.ShouldBe("Peak (m)");
    }

    [Fact]
    public void Arrows_go_from_the_round_before_to_this_one()
    {
        var rally = Three(Towers);
        rally.Round = 2;
        foreach (var (team, typed) in new[] { ("Terns", "50"), ("Whelks", "30") })
            for (var i = 0; i < 3; i++)
                rally.Counted(team, typed);
        See(rally, 1).Can.ShouldNotContain(PlotSee.OverTime);
        var arrows = PlotsSeen.Of(Open(rally), 2, PlotSee.OverTime).Plots.Single();
        arrows
            .Marks.Cast<PlotMark.Arrow>()
            .Select(a => (a.From, a.To, a.Better))
            .ShouldBe([(47, 50, true), (32, 30, false)]);
        arrows.Says.ShouldBe(["1 of 2 teams got better."]);
        arrows.Table.Rows[1].ShouldBe(["Whelks", "32 cm", "30 cm", "−2 cm, worse"]);
    }

    [Fact]
    public void Lines_show_what_the_class_is_compared_with()
    {
        var brief = Towers with
        {
            Rules = [Sample.Limit("tall", "height", Comparison.AtLeast, "20 cm", new Consequence.NoteOnly())],
            Method = Towers.Method with
            {
                Targets =
                [
                    new()
                    {
                        Id = "goal",
                        Name = "our goal",
                        Value = "height",
                        Amount = "45 cm",
                    },
                ],
            },
        };
        var opened = Open(Three(brief));
        foreach (
            var entry in new Entry[]
            {
                new Entry.ReferenceAdded
                {
                    Id = new(Guid.CreateVersion7()),
                    Team = new("r"),
                    Name = "The mast",
                    Purpose = Purpose.Benchmark,
                },
                new Entry.TrialRecorded
                {
                    Id = new(Guid.CreateVersion7()),
                    Team = new("r"),
                    Outcome = TrialOutcome.Counted,
                    Readings = [new() { Measure = "height", Typed = "60" }],
                },
            }
        )
            opened = opened.With(Recorder.Accept(opened, entry).OrThrow()).OrThrow();
        var strip = PlotsSeen.Of(opened, 1).Plots.Single(p => p.Sort == PlotSort.DotStrip);
        strip.Lines.ShouldBe([new(60, "The mast"), new(45, "our goal"), new(20, "limit")]);
        (strip.X.From, strip.X.To).ShouldBe((15, 65), "there is room for them");
    }

    [Fact]
    public void On_a_wall_nobody_need_be_named()
    {
        var opened = Open(Three(Towers));
        var shown = new PlotShown(PlotSee.OneFigure, "height", "", PlotSort.OrderedBars, "Height", Names: false);
        var plot = shown.Of(opened, 1)!;
        plot.Sort.ShouldBe(PlotSort.OrderedBars);
        Json.Write(plot).ShouldNotContain("Terns");
        Json.Write((shown with { Names = true }).Of(opened, 1)).ShouldContain("Terns");
        (shown with { Figure = "gone", Sort = PlotSort.Scatter }).Of(opened, 1).ShouldBeNull();
    }

    [Fact]
    public void Before_anything_is_read_there_is_nothing_to_see()
    {
        var seen = PlotsSeen.Of(Open(new Happening(Towers, "Terns")), 1);
        seen.Plots.ShouldBeEmpty();
        seen.Can.ShouldBeEmpty();
    }

    [Fact]
    public void The_demo_can_be_looked_at_in_every_way()
    {
        foreach (
            var file in Directory.GetFiles(Path.Combine(PluckyRally.Tests.ProjectFolder.Root, "demo"), "*.rally.json")
        )
        {
            var opened = OpenedRally.Open(DocumentReader.Rally(File.ReadAllText(file)).OrThrow().Value).OrThrow();
            for (var round = 1; round <= opened.Rounds; round++)
            {
                var all = PlotsSeen.Of(opened, round);
                foreach (var see in all.Can)
                {
                    foreach (var figure in all.Figures)
                    {
                        foreach (var plot in PlotsSeen.Of(opened, round, see, figure.Id).Plots)
                        {
                            plot.Marks.ShouldNotBeEmpty();
                            plot.Table.Rows.ShouldAllBe(r => r.Count == plot.Table.Columns.Count);
                            plot.X.To.ShouldBeGreaterThan(plot.X.From);
                            plot.X.Ticks.Count.ShouldBeLessThanOrEqualTo(14);
                        }
                    }
                }
            }
        }
    }

    private static Happening Three(Brief brief)
    {
        var rally = new Happening(brief, "Terns", "Whelks");
        foreach (
            var (team, typed) in new[]
            {
                ("Terns", "41"),
                ("Terns", "44"),
                ("Terns", "47"),
                ("Whelks", "28"),
                ("Whelks", "30"),
                ("Whelks", "32"),
            }
        )
            rally.Counted(team, typed);
        return rally;
    }

    private static OpenedRally Open(Happening rally) => OpenedRally.Open(rally.Rally).OrThrow();

    private static PlotsSeen See(Happening rally, int round = 1) => PlotsSeen.Of(Open(rally), round);

    private static Plot Plot(Happening rally, PlotSort sort) => See(rally).Plots.Single(p => p.Sort == sort);
}
