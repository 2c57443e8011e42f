using PluckyRally.Core.Results;
using PluckyRally.Core.Run;

namespace PluckyRally.Core.Tests.Results;

/// <summary>The board is revealed from the last place to the first.</summary>
public sealed class BoardTests
{
    private readonly Happening _rally;

    public BoardTests()
    {
        var brief = Sample.Simple();
        _rally = new(
            brief with
            {
                Method = brief.Method with
                {
                    Awards = [Sample.Award("tall", "Tallest", "height", better: Better.More)],
                },
            },
            "Terns",
            "Whelks",
            "Limpets"
        );
        _rally.Counted("Terns", "40");
        _rally.Counted("Whelks", "70");
    }

    [Theory]
    [InlineData(0, "")]
    [InlineData(1, "Terns")]
    [InlineData(2, "Whelks Terns Limpets")]
    [InlineData(9, "Whelks Terns Limpets")]
    public void Places_come_from_the_last_and_who_has_none_with_the_first(int places, string names) =>
        string.Join(' ', _rally.Standings().Revealed(places).Rows.Select(r => r.Name)).ShouldBe(names);

    [Fact]
    public void A_figure_and_an_award_are_revealed_in_their_own_order_and_tell_nothing_before()
    {
        var opened = OpenedRally.Open(_rally.Rally).OrThrow();
        var board = Board.Of(opened, 1, "figure:height")!;
        (board.Title, board.WinsText).ShouldBe(("Height", "The highest stands first."));
        board
            .Rows.Select(r => (r.Place, r.Name, r.Text))
            .ShouldBe([(1, "Whelks", "70 cm"), (2, "Terns", "40 cm"), (null, "Limpets", "")]);
        board.Places.ShouldBe(2);
        board.Revealed(1).Rows.Select(r => r.Name).ShouldBe(["Terns"], "who has no place is not named first");
        Board
            .Of(opened, 1, "award:tall")!
            .Rows.Select(r => r.Name)
            .ShouldBe(["Whelks", "Terns"], "only teams that place may win it");
        Board.Of(opened, 1, "").ShouldBeNull("the totals are the standings");
        Board.Of(opened, 1, "figure:nix").ShouldBeNull();
        BoardChoice.All(_rally.Compiled, rounds: false).Select(b => b.Of).ShouldContain("award:tall");
        _rally
            .Offer(
                new Entry.WallSet
                {
                    Id = _rally.NextId(),
                    Shows = WallShows.Board,
                    Of = "figure:nix",
                }
            )
            .Problems.Single()
            .At.ShouldBe("/of");
        _rally
            .Offer(new Entry.WallSet { Id = _rally.NextId(), Shows = WallShows.Gallery })
            .Problems.Single()
            .At.ShouldBe("/gallery");
    }

    [Fact]
    public void An_award_that_people_gave_names_who_has_it_with_why()
    {
        var brief = Sample.Simple();
        var rally = new Happening(
            brief with
            {
                Method = brief.Method with
                {
                    Awards =
                    [
                        new Award
                        {
                            Id = "calm",
                            Name = "Calmest",
                            GivenBy = GivenBy.Teacher,
                        },
                    ],
                },
            },
            "Terns",
            "Whelks"
        );
        rally.Keep(
            new Entry.AwardGiven
            {
                Id = rally.NextId(),
                Team = new("whelks"),
                Award = "calm",
                Why = "nobody hurried",
            }
        );
        var board = Board.Of(OpenedRally.Open(rally.Rally).OrThrow(), 1, "award:calm")!;
        board.Rows.Select(r => (r.Name, r.Text, r.Value)).ShouldBe([("Whelks", "nobody hurried", null)]);
        board.WinsText.ShouldBe("");
    }

    [Fact]
    public void Equal_values_share_a_place_on_the_board()
    {
        _rally.Counted("Limpets", "40");
        Board
            .Of(OpenedRally.Open(_rally.Rally).OrThrow(), 1, "figure:height")!
            .Rows.Select(r => r.Place)
            .ShouldBe([1, 2, 2]);
    }

    [Fact]
    public void Values_that_are_shown_alike_share_a_place()
    {
        var rally = new Happening(
            Sample.Brief([Sample.Height()], [Sample.Part("height", combine: Combine.Mean)], 30),
            "Terns",
            "Whelks",
            "Limpets"
        );

        // Thirty heights of 40 or 41 cm: means of 40.333 and 40.3, both shown as 40.3. What the class sees decides.
        foreach (var (team, taller) in new[] { ("Terns", 10), ("Whelks", 9), ("Limpets", 30) })
            for (var attempt = 1; attempt <= 30; attempt++)
                rally.Counted(team, attempt <= taller ? "41" : "40");
        Board
            .Of(OpenedRally.Open(rally.Rally).OrThrow(), 1, "figure:height")!
            .Rows.Select(r => (r.Place, r.Name, r.Text))
            .ShouldBe([(1, "Limpets", "41.0 cm"), (2, "Terns", "40.3 cm"), (2, "Whelks", "40.3 cm")]);
    }

    [Fact]
    public void Awards_give_nothing_away_before_all_is_revealed()
    {
        _rally.Standings().Awards.ShouldNotBeEmpty();
        _rally.Standings().Revealed(1).Awards.ShouldBeEmpty();
        _rally.Standings().Revealed(3).Awards.Single().Says.ShouldBe("Tallest: Whelks with 70 cm.");
    }
}
