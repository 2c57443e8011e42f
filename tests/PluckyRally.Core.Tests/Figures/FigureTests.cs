using PluckyRally.Core.Checks;
using PluckyRally.Core.Curves;
using PluckyRally.Core.Files;
using PluckyRally.Core.Results;
using PluckyRally.Core.Statistics;

namespace PluckyRally.Core.Tests.Figures;

/// <summary>One list of figures: whatever compares, limits, awards or sums up reads it.</summary>
public sealed class FigureTests
{
    private static readonly Part.Relay Run = new()
    {
        Id = "run",
        Name = "Run",
        Legs = ["Out", "Back"],
        Curve = new Curve.Between(60, 20, 40),
        FailurePoints = 0,
    };

    [Theory]
    [InlineData("run.legs", "2")]
    [InlineData("run.value", "31.5 s")]
    [InlineData("run.points", "28.5")]
    [InlineData("run.unweighted", "28.500")]
    [InlineData("team.total", "68.5")]
    [InlineData("team.members", "4")]
    [InlineData("team.attempts", "2")]
    [InlineData("team.failed", "1")]
    [InlineData("height", "40 cm")]
    [InlineData("team.total - run.points", "40.00")]
    public void An_award_can_name_what_is_known_of_measures_parts_and_the_team(string figure, string shown)
    {
        var rally = Ran(figure);
        rally.Standings().Awards[0].Says.ShouldBe($"Most: A with {shown}.");
    }

    [Theory]
    [InlineData(
        CheckTime.BeforeTest,
        "run.points",
        "points for Run is known only with the points, and “It must be kept” is checked when they are made."
    )]
    [InlineData(
        CheckTime.AfterTest,
        "height + team.total",
        "total is known only with the total, and “It must be kept” is checked when they are made."
    )]
    [InlineData(
        CheckTime.EveryAttempt,
        "run.value",
        "Run is known only when the attempts are made, and “It must be kept” is checked in every attempt."
    )]
    public void A_rule_that_comes_too_early_is_refused_with_both_names(CheckTime when, string value, string what)
    {
        var brief = Briefed() with
        {
            Rules =
            [
                Sample.Limit("rule", value, Comparison.AtLeast, "5", new Consequence.NoteOnly(), when) with
                {
                    Text = "It must be kept",
                },
            ],
        };
        CompiledEdition
            .For(new Edition { Brief = brief })
            .Problems.ShouldHaveSingleItem()
            .ShouldSatisfyAllConditions(p => p.What.ShouldBe(what), p => p.At.ShouldBe("/rules/rule/check/value"));
    }

    [Fact]
    public void A_rule_looks_at_the_value_of_a_part()
    {
        var rally = Ran(
            "height",
            Sample.Limit(
                "fast",
                "run.value",
                Comparison.AtMost,
                "0:30",
                new Consequence.DoesNotPlace(),
                CheckTime.AfterTest
            ) with
            {
                Text = "Half a minute",
            }
        );
        rally.Standing("A").Status.ShouldBe(StandingStatus.DidNotPlace);
        rally
            .Standing("A")
            .Why.ShouldContain(s => s.Sentence == "“Half a minute”: missed (31.5 s; the rule says at most 30.0 s).");
    }

    [Fact]
    public void A_part_may_have_the_id_of_a_measure()
    {
        var brief = Sample.Brief([Sample.Height()], [Sample.Part("height", new Curve.Rate(2), id: "height")]);
        brief = brief with
        {
            Method = brief.Method with
            {
                Awards = [Sample.Award("a", "Measure", "height"), Sample.Award("b", "Points", "height.points")],
            },
        };
        var rally = new Happening(brief, "A");
        rally.Counted("A", "30");
        rally.Standings().Awards.Select(a => a.Says).ShouldBe(["Measure: A with 30 cm.", "Points: A with 60.0."]);
    }

    [Theory]
    [InlineData(null, "25.0 cm")]
    [InlineData(Combine.Sum, "50 cm")]
    [InlineData(Combine.Last, "20 cm")]
    public void A_bare_measure_is_what_its_own_way_makes_of_it_else_what_the_first_part_does(Combine? own, string shown)
    {
        var brief = Sample.Brief(
            [Sample.Height() with { Combine = own }],
            [
                Sample.Part("height", new Curve.Rate(1), combine: Combine.Mean),
                Sample.Part("height", new Curve.Rate(1), id: "other"),
            ],
            2
        );
        brief = brief with { Method = brief.Method with { Awards = [Sample.Award("a", "Award", "height")] } };
        var rally = new Happening(brief, "A");
        rally.Counted("A", "30");
        rally.Counted("A", "20");
        rally.Standings().Awards[0].Says.ShouldBe($"Award: A with {shown}.");
    }

    [Fact]
    public void Where_parts_differ_each_way_is_offered_and_where_nothing_says_what_is_better_both_are()
    {
        var brief = Sample.Brief(
            [Sample.Height(), Sample.Number("hold")],
            [
                Sample.Part("height", new Curve.Rate(1), combine: Combine.Mean) with
                {
                    Name = "Mean",
                },
                Sample.Part("height", new Curve.Rate(1), id: "other") with
                {
                    Name = "Best",
                },
            ],
            2
        );
        brief = brief with
        {
            Method = brief.Method with
            {
                TieBreaks =
                [
                    Sample.TieBreak("higher", "height", Better.More),
                    Sample.TieBreak("longer", "hold", Better.More),
                ],
            },
        };
        Snags.Of(brief).Where(s => s.Id == "way").Select(s => s.Fix!.Label).ShouldBe(["As Mean does", "As Best does"]);
        Snags
            .Of(brief)
            .Where(s => s.Id == "better")
            .Select(s => s.Fix!.Label)
            .ShouldBe(["Less is better", "More is better"]);
        foreach (var fix in Snags.Of(brief).Where(s => s.Id is "way" or "better").Select(s => s.Fix!))
        {
            var corrected = Changes
                .Apply(System.Text.Json.Nodes.JsonNode.Parse(Json.Write(brief))!, fix.Changes)
                .OrThrow()
                .Value;
            Snags.Of(corrected).Count(s => s.Id is "way" or "better").ShouldBe(2);
        }
    }

    [Fact]
    public void The_lighter_parcel_that_broke_has_no_value_to_win_an_award_with()
    {
        var brief = Sample.Simple(better: Better.Less) with
        {
            Rules = [Sample.Inspection("whole", new Consequence.FailurePoints("part"))],
        };
        brief = brief with
        {
            Method = brief.Method with
            {
                Awards = [Sample.Award("light", "Lightest", "part.value", better: Better.Less)],
            },
        };
        var rally = new Happening(brief, "A", "B");
        foreach (var (team, height) in new[] { ("A", "30"), ("B", "20") })
        {
            rally.Counted(team, height);
            rally.Checked(team, "whole", team == "A");
        }

        rally.Standings().Awards[0].Teams.ShouldBe([new("a")]);
    }

    [Fact]
    public void An_unknown_name_behind_a_part_is_refused_with_what_is_known_of_the_part() =>
        CompiledEdition
            .For(new Edition { Brief = With("run.laps") })
            .Problems.ShouldHaveSingleItem()
            .Remedy.ShouldBe(
                "Choose one of these: points for Run; Run; points for Run before the weight; Run, legs done; "
                    + "Run, things brought over; Run, time before faults; Run, seconds for faults; Run, faults."
            );

    [Fact]
    public void Summaries_say_over_what_and_use_the_quartiles_that_the_class_is_taught()
    {
        var rally = new Happening(Sample.Simple(2) with { Quartiles = QuartileMethod.HalvesWithMedian }, "A", "B", "C");
        foreach (var (team, heights) in new[] { ("A", (string[])["1", "9"]), ("B", ["4", "2"]), ("C", ["3", "5"]) })
        {
            foreach (var height in heights)
                rally.Counted(team, height);
        }

        var opened = OpenedRally.Open(rally.Rally).OrThrow();
        var attempts = MeasureSummaries.Of(opened, 1).Single();
        (attempts.Over, attempts.Summary!.Count).ShouldBe((SummaryOver.Attempts, 6));
        var teams = MeasureSummaries.Of(opened, 1, "part.value", SummaryOver.Teams)!.Summary!;
        (teams.Count, teams.LowerQuartile, teams.UpperQuartile).ShouldBe((3, 4.5, 7));
        MeasureSummaries.Of(opened, 1, "part.value", SummaryOver.Attempts).ShouldBeNull();
        MeasureSummaries.Of(opened, 1, "part.laps", SummaryOver.Teams).ShouldBeNull();
    }

    private static Brief Briefed() =>
        Sample.Brief([Sample.Height()], [Sample.Part("height", new Curve.Rate(1)), Run], 2);

    private static Brief With(string award) =>
        Briefed() with
        {
            Method = Briefed().Method with { Awards = [Sample.Award("most", "Most", award)] },
        };

    /// <summary>40 cm and a failed attempt; 15 s out and 16.5 s back: 40 + 28.5 points.</summary>
    private static Happening Ran(string award, params Rule[] rules)
    {
        var rally = new Happening(With(award) with { Rules = rules }, "A");
        rally.Counted("A", "40");
        rally.Failed("A");
        foreach (var (leg, time) in new[] { (1, "15"), (2, "16.5") })
            rally.Keep(
                Recorder
                    .Accept(
                        rally.Compiled,
                        rally.Teams,
                        new Entry.LegTimed
                        {
                            Id = rally.NextId(),
                            Team = new("a"),
                            Part = "run",
                            Leg = leg,
                            Time = new() { Measure = "run", Typed = time },
                        },
                        rally.Log
                    )
                    .OrThrow()
            );
        return rally;
    }
}
