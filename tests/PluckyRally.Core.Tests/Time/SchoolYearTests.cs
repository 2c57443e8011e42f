using CsCheck;
using PluckyRally.Core.Time;

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
        var year = SchoolYear.Of(date, new School());
        year.From.ShouldBe(new DateOnly(from, 9, 1));
        Math.Round(year.Along(date), 4).ShouldBe(along);
    }

    [Fact]
    public void Days_of_other_years_lie_at_the_ends()
    {
        var year = SchoolYear.Of(new DateOnly(2026, 11, 25), new School());
        year.Along(new DateOnly(2026, 8, 31)).ShouldBe(0);
        year.Along(new DateOnly(2027, 9, 1)).ShouldBe(1);
    }

    [Fact]
    public void A_year_is_named_by_the_calendars_years_that_it_lies_in()
    {
        SchoolYear.Beginning(2025, new School()).Name.ShouldBe("2025–26");
        SchoolYear.Beginning(1999, new School()).Name.ShouldBe("1999–00");
        var calendars = new School { BeginsMonth = 1, BeginsDay = 1 };
        SchoolYear.Beginning(2025, calendars).Name.ShouldBe("2025");
        SchoolYear.Beginning(2025, calendars).ShouldBe(SchoolYear.Of(new(2025, 12, 31), calendars));
    }

    [Fact]
    public void A_later_day_lies_further_along() =>
        Gen.Int[0, 363]
            .Sample(day =>
            {
                var year = SchoolYear.Of(new DateOnly(2027, 9, 1), new School());
                year.Along(year.From.AddDays(day + 1)).ShouldBeGreaterThan(year.Along(year.From.AddDays(day)));
            });
}

/// <summary>The year of a school anywhere.</summary>
public sealed class SchoolTests
{
    /// <summary>
    /// The meteorological seasons of the south are those of the north half a year on (WMO No. 8 and common practice,
    /// from memory).
    /// </summary>
    [Fact]
    public void South_of_the_equator_a_year_from_January_begins_in_summer()
    {
        var year = SchoolYear.Of(
            new DateOnly(2027, 5, 10),
            new School
            {
                BeginsMonth = 1,
                BeginsDay = 28,
                South = true,
            }
        );
        year.From.ShouldBe(new DateOnly(2027, 1, 28));
        year.Seasons(south: true)
            .Select(s => s.Season)
            .ShouldBe([Season.Summer, Season.Autumn, Season.Winter, Season.Spring, Season.Summer]);
        year.Seasons(south: false)
            .Select(s => s.Season)
            .ShouldBe([Season.Winter, Season.Spring, Season.Summer, Season.Autumn, Season.Winter]);
    }

    [Fact]
    public void Seasons_follow_each_other_without_a_gap_over_the_whole_year() =>
        Gen.Select(Gen.Int[1, 12], Gen.Int[1, 28], Gen.Bool)
            .Sample(
                (month, day, south) =>
                {
                    var school = new School
                    {
                        BeginsMonth = month,
                        BeginsDay = day,
                        South = south,
                    };
                    school.Problems().ShouldBeEmpty();
                    var spans = SchoolYear.Of(new DateOnly(2027, 6, 15), school).Seasons(south);
                    spans[0].From.ShouldBe(0);
                    spans[^1].To.ShouldBe(1);
                    for (var i = 1; i < spans.Count; i++)
                        spans[i].From.ShouldBe(spans[i - 1].To);
                    spans.Select(s => s.Season).Distinct().Count().ShouldBe(4);
                }
            );

    [Fact]
    public void Terms_lie_where_they_begin_in_whatever_order_they_were_written()
    {
        var school = new School { Terms = [new("Lantern", 1, 7), new("Shingle", 9, 1)] };
        var terms = SchoolYear.Of(new DateOnly(2026, 11, 27), school).Terms(school);
        terms.Select(t => t.Name).ShouldBe(["Shingle", "Lantern"]);
        terms[0].From.ShouldBe(0);
        Math.Round(terms[1].From, 3).ShouldBe(0.349m);
    }

    /// <summary>27 November 2026 is a Friday.</summary>
    [Theory]
    [InlineData(DayOfWeek.Monday, "2026-11-23")]
    [InlineData(DayOfWeek.Sunday, "2026-11-22")]
    [InlineData(DayOfWeek.Saturday, "2026-11-21")]
    [InlineData(DayOfWeek.Friday, "2026-11-27")]
    public void A_week_begins_on_the_schools_own_day(DayOfWeek first, string from) =>
        new School { FirstDay = first }
            .WeekOf(new DateOnly(2026, 11, 27))
            .ShouldBe(DateOnly.ParseExact(from, "yyyy-MM-dd", System.Globalization.CultureInfo.InvariantCulture));

    [Fact]
    public void Days_that_are_not_there_and_terms_without_names_are_refused()
    {
        new School { BeginsMonth = 2, BeginsDay = 30 }
            .Problems()
            .ShouldHaveSingleItem()
            .At.ShouldBe("/beginsDay");
        new School { Terms = [new(" ", 13, 1)] }
            .Problems()
            .Select(p => p.At)
            .ShouldBe(["/terms/0/name", "/terms/0/day"]);
        new School { BeginsMonth = 2, BeginsDay = 29 }
            .Problems()
            .ShouldBeEmpty("some years have one");
        SchoolYear
            .Of(new DateOnly(2027, 3, 1), new School { BeginsMonth = 2, BeginsDay = 29 })
            .From.ShouldBe(new DateOnly(2027, 2, 28));
    }
}
