using PluckyRally.Core.Curves;
using PluckyRally.Core.Results;
using PluckyRally.Core.Tests.Parts;

namespace PluckyRally.Core.Tests.Score;

/// <summary>One attempt of which two judges read different things.</summary>
public sealed class SplitAttemptTests
{
    private readonly OnePart _rally = new(
        Sample.Brief(
            [Sample.Height(), Sample.Number("line")],
            [Sample.Part("height - line", new Curve.Rate(1))],
            attempts: 1
        )
    );

    private Entry.TrialRecorded PartOf(string by, string reads, string typed, params IReadOnlyList<string> leaves) =>
        new()
        {
            Id = _rally.Id(),
            Team = new("A"),
            By = by,
            Attempt = 1,
            Outcome = TrialOutcome.Counted,
            Readings = [new() { Measure = reads, Typed = typed }],
            Leaves = leaves,
        };

    [Fact]
    public void It_waits_for_the_other_and_says_for_what()
    {
        _rally.Add(PartOf("Pell", "height", "30", "line"));
        _rally.Row().Status.ShouldBe(StandingStatus.Unfinished);
        _rally.Row().Reason.ShouldContain("attempt 1 is waiting for the rest of its readings");
        var waits = _rally.Sheet.Trials.Single();
        (waits.End, waits.Became).ShouldBe((AttemptEnd.Waiting, "waiting for line"));
        _rally.Add(PartOf("Moss", "line", "4", "height"));
        _rally.Points().ShouldBe(26);
        _rally.Sheet.Trials.ShouldAllBe(t => t.End == AttemptEnd.Counts && !t.Twice);
    }

    [Fact]
    public void Two_readings_of_the_same_are_asked_about_as_ever()
    {
        _rally.Add(PartOf("Pell", "height", "30", "line"));
        _rally.Add(PartOf("Moss", "height", "31", "line"));
        _rally.Sheet.Trials.Count(t => t.Twice).ShouldBe(1);
    }

    [Fact]
    public void What_is_left_to_another_is_a_measure_that_is_not_read_here()
    {
        _rally.Refused(PartOf("Pell", "height", "30")).ShouldBe(["/readings/line"]);
        _rally.Refused(PartOf("Pell", "height", "30", "line", "height")).ShouldBe(["/leaves"]);
        _rally.Refused(PartOf("Pell", "height", "30", "line", "weight")).ShouldBe(["/leaves"]);
        _rally.Refused(PartOf("Pell", "height", "30", "line") with { Attempt = null }).ShouldBe(["/leaves"]);
    }
}
