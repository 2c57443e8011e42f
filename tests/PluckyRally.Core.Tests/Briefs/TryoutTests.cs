using PluckyRally.Core.Curves;
using PluckyRally.Core.Results;

namespace PluckyRally.Core.Tests.Briefs;

public sealed class TryoutTests
{
    [Fact]
    public void Pretend_results_are_scored_as_real_ones()
    {
        var tried = Try(
            Sample.Simple(2, curve: new Curve.Between(0, 50, 20)),
            Team("High", ("height", 40)),
            Team("Low", ("height", 25))
        );
        tried.Standings.Rows.Select(r => (r.Name, r.Place, r.Total)).ShouldBe([("High", 1, 16m), ("Low", 2, 10m)]);
        tried.Standings.Rows[0].Why.ShouldContain(s => s.Kind == TraceKind.Curve);
        tried.Curves.ShouldHaveSingleItem().Marks.ShouldBe([new("High", 40, 16), new("Low", 25, 10)]);
    }

    [Fact]
    public void A_missed_inspection_has_its_consequence()
    {
        var brief = Sample.Simple() with { Rules = [Sample.Inspection("float", new Consequence.DoesNotPlace())] };
        var tried = Try(
            brief,
            Team("Sinks", ("height", 40)) with
            {
                Missed = ["float"],
            },
            Team("Floats", ("height", 2))
        );
        tried.Rules.ShouldHaveSingleItem().Text.ShouldBe("It must float");
        tried.Standings.Rows.Select(r => r.Status).ShouldBe([StandingStatus.Placed, StandingStatus.DidNotPlace]);
    }

    [Fact]
    public void Bands_are_drawn_as_steps_with_both_values_at_an_edge()
    {
        var line = Try(
            Sample.Brief(
                [Sample.Height() with { Expected = new(0, 30) }],
                [Sample.Part("height", new Curve.Bands([new(10, 5), new(20, 8)]))]
            ),
            Team("A", ("height", 20))
        )
            .Curves[0]
            .Line;
        line.ShouldBe([new(0, 0), new(10, 0), new(10, 5), new(20, 5), new(20, 8), new(30, 8)]);
    }

    [Fact]
    public void Points_by_place_are_drawn_by_place()
    {
        var tried = Try(
            Sample.Simple(curve: new Curve.Place([10, 6])),
            Team("A", ("height", 5)),
            Team("B", ("height", 9))
        );
        tried.Curves[0].Across.ShouldBe("place");
        tried.Curves[0].Marks.Select(m => (m.Team, m.X, m.Y)).ShouldBe([("B", 1m, 10m), ("A", 2m, 6m)]);
    }

    [Fact]
    public void Teams_that_nobody_moved_stand_apart()
    {
        var tried = Try(
            Sample.Brief([Sample.Height() with { Expected = new(20, 60) }], [Sample.Part("height")]),
            Team("A"),
            Team("B"),
            Team("C")
        );
        tried.Teams.Select(t => t.Values["height"]).ShouldBe([50, 40, 30]);
    }

    [Fact]
    public void A_value_that_no_judge_could_read_is_refused_at_its_team() =>
        Tryout.Run(Sample.Ready(Sample.Simple()), [Team("A", ("height", -3))]).Problems.ShouldNotBeEmpty();

    [Fact]
    public void More_teams_than_can_be_looked_at_are_refused() =>
        Tryout
            .Run(Sample.Ready(Sample.Simple()), [.. Enumerable.Range(1, 7).Select(i => Team($"T{i}"))])
            .Problems.ShouldHaveSingleItem()
            .At.ShouldBe("/teams");

    private static Tryout Try(Brief brief, params PretendTeam[] teams) =>
        Tryout.Run(Sample.Ready(brief), teams).OrThrow();

    private static PretendTeam Team(string name, params (string Handle, decimal Value)[] values) =>
        new() { Name = name, Values = values.ToDictionary(v => v.Handle, v => v.Value) };
}
