using System.Text.RegularExpressions;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Problems;

namespace PluckyRally.Core.Parts;

/// <summary>Reads bins from a text: each line an item and its bin, or a bin and its items.</summary>
internal static class BinsAnswer
{
    public static Dictionary<string, string> Read(Part.Bins part, string text, ProblemCollector found)
    {
        var placed = new Dictionary<string, string>();
        foreach (var (line, number) in AnswerText.Lines(text))
        {
            var halves = Between.Split(line, 2);
            if (halves.Length < 2)
            {
                found.Add(
                    "/text",
                    $"Line {number}, “{ProblemCollector.Short(line)}”, has only one half.",
                    "Write the item, a colon, then its bin."
                );
                continue;
            }

            var (left, right) = (halves[0].Trim(), halves[1].Trim());
            if (AnswerText.Named(part.Names, left) is { } bin)
            {
                foreach (
                    var name in right.Split(
                        [',', ';'],
                        StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries
                    )
                )
                    Put(part, name, bin, number, placed, found);
            }
            else if (AnswerText.Named(part.Names, right) is { } its)
            {
                Put(part, left, its, number, placed, found);
            }
            else
            {
                found.Add(
                    "/text",
                    $"Line {number} names no bin.",
                    $"Use one of these: {string.Join(", ", part.Names)}."
                );
            }
        }

        return placed;
    }

    private static void Put(
        Part.Bins part,
        string name,
        string bin,
        int line,
        Dictionary<string, string> placed,
        ProblemCollector found
    )
    {
        var item = part.Items.FirstOrDefault(i => AnswerText.Same(i.Id, name) || AnswerText.Same(i.Name, name));
        if (item is null)
            found.Add(
                "/text",
                $"Line {line}: there is no item “{ProblemCollector.Short(name)}”.",
                "Write it as it stands in the table."
            );
        else if (!placed.TryAdd(item.Id, bin))
            found.Add(
                "/text",
                $"Line {line}: {(item.Name.Length > 0 ? item.Name : item.Id)} is named twice.",
                "Name each item once."
            );
    }

    private static readonly Regex Between = new(@"\t|:|=|->|→");
}
