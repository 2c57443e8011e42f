using PluckyRally.Core.Instruments;
using PluckyRally.Instruments;

namespace PluckyRally.Core.Tests.Instruments;

/// <summary>The stand-ins behave as the real things do: they swing, settle, drift, overload.</summary>
public sealed class StandInTests
{
    private readonly StandIn _scale = new(Make.All.Single(m => m.Id == "scale"));

    [Fact]
    public void A_display_moves_until_the_swing_is_below_half_a_step_and_then_shows_what_is_on_it()
    {
        _scale.Put(100, now: 10);
        _scale.At(10.05).Stable.ShouldBeFalse();

        // A swing that dies away with a time constant t is at exp(-x/t) after x (damped oscillation, a fact of
        // physics): from 100 g to 0.05 g takes ln(2000) constants, 2.66 s here.
        _scale.At(10 + (0.35 * Math.Log(2000)) - 0.05).Stable.ShouldBeFalse();
        var rest = _scale.At(10 + (0.35 * Math.Log(2000)) + 0.05);
        rest.Stable.ShouldBeTrue();
        rest.Value.ShouldBe(100, 0.1001);
    }

    [Fact]
    public void Whatever_is_called_stable_is_within_a_step_and_the_drift_of_the_truth()
    {
        _scale.Put(250, now: 0);
        for (var now = 0.0; now < 6; now += 0.01)
        {
            if (_scale.At(now) is { Stable: true } display)
                display.Value.ShouldBe(250, 0.1501, $"after {now} s");
        }
    }

    [Fact]
    public void Zero_takes_the_container_off_and_the_drift_with_it()
    {
        _scale.Put(60, now: 0);
        _scale.Zero(now: 60);
        _scale.At(60).Value.ShouldBe(0);
        _scale.Put(85, now: 60);
        _scale.At(66).Value.ShouldBe(25, 0.1501);
    }

    [Fact]
    public void Another_unit_shows_the_same_mass()
    {
        // 1 oz = 28.349523125 g exactly (NIST SP 811, appendix B.8).
        _scale.Put(283.49523125, now: 0);
        _scale.NextUnit();
        var display = _scale.At(8);
        display.Unit.ShouldBe("oz");
        display.Value.ShouldBe(10, 0.1001);
        _scale.NextUnit();
        _scale.At(8).Unit.ShouldBe("g");
    }

    [Fact]
    public void Too_much_is_said_and_no_number_shown()
    {
        _scale.Put(2500, now: 0);
        _scale.At(10).AsLine(1).ShouldBe("OVER");
    }

    [Fact]
    public void Every_line_of_every_stand_in_is_one_that_the_server_understands()
    {
        foreach (var make in Make.All)
        {
            InstrumentLine.Read($"HELLO {make.Id} {make.Kind} {make.Name}").IsOk.ShouldBeTrue(make.Id);
            var instrument = new StandIn(make);
            instrument.Put(make.Most / 3, now: 0);
            foreach (var _ in make.Units)
            {
                InstrumentLine.Read(instrument.At(0.1).AsLine(2)).IsOk.ShouldBeTrue(make.Id);
                instrument.NextUnit();
            }
        }
    }

    [Fact]
    public void Light_gates_do_not_swing()
    {
        var gates = new StandIn(Make.All.Single(m => m.Id == "gates"));
        gates.Put(12.34, now: 5);
        gates.At(5).AsLine(2).ShouldBe("READ 12.34 s stable");
    }
}
