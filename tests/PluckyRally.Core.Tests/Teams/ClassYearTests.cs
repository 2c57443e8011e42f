using PluckyRally.Core.Ids;
using PluckyRally.Core.Teams;
using PluckyRally.Core.Time;

namespace PluckyRally.Core.Tests.Teams;

/// <summary>Jobs, partners and absences over a year, counted by hand.</summary>
public sealed class ClassYearTests
{
    private static readonly string[] Members = ["ada", "ben", "cal", "dee"];

    [Fact]
    public void Teams_count_as_they_were_at_the_end_and_who_is_in_none_was_absent()
    {
        var first = Lesson(
            new(2026, 9, 14),
            Placed("cal", "t1"),
            Placed("dee", ""),
            new Entry.PhaseBegun { Id = new(Guid.NewGuid()), Phase = "build" }
        );
        var second = Lesson(new(2026, 9, 21), Placed("dee", ""));
        var history = ClassHistory.Of([
            new("second", second, [.. Members.Append("eve").Select(StudentId.Of)]),
            new("first", first, [.. Members.Select(StudentId.Of)]),
        ]);
        history.Since.ShouldBe(new DateOnly(2026, 9, 14));
        history.Pairs.ShouldBe(
            [new(new("ada"), new("ben"), 2), new(new("ada"), new("cal"), 1), new(new("ben"), new("cal"), 1)],
            ignoreOrder: true,
            "in the second lesson cal is alone, since dee left"
        );
        var absent = history.Absences.ShouldHaveSingleItem("the second lesson has not begun");
        (absent.Student, absent.Times).ShouldBe((new("dee"), 1));
        absent.Days.ShouldBe([new DateOnly(2026, 9, 14)]);
    }

    [Fact]
    public void Who_is_together_again_is_named_with_how_often()
    {
        var students = Members.Select(m => new Student(new(m), m)).ToList();
        var made = TeamMaker
            .Make(
                students,
                new()
                {
                    Size = 2,
                    Together =
                    [
                        [new("ada"), new("ben")],
                    ],
                    Earlier = [new(new("ada"), new("ben"), 2), new(new("ada"), new("cal"), 1)],
                }
            )
            .OrThrow();
        made.Again.ShouldBe([new EarlierPair(new("ada"), new("ben"), 2)]);
        made.Repeats.ShouldBe(2);
    }

    private static OpenedRally Lesson(DateOnly day, params Entry[] entries)
    {
        var brief = new Brief
        {
            Title = "A raft",
            Method = new() { Ranking = false },
            Timing = new() { Phases = [Sample.Phase("build", PhaseKind.Build, minutes: 10)] },
        };
        return OpenedRally
            .Open(
                new()
                {
                    Name = "A class",
                    Date = day,
                    Edition = new() { Brief = brief },
                    Teams = [Team("t1", "ada", "ben"), Team("t2", "cal", "dee")],
                    Entries = entries,
                }
            )
            .OrThrow();
    }

    private static Team Team(string id, params string[] students) =>
        new()
        {
            Id = new(id),
            Name = id,
            Members = students.Length,
            Students = [.. students.Select(s => new TeamStudent(new(s), s, []))],
        };

    private static Entry.StudentPlaced Placed(string student, string team) =>
        new()
        {
            Id = new(Guid.NewGuid()),
            Student = new(student),
            Team = new(team),
            Jobs = [],
        };
}
