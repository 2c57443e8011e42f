namespace PluckyRally.Core.Rehearsals;

/// <summary>What a finding means for a teacher.</summary>
public enum FindingWeight
{
    /// <summary>Something is wrong, and a change would help.</summary>
    Wrong,

    /// <summary>Worth a thought.</summary>
    Mind,

    /// <summary>As it should be, if what was guessed is right.</summary>
    IfGuessed,

    /// <summary>As it should be.</summary>
    Fine,
}

/// <summary>Something that a rehearsal found: a sentence, and what stands beside it as bars.</summary>
/// <param name="Id">Names it, so that the same can be looked for after a change.</param>
/// <param name="Weight">What it means.</param>
/// <param name="Says">The sentence.</param>
/// <param name="InAHundred">The number that it rests on: in 100 classes, teams or times.</param>
/// <param name="Caption">What the bars show.</param>
/// <param name="Bars">The bars.</param>
public sealed record RehearsalFinding(
    string Id,
    FindingWeight Weight,
    string Says,
    decimal InAHundred,
    string Caption,
    IReadOnlyList<RehearsalBar> Bars
)
{
    /// <summary>Changes that may help; worked out when they are asked for.</summary>
    internal IEnumerable<RehearsalChange> Helps { get; init; } = [];

    /// <summary>Its number as the end of a sentence: "the best team wins in 71 in 100 classes".</summary>
    internal Func<decimal, string> Comes { get; init; } = RehearsalWords.InAHundred;

    /// <summary>Whether more of it is better.</summary>
    internal bool MoreIsBetter { get; init; }
}

/// <summary>One bar beside a finding.</summary>
/// <param name="Name">What it is of.</param>
/// <param name="InAHundred">How long it is, 0 to 100.</param>
/// <param name="Marked">Whether it is what the sentence is about.</param>
public sealed record RehearsalBar(string Name, decimal InAHundred, bool Marked = false);

/// <summary>A share as it is shown and compared.</summary>
internal static class Share
{
    /// <summary>So many of so many, in a hundred, with a decimal; 0 of none.</summary>
    public static decimal Of(decimal count, decimal all) => all == 0 ? 0 : Math.Round(100 * count / all, 1);
}
