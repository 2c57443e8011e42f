using PluckyRally.Core.Checks;
using PluckyRally.Core.Kit;
using PluckyRally.Core.Time;

namespace PluckyRally.Core.Tests.Briefs;

public sealed class StudentSheetTests
{
    [Fact]
    public void Criteria_and_constraints_stand_apart_and_what_is_left_out_is_not_there()
    {
        var sheet = Of(
            Sample.Simple() with
            {
                Rules =
                [
                    Sample.Inspection("float", new Consequence.DoesNotPlace()),
                    Sample.Limit("height", "height", Comparison.AtMost, "30 cm", new Consequence.NoteOnly()),
                    Sample.Inspection("sing", new Consequence.NoteOnly()) with
                    {
                        Off = true,
                    },
                    Sample.Inspection("hop", new Consequence.NoteOnly()) with
                    {
                        OnlyFor = "Terns",
                    },
                ],
            }
        );
        sheet.Criteria.ShouldBe(["It must float"]);
        sheet.Constraints.ShouldBe(["Keeps to height"]);
    }

    [Fact]
    public void A_must_have_says_what_a_miss_costs_and_a_bonus_stands_by_itself()
    {
        var simple = Sample.Simple();
        var brief = simple with
        {
            Rules =
            [
                Sample.Inspection("float", new Consequence.Deduct(2)),
                Sample.Limit(
                    "height",
                    "height",
                    Comparison.AtMost,
                    "30 cm",
                    new Consequence.Deduct(1, DeductPer.CompletedUnit, 2)
                ),
                Sample.Inspection("hop", new Consequence.FailurePoints("part")) with
                {
                    Bonus = 1,
                },
                Sample.Inspection("sing", new Consequence.NoteOnly()) with
                {
                    Bonus = 3,
                },
            ],
        };
        var sheet = Of(brief);
        sheet.Criteria.ShouldBe([
            "It must float. Missing this costs 2 points.",
            "It must hop. A team that misses this scores only the “no success” points of “part”. "
                + "Meeting this earns 1 point.",
        ]);
        sheet.Constraints.ShouldBe([
            "Keeps to height. Missing this costs 1 point for every full 2 cm that it is missed by.",
        ]);
        sheet.Bonuses.ShouldBe(["It must sing: 3 points more"]);
        var lowest = Of(brief with { Method = brief.Method with { Wins = WinningDirection.Lowest } });
        lowest.Criteria[0].ShouldBe("It must float. Missing this adds 2 points.");
        lowest.Bonuses.ShouldBe(["It must sing: 3 points off"]);
    }

    [Fact]
    public void Targets_say_what_is_to_be_reached_or_that_each_team_sets_its_own()
    {
        var simple = Sample.Simple();
        Of(
            simple with
            {
                Method = simple.Method with
                {
                    Targets =
                    [
                        new()
                        {
                            Id = "tall",
                            Name = "Height to beat",
                            Value = "height",
                            Amount = "40 cm",
                        },
                        new()
                        {
                            Id = "own",
                            Name = "Our height",
                            Value = "height",
                        },
                        new()
                        {
                            Id = "off",
                            Name = "Left out",
                            Value = "height",
                            Off = true,
                        },
                    ],
                },
            }
        )
            .Targets.ShouldBe(["Height to beat: 40 cm or more.", "Our height: your team sets its own."]);
    }

    [Theory]
    [InlineData(12, "", Per.Team, "", "12 straws")]
    [InlineData(60, "cm", Per.Team, "", "60 cm of straws")]
    [InlineData(2, "", Per.Member, "", "2 straws for each member")]
    [InlineData(1, "", Per.FreshBuild, "blue", "1 straw for each fresh build (blue)")]
    [InlineData(3, "", Per.Class, "", "3 straws for the class")]
    public void Materials_say_how_much_there_is_and_for_whom(
        decimal amount,
        string unit,
        Per per,
        string note,
        string says
    ) =>
        new Material
        {
            Id = "m",
            Name = "straws",
            Amount = amount,
            Unit = unit,
            Per = per,
            Note = note,
        }
            .Says()
            .ShouldBe(says);

    [Fact]
    public void What_has_no_limit_says_so() =>
        new Material { Id = "m", Name = "water" }
            .Says()
            .ShouldBe("water, as much as you like");

    [Fact]
    public void The_rig_and_what_is_carried_are_the_teachers() =>
        Of(
            Sample.Simple() with
            {
                Materials =
                [
                    .. new[] { "stiffening", "rig", "weight", "thing carried", "tool" }.Select(
                        (c, i) => Sample.Material($"m{i}", c, amount: 1, category: c)
                    ),
                ],
            }
        )
            .Materials.ShouldBe(["1 stiffening", "1 tool"]);

    [Fact]
    public void The_test_says_attempts_hold_and_how_to_measure()
    {
        var brief = Sample.Simple(3) with
        {
            Measures = [Sample.Height(0.5m) with { How = "to the top" }],
            Trials = new Trials
            {
                Attempts = 3,
                HoldSeconds = 5,
                How = "We look.",
                FreshBuildAfterFailure = true,
            },
        };
        Of(brief)
            .Test.ShouldBe([
                "We look.",
                "You have 3 attempts.",
                "Everybody lets go. It must stand by itself for 5 seconds before it is measured.",
                "A failed attempt does not count.",
                "After a failed attempt, the next one is made with a fresh build.",
                "Height: to the top, to the nearest 0.5 cm",
            ]);
    }

    [Fact]
    public void The_teachers_words_on_scoring_stand_before_the_method_s()
    {
        Of(Sample.Simple()).Scoring[0].ShouldBe("part: 1 point for each cm. Your best attempt counts.");
        Of(Sample.Simple() with { ScoringWords = "One each.\n\n The highest total wins. " })
            .Scoring.ShouldBe(["One each.", "The highest total wins."]);
    }

    [Fact]
    public void Every_caution_says_who_must_be_there_and_the_school_comes_first()
    {
        var safety = Of(
            Sample.Simple() with
            {
                Hazards = [.. Enum.GetValues<HazardKind>().Select(k => new Hazard { Kind = k })],
                Safety = "Ask if unsure.",
            }
        ).Safety;
        safety.Count.ShouldBe(Enum.GetValues<HazardKind>().Length + 2);
        safety
            .SkipLast(2)
            .ShouldAllBe(s =>
                s.Contains("An adult", StringComparison.Ordinal) || s.Contains("The teacher", StringComparison.Ordinal)
            );
        safety[^2].ShouldBe("Ask if unsure.");
        safety[^1].ShouldBe("School policy, local rules and trained staff come first.");
    }

    [Fact]
    public void Time_is_that_of_the_whole_queue()
    {
        var timing = new Timing
        {
            Teams = 8,
            IfLate = "Late ones go last.",
            Phases =
            [
                new()
                {
                    Id = "b",
                    Kind = PhaseKind.Build,
                    Minutes = 15,
                    Note = "with the kit",
                },
                Sample.Phase("t", PhaseKind.Test, minutes: 1.5m, teamByTeam: true, changeover: 0.5m),
                new() { Id = "h", Kind = PhaseKind.Homework },
                Sample.Phase("l", PhaseKind.LetGo, minutes: 1),
            ],
        };
        Of(Sample.Simple(3) with { Timing = timing }).AtHome.ShouldBe(["Go on with it at home."]);
        Of(Sample.Simple(3) with { Timing = timing })
            .Time.ShouldBe([
                "Build (with the kit): 15 minutes",
                "Test: 40 minutes",
                "Let go: 1 minute",
                "Late ones go last.",
            ]);
    }

    private static StudentSheet Of(Brief brief) => StudentSheet.Of(brief);
}
