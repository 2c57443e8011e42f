using System.Globalization;

namespace PluckyRally.Core.Words;

/// <summary>Numbers as they are written.</summary>
public static class Numerals
{
    /// <summary>A number with as many decimals as it has, at most six, and a true minus sign.</summary>
    public static string Write(decimal number)
    {
        var rounded = Math.Round(number, 6, MidpointRounding.AwayFromZero);
        return Minus((rounded == 0 ? 0 : rounded).ToString("0.######", CultureInfo.InvariantCulture));
    }

    /// <summary>A number behind a sign of arithmetic: in brackets where it is below zero.</summary>
    internal static string Factor(decimal number) => number < 0 ? $"({Write(number)})" : Write(number);

    /// <summary>The same text with a true minus sign.</summary>
    internal static string Minus(string number) => number.Replace('-', '−');
}
