using PluckyRally.Core.Time;

namespace PluckyRally.Core.Tests.Time;

/// <summary>Days of the week are the calendar's; which of two comes first is common practice, no source.</summary>
public sealed class BriefPlanTests
{
    /// <summary>A Wednesday.</summary>
    private static readonly DateOnly Today = new(2026, 11, 25);

    [Theory]
    [InlineData("2026-11-27", true, "2026-11-25", "the week has begun: today")]
    [InlineData("2026-12-03", true, "2026-11-30", "next week's Monday")]
    [InlineData("2026-11-18", true, "2026-11-16", "that week is over")]
    [InlineData("2026-11-27", false, "2026-11-27", "a day is that day")]
    public void Teams_are_made_for_a_day_of_the_plan(string day, bool week, string made, string why) =>
        new BriefPlan
        {
            Brief = new(Guid.NewGuid()),
            Date = Day(day),
            WholeWeek = week,
        }
            .DayFor(new School(), Today)
            .ShouldBe(Day(made), why);

    [Theory]
    [InlineData("2026-11-26", "2026-11-27", true)]
    [InlineData("2026-11-27", "2026-11-27", false)]
    [InlineData("2026-11-25", "2026-11-25", false)]
    [InlineData("2026-11-25", "2026-11-20", true)]
    [InlineData("2026-11-26", "2026-11-20", false)]
    [InlineData("2026-11-25", null, true)]
    [InlineData("2026-11-26", null, false)]
    public void A_rally_of_the_same_day_comes_before_a_plan(string plan, string? rally, bool first) =>
        BriefPlan.ComesBefore(Day(plan), rally is null ? null : Day(rally), Today).ShouldBe(first);

    private static DateOnly Day(string day) =>
        DateOnly.ParseExact(day, "yyyy-MM-dd", System.Globalization.CultureInfo.InvariantCulture);
}
