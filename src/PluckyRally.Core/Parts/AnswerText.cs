using System.Text.RegularExpressions;

namespace PluckyRally.Core;

/// <summary>A team's answer as it was typed or pasted, understood.</summary>
/// <param name="Placed">For bins: each item's bin, by the item's id.</param>
/// <param name="Sequence">For an order: the items' ids.</param>
public sealed record AnswerRead(IReadOnlyDictionary<string, string> Placed, IReadOnlyList<string> Sequence);

/// <summary>Reads the answer of a team that sorts from a text: a spreadsheet's columns, a list, a line.</summary>
public static partial class AnswerText
{
    /// <summary>Characters of an answer.</summary>
    private const int Longest = 20_000;

    /// <summary>
    /// Bins: each line an item and its bin, or a bin and its items, with a tab, a colon or an equals sign between. An order: the
    /// items in a row, with commas, arrows or line ends between, or only spaces where no name has one; numbers before them are passed over.
    /// </summary>
    public static Result<AnswerRead> Read(Part part, string text)
    {
        var found = new Findings();
        found.Length(text, Longest, "/text", "The answer");
        found.NotEmpty(text, "/text", "There is no answer yet.", "Type or paste it.");
        if (found.Problems.Count > 0) return Result<AnswerRead>.Refused(found.Problems);
        var read = part switch
        {
            Part.Bins bins => new AnswerRead(Bins(bins, text, found), []),
            Part.Ordering ordering => new AnswerRead(new Dictionary<string, string>(), Order(ordering, text, found)),
            _ => null,
        };
        if (read is null) found.Add("/text", $"{part.Name} is not sorted.", "Record it with its own pad.");
        return found.Problems.Count > 0 ? Result<AnswerRead>.Refused(found.Problems) : Result<AnswerRead>.Ok(read!);
    }

    private static Dictionary<string, string> Bins(Part.Bins part, string text, Findings found)
    {
        var placed = new Dictionary<string, string>();
        foreach (var (line, number) in Lines(text))
        {
            var halves = Between().Split(line, 2);
            if (halves.Length < 2)
            {
                found.Add("/text", $"Line {number}, “{Findings.Short(line)}”, has only one half.", "Write the item, a colon, then its bin.");
                continue;
            }

            var (left, right) = (halves[0].Trim(), halves[1].Trim());
            if (Named(part.Names, left) is { } bin)
            {
                foreach (var name in right.Split([',', ';'], StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries)) Put(part, name, bin, number, placed, found);
            }
            else if (Named(part.Names, right) is { } its)
            {
                Put(part, left, its, number, placed, found);
            }
            else
            {
                found.Add("/text", $"Line {number} names no bin.", $"Use one of these: {string.Join(", ", part.Names)}.");
            }
        }

        return placed;
    }

    private static void Put(Part.Bins part, string name, string bin, int line, Dictionary<string, string> placed, Findings found)
    {
        var item = part.Items.FirstOrDefault(i => Same(i.Id, name) || Same(i.Name, name));
        if (item is null) found.Add("/text", $"Line {line}: there is no item “{Findings.Short(name)}”.", "Write it as it stands in the table.");
        else if (!placed.TryAdd(item.Id, bin)) found.Add("/text", $"Line {line}: {(item.Name.Length > 0 ? item.Name : item.Id)} is named twice.", "Name each item once.");
    }

    private static List<string> Order(Part.Ordering part, string text, Findings found)
    {
        var names = Separators().Split(text).Select(n => Numbered().Replace(n, "").Trim()).Where(n => n.Length > 0).ToList();
        if (names.Count == 1) names = [.. names[0].Split((char[]?)null, StringSplitOptions.RemoveEmptyEntries)];
        var sequence = new List<string>();
        foreach (var name in names)
        {
            var item = part.Items.FirstOrDefault(i => Same(i.Id, name) || Same(i.Name, name));
            if (item is null) found.Add("/text", $"There is no item “{Findings.Short(name)}”.", $"Use these: {string.Join(", ", part.Items.Select(i => i.Name.Length > 0 ? i.Name : i.Id))}.");
            else if (sequence.Contains(item.Id)) found.Add("/text", $"{(item.Name.Length > 0 ? item.Name : item.Id)} is named twice.", "Name each item once.");
            else sequence.Add(item.Id);
        }

        return sequence;
    }

    private static IEnumerable<(string Line, int Number)> Lines(string text) =>
        text.Split('\n').Select((line, i) => (Line: line.Trim(), Number: i + 1)).Where(l => l.Line.Length > 0);

    private static string? Named(IReadOnlyList<string> names, string name) => names.FirstOrDefault(n => Same(n, name));

    private static bool Same(string a, string b) => string.Equals(a, b, StringComparison.OrdinalIgnoreCase);

    [GeneratedRegex(@"\t|:|=|->|→")]
    private static partial Regex Between();

    [GeneratedRegex(@"[\n,;>→<\t]+|->")]
    private static partial Regex Separators();

    [GeneratedRegex(@"^\s*\d+[.)]\s*")]
    private static partial Regex Numbered();
}
