using PluckyRally.Core.Instruments;

namespace PluckyRally.Core.Tests.Instruments;

public sealed class InstrumentLineTests
{
    [Fact]
    public void An_instrument_says_who_it_is_and_what_it_shows()
    {
        InstrumentLine
            .Read("HELLO scale mass Harbor scale")
            .OrThrow()
            .ShouldBe(new InstrumentLine.Greeting("scale", MeasureKind.Mass, "Harbor scale"));
        InstrumentLine.Read("READ 37.4 g stable").OrThrow().ShouldBe(new InstrumentLine.Shows(37.4m, "g", true));
        InstrumentLine.Read("READ -0.1 g moving").OrThrow().ShouldBe(new InstrumentLine.Shows(-0.1m, "g", false));
        InstrumentLine.Read("OVER").OrThrow().ShouldBeOfType<InstrumentLine.Overloaded>();
        InstrumentLine.Read("IDLE").OrThrow().ShouldBeOfType<InstrumentLine.Idle>();
    }

    [Theory]
    [InlineData("")]
    [InlineData("READ")]
    [InlineData("READ 3,4 g stable")]
    [InlineData("READ 3.4 stones stable")]
    [InlineData("READ 3.4 g")]
    [InlineData("READ 3.4 g resting")]
    [InlineData("HELLO scale weight Scale")]
    [InlineData("HELLO scale 3 Scale")]
    [InlineData("HELLO scale mass")]
    [InlineData("GET / HTTP/1.1")]
    public void Anything_else_is_refused_with_what_would_do(string line)
    {
        var problem = InstrumentLine.Read(line).Problems.ShouldHaveSingleItem();
        problem.What.ShouldNotBeEmpty();
        problem.Remedy.ShouldNotBeEmpty();
    }

    [Fact]
    public void A_line_without_end_is_refused() => InstrumentLine.Read(new string('R', 10_000)).IsOk.ShouldBeFalse();
}
