using PluckyRally.Core.Ids;
using PluckyRally.Core.Teams;

namespace PluckyRally.Core.Tests.Teams;

/// <summary>Heats: as few as the lanes allow, alike in size, and other neighbors in another round.</summary>
public sealed class HeatDrawTests
{
    private static readonly TeamId[] Teams = [.. "abcdefg".Select(c => new TeamId($"{c}"))];

    [Theory]
    [InlineData(7, 3, "3 2 2")]
    [InlineData(7, 4, "4 3")]
    [InlineData(6, 3, "3 3")]
    [InlineData(4, 3, "2 2")]
    [InlineData(2, 5, "2")]
    [InlineData(0, 2, "")]
    public void Heats_are_few_and_alike_and_hold_every_team_once(int teams, int lanes, string sizes)
    {
        for (var seed = 1; seed <= 10; seed++)
        {
            var heats = HeatDraw.Of(Teams[..teams], lanes, seed, []);
            string.Join(" ", heats.Select(h => h.Teams.Count)).ShouldBe(sizes);
            heats.SelectMany(h => h.Teams).OrderBy(t => t.Value).ShouldBe(Teams[..teams]);
        }
    }

    [Fact]
    public void The_same_number_draws_the_same_and_numbers_differ()
    {
        string Drawn(int seed) => string.Join(" ", HeatDraw.Of(Teams, 2, seed, []).SelectMany(h => h.Teams));
        Drawn(3).ShouldBe(Drawn(3));
        Enumerable.Range(1, 20).Select(Drawn).Distinct().Count().ShouldBeGreaterThan(10);
    }

    /// <summary>Of four teams in pairs there are three rounds in which nobody meets twice.</summary>
    [Fact]
    public void In_another_round_teams_meet_others()
    {
        var first = HeatDraw.Of([new("a"), new("b"), new("c"), new("d")], 2, 1, []);
        var second = HeatDraw.Of([new("a"), new("b"), new("c"), new("d")], 2, 1, first);
        second.Select(Pair).Intersect(first.Select(Pair)).ShouldBeEmpty();

        static string Pair(Heat heat) => string.Concat(heat.Teams.OrderBy(t => t.Value));
    }

    [Fact]
    public void A_team_has_the_heat_and_lane_of_its_round_alone()
    {
        var brief = Sample.Simple();
        var opened = OpenedRally
            .Open(
                new Rally
                {
                    Name = "A class",
                    Edition = new Edition { Brief = brief },
                    Teams = [.. Teams[..3].Select(t => new Team { Id = t, Name = t.Value })],
                }
            )
            .OrThrow();
        var drawn = new Entry.HeatsDrawn
        {
            Id = new(Guid.CreateVersion7()),
            Heats = [new([new("c"), new("a")]), new([new("b")])],
            Seed = 4,
        };
        opened = opened.With(Recorder.Accept(opened, drawn).OrThrow()).OrThrow();
        opened.In(1).Teams.Select(t => t.Heat).ShouldBe([new(1, 2), new(2, 1), new(1, 1)]);
        opened.In(2).Teams.ShouldAllBe(t => t.Heat == null);
        Recorder
            .Accept(
                opened,
                drawn with
                {
                    Id = new(Guid.CreateVersion7()),
                    Heats = [new([new("a"), new("x")]), new([new("a")])],
                }
            )
            .Problems.Select(p => p.At)
            .ShouldBe(["/heats/0/teams/1", "/heats/1/teams/0"]);
        LogLine.OfLesson(opened, 1).Select(l => l.Says).ShouldContain("2 heats drawn by number 4");
    }
}
