namespace PluckyRally.Core;

/// <summary>Compares the teams in one part, for the curves that need it.</summary>
internal static class PartPools
{
    /// <summary>For each team: the best value and its own place, among the teams that place and have a value.</summary>
    public static IReadOnlyList<Pool> Of(PartPlan plan, int at, IReadOnlyList<TeamResult> results)
    {
        if (plan is not PartPlan.Measured { Is.Curve.ComparesTeams: true } measured) return [.. results.Select(_ => Pool.Empty)];
        var better = measured.Is.Better;
        var rows = results
            .Select((result, i) => (Index: i, Value: result.Assessment.Values[at]))
            .Where(row => row.Value.State == PartState.Scored && results[row.Index].Status != StandingStatus.DidNotPlace)
            .Select(row => (row.Index, row.Value.Value, Shown: Rounding.ToDecimals(row.Value.Value.Number, measured.Decimals)))
            .OrderBy(row => better == Better.More ? -row.Shown : row.Shown)
            .ThenBy(row => Combining.Preference(row.Value.Bound, better))
            .ToList();

        var pools = results.Select(_ => Pool.Empty).ToArray();
        if (rows.Count == 0) return pools;
        var best = better == Better.More ? rows.Max(r => r.Value.Number) : rows.Min(r => r.Value.Number);
        for (var from = 0; from < rows.Count;)
        {
            var to = from + 1;
            while (to < rows.Count && Ties(rows[to], rows[from])) to++;
            for (var i = from; i < to; i++) pools[rows[i].Index] = new(new Worth(best), from + 1, to - from, Pool.Empty.Earlier);
            from = to;
        }

        // A team that does not place is still told what its value would be worth beside the best.
        for (var i = 0; i < pools.Length; i++) pools[i] = pools[i] with { Best = new Worth(best) };
        return pools;

        bool Ties((int Index, Worth Value, decimal Shown) one, (int Index, Worth Value, decimal Shown) other) =>
            one.Shown == other.Shown && Combining.Preference(one.Value.Bound, better) == Combining.Preference(other.Value.Bound, better);
    }
}
