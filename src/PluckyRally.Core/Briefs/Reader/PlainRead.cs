using System.Text.Json;

namespace PluckyRally.Core.Briefs;

/// <summary>What was understood of a text about a challenge.</summary>
/// <param name="Proposals">What is clear, in the order in which it was said.</param>
/// <param name="Questions">What could be two things or more.</param>
/// <param name="Unread">What is not understood.</param>
public sealed record PlainRead(
    IReadOnlyList<Proposal> Proposals,
    IReadOnlyList<PlainQuestion> Questions,
    IReadOnlyList<TextRange> Unread
)
{
    /// <summary>
    /// The changes that a brief gets: those of the proposals that are not left out, those of the readings that were
    /// chosen, and, in the teacher's notes, what is left as text.
    /// </summary>
    /// <param name="text">The text that was read.</param>
    /// <param name="brief">The brief that it was read for.</param>
    /// <param name="taken">What the teacher decided.</param>
    public IReadOnlyList<Change> Changes(string text, Brief brief, Taken taken)
    {
        var chosen = Questions
            .Select(
                (q, i) => taken.Answers.TryGetValue(i, out var reading) ? q.Readings.ElementAtOrDefault(reading) : null
            )
            .OfType<Proposal>();
        var pieces = Proposals.Where((_, i) => !taken.LeftOut.Contains(i)).Concat(chosen).Select(p => p.Piece).ToList();
        var draft = new PieceDraft(brief, pieces);
        var left = Unread
            .Concat(Questions.Where((_, i) => !taken.Answers.ContainsKey(i)).Select(q => q.From))
            .Concat(pieces.Where(p => !p.HasPlace(draft)).Select(p => p.From))
            .OrderBy(r => r.From)
            .Select(r => text[r.From..r.To].Trim())
            .Distinct();
        var notes = string.Join('\n', left.Prepend(brief.Teacher.Notes).Where(line => line.Length > 0));
        return Once([
            // A difference for some grades comes after what it differs from.
            .. pieces.OrderBy(p => p is Piece.ForGrades).SelectMany(p => p.Changes(draft)),
            .. notes == brief.Teacher.Notes ? [] : new[] { Change.Set("/teacher/notes", notes) },
        ]);
    }

    /// <summary>What two proposals add alike, a measure for example, is added once.</summary>
    private static IReadOnlyList<Change> Once(IReadOnlyList<Change> changes) =>
        [
            .. changes.Where(
                (change, i) =>
                    change.Kind == ChangeKind.Set
                    || !changes.Take(i).Any(c => c.At == change.At && IdOf(c) is { } id && id == IdOf(change))
            ),
        ];

    private static string? IdOf(Change change) =>
        change.Value.ValueKind == JsonValueKind.Object && change.Value.TryGetProperty("id", out var id)
            ? id.GetString()
            : null;
}

/// <summary>What the teacher takes of what was read.</summary>
/// <param name="LeftOut">The proposals that are left out, by their number from 0.</param>
/// <param name="Answers">The reading chosen for a question, both by their number from 0; none where it stays as
/// text.</param>
public sealed record Taken(IReadOnlyList<int> LeftOut, IReadOnlyDictionary<int, int> Answers)
{
    /// <summary>All that is clear, and nothing that is asked.</summary>
    public static Taken All { get; } = new([], new Dictionary<int, int>());
}

/// <summary>Something that a brief could have, tied to the words that it comes from.</summary>
public sealed record Proposal
{
    internal Proposal(Piece piece, PieceDraft draft)
    {
        Piece = piece;
        (At, Value) = piece.Stands(piece.Changes(draft));
    }

    /// <summary>The words.</summary>
    public TextRange From => Piece.From;

    /// <summary>What it is.</summary>
    public string Says => Piece.Says();

    /// <summary>Where in a brief it stands; "-" for one more in a list.</summary>
    public string At { get; }

    /// <summary>What stands there.</summary>
    public JsonElement Value { get; }

    /// <summary>What it comes from; what it changes depends on what else is taken.</summary>
    internal Piece Piece { get; }
}

/// <summary>Words that could be two things or more.</summary>
/// <param name="From">The words.</param>
/// <param name="Asks">The question.</param>
/// <param name="Readings">What they could be.</param>
public sealed record PlainQuestion(TextRange From, string Asks, IReadOnlyList<Proposal> Readings);
