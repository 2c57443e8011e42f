namespace PluckyRally.Core.Problems;

/// <summary>
/// How much of anything a brief or a rally may hold; beyond these a document is refused with the number that would do.
/// </summary>
public static class Limits
{
    /// <summary>Characters of a name or a title.</summary>
    public const int Name = 120;

    /// <summary>Characters of a longer text.</summary>
    public const int Text = 4000;

    /// <summary>Measures in a brief.</summary>
    public const int Measures = 40;

    /// <summary>Rules in a brief.</summary>
    public const int Rules = 200;

    /// <summary>Parts of a method.</summary>
    public const int Parts = 40;

    /// <summary>How many of a thing are bought at once.</summary>
    public const int Bought = 100_000;

    /// <summary>Items of any other list in a brief.</summary>
    public const int Items = 400;

    /// <summary>Attempts of a design.</summary>
    public const int Attempts = 100;

    /// <summary>Teams in a rally.</summary>
    public const int Teams = 400;

    /// <summary>Comparisons of a rally, which have sheets of their own.</summary>
    public const int References = 40;

    /// <summary>Entries in a rally.</summary>
    public const int Entries = 200_000;

    /// <summary>Rounds of a rally.</summary>
    public const int Rounds = 50;

    /// <summary>Bytes of a brief's file.</summary>
    public const int BriefBytes = 2_000_000;

    /// <summary>Bytes of one entry.</summary>
    public const int EntryBytes = 200_000;

    /// <summary>Bytes of a rally's file.</summary>
    public const int RallyBytes = 100_000_000;

    /// <summary>Minutes of a phase, a lesson or a changeover that are laid out.</summary>
    public const int Minutes = 10_000;

    /// <summary>Lessons that are laid out.</summary>
    public const int Lessons = 100;

    /// <summary>Lines of a table that is read in.</summary>
    public const int Lines = 2000;

    /// <summary>Largest number that may stand in a document, above or below zero.</summary>
    public const decimal Number = 1_000_000_000;

    /// <summary>Decimal places of a number in a document.</summary>
    public const int Decimals = 9;

    /// <summary>Largest number that may come of an expression or a curve; beyond it there is no value.</summary>
    public const decimal ComputedNumber = 1_000_000_000_000;

    /// <summary>Problems that are listed of one document; a reader fixes those first.</summary>
    public const int Problems = 200;
}
