using System.Text.RegularExpressions;

namespace PluckyRally.Core.Briefs;

/// <summary>How hard a text is to read.</summary>
/// <param name="Words">Its words.</param>
/// <param name="Sentences">Its sentences; a line of a list is one.</param>
/// <param name="Syllables">Its syllables, as far as spelling tells.</param>
public sealed record Readability(int Words, int Sentences, int Syllables)
{
    /// <summary>
    /// The school grade that reads it with ease: 0.39 · words per sentence + 11.8 · syllables per word − 15.59.
    /// Source: Kincaid, Fishburne, Rogers and Chissom, Research Branch Report 8-75 (1975), the Flesch–Kincaid grade
    /// level.
    /// </summary>
    public double Grade => Words == 0 ? 0 : (0.39 * Words / Sentences) + (11.8 * Syllables / Words) - 15.59;

    /// <summary>Counts a text.</summary>
    public static Readability Of(string text)
    {
        var words = WordForm.Matches(text);
        var sentences = SentenceEnd.Split(text).Count(s => WordForm.IsMatch(s));
        return new(words.Count, sentences, words.Sum(w => SyllablesOf(w.Value)));
    }

    /// <summary>The syllables of an English word, from its spelling: groups of vowels, less what is silent.</summary>
    public static int SyllablesOf(string word)
    {
        var plain = word.ToLowerInvariant()
            .Replace("’", "", StringComparison.Ordinal)
            .Replace("'", "", StringComparison.Ordinal);
        if (plain.Length == 0)
            return 0;
        if (plain.All(char.IsDigit))
            return 1;
        var count = VowelGroups.Count(plain);
        if (SilentEnd.IsMatch(plain))
            count--;
        count += TwoSounds.Count(plain);
        return Math.Max(1, count);
    }

    private static readonly Regex WordForm = new(@"[\p{L}\p{N}]+(?:['’-][\p{L}\p{N}]+)*");

    private static readonly Regex SentenceEnd = new(@"(?<=[.!?:])\s+|\n+");

    private static readonly Regex VowelGroups = new("[aeiouy]+");

    // A last e is silent (made), but not in -le after a consonant (table); -es and -ed are silent save after sounds
    // that need them.
    private static readonly Regex SilentEnd = new(
        @"(?<=[aeiouy].*)(?:(?<![aeiouyl]|[^aeiouy]l)e|(?<=[aeiouy]l)e|(?<![aeiouyscxzgl]|[cs]h"
            + @"|[^aeiouy]l)es|(?<![aeiouytd])ed)$"
    );

    private static readonly Regex TwoSounds = new(
        @"(?:ia|io(?!u|n\b|ns\b)|iu|eo|ua(?!r)|[^qg]ui(?=ng)|ying|[aeiouy]ing)(?<!cia[a-z]?|tio|sio)"
    );
}
