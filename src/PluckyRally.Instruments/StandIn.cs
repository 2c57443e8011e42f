using System.Globalization;

namespace PluckyRally.Instruments;

/// <summary>What a display shows at a moment.</summary>
/// <param name="Value">The number, rounded to the display's step.</param>
/// <param name="Unit">The unit that is switched on.</param>
/// <param name="Stable">Whether it has come to rest.</param>
/// <param name="Over">Whether more is on it than it can measure.</param>
internal sealed record Display(double Value, string Unit, bool Stable, bool Over)
{
    /// <summary>The line that says so.</summary>
    public string AsLine(int decimals) =>
        Over
            ? "OVER"
            : $"READ {Value.ToString($"F{decimals}", CultureInfo.InvariantCulture)} {Unit} "
                + $"{(Stable ? "stable" : "moving")}";
}

/// <summary>What a stand-in is like.</summary>
/// <param name="Id">Names it.</param>
/// <param name="Kind">What it measures, as the protocol says it.</param>
/// <param name="Name">What a judge calls it.</param>
/// <param name="Units">Its units with their size in the first one; the first is on at the beginning.</param>
/// <param name="Step">The display's step in the first unit.</param>
/// <param name="Most">The largest value it can measure, in the first unit.</param>
/// <param name="Settling">Seconds after which what swings has fallen to a third.</param>
/// <param name="Drift">How far the zero wanders in a minute, in the first unit.</param>
internal sealed record Make(
    string Id,
    string Kind,
    string Name,
    IReadOnlyList<(string Unit, double Size)> Units,
    double Step,
    double Most,
    double Settling,
    double Drift
)
{
    /// <summary>
    /// A kitchen scale, a tape with a display, light gates and a pull gauge; invented, none of a maker's.
    /// </summary>
    public static IReadOnlyList<Make> All { get; } =
    [
        new("scale", "mass", "Harbor scale", [("g", 1), ("oz", 28.349523125)], 0.1, 2000, 0.35, 0.05),
        new("tape", "length", "Quay tape", [("cm", 1), ("in", 2.54)], 0.1, 300, 0.15, 0),
        new("gates", "duration", "Light gates", [("s", 1)], 0.01, 3600, 0, 0),
        new("pull", "force", "Pull gauge", [("N", 1), ("lbf", 4.4482216152605)], 0.1, 50, 0.25, 0.02),
    ];
}

/// <summary>
/// A simulated instrument: what is put on it swings and settles, its zero wanders a little, and it can be overloaded,
/// switched to another unit and set to zero. A pure function of what was done to it and the time.
/// </summary>
internal sealed class StandIn(Make make)
{
    /// <summary>How far it may still move, in steps, for a display that counts as come to rest.</summary>
    private const double Restful = 0.5;

    /// <summary>Swings in a second.</summary>
    private const double Swings = 2.5;

    private double _from;
    private double _load;
    private double _at;
    private double _zero;
    private int _unit;

    public Make Make { get; } = make;

    /// <summary>Puts so much on it, in the first unit, in place of what was there.</summary>
    public void Put(double load, double now)
    {
        _from = Loaded(now);
        _load = load;
        _at = now;
    }

    /// <summary>Shows zero from now on.</summary>
    public void Zero(double now) => _zero = Loaded(now) + Wandered(now);

    /// <summary>Switches to its next unit.</summary>
    public void NextUnit() => _unit = (_unit + 1) % Make.Units.Count;

    public Display At(double now)
    {
        var loaded = Loaded(now);
        if (loaded > Make.Most)
            return new(0, Make.Units[_unit].Unit, false, true);
        var (unit, size) = Make.Units[_unit];
        var shown = (loaded + Wandered(now) - _zero) / size;
        return new(Math.Round(shown / Make.Step) * Make.Step, unit, Swing(now) < Restful * Make.Step, false);
    }

    /// <summary>What is on it now: swings about the load, less and less.</summary>
    private double Loaded(double now) =>
        _load + (Swing(now) * Math.Sign(_from - _load) * Math.Cos(2 * Math.PI * Swings * (now - _at)));

    private double Swing(double now) =>
        Make.Settling <= 0 ? 0 : Math.Abs(_from - _load) * Math.Exp(-(now - _at) / Make.Settling);

    /// <summary>The zero wanders slowly up and down over four minutes.</summary>
    private double Wandered(double now) => 2 * Make.Drift * Math.Sin(2 * Math.PI * now / 240);
}
