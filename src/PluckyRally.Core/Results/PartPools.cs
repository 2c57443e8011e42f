namespace PluckyRally.Core;

/// <summary>Compares the teams in one part, for the curves that need it.</summary>
internal static class PartPools
{
    /// <summary>
    /// For each team: the best value and its own place in the field. In the field are the teams that place and have a value; a team
    /// outside it is told what its value would be worth in it, and changes nothing for the others.
    /// </summary>
    public static IReadOnlyList<Pool> Of(PartPlan plan, int at, IReadOnlyList<TeamResult> results)
    {
        if (!plan.Curve.ComparesTeams) return [.. results.Select(_ => Pool.Empty)];
        var better = plan.Better;
        var values = results
            .Where(result => result.Assessment.Values[at].State == PartState.Scored)
            .ToDictionary(result => result, result => new Shown(result.Assessment.Values[at].Value, plan));
        var field = results.Where(r => values.ContainsKey(r) && InField(plan, r)).Select(r => values[r]).Order().ToList();
        var pools = results.Select(_ => Pool.Empty).ToArray();
        for (var i = 0; i < pools.Length; i++)
        {
            if (!values.TryGetValue(results[i], out var own)) continue;
            List<Shown> with = InField(plan, results[i]) ? field : [.. field.Append(own).Order()];
            var (first, end) = (Search(with, v => v.CompareTo(own) >= 0), Search(with, v => v.CompareTo(own) > 0));
            var best = with.TakeWhile(v => v.Number == with[0].Number).Select(v => v.Exact).Aggregate(better == Better.More ? Math.Max : Math.Min);
            pools[i] = new(new Worth(best), first + 1, end - first, Pool.Empty.Earlier);
        }

        RankBehind(plan, results, at, field.Count, pools);
        return pools;
    }

    /// <summary>A team that has not finished, or whose part gives failure points by a rule, sets nothing for others.</summary>
    private static bool InField(PartPlan plan, TeamResult result) =>
        result.Status == StandingStatus.Placed && PartPoints.FailedBy(plan, result.Assessment) is null;

    /// <summary>The first of sorted values for which something holds that holds for all after it.</summary>
    private static int Search(List<Shown> sorted, Func<Shown, bool> holds)
    {
        var (from, to) = (0, sorted.Count);
        while (from < to)
        {
            var middle = (from + to) / 2;
            if (holds(sorted[middle])) to = middle;
            else from = middle + 1;
        }

        return from;
    }

    /// <summary>A value as it is compared: at its shown precision, then by its bound. The better one stands before.</summary>
    private readonly record struct Shown(decimal Exact, decimal Number, int Preference) : IComparable<Shown>
    {
        public Shown(Worth value, PartPlan plan)
            : this(
                value.Number,
                (plan.Better == Better.More ? -1 : 1) * Rounding.ToDecimals(value.Number, plan.Decimals),
                Bounds.Preference(value.Bound, plan.Better))
        {
        }

        public int CompareTo(Shown other) => (Number, Preference).CompareTo((other.Number, other.Preference));
    }

    /// <summary>Teams that did not finish a relay stand behind all that did, in an order of their own.</summary>
    private static void RankBehind(PartPlan plan, IReadOnlyList<TeamResult> results, int at, int finished, Pool[] pools)
    {
        var rows = results
            .Select((result, i) => (Index: i, Key: result.Assessment.Values[at].Behind))
            .Where(row => row.Key is not null && InField(plan, results[row.Index]))
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
