namespace PluckyRally.Core.Words;

/// <summary>Fits words into a sentence.</summary>
internal static class SentenceCase
{
    /// <summary>
    /// The text as it stands in the middle of a sentence: without the capital that it begins with, unless it is one of
    /// several.
    /// </summary>
    public static string Sentence(string text) =>
        text.Length > 0 && !(text.Length > 1 && char.IsUpper(text[1]))
            ? char.ToLowerInvariant(text[0]) + text[1..]
            : text;

    /// <summary>The text as it stands at the beginning of a sentence.</summary>
    public static string Beginning(string text) => text.Length > 0 ? char.ToUpperInvariant(text[0]) + text[1..] : text;
}
