using PluckyRally.Core.Curves;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Results;
using PluckyRally.Core.Run;

namespace PluckyRally.Core.Tests.Results;

/// <summary>The rounds of a rally as one standing; every number here is worked out by hand.</summary>
public sealed class OverRoundsTests
{
    private readonly Happening _rally = new(Sample.Simple(), "Terns", "Whelks", "Plovers");

    [Theory]
    [InlineData(RoundsWay.Last, "Whelks 1st 31.0 | Terns 2nd 24.0 | Plovers  ", "Round 2: 31.0.")]
    [InlineData(RoundsWay.Best, "Plovers 1st 40.0 | Whelks 2nd 31.0 | Terns 3rd 30.0", "Round 1: 40.0.")]
    [InlineData(RoundsWay.Sum, "Terns 1st 54.0 | Whelks 2nd 51.0 | Plovers  ", "30.0 + 24.0 = 54.0.")]
    [InlineData(RoundsWay.Mean, "Plovers 1st 40.00 | Terns 2nd 27.00 | Whelks 3rd 25.50", "Round 1 alone: 40.00.")]
    public void Each_way_by_hand(RoundsWay way, string expected, string why)
    {
        TwoRounds();
        var standing = Over(new() { Way = way });
        string.Join(" | ", standing.Rows.Select(r => $"{r.Name} {r.PlaceText} {r.TotalText}")).ShouldBe(expected);
        standing.Rows[0].Why.ShouldStartWith(why);
    }

    [Fact]
    public void A_team_that_missed_a_round_has_a_mean_over_what_it_played_and_no_sum_unless_the_teacher_says_so()
    {
        TwoRounds();
        Row(Over(new() { Way = RoundsWay.Mean }), "Plovers")
            .Why.ShouldBe("Round 1 alone: 40.00. No place in round 2 (absent).");
        var sum = Row(Over(new() { Way = RoundsWay.Sum }), "Plovers");
        (sum.Place, sum.TotalText, sum.Why).ShouldBe((null, "", "No place in round 2 (absent)."));
        var zero = Row(Over(new() { Way = RoundsWay.Sum, MissedIsZero = true }), "Plovers");
        (zero.Place, zero.TotalText, zero.Why).ShouldBe((3, "40.0", "40.0 + 0 = 40.0. No place in round 2 (absent)."));
    }

    [Fact]
    public void Rounds_have_weights_and_one_of_zero_does_not_count()
    {
        TwoRounds();
        var weighted = Over(new() { Way = RoundsWay.Weights, Weights = [1, 2.5m] });
        weighted.WayText.ShouldBe("The rounds are added up: round 1 counts once and round 2 counts 2.5 times.");
        Row(weighted, "Terns").Why.ShouldBe("30.0 + 2.5 × 24.0 = 90.00.");
        var first = Over(new() { Way = RoundsWay.Weights, Weights = [1, 0] });
        first.Rows.Select(r => $"{r.Name} {r.TotalText}").ShouldBe(["Plovers 40.0", "Terns 30.0", "Whelks 20.0"]);
        first.Unrevealed.ShouldBe([1], "what does not count need not be revealed");
    }

    [Fact]
    public void Equal_totals_share_a_place_and_a_bound_stays_one()
    {
        Round(1, ("Terns", "30"), ("Whelks", "20"), ("Plovers", "25+"));
        Round(2, ("Terns", "20"), ("Whelks", "30"), ("Plovers", "25"));
        Over(new() { Way = RoundsWay.Sum })
            .Rows.Select(r => $"{r.Name} {r.PlaceText} {r.TotalText}")
            .ShouldBe(["Plovers 1st at least 50.0", "Terns 2nd, tied 50.0", "Whelks 2nd, tied 50.0"]);
    }

    [Fact]
    public void Where_the_lowest_total_wins_the_best_round_is_the_lowest()
    {
        var brief = _rally.Compiled.Brief;
        var rally = new Happening(
            brief with
            {
                Method = brief.Method with
                {
                    Wins = WinningDirection.Lowest,
                    Parts = [Sample.Part("height", new Curve.Rate(1), failurePoints: 200)],
                },
            },
            "Terns",
            "Whelks"
        );
        foreach (var (round, terns, whelks) in new[] { (1, "30", "25"), (2, "20", "40") })
        {
            rally.Round = round;
            rally.Counted("Terns", terns);
            rally.Counted("Whelks", whelks);
        }

        RoundsStanding
            .Of(OpenedRally.Open(rally.Rally).OrThrow(), new() { Way = RoundsWay.Best })!
            .Rows.Select(r => $"{r.Name} {r.TotalText}")
            .ShouldBe(["Terns 20.0", "Whelks 25.0"]);
    }

    [Fact]
    public void A_running_round_leaves_it_open_and_a_closed_one_does_not()
    {
        Round(1, ("Terns", "30"), ("Whelks", "20"), ("Plovers", "40"));
        Round(2, ("Terns", "24"), ("Whelks", "31"));
        Row(Over(new() { Way = RoundsWay.Best }), "Plovers").Why.ShouldBe("Not finished in round 2 yet.");
        _rally.Keep(new Entry.RoundClosed { Id = _rally.NextId(), Round = 2 });
        Row(Over(new() { Way = RoundsWay.Best }), "Plovers").TotalText.ShouldBe("40.0");
    }

    [Fact]
    public void The_last_word_of_the_teacher_outweighs_the_brief()
    {
        TwoRounds();
        var opened = OpenedRally.Open(_rally.Rally).OrThrow();
        RoundsStanding.Of(opened)!.Over.ShouldBeNull();
        RoundsStanding.Of(opened)!.Rows[0].Rounds.ShouldBe(["30.0", "24.0"], "side by side, in the teams' order");
        _rally.Keep(
            new Entry.OverRoundsSet
            {
                Id = _rally.NextId(),
                Over = new() { Way = RoundsWay.Sum },
            }
        );
        RoundsStanding.Of(OpenedRally.Open(_rally.Rally).OrThrow())!.WayText.ShouldBe("The rounds are added up.");
        _rally.Keep(new Entry.OverRoundsSet { Id = _rally.NextId() });
        RoundsStanding.Of(OpenedRally.Open(_rally.Rally).OrThrow())!.Over.ShouldBeNull();
    }

    [Fact]
    public void There_is_none_of_one_round_nor_without_places()
    {
        Round(1, ("Terns", "30"));
        RoundsStanding.Of(OpenedRally.Open(_rally.Rally).OrThrow()).ShouldBeNull();
    }

    [Fact]
    public void The_wall_shows_nothing_of_it_before_every_round_in_it_was_revealed()
    {
        TwoRounds();
        _rally.Keep(
            new Entry.OverRoundsSet
            {
                Id = _rally.NextId(),
                Over = new() { Way = RoundsWay.Best },
            }
        );
        Show(1, "", 3).IsOk.ShouldBeTrue();
        var early = Show(2, "rounds", 1);
        early.Problems.ShouldHaveSingleItem().What.ShouldBe("Round 2 has not been revealed yet.");
        Board.Of(OpenedRally.Open(_rally.Rally).OrThrow(), 2, "rounds")!.Rows.ShouldBeEmpty();
        Show(2, "", 3).IsOk.ShouldBeTrue();
        Show(2, "rounds", 1).IsOk.ShouldBeTrue();
        var board = Board.Of(OpenedRally.Open(_rally.Rally).OrThrow(), 2, "rounds")!;
        board.WinsText.ShouldBe("Each team’s best round counts.");
        board.Rows.Select(r => r.Name).ShouldBe(["Plovers", "Whelks", "Terns"]);
    }

    [Fact]
    public void A_table_has_a_line_for_each_team()
    {
        TwoRounds();
        var table = RallyTable.All(OpenedRally.Open(_rally.Rally).OrThrow()).Single(t => t.Name == "rounds");
        table.Columns.ShouldBe(["team", "place", "total", "round 1", "round 2", "why"]);
        table.Rows[2].ShouldBe(["Plovers", null, null, 40m, null, ""]);
    }

    [Theory]
    [InlineData("0", "/method/overRounds/weights")]
    [InlineData("-1", "/method/overRounds/weights/0")]
    [InlineData("101", "/method/overRounds/weights/0")]
    public void A_weight_that_cannot_be_is_refused_at_its_place(string weight, string at)
    {
        var brief = Sample.Simple();
        var over = new OverRounds { Way = RoundsWay.Weights, Weights = [decimal.Parse(weight)] };
        CompiledEdition
            .For(new Edition { Brief = brief with { Method = brief.Method with { OverRounds = over } } })
            .Problems.ShouldContain(p => p.At == at);
    }

    /// <summary>In round 2 the Plovers are away.</summary>
    private void TwoRounds()
    {
        Round(1, ("Terns", "30"), ("Whelks", "20"), ("Plovers", "40"));
        Round(2, ("Terns", "24"), ("Whelks", "31"));
        _rally.Keep(
            new Entry.TeamAway
            {
                Id = _rally.NextId(),
                Team = new("plovers"),
                Round = 2,
                Reason = "absent",
            }
        );
    }

    private void Round(int round, params (string Team, string Typed)[] read)
    {
        _rally.Round = round;
        foreach (var (team, typed) in read)
            _rally.Counted(team, typed);
    }

    private Result<Entry> Show(int round, string of, int revealed)
    {
        var taken = Recorder.Accept(
            OpenedRally.Open(_rally.Rally).OrThrow(),
            new Entry.WallSet
            {
                Id = _rally.NextId(),
                Round = round,
                Shows = WallShows.Board,
                Of = of,
                Revealed = revealed,
            }
        );
        if (taken.IsOk)
            _rally.Keep(taken.Value);
        return taken;
    }

    private RoundsStanding Over(OverRounds over) => RoundsStanding.Of(OpenedRally.Open(_rally.Rally).OrThrow(), over)!;

    private static RoundsRow Row(RoundsStanding standing, string team) => standing.Rows.Single(r => r.Name == team);
}
