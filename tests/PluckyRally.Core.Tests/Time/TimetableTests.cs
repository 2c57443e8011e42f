using CsCheck;
using PluckyRally.Core.Time;

namespace PluckyRally.Core.Tests.Time;

public sealed class TimetableTests
{
    [Fact]
    public void Phases_follow_each_other_from_setting_up_to_clearing_up()
    {
        var table = Of(
            new Timing
            {
                Lesson = 50,
                SetUp = 3,
                CleanUp = 4,
                Teams = 6,
                Phases = [Build(20, warning: 5), Test(1, changeover: 0.5m)],
            }
        );
        table.Fits.ShouldBeTrue();
        table.Says.ShouldBe("The lesson ends after 36 of 50 minutes.");
        table
            .Lessons[0]
            .Blocks.Select(b => (b.Name, b.From, b.To))
            .ShouldBe([("Set up", 0m, 3m), ("Build", 3m, 23m), ("Test", 23m, 32m), ("Clean up", 32m, 36m)]);
        table.Lessons[0].Blocks[1].Warnings.ShouldBe([18]);
    }

    /// <summary>
    /// Eight teams, three attempts of 1.5 min, 0.5 min between: 40 min at one place, 20 at two; common practice, no
    /// source.
    /// </summary>
    [Fact]
    public void What_does_not_fit_is_said_with_what_would()
    {
        var table = Of(
            new Timing
            {
                Lesson = 45,
                Teams = 8,
                Phases = [Build(15), Test(1.5m)],
            },
            attempts: 3
        );
        table.Fits.ShouldBeFalse();
        table.Says.ShouldBe("The lesson runs 10 minutes over.");
        table
            .Offers.Where(o => o.Fits)
            .Select(o => (o.Label, o.Says))
            .ShouldBe([
                ("Test at 2 tables at once", "ends after 35 of 45 minutes"),
                ("Make 2 attempts", "ends after 43 of 45 minutes"),
                ("Take 2 lessons", "ends after 10 of 45 minutes"),
            ]);
        table
            .Offers.Single(o => !o.Fits)
            .ShouldSatisfyAllConditions(
                o => o.Label.ShouldBe("Build for 8 minutes"),
                o => o.Says.ShouldBe("still 3 minutes over")
            );
    }

    [Fact]
    public void A_team_is_not_split_between_lessons()
    {
        var table = Of(
            new Timing
            {
                Lesson = 30,
                Lessons = 2,
                Teams = 7,
                Phases = [Build(15), Test(4, changeover: 0)],
            }
        );
        table
            .Lessons.Select(l => l.Carries)
            .ShouldBe(["Test goes on in lesson 2 for 16 minutes: keep plans and builds by team until then.", ""]);
        table.Lessons.Select(l => l.Blocks[^1].Turns).ShouldBe([3, 4]);
        table.Lessons.Select(l => l.End).ShouldBe([27, 16]);
    }

    [Fact]
    public void A_phase_that_a_lesson_holds_is_not_split_and_one_that_none_holds_is()
    {
        Of(
            new Timing
            {
                Lesson = 30,
                Lessons = 2,
                Phases = [Build(20), Sample.Phase("talk", PhaseKind.Talk, minutes: 15)],
            }
        )
            .Lessons.Select(l => l.End)
            .ShouldBe([20, 15]);
        Of(
            new Timing
            {
                Lesson = 30,
                Lessons = 2,
                Phases = [Build(50)],
            }
        )
            .Lessons.Select(l => l.End)
            .ShouldBe([30, 20]);
    }

    [Fact]
    public void Homework_ends_the_lesson() =>
        Of(
            new Timing
            {
                Lesson = 50,
                Lessons = 2,
                Phases = [Build(10), new Phase { Id = "home", Kind = PhaseKind.Homework }, Test(1, changeover: 0)],
            }
        )
            .Lessons.Select(l => l.Blocks.Select(b => b.Phase).ToArray())
            .ShouldBe([
                ["build", "home"],
                ["test"],
            ]);

    [Fact]
    public void A_lesson_shorter_than_its_setting_up_runs_over_and_does_not_hang()
    {
        var table = Of(
            new Timing
            {
                Lesson = 10,
                Lessons = 3,
                SetUp = 8,
                CleanUp = 5,
                Teams = 4,
                Phases = [Build(10), Test(1)],
            }
        );
        table.Fits.ShouldBeFalse();
        table.Lessons.Count.ShouldBe(3);
    }

    [Fact]
    public void Every_minute_is_laid_somewhere_and_no_lesson_but_the_last_is_overfull() =>
        Gen.Select(Gen.Int[1, 12], Gen.Int[1, 4], Gen.Int[20, 90], Gen.Int[0, 60].Array[1, 6], Gen.Int[1, 5])
            .Sample(
                (teams, lessons, length, minutes, attempts) =>
                {
                    var timing = new Timing
                    {
                        Lesson = length,
                        Lessons = lessons,
                        Teams = teams,
                        Phases =
                        [
                            .. minutes.Select(
                                (m, i) =>
                                    new Phase
                                    {
                                        Id = $"p{i}",
                                        Kind = i % 2 == 0 ? PhaseKind.Build : PhaseKind.Test,
                                        Minutes = i % 2 == 0 ? m : m / 10m,
                                        TeamByTeam = i % 2 == 1,
                                    }
                            ),
                        ],
                    };
                    var brief = Sample.Simple(attempts) with { Timing = timing };
                    var plan = Timetable.Of(brief);
                    plan.Lessons.Sum(l => l.Blocks.Sum(b => b.To - b.From)).ShouldBe(Minutes.OfAll(brief));
                    plan.Lessons.SkipLast(1).ShouldAllBe(l => l.Overrun == 0);
                    plan.Lessons.Count.ShouldBeLessThanOrEqualTo(lessons);
                    foreach (var lesson in plan.Lessons)
                        lesson.Blocks.Zip(lesson.Blocks.Skip(1)).ShouldAllBe(p => p.First.To <= p.Second.From);
                }
            );

    private static Timetable Of(Timing timing, int attempts = 1) =>
        Timetable.Of(Sample.Simple(attempts) with { Timing = timing });

    private static Phase Build(decimal minutes, decimal warning = 0) =>
        Sample.Phase("build", PhaseKind.Build, minutes: minutes, warning: warning);

    private static Phase Test(decimal minutes, decimal changeover = 0.5m) =>
        Sample.Phase("test", PhaseKind.Test, minutes: minutes, teamByTeam: true, changeover: changeover);
}
