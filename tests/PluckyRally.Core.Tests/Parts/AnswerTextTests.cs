using PluckyRally.Core.Parts;

namespace PluckyRally.Core.Tests.Parts;

public sealed class AnswerTextTests
{
    private static readonly Part Bins = new Part.Bins
    {
        Id = "sort",
        Name = "Sorting",
        Names = ["grew", "was made"],
        Items =
        [
            Sample.BinItem("kelp", "Kelp", bin: "grew"),
            Sample.BinItem("rope", "Blue rope", bin: "was made"),
            Sample.BinItem("shell", "Shell", bin: "grew"),
        ],
    };

    private static readonly Part Order = new Part.Ordering
    {
        Id = "order",
        Name = "Pebbles",
        Items =
        [
            Sample.OrderItem("a", "Grey one", key: 1),
            Sample.OrderItem("b", "Red one", key: 2),
            Sample.OrderItem("c", "White", key: 3),
        ],
    };

    [Theory]
    [InlineData("Kelp: grew\nblue rope: was made\nSHELL: grew")]
    [InlineData("kelp\tgrew\nrope\twas made\nshell\tgrew\n")]
    [InlineData("grew: Kelp, Shell\nwas made: Blue rope")]
    [InlineData("grew = shell; kelp\r\nwas made = rope")]
    public void Columns_lists_and_lines_are_understood(string text) =>
        AnswerText
            .Read(Bins, text)
            .OrThrow()
            .Placed.OrderBy(p => p.Key)
            .Select(p => (p.Key, p.Value))
            .ShouldBe([("kelp", "grew"), ("rope", "was made"), ("shell", "grew")]);

    [Theory]
    [InlineData("Kelp grew", "only one half")]
    [InlineData("Kelp: sank", "names no bin")]
    [InlineData("Whale: grew", "no item “Whale”")]
    [InlineData("Kelp: grew\nkelp: was made", "Line 2: Kelp is named twice")]
    [InlineData("  ", "no answer yet")]
    public void What_is_not_understood_is_said_with_its_line(string text, string says)
    {
        var problem = AnswerText.Read(Bins, text).Problems.ShouldHaveSingleItem();
        problem.At.ShouldBe("/text");
        problem.What.ShouldContain(says);
    }

    [Theory]
    [InlineData("c a b")]
    [InlineData("White, Grey one, Red one")]
    [InlineData("1. White\n2. grey one\n3. b")]
    [InlineData("c → a → b")]
    public void An_order_is_read_from_a_line_or_a_list(string text) =>
        AnswerText.Read(Order, text).OrThrow().Sequence.ShouldBe(["c", "a", "b"]);

    [Fact]
    public void An_order_may_be_short_but_names_nothing_twice()
    {
        AnswerText.Read(Order, "c, a").OrThrow().Sequence.ShouldBe(["c", "a"]);
        AnswerText.Read(Order, "c, a, White").Problems.ShouldHaveSingleItem().What.ShouldContain("named twice");
    }

    [Fact]
    public void A_part_that_is_not_sorted_has_no_answer() =>
        AnswerText
            .Read(new Part.Tally { Id = "t", Name = "Helping" }, "x")
            .Problems.ShouldHaveSingleItem()
            .What.ShouldBe("Helping is not sorted.");
}
