using PluckyRally.Core.Briefs;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Results;
using PluckyRally.Core.Score;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Parts;

internal abstract partial record Working
{
    /// <summary>How an answer came out, for points.</summary>
    public sealed record SortedForPoints(Part.Bins Part, int Right, int Wrong, int Left) : Working
    {
        public override decimal Adds => (Right * Part.Right) + (Wrong * Part.Wrong) + (Left * Part.Unsorted);

        public override string Say() =>
            $"{InAll(Right, Wrong, Left)}: {Right} × {Numerals.Factor(Part.Right)} + {Wrong} × "
            + $"{Numerals.Factor(Part.Wrong)} + {Left} × {Numerals.Factor(Part.Unsorted)} = "
            + $"{Numerals.Write(Adds)}.";
    }

    /// <summary>How an answer came out, against the clock.</summary>
    public sealed record SortedAgainstTime(Part.Bins Part, int Right, int Wrong, int Left, decimal Seconds) : Working
    {
        private decimal EachLeft => Part.SecondsPerLeft ?? 0;

        public override decimal Adds => Seconds + (Wrong * Part.SecondsPerWrong!.Value) + (Left * EachLeft);

        public override string Say()
        {
            var more = Left > 0 && EachLeft > 0 ? $" + {Left} × {Numerals.Write(EachLeft)} s" : "";
            return $"{InAll(Right, Wrong, Left)}: {PartEntries.Show(Seconds, BinsScore.Step)} + {Wrong} × "
                + $"{Numerals.Write(Part.SecondsPerWrong!.Value)} s{more} = "
                + $"{PartEntries.Show(Adds, BinsScore.Step)}.";
        }
    }

    /// <summary>What guessing would get, in items and in points, before any floor.</summary>
    public sealed record Guessing(Part.Bins Part) : Working
    {
        public override string Say()
        {
            var right = (decimal)Part.Items.Count / Part.Names.Count;
            var points = (right * Part.Right) + ((Part.Items.Count - right) * Part.Wrong);
            return $"Guessing would get about {Numerals.Write(Rounding.ToDecimals(right, 1))} right and "
                + $"{MethodWords.Points(Rounding.ToDecimals(points, 1))}.";
        }
    }

    /// <summary>Everything was right.</summary>
    public sealed record AllRight(decimal Points) : Working
    {
        public override decimal Adds => Points;

        public override string Say() => $"All right: {MethodWords.Points(Points)} extra.";
    }

    private static string InAll(int right, int wrong, int left) => $"{right} right, {wrong} wrong, {left} left out";
}

/// <summary>Says what a class found out by sorting.</summary>
internal static class BinsWords
{
    /// <summary>
    /// For the class: the items that went wrong most often, all that tie, and where each was put most. None where
    /// nothing went wrong.
    /// </summary>
    public static IEnumerable<string> SayHardestItems(Part.Bins part, IReadOnlyList<TeamResult> results)
    {
        var answers = results
            .Select(r => PartEntries.Of<Entry.ItemsSorted>(r.Assessment.Design, part.Id))
            .Where(a => a.Count > 0)
            .Select(a => a[^1])
            .ToList();
        var wrong = part
            .Items.Select(i =>
                (
                    Item: i,
                    Into: answers
                        .Where(a => a.Placed.TryGetValue(i.Id, out var bin) && bin != i.Bin)
                        .Select(a => a.Placed[i.Id])
                        .ToList()
                )
            )
            .Where(i => i.Into.Count > 0)
            .ToList();
        if (wrong.Count == 0)
            yield break;
        var most = wrong.Max(w => w.Into.Count);
        foreach (var (item, into) in wrong.Where(w => w.Into.Count == most))
        {
            var bins = into.GroupBy(b => b).ToList();
            var often = bins.Max(b => b.Count());
            yield return $"{part.Name}: “{item.Name}” was sorted wrong most often (by {into.Count} of "
                + $"{English.Count(answers.Count, "team")}), usually into "
                + $"{English.List([.. bins.Where(b => b.Count() == often).Select(b => $"“{b.Key}”")])}. It belongs in "
                + $"“{item.Bin}”.";
        }
    }
}
