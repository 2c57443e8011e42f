using PluckyRally.Core.Parts;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Readings;

public abstract partial record Absence
{
    /// <summary>A criterion has not been judged.</summary>
    /// <param name="Criterion">The criterion.</param>
    public sealed record NotJudged(RubricCriterion Criterion) : Open
    {
        /// <inheritdoc/>
        public override string Say() => $"“{Criterion.Name}” has not been judged yet";
    }

    /// <summary>Judges who have to agree on a criterion gave it different levels.</summary>
    /// <param name="Criterion">The criterion.</param>
    /// <param name="Given">Who gave which level, in words; a name is empty where it is not known.</param>
    public sealed record LevelsDiffer(RubricCriterion Criterion, IReadOnlyList<(string By, string Level)> Given) : Open
    {
        /// <inheritdoc/>
        public override string Say() =>
            $"the judges have to agree on {Criterion.Name}: "
            + English.List([.. Given.Select(g => $"{(g.By.Length > 0 ? g.By : "somebody")} says “{g.Level}”")]);
    }
}
