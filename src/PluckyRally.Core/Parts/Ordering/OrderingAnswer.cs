using System.Text.RegularExpressions;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Problems;

namespace PluckyRally.Core.Parts;

/// <summary>Reads an order from a text: the items in a row.</summary>
internal static class OrderingAnswer
{
    public static List<string> Read(Part.Ordering part, string text, ProblemCollector found)
    {
        var names = Separators
            .Split(text)
            .Select(n => Numbered.Replace(n, "").Trim())
            .Where(n => n.Length > 0)
            .ToList();
        if (names.Count == 1)
            names = [.. names[0].Split((char[]?)null, StringSplitOptions.RemoveEmptyEntries)];
        var sequence = new List<string>();
        foreach (var name in names)
        {
            var item = part.Items.FirstOrDefault(i => AnswerText.Same(i.Id, name) || AnswerText.Same(i.Name, name));
            if (item is null)
                found.Add(
                    "/text",
                    $"There is no item “{ProblemCollector.Short(name)}”.",
                    $"Use these: {string.Join(", ", part.Items.Select(i => i.Name.Length > 0 ? i.Name : i.Id))}."
                );
            else if (sequence.Contains(item.Id))
                found.Add(
                    "/text",
                    $"{(item.Name.Length > 0 ? item.Name : item.Id)} is named twice.",
                    "Name each item once."
                );
            else
                sequence.Add(item.Id);
        }

        return sequence;
    }

    private static readonly Regex Separators = new(@"[\n,;>→<\t]+|->");

    private static readonly Regex Numbered = new(@"^\s*\d+[.)]\s*");
}
