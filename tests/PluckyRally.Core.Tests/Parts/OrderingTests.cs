using PluckyRally.Core.Parts;

namespace PluckyRally.Core.Tests.Parts;

public sealed class OrderingTests
{
    private static Part.Ordering Pebbles(params decimal[] keys) =>
        new()
        {
            Id = "order",
            Name = "Pebbles",
            Items = [.. keys.Select((k, i) => Sample.OrderItem($"p{i + 1}", $"Pebble {i + 1}", key: k))],
            PerPair = 2,
        };

    [Fact]
    public void Pairs_the_right_way_round_and_Kendalls_tau()
    {
        // Order placed 1 3 2 4 6 5: 13 of 15 pairs right, τ = 11/15 = 0.7333…
        var rally = new OnePart(Pebbles(1, 2, 3, 4, 5, 6));
        Give(rally, "p1", "p3", "p2", "p4", "p6", "p5");
        rally.Points().ShouldBe(26);
        rally
            .Row()
            .Why.ShouldContain(w =>
                w.Sentence == "How well the order agrees with the key, from −1 (reversed) to 1 (all right): 0.733."
            );
        OrderingScore.Tau(13, 2, 0)!.Value.ShouldBe(11m / 15, 1e-20m);
    }

    [Fact]
    public void Both_ends_have_names_or_neither_has()
    {
        var named = Pebbles(1, 2, 3) with { First = "lightest", Last = "heaviest" };
        new OnePart(named)
            .Compiled.Parts[0]
            .Say()
            .ShouldBe("3 items in order from lightest to heaviest, 2 points for each pair the right way round.");
        CompiledEdition
            .For(
                new Edition
                {
                    Brief = new()
                    {
                        Title = "A brief",
                        Method = new() { Parts = [named with { Last = "" }] },
                    },
                }
            )
            .Problems.Select(p => p.At)
            .ShouldContain("/method/parts/order/last");
    }

    [Fact]
    public void Items_left_out_earn_nothing()
    {
        var rally = new OnePart(Pebbles(1, 2, 3, 4));
        Give(rally, "p1", "p2");
        rally.Points().ShouldBe(2);
    }

    [Fact]
    public void Items_in_their_place()
    {
        var rally = new OnePart(Pebbles(1, 2, 3, 4) with { PerPair = 0, PerPlace = 3 });
        Give(rally, "p1", "p3", "p2", "p4");
        rally.Points().ShouldBe(6);
    }

    [Fact]
    public void A_pair_that_the_key_ties_counts_either_way()
    {
        var rally = new OnePart(Pebbles(1, 2, 2, 4));
        Give(rally, "p1", "p3", "p2", "p4");
        rally.Points().ShouldBe(12);
    }

    [Fact]
    public void An_item_twice_or_unknown_is_refused()
    {
        var rally = new OnePart(Pebbles(1, 2, 3));
        rally
            .Refused(
                new Entry.OrderGiven
                {
                    Id = rally.Id(),
                    Team = new("A"),
                    Part = "order",
                    Sequence = ["p1", "p1", "p9"],
                }
            )
            .ShouldBe(["/sequence/1", "/sequence/2"]);
    }

    [Fact]
    public void Tau_can_break_ties()
    {
        var brief = new Brief
        {
            Title = "A brief",
            Method = new Method
            {
                Parts = [Pebbles(1, 2, 3, 4) with { Cap = 5 }],
                TieBreaks = [Sample.TieBreak("Better order", "order.tau", Better.More)],
            },
        };
        var rally = new OnePart(brief, "A", "B");
        rally.Add(
            new Entry.OrderGiven
            {
                Id = rally.Id(),
                Team = new("A"),
                Part = "order",
                Sequence = ["p2", "p1", "p3", "p4"],
            }
        );
        rally.Add(
            new Entry.OrderGiven
            {
                Id = rally.Id(),
                Team = new("B"),
                Part = "order",
                Sequence = ["p1", "p2", "p3", "p4"],
            }
        );
        rally.Standings.Rows.Select(r => (r.Team, r.Place)).ShouldBe([(new("B"), 1), (new("A"), 2)]);
    }

    private static void Give(OnePart rally, params string[] sequence) =>
        rally.Add(
            new Entry.OrderGiven
            {
                Id = rally.Id(),
                Team = new("A"),
                Part = "order",
                Sequence = sequence,
            }
        );
}
