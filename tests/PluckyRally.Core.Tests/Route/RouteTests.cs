using Shouldly;
using Xunit;

namespace PluckyRally.Core.Tests.Routes;

public sealed class RouteTests
{
    [Fact]
    public void A_brief_with_snags_is_half_sewn() =>
        Route
            .OfBrief(new Brief(), [new Snag("stops", SnagWeight.Stops, "/title", "", "")], [])[0]
            .ShouldBe(
                new Pennant(Station.Brief, Readiness.InProgress, 1, "One snag to mend before a class can run this.")
            );

    [Fact]
    public void Score_counts_the_teams_that_are_not_finished()
    {
        var rally = new Happening(Sample.Simple(), "Terns", "Whelks");
        At(rally, Station.Score).Readiness.ShouldBe(Readiness.NotStarted);
        rally.Counted("Terns", "20");
        At(rally, Station.Score)
            .ShouldSatisfyAllConditions(s => s.Readiness.ShouldBe(Readiness.InProgress), s => s.Missing.ShouldBe(1));
        At(rally, Station.Results).Next.ShouldContain("places can change");
        rally.Failed("Whelks");
        At(rally, Station.Score)
            .ShouldSatisfyAllConditions(s => s.Readiness.ShouldBe(Readiness.Done), s => s.Missing.ShouldBe(0));
    }

    private static Pennant At(Happening rally, Station station) =>
        Route.OfRally(OpenedRally.Open(rally.Rally).OrThrow(), 1).Single(p => p.Station == station);

    [Fact]
    public void A_rally_that_was_just_begun_goes_on_with_its_kit_then_the_lesson_then_the_pad()
    {
        var bare = Sample.Simple();
        var timed = bare with
        {
            Timing = new()
            {
                Phases =
                [
                    new()
                    {
                        Id = "test",
                        Kind = PhaseKind.Test,
                        Minutes = 5,
                    },
                ],
            },
        };
        var supplied = timed with
        {
            Materials =
            [
                new()
                {
                    Id = "foil",
                    Name = "foil",
                    Unit = "sheet",
                    Amount = 1,
                },
            ],
        };
        new[] { bare, timed, supplied }
            .Select(b => Core.Route.First(OpenedRally.Open(new Happening(b, "Terns").Rally).OrThrow()))
            .ShouldBe([Station.Score, Station.Run, Station.Kit]);
    }
}
