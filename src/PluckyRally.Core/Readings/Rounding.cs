using PluckyRally.Core.Problems;

namespace PluckyRally.Core.Readings;

/// <summary>Rounding as a class does it: half away from zero, and zero has no sign.</summary>
public static class Rounding
{
    /// <summary>To the nearest multiple of <paramref name="step"/> (above 0), half away from zero.</summary>
    public static decimal ToStep(decimal value, decimal step) =>
        Plain(Math.Round(Sound(value / step), MidpointRounding.AwayFromZero) * step);

    /// <summary>
    /// To so many decimals (0 to 28), half away from zero. A half that went through thirds or sevenths is a half still.
    /// </summary>
    public static decimal ToDecimals(decimal value, int decimals) =>
        Plain(Math.Round(Sound(value), decimals, MidpointRounding.AwayFromZero));

    /// <summary>
    /// Decimals that arithmetic of 28 digits gets right, whatever a lesson works out. Two results of a lesson that
    /// differ at all differ before: fractions of whole numbers below a million lie farther apart.
    /// </summary>
    private const int SoundDecimals = 14;

    /// <summary>A number that was worked out without what is lost to the last digits of a third.</summary>
    public static decimal Sound(decimal value) => Math.Round(value, SoundDecimals, MidpointRounding.AwayFromZero);

    /// <summary>
    /// Digits that a number which was worked out keeps where a teacher reads it on: more would say that somebody had
    /// thought of them.
    /// </summary>
    private const int Digits = 3;

    /// <summary>To three digits, and to six decimals at most.</summary>
    public static decimal ToDigits(decimal value)
    {
        if (value == 0)
            return 0;
        var decimals = Digits - 1 - (int)Math.Floor(Math.Log10((double)Math.Abs(value)));
        if (decimals >= 0)
            return ToDecimals(value, Math.Min(decimals, 6));
        var step = 1m;
        for (; decimals < 0; decimals++)
            step *= 10;
        return ToStep(value, step);
    }

    /// <summary>How many decimals a step shows: 0 for 5, 1 for 0.1, 2 for 0.25.</summary>
    public static int Decimals(decimal step)
    {
        var decimals = 0;
        while (decimals < 28 && decimal.Round(step, decimals) != step)
            decimals++;
        return decimals;
    }

    /// <summary>As a whole number; what is too large for one stays at the largest that is written down.</summary>
    public static int Whole(decimal value) => (int)Math.Clamp(value, -Limits.Number, Limits.Number);

    private static decimal Plain(decimal value) => value == 0 ? 0 : value;
}
