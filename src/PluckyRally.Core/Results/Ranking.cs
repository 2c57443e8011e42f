using PluckyRally.Core.Briefs;
using PluckyRally.Core.Readings;

namespace PluckyRally.Core.Results;

/// <summary>Puts teams in order: what the class sees decides.</summary>
internal static class Ranking
{
    /// <summary>
    /// Placed teams by total, bound and tie-breaks; then the unfinished; then those that do not place.
    /// </summary>
    public static IReadOnlyList<TeamResult> Order(CompiledEdition compiled, IReadOnlyList<TeamResult> results)
    {
        var method = compiled.Brief.Method;
        var compared = results
            .Select(r => r with { TieBreaks = [.. compiled.TieBreaks.Select(t => t.Value.Compared(r.Design.Facts))] })
            .ToList();
        var compare = Comparer<TeamResult>.Create((one, other) => Compare(compiled, one, other).Order);
        var ranks = Ranks(compiled, results);
        var placed = compared.Where(r => r.Status == StandingStatus.Placed).ToList();
        if (ranks)
            placed = [.. placed.OrderBy(r => r, compare).ThenBy(r => r.Team.Name, StringComparer.Ordinal)];
        return
        [
            .. ranks ? Placed(compiled, placed) : placed,
            .. Others(compared, StandingStatus.Unfinished, method),
            .. Others(compared, StandingStatus.DidNotPlace, method),
            .. Others(compared, StandingStatus.Away, method),
        ];
    }

    /// <summary>
    /// Whether teams have places: where the brief says so, and there is more than one to be put in order. Without
    /// places teams stay in their own order.
    /// </summary>
    public static bool Ranks(CompiledEdition compiled, IReadOnlyList<TeamResult> results) =>
        compiled.Brief.Method.Ranking && results.Count(r => r.Status != StandingStatus.Away) > 1;

    private static IEnumerable<TeamResult> Others(
        IReadOnlyList<TeamResult> results,
        StandingStatus status,
        Method method
    ) =>
        results
            .Where(r => r.Status == status)
            .OrderBy(r => r.Total is null)
            .ThenBy(r => method.Wins == WinningDirection.Highest ? -r.Total : r.Total)
            .ThenBy(r => r.Team.Name, StringComparer.Ordinal);

    private static IEnumerable<TeamResult> Placed(CompiledEdition compiled, List<TeamResult> placed)
    {
        var group = 0;
        for (var from = 0; from < placed.Count; )
        {
            var to = from + 1;
            while (to < placed.Count && Compare(compiled, placed[from], placed[to]).Order == 0)
                to++;
            group++;

            // The two teams on either side of a line are told what drew it, where their totals are the same.
            var above = from > 0 ? Parted(compiled, placed[from - 1], placed[from]) : null;
            var below = to < placed.Count ? Parted(compiled, placed[to - 1], placed[to]) : null;
            for (var i = from; i < to; i++)
            {
                yield return placed[i] with
                {
                    Rank = compiled.Brief.Method.Places == PlaceNumbers.Standard ? from + 1 : group,
                    Sharing = to - from,
                    PartedBy = (i == from ? above : null) ?? (i == to - 1 ? below : null),
                };
            }

            from = to;
        }
    }

    private static int? Parted(CompiledEdition compiled, TeamResult one, TeamResult other) =>
        one.Total == other.Total ? Compare(compiled, one, other).By : null;

    /// <summary>Who stands before whom, and by which tie-break (−1: the bound; null: the total).</summary>
    private static (int Order, int? By) Compare(CompiledEdition compiled, TeamResult one, TeamResult other)
    {
        var better = compiled.Brief.Method.Better;
        var order = Towards(better, one.Total!.Value, other.Total!.Value);
        if (order != 0)
            return (order, null);
        order = Bounds.Preference(one.Bound, better).CompareTo(Bounds.Preference(other.Bound, better));
        if (order != 0)
            return (order, -1);
        for (var i = 0; i < compiled.TieBreaks.Count; i++)
        {
            order = Towards(compiled.TieBreaks[i].Definition.Better, one.TieBreaks[i], other.TieBreaks[i]);
            if (order != 0)
                return (order, i);
        }

        return (0, null);
    }

    private static int Towards(Better better, decimal one, decimal other) =>
        better == Better.More ? other.CompareTo(one) : one.CompareTo(other);

    /// <summary>
    /// Which of two values stands before the other; one that is there before none, and of equal ones the better bound.
    /// </summary>
    internal static int Towards(Better better, BoundedValue one, BoundedValue other)
    {
        if (!one.HasValue || !other.HasValue)
            return other.HasValue.CompareTo(one.HasValue);
        var order = Towards(better, one.Number, other.Number);
        return order != 0
            ? order
            : Bounds.Preference(one.Bound, better).CompareTo(Bounds.Preference(other.Bound, better));
    }
}
