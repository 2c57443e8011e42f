using Humanizer;

namespace PluckyRally.Core;

/// <summary>Numbers, plurals, ordinals and lists as they are written in a sentence.</summary>
internal static class English
{
    /// <summary>So many of something: "1 sheet", "3 sheets", "2.5 metres".</summary>
    /// <param name="count">How many.</param>
    /// <param name="one">What one is called; of several words the last before an "of" is the one that changes.</param>
    public static string Count(decimal count, string one) => $"{Numerals.Write(count)} {(count == 1 ? one : Several(one))}";

    /// <summary>What several are called: "sheets of foil" of "sheet of foil".</summary>
    public static string Several(string one)
    {
        var of = one.IndexOf(" of ", StringComparison.Ordinal);
        var (thing, rest) = of > 0 ? (one[..of], one[of..]) : (one, "");
        var last = thing.LastIndexOf(' ') + 1;
        return thing[..last] + thing[last..].Pluralize(inputIsKnownToBeSingular: true) + rest;
    }

    /// <summary>What one is called: "sheet of foil" of "sheets of foil".</summary>
    public static string One(string several)
    {
        var of = several.IndexOf(" of ", StringComparison.Ordinal);
        var (thing, rest) = of > 0 ? (several[..of], several[of..]) : (several, "");
        var last = thing.LastIndexOf(' ') + 1;
        return thing[..last] + thing[last..].Singularize(inputIsKnownToBePlural: false) + rest;
    }

    /// <summary>A place in a row: "1st", "22nd".</summary>
    public static string Ordinal(int number) => number.Ordinalize(System.Globalization.CultureInfo.InvariantCulture);

    /// <summary>"Gulls", "Gulls and Terns", "Gulls, Terns and Knots".</summary>
    public static string List(IReadOnlyList<string> items) => items.Count switch
    {
        0 => "",
        1 => items[0],
        _ => $"{string.Join(", ", items.Take(items.Count - 1))} and {items[^1]}",
    };
}
