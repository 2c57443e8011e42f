using PluckyRally.Core.Checks;
using PluckyRally.Core.Parts;
using PluckyRally.Core.Results;

namespace PluckyRally.Core.Tests.Parts;

public sealed class PiecesTests
{
    private static readonly Part.Pieces Mosaic = new()
    {
        Id = "tiles",
        Name = "Tide-pool tiles",
        First = new PieceLabel { Name = "size", Values = [new("small", 1), new("middle", 2), new("large", 4)] },
        Second = new PieceLabel { Name = "colour", Values = [new("grey"), new("red", 0.5m)] },
    };

    [Fact]
    public void Points_by_a_table_of_labels()
    {
        var rally = new OnePart(Mosaic);
        Count(rally, ("small", "grey", 7, 2, 1), ("large", "red", 3, 6, 4));
        rally.Points().ShouldBe(7 + (3 * 4.5m));
    }

    [Theory]
    [InlineData("length * width", 22)]
    [InlineData("length + width", 16)]
    [InlineData("length * width / 2", 11)]
    [InlineData("80% * length + 20% * width", 9.2)]
    public void Points_by_an_expression(string each, decimal points)
    {
        // One of 2 by 1 and two of 4 by 2.5.
        var rally = new OnePart(Mosaic with { Each = each });
        Count(rally, ("small", "grey", 1, 2, 1), ("middle", "red", 2, 4, 2.5m));
        rally.Points().ShouldBe(points);
    }

    [Theory]
    [InlineData(25, 0, true)]
    [InlineData(27.5, 2.5, true)]
    [InlineData(27.6, 2.5, false)]
    public void A_share_is_compared_with_its_target_exactly(decimal percent, decimal tolerance, bool met) =>
        Met(
                new RuleCheck.Share
                {
                    Part = "tiles",
                    Label = PieceSide.Second,
                    Group = "red",
                    Percent = percent,
                    Tolerance = tolerance,
                },
                ("small", "grey", 3, 2, 1),
                ("small", "red", 1, 2, 1)
            )
            .ShouldBe(met);

    [Theory]
    [InlineData(3, 1, true)]
    [InlineData(2, 1, false)]
    [InlineData(4, 2, true)]
    [InlineData(3, 2, false)]
    public void Each_size_is_larger_than_the_size_before(decimal middle, decimal times, bool met) =>
        Met(
                new RuleCheck.Ladder { Part = "tiles", Times = times },
                ("small", "grey", 1, 2, 1),
                ("middle", "grey", 1, middle, 1)
            )
            .ShouldBe(met);

    [Theory]
    [InlineData(2.004, true)]
    [InlineData(2.006, false)]
    public void Ratios_are_compared_at_their_decimals(decimal length, bool met) =>
        Met(
                new RuleCheck.Ratio
                {
                    Part = "tiles",
                    AtMost = 2,
                    Decimals = 2,
                },
                ("small", "grey", 1, length, 1)
            )
            .ShouldBe(met);

    [Theory]
    [InlineData(6, 3, false)]
    [InlineData(6, 4, true)]
    public void Groups_can_be_asked_to_differ_in_proportion(decimal length, decimal width, bool met) =>
        Met(
                new RuleCheck.AllDifferent { Part = "tiles" },
                ("small", "grey", 2, 2, 1),
                ("large", "grey", 1, length, width)
            )
            .ShouldBe(met);

    [Fact]
    public void Pieces_that_are_none_are_refused()
    {
        var rally = new OnePart(Mosaic with { Each = "length" });
        rally
            .Refused(
                new Entry.PiecesCounted
                {
                    Id = rally.Id(),
                    Team = new("A"),
                    Part = "tiles",
                    Pieces =
                    [
                        new PieceGroup
                        {
                            First = "huge",
                            Second = "red",
                            Count = -1,
                        },
                    ],
                }
            )
            .ShouldBe(["/pieces/0/first", "/pieces/0/count", "/pieces/0/length"]);
    }

    [Theory]
    [InlineData("3", 3)]
    [InlineData("30 mm", 3)]
    [InlineData("1 in", 2.5)]
    [InlineData("3.2", 3)]
    public void A_size_is_typed_as_it_is_read_and_kept_at_the_step(string typed, double length)
    {
        var rally = new OnePart(Mosaic with { Each = "length", Step = 0.5m });
        rally.Add(
            new Entry.PiecesCounted
            {
                Id = rally.Id(),
                Team = new("A"),
                Part = "tiles",
                Pieces =
                [
                    new PieceGroup
                    {
                        First = "small",
                        Second = "red",
                        LengthTyped = typed,
                    },
                ],
            }
        );
        rally.Points().ShouldBe((decimal)length);
    }

    [Theory]
    [InlineData("", "There is no reading.")]
    [InlineData("3 g", "g is a unit of mass, and The length is a length.")]
    [InlineData("3+", "A piece has one size.")]
    public void A_size_that_is_none_is_refused_where_it_was_typed(string typed, string what)
    {
        var rally = new OnePart(Mosaic with { Each = "length" });
        var problem = Recorder
            .Accept(
                rally.Compiled,
                rally.Teams,
                new Entry.PiecesCounted
                {
                    Id = rally.Id(),
                    Team = new("A"),
                    Part = "tiles",
                    Pieces =
                    [
                        new PieceGroup
                        {
                            First = "small",
                            Second = "red",
                            LengthTyped = typed,
                        },
                    ],
                },
                []
            )
            .Problems.ShouldHaveSingleItem();
        (problem.At, problem.What).ShouldBe(("/pieces/0/lengthTyped", what));
    }

    private static bool Met(RuleCheck check, params (string, string, int, decimal, decimal)[] pieces)
    {
        var rule = new Rule
        {
            Id = "rule",
            Sort = RuleSort.Criterion,
            Text = "The tiles fit",
            Check = check,
            IfMissed = new Consequence.DoesNotPlace(),
        };
        var rally = new OnePart(
            new Brief
            {
                Title = "A brief",
                Rules = [rule],
                Method = new Method { Parts = [Mosaic] },
            }
        );
        Count(rally, pieces);
        return rally.Row().Status == StandingStatus.Placed;
    }

    private static void Count(
        OnePart rally,
        params (string Size, string Colour, int Count, decimal Length, decimal Width)[] pieces
    ) =>
        rally.Add(
            new Entry.PiecesCounted
            {
                Id = rally.Id(),
                Team = new("A"),
                Part = "tiles",
                Pieces =
                [
                    .. pieces.Select(p => new PieceGroup
                    {
                        First = p.Size,
                        Second = p.Colour,
                        Count = p.Count,
                        Length = p.Length,
                        Width = p.Width,
                    }),
                ],
            }
        );
}
