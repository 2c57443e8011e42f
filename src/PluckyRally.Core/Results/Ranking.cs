namespace PluckyRally.Core;

/// <summary>Puts teams in order: what the class sees decides.</summary>
internal static class Ranking
{
    /// <summary>Placed teams by total, bound and tie-breaks; then the unfinished; then those that do not place.</summary>
    public static IReadOnlyList<TeamResult> Order(Playbook playbook, IReadOnlyList<TeamResult> results)
    {
        var method = playbook.Brief.Method;
        foreach (var result in results) result.TieBreaks = [.. playbook.TieBreaks.Select(t => Value(playbook, t.Value, result))];
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
        order = Combining.Preference(one.Bound, better).CompareTo(Combining.Preference(other.Bound, better));
        if (order != 0) return (order, -1);
        for (var i = 0; i < playbook.TieBreaks.Count; i++)
        {
            order = (one.TieBreaks[i], other.TieBreaks[i]) switch
            {
                (null, null) => 0,
                (null, _) => 1,
                (_, null) => -1,
                ({ } a, { } b) => Towards(playbook.TieBreaks[i].Is.Better, a, b),
            };
            if (order != 0) return (order, i);
        }

        return (0, null);
    }

    private static int Towards(Better better, decimal one, decimal other) => better == Better.More ? other.CompareTo(one) : one.CompareTo(other);

    /// <summary>An expression over a team's facts, at its shown precision; null where it has no value.</summary>
    internal static decimal? Value(Playbook playbook, Expression expression, TeamResult result)
    {
        var value = expression.Run(ValueReader.Inputs(expression, fact => Fact(playbook, result, fact)));
        return value.HasValue ? Rounding.ToDecimals(value.Number, expression.Plain is { } plain && PartOf(plain, result) is { } part ? part.Plan.Decimals : expression.Decimals) : null;
    }

    /// <summary>The part that is nothing but a measure; a mean of it is compared at one digit more than its readings.</summary>
    private static PartResult? PartOf(Measure measure, TeamResult result) =>
        Array.Find(result.Parts, p => p is { State: PartState.Scored, Plan: PartPlan.Measured { Expression.Plain: { } plain } } && plain.Id == measure.Id);

    /// <summary>A measure's value (as a part combines it, where a part is nothing but that measure), a part's points, or the total.</summary>
    private static Worth Fact(Playbook playbook, TeamResult result, Measure fact)
    {
        if (playbook.Measures.ContainsKey(fact.Id))
        {
            return PartOf(fact, result) is { } measured ? measured.Value.Value : ValueReader.OfDesign(fact, result.Assessment.Design);
        }

        if (fact.Id == "total") return result.Total is { } total ? new Worth(total) : Worth.None("there is no total yet");
        foreach (var part in result.Parts)
        {
            var id = part.Plan.Part.Id;
            if (fact.Id == id) return part.Points is { } points ? new Worth(points) : Worth.None("there are no points yet");
            if (!fact.Id.StartsWith(id + "_", StringComparison.Ordinal)) continue;
            var name = fact.Id[(id.Length + 1)..];
            if (name == "value") return part.State == PartState.Scored ? part.Value.Value : Worth.None("there is no value");
            for (var i = 0; i < part.Value.Facts.Count; i++)
            {
                if (part.Plan.Part.Facts[i].Name == name) return new Worth(part.Value.Facts[i]);
            }
        }

        return Worth.None("there is no value yet");
    }
}
