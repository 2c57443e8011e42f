using System.Globalization;

namespace PluckyRally.Core.Briefs;

/// <summary>Numbers as they are said: "twelve", "a dozen", "twenty-five", "1 1/2", "half a".</summary>
internal static class NumberWords
{
    /// <summary>How many tokens a number can take, the spaces between them included.</summary>
    public const int Longest = 9;

    private static readonly Dictionary<string, decimal> Small = Numbered(
        0,
        "zero one two three four five six seven eight nine ten eleven twelve thirteen fourteen fifteen sixteen "
            + "seventeen eighteen nineteen"
    );

    private static readonly Dictionary<string, decimal> Tens = Numbered(
            0,
            "- - twenty thirty forty fifty sixty seventy eighty ninety"
        )
        .Where(t => t.Key != "-")
        .ToDictionary(t => t.Key, t => t.Value * 10);

    /// <summary>
    /// The number that these tokens begin with, and how many of them it takes; 0 of them where they begin with none. A
    /// lone "one" is left as it stands: in "the lighter one" it counts nothing.
    /// </summary>
    public static (decimal Number, int Used) At(IReadOnlyList<string> tokens)
    {
        if (Dozen(tokens) is { Used: > 0 } dozen)
            return dozen;
        var (number, used) = Whole(tokens);
        if (used == 0)
            return Half(tokens);
        if (Follows(tokens, used, "and", "a", "half"))
            return (number + 0.5m, used + 6);
        if (Fraction(At(tokens, used + 1)) is { } part && At(tokens, used) == " ")
            return (number + part, used + 2);
        // "a foot and a half" has its half behind the unit, which stays where it is.
        return (number, used);
    }

    private static (decimal, int) Whole(IReadOnlyList<string> tokens)
    {
        var first = tokens[0];
        if (Fraction(first) is { } fraction)
            return (fraction, 1);
        if (char.IsAsciiDigit(first[0]) || first[0] == '.')
            return decimal.TryParse(
                first.Replace(",", ""),
                NumberStyles.AllowDecimalPoint,
                CultureInfo.InvariantCulture,
                out var digits
            )
                ? (digits, 1)
                : (0, 0);
        if (first is "hundred" or "thousand")
            return (0, 0);
        if (Tens.TryGetValue(first, out var tens))
            return At(tokens, 1) is "-" or " " && Small.TryGetValue(At(tokens, 2), out var ones) && ones is > 0 and < 10
                ? (tens + ones, 3)
                : (tens, 1);
        if (first is "a" or "one" or "two" or "three" or "four" or "five" && At(tokens, 2) is "hundred" or "thousand")
            return ((first == "a" ? 1 : Small[first]) * (At(tokens, 2) == "hundred" ? 100 : 1000), 3);
        return first != "one" && Small.TryGetValue(first, out var small) ? (small, 1) : (0, 0);
    }

    private static (decimal, int) Half(IReadOnlyList<string> tokens) =>
        tokens[0] == "half" && At(tokens, 1) == " " && At(tokens, 2) is "a" or "an" ? (0.5m, 3)
        : tokens[0] is "a" or "an" or "one" && Follows(tokens, 3, "and", "a", "half") ? (1.5m, 1)
        : (0, 0);

    private static (decimal Number, int Used) Dozen(IReadOnlyList<string> tokens) =>
        tokens[0] is "a" or "one" && At(tokens, 2) == "dozen" ? (12, 3)
        : tokens[0] is "half" && At(tokens, 2) is "a" && At(tokens, 4) == "dozen" ? (6, 5)
        : tokens[0] is "two" && At(tokens, 2) == "dozen" ? (24, 3)
        : (0, 0);

    private static decimal? Fraction(string token) =>
        token.Split('/') is [{ Length: > 0 and < 5 } top, { Length: > 0 and < 5 } bottom]
        && decimal.TryParse(top, NumberStyles.None, CultureInfo.InvariantCulture, out var above)
        && decimal.TryParse(bottom, NumberStyles.None, CultureInfo.InvariantCulture, out var below)
        && below > 0
            ? above / below
            : null;

    /// <summary>Whether these words follow, with a space before each.</summary>
    private static bool Follows(IReadOnlyList<string> tokens, int from, params ReadOnlySpan<string> words)
    {
        for (var i = 0; i < words.Length; i++)
            if (At(tokens, from + (2 * i)) != " " || At(tokens, from + (2 * i) + 1) != words[i])
                return false;
        return true;
    }

    private static string At(IReadOnlyList<string> tokens, int i) => i < tokens.Count ? tokens[i] : "";

    private static Dictionary<string, decimal> Numbered(decimal from, string words) =>
        words
            .Split(' ')
            .Select((word, i) => (word, i))
            .DistinctBy(w => w.word)
            .ToDictionary(w => w.word, w => from + w.i);
}
