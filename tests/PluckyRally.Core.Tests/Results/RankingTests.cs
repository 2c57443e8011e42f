using CsCheck;
using PluckyRally.Core.Curves;
using PluckyRally.Core.Results;

namespace PluckyRally.Core.Tests.Results;

public sealed class RankingTests
{
    [Fact]
    public void Ties_share_a_place_and_the_next_place_is_counted_on()
    {
        Places(PlaceNumbers.Standard, 30, 20, 20, 10).ShouldBe([1, 2, 2, 4]);
        Places(PlaceNumbers.Dense, 30, 20, 20, 10).ShouldBe([1, 2, 2, 3]);
    }

    [Fact]
    public void The_lowest_total_wins_where_the_method_says_so()
    {
        var brief = Sample.Brief([Sample.Number("v")], [Sample.Part("v", better: Better.Less, failurePoints: 99)]);
        var rally = new Happening(
            brief with
            {
                Method = brief.Method with { Wins = WinningDirection.Lowest },
            },
            "A",
            "B",
            "C"
        );
        rally.Counted("A", "9");
        rally.Counted("B", "3");
        rally.Failed("C");
        rally.Standings().Rows.Select(r => r.Name).ShouldBe(["B", "A", "C"]);
        rally.Standings().WinsText.ShouldContain("fewer points are better");
    }

    [Fact]
    public void What_the_class_sees_decides()
    {
        // 31.25 and 16.04 are shown as 31.3 and 16.0 and make 47.3; another team's 31.26 and 16.03 tie with it.
        var brief = Sample.Brief(
            [Sample.Number("a", 0.01m), Sample.Number("b", 0.01m)],
            [Sample.Part("a", id: "one"), Sample.Part("b", id: "two")]
        );
        var rally = new Happening(brief, "A", "B");
        rally.Counted("A", "31.25", "16.04");
        rally.Counted("B", "31.26", "16.03");
        rally
            .Standings()
            .Rows.Select(r => (r.TotalText, r.PlaceText))
            .ShouldBe([("47.3", "1st, tied"), ("47.3", "1st, tied")]);
    }

    [Fact]
    public void Tie_breaks_decide_in_order_and_are_said()
    {
        var brief = Sample.Brief(
            [Sample.Height(), Sample.Count("sheets", taken: ReadOccasion.Once)],
            [Sample.Part("height")]
        );
        brief = brief with
        {
            Method = brief.Method with { TieBreaks = [Sample.TieBreak("Fewest sheets", "sheets", Better.Less)] },
        };
        var rally = new Happening(brief, "A", "B", "C");
        foreach (var (team, sheets) in new[] { ("A", "5"), ("B", "3"), ("C", "3") })
        {
            rally.Counted(team, "20");
            rally.Read(team, "sheets", sheets);
        }

        rally.Standings().Rows.Select(r => (r.Name, r.Place)).ShouldBe([("B", 1), ("C", 1), ("A", 3)]);
        rally
            .Standing("A")
            .Why.ShouldContain(w =>
                w.Kind == TraceKind.TieBreak
                && w.Sentence.Contains("Fewest sheets” decides: 5 here", StringComparison.Ordinal)
            );
    }

    [Fact]
    public void A_tie_break_on_a_mean_compares_one_digit_more_than_its_readings()
    {
        // Means of 10.0 and 10.3 give the same band, and would be the same at whole centimetres.
        var brief = Sample.Simple(3, Combine.Mean, curve: new Curve.Bands([new(5, 3)]));
        brief = brief with
        {
            Method = brief.Method with { TieBreaks = [Sample.TieBreak("The taller", "height", Better.More)] },
        };
        var rally = new Happening(brief, "A", "B");
        foreach (
            var (team, typed) in new[] { ("A", "10"), ("A", "10"), ("A", "10"), ("B", "10"), ("B", "10"), ("B", "11") }
        )
            rally.Counted(team, typed);
        rally.Standings().Rows.Select(r => (r.Name, r.Place)).ShouldBe([("B", 1), ("A", 2)]);
        rally.Standing("B").Why.ShouldContain(w => w.Kind == TraceKind.TieBreak);
    }

    [Theory]
    [InlineData(WinningDirection.Highest, "C", "A", "B")]
    [InlineData(WinningDirection.Lowest, "B", "A", "C")]
    public void Of_equal_totals_the_better_bound_stands_before(
        WinningDirection wins,
        string first,
        string second,
        string third
    )
    {
        var brief = Sample.Brief(
            [Sample.Number("v")],
            [Sample.Part("v", better: wins == WinningDirection.Highest ? Better.More : Better.Less, failurePoints: 0)]
        );
        var rally = new Happening(brief with { Method = brief.Method with { Wins = wins } }, "A", "B", "C");
        rally.Counted("A", "20");
        rally.Counted("B", "20-");
        rally.Counted("C", "20+");
        rally.Standings().Rows.Select(r => r.Name).ShouldBe([first, second, third]);
    }

    [Fact]
    public void The_unfinished_stand_behind_the_placed_and_those_that_do_not_place_come_last()
    {
        var rally = new Happening(
            Sample.Simple() with
            {
                Rules = [Sample.Inspection("float", new Consequence.DoesNotPlace())],
            },
            "A",
            "B",
            "C",
            "D"
        );
        foreach (var team in new[] { "A", "B", "C" })
            rally.Counted(team, team == "A" ? "99" : "20");
        rally.Checked("A", "float", met: false);
        rally.Checked("C", "float", met: true);
        rally
            .Standings()
            .Rows.Select(r => (r.Name, r.Status, r.Place))
            .ShouldBe([
                ("C", StandingStatus.Placed, 1),
                ("B", StandingStatus.Unfinished, null),
                ("D", StandingStatus.Unfinished, null),
                ("A", StandingStatus.DidNotPlace, null),
            ]);
    }

    [Fact]
    public void Teams_that_do_not_place_take_no_points_by_place_from_others()
    {
        var brief = Sample.Brief(
            [Sample.Height()],
            [Sample.Part("height", new Curve.Place([10, 8, 6]))],
            rules: [Sample.Inspection("float", new Consequence.DoesNotPlace())]
        );
        var rally = new Happening(brief, "A", "B");
        rally.Counted("A", "99");
        rally.Counted("B", "20");
        rally.Checked("A", "float", met: false);
        rally.Checked("B", "float", met: true);
        rally.Standing("B").Total.ShouldBe(10);
    }

    [Fact]
    public void Points_that_depend_on_unfinished_teams_are_provisional()
    {
        var rally = new Happening(Sample.Simple(curve: new Curve.ShareOfBest(10)), "A", "B");
        rally.Counted("A", "20");
        rally.Standings().Provisional.ShouldBeTrue();
        rally.Counted("B", "40");
        rally.Standings().Provisional.ShouldBeFalse();
        rally.Standing("A").Total.ShouldBe(5);
    }

    [Fact]
    public void Without_ranking_nobody_has_a_place()
    {
        var rally = new Happening(
            Sample.Simple() with
            {
                Method = Sample.Simple().Method with { Ranking = false },
            },
            "A",
            "B"
        );
        rally.Counted("A", "20");
        rally.Counted("B", "30");
        rally.Standings().Rows.ShouldAllBe(r => r.Place == null && r.Status == StandingStatus.Placed);
    }

    [Fact]
    public void An_empty_rally_has_only_unfinished_teams() =>
        new Happening(Sample.Simple(), "A", "B")
            .Standings()
            .Rows.ShouldAllBe(r => r.Status == StandingStatus.Unfinished && r.Total == null);

    [Fact]
    public void Two_hundred_teams_are_all_placed()
    {
        var rally = new Happening(Sample.Simple(), [.. Enumerable.Range(1, 200).Select(i => $"Team {i}")]);
        for (var i = 1; i <= 200; i++)
            rally.Counted($"Team {i}", $"{i}");
        rally.Standings().Rows.Select(r => r.Place).ShouldBe(Enumerable.Range(1, 200).Cast<int?>());
    }

    [Fact]
    public void Minus_zero_is_zero()
    {
        var brief = Sample.Brief([Sample.Number("v", 0.01m, negative: true)], [Sample.Part("v")]);
        var rally = new Happening(brief, "A");
        rally.Counted("A", "-0.04");
        rally.Standing("A").TotalText.ShouldBe("0.0");
    }

    [Fact]
    public void A_better_reading_never_lowers_a_place() =>
        Gen.Select(Gen.Int[0, 40].Array[2, 8], Gen.Int[1, 20])
            .Sample(
                (heights, more) =>
                {
                    var before = Ranked(heights).Standing("T0").Place!.Value;
                    heights[0] += more;
                    Ranked(heights).Standing("T0").Place!.Value.ShouldBeLessThanOrEqualTo(before);
                }
            );

    [Fact]
    public void The_order_in_which_teams_are_recorded_changes_nothing() =>
        Gen.Select(Gen.Int[0, 10].Array[2, 8], Gen.Int[0, 1000])
            .Sample(
                (heights, seed) =>
                {
                    var teams = Enumerable.Range(0, heights.Length).Select(i => $"T{i}").ToArray();
                    var rally = Ranked(heights);
                    var shuffled = rally.Log.ToArray();
                    new Random(seed).Shuffle(shuffled);
                    Shown(Sample.Came(rally.Compiled, rally.Teams, shuffled).Standings)
                        .ShouldBe(Shown(rally.Standings()));
                }
            );

    [Fact]
    public void Measuring_in_inches_changes_no_place_when_points_are_scaled() =>
        Gen.Int[0, 400]
            .Array[2, 8]
            .Sample(quarters =>
            {
                var inches = Sample.Brief(
                    [Sample.Height() with { Unit = "in", Step = 0.25m }],
                    [Sample.Part("height", new Curve.Rate(2.54m))]
                );
                var centimetres = Sample.Brief(
                    [Sample.Height() with { Step = 0.635m }],
                    [Sample.Part("height", new Curve.Rate(1))]
                );
                Places(inches).ShouldBe(Places(centimetres));

                string Places(Brief brief)
                {
                    brief = brief with { Method = brief.Method with { Precision = 0.001m } };
                    var rally = new Happening(brief, [.. quarters.Select((_, i) => $"T{i}")]);
                    for (var i = 0; i < quarters.Length; i++)
                        rally.Counted($"T{i}", $"{quarters[i] * 0.25m} in");
                    return string.Join(" ", rally.Standings().Rows.Select(r => $"{r.Name}:{r.PlaceText}"));
                }
            });

    private static IEnumerable<int?> Places(PlaceNumbers numbers, params int[] heights)
    {
        var brief = Sample.Simple();
        var rally = new Happening(
            brief with
            {
                Method = brief.Method with { Places = numbers },
            },
            [.. heights.Select((_, i) => $"T{i}")]
        );
        for (var i = 0; i < heights.Length; i++)
            rally.Counted($"T{i}", $"{heights[i]}");
        return rally.Standings().Rows.Select(r => r.Place);
    }

    private static Happening Ranked(int[] heights)
    {
        var rally = new Happening(Sample.Simple(), [.. heights.Select((_, i) => $"T{i}")]);
        for (var i = 0; i < heights.Length; i++)
            rally.Counted($"T{i}", $"{heights[i]}");
        return rally;
    }

    private static string Shown(Standings standings) =>
        string.Join("\n", standings.Rows.Select(r => $"{r.PlaceText} {r.Name} {r.TotalText}"));
}
