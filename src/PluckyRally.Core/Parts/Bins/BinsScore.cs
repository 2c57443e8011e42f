namespace PluckyRally.Core;

internal abstract partial record PartPlan
{
    /// <summary>Sorting into bins.</summary>
    public sealed record Bins(Part.Bins Is) : PartPlan
    {
        public override Part Part => Is;

        public override Curve Curve => Is is { SecondsPerWrong: not null, Curve: { } curve } ? curve : base.Curve;

        public override Better Better => Is.SecondsPerWrong is null ? Better.More : Better.Less;

        public override int Decimals => Is.SecondsPerWrong is null ? base.Decimals : 1;

        public override string One => Is.SecondsPerWrong is null ? base.One : "s";

        public override Measure ShownValue => Is.SecondsPerWrong is null ? base.ShownValue : PartEntries.Clock(Is.Id, BinsScore.Step);

        public override string Show(Worth value) => Is.SecondsPerWrong is null || !value.HasValue ? base.Show(value) : PartEntries.Show(value.Number, BinsScore.Step);

        public override string Say() => Is.SecondsPerWrong is { } seconds
            ? $"{Items} into {Is.Names.Count} bins against the clock, {ReadingFormat.Number(seconds)} s more for each wrong one{(Is.SecondsPerLeft is > 0 and var left ? $" and {ReadingFormat.Number(left)} s for each left out" : "")}, {Curve.Say(this)}."
            : $"{Items} into {Is.Names.Count} bins: {ReadingFormat.Number(Is.Right)} for each right one, {ReadingFormat.Number(Is.Wrong)} for each wrong one, {ReadingFormat.Number(Is.Unsorted)} for each one left out{(Is.AllRightBonus != 0 ? $", {ReadingFormat.Number(Is.AllRightBonus)} more when all are right" : "")}.";

        private string Items => Is.Items.Count == 1 ? "1 item" : $"{Is.Items.Count} items";

        public override PartValue Value(DesignRecord design, Trials trials) => BinsScore.Value(Is, design);

        /// <summary>Makes the part ready, or adds what is wrong with it.</summary>
        public static Bins Make(Part.Bins part, Brief brief, Findings found)
        {
            found.Unless(part.Names.Count is >= 2 and <= 100 && part.Names.Distinct().Count() == part.Names.Count && part.Names.All(n => n.Length is > 0 and <= Most.Name), "/names", "Sorting needs 2 to 100 bins with different names.", "Name them.");
            found.Unless(part.Items.Count > 0, "/items", "There is nothing to sort yet.", "Add the first item.");
            found.Count(part.Items, Most.Items, "/items", "items");
            found.Ids(part.Items.Select(i => i.Id), "/items", "item");
            foreach (var item in part.Items)
            {
                found.NotEmpty(item.Name, $"/items/{item.Id}/name", "The item has no name.", "Say what it is.");
                found.Unless(part.Names.Contains(item.Bin), $"/items/{item.Id}/bin", $"There is no bin “{Findings.Short(item.Bin)}”.", "Choose one of the bins.");
            }

            if (part.SecondsPerWrong is not { } seconds) return new(part);
            found.Unless(seconds >= 0, "/secondsPerWrong", "A wrong item cannot save time.", "Use 0 or more.");
            found.Unless(part.SecondsPerLeft is null or >= 0, "/secondsPerLeft", "An item left out cannot save time.", "Use 0 or more.");
            if (part.Curve is null) found.Add("/curve", "Where time counts, a curve must turn it into points.", "Use points by place or between two times.");
            else part.Curve.Check(Better.Less, mayBeNegative: false, found);
            found.Unless(part.Curve is not { IsValueItself: true } || brief.Method.Wins == Wins.Lowest, "/curve", "The time itself as points would reward the slowest.", "Use points by place or between two times.");
            return new(part);
        }
    }
}

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
            var more = left > 0 && eachLeft > 0 ? $" + {left} × {ReadingFormat.Number(eachLeft)} s" : "";
            return PartValue.Scored(net, [new($"{counted}.", answer.Id), new($"{PartEntries.Show(time.Number, Step)} + {wrong} × {ReadingFormat.Number(each)} s{more} = {PartEntries.Show(net, Step)}.")]) with { Facts = facts };
        }

        var points = (right * part.Right) + (wrong * part.Wrong) + (left * part.Unsorted);
        List<PartLine> lines =
        [
            new($"{counted}: {right} × {ReadingFormat.Number(part.Right)} + {wrong} × {Signed(part.Wrong)} + {left} × {Signed(part.Unsorted)} = {ReadingFormat.Number(points)}.", answer.Id),
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
        return new($"Guessing would get about {ReadingFormat.Number(Rounding.ToDecimals(right, 1))} right and {MethodWords.Points(Rounding.ToDecimals(points, 1))}.");
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

    private static string Signed(decimal points) => points < 0 ? $"({ReadingFormat.Number(points)})" : ReadingFormat.Number(points);
}
