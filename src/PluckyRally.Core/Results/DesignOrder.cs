using PluckyRally.Core.Briefs;
using PluckyRally.Core.Readings;

namespace PluckyRally.Core.Results;

/// <summary>Which of a team's designs is the better one.</summary>
/// <param name="compiled">The edition.</param>
internal sealed class DesignOrder(CompiledEdition compiled) : IComparer<DesignResult>
{
    /// <summary>
    /// One that places before one that has not finished, before one that does not place; then the best total, its
    /// bound, the tie-breaks, and the parts' values in the method's order. The better one stands before; 0 where
    /// nothing parts them.
    /// </summary>
    public int Compare(DesignResult? one, DesignResult? other)
    {
        if (one is null || other is null)
            return (other is null).CompareTo(one is null);
        var order = one.Status.CompareTo(other.Status);
        if (order != 0)
            return order;
        order = Ranking.Towards(compiled.Brief.Method.Better, one.Total ?? None, other.Total ?? None);
        if (order != 0)
            return order;
        foreach (var tieBreak in compiled.TieBreaks)
        {
            order = Ranking.Towards(
                tieBreak.Definition.Better,
                tieBreak.Value.Compared(one.Facts),
                tieBreak.Value.Compared(other.Facts)
            );
            if (order != 0)
                return order;
        }

        for (var i = 0; i < compiled.Parts.Count; i++)
        {
            order = Ranking.Towards(
                compiled.Parts[i].Better,
                one.Assessment.Values[i].Value,
                other.Assessment.Values[i].Value
            );
            if (order != 0)
                return order;
        }

        return 0;
    }

    private static readonly BoundedValue None = BoundedValue.None(new Absence.NoPointsYet());
}
