namespace PluckyRally.Core;

/// <summary>Puts teams in order: what the class sees decides.</summary>
internal static class Ranking
{
    /// <summary>Placed teams by total, bound and tie-breaks; then the unfinished; then those that do not place.</summary>
    public static IReadOnlyList<TeamResult> Order(Playbook playbook, IReadOnlyList<TeamResult> results)
    {
        var method = playbook.Brief.Method;
        foreach (var result in results) result.TieBreaks = [.. playbook.TieBreaks.Select(t => t.Value.Compared(result.Facts))];
        var compare = Comparer<TeamResult>.Create((one, other) => Compare(playbook, one, other).Order);
        var placed = results.Where(r => r.Status == StandingStatus.Placed).OrderBy(r => r, compare).ThenBy(r => r.Team.Name, StringComparer.Ordinal).ToList();
        if (method.Ranking) GivePlaces(playbook, placed);
        return
        [
            .. placed,
            .. Others(results, StandingStatus.Unfinished, method),
            .. Others(results, StandingStatus.DidNotPlace, method),
        ];
    }

    private static IEnumerable<TeamResult> Others(IReadOnlyList<TeamResult> results, StandingStatus status, Method method) => results
        .Where(r => r.Status == status)
        .OrderBy(r => r.Total is null)
        .ThenBy(r => method.Wins == Wins.Highest ? -r.Total : r.Total)
        .ThenBy(r => r.Team.Name, StringComparer.Ordinal);

    private static void GivePlaces(Playbook playbook, List<TeamResult> placed)
    {
        var group = 0;
        for (var from = 0; from < placed.Count;)
        {
            var to = from + 1;
            while (to < placed.Count && Compare(playbook, placed[from], placed[to]).Order == 0) to++;
            group++;
            for (var i = from; i < to; i++)
            {
                placed[i].Place = playbook.Brief.Method.Places == PlaceNumbers.Standard ? from + 1 : group;
                placed[i].Sharing = to - from;
            }

            // The two teams on either side of the line are told what drew it, where their totals are the same.
            if (from > 0 && placed[from].Total == placed[from - 1].Total)
            {
                var by = Compare(playbook, placed[from - 1], placed[from]).By;
                placed[from - 1].PartedBy ??= by;
                placed[from].PartedBy ??= by;
            }

            from = to;
        }
    }

    /// <summary>Who stands before whom, and by which tie-break (−1: the bound; null: the total).</summary>
    private static (int Order, int? By) Compare(Playbook playbook, TeamResult one, TeamResult other)
    {
        var method = playbook.Brief.Method;
        var better = method.Wins == Wins.Highest ? Better.More : Better.Less;
        var order = Towards(better, one.Total!.Value, other.Total!.Value);
        if (order != 0) return (order, null);
        order = Bounds.Preference(one.Bound, better).CompareTo(Bounds.Preference(other.Bound, better));
        if (order != 0) return (order, -1);
        for (var i = 0; i < playbook.TieBreaks.Count; i++)
        {
            order = Towards(playbook.TieBreaks[i].Is.Better, one.TieBreaks[i], other.TieBreaks[i]);
            if (order != 0) return (order, i);
        }

        return (0, null);
    }

    private static int Towards(Better better, decimal one, decimal other) => better == Better.More ? other.CompareTo(one) : one.CompareTo(other);

    /// <summary>Which of two values stands before the other; one that is there before none, and of equal ones the better bound.</summary>
    private static int Towards(Better better, Worth one, Worth other)
    {
        if (!one.HasValue || !other.HasValue) return other.HasValue.CompareTo(one.HasValue);
        var order = Towards(better, one.Number, other.Number);
        return order != 0 ? order : Bounds.Preference(one.Bound, better).CompareTo(Bounds.Preference(other.Bound, better));
    }
}
