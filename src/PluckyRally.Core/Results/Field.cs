using PluckyRally.Core.Ids;
using PluckyRally.Core.Parts;
using PluckyRally.Core.Readings;

namespace PluckyRally.Core.Results;

/// <summary>
/// The values that teams are compared with in one part, for the curves that compare them. In the field is what could
/// place; who is outside it is told what its value would be worth in it, and changes nothing for the others. A team is
/// compared with the others only, never with another design of its own.
/// </summary>
internal sealed class Field
{
    private readonly PartPlan _plan;
    private readonly Dictionary<TeamId, Standing> _own = [];
    private readonly List<Standing> _sorted = [];
    private readonly List<(TeamId Team, decimal Value)> _best = [];

    private Field(PartPlan plan) => _plan = plan;

    /// <summary>The field of a part.</summary>
    /// <param name="plan">The part.</param>
    /// <param name="at">Its place in the method.</param>
    /// <param name="designs">For each team the designs that may show its value: the best of those that could place is
    /// taken.</param>
    public static Field Of(PartPlan plan, int at, IEnumerable<(TeamId Team, IEnumerable<Assessment> Designs)> designs)
    {
        var field = new Field(plan);
        if (!plan.Curve.ComparesTeams)
            return field;
        foreach (var (team, all) in designs)
        {
            foreach (var design in all)
            {
                if (design.Status != StandingStatus.Placed || PartPoints.FailedBy(plan, design) is not null)
                    continue;
                if (Standing.Of(design.Values[at], plan) is not { } stands)
                    continue;
                if (!field._own.TryGetValue(team, out var known) || stands.CompareTo(known) < 0)
                    field._own[team] = stands;
            }
        }

        field._sorted.AddRange(field._own.Values.Order());
        var values = field._own.Where(o => o.Value.Value is not null).Select(o => (o.Key, o.Value.Value!.Value));
        field._best.AddRange(
            (plan.Better == Better.More ? values.OrderByDescending(v => v.Value) : values.OrderBy(v => v.Value)).Take(2)
        );
        return field;
    }

    /// <summary>
    /// What a value of a team is compared with: the best of it and the others, and its place among them.
    /// </summary>
    /// <param name="team">The team's id.</param>
    /// <param name="value">The part's value for one of its designs.</param>
    /// <param name="earlier">The team's value in the round before.</param>
    public Pool PoolOf(TeamId team, PartValue value, BoundedValue earlier)
    {
        if (!_plan.Curve.ComparesTeams || Standing.Of(value, _plan) is not { } own)
            return Pool.Empty with { Earlier = earlier };
        var (before, upTo) = (Search(v => v.CompareTo(own) >= 0), Search(v => v.CompareTo(own) > 0));
        if (_own.TryGetValue(team, out var mine))
        {
            if (mine.CompareTo(own) < 0)
                before--;
            if (mine.CompareTo(own) <= 0)
                upTo--;
        }

        var others = _best.Where(b => b.Team != team).Select(b => b.Value).Take(1);
        var all = own.Value is { } number ? others.Append(number) : others;
        var best = all.Any() ? new BoundedValue(_plan.Better == Better.More ? all.Max() : all.Min()) : Pool.Empty.Best;
        return new(best, before + 1, upTo - before + 1, _sorted.Count + (_own.ContainsKey(team) ? 0 : 1), earlier);
    }

    /// <summary>The first of the sorted values for which something holds that holds for all after it.</summary>
    private int Search(Func<Standing, bool> holds)
    {
        var (from, to) = (0, _sorted.Count);
        while (from < to)
        {
            var middle = (from + to) / 2;
            if (holds(_sorted[middle]))
                to = middle;
            else
                from = middle + 1;
        }

        return from;
    }

    /// <summary>
    /// How a value stands: those that have one by it, at its shown precision, then by its bound; behind them those that
    /// did not finish a relay, in an order of their own. The better one stands before.
    /// </summary>
    private readonly record struct Standing(int Group, decimal First, decimal Second, decimal? Value)
        : IComparable<Standing>
    {
        public static Standing? Of(PartValue value, PartPlan plan) =>
            value switch
            {
                { State: PartState.Scored, Value: var worth } => new(
                    0,
                    (plan.Better == Better.More ? -1 : 1) * Rounding.ToDecimals(worth.Number, plan.Decimals),
                    Bounds.Preference(worth.Bound, plan.Better),
                    worth.Number
                ),
                { StoppedOrder: [var first, var second] } => new(1, first, second, null),
                _ => null,
            };

        public int CompareTo(Standing other) =>
            (Group, First, Second).CompareTo((other.Group, other.First, other.Second));
    }
}
