using Microsoft.Extensions.Time.Testing;
using PluckyRally.Core.Instruments;
using PluckyRally.Core.Readings;
using PluckyRally.Web.Instruments;

namespace PluckyRally.Web.Tests.Instruments;

/// <summary>What judges are told of an instrument, by the clock.</summary>
public sealed class InstrumentBoardTests
{
    private readonly FakeTimeProvider _time = new(new DateTimeOffset(2026, 11, 25, 9, 0, 0, TimeSpan.Zero));
    private readonly InstrumentBoard _board;
    private readonly List<string> _told = [];

    public InstrumentBoardTests()
    {
        _board = new(_time);
        _board.Greet(new("scale", MeasureKind.Mass, "Harbor scale"), word =>
        {
            _told.Add(word);
            return Task.CompletedTask;
        });
    }

    [Fact]
    public void One_that_says_nothing_for_three_seconds_is_lost_and_shows_nothing()
    {
        Hear("READ 37.4 g stable");
        _time.Advance(TimeSpan.FromSeconds(3));
        Only().State.ShouldBe(InstrumentState.Stable, "the protocol asks for a line in three seconds");
        _time.Advance(TimeSpan.FromMilliseconds(1));
        Only().ShouldSatisfyAllConditions(i => i.State.ShouldBe(InstrumentState.Lost), i => i.Shown.ShouldBeEmpty());
        Hear("READ 37.5 g stable");
        Only().Shown.ShouldBe("37.5 g", "it is back as soon as it is heard");
    }

    [Fact]
    public async Task A_lost_one_is_told_nothing()
    {
        (await _board.Tell("scale", "ZERO")).ShouldBeTrue();
        _board.Lose("scale");
        (await _board.Tell("scale", "ZERO")).ShouldBeFalse();
        (await _board.Tell("tape", "ZERO")).ShouldBeFalse();
        _told.ShouldBe(["ZERO"]);
    }

    [Fact]
    public void One_that_comes_again_under_its_id_is_one_instrument()
    {
        Hear("OVER");
        _board.Greet(new("scale", MeasureKind.Mass, "Harbor scale"), _ => Task.CompletedTask);
        Only().State.ShouldBe(InstrumentState.Idle);
        _board.Greet(new("tape", MeasureKind.Length, "Quay tape"), _ => Task.CompletedTask);
        _board.All().Select(i => i.Name).ShouldBe(["Harbor scale", "Quay tape"]);
    }

    [Fact]
    public void What_was_never_greeted_is_not_heard()
    {
        _board.Hear("pull", new InstrumentLine.Shows(3, "N", true));
        _board.Lose("pull");
        _board.All().ShouldHaveSingleItem().Id.ShouldBe("scale");
    }

    private void Hear(string line) => _board.Hear("scale", InstrumentLine.Read(line).OrThrow());

    private Instrument Only() => _board.All().ShouldHaveSingleItem();
}
