using PluckyRally.Core.Briefs;
using PluckyRally.Core.Score;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Results;

internal abstract partial record AttemptFate
{
    /// <summary>
    /// What became of it as a clause that goes on from "attempt 2": "does not count: missed “Stays dry”".
    /// </summary>
    /// <param name="compiled">The edition that it was made under.</param>
    public abstract string Say(CompiledEdition compiled);

    public sealed partial record Counts
    {
        /// <inheritdoc/>
        public override string Say(CompiledEdition compiled) =>
            (compiled.PassedOrNot, Missed.Count) switch
            {
                (true, 0) => "did it",
                (true, _) when Missed.Any(o => o.Rule.MustInAttempt) => "missed " + Quoted(Missed),
                (true, _) => "did it, missed " + Quoted(Missed),
                (false, 0) => "counts",
                (false, _) => "counts, missed " + Quoted(Missed),
            };
    }

    public sealed partial record DoesNotCount
    {
        /// <inheritdoc/>
        public override string Say(CompiledEdition compiled) => "does not count: missed " + Quoted(Missed);
    }

    public sealed partial record Failed
    {
        /// <inheritdoc/>
        public override string Say(CompiledEdition compiled) => Reason.Length > 0 ? $"failed: {Reason}" : "failed";
    }

    public sealed partial record Undecided
    {
        /// <inheritdoc/>
        public override string Say(CompiledEdition compiled) =>
            Attempt.Disputed
                ? "needs a decision: one judge counts it, another says that it failed"
                : "needs a decision";
    }

    public sealed partial record PartlyRead
    {
        /// <inheritdoc/>
        public override string Say(CompiledEdition compiled) =>
            "waiting for "
            + English.List([
                .. Attempt.Unread.Select(id =>
                    compiled.Brief.Measures.FirstOrDefault(m => m.Id == id)?.InSentence ?? id
                ),
            ]);
    }

    public sealed partial record Unanswered
    {
        /// <inheritdoc/>
        public override string Say(CompiledEdition compiled) =>
            For.Any(o => o.Disputed)
                ? "needs a decision: judges differ on " + Quoted([.. For.Where(o => o.Disputed)])
                : "waiting for an answer: " + Quoted(For);
    }

    /// <summary>
    /// What a team did where attempts are only passed or not: "did it in 2 of 3 attempts"; empty while that is not
    /// known.
    /// </summary>
    public static string SayDone(DesignRecord design)
    {
        var did = design.Attempts.Count(a => a.DidIt);
        return (design.Made, did) switch
        {
            (0, _) => "",
            (_, 0) when design.Attempts.Any(a => a.Unanswered || a.Outcome == TrialOutcome.Waiting) => "",
            (1, 1) => "did it in its first attempt",
            (1, _) => "not yet in its first attempt",
            (var made, 0) => $"not yet in {made} attempts",
            (var made, _) when made == did => $"did it in all {made} attempts",
            (var made, _) => $"did it in {did} of {made} attempts",
        };
    }

    /// <summary>What is said of an attempt beyond those that the brief allows.</summary>
    public static string SayTooMany(Trials trials) =>
        trials.Attempts == 1
            ? "does not count: there is one attempt"
            : $"does not count: there are {trials.Attempts} attempts";

    /// <summary>Each rule in quotes, with what was found where something was measured.</summary>
    private static string Quoted(IReadOnlyList<RuleOutcome> rules) =>
        English.List([
            .. rules.Select(o =>
                o.Found?.SayValue() is { Length: > 0 } found ? $"“{o.Rule.Text}” ({found})" : $"“{o.Rule.Text}”"
            ),
        ]);
}
