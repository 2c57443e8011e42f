namespace PluckyRally.Core;

/// <summary>Finds the values of expressions in what was recorded.</summary>
internal static class ValueReader
{
    /// <summary>The value in one attempt; measures taken once have their one reading.</summary>
    public static Worth InAttempt(Expression expression, DesignRecord design, Attempt attempt) =>
        expression.Run(Inputs(expression, m => m.Taken == Taken.Once ? design.ReadOnce(m) : attempt.Read(m)));

    /// <summary>The value for the whole design: every measure taken in attempts at its best.</summary>
    public static Worth OfDesign(Expression expression, DesignRecord design) =>
        expression.Run(Inputs(expression, m => OfDesign(m, design)));

    /// <summary>The values of an expression's measures.</summary>
    public static Worth[] Inputs(Expression expression, Func<Measure, Worth> read)
    {
        var inputs = new Worth[expression.Measures.Count];
        for (var i = 0; i < inputs.Length; i++) inputs[i] = read(expression.Measures[i]);
        return inputs;
    }

    /// <summary>A measure's one reading, or its best counted attempt.</summary>
    public static Worth OfDesign(Measure measure, DesignRecord design)
    {
        if (measure.Taken == Taken.Once) return design.ReadOnce(measure);
        var counted = design.Attempts.Where(a => a.Outcome == TrialOutcome.Counted).Select(a => a.Read(measure)).Where(w => w.HasValue).ToList();
        return counted.Count == 0
            ? Worth.None("there is no counted attempt")
            : counted.Aggregate(measure.Better == Better.Less ? Arithmetic.Min : Arithmetic.Max);
    }
}
