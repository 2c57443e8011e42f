using PluckyRally.Core.Curves;
using PluckyRally.Core.Results;

namespace PluckyRally.Core.Tests.Parts;

public sealed class RelayTests
{
    private static Part.Relay Buckets(Curve? curve = null, int legs = 1) =>
        new()
        {
            Id = "relay",
            Name = "Bucket chain",
            Legs = [.. Enumerable.Range(1, legs).Select(_ => "")],
            Faults =
            [
                Sample.Fault("drop", "Dropped", seconds: 5),
                Sample.Fault("post", "Missed a station", seconds: 10),
            ],
            Curve = curve ?? new Curve.Between(180, 60, 24),
        };

    [Fact]
    public void Net_time_is_time_and_faults()
    {
        // 1:42.6, two drops at 5 s, one missed station at 10 s: 2:02.6.
        var rally = new OnePart(Buckets());
        Leg(rally, "A", 1, "1:42.6");
        Fault(rally, "drop", 2);
        Fault(rally, "post", 1);
        rally.Row().Parts[0].ValueText.ShouldBe("2:02.6");
        rally.Row().Why.ShouldContain(w => w.Sentence == "1:42.6 + 20 s = 2:02.6.");
    }

    [Fact]
    public void Those_that_stop_stand_behind_by_legs_and_then_by_time()
    {
        var rally = new OnePart(Buckets(new Curve.Place([10, 8, 6, 4, 2]), 3), "A", "B", "C", "D", "E");
        Run(rally, "A", "50", "50", "50");
        Run(rally, "B", "40", "40", "40");
        Run(rally, "C", "10");
        Run(rally, "D", "60", "60");
        Run(rally, "E", "60", "50");
        foreach (var team in new[] { "C", "D", "E" })
            Stop(rally, team);
        rally
            .Standings.Rows.Select(r => (r.Team, r.Total))
            .ShouldBe([(new("B"), 10), (new("A"), 8), (new("E"), 6), (new("D"), 4), (new("C"), 2)]);
    }

    [Fact]
    public void Those_that_stop_get_the_failure_points_of_a_time_curve()
    {
        var rally = new OnePart(Buckets(legs: 2) with { FailurePoints = 1 });
        Run(rally, "A", "50");
        rally.Row().Status.ShouldBe(StandingStatus.Unfinished);
        Stop(rally, "A");
        rally.Points().ShouldBe(1);
    }

    [Fact]
    public void What_was_brought_over_before_a_team_stopped_counts_within_the_cap()
    {
        var rally = new OnePart(Buckets(legs: 2) with { FailurePoints = 1, PointsPerItem = 0.5m, Cap = 5 });
        Run(rally, "A", "50");
        Carry(rally, 40);
        Stop(rally, "A");
        rally.Points().ShouldBe(5);
    }

    [Fact]
    public void A_fault_may_have_the_name_of_something_else_that_is_counted()
    {
        var part = Buckets() with
        {
            PointsPerItem = 1,
            Faults = [new() { Id = "items", Name = "Dropped items" }, new() { Id = "heat", Name = "Early start" }],
        };
        var rally = new OnePart(part);
        Leg(rally, "A", 1, "60");
        foreach (var fault in new[] { "items", "heat" })
            Fault(rally, fault, 3);
        Carry(rally, 7);
        rally
            .Compiled.Parts[0]
            .Answers(rally.Result.Assessment.Design)
            .Given.Select(a => (a.Asked, a.Answer))
            .ShouldBe([("1", "1:00.0"), ("fault.items", "3"), ("fault.heat", "3"), ("items", "7")]);
    }

    [Fact]
    public void Items_brought_over_add_points()
    {
        var rally = new OnePart(Buckets() with { PointsPerItem = 0.5m });
        Leg(rally, "A", 1, "120");
        Carry(rally, 7);
        rally.Points().ShouldBe(12 + 3.5m);
        rally.Row().Why.Where(w => w.Kind is TraceKind.Points).Sum(w => w.Amount).ShouldBe(15.5m);
    }

    [Fact]
    public void A_leg_that_is_timed_again_counts_once()
    {
        var rally = new OnePart(Buckets());
        Leg(rally, "A", 1, "60");
        Leg(rally, "A", 1, "120");
        rally.Points().ShouldBe(12);
    }

    [Fact]
    public void Legs_faults_and_times_that_cannot_be_are_refused()
    {
        var rally = new OnePart(Buckets());
        rally
            .Refused(
                new Entry.LegTimed
                {
                    Id = rally.Id(),
                    Team = new("A"),
                    Part = "relay",
                    Leg = 2,
                    Time = new Reading { Measure = "relay", Typed = "1:75" },
                }
            )
            .ShouldBe(["/leg", "/time/typed"]);
        rally
            .Refused(
                new Entry.RelayFaulted
                {
                    Id = rally.Id(),
                    Team = new("A"),
                    Part = "relay",
                    Fault = "fell",
                    Count = 0,
                }
            )
            .ShouldBe(["/fault", "/count"]);
    }

    private static void Stop(OnePart rally, string team) =>
        rally.Add(
            new Entry.RelayStopped
            {
                Id = rally.Id(),
                Team = new(team),
                Part = "relay",
                Reason = "the bucket broke",
            }
        );

    private static void Carry(OnePart rally, int count) =>
        rally.Add(
            new Entry.ItemsCarried
            {
                Id = rally.Id(),
                Team = new("A"),
                Part = "relay",
                Count = count,
            }
        );

    private static void Fault(OnePart rally, string fault, int count) =>
        rally.Add(
            new Entry.RelayFaulted
            {
                Id = rally.Id(),
                Team = new("A"),
                Part = "relay",
                Fault = fault,
                Count = count,
            }
        );

    private static void Run(OnePart rally, string team, params string[] times)
    {
        for (var i = 0; i < times.Length; i++)
            Leg(rally, team, i + 1, times[i]);
    }

    private static void Leg(OnePart rally, string team, int leg, string typed) =>
        rally.Add(
            new Entry.LegTimed
            {
                Id = rally.Id(),
                Team = new(team),
                Part = "relay",
                Leg = leg,
                Time = new Reading { Measure = "relay", Typed = typed },
            }
        );
}
