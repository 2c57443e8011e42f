using PluckyRally.Core.Problems;

namespace PluckyRally.Core.Tests.Score;

/// <summary>The room is 300 cm high and teams are expected to reach 40 to 120.</summary>
public sealed class LikelyTests
{
    private readonly Happening _rally = new(
        Sample.Brief([Sample.Height() with { Expected = new(40, 120) }], [Sample.Part("height")]),
        "Terns"
    );

    [Theory]
    [InlineData("40")]
    [InlineData("120")]
    [InlineData("200")]
    [InlineData("0")]
    public void What_may_well_be_is_not_asked_about(string typed) => Offer(typed).IsOk.ShouldBeTrue();

    [Theory]
    [InlineData("900")]
    [InlineData("201")]
    [InlineData("12 m")]
    public void What_is_far_off_is_asked_about_with_the_range(string typed)
    {
        var asked = Offer(typed).Problems.ShouldHaveSingleItem();
        asked.At.ShouldBe("/readings/0/sure");
        asked.What.ShouldStartWith("Really?");
        asked.What.ShouldContain("40 cm to 120 cm");
    }

    [Fact]
    public void It_is_taken_when_the_judge_is_sure_and_a_file_is_not_asked_again()
    {
        _rally.Keep(((Entry.TrialRecorded)Offer("900", sure: true).OrThrow()));
        OpenedRally
            .Open(_rally.Rally)
            .OrThrow()
            .Rally.Entries.OfType<Entry.TrialRecorded>()
            .Single()
            .Readings.Single()
            .ShouldSatisfyAllConditions(r => r.Value.ShouldBe(900), r => r.Sure.ShouldBeTrue());
    }

    [Fact]
    public void A_length_below_zero_is_never_taken() =>
        Offer("-4", sure: true).Problems.ShouldContain(p => p.At == "/readings/0/typed");

    [Fact]
    public void The_wrong_sort_of_unit_is_refused_with_what_would_do() =>
        Offer("80 g")
            .Problems.ShouldContain(p =>
                p.At == "/readings/0/typed" && p.Remedy.Contains("184 cm", StringComparison.Ordinal)
            );

    private Result<Entry> Offer(string typed, bool sure = false) =>
        _rally.Offer(
            new Entry.TrialRecorded
            {
                Id = _rally.NextId(),
                Team = new("terns"),
                Outcome = TrialOutcome.Counted,
                Readings =
                [
                    new()
                    {
                        Measure = "height",
                        Typed = typed,
                        Sure = sure,
                    },
                ],
            }
        );
}
