using PluckyRally.Core.Expressions;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Score;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Figures;

/// <summary>How several attempts become one number.</summary>
/// <param name="Combine">The way.</param>
/// <param name="Better">Which way is better, for best and worst; it does not matter where there is a mark.</param>
/// <param name="BestOf">How many a mean of the best takes, from 1.</param>
/// <param name="FailureValue">What a failed attempt counts as, where the way takes failed ones.</param>
/// <param name="Mark">The mark of a target curve: under it the nearest value is the best.</param>
internal sealed record Way(
    Combine Combine,
    Better Better,
    int BestOf = 1,
    decimal FailureValue = 0,
    decimal? Mark = null
)
{
    /// <summary>Whether failed attempts are taken, at the failure value.</summary>
    public bool TakesFailed { get; } =
        Combine is Combine.Worst or Combine.Mean or Combine.Median or Combine.Sum or Combine.First or Combine.Last;

    /// <summary>
    /// Whether what comes of it is a number between the readings, which has one digit more than they have.
    /// </summary>
    public bool IsMean => Combine is Combine.Mean or Combine.Median or Combine.BestMean;

    /// <summary>Whether what comes of it is the value of one of the attempts, and not made of several.</summary>
    public bool PicksOne => Combine is Combine.Best or Combine.Worst or Combine.First or Combine.Last;

    /// <summary>Whether more attempts alone bring more.</summary>
    public bool AddsUp => Combine is Combine.Sum or Combine.Successes;

    /// <summary>Decimals at which what comes of it is shown and compared.</summary>
    public int Decimals(Expression expression) =>
        Combine == Combine.Successes ? 0 : expression.Decimals + (expression.Plain is not null && IsMean ? 1 : 0);

    /// <summary>
    /// What comes of it as it is shown. Words that are added up are a number: a yes or no is a number of times.
    /// </summary>
    public string Show(Expression expression, BoundedValue value)
    {
        if (!value.HasValue)
            return "no value";
        if (Combine == Combine.Successes)
            return Numerals.Write(value.Number);
        return
            expression.Plain is { Kind: MeasureKind.YesNo or MeasureKind.Level } words
            && Combine is Combine.Sum or Combine.Range
            ? ReadingFormat.WithBound(
                words.Kind == MeasureKind.YesNo && Combine == Combine.Sum
                    ? English.Count(value.Number, "time")
                    : Numerals.Write(value.Number),
                value.Bound
            )
            : expression.Show(value, Decimals(expression) == expression.Decimals ? null : Decimals(expression));
    }

    /// <summary>What the attempts give together, and the numbers of those that went into it.</summary>
    public (BoundedValue Value, IReadOnlyList<int> Used) Of(IReadOnlyList<AttemptValue> attempts)
    {
        var counted = attempts.Count(a => a.Outcome == TrialOutcome.Counted);
        if (Combine == Combine.Successes)
            return (new BoundedValue(counted), []);
        if (counted == 0)
            return (BoundedValue.None(new Absence.NoneCounted()), []);
        var taken = attempts.Where(a => a.Outcome == TrialOutcome.Counted || TakesFailed).ToList();

        // What is not read yet leaves it open; a value that cannot be is another matter.
        if (taken.FirstOrDefault(a => a.Value.Absent is { NotYet: true }) is { } open)
            return (open.Value, []);
        if (Combine is Combine.Best or Combine.BestMean)
            taken = [.. taken.Where(a => a.Value.HasValue)];
        if (taken.Count == 0 || taken.Any(a => !a.Value.HasValue))
            return (attempts.First(a => !a.Value.HasValue).Value, []);
        if (Combine == Combine.BestMean && taken.Count < BestOf)
            return (BoundedValue.None(new Absence.TooFewCounted(taken.Count, BestOf)), []);

        var values = taken.Select(a => a.Value).ToList();
        return (Combined(values), [.. Used(values).Select(i => taken[i].Number)]);
    }

    /// <summary>The combined value of attempts in order of their numbers; at least one.</summary>
    public BoundedValue Combined(IReadOnlyList<BoundedValue> values) =>
        Combine switch
        {
            Combine.Best or Combine.Worst when Mark is { } mark => ByMark(values, Used(values).Single(), mark),
            Combine.Best => Better == Better.More ? Most(values) : Least(values),
            Combine.Worst => Better == Better.More ? Least(values) : Most(values),
            Combine.Sum => Fold(values, Arithmetic.Plus),
            Combine.Mean => Mean(values),
            Combine.Median => Median(values),
            Combine.First => values[0],
            Combine.Last => values[^1],
            Combine.BestMean => MeanOfBest(values),
            Combine.Successes => new BoundedValue(values.Count),
            Combine.Range => Range(values),
        };

    /// <summary>Which attempts are used, by their place in the list.</summary>
    private HashSet<int> Used(IReadOnlyList<BoundedValue> values) =>
        Combine switch
        {
            Combine.Best => [Mark is null ? First(values) : Ordered(values).First()],
            Combine.Worst => [Ordered(values).Last()],
            Combine.First => [0],
            Combine.Last => [values.Count - 1],
            Combine.BestMean => [.. Ordered(values).Take(BestOf)],
            Combine.Mean or Combine.Median or Combine.Sum or Combine.Successes or Combine.Range =>
            [
                .. Enumerable.Range(0, values.Count),
            ],
        };

    /// <summary>Joins values from the first on. A loop, since this is done for every part of every draw.</summary>
    private static BoundedValue Fold(
        IReadOnlyList<BoundedValue> values,
        Func<BoundedValue, BoundedValue, BoundedValue> join
    )
    {
        var result = values[0];
        for (var i = 1; i < values.Count; i++)
            result = join(result, values[i]);
        return result;
    }

    /// <summary>The first of the best.</summary>
    private int First(IReadOnlyList<BoundedValue> values)
    {
        var first = 0;
        for (var i = 1; i < values.Count; i++)
        {
            var order =
                Better == Better.More
                    ? values[i].Number.CompareTo(values[first].Number)
                    : values[first].Number.CompareTo(values[i].Number);
            // A number that is worse now stands behind; of equal ones the better bound stands before.
            if (
                order < 0
                || (
                    order == 0
                    && Bounds.Preference(values[i].Bound, Better) >= Bounds.Preference(values[first].Bound, Better)
                )
            )
                continue;
            first = i;
        }

        return first;
    }

    private IEnumerable<int> Ordered(IReadOnlyList<BoundedValue> values) =>
        Enumerable
            .Range(0, values.Count)
            .OrderBy(i =>
                Mark is { } at ? Math.Abs(values[i].Number - at)
                : Better == Better.More ? -values[i].Number
                : values[i].Number
            )
            .ThenBy(i => Bounds.Preference(values[i].Bound, Better));

    private static BoundedValue Mean(IReadOnlyList<BoundedValue> values) =>
        Arithmetic.Over(Fold(values, Arithmetic.Plus), new BoundedValue(values.Count));

    /// <summary>
    /// The attempt nearest to a mark, or the farthest from it. What its bound says holds only as long as it stays that:
    /// where it is bounded itself, or another one could come nearer, nothing is said.
    /// </summary>
    private BoundedValue ByMark(IReadOnlyList<BoundedValue> values, int chosen, decimal mark)
    {
        if (values.Count == 1)
            return values[0];
        var open =
            Combine == Combine.Worst
                ? values.Any(v => v.Bound != Bound.Exact)
                : values[chosen].Bound != Bound.Exact
                    || values.Any(v =>
                        v.Bound == Bound.Unclear
                        || (v.Bound == Bound.AtLeast && v.Number < mark)
                        || (v.Bound == Bound.AtMost && v.Number > mark)
                    );
        return open ? values[chosen] with { Bound = Bound.Unclear } : values[chosen];
    }

    /// <summary>
    /// The mean of the best. Under a mark a bound of another one says nothing where its true value could be among them.
    /// </summary>
    private BoundedValue MeanOfBest(IReadOnlyList<BoundedValue> values)
    {
        var order = Ordered(values).ToList();
        if (Mark is null)
            return Exact(values)
                ? Mean([.. order.Take(BestOf).Select(i => values[i])])
                : ValueRange.Hull(values, ends => End.Mean([.. Best(ends).Take(BestOf)]));
        var mean = Mean([.. order.Take(BestOf).Select(i => values[i])]);
        return order.Skip(BestOf).Any(i => values[i].Bound != Bound.Exact) ? mean with { Bound = Bound.Unclear } : mean;
    }

    private IEnumerable<End> Best(IReadOnlyList<End> ends) =>
        Better == Better.More ? ends.OrderDescending() : ends.Order();

    private static bool Exact(IReadOnlyList<BoundedValue> values)
    {
        for (var i = 0; i < values.Count; i++)
            if (values[i].Bound != Bound.Exact)
                return false;
        return true;
    }

    private static BoundedValue Most(IReadOnlyList<BoundedValue> values) =>
        Exact(values) ? Fold(values, Arithmetic.Max) : ValueRange.Hull(values, ValueRange.Most);

    private static BoundedValue Least(IReadOnlyList<BoundedValue> values) =>
        Exact(values) ? Fold(values, Arithmetic.Min) : ValueRange.Hull(values, ValueRange.Least);

    /// <summary>Largest less smallest: nothing where all may be the same.</summary>
    private static BoundedValue Range(IReadOnlyList<BoundedValue> values)
    {
        if (values.Count == 1)
            return new(0);
        var ranges = values.Select(ValueRange.Of).ToList();
        var (mostOfLow, leastOfHigh) = (ranges.Max(r => r.Low), ranges.Min(r => r.High));
        return ValueRange.Between(
            values.Max(v => v.Number) - values.Min(v => v.Number),
            Math.Max(0, (mostOfLow - leastOfHigh) ?? 0),
            ranges.Exists(r => r.High is null || r.Low is null)
                ? null
                : ranges.Max(r => r.High) - ranges.Min(r => r.Low)
        );
    }

    private static BoundedValue Median(IReadOnlyList<BoundedValue> values) =>
        Exact(values)
            ? new(Middle([.. values.Select(v => new End(v.Number, 0))]).Number)
            : ValueRange.Hull(values, Middle);

    private static End Middle(IReadOnlyList<End> ends)
    {
        var sorted = ends.Order().ToList();
        return End.Middle(sorted[(sorted.Count - 1) / 2], sorted[sorted.Count / 2]);
    }
}
