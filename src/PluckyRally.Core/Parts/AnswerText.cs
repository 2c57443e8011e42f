using PluckyRally.Core.Briefs;
using PluckyRally.Core.Problems;

namespace PluckyRally.Core.Parts;

/// <summary>A team's answer as it was typed or pasted, understood.</summary>
/// <param name="Placed">For bins: each item's bin, by the item's id.</param>
/// <param name="Sequence">For an order: the items' ids.</param>
public sealed record AnswerRead(IReadOnlyDictionary<string, string> Placed, IReadOnlyList<string> Sequence);

/// <summary>Reads the answer of a team that sorts from a text: a spreadsheet's columns, a list, a line.</summary>
public static class AnswerText
{
    /// <summary>Characters of an answer.</summary>
    private const int Longest = 20_000;

    /// <summary>
    /// Bins: each line an item and its bin, or a bin and its items, with a tab, a colon or an equals sign between. An
    /// order: the items in a row, with commas, arrows or line ends between, or only spaces where no name has one;
    /// numbers before them are passed over.
    /// </summary>
    public static Result<AnswerRead> Read(Part part, string text)
    {
        var found = new ProblemCollector();
        found.Length(text, Longest, "/text", "The answer");
        found.NotEmpty(text, "/text", "There is no answer yet.", "Type or paste it.");
        if (found.Problems.Count > 0)
            return Result<AnswerRead>.Refused(found.Problems);
        var read = part.ReadAnswer(text, found);
        if (read is null)
            found.Add("/text", $"{part.Name} is not sorted.", "Record it with its own pad.");
        return found.Problems.Count > 0 ? Result<AnswerRead>.Refused(found.Problems) : Result<AnswerRead>.Ok(read!);
    }

    /// <summary>The lines that say something, each with its number.</summary>
    internal static IEnumerable<(string Line, int Number)> Lines(string text) =>
        text.Split('\n').Select((line, i) => (Line: line.Trim(), Number: i + 1)).Where(l => l.Line.Length > 0);

    /// <summary>The name as it stands in the brief; null where there is none.</summary>
    internal static string? Named(IReadOnlyList<string> names, string name) => names.FirstOrDefault(n => Same(n, name));

    /// <summary>Whether two names are the same, capitals or not.</summary>
    internal static bool Same(string a, string b) => string.Equals(a, b, StringComparison.OrdinalIgnoreCase);
}
