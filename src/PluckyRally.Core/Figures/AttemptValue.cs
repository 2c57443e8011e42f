namespace PluckyRally.Core;

/// <summary>What one attempt gave.</summary>
/// <param name="Outcome">How it ended, after the rules.</param>
/// <param name="Value">Its value; the failure value where it failed.</param>
/// <param name="Inputs">The values of the expression's measures; empty where it did not count.</param>
/// <param name="Source">The attempt as it was recorded.</param>
internal sealed record AttemptValue(TrialOutcome Outcome, Worth Value, Worth[] Inputs, Attempt Source)
{
    /// <summary>The attempt's number.</summary>
    public int Number => Source.Number;

    /// <summary>The entries it was read from.</summary>
    public IReadOnlyList<Guid> Entries => [.. Source.Trials.Select(t => t.Id)];

    /// <summary>What an expression gives in each attempt of a design.</summary>
    public static IReadOnlyList<AttemptValue> Of(Expression expression, Way way, DesignRecord design) =>
        [.. design.Attempts.Select(attempt => Of(expression, way, design, attempt))];

    private static AttemptValue Of(Expression expression, Way way, DesignRecord design, Attempt attempt)
    {
        if (attempt.Outcome != TrialOutcome.Counted) return new(attempt.Outcome, new Worth(way.FailureValue), [], attempt);
        var inputs = Read(expression, design, attempt);
        return new(attempt.Outcome, expression.Run(inputs), inputs, attempt);
    }

    /// <summary>The values of an expression's measures in an attempt; what is read once has its one reading.</summary>
    public static Worth[] Read(Expression expression, DesignRecord design, Attempt attempt)
    {
        var inputs = new Worth[expression.Measures.Count];
        for (var i = 0; i < inputs.Length; i++)
        {
            var measure = expression.Measures[i];
            inputs[i] = measure.Taken == Taken.Once ? design.ReadOnce(measure) : attempt.Read(measure);
        }

        return inputs;
    }
}
