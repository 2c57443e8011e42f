using CsCheck;
using Shouldly;
using Xunit;

namespace PluckyRally.Core.Tests.Time;

public sealed class SchoolYearTests
{
    [Theory]
    [InlineData("2026-09-01", 2026, 0)]
    [InlineData("2026-12-01", 2026, 0.25)]
    [InlineData("2027-03-01", 2026, 0.5)]
    [InlineData("2027-06-01", 2026, 0.75)]
    [InlineData("2027-08-31", 2026, 0.9973)]
    [InlineData("2028-02-29", 2027, 0.4971)]
    public void Each_season_takes_a_quarter(string day, int from, decimal along)
    {
        var date = DateOnly.ParseExact(day, "yyyy-MM-dd", System.Globalization.CultureInfo.InvariantCulture);
        var year = SchoolYear.Of(date);
        year.From.ShouldBe(new DateOnly(from, 9, 1));
        Math.Round(year.Along(date), 4).ShouldBe(along);
    }

    [Fact]
    public void Days_of_other_years_lie_at_the_ends()
    {
        var year = SchoolYear.Of(new DateOnly(2026, 11, 25));
        year.Along(new DateOnly(2026, 8, 31)).ShouldBe(0);
        year.Along(new DateOnly(2027, 9, 1)).ShouldBe(1);
    }

    [Fact]
    public void A_later_day_lies_further_along() => Gen.Int[0, 363].Sample(day =>
    {
        var year = SchoolYear.Of(new DateOnly(2027, 9, 1));
        year.Along(year.From.AddDays(day + 1)).ShouldBeGreaterThan(year.Along(year.From.AddDays(day)));
    });
}
