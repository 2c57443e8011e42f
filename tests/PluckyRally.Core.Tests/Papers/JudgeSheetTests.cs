using PluckyRally.Core.Checks;
using PluckyRally.Core.Curves;
using PluckyRally.Core.Documents;
using PluckyRally.Core.Papers;
using PluckyRally.Core.Parts;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Results;
using PluckyRally.Core.Tests.Results;

namespace PluckyRally.Core.Tests.Papers;

/// <summary>A judge's sheet on paper says the same as the same things recorded on a device.</summary>
public sealed class JudgeSheetTests
{
    private static readonly Guid SheetId = new("01970000-0000-7000-8000-00000000a000");

    /// <summary>
    /// One of every kind of part, with the rubric in the teacher's voice: the others' words are not a judge's to write
    /// down.
    /// </summary>
    private static Brief Everything()
    {
        var brief = EveryKind.Brief();
        return brief with
        {
            Method = brief.Method with
            {
                Parts =
                [
                    .. brief.Method.Parts.Select(p => p is Part.Rubric r ? r with { Voice = RubricVoice.Teacher } : p),
                ],
            },
        };
    }

    public static TheoryData<string> Demo =>
        new(
            Directory
                .GetFiles(Path.Combine(ProjectFolder.Root, "demo"), "*.brief.json")
                .Select(f => Path.GetFileName(f)!)
                .Order(StringComparer.Ordinal)
        );

    [Fact]
    public void What_was_written_on_paper_scores_as_what_was_recorded_on_a_device()
    {
        var compiled = Sample.Ready(Everything());
        var (teams, log) = EveryKind.Play(compiled);
        var terns = log.Where(e => e.Team.Value == "zqterns").ToList();
        var fields = new Dictionary<string, string>
        {
            ["rule.zqfloat"] = "met",
            ["once.zqsheets"] = "9",
            ["once.zqlength"] = "40",
            ["once.zqneat"] = "fine",
            ["part.zqtasks.task.zqlamp"] = "3",
            ["part.zqtasks.task.zqflag"] = "x",
            ["part.zqtasks.time"] = "300",
            ["part.zqrelay.leg.1"] = "40",
            ["part.zqrelay.leg.2"] = "40.0",
            ["part.zqrelay.fault.zqdrop"] = "10",
            ["part.zqrelay.carried"] = "20",
            ["part.zqbins.item.zqa"] = "shell",
            ["part.zqbins.item.zqb"] = "wood",
            ["part.zqquick.item.zqc"] = "shell",
            ["part.zqquick.time"] = "5:00",
            ["part.zqorder.item.zqp"] = "1",
            ["part.zqorder.item.zqk"] = "2",
            ["part.zqorder.item.zqs"] = "3",
            ["part.zqtiles.0.first"] = "small",
            ["part.zqtiles.0.second"] = "grey",
            ["part.zqtiles.0.length"] = "2",
            ["part.zqtiles.0.width"] = "1",
            ["part.zqtiles.0.count"] = "12",
            ["part.zqtiles.1.first"] = "large",
            ["part.zqtiles.1.second"] = "red",
            ["part.zqtiles.1.length"] = "3",
            ["part.zqtiles.1.width"] = "2",
            ["part.zqtiles.1.count"] = "12",
            ["part.zqrubric.zqclear"] = "1",
            ["part.zqstore.zqrod"] = "12",
            ["part.zqtally.zqhelp"] = "10",
            ["part.zqtally.zqspill"] = "10",
        };
        for (var n = 1; n <= 3; n++)
        {
            fields[$"attempt.{n}.zqheight"] = "40";
            fields[$"attempt.{n}.zqdry"] = "yes";
        }

        var typed = Read(compiled, teams, Sheet(fields) with { Team = new("zqterns") }).OrThrow();
        var device = Sample
            .Came(compiled, teams, [.. log.Except(terns), .. terns])
            .Standings.Rows.Single(r => r.Team.Value == "zqterns");
        var paper = Sample
            .Came(compiled, teams, [.. log.Except(terns), .. typed])
            .Standings.Rows.Single(r => r.Team.Value == "zqterns");
        paper.Status.ShouldBe(StandingStatus.Placed, paper.Reason);
        paper
            .Parts.Select(p => (p.Part, p.ValueText, p.Points))
            .ShouldBe(device.Parts.Select(p => (p.Part, p.ValueText, p.Points)));
        paper.Total.ShouldBe(device.Total);
    }

    [Fact]
    public void Every_field_of_the_sheet_is_read_when_it_is_typed_in()
    {
        var compiled = Sample.Ready(Everything());
        var (teams, _) = EveryKind.Play(compiled);
        foreach (
            var field in JudgeSheet
                .Of(compiled)
                .Blocks.SelectMany(b => b.Rows)
                .SelectMany(r => r.Fields)
                .Where(f => f.Kind is PaperFieldKind.Count or PaperFieldKind.Met or PaperFieldKind.Reading)
        )
        {
            var problems = Read(compiled, teams, Sheet(new() { [field.Id] = "nonsense" })).Problems;
            problems.ShouldContain(p => p.At == $"/fields/{field.Id}", field.Id);
            problems.ShouldAllBe(p => p.Remedy.Length > 0);
        }
    }

    [Fact]
    public void What_is_wrong_is_said_at_its_field_and_nothing_is_taken()
    {
        var compiled = Sample.Ready(Everything());
        var (teams, _) = EveryKind.Play(compiled);
        var problems = Read(
            compiled,
            teams,
            Sheet(
                new()
                {
                    ["attempt.1.zqheight"] = "12",
                    ["attempt.2.outcome"] = "void",
                    ["part.zqorder.item.zqp"] = "1",
                    ["part.zqorder.item.zqk"] = "1",
                    ["part.zqorder.item.zqs"] = "7",
                    ["part.zqbins.item.zqa"] = "crate",
                }
            )
        ).Problems;
        problems
            .Select(p => p.At)
            .ShouldBe(
                [
                    "/fields/attempt.1.zqdry",
                    "/fields/attempt.2.why",
                    "/fields/part.zqbins.item.zqa",
                    "/fields/part.zqorder.item.zqp",
                    "/fields/part.zqorder.item.zqs",
                ],
                ignoreOrder: true
            );
        problems
            .Single(p => p.At.EndsWith("zqa", StringComparison.Ordinal))
            .Remedy.ShouldBe("Use one of these: shell, wood.");
    }

    [Fact]
    public void A_value_far_from_what_was_expected_is_asked_about_once_and_again_when_it_changes()
    {
        var expected = Sample.Height() with { Expected = new(20, 100) };
        var compiled = Sample.Ready(Sample.Brief([expected], [Sample.Part("height", new Curve.ShareOfBest(10))]));
        IReadOnlyList<Team> teams = [new() { Id = new("zqterns"), Name = "Terns" }];
        const string Field = "attempt.1.height";
        var sheet = Sheet(new() { [Field] = "900" });
        Read(compiled, teams, sheet)
            .Problems.ShouldHaveSingleItem()
            .ShouldSatisfyAllConditions(
                p => p.At.ShouldBe($"/fields/{Field}/sure"),
                p => p.What.ShouldContain("far from what was expected")
            );
        var sure = sheet with { Sure = new Dictionary<string, string> { [Field] = "900" } };
        Read(compiled, teams, sure).IsOk.ShouldBeTrue();
        Read(compiled, teams, sure with { Fields = new Dictionary<string, string> { [Field] = "950" } })
            .Problems.ShouldHaveSingleItem()
            .At.ShouldBe($"/fields/{Field}/sure");
    }

    [Fact]
    public void A_reading_that_is_compared_with_a_limit_says_so()
    {
        var compiled = Sample.Ready(
            Sample.Brief([Sample.Height()], [Sample.Part("height", new Curve.ShareOfBest(10))]) with
            {
                Rules =
                [
                    new()
                    {
                        Id = "low",
                        Text = "At most 80 cm high.",
                        Sort = RuleSort.Criterion,
                        IfMissed = new Consequence.NoteOnly(),
                        Check = new RuleCheck.Limit
                        {
                            Value = "height",
                            Comparison = Comparison.AtMost,
                            Amount = "80 cm",
                        },
                    },
                ],
            }
        );
        JudgeSheet
            .Of(compiled)
            .Blocks.SelectMany(b => b.Columns.Concat(b.Rows.Select(r => r.Name)))
            .ShouldContain("Height (at most 80 cm high)");
    }

    [Fact]
    public void A_sheet_says_who_judged_and_when_and_typing_it_in_twice_changes_nothing()
    {
        var compiled = Sample.Ready(Sample.Simple(attempts: 2));
        IReadOnlyList<Team> teams = [new() { Id = new("terns"), Name = "Terns" }];
        var sheet = Sheet(
            new()
            {
                ["attempt.1.height"] = "84",
                ["attempt.2.outcome"] = "failed",
                ["note"] = "tidy",
            }
        ) with
        {
            Team = new("terns"),
        };
        var once = Read(compiled, teams, sheet).OrThrow();
        once.Select(e => e.Id).ShouldBe(Read(compiled, teams, sheet).OrThrow().Select(e => e.Id));
        once.Select(e => e.Id).Distinct().Count().ShouldBe(3);
        var opened = OpenedRally
            .Open(
                new()
                {
                    Name = "A class",
                    Edition = compiled.Edition,
                    Teams = teams,
                    Entries = once,
                }
            )
            .OrThrow();
        RoundSheets
            .Of(opened, 1)
            .For(new("terns"))!
            .WithLog(opened, 1)
            .Log.Select(l => l.By)
            .Distinct()
            .ShouldBe(["Wren S., on paper, November 5"]);
    }

    [Fact]
    public void Nothing_typed_nobody_named_and_an_unknown_team_are_refused()
    {
        var compiled = Sample.Ready(Sample.Simple());
        IReadOnlyList<Team> teams = [new() { Id = new("terns"), Name = "Terns" }];
        Read(compiled, teams, Sheet([]) with { Team = new("terns") })
            .Problems.ShouldHaveSingleItem()
            .At.ShouldBe("/fields");
        Read(compiled, teams, Sheet([]) with { Team = new("knots"), JudgedBy = " " })
            .Problems.Select(p => p.At)
            .ShouldBe(["/judgedBy", "/team"]);
        Read(compiled, teams, Sheet(new() { ["attempt.9.height"] = "1" }) with { Team = new("terns") })
            .Problems.ShouldHaveSingleItem()
            .At.ShouldBe("/fields/attempt.9.height");
    }

    /// <summary>Where a build that failed is built anew, the next row of the paper is of the new one.</summary>
    [Fact]
    public void After_a_failure_the_next_row_is_of_a_fresh_build_where_one_is_due()
    {
        var (compiled, teams, typed) = OnFreshBuilds(
            DesignChoice.Best,
            new()
            {
                ["attempt.1.height"] = "60",
                ["attempt.2.outcome"] = "failed",
                ["attempt.3.height"] = "70",
            }
        );
        typed.OfType<Entry.TrialRecorded>().Select(t => t.Revision).ShouldBe([1, 1, 2]);
        Sample.Came(compiled, teams, typed).Standings.Rows[0].Parts[0].ValueText.ShouldBe("70 cm");
    }

    /// <summary>A second design is no fresh build of the first, so it begins with its own first build.</summary>
    [Fact]
    public void Fresh_builds_are_counted_design_by_design() =>
        OnFreshBuilds(
            DesignChoice.Named,
            new()
            {
                ["attempt.1.design"] = "broad",
                ["attempt.1.outcome"] = "failed",
                ["attempt.2.design"] = "narrow",
                ["attempt.2.height"] = "70",
                ["attempt.3.design"] = "broad",
                ["attempt.3.height"] = "40",
            }
        )
            .Typed.OfType<Entry.TrialRecorded>()
            .Select(t => (t.Design, t.Revision))
            .ShouldBe([("broad", 1), ("narrow", 1), ("broad", 2)]);

    /// <summary>A sheet of one team with three attempts, where a build that failed is built anew.</summary>
    private static (CompiledEdition Compiled, IReadOnlyList<Team> Teams, IReadOnlyList<Entry> Typed) OnFreshBuilds(
        DesignChoice designs,
        Dictionary<string, string> fields
    )
    {
        var brief = Sample.Simple(attempts: 3);
        var compiled = Sample.Ready(
            brief with
            {
                Trials = brief.Trials with { FreshBuildAfterFailure = true, Designs = designs },
            }
        );
        IReadOnlyList<Team> teams = [new() { Id = new("terns"), Name = "Terns" }];
        return (compiled, teams, Read(compiled, teams, Sheet(fields) with { Team = new("terns") }).OrThrow());
    }

    [Theory]
    [MemberData(nameof(Demo))]
    public void The_sheet_of_every_brief_has_a_field_for_each_column_and_names_none_twice(string file)
    {
        var brief = DocumentReader
            .Brief(File.ReadAllText(Path.Combine(ProjectFolder.Root, "demo", file)))
            .OrThrow()
            .Value;
        var blocks = JudgeSheet.Of(Sample.Ready(brief)).Blocks;
        foreach (var block in blocks)
            block.Rows.ShouldAllBe(r => r.Fields.Count == block.Columns.Count);
        blocks.SelectMany(b => b.Rows).SelectMany(r => r.Fields).Select(f => f.Id).ShouldBeUnique();
        blocks.Count.ShouldBeGreaterThan(1, "there is something to judge beside notes");
    }

    private static SheetTyped Sheet(Dictionary<string, string> fields) =>
        new()
        {
            Id = SheetId,
            Team = new("zqterns"),
            JudgedBy = "Wren S.",
            JudgedOn = new(2026, 11, 5),
            Fields = fields,
        };

    private static Result<IReadOnlyList<Entry>> Read(
        CompiledEdition compiled,
        IReadOnlyList<Team> teams,
        SheetTyped sheet
    ) =>
        JudgeSheet.Read(
            OpenedRally
                .Open(
                    new()
                    {
                        Name = "A class",
                        Edition = compiled.Edition,
                        Teams = teams,
                    }
                )
                .OrThrow(),
            sheet,
            new(2026, 11, 28),
            ofTeacher: false
        );

    /// <summary>The points are the brief's; that the total stands last is common practice, no source.</summary>
    [Fact]
    public void What_gives_points_stands_at_the_foot_to_be_added_up_by_hand()
    {
        var brief = new Brief
        {
            Title = "Found on the beach",
            Method = new()
            {
                Parts =
                [
                    new Part.Tally
                    {
                        Id = "found",
                        Name = "Found",
                        Counters =
                        [
                            Sample.Counter("shell", "Shell", points: 2),
                            Sample.Counter("spill", "Spill", hurts: true, atMost: 1),
                        ],
                    },
                ],
            },
            Rules =
            [
                new Rule
                {
                    Id = "neat",
                    Sort = RuleSort.Criterion,
                    Text = "Left tidy",
                    Check = new RuleCheck.Inspection(),
                    IfMissed = new Consequence.NoteOnly(),
                    Bonus = 3,
                },
                new Rule
                {
                    Id = "own",
                    Sort = RuleSort.Constraint,
                    Text = "Only own kit",
                    Check = new RuleCheck.Inspection(),
                    IfMissed = new Consequence.Deduct(1),
                },
            ],
        };
        var sheet = JudgeSheet.Of(Sample.Ready(brief));
        sheet
            .Blocks.Single(b => b.Title == "Found")
            .Rows.Select(r => r.Name)
            .ShouldBe(["Shell (2 points each time)", "Spill (−1 point once)"]);
        sheet
            .Sums.Select(s => (s.Name, s.How))
            .ShouldBe([
                ("Found", "2 points each time for “Shell”, −1 point once for “Spill”."),
                ("Bonus: Left tidy", "3 points more."),
                ("If missed: Only own kit", "1 point off."),
                ("Total", "The highest total wins."),
            ]);
        JudgeSheet
            .Of(
                Sample.Ready(
                    brief with
                    {
                        Method = new() { Ranking = false },
                        Rules = [],
                    }
                )
            )
            .Sums.ShouldBeEmpty();
    }
}
