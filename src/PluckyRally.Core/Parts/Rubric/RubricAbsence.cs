namespace PluckyRally.Core;

public abstract partial record Absence
{
    /// <summary>A criterion has not been judged.</summary>
    /// <param name="Criterion">The criterion.</param>
    public sealed record NotJudged(RubricCriterion Criterion) : Open
    {
        /// <inheritdoc/>
        public override string Say() => $"{Criterion.Name} has not been judged yet";
    }
}
