using PluckyRally.Core.Curves;
using PluckyRally.Core.Figures;
using PluckyRally.Core.Results;

namespace PluckyRally.Core.Tests.Parts;

/// <summary>A measured part over what is known of other parts and the team, and over figures with names.</summary>
public sealed class MeasuredTests
{
    private static readonly Part.Tally Spotted = new()
    {
        Id = "spotted",
        Name = "Spotted",
        Counters =
        [
            Sample.Counter("help", "Helped", points: 1),
            Sample.Counter("spill", "Spilled", points: 1, hurts: true),
        ],
    };

    [Fact]
    public void One_gives_points_for_what_is_known_of_another_part_wherever_it_stands()
    {
        var rally = Tallied([
            Over("tidy", "(spotted.counters.help - spotted.counters.spill) * team.members", 0.5m),
            Spotted,
        ]);
        rally.Row().Parts.Select(p => p.PointsText).ShouldBe(["3.0", "2.0"]);
        rally.Row().Parts[0].ValueText.ShouldBe("6.0");
        rally.Row().Why.Select(s => s.Sentence).ShouldContain("(3 − 1) × 3 = 6.0.");
    }

    [Fact]
    public void One_can_rest_on_one_that_rests_on_a_third()
    {
        var rally = Tallied([Over("twice", "once.value * 2"), Over("once", "spotted.counters.help + 1"), Spotted]);
        rally.Row().Parts.Select(p => p.PointsText).ShouldBe(["8.0", "4.0", "2.0"]);
    }

    [Fact]
    public void One_can_be_about_a_figure_that_rests_on_a_part()
    {
        var brief = Brief([Over("share", "helped"), Spotted]) with
        {
            Figures = [Sample.Figure("helped", "Helped", "spotted.counters.help / team.members", work: Work.Combined)],
        };
        Tally(new OnePart(brief, "A")).Row().Parts[0].Points.ShouldBe(1);
    }

    [Fact]
    public void While_the_other_part_is_open_so_is_it_and_says_why()
    {
        var order = new Part.Ordering
        {
            Id = "order",
            Name = "Order",
            PerPair = 1,
            Items = [Sample.OrderItem("p", "P", key: 1), Sample.OrderItem("q", "Q", key: 2)],
        };
        var row = new OnePart(Brief([Over("missing", "order.missing"), order]), "A").Row();
        row.Status.ShouldBe(StandingStatus.Unfinished);
        row.Reason.ShouldBe("missing: no order has been given yet");
    }

    [Theory]
    [InlineData("a.value + 1", null, "a depends on itself.")]
    [InlineData("b.value", "a.value", "a depends on b, which depends on a again.")]
    [InlineData("spotted.points", null, "points for Spotted is known only with the points, and a gives points for it.")]
    [InlineData("team.total", null, "total is known only with the total, and a gives points for it.")]
    public void What_rests_on_itself_or_is_read_too_early_is_refused_with_the_names(
        string value,
        string? other,
        string what
    )
    {
        var parts = new List<Part> { Over("a", value), Spotted };
        if (other is not null)
            parts.Add(Over("b", other));
        var problems = CompiledEdition.For(new Edition { Brief = Brief(parts) }).Problems;
        problems.ShouldContain(p => p.At == "/method/parts/a/value" && p.What == what);
    }

    [Fact]
    public void A_part_that_is_broken_is_said_once_and_not_again_by_what_rests_on_it()
    {
        var problems = CompiledEdition
            .For(
                new Edition
                {
                    Brief = Brief([
                        Over("a", "spotted.counters.help"),
                        Spotted with
                        {
                            Counters = [Spotted.Counters[0] with { Points = -1 }],
                        },
                    ]),
                }
            )
            .Problems;
        problems.ShouldHaveSingleItem().At.ShouldStartWith("/method/parts/spotted/");
    }

    [Fact]
    public void Confidence_draws_readings_for_it_too()
    {
        var brief = Sample.Brief(
            [Sample.Height()],
            [Sample.Part("height", id: "high"), Over("twice", "high.value * 2")]
        );
        var rally = new Happening(brief, "A", "B");
        rally.Counted("A", "20");
        rally.Counted("B", "20");
        Confidence
            .Of(OpenedRally.Open(rally.Rally).OrThrow(), 1, draws: 400)
            .Teams[0]
            .Places[0]
            .ShouldBeInRange(0.4, 0.6);
    }

    private static Part.Measured Over(string id, string value, decimal perUnit = 1) =>
        Sample.Part(value, new Curve.Rate(perUnit), id: id);

    private static Brief Brief(IReadOnlyList<Part> parts) =>
        new()
        {
            Title = "A brief",
            Method = new() { Parts = parts },
        };

    private static OnePart Tallied(IReadOnlyList<Part> parts) => Tally(new OnePart(Brief(parts), "A"));

    private static OnePart Tally(OnePart rally)
    {
        rally.Add(
            new Entry.Tallied
            {
                Id = rally.Id(),
                Team = new("A"),
                Part = "spotted",
                Counter = "help",
                Count = 3,
            }
        );
        rally.Add(
            new Entry.Tallied
            {
                Id = rally.Id(),
                Team = new("A"),
                Part = "spotted",
                Counter = "spill",
                Count = 1,
            }
        );
        return rally;
    }
}
