using PluckyRally.Core.Briefs;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Results;
using PluckyRally.Core.Score;

namespace PluckyRally.Core.Parts;

/// <summary>Works out sorting into bins.</summary>
internal static class BinsScore
{
    /// <summary>Times of sorting are read to a tenth of a second.</summary>
    public const decimal Step = 0.1m;

    public static PartValue Value(Part.Bins part, DesignRecord design)
    {
        if (PartEntries.Of<Entry.ItemsSorted>(design, part.Id) is not [.., var answer])
            return PartValue.Without(new Absence.NothingSorted());
        var right = part.Items.Count(i => answer.Placed.TryGetValue(i.Id, out var bin) && bin == i.Bin);
        var left = part.Items.Count(i => !answer.Placed.ContainsKey(i.Id));
        var wrong = part.Items.Count - right - left;
        var time = answer.Time?.Value is { } read
            ? new BoundedValue(read)
            : BoundedValue.None(new Absence.SortingNotTimed());
        IReadOnlyList<BoundedValue> facts = [new(right), new(wrong), new(left), time];
        if (part.SecondsPerWrong is not null)
        {
            if (time.Absent is { } untimed)
                return PartValue.Without(untimed);
            var timed = new Working.SortedAgainstTime(part, right, wrong, left, time.Number) { Entries = [answer.Id] };
            return PartValue.Scored(timed.Adds, [timed]) with { Facts = facts };
        }

        List<Working> steps =
        [
            new Working.SortedForPoints(part, right, wrong, left) { Entries = [answer.Id] },
            new Working.Guessing(part),
        ];
        if (left + wrong == 0 && part.AllRightBonus != 0)
            steps.Add(new Working.AllRight(part.AllRightBonus));
        return PartValue.Scored(steps.Sum(s => s.Adds), steps) with { Facts = facts };
    }
}
