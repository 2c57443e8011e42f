using PluckyRally.Core.Expressions;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Score;

namespace PluckyRally.Core.Figures;

/// <summary>What one attempt gave.</summary>
/// <param name="Outcome">How it ended, after the rules.</param>
/// <param name="Value">Its value; the failure value where it failed.</param>
/// <param name="Inputs">The values of the expression's measures; empty where it did not count.</param>
/// <param name="Source">The attempt as it was recorded.</param>
internal sealed record AttemptValue(TrialOutcome Outcome, BoundedValue Value, BoundedValue[] Inputs, Attempt Source)
{
    /// <summary>The attempt's number.</summary>
    public int Number => Source.Number;

    /// <summary>The entries it was read from.</summary>
    public IReadOnlyList<EntryId> Entries => [.. Source.Trials.Select(t => t.Id)];

    /// <summary>What an expression over measures gives in each attempt of a design.</summary>
    public static IReadOnlyList<AttemptValue> Of(Expression expression, Way way, DesignRecord design) =>
        [
            .. design.Attempts.Select(attempt =>
                attempt.Outcome == TrialOutcome.Counted
                    ? Counted(expression, design, attempt)
                    : NotCounted(way, attempt)
            ),
        ];

    /// <summary>What an expression over figures gives in each attempt of a design.</summary>
    public static IReadOnlyList<AttemptValue> Of(FigureExpression expression, Way way, DesignRecord design) =>
        [
            .. design.Attempts.Select(attempt =>
                attempt.Outcome == TrialOutcome.Counted
                    ? new(attempt.Outcome, expression.InAttempt(design, attempt), [], attempt)
                    : NotCounted(way, attempt)
            ),
        ];

    private static AttemptValue Counted(Expression expression, DesignRecord design, Attempt attempt)
    {
        var inputs = new BoundedValue[expression.Measures.Count];
        for (var i = 0; i < inputs.Length; i++)
            inputs[i] = design.Read(expression.Measures[i], attempt);
        return new(attempt.Outcome, expression.Run(inputs), inputs, attempt);
    }

    private static AttemptValue NotCounted(Way way, Attempt attempt) =>
        new(attempt.Outcome, new BoundedValue(way.FailureValue), [], attempt);
}
