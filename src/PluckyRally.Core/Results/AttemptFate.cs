using PluckyRally.Core.Briefs;
using PluckyRally.Core.Score;

namespace PluckyRally.Core.Results;

/// <summary>What became of an attempt.</summary>
/// <param name="Attempt">The attempt.</param>
internal abstract partial record AttemptFate(Attempt Attempt)
{
    /// <summary>It counts.</summary>
    /// <param name="Attempt">The attempt.</param>
    /// <param name="Missed">What it missed anyway, in the brief's order.</param>
    public sealed partial record Counts(Attempt Attempt, IReadOnlyList<RuleOutcome> Missed) : AttemptFate(Attempt)
    {
        /// <inheritdoc/>
        public override AttemptEnd End => AttemptEnd.Counts;
    }

    /// <summary>It does not count, because of what it missed.</summary>
    /// <param name="Attempt">The attempt.</param>
    /// <param name="Missed">What it missed, in the brief's order; at least one.</param>
    public sealed partial record DoesNotCount(Attempt Attempt, IReadOnlyList<RuleOutcome> Missed) : AttemptFate(Attempt)
    {
        /// <inheritdoc/>
        public override AttemptEnd End => AttemptEnd.DoesNotCount;
    }

    /// <summary>A judge says that it failed.</summary>
    /// <param name="Attempt">The attempt.</param>
    /// <param name="Reason">Why; may be empty.</param>
    public sealed partial record Failed(Attempt Attempt, string Reason) : AttemptFate(Attempt)
    {
        /// <inheritdoc/>
        public override AttemptEnd End => AttemptEnd.Failed;
    }

    /// <summary>Somebody still has to look at it, or judges have to agree.</summary>
    /// <param name="Attempt">The attempt.</param>
    public sealed partial record Undecided(Attempt Attempt) : AttemptFate(Attempt)
    {
        /// <inheritdoc/>
        public override AttemptEnd End => AttemptEnd.Waiting;
    }

    /// <summary>It waits for what another judge reads.</summary>
    /// <param name="Attempt">The attempt.</param>
    public sealed partial record PartlyRead(Attempt Attempt) : AttemptFate(Attempt)
    {
        /// <inheritdoc/>
        public override AttemptEnd End => AttemptEnd.Waiting;
    }

    /// <summary>It waits for an answer to what must be said of every attempt.</summary>
    /// <param name="Attempt">The attempt.</param>
    /// <param name="For">What has still to be answered; at least one.</param>
    public sealed partial record Unanswered(Attempt Attempt, IReadOnlyList<RuleOutcome> For) : AttemptFate(Attempt)
    {
        /// <inheritdoc/>
        public override AttemptEnd End => AttemptEnd.Waiting;
    }

    /// <summary>How it ended, in short.</summary>
    public abstract AttemptEnd End { get; }

    /// <summary>What became of an attempt.</summary>
    /// <param name="attempt">The attempt, by its rules counted or failed.</param>
    /// <param name="byAttempt">How the rules came out in each attempt; others are passed over.</param>
    public static AttemptFate Of(Attempt attempt, IReadOnlyList<RuleOutcome> byAttempt)
    {
        var own = byAttempt.Where(o => o.Attempt == attempt.Number).ToList();
        List<RuleOutcome> missed = [.. own.Where(o => o.State == RuleState.Missed)];
        List<RuleOutcome> open =
        [
            .. own.Where(o => o is { State: RuleState.ToCheck, Rule.HoldsUp: true } or { Disputed: true }),
        ];
        return attempt.Outcome switch
        {
            TrialOutcome.Failed when attempt.FailedByRule => new DoesNotCount(
                attempt,
                [.. missed.Where(o => o.Rule.IfMissed is Consequence.AttemptDoesNotCount)]
            ),
            TrialOutcome.Failed or TrialOutcome.Void => new Failed(attempt, attempt.Trials[^1].Reason),
            TrialOutcome.Waiting when attempt is { Disputed: false, Unread.Count: > 0 } => new PartlyRead(attempt),
            TrialOutcome.Waiting => new Undecided(attempt),
            TrialOutcome.Counted when open.Count > 0 => new Unanswered(attempt, open),
            TrialOutcome.Counted => new Counts(attempt, missed),
        };
    }

    /// <summary>
    /// The attempt with a mark whether it did it: it counts, and met everything that an attempt must.
    /// </summary>
    public static Attempt Marked(Attempt attempt, IReadOnlyList<RuleOutcome> byAttempt)
    {
        var fate = Of(attempt, byAttempt);
        return attempt with
        {
            DidIt = fate is Counts counts && !counts.Missed.Any(o => o.Rule.MustInAttempt),
            Unanswered = fate is Unanswered,
        };
    }
}

/// <summary>How an attempt ended.</summary>
public enum AttemptEnd
{
    /// <summary>It counts.</summary>
    Counts,

    /// <summary>It does not count, because it missed what every attempt must meet, or is one too many.</summary>
    DoesNotCount,

    /// <summary>It failed.</summary>
    Failed,

    /// <summary>It is void, and made again.</summary>
    Void,

    /// <summary>Something has still to be said of it.</summary>
    Waiting,
}
