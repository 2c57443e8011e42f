using PluckyRally.Core.Results;

namespace PluckyRally.Core.Tests.Results;

/// <summary>How figures stand to the control and the benchmark.</summary>
public sealed class ReferenceFigureTests
{
    [Fact]
    public void Every_figure_that_is_known_in_an_attempt_is_compared_with_the_mean_of_the_reference()
    {
        var brief = Sample.Brief(
            [Sample.Height(), Sample.Count("sheets") with { Better = Better.Less }],
            [Sample.Part("height")]
        ) with
        {
            Figures = [Sample.Figure("slim", "Slim", "height / sheets", better: Better.More)],
        };
        var rally = new Happening(brief, "A", "B");
        foreach (var (team, sheets) in new[] { ("A", "5"), ("B", "10") })
            rally.Counted(team, "30", sheets);
        rally.Trial("", TrialOutcome.Counted, ["10", "4"], purpose: Purpose.Control);
        rally.Trial("", TrialOutcome.Counted, ["20", "4"], purpose: Purpose.Control);
        rally.Trial("B", TrialOutcome.Counted, ["60", "20"], purpose: Purpose.Control);
        rally.Trial("", TrialOutcome.Failed, purpose: Purpose.Benchmark);

        var teams = TeamDetail.Of(OpenedRally.Open(rally.Rally).OrThrow(), 1).ToDictionary(t => t.Team);
        teams[new("a")]
            .Against.Select(r => (r.Figure, r.Purpose, r.Reference, r.Times))
            .ShouldBe([
                ("height", Purpose.Control, 15, 2),
                ("sheets", Purpose.Control, 4, 1.25m),
                ("slim", Purpose.Control, 3.75m, 1.6m),
            ]);
        teams[new("b")]
            .Against.Select(r => (r.Figure, r.Reference, r.Times))
            .ShouldBe([("height", 60, 0.5m), ("sheets", 20, 0.5m), ("slim", 3, 1)]);
    }
}
