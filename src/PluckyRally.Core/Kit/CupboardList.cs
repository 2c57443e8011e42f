using PluckyRally.Core.Problems;

namespace PluckyRally.Core.Kit;

/// <summary>Reads what is in a cupboard from a table: material, unit and amount; the unit may be left out.</summary>
public static class CupboardList
{
    private static readonly string[] Titles = ["material", "name", "thing", "what"];

    /// <summary>
    /// One line for each thing, whatever it was called and measured in where it came from: as the first calls it.
    /// </summary>
    /// <param name="items">What there is.</param>
    public static IReadOnlyList<CupboardItem> Merged(IReadOnlyList<CupboardItem> items)
    {
        var all = new OnHand(items);
        return
        [
            .. items
                .GroupBy(i => all.Find(i.Name, i.Unit).Key)
                .Select(g => g.OrderBy(i => Thing.Of(i.Name, i.Unit).Key != g.Key).First())
                .Select(i => i with { Amount = all.Of(i.Name, i.Unit) }),
        ];
    }

    /// <summary>All of it, or every line that is wrong.</summary>
    /// <param name="rows">The cells of each line that is not empty.</param>
    public static Result<IReadOnlyList<CupboardItem>> Read(IReadOnlyList<IReadOnlyList<string>> rows)
    {
        var found = new ProblemCollector();
        found.Unless(
            rows.Count > 0,
            "/text",
            "There is nothing in it.",
            "Write a line for each material: its name, its unit, how much there is."
        );
        found.Count(rows, Limits.Lines, "/text", "lines");
        var items = new List<CupboardItem>();
        var titled = rows.Count > 0 && Titles.Contains(rows[0][0].Trim().ToLowerInvariant());
        for (var i = titled ? 1 : 0; i < Math.Min(rows.Count, Limits.Lines); i++)
        {
            var cells = rows[i].Select(c => c.Trim()).ToList();
            var (unit, amount) = cells.Count > 2 ? (cells[1], cells[2]) : ("", cells.Count > 1 ? cells[1] : "");
            var item = CupboardItem.Read(cells[0], cells.Count > 2 ? unit : null, amount);
            foreach (var problem in item.Problems)
                found.Add(
                    "/text",
                    $"Line {i + 1}{(cells[0].Length > 0 ? $", {ProblemCollector.Short(cells[0])}" : "")}: "
                        + $"{problem.What}",
                    problem.Remedy
                );
            if (item.IsOk)
                items.Add(item.Value);
        }

        return found.Problems.Count > 0
            ? Result<IReadOnlyList<CupboardItem>>.Refused(found.Problems)
            : Result<IReadOnlyList<CupboardItem>>.Ok(items);
    }
}
