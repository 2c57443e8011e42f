using MathNet.Numerics.Statistics;
using PluckyRally.Core.Curves;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Rehearsals;
using static PluckyRally.Core.Tests.Rehearsals.Rehearsed;

namespace PluckyRally.Core.Tests.Rehearsals;

/// <summary>What a rehearsal says of parts, rules and readings.</summary>
public sealed class FindingTests
{
    /// <summary>
    /// The variance of a sum is the sum of the parts' covariances with it: so the shares are a hundred, and twice the
    /// spread is four times the share.
    /// </summary>
    [Fact]
    public void Shares_are_a_hundred_in_all_and_go_with_the_square_of_the_spread()
    {
        var brief = Sample.Brief(
            [Wide(), Wide("load")],
            [
                Sample.Part("height", new Curve.Rate(2), id: "tall") with
                {
                    Name = "Tall",
                },
                Sample.Part("load", new Curve.Rate(1), id: "strong") with
                {
                    Name = "Strong",
                },
            ]
        );
        var report = Play(
            brief,
            new()
            {
                Teams = 20,
                Classes = 400,
                Alike = 0,
            }
        );
        report.Parts.Sum(p => p.Share).ShouldBe(100, 0.2m);
        report.Parts.Single(p => p.Name == "Tall").Share.ShouldBe(80, 3);
        report.Parts.ShouldAllBe(p => p.Rank < 0, "more points are a better place");
        report.Finding("parts").Says.ShouldContain("Teams that are good at “Tall” nearly always finish high.");
    }

    /// <summary>
    /// How a part's points go with the place: against R 4.2.2, cor(…, method = "spearman"), on the ten of D. G. Rees'
    /// example (intelligence and hours of television: −29/165) and on ten with many ties.
    /// </summary>
    [Theory]
    [InlineData(
        new[] { 106, 100, 86, 101, 99, 103, 97, 113, 112, 110 },
        new[] { 7, 27, 2, 50, 28, 29, 20, 12, 6, 17 },
        -0.175757575757576
    )]
    [InlineData(new[] { 3, 3, 5, 8, 8, 8, 9, 12, 12, 15 }, new[] { 10, 9, 9, 7, 7, 5, 5, 3, 2, 1 }, -0.968889666236810)]
    public void How_a_part_goes_with_the_place_is_as_R_has_it(int[] points, int[] behind, double expected)
    {
        var brief = Sample.Brief(
            [Sample.Number("points", taken: ReadOccasion.Once), Sample.Number("ahead", taken: ReadOccasion.Once)],
            [Sample.Part("points", id: "points"), Sample.Part("ahead", id: "ahead") with { Weight = 1000 }]
        );
        var compiled = Sample.Ready(brief);
        IReadOnlyList<Team> teams = [.. points.Select((_, i) => new Team { Id = new($"t{i}"), Name = $"{i}" })];
        var log = teams
            .SelectMany(
                (t, i) =>
                    new[] { ("points", points[i]), ("ahead", 100 - behind[i]) }.Select(
                        (m, n) =>
                            (Entry)
                                new Entry.MeasureRead
                                {
                                    Id = new(new Guid(i + 1, (short)n, 1, new byte[8])),
                                    Team = t.Id,
                                    Reading = new() { Measure = m.Item1, Typed = $"{m.Item2}" },
                                }
                    )
            )
            .ToList();
        var found = new ProblemCollector();
        IReadOnlyList<Entry> understood = [.. log.Select(e => Recorder.Understand(compiled, teams, e, found))];
        var seen = new PartsSeen(compiled);

        // The points of the part itself part those that are level in the other, so places go by both.
        seen.See(new(0, 0, StandingLog.Of(understood), Sample.Came(compiled, teams, understood).Teams));
        double[] places =
        [
            .. points.Select(
                (p, i) =>
                    1.0
                    + points.Where((q, j) => (1000 * (100 - behind[j])) + q > (1000 * (100 - behind[i])) + p).Count()
            ),
        ];
        ((double)seen.Decides().Single(p => p.Part == "points").Rank).ShouldBe(
            Correlation.Spearman(points.Select(p => (double)p), places),
            0.0006
        );
        Correlation.Spearman(points.Select(p => (double)p), behind.Select(b => (double)b)).ShouldBe(expected, 1e-12);
    }

    [Fact]
    public void A_part_that_never_sets_teams_apart_is_named()
    {
        var brief = Sample.Brief(
            [Wide(), Wide("load")],
            [
                Sample.Part("height", id: "tall"),
                Sample.Part("load", new Curve.Bands([new(0, 5), new(500, 10)]), id: "strong") with
                {
                    Name = "Strong",
                },
            ]
        );
        var report = Play(brief, new());
        report.Finding("never:strong").Says.ShouldBe("“Strong” never gives two teams different points.");
        report.Finding("bands:strong").Says.ShouldBe("The points of “Strong” from 500.000 are never earned.");
        report.Finding("bands:strong").Bars.Sum(b => b.InAHundred).ShouldBe(100);
        report.Findings.Select(f => f.Weight).ShouldBeInOrder(SortDirection.Ascending);
    }

    [Fact]
    public void Points_for_a_rule_that_everybody_keeps_or_nobody_are_named()
    {
        Rule bonus(string id) => Sample.Inspection(id, new Consequence.NoteOnly()) with { Bonus = 3 };
        var report = Play(
            Sample.Brief([Wide()], [Sample.Part("height")], rules: [bonus("always"), bonus("never"), bonus("half")]),
            new()
            {
                Chances = new Dictionary<string, decimal>
                {
                    ["/rules/always"] = 0,
                    ["/rules/never"] = 100,
                    ["/rules/half"] = 50,
                },
            }
        );
        report
            .Finding("rule:always")
            .Says.ShouldBe("Nearly every team gets the points for “It must always”, so it makes no difference.");
        report.Finding("rule:never").Says.ShouldBe("Hardly a team gets the points for “It must never”.");
        report.Findings.ShouldNotContain(f => f.Id == "rule:half");
    }

    /// <summary>
    /// Readings that add up can make up for each other within their steps; one reading alone cannot pass another that
    /// is a step ahead, and what is counted is exact.
    /// </summary>
    [Fact]
    public void Reading_once_more_changes_the_winner_where_the_step_is_coarse()
    {
        decimal Changes(decimal step, params string[] measures) =>
            Play(
                    Sample.Brief(
                        [.. measures.Select(m => Wide(m, step))],
                        [.. measures.Select(m => Sample.Part(m, id: $"{m}_part"))]
                    ),
                    new() { Teams = 4, Classes = 1000 }
                )
                .Finding("reread")
                .InAHundred;
        Changes(0.001m, "height", "load").ShouldBeLessThan(1);
        Changes(10, "height", "load").ShouldBeGreaterThan(2);
        Changes(10, "height").ShouldBe(0);
        Play(
            Sample.Brief(
                [Sample.Count("height", taken: ReadOccasion.Once) with { Expected = new(0, 100) }],
                [Sample.Part("height", id: "part")]
            ),
            new()
        )
            .Findings.ShouldNotContain(f => f.Id == "reread");
    }
}
