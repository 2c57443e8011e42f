namespace PluckyRally.Core;

/// <summary>Works out the value of a measured part for a design.</summary>
internal static class MeasuredScore
{
    /// <summary>The part's value.</summary>
    /// <param name="plan">The part.</param>
    /// <param name="trials">How the brief tests.</param>
    /// <param name="design">What was recorded.</param>
    public static PartValue Value(PartPlan.Measured plan, Trials trials, DesignRecord design)
    {
        var onlyOnce = plan.Expression.Measures.Count > 0 && plan.Expression.Measures.All(m => m.Taken == Taken.Once);
        if (onlyOnce || plan.Expression.Measures.Count == 0) return Once(plan, design);

        var attempts = design.Attempts.Select(made => Attempt(plan, design, made)).ToList();
        if (design.Waits(trials) is { } waits) return PartValue.Unfinished(waits, attempts);
        if (plan.Is.Combine == Combine.Successes)
            return new(PartState.Scored, new Worth(attempts.Count(a => a.Outcome == TrialOutcome.Counted)), attempts);
        if (attempts.All(a => a.Outcome != TrialOutcome.Counted)) return new(PartState.NoSuccess, Worth.None("no attempt counted"), attempts);
        return plan.Is.Work == Work.EachAttempt ? EachAttempt(plan, attempts) : Combined(plan, design, attempts);
    }

    private static PartValue Once(PartPlan.Measured plan, DesignRecord design)
    {
        var inputs = ValueReader.Inputs(plan.Expression, design.ReadOnce);
        if (inputs.FirstOrDefault(i => !i.HasValue) is { Missing: { } why }) return PartValue.Unfinished(why);
        var value = plan.Expression.Run(inputs);
        return new(value.HasValue ? PartState.Scored : PartState.NoValue, value, [], inputs);
    }

    private static AttemptValue Attempt(PartPlan.Measured plan, DesignRecord design, Attempt attempt)
    {
        if (attempt.Outcome != TrialOutcome.Counted) return new(attempt.Outcome, new Worth(plan.Is.FailureValue ?? 0), [], attempt);
        var measures = plan.Expression.Measures;
        var inputs = new Worth[measures.Count];
        for (var i = 0; i < inputs.Length; i++) inputs[i] = measures[i].Taken == Taken.Once ? design.ReadOnce(measures[i]) : attempt.Read(measures[i]);
        return new(attempt.Outcome, plan.Expression.Run(inputs), inputs, attempt);
    }

    private static PartValue EachAttempt(PartPlan.Measured plan, IReadOnlyList<AttemptValue> attempts)
    {
        var part = plan.Is;
        var taken = attempts.Where(a => a.Outcome == TrialOutcome.Counted || Combining.TakesFailed(part.Combine)).ToList();

        // A reading that is not there yet leaves the team unfinished; a value that cannot be is another matter.
        if (NotYetRead(taken) is { } notYet) return PartValue.Unfinished(notYet, attempts);
        if (part.Combine is Combine.Best or Combine.BestMean) taken = [.. taken.Where(a => a.Value.HasValue)];
        if (taken.Count == 0 || taken.Any(a => !a.Value.HasValue))
            return new(PartState.NoValue, attempts.First(a => !a.Value.HasValue).Value, attempts);
        if (part.Combine == Combine.BestMean && taken.Count < part.BestOf)
            return PartValue.Unfinished($"{taken.Count} counted attempts, and the mean of the best {part.BestOf} needs {part.BestOf}", attempts);

        var worths = taken.Select(a => a.Value).ToList();
        return new(PartState.Scored, Combining.Combined(part.Combine, part.Better, part.BestOf ?? 1, worths, plan.Mark), attempts)
        {
            Used = [.. Combining.Used(part.Combine, part.Better, part.BestOf ?? 1, worths, plan.Mark).Select(i => taken[i].Number)],
        };
    }

    private static string? NotYetRead(List<AttemptValue> attempts)
    {
        foreach (var attempt in attempts)
        {
            foreach (var input in attempt.Inputs)
            {
                if (!input.HasValue) return input.Missing;
            }
        }

        return null;
    }

    private static PartValue Combined(PartPlan.Measured plan, DesignRecord design, IReadOnlyList<AttemptValue> attempts)
    {
        var part = plan.Is;
        var inputs = ValueReader.Inputs(plan.Expression, measure =>
        {
            if (measure.Taken == Taken.Once) return design.ReadOnce(measure);
            var better = measure.Better ?? part.Better;
            var read = new List<Worth>();
            foreach (var attempt in attempts)
            {
                if (attempt.Outcome == TrialOutcome.Counted) read.Add(design.Attempts.First(a => a.Number == attempt.Number).Read(measure));
                else if (Combining.TakesFailed(part.Combine)) read.Add(new Worth(measure.FailureValue ?? 0));
            }

            if (read.FirstOrDefault(r => !r.HasValue) is { Missing: not null } missing) return missing;
            return part.Combine == Combine.BestMean && read.Count < part.BestOf
                ? Worth.None($"{read.Count} counted attempts, and the mean of the best {part.BestOf} needs {part.BestOf}")
                : Combining.Combined(part.Combine, better, part.BestOf ?? 1, read, plan.Expression.Plain is null ? null : plan.Mark);
        });
        if (inputs.FirstOrDefault(i => !i.HasValue) is { Missing: { } why }) return PartValue.Unfinished(why, attempts);
        var value = plan.Expression.Run(inputs);
        return new(value.HasValue ? PartState.Scored : PartState.NoValue, value, attempts, inputs)
        {
            Used = [.. attempts.Where(a => a.Outcome == TrialOutcome.Counted).Select(a => a.Number)],
        };
    }
}
