using CsCheck;
using PluckyRally.Core.Curves;
using PluckyRally.Core.Results;

namespace PluckyRally.Core.Tests.Results;

public sealed class TraceTests
{
    [Fact]
    public void Lowest_wins_with_faults_added()
    {
        // 2.35 N + 4.90 N + 3 tangles at 1.5 = 11.75, shown as 11.8.
        var brief = Sample.Brief(
            [Force("lift"), Force("haul"), Sample.Count("tangles")],
            [Sample.Part("lift + haul + tangles * 1.5", better: Better.Less, failurePoints: 99)]
        );
        brief = brief with { Method = brief.Method with { Wins = WinningDirection.Lowest } };
        var rally = new Happening(brief, "A");
        rally.Counted("A", "2.35", "4.90", "3");
        rally.Standing("A").TotalText.ShouldBe("11.8");
    }

    [Fact]
    public void Every_total_can_be_added_up_from_its_trace() =>
        Gen.Select(Gen.Int[0, 4000].Array[3], Gen.Int[0, 50], Gen.Bool, Gen.Decimal[0.01m, 3])
            .Sample(
                (typed, weight, met, rate) =>
                {
                    var brief = Sample.Brief(
                        [Sample.Number("a", 0.01m), Sample.Number("b", 0.01m)],
                        [
                            Sample.Part("a", new Curve.Rate(rate), id: "one") with
                            {
                                Cap = 20,
                            },
                            Sample.Part("b / a", combine: Combine.Mean, id: "two") with
                            {
                                Weight = weight / 10m,
                            },
                        ],
                        3,
                        [Sample.Inspection("float", new Consequence.Deduct(1.25m))]
                    );
                    var rally = new Happening(brief, "A");
                    foreach (var t in typed)
                        rally.Counted("A", $"{t / 100m}", $"{(t + 17) / 100m}");
                    rally.Checked("A", "float", met);
                    var row = rally.Standing("A");
                    if (row.Total is not { } total)
                        return;
                    row.Why.Where(w => w.Kind is TraceKind.Points or TraceKind.Deduction)
                        .Sum(w => w.Amount!.Value)
                        .ShouldBe(total);
                    row.Why.Single(w => w.Kind == TraceKind.Total).Amount.ShouldBe(total);
                }
            );

    [Fact]
    public void The_whole_way_is_written_down()
    {
        var brief = Sample.Brief(
            [Sample.Height(), Sample.Count("sheets", "sheets", ReadOccasion.Once)],
            [
                Sample.Part("height / sheets", new Curve.Rate(10), id: "per") with
                {
                    Name = "Height per sheet",
                    Cap = 45,
                    Weight = 2,
                },
            ],
            2
        );
        var rally = new Happening(brief, "A");
        rally.Counted("A", "20");
        rally.Counted("A", "33");
        rally.Read("A", "sheets", "7");
        rally
            .Standing("A")
            .Why.Select(w => w.Sentence)
            .ShouldBe([
                "Attempt 1: 20 cm ÷ 7 sheets = 2.9 cm per sheet.",
                "Attempt 2: 33 cm ÷ 7 sheets = 4.7 cm per sheet, the best one.",
                "10 points for each cm per sheet: 10 × 4.714286 = 47.142857.",
                "This part scores at most 45 points.",
                "This part has weight 2: 2 × 45 = 90.",
                "Height per sheet: 90.0 points.",
                "The total is 90.0.",
                "There is no other team to rank against.",
            ]);
    }

    [Fact]
    public void Attempts_name_the_entries_they_rest_on()
    {
        var rally = new Happening(Sample.Simple(), "A");
        var entry = rally.Counted("A", "20");
        rally.Standing("A").Why.Single(w => w.Kind == TraceKind.Attempt).Entries.ShouldBe([entry]);
    }

    [Fact]
    public void The_methods_floor_is_said()
    {
        var brief = Sample.Simple() with { Rules = [Sample.Inspection("float", new Consequence.Deduct(50))] };
        var rally = new Happening(brief with { Method = brief.Method with { Floor = 0 } }, "A");
        rally.Counted("A", "20");
        rally.Checked("A", "float", met: false);
        rally
            .Standing("A")
            .Why.Single(w => w.Kind == TraceKind.Total)
            .Sentence.ShouldBe("20.0 − 50.0 = −30.0. No total is below 0.");
    }

    private static Measure Force(string id) => Sample.Measure(id, MeasureKind.Force, name: id, unit: "N", step: 0.05m);
}
