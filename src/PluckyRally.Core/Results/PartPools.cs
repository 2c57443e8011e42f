namespace PluckyRally.Core;

/// <summary>Compares the teams in one part, for the curves that need it.</summary>
internal static class PartPools
{
    /// <summary>For each team: the best value and its own place, among the teams that place and have a value.</summary>
    public static IReadOnlyList<Pool> Of(PartPlan plan, int at, IReadOnlyList<TeamResult> results)
    {
        if (!plan.Curve.ComparesTeams) return [.. results.Select(_ => Pool.Empty)];
        var better = plan.Better;
        var rows = results
            .Select((result, i) => (Index: i, Value: result.Assessment.Values[at]))
            .Where(row => row.Value.State == PartState.Scored && results[row.Index].Status != StandingStatus.DidNotPlace)
            .Select(row => (row.Index, row.Value.Value, Shown: Rounding.ToDecimals(row.Value.Value.Number, plan.Decimals)))
            .OrderBy(row => better == Better.More ? -row.Shown : row.Shown)
            .ThenBy(row => Combining.Preference(row.Value.Bound, better))
            .ToList();

        var pools = results.Select(_ => Pool.Empty).ToArray();
        if (rows.Count == 0)
        {
            RankBehind(results, at, 0, pools);
            return pools;
        }

        var best = better == Better.More ? rows.Max(r => r.Value.Number) : rows.Min(r => r.Value.Number);
        for (var from = 0; from < rows.Count;)
        {
            var to = from + 1;
            while (to < rows.Count && Ties(rows[to], rows[from])) to++;
            for (var i = from; i < to; i++) pools[rows[i].Index] = new(new Worth(best), from + 1, to - from, Pool.Empty.Earlier);
            from = to;
        }

        RankBehind(results, at, rows.Count, pools);

        // A team that does not place is still told what its value would be worth beside the best.
        for (var i = 0; i < pools.Length; i++) pools[i] = pools[i] with { Best = new Worth(best) };
        return pools;

        bool Ties((int Index, Worth Value, decimal Shown) one, (int Index, Worth Value, decimal Shown) other) =>
            one.Shown == other.Shown && Combining.Preference(one.Value.Bound, better) == Combining.Preference(other.Value.Bound, better);
    }

    /// <summary>Teams that did not finish a relay stand behind all that did, in an order of their own.</summary>
    private static void RankBehind(IReadOnlyList<TeamResult> results, int at, int finished, Pool[] pools)
    {
        var rows = results
            .Select((result, i) => (Index: i, Key: result.Assessment.Values[at].Behind))
            .Where(row => row.Key is not null && results[row.Index].Status != StandingStatus.DidNotPlace)
            .Select(row => (row.Index, First: row.Key![0], Second: row.Key[1]))
            .OrderBy(row => (row.First, row.Second))
            .ToList();
        foreach (var row in rows)
        {
            var before = rows.Count(r => (r.First, r.Second).CompareTo((row.First, row.Second)) < 0);
            var tied = rows.Count(r => (r.First, r.Second) == (row.First, row.Second));
            pools[row.Index] = new(Pool.Empty.Best, finished + before + 1, tied, Pool.Empty.Earlier);
        }
    }
}
