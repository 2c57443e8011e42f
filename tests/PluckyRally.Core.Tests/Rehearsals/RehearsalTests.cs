using PluckyRally.Core.Curves;
using PluckyRally.Core.Documents;
using PluckyRally.Core.Rehearsals;
using PluckyRally.Core.Tests.Results;
using static PluckyRally.Core.Tests.Rehearsals.Rehearsed;

namespace PluckyRally.Core.Tests.Rehearsals;

/// <summary>What a rehearsal rests on, and what it refuses.</summary>
public sealed class RehearsalTests
{
    public static TheoryData<string> Demo =>
        new(
            Directory
                .GetFiles(Path.Combine(ProjectFolder.Root, "demo"), "*.brief.json")
                .Select(f => Path.GetFileName(f)!)
                .Order(StringComparer.Ordinal)
        );

    [Fact]
    public void The_same_seed_gives_the_same_words_and_another_seed_others()
    {
        var brief = EveryKind.Brief();
        Play(brief, new() { Classes = 40, Seed = 7 })
            .Says()
            .ShouldBe(Play(brief, new() { Classes = 40, Seed = 7 }).Says());
        Play(brief, new() { Classes = 40, Seed = 8 })
            .Parts.ShouldNotBe(Play(brief, new() { Classes = 40, Seed = 7 }).Parts);
    }

    /// <summary>
    /// A draw hangs on nothing that was drawn before: with more attempts, the first ones are the same.
    /// </summary>
    [Fact]
    public void More_attempts_leave_the_first_ones_as_they_were()
    {
        Brief With(int attempts) =>
            Sample.Brief([Wide(taken: ReadOccasion.EachAttempt)], [Sample.Part("height", id: "part")], attempts);
        string[] Typed(int attempts) =>
            [
                .. Ready(With(attempts), new())
                    .Classes.Play(3, 1)
                    .Log.OfType<Entry.TrialRecorded>()
                    .Where(t => t.Attempt == 1)
                    .Select(t => t.Readings is [var first, ..] ? first.Typed : "failed"),
            ];
        Typed(1).ShouldBe(Typed(3));
    }

    [Fact]
    public void What_somebody_writes_outweighs_the_brief_and_can_be_taken_back()
    {
        var rehearsal = Ready(
            Sample.Brief([Wide()], [Sample.Part("height", id: "part")]),
            new()
            {
                Classes = 20,
                Expected = new Dictionary<string, Pert> { ["height"] = new(1, 2, 3) },
            }
        );
        rehearsal
            .Classes.Play(0, 0)
            .Log.OfType<Entry.MeasureRead>()
            .ShouldAllBe(r => r.Reading.Value >= 1 && r.Reading.Value <= 3);
        rehearsal
            .Things.Single()
            .Shown.ShouldBe(new("height", "height", "", new(0, 50, 100), null, "what the brief expects"));
    }

    [Fact]
    public void What_cannot_be_rehearsed_is_said_at_its_place()
    {
        var compiled = Sample.Ready(Sample.Simple());
        Rehearsal
            .Of(
                compiled,
                new()
                {
                    Teams = 1,
                    Classes = 5000,
                    Alike = 101,
                    AllRound = -1,
                    Expected = new Dictionary<string, Pert> { ["height"] = new(3, 1, 2), ["ghost"] = new(1, 2, 3) },
                    Chances = new Dictionary<string, decimal>
                    {
                        ["height"] = 4,
                        [RehearsedThings.FailedAttempts] = 101,
                    },
                },
                ThingsRemembered.Nothing
            )
            .Problems.Select(p => p.At)
            .ShouldBe(
                [
                    "/teams",
                    "/classes",
                    "/alike",
                    "/allRound",
                    "/expected/height",
                    "/expected/ghost",
                    "/chances/height",
                    "/chances//trials/failed",
                ],
                ignoreOrder: true
            );
        Should.Throw<OperationCanceledException>(() =>
            RehearsalReport.Of(Ready(Sample.Simple(), new()), _ => { }, new CancellationToken(true))
        );
    }

    [Theory]
    [InlineData(-20, 10, 50)]
    [InlineData(0, 10, 4_000_000_000)]
    public void What_no_judge_could_write_down_is_refused_before_any_class_plays(
        decimal low,
        decimal usual,
        decimal high
    )
    {
        var problem = Rehearsal
            .Of(
                Sample.Ready(Sample.Simple()),
                new() { Expected = new Dictionary<string, Pert> { ["height"] = new(low, usual, high) } },
                ThingsRemembered.Nothing
            )
            .Problems.ShouldHaveSingleItem();
        problem.At.ShouldStartWith("/expected");
        problem.Remedy.ShouldNotBeEmpty();
    }

    [Fact]
    public void Teams_have_the_students_that_the_brief_expects() =>
        Ready(Sample.Simple() with { Timing = new() { TeamSize = 3 } }, new())
            .Classes.Teams.ShouldAllBe(t => t.Members == 3);

    [Fact]
    public void Numbers_of_a_scale_say_which_words_they_stand_for()
    {
        var brief = Sample.Brief(
            [
                new()
                {
                    Id = "landed",
                    Name = "Landed",
                    Kind = MeasureKind.Level,
                    Levels = ["broken", "cracked", "whole"],
                    Taken = ReadOccasion.Once,
                },
            ],
            [Sample.Part("landed")]
        );
        Play(brief, new() { Classes = 10 }).Inputs.Single().Words.ShouldBe(["broken", "cracked", "whole"]);
    }

    /// <summary>Names that a teacher gives may be those that a part has of its own.</summary>
    [Fact]
    public void Things_are_told_apart_whatever_tasks_and_faults_are_called()
    {
        var brief = Sample.Brief(
            [],
            [
                new Part.Tasks
                {
                    Id = "do",
                    Name = "Do",
                    Items = [Sample.Task("time", "Tell the time", points: 1)],
                    TimePoints = new(60, 1, 1),
                },
                new Part.Relay
                {
                    Id = "run",
                    Name = "Run",
                    Legs = ["out"],
                    Curve = new Curve.Between(60, 0, 10),
                    PointsPerItem = 1,
                    Faults = [Sample.Fault("items", "Lost", seconds: 1), Sample.Fault("time", "Late", seconds: 1)],
                },
            ]
        );
        Play(brief, new() { Classes = 20 }).Inputs.Select(i => i.Handle).ShouldBeUnique();
        Tryout.Run(Sample.Ready(brief), [new() { Name = "One" }]).IsOk.ShouldBeTrue();
    }

    [Theory]
    [MemberData(nameof(Demo))]
    public void Every_brief_of_the_demo_can_be_rehearsed(string file)
    {
        var brief = DocumentReader
            .Brief(File.ReadAllText(Path.Combine(ProjectFolder.Root, "demo", file)))
            .OrThrow()
            .Value;
        var report = Play(brief, new() { Classes = 15 });
        report.Findings.ShouldNotBeEmpty();
        report.Says().ShouldAllBe(s => !s.Contains("NaN", StringComparison.Ordinal) && s.EndsWith('.'));
        report.Findings.Select(f => f.Id).ShouldBeUnique();
    }
}
