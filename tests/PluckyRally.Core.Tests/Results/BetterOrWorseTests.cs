using PluckyRally.Core.Curves;
using PluckyRally.Core.Results;

namespace PluckyRally.Core.Tests.Results;

/// <summary>Better and worse follow the figure, also where fewer points win, and words are compared as words.</summary>
public sealed class BetterOrWorseTests
{
    private static readonly Measure Wear = new()
    {
        Id = "wear",
        Name = "Wear",
        Kind = MeasureKind.Level,
        Levels = ["whole", "marked", "broken"],
        Better = Better.Less,
    };

    [Theory]
    [InlineData(WinningDirection.Highest, "2 points more than in round 1: better", "2 of 2 teams got better.")]
    [InlineData(WinningDirection.Lowest, "2 points more than in round 1: worse", "0 of 2 teams got better.")]
    public void More_points_are_worse_where_the_lowest_total_wins(WinningDirection wins, string says, string count)
    {
        var tally = new Part.Tally
        {
            Id = "spills",
            Name = "Spills",
            FailurePoints = 0,
            Counters = [Sample.Counter("spill", "Spill", points: 1, hurts: wins == WinningDirection.Lowest)],
        };
        var rally = new Happening(
            Sample.Brief([], [tally]) with
            {
                Method = new Method { Parts = [tally], Wins = wins },
            },
            "Terns",
            "Whelks"
        );
        foreach (var (round, each) in new[] { (1, 1), (2, 3) })
        {
            rally.Round = round;
            foreach (var team in new[] { "terns", "whelks" })
                rally.Keep(
                    new Entry.Tallied
                    {
                        Id = rally.NextId(),
                        Team = new(team),
                        Round = round,
                        Part = "spills",
                        Counter = "spill",
                        Count = each,
                    }
                );
        }

        var opened = OpenedRally.Open(rally.Rally).OrThrow();
        opened.Result(2).Standings.Rows[0].Parts[0].SinceLastRound.ShouldBe(says);
        PlotsSeen.Of(opened, 2, PlotSee.OverTime, "spills.points").Plots.Single().Says.ShouldBe([count]);
    }

    [Fact]
    public void Levels_are_compared_as_words()
    {
        var rally = new Happening(
            Sample.Brief([Wear], [Sample.Part("wear", new Curve.Rate(-1, 10), Better.Less)]),
            "Terns",
            "Whelks"
        );
        foreach (var (round, wear) in new[] { (1, "marked"), (2, "whole") })
        {
            rally.Round = round;
            rally.Counted("Terns", wear);
            rally.Counted("Whelks", "broken");
        }

        var opened = OpenedRally.Open(rally.Rally).OrThrow();
        opened
            .Result(2)
            .Standings.Rows.Select(r => r.Parts[0].SinceLastRound)
            .ShouldBe(["whole, was marked in round 1: better", "the same as in round 1"]);
        PlotsSeen
            .Of(opened, 2, PlotSee.OverTime)
            .Plots.Single()
            .Table.Rows.Select(r => r[3])
            .ShouldBe(["better", "the same"]);
    }

    [Theory]
    [InlineData("30+", "28", "at least 2 cm less than in round 1: worse")]
    [InlineData("30", "32+", "at least 2 cm more than in round 1: better")]
    [InlineData("30", "28+", "")]
    [InlineData("30+", "32", "")]
    [InlineData("30+", "30", "")]
    public void A_bound_says_at_least_so_much_or_nothing(string before, string now, string says)
    {
        var rally = new Happening(Sample.Simple(), "Terns", "Whelks");
        foreach (var (round, typed) in new[] { (1, before), (2, now) })
        {
            rally.Round = round;
            rally.Counted("Terns", typed);
            rally.Counted("Whelks", "10");
        }

        rally.Standing("Terns").Parts[0].SinceLastRound.ShouldBe(says);
    }

    [Theory]
    [InlineData(MeasureKind.Length, false, "2 times the control")]
    [InlineData(MeasureKind.Number, true, "")]
    [InlineData(MeasureKind.Temperature, false, "")]
    public void So_many_times_as_much_is_said_of_amounts_alone(MeasureKind kind, bool negative, string says)
    {
        var measure = new Measure
        {
            Id = "value",
            Name = "Value",
            Kind = kind,
            Unit = kind switch
            {
                MeasureKind.Length => "cm",
                MeasureKind.Temperature => "°C",
                _ => "",
            },
            Step = 1,
            Negative = negative,
        };
        var rally = new Happening(Sample.Brief([measure], [Sample.Part("value", new Curve.Rate(1))]), "Terns");
        rally.Counted("Terns", "40");
        rally.Trial("Terns", TrialOutcome.Counted, ["20"], purpose: Purpose.Control);
        string.Join(' ', rally.Standing("Terns").Parts[0].Against).ShouldBe(says);
    }

    [Fact]
    public void A_scatter_plot_pairs_what_was_read_in_the_same_attempt()
    {
        var rally = new Happening(
            Sample.Brief(
                [Sample.Height(), Sample.Count("off")],
                [Sample.Part("height", new Curve.Rate(1))],
                attempts: 2
            ),
            "Terns"
        );
        rally.Counted("Terns", "40", "9");
        rally.Counted("Terns", "20", "1");
        var plot = PlotsSeen
            .Of(OpenedRally.Open(rally.Rally).OrThrow(), 1, PlotSee.TwoFigures, "height", "off")
            .Plots.First(p => p.Sort == PlotSort.Scatter);
        plot.Marks.OfType<PlotMark.Dot>().Select(d => (d.X, d.Y)).ShouldBe([(40, 9), (20, 1)]);
        plot.Table.Rows.Select(r => r[0]).ShouldBe(["Terns, attempt 1", "Terns, attempt 2"]);
        plot.Says[0].ShouldStartWith("2 attempts: too few");
    }
}
