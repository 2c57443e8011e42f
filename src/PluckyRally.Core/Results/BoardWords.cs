using PluckyRally.Core.Readings;

namespace PluckyRally.Core.Results;

/// <summary>What stands over a board.</summary>
internal static class BoardWords
{
    public const string Totals = "Totals";

    /// <summary>Which way is better, for the class.</summary>
    public static string Wins(Better better, bool values) =>
        !values ? ""
        : better == Better.More ? "The highest stands first."
        : "The lowest stands first.";
}
