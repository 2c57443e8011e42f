namespace PluckyRally.Core;

/// <summary>Works out sorting into bins.</summary>
internal static class BinsScore
{
    /// <summary>Times of sorting are read to a tenth of a second.</summary>
    public const decimal Step = 0.1m;

    public static PartValue Value(Part.Bins part, DesignRecord design)
    {
        if (PartEntries.Of<Entry.ItemsSorted>(design, part.Id) is not [.., var answer]) return PartValue.Without(new Absence.NothingSorted());
        var right = part.Items.Count(i => answer.Placed.TryGetValue(i.Id, out var bin) && bin == i.Bin);
        var left = part.Items.Count(i => !answer.Placed.ContainsKey(i.Id));
        var wrong = part.Items.Count - right - left;
        var time = answer.Time?.Value is { } read ? new Worth(read) : Worth.None(new Absence.SortingNotTimed());
        IReadOnlyList<Worth> facts = [new(right), new(wrong), new(left), time];
        var counted = $"{right} right, {wrong} wrong, {left} left out";
        if (part.SecondsPerWrong is { } each)
        {
            if (time.Absent is { } untimed) return PartValue.Without(untimed);
            var eachLeft = part.SecondsPerLeft ?? 0;
            var net = time.Number + (wrong * each) + (left * eachLeft);
            var more = left > 0 && eachLeft > 0 ? $" + {left} × {Numerals.Write(eachLeft)} s" : "";
            return PartValue.Scored(net, [new($"{counted}.", answer.Id), new($"{PartEntries.Show(time.Number, Step)} + {wrong} × {Numerals.Write(each)} s{more} = {PartEntries.Show(net, Step)}.")]) with { Facts = facts };
        }

        var points = (right * part.Right) + (wrong * part.Wrong) + (left * part.Unsorted);
        List<PartLine> lines =
        [
            new($"{counted}: {right} × {Numerals.Write(part.Right)} + {wrong} × {Signed(part.Wrong)} + {left} × {Signed(part.Unsorted)} = {Numerals.Write(points)}.", answer.Id),
            Guessing(part),
        ];
        if (left + wrong == 0 && part.AllRightBonus != 0)
        {
            points += part.AllRightBonus;
            lines.Add(new($"All right: {MethodWords.Points(part.AllRightBonus)} more."));
        }

        return PartValue.Scored(points, lines) with { Facts = facts };
    }

    /// <summary>What guessing would get, in items and in points, before any floor.</summary>
    private static PartLine Guessing(Part.Bins part)
    {
        var right = (decimal)part.Items.Count / part.Names.Count;
        var points = (right * part.Right) + ((part.Items.Count - right) * part.Wrong);
        return new($"Guessing would get about {Numerals.Write(Rounding.ToDecimals(right, 1))} right and {MethodWords.Points(Rounding.ToDecimals(points, 1))}.");
    }

    /// <summary>For the class: the item that went wrong most often, and where it was put most. Null where nothing went wrong.</summary>
    public static string? HardestItem(Part.Bins part, IReadOnlyList<TeamResult> results)
    {
        var answers = results.Select(r => PartEntries.Of<Entry.ItemsSorted>(r.Assessment.Design, part.Id)).Where(a => a.Count > 0).Select(a => a[^1]).ToList();
        var worst = part.Items
            .Select(i => (Item: i, Wrong: answers.Where(a => a.Placed.TryGetValue(i.Id, out var bin) && bin != i.Bin).Select(a => a.Placed[i.Id]).ToList()))
            .MaxBy(i => i.Wrong.Count);
        if (worst.Item is null || worst.Wrong.Count == 0) return null;
        var where = worst.Wrong.GroupBy(b => b).OrderByDescending(g => g.Count()).ThenBy(g => g.Key, StringComparer.Ordinal).First();
        return $"{part.Name}: {worst.Item.Name} went wrong most often ({worst.Wrong.Count} of {answers.Count} teams), most of all into {where.Key}. It belongs in {worst.Item.Bin}.";
    }

    private static string Signed(decimal points) => points < 0 ? $"({Numerals.Write(points)})" : Numerals.Write(points);
}
