using PluckyRally.Core.Checks;
using PluckyRally.Core.Curves;
using PluckyRally.Core.Files;
using PluckyRally.Core.Kit;

namespace PluckyRally.Core.Tests.Briefs;

/// <summary>Each check finds what it is for, at its place, and its fix makes it go away.</summary>
public sealed class SnagTests
{
    private static Brief Tower { get; } = Read(Patterns.Begin(Pattern.Tallest, GradeBand.From3To5, UnitSystem.Metric));

    private static Brief Bridge { get; } =
        Read(Patterns.Begin(Pattern.Strongest, GradeBand.From3To5, UnitSystem.Metric));

    [Theory]
    [InlineData("Is strong enough")]
    [InlineData("Looks nice")]
    [InlineData("Uses a little tape")]
    public void What_nobody_can_check(string text) =>
        Finds(
            Tower with
            {
                Rules =
                [
                    .. Tower.Rules,
                    Sample.Inspection("vague", new Consequence.DoesNotPlace()) with
                    {
                        Text = text,
                    },
                ],
            },
            "vague",
            "/rules/vague/text"
        );

    [Fact]
    public void A_measure_that_is_scored_and_never_recorded() =>
        Fixes(
            Tower with
            {
                Method = Tower.Method with { Parts = [Sample.Part("height / straws", id: "tall")] },
            },
            "stops",
            "/method/parts/tall/value"
        );

    [Fact]
    public void A_measure_without_a_unit_in_one_tier()
    {
        var brief = WithTier(Tower, ("/measures/height/unit", "\"\""));
        var snag = Finds(brief, "stops", "/measures/height/unit");
        snag.Tier.ShouldBe("t");
        Editions.Resolve(Fixed(brief, snag), "t").OrThrow().Brief.Measures[0].Unit.ShouldBe("cm");
    }

    [Fact]
    public void A_test_that_nobody_described() =>
        Finds(Tower with { Trials = Tower.Trials with { How = " " } }, "test", "/trials/how");

    [Fact]
    public void A_condition_that_is_not_fixed() =>
        Finds(
            Tower with
            {
                Conditions = [new Condition { Id = "gap", Text = "The gap" }],
            },
            "condition",
            "/conditions/gap/fixedAt"
        );

    [Fact]
    public void Nothing_that_is_the_same_for_everyone() =>
        Fixes(Tower with { Conditions = [] }, "conditions", "/conditions");

    [Fact]
    public void Tape_without_a_limit() =>
        Fixes(
            Tower with
            {
                Materials = [.. Tower.Materials.Select(m => m.Id == "joining" ? m with { Amount = null } : m)],
            },
            "joining",
            "/materials/joining/amount"
        );

    [Fact]
    public void Stages_that_the_material_does_not_last_for()
    {
        var stages = new StagePlan
        {
            Measure = "height",
            Stages =
            [
                .. Enumerable
                    .Range(1, 3)
                    .Select(i => new Stage
                    {
                        Id = $"s{i}",
                        Name = $"Floor {i}",
                        Adds = 15,
                        Needs = [new("pieces", 5)],
                    }),
            ],
        };
        var snag = Fixes(Tower with { Stages = stages }, "stages", "/stages/stages/s3");
        snag.What.ShouldContain("2 left, 5 needed");
    }

    [Fact]
    public void Stages_that_do_not_come_to_what_is_asked()
    {
        var stages = new StagePlan
        {
            Measure = "height",
            Stages =
            [
                new()
                {
                    Id = "s1",
                    Name = "Foot",
                    Adds = 20,
                    Needs = [new("pieces", 5)],
                },
            ],
        };
        Finds(
            Tower with
            {
                Stages = stages,
                Rules =
                [
                    .. Tower.Rules,
                    Sample.Limit(
                        "high",
                        "height",
                        Comparison.AtLeast,
                        "30 cm",
                        new Consequence.DoesNotPlace(),
                        CheckTime.EveryAttempt
                    ),
                ],
            },
            "stages",
            "/stages"
        )
            .What.ShouldContain("come to 20 cm");
    }

    [Fact]
    public void Time_that_is_up_without_a_warning() =>
        Fixes(
            Tower with
            {
                Timing = Tower.Timing with { Phases = [.. Tower.Timing.Phases.Select(p => p with { Warning = 0 })] },
            },
            "warning",
            "/timing/phases/build/warning"
        );

    [Fact]
    public void Standing_by_itself_without_a_hold() =>
        Fixes(Tower with { Trials = Tower.Trials with { HoldSeconds = 0 } }, "hold", "/goal");

    [Fact]
    public void Totals_that_nothing_decides_between() =>
        Fixes(Tower with { Method = Tower.Method with { TieBreaks = [] } }, "tie", "/method/tieBreaks");

    [Fact]
    public void No_tie_break_is_asked_for_where_nobody_is_ranked() =>
        Snags
            .Of(Tower with { Method = Tower.Method with { TieBreaks = [], Ranking = false } })
            .ShouldNotContain(s => s.Id == "tie");

    [Fact]
    public void A_part_that_decides_alone_and_one_that_never_does()
    {
        var brief = Tower with
        {
            Method = Tower.Method with
            {
                Parts =
                [
                    Sample.Part("height", new Curve.Rate(10), id: "tall"),
                    Sample.Part("pieces", new Curve.Rate(0.5m), id: "thrifty"),
                ],
            },
        };
        Finds(brief, "outweighs", "/method/parts/tall/weight").What.ShouldContain("750 points");
        Finds(brief, "neverMatters", "/method/parts/thrifty/weight").What.ShouldContain("4 of 754 points");
    }

    [Fact]
    public void Dividing_by_what_can_be_zero()
    {
        var brief = Tower with
        {
            Measures = [Tower.Measures[0], Tower.Measures[1] with { Expected = null }],
            Method = Tower.Method with { Parts = [Sample.Part("height / pieces", id: "thrifty")] },
        };
        Fixes(brief, "zero", "/method/parts/thrifty/value");
    }

    [Fact]
    public void A_step_too_coarse_to_tell_teams_apart() =>
        Fixes(
            Tower with
            {
                Measures = [Tower.Measures[0] with { Step = 20 }, Tower.Measures[1]],
            },
            "step",
            "/measures/height/step"
        );

    [Fact]
    public void Attempts_too_few_for_the_summaries() =>
        Fixes(Tower with { Summaries = [SummaryKind.BoxPlot] }, "attempts", "/trials/attempts");

    [Fact]
    public void A_mean_of_two() =>
        Fixes(
            Tower with
            {
                Summaries = [],
                Method = Tower.Method with { Parts = [Sample.Part("height", combine: Combine.Mean, id: "tall")] },
            },
            "attempts",
            "/method/parts/tall/combine"
        );

    [Fact]
    public void What_happens_after_a_fall() =>
        Fixes(Bridge with { Trials = Bridge.Trials with { IfItFalls = "" } }, "falls", "/trials/ifItFalls");

    [Fact]
    public void Own_words_that_do_not_say_which_total_wins() =>
        Fixes(Tower with { ScoringWords = "You get one point for each centimetre." }, "wins", "/scoringWords");

    [Theory]
    [InlineData("The catapult launches a pebble.", HazardKind.Projectiles)]
    [InlineData("It is dropped from the gallery.", HazardKind.Heights)]
    [InlineData("One of you stands on the bridge.", HazardKind.StandingOnBuilds)]
    [InlineData("Cut it with a craft knife.", HazardKind.Cutters)]
    [InlineData("Join it with hot glue.", HazardKind.HotGlue)]
    [InlineData("Hold it before the fan.", HazardKind.FansAndHeat)]
    [InlineData("Pack a raw egg.", HazardKind.Food)]
    [InlineData("It is driven by a rubber band.", HazardKind.Latex)]
    [InlineData("Load it with beads.", HazardKind.SmallParts)]
    [InlineData("Run the relay.", HazardKind.SlipperyFloors)]
    public void A_hazard_without_its_caution(string how, HazardKind kind)
    {
        var bare = Tower with { Hazards = [], Materials = [] };
        Fixes(bare with { Trials = bare.Trials with { How = how } }, "hazard", $"/hazards/{Json.Word(kind)}");
    }

    [Fact]
    public void A_caution_about_tools_goes_with_the_last_tool()
    {
        var cut = Tower with { Hazards = Draft.Beware(HazardKind.Cutters) };
        Finds(cut, "caution", "/hazards/0/acknowledged");
        var none = cut with { Materials = [.. cut.Materials.Where(m => m.Category != "tool")] };
        Snags.Stopping(new Edition { Brief = none }).ShouldBeEmpty();
        Fixes(none, "cautionFor", "/hazards/0/acknowledged");
        Finds(none with { Goal = "Cut it out with scissors." }, "caution", "/hazards/0/acknowledged");
    }

    [Theory]
    [InlineData("Build two relay towers.", false)]
    [InlineData("Run a relay along the hall.", true)]
    public void Words_alone_do_not_make_anybody_run(string goal, bool runs) =>
        Snags
            .Of(Tower with { Goal = goal })
            .Any(s => s.At == $"/hazards/{Json.Word(HazardKind.SlipperyFloors)}")
            .ShouldBe(runs);

    [Fact]
    public void A_caution_that_nobody_read_stops_the_rally()
    {
        var brief = Tower with { Hazards = [new Hazard { Kind = HazardKind.Cutters }] };
        Snags.Stopping(new Edition { Brief = brief }).ShouldHaveSingleItem().At.ShouldBe("/hazards/0/acknowledged");
        Snags
            .Stopping(new Edition { Brief = Fixed(brief, Finds(brief, "caution", "/hazards/0/acknowledged")) })
            .ShouldBeEmpty();
    }

    [Fact]
    public void Food_without_a_note_on_allergies() =>
        Fixes(
            Tower with
            {
                Hazards = [.. Tower.Hazards, new Hazard { Kind = HazardKind.Food, Acknowledged = true }],
            },
            "allergy",
            "/safety"
        );

    [Fact]
    public void A_sheet_that_its_readers_cannot_read()
    {
        var hard = string.Join(
            " ",
            Enumerable.Repeat(
                "Considerable meteorological deterioration necessitates comprehensive reconsideration of "
                    + "established transportation infrastructure throughout the archipelago.",
                4
            )
        );
        Finds(Tower with { Story = hard }, "reading", "/story").Weight.ShouldBe(SnagWeight.Matters);
    }

    [Fact]
    public void Minutes_that_do_not_fit()
    {
        var snag = Fixes(Tower with { Timing = Tower.Timing with { Lesson = 38 } }, "minutes", "/timing/lesson");
        snag.What.ShouldBe("It takes 46.5 minutes, and there are 38.");
    }

    [Fact]
    public void An_answer_on_the_sheet()
    {
        var brief = Tower with
        {
            Story = "The mast is gone. Roll the sheets into tubes. Who can help?",
            Teacher = Tower.Teacher with { Hints = ["Roll the sheets into tubes."] },
        };
        Fixes(brief, "answer", "/story");
    }

    [Fact]
    public void Limits_that_contradict_each_other()
    {
        var brief = Tower with
        {
            Rules =
            [
                Sample.Limit(
                    "low",
                    "height",
                    Comparison.AtLeast,
                    "40 cm",
                    new Consequence.NoteOnly(),
                    CheckTime.EveryAttempt
                ),
                Sample.Limit(
                    "high",
                    "height",
                    Comparison.AtMost,
                    "300 mm",
                    new Consequence.NoteOnly(),
                    CheckTime.EveryAttempt
                ),
            ],
        };
        Finds(brief, "contradiction", "/rules/high/check/amount").Weight.ShouldBe(SnagWeight.Stops);
    }

    [Fact]
    public void A_text_that_says_another_number_than_the_check()
    {
        var brief = Tower with
        {
            Rules =
            [
                Sample.Limit(
                    "high",
                    "height",
                    Comparison.AtLeast,
                    "40 cm",
                    new Consequence.NoteOnly(),
                    CheckTime.EveryAttempt
                ) with
                {
                    Text = "It is at least 30 cm tall",
                },
            ],
        };
        Fixed(brief, Fixes(brief, "text", "/rules/high/text")).Rules[0].Text.ShouldBe("It is at least 40 cm tall");
    }

    [Theory]
    [InlineData("It is no taller than 40 cm", Comparison.AtLeast, "direction")]
    [InlineData("It is less than 40 cm tall", Comparison.AtMost, "strictness")]
    [InlineData("It is more than 40 cm tall", Comparison.AtLeast, "strictness")]
    public void A_text_that_says_another_comparison_than_the_check(string text, Comparison checkedFor, string id) =>
        Fixes(
            Tower with
            {
                Rules =
                [
                    Sample.Limit(
                        "high",
                        "height",
                        checkedFor,
                        "40 cm",
                        new Consequence.NoteOnly(),
                        CheckTime.EveryAttempt
                    ) with
                    {
                        Text = text,
                    },
                ],
            },
            id,
            "/rules/high/check/comparison"
        );

    [Fact]
    public void A_tier_that_is_easier_than_a_younger_one()
    {
        var brief = Tower with
        {
            Rules =
            [
                .. Tower.Rules,
                Sample.Limit(
                    "high",
                    "height",
                    Comparison.AtLeast,
                    "30 cm",
                    new Consequence.DoesNotPlace(),
                    CheckTime.EveryAttempt
                ),
            ],
            Tiers =
            [
                new()
                {
                    Id = "young",
                    Name = "Young",
                    Overrides = [Of("/grades", "\"kTo2\"")],
                },
                new()
                {
                    Id = "old",
                    Name = "Old",
                    Overrides =
                    [
                        Of("/grades", "\"from6To8\""),
                        Of("/rules/high/check/amount", "\"20 cm\""),
                        Of("/materials/pieces/amount", "14"),
                    ],
                },
            ],
        };
        var snags = Snags.Of(brief).Where(s => s.Id == "easier").ToList();
        snags
            .Select(s => (s.At, s.Tier))
            .ShouldBe([("/rules/high/check/amount", "old"), ("/materials/pieces/amount", "old")]);
        var corrected = snags.Aggregate(brief, Fixed);
        Snags.Of(corrected).ShouldNotContain(s => s.Id == "easier");
        corrected.Tiers[1].Overrides.Count.ShouldBe(3);
    }

    [Fact]
    public void What_a_teacher_leaves_is_not_said_again_but_can_be_seen()
    {
        var snag = Finds(Tower with { Method = Tower.Method with { TieBreaks = [] } }, "tie", "/method/tieBreaks");
        var left = Tower with { Method = Tower.Method with { TieBreaks = [] }, LeftSnags = [snag.Key] };
        Snags.Of(left).ShouldNotContain(s => s.Id == "tie");
        Snags.Left(left).ShouldHaveSingleItem().Id.ShouldBe("tie");
    }

    [Fact]
    public void What_stops_cannot_be_left() =>
        Snags.Of(Tower with { Title = "", LeftSnags = ["stops /title"] }).ShouldContain(s => s.At == "/title");

    [Fact]
    public void A_fix_whose_place_is_gone_is_refused() =>
        Changes
            .Apply(Tower, [Change.Set("/materials/gone/amount", 3)])
            .Problems.ShouldHaveSingleItem()
            .At.ShouldBe("/materials/gone/amount");

    private static Snag Finds(Brief brief, string id, string at) =>
        Snags
            .Of(brief)
            .Where(s => s.Id == id && s.At == at)
            .ShouldHaveSingleItem($"{string.Join("; ", Snags.Of(brief).Select(s => $"{s.Id} {s.At} {s.What}"))}");

    private static Snag Fixes(Brief brief, string id, string at)
    {
        var snag = Finds(brief, id, at);
        snag.Fix.ShouldNotBeNull();
        Snags.Of(Fixed(brief, snag)).ShouldNotContain(s => s.Id == id && s.At == at);
        return snag;
    }

    private static Brief Fixed(Brief brief, Snag snag) => Changes.Apply(brief, snag.Fix!.Changes).OrThrow().Value;

    private static Brief Read(Brief brief) =>
        brief with
        {
            Hazards = [.. brief.Hazards.Select(h => h with { Acknowledged = true })],
        };

    private static Override Of(string at, string json) => new(at, System.Text.Json.JsonElement.Parse(json));

    private static Brief WithTier(Brief brief, params (string At, string Json)[] overrides) =>
        brief with
        {
            Tiers =
            [
                new()
                {
                    Id = "t",
                    Name = "Tier",
                    Overrides = [.. overrides.Select(o => Of(o.At, o.Json))],
                },
            ],
        };
}
