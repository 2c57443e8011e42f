using PluckyRally.Core.Kit;
using PluckyRally.Core.Route;
using PluckyRally.Core.Time;

namespace PluckyRally.Core.Tests.Route;

public sealed class BuntingTests
{
    [Fact]
    public void A_brief_with_snags_is_half_sewn() =>
        Bunting
            .OfBrief(new Brief(), [new Snag("stops", SnagWeight.Stops, "/title", "", "")], [])[0]
            .ShouldBe(
                new Pennant(Station.Brief, Readiness.InProgress, 1, "One snag to fix before a class can run this.")
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
        Bunting.OfRally(OpenedRally.Open(rally.Rally).OrThrow(), 1).Single(p => p.Station == station);

    [Fact]
    public void A_rally_goes_on_with_its_kit_the_lesson_the_pad_the_talk_and_its_results()
    {
        var bare = Sample.Simple();
        var timed = bare with { Timing = new() { Phases = [Sample.Phase("test", PhaseKind.Test, minutes: 5)] } };
        var supplied = timed with { Materials = [Sample.Material("foil", "foil", amount: 1, unit: "sheet")] };
        new[] { bare, timed, supplied }
            .Select(b => GoesOn(new Happening(b, "Terns")))
            .ShouldBe([Station.Score, Station.Run, Station.Kit]);

        var rally = new Happening(supplied, "Terns", "Whelks");
        foreach (var team in rally.Teams)
            rally.Keep(
                new Entry.KitCounted
                {
                    Id = rally.NextId(),
                    Team = team.Id,
                    Way = KitWay.Out,
                    Amounts = [new("foil", 1)],
                    At = Begins,
                }
            );
        GoesOn(rally).ShouldBe(Station.Run, "every team has its kit");
        Begin(rally, "test", Begins);
        GoesOn(rally).ShouldBe(Station.Run, "the lesson runs, and nothing is scored yet");
        rally.Counted("Terns", "20");
        GoesOn(rally).ShouldBe(Station.Score, "a team is not finished");
        rally.Failed("Whelks");
        GoesOn(rally).ShouldBe(Station.Run, "the lesson runs still");
        Begin(rally, phase: "", Begins.AddMinutes(9));
        GoesOn(rally).ShouldBe(Station.Debrief);
        foreach (var team in rally.Teams)
            rally.Keep(
                new Entry.LookedBack
                {
                    Id = rally.NextId(),
                    Team = team.Id,
                    Worked = "the funnel",
                    At = Begins.AddMinutes(12),
                }
            );
        GoesOn(rally).ShouldBe(Station.Results);
    }

    [Fact]
    public void Teams_count_the_cards_that_are_not_dealt_and_the_plans_that_are_not_approved()
    {
        var rally = new Happening(
            Sample.Simple() with
            {
                Timing = new()
                {
                    Phases =
                    [
                        Sample.Phase("plan", PhaseKind.Plan, minutes: 5),
                        Sample.Phase("build", PhaseKind.Build, minutes: 5),
                    ],
                },
                Deals =
                [
                    new()
                    {
                        Id = "machine",
                        Name = "The machine",
                        Cards = [new() { Id = "crane", Name = "Crane" }],
                    },
                ],
            },
            "Terns",
            "Whelks"
        );
        At(rally, Station.Teams)
            .ShouldBe(new(Station.Teams, Readiness.InProgress, 2, "2 teams have no card of The machine yet."));
        GoesOn(rally).ShouldBe(Station.Teams);
        rally.Keep(
            new Entry.CardsDealt
            {
                Id = rally.NextId(),
                Deal = "machine",
                Cards = rally.Teams.ToDictionary(t => t.Id, _ => "crane"),
            }
        );
        At(rally, Station.Teams).Readiness.ShouldBe(Readiness.Done, "plans are approved in the lesson");
        GoesOn(rally).ShouldBe(Station.Run);
        Begin(rally, "plan", Begins);
        At(rally, Station.Teams).Missing.ShouldBe(0);
        rally.Keep(new Entry.PlanCleared { Id = rally.NextId(), Team = rally.Teams[0].Id });
        Begin(rally, "build", Begins.AddMinutes(5));
        At(rally, Station.Teams)
            .ShouldBe(
                new(Station.Teams, Readiness.InProgress, 1, "One plan is not approved. Approve it at Run or Score.")
            );
    }

    [Theory]
    [InlineData(0, 1, 0)]
    [InlineData(1, 1, 1)]
    [InlineData(1, 2, 0)]
    public void Approvals_are_missed_only_where_a_class_approves_plans_and_is_not_finished(
        int approved,
        int tested,
        int missing
    )
    {
        var plain = Sample.Simple();
        var rally = new Happening(
            plain with
            {
                Timing = new() { Phases = [Sample.Phase("plan", PhaseKind.Plan, minutes: 5)] },
            },
            "Terns",
            "Whelks"
        );
        foreach (var team in rally.Teams.Take(approved))
            rally.Keep(new Entry.PlanCleared { Id = rally.NextId(), Team = team.Id });
        foreach (var team in rally.Teams.Take(tested))
            rally.Counted(team.Name, "12");
        At(rally, Station.Teams).Missing.ShouldBe(missing);
    }

    private static void Begin(Happening rally, string phase, DateTimeOffset at) =>
        rally.Keep(
            new Entry.PhaseBegun
            {
                Id = rally.NextId(),
                Phase = phase,
                At = at,
            }
        );

    private static readonly DateTimeOffset Begins = new(2026, 11, 29, 10, 0, 0, TimeSpan.Zero);

    private static Station GoesOn(Happening rally)
    {
        var opened = OpenedRally.Open(rally.Rally).OrThrow();
        return Bunting.GoesOn(opened, 1, Bunting.OfRally(opened, 1));
    }
}
