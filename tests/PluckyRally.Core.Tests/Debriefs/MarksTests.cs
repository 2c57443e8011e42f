using PluckyRally.Core.Debriefs;

namespace PluckyRally.Core.Tests.Debriefs;

/// <summary>Marks by levels: for the teacher alone, apart from points.</summary>
public sealed class MarksTests
{
    private static readonly Brief Marked = Sample.Simple() with
    {
        Teacher = new()
        {
            Marks =
            [
                new("why", "Says why", ["not yet", "partly", "fully"]),
                new("care", "Measures with care", ["mostly", "always"]),
            ],
        },
    };

    private readonly Rally _rally = new()
    {
        Name = "A class",
        Edition = new() { Brief = Marked },
        Teams =
        [
            new()
            {
                Id = new("a"),
                Name = "Terns",
                Students = [new(new("p1"), "Nell S.", [])],
            },
            new() { Id = new("b"), Name = "Whelks" },
        ],
    };

    [Fact]
    public void A_team_and_a_student_have_marks_of_their_own_and_the_last_word_stands()
    {
        var rally = With(
            Mark("a", "why", 1),
            Mark("a", "why", 3),
            Mark("a", "care", 2, "p1"),
            Mark("b", "care", 1),
            Mark("b", "care", 0)
        );
        MarkSheet
            .Of(rally, 1)
            .Rows.Select(r => (r.Name, r.StudentName, string.Join(" ", r.Levels)))
            .ShouldBe([("Terns", "", "3 0"), ("Terns", "Nell S.", "0 2"), ("Whelks", "", "0 0")]);
        MarkSheet.Of(rally, 2).Rows.ShouldAllBe(r => r.Levels.All(l => l == 0));
        rally.Result(1).Standings.Rows.ShouldAllBe(r => r.Total == null, "a mark gives no points");
    }

    [Fact]
    public void What_is_wrong_with_a_mark_is_said()
    {
        Wrong(Mark("a", "nix", 1)).ShouldBe("/criterion");
        Wrong(Mark("a", "why", 4)).ShouldBe("/level");
        Wrong(Mark("b", "why", 1, "p1")).ShouldBe("/pupil");
        var twice = Marked with
        {
            Teacher = new() { Marks = [new("why", "", ["one"]), new("why", "Why", ["a", " "])] },
        };
        CompiledEdition
            .For(new Edition { Brief = twice })
            .Problems.Select(p => p.At)
            .ShouldBe(
                [
                    "/teacher/marks/why/id",
                    "/teacher/marks/why/name",
                    "/teacher/marks/why/levels",
                    "/teacher/marks/why/levels",
                ],
                ignoreOrder: true
            );
    }

    [Fact]
    public void It_is_said_in_the_log_and_no_judge_is_shown_it()
    {
        var mark = Mark("a", "why", 2);
        mark.Say(OpenedRally.Open(_rally).OrThrow().Begun, null).ShouldBe("Level: Says why, partly");
        EntryRights.JudgeSees(mark with { By = "Teacher" }, "Aide").ShouldBeFalse();
        EntryRights
            .JudgeSees(
                new Entry.NoteMade
                {
                    Id = new(Guid.NewGuid()),
                    Team = new("a"),
                    Text = "x",
                    By = "Aide",
                },
                "Aide"
            )
            .ShouldBeTrue();
        EntryRights
            .JudgeSees(
                new Entry.CameLate
                {
                    Id = new(Guid.NewGuid()),
                    Team = new("a"),
                    By = "Teacher",
                },
                "Aide"
            )
            .ShouldBeTrue();
    }

    private static Entry.MarkGiven Mark(string team, string criterion, int level, string student = "") =>
        new()
        {
            Id = new(Guid.CreateVersion7()),
            Team = new(team),
            Criterion = criterion,
            Level = level,
            Student = new(student),
        };

    private OpenedRally With(params Entry[] entries) => OpenedRally.Open(_rally with { Entries = entries }).OrThrow();

    private string Wrong(Entry entry) => Recorder.Accept(OpenedRally.Open(_rally).OrThrow(), entry).Problems[0].At;
}
