using PluckyRally.Core.Readings;

namespace PluckyRally.Core.Score;

/// <summary>One numbered attempt of a design: a trial, perhaps read more than once.</summary>
/// <param name="Number">From 1.</param>
/// <param name="Trials">The trials that stand for it, in the order in which they were received; at least one.</param>
public sealed record Attempt(int Number, IReadOnlyList<Entry.TrialRecorded> Trials)
{
    /// <summary>Whether a rule that was missed in it makes it a failed one.</summary>
    internal bool FailedByRule { get; init; }

    /// <summary>
    /// Where attempts are only passed or not: whether it counts and met everything that an attempt must meet.
    /// </summary>
    internal bool DidIt { get; init; }

    /// <summary>
    /// Where attempts are only passed or not: whether something that it must meet is not answered yet.
    /// </summary>
    internal bool Unanswered { get; init; }

    /// <summary>
    /// Whether one judge counts it and another says that it failed. A judge's own last word stands for that judge.
    /// </summary>
    internal bool Disputed { get; } = IsDisputed(Trials);

    /// <summary>The ids of measures that its judges left to each other, and that nobody has read yet.</summary>
    internal IReadOnlyList<string> Unread { get; } = LeftOver(Trials);

    /// <summary>
    /// How it ended: as the last reading of it says; waiting where judges differ, or one has still to read.
    /// </summary>
    public TrialOutcome Outcome =>
        Trials[^1].Outcome switch
        {
            TrialOutcome.Counted or TrialOutcome.Failed when Disputed => TrialOutcome.Waiting,
            TrialOutcome.Counted when Unread.Count > 0 => TrialOutcome.Waiting,
            TrialOutcome.Counted when FailedByRule => TrialOutcome.Failed,
            var said => said,
        };

    /// <summary>The value of a measure: the mean where it was read more than once.</summary>
    public BoundedValue Read(Measure measure)
    {
        decimal sum = 0;
        var count = 0;
        var bound = Bound.Exact;
        for (var t = 0; t < Trials.Count; t++)
        {
            var readings = Trials[t].Readings;
            for (var r = 0; r < readings.Count; r++)
            {
                var reading = readings[r];
                if (reading.Measure != measure.Id || reading.Value is not { } value)
                    continue;
                sum += value;
                bound = Bounds.Join(bound, reading.Bound);
                count++;
            }
        }

        return count == 0
            ? BoundedValue.None(new Absence.NotRead(measure, Number))
            : new(count == 1 ? sum : sum / count, bound);
    }

    /// <summary>Whether a trial reads nothing but what the others before it left to it.</summary>
    internal bool Completes(Entry.TrialRecorded trial)
    {
        var before = Trials.TakeWhile(t => t != trial).ToList();
        var read = before.SelectMany(t => t.Readings).Select(r => r.Measure).ToHashSet(StringComparer.Ordinal);
        return before.Any(t => t.Leaves.Count > 0) && !trial.Readings.Any(r => read.Contains(r.Measure));
    }

    private static IReadOnlyList<string> LeftOver(IReadOnlyList<Entry.TrialRecorded> trials)
    {
        if (trials.All(t => t.Leaves.Count == 0))
            return [];
        var read = trials.SelectMany(t => t.Readings).Select(r => r.Measure).ToHashSet(StringComparer.Ordinal);
        return [.. trials.SelectMany(t => t.Leaves).Distinct().Where(m => !read.Contains(m))];
    }

    private static bool IsDisputed(IReadOnlyList<Entry.TrialRecorded> trials)
    {
        if (trials.Count < 2)
            return false;
        var last = trials.GroupBy(t => t.By).Select(own => own.Last().Outcome).ToList();
        return last.Contains(TrialOutcome.Counted) && last.Contains(TrialOutcome.Failed);
    }

    /// <summary>
    /// How far apart repeated readings of a measure are; null where it was read fewer than two times.
    /// </summary>
    public decimal? Spread(string measure)
    {
        var values = Trials
            .SelectMany(t => t.Readings)
            .Where(r => r.Measure == measure && r.Value is not null)
            .Select(r => r.Value!.Value)
            .ToList();
        return values.Count < 2 ? null : values.Max() - values.Min();
    }
}
