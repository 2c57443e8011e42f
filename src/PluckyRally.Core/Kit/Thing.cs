using System.Collections.Frozen;
using System.Text.RegularExpressions;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Kit;

/// <summary>
/// What a name and a unit mean: "Eggs" and "egg" are one thing, so are "paper (sheets)" and "sheets of paper", and 5 m
/// of string are of the same thing as 500 cm of it.
/// </summary>
/// <param name="Key">What all names of the thing have in common.</param>
/// <param name="Each">How many of the thing's own unit (cm, cm², g, mL, pieces) are in one of the unit that was asked
/// about; above 0.</param>
public readonly record struct Thing(string Key, decimal Each)
{
    /// <summary>The thing that is called so and counted or measured so.</summary>
    /// <param name="name">Its name; a unit may stand behind it in brackets.</param>
    /// <param name="unit">Its unit; empty for pieces.</param>
    public static Thing Of(string name, string unit)
    {
        var (called, counted) = (Spaces.Replace(name.Trim(), " "), unit.Trim());
        if (counted.Length == 0 && Bracketed.Match(called) is { Success: true } both)
            (called, counted) = (both.Groups["name"].Value, both.Groups["unit"].Value);
        called = One(called.ToLowerInvariant());
        if (counted.Length == 0)
            return new($"{called}|", 1);
        if (Units.Read(counted) is not { } known)
        {
            var one = English.One(counted.ToLowerInvariant());
            return new(
                called.StartsWith($"{one} of ", StringComparison.Ordinal) ? $"{called}|" : $"{one} of {called}|",
                1
            );
        }

        return OwnUnits.TryGetValue(known.Kind, out var own)
            ? new($"{called}|{own.Symbol}", known.To(own, 1))
            : new($"{called}|{known.Symbol}", 1);
    }

    /// <summary>"packs of straws" is "pack of straw": nobody tells things apart by that.</summary>
    private static string One(string several) => string.Join(" of ", several.Split(" of ").Select(English.One));

    private static readonly FrozenDictionary<MeasureKind, Unit> OwnUnits = new[] { "cm", "cm²", "g", "mL" }
        .Select(symbol => Units.Find(symbol)!)
        .ToFrozenDictionary(u => u.Kind);

    private static readonly Regex Spaces = new(@"\s+");

    private static readonly Regex Bracketed = new(@"^(?<name>.+) \((?<unit>[\p{L}²³]+)\)$");
}
