using System.Globalization;
using System.Text.RegularExpressions;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Briefs;

/// <summary>The smallest phrases, from which the others are put together: numbers, units, things.</summary>
internal static class Said
{
    /// <summary>A number in the group n.</summary>
    public const string Number = @"(?<n>\d+(?:\.\d+)?|one\b|an?\b)";

    /// <summary>A number of things in the group n: "a ruler" counts none.</summary>
    public const string Counted = @"(?<n>\d+|one\b)";

    /// <summary>A number in the group m.</summary>
    public const string Other = @"(?<m>\d+(?:\.\d+)?)";

    /// <summary>
    /// A unit in the group u. "in" is one only where it is not the beginning of "in the bag" or "in all".
    /// </summary>
    public const string Unit =
        @"(?<u>(?:millimet(?:er|re)s?|centimet(?:er|re)s?|met(?:er|re)s?|kilograms?|grams?|kilos?|inch(?:es)?"
        + @"|foot|feet"
        + @"|yards?|ounces?|pounds?|newtons?|seconds?|secs?|minutes?|mins?|hours?|hrs?|percent|mm|cm|kg|mg|ml|lbs?|oz"
        + @"|ft|yds?|sec|min|in(?! (?:the|a|all|total|each|your|this|one|it|front|place|time|round)\b)|[mgshnl])\b"
        + @"|°\s?[cf]\b|[%""°])";

    /// <summary>Words at which the name of a thing ends.</summary>
    private const string NotOfAThing =
        @"(?:may|can|must|in|on|at|to|for|or|before|and|over|under|used?|per|each|every|from|with|without|while"
        + @"|during|by"
        + @"|that|which|is|are|if|when|will|wins?|than|more|less|fewer|of|as|off|it|the|your|you|points?|left|counts?"
        + @"|different|minutes?|seconds?|times|attempts?|tries|trials?|students?|people|members?|teams?|groups?"
        + @"|lessons?)";

    /// <summary>The name of a thing, of one to three words, in the group t.</summary>
    public const string Thing =
        $@"(?<t>(?!{NotOfAThing}\b)[a-z][a-z-]*(?: (?!{NotOfAThing}\b)[a-z][a-z-]*){{0,2}}"
        + @"(?: of (?!the\b|your\b|it\b)[a-z]+)?)";

    /// <summary>Whether a sentence holds only under a condition.</summary>
    public static bool IsConditional(string text) => Condition.IsMatch(text);

    private static readonly Regex Condition = new(@"\b(?:unless|except|if)\b");

    /// <summary>The number that a group holds: "a" and "one" are 1.</summary>
    public static decimal Amount(Capture found) =>
        found.Value is "one" or "a" or "an" ? 1 : decimal.Parse(found.Value, CultureInfo.InvariantCulture);

    /// <summary>The unit that a group holds.</summary>
    public static Unit? UnitOf(Group found) => Units.Read(found.Value.Replace("° ", "°"));

    /// <summary>A number with its unit, as a reading is written.</summary>
    public static string Reading(decimal number, string unit) => $"{Numerals.Write(number)} {unit}".TrimEnd();

    /// <summary>A small whole number; null where it is none.</summary>
    public static int? Whole(Group found) =>
        Amount(found) is var number && number == Math.Floor(number) && number is >= 1 and <= Limits.Teams
            ? (int)number
            : null;
}
