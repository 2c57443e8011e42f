using Shouldly;
using Xunit;

namespace PluckyRally.Core.Tests.Results;

/// <summary>The board is revealed from the last place to the first.</summary>
public sealed class BoardTests
{
    private readonly Happening _rally;

    public BoardTests()
    {
        var brief = Sample.Simple();
        _rally = new(brief with { Method = brief.Method with { Awards = [new Award { Id = "tall", Name = "Tallest", Value = "height", Better = Better.More }] } }, "Terns", "Whelks", "Limpets");
        _rally.Counted("Terns", "40");
        _rally.Counted("Whelks", "70");
    }

    [Theory]
    [InlineData(0, "")]
    [InlineData(1, "Limpets")]
    [InlineData(2, "Terns Limpets")]
    [InlineData(3, "Whelks Terns Limpets")]
    [InlineData(9, "Whelks Terns Limpets")]
    public void Places_come_from_the_last_and_who_is_not_finished_first(int places, string names) =>
        string.Join(' ', _rally.Standings().Revealed(places).Rows.Select(r => r.Name)).ShouldBe(names);

    [Fact]
    public void Awards_give_nothing_away_before_all_is_revealed()
    {
        _rally.Standings().Awards.ShouldNotBeEmpty();
        _rally.Standings().Revealed(2).Awards.ShouldBeEmpty();
        _rally.Standings().Revealed(3).Awards.Single().Says.ShouldBe("Tallest: Whelks with 70 cm.");
    }
}
