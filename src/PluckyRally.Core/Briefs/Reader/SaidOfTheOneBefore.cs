using System.Text.RegularExpressions;

namespace PluckyRally.Core.Briefs;

/// <summary>
/// Sentences about what the one before says: what missing a rule costs, and of which two readings points are.
/// </summary>
internal static class SaidOfTheOneBefore
{
    /// <summary>Whether a sentence is about the one before, and by itself no piece of a brief.</summary>
    public static bool Is(string text) => Misses.IsMatch(text) || TwoReadings.IsMatch(text);

    /// <summary>
    /// A rule gets what missing it costs. What the reader has no word for leaves both sentences as text, for the first
    /// would be wrong without the second.
    /// </summary>
    /// <param name="text">The whole text.</param>
    /// <param name="pieces">What was read of it, in order.</param>
    public static IReadOnlyList<Piece> Settle(string text, IReadOnlyList<Piece> pieces)
    {
        var settled = new List<Piece>();
        foreach (var piece in pieces)
        {
            var said = piece is Piece.Unread unread ? PlainText.Of(unread.Text).Text.Trim() : "";
            if (settled is [.., Piece.Look rule] && Costing(rule, said) is { } costing)
            {
                settled[^1] = costing;
                continue;
            }

            if (settled is [.., var last] && Is(said) && IsIncomplete(last, said))
                settled[^1] = new Piece.Unread(last.From, text[last.From.From..last.From.To]);
            settled.Add(piece);
        }

        return settled;
    }

    private static bool IsIncomplete(Piece last, string said) =>
        TwoReadings.IsMatch(said) ? last is Piece.Points or Piece.Curved : last is Piece.Look or Piece.Limit;

    private static Piece.Look? Costing(Piece.Look rule, string said) =>
        AttemptMisses.IsMatch(said) ? rule with { InAttempt = true }
        : Costs.Match(said) is { Success: true } costs ? rule with { Deducts = Said.Amount(costs.Groups["n"]) }
        : null;

    private static readonly Regex TwoReadings = new("^what counts is ");

    private static readonly Regex Misses = new(@"^(?:an? (?:attempt|try|team) that misses this|missing this)\b");

    private static readonly Regex AttemptMisses = new(@"^an (?:attempt|try) that misses this does not count\b");

    private static readonly Regex Costs = new($@"^missing this costs {Said.Number} points?\b");
}
