using Humanizer;

namespace PluckyRally.Core.Words;

/// <summary>Numbers, plurals, ordinals and lists as they are written in a sentence.</summary>
internal static class English
{
    /// <summary>So many of something: "1 sheet", "3 sheets", "2.5 meters".</summary>
    /// <param name="count">How many.</param>
    /// <param name="one">What one is called; of several words the last before an "of" is the one that changes.</param>
    public static string Count(decimal count, string one) =>
        $"{Numerals.Write(count)} {(count == 1 ? one : Several(one))}";

    /// <summary>So many of something whose name is written as several are called: "1 straw", "12 straws".</summary>
    public static string So(decimal count, string several) =>
        IsOfTwoHalves(several)
            ? $"{Count(count, "pair")} of {several}"
            : $"{Numerals.Write(count)} {(count == 1 ? One(several) : several)}";

    /// <summary>What several are called: "sheets of foil" of "sheet of foil".</summary>
    public static string Several(string one) => OfTheThing(one, word => word.Pluralize(inputIsKnownToBeSingular: true));

    /// <summary>What one is called: "sheet of foil" of "sheets of foil".</summary>
    public static string One(string several) =>
        OfTheThing(several, word => IsOfTwoHalves(word) ? word : word.Singularize(inputIsKnownToBePlural: false));

    /// <summary>
    /// Changes the word that names the thing: the last one, of what stands before an "of". What is no plain word stays
    /// as it is.
    /// </summary>
    private static string OfTheThing(string name, Func<string, string> change)
    {
        var of = name.IndexOf(" of ", StringComparison.Ordinal);
        var (thing, rest) = of > 0 ? (name[..of], name[of..]) : (name, "");
        var last = thing.LastIndexOf(' ') + 1;
        return last < thing.Length && thing[last..].All(char.IsLetter)
            ? thing[..last] + change(thing[last..]) + rest
            : name;
    }

    /// <summary>Tools that have no singular.</summary>
    private static bool IsOfTwoHalves(string word) =>
        word.ToLowerInvariant() is "scissors" or "pliers" or "tweezers" or "tongs" or "goggles";

    /// <summary>A place as it is read out: "2nd", "2nd, tied".</summary>
    public static string Place(int place, bool shared) => Ordinal(place) + (shared ? ", tied" : "");

    /// <summary>
    /// A place in a row: "1st", "22nd". The library's own go by a culture, of which this program carries none.
    /// </summary>
    public static string Ordinal(int number) =>
        (number % 100 is >= 11 and <= 13 ? 0 : number % 10) switch
        {
            1 => $"{number}st",
            2 => $"{number}nd",
            3 => $"{number}rd",
            _ => $"{number}th",
        };

    /// <summary>A day as it is said: "27 November".</summary>
    public static string Day(DateOnly day) => day.ToString("MMMM d", System.Globalization.CultureInfo.InvariantCulture);

    /// <summary>"Gulls", "Gulls and Terns", "Gulls, Terns and Knots".</summary>
    public static string List(IReadOnlyList<string> items) =>
        items.Count switch
        {
            0 => "",
            1 => items[0],
            _ => $"{string.Join(", ", items.Take(items.Count - 1))} and {items[^1]}",
        };
}
