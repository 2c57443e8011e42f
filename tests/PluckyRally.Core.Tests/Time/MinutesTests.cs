using PluckyRally.Core.Time;

namespace PluckyRally.Core.Tests.Time;

public sealed class MinutesTests
{
    /// <summary>
    /// Common practice, no source: teams come one after the other, each with its attempts and a changeover.
    /// </summary>
    [Theory]
    [InlineData(8, 1, 40)]
    [InlineData(8, 2, 20)]
    [InlineData(7, 2, 20)]
    [InlineData(1, 3, 5)]
    public void A_queue_takes_its_turns(int teams, int stations, decimal minutes) =>
        Minutes
            .Of(
                new Phase
                {
                    Id = "test",
                    Kind = PhaseKind.Test,
                    TeamByTeam = true,
                    Minutes = 1.5m,
                    Changeover = 0.5m,
                    TestBays = stations,
                },
                teams,
                attempts: 3
            )
            .ShouldBe(minutes);

    [Fact]
    public void Presenting_is_done_once_however_many_attempts_there_are() =>
        Minutes.Of(Sample.Phase("show", PhaseKind.Present, minutes: 2, teamByTeam: true), 6, attempts: 3).ShouldBe(12);

    [Fact]
    public void Homework_takes_nothing_off_the_lesson() =>
        Minutes.Of(Sample.Phase("home", PhaseKind.Homework, minutes: 30), 6, 1).ShouldBe(0);

    [Fact]
    public void Setting_up_and_clearing_up_come_off_every_lesson() =>
        Minutes
            .Room(
                new Timing
                {
                    Lesson = 50,
                    Lessons = 2,
                    SetUp = 5,
                    CleanUp = 3,
                }
            )
            .ShouldBe(84);
}
