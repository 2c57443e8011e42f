using PluckyRally.Core.Briefs;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Results;
using PluckyRally.Core.Score;

namespace PluckyRally.Core.Parts;

/// <summary>Works out pieces.</summary>
internal static class PiecesScore
{
    public static PartValue Value(PartPlan.Pieces plan, DesignRecord design)
    {
        if (Counted(plan.Definition, design) is not { } counted)
            return PartValue.Without(new Absence.NoPieces());
        var steps = new List<Working>();
        decimal sum = 0;
        foreach (var group in counted.Pieces.Where(g => g.Count > 0))
        {
            var each = Points(plan, group);
            if (!each.HasValue)
                return PartValue.Without(each.Absent!) with { Steps = steps };
            sum += each.Number * group.Count;
            steps.Add(new Working.PiecesAlike(group, plan.Definition.Unit, each.Number) { Entries = [counted.Id] });
        }

        if (steps.Count == 0)
            steps.Add(new Working.NoPieces { Entries = [counted.Id] });
        return PartValue.Scored(sum, steps) with { Facts = Facts(plan, counted.Pieces) };
    }

    private static IReadOnlyList<BoundedValue> Facts(PartPlan.Pieces plan, IReadOnlyList<PieceGroup> pieces)
    {
        var all = pieces.Sum(p => p.Count);
        return
        [
            new(all),
            .. OfLabel(plan.Definition.First, PieceSide.First),
            .. OfLabel(plan.Definition.Second, PieceSide.Second),
        ];

        IEnumerable<BoundedValue> OfLabel(PieceLabel label, PieceSide side) =>
            label.Values.SelectMany(v =>
            {
                var these = pieces.Where(p => p.Label(side) == v.Name).ToList();
                var count = these.Sum(p => p.Count);
                return new BoundedValue[]
                {
                    new(count),
                    new(these.Sum(p => p.Count * Points(plan, p).Number)),
                    all == 0 ? BoundedValue.None(new Absence.DividedByZero()) : new(100m * count / all),
                };
            });
    }

    /// <summary>The last count of a team's pieces.</summary>
    public static Entry.PiecesCounted? Counted(Part.Pieces part, DesignRecord design) =>
        PartEntries.Of<Entry.PiecesCounted>(design, part.Id) is [.., var last] ? last : null;

    /// <summary>The points of one piece of a group.</summary>
    public static BoundedValue Points(PartPlan.Pieces plan, PieceGroup group) =>
        plan.Each.Run([
            .. plan.Each.Measures.Select(name =>
                name.Id switch
                {
                    "first" => new BoundedValue(
                        plan.Definition.First.Values.FirstOrDefault(v => v.Name == group.First)?.Points ?? 0
                    ),
                    "second" => new BoundedValue(
                        plan.Definition.Second.Values.FirstOrDefault(v => v.Name == group.Second)?.Points ?? 0
                    ),
                    "length" => group.Length is { } length
                        ? new BoundedValue(length)
                        : BoundedValue.None(new Absence.PieceNotMeasured("length")),
                    _ => group.Width is { } width
                        ? new BoundedValue(width)
                        : BoundedValue.None(new Absence.PieceNotMeasured("width")),
                }
            ),
        ]);
}
