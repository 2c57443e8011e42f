using PluckyRally.Core.Rehearsals;
using PluckyRally.Core.Time;
using static PluckyRally.Core.Tests.Rehearsals.Rehearsed;

namespace PluckyRally.Core.Tests.Rehearsals;

/// <summary>How long the test takes, and what runs out in it.</summary>
public sealed class QueueTests
{
    /// <summary>Without chance a queue is the sum: as the timetable has it, at one place and at three.</summary>
    [Theory]
    [InlineData(1)]
    [InlineData(3)]
    public void A_queue_without_chance_ends_when_the_timetable_says(int places)
    {
        var brief = Queue(lesson: 60, minutes: 2, places, attempts: 3);
        var planned = Timetable.Lay(brief).Single();
        foreach (var length in new[] { planned.End, planned.End - 0.5m })
        {
            var report = Play(
                brief with
                {
                    Timing = brief.Timing with { Lesson = length },
                },
                new()
                {
                    Teams = 7,
                    Classes = 20,
                    Expected = Minutes(new(2, 2, 2)),
                }
            );
            report.Finding("queue").InAHundred.ShouldBe(length == planned.End ? 0 : 100);
        }
    }

    /// <summary>
    /// At one place the times add up: by the normal distribution, with the mean and the variance of the formula.
    /// </summary>
    [Fact]
    public void A_queue_at_one_place_runs_over_as_often_as_the_normal_distribution_says()
    {
        var (pert, teams) = (new Pert(1, 2, 3), 16);
        var (mean, deviation) = (teams * (pert.Mean + 0.5), Math.Sqrt(teams * pert.Variance));
        var report = Play(
            Queue(lesson: (decimal)(mean + (0.5 * deviation)), minutes: 2, places: 1, attempts: 1),
            new()
            {
                Teams = teams,
                Classes = 2000,
                Expected = Minutes(pert),
            }
        );
        report
            .Finding("queue")
            .InAHundred.ShouldBe(
                100 * (decimal)(1 - MathNet.Numerics.Distributions.Normal.CDF(0, 1, 0.5)),
                FourErrors(0.31, 2000)
            );
    }

    /// <summary>Two teams at two places: both must be done, so the chance is that of one, squared.</summary>
    [Fact]
    public void Two_teams_at_two_places_are_done_when_the_slower_one_is()
    {
        var pert = new Pert(1, 2, 4);
        var report = Play(
            Queue(lesson: 0.5m + (decimal)pert.Quantiles(2)[1], minutes: 2, places: 2, attempts: 1),
            new()
            {
                Teams = 2,
                Classes = 2000,
                Expected = Minutes(pert),
            }
        );
        report.Finding("queue").InAHundred.ShouldBe(75, FourErrors(0.75, 2000));
    }

    [Fact]
    public void What_runs_out_is_named()
    {
        var bead = Sample.Count("cargo", "beads", ReadOccasion.Once) with { Expected = new(0, 100) };
        Brief With(decimal beads) =>
            Sample.Brief([bead], [Sample.Part("cargo", id: "part")]) with
            {
                Materials = [Sample.Material("beads", "glass beads", amount: beads, category: "thing carried")],
            };
        Play(With(100), new())
            .Finding("supply:beads")
            .ShouldSatisfyAllConditions(f => f.InAHundred.ShouldBe(0), f => f.Weight.ShouldBe(FindingWeight.Fine));
        var half = Play(
                With(50),
                new()
                {
                    Teams = 4,
                    Classes = 2000,
                    Alike = 0,
                }
            )
            .Finding("supply:beads");
        half.InAHundred.ShouldBe(
            93.75m,
            FourErrors(0.9375, 2000) + 1,
            "four teams that need more than the middle at even chance: all but a sixteenth of the classes"
        );
        half.Says.ShouldStartWith("Glass beads run out in ");
    }

    [Fact]
    public void Fresh_builds_run_out_where_more_attempts_fail_than_there_are_builds()
    {
        var brief = Sample.Brief(
            [Wide(taken: ReadOccasion.EachAttempt)],
            [Sample.Part("height", id: "part", failurePoints: 0)],
            3
        );
        brief = brief with { Trials = brief.Trials with { FreshBuildAfterFailure = true, FreshBuilds = 1 } };
        var report = Play(
            brief,
            new()
            {
                Teams = 2,
                Classes = 2000,
                Alike = 0,
                Chances = new Dictionary<string, decimal> { [RehearsedThings.FailedAttempts] = 50 },
            }
        );

        // A build is fresh after a failure, so the last attempt asks for none: two fresh ones are in use where the
        // first two attempts fail.
        report.Finding("supply:fresh builds").InAHundred.ShouldBe(43.75m, FourErrors(0.4375, 2000), "1 − (3/4)²");
    }
}
