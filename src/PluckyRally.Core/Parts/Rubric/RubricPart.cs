using System.Text.Json.Serialization;

namespace PluckyRally.Core;

[JsonDerivedType(typeof(Rubric), "rubric")]
public abstract partial record Part
{
    /// <summary>Criteria with levels, judged by the teacher, by other teams or by the team itself.</summary>
    public sealed record Rubric : Part
    {
        /// <summary>What is judged.</summary>
        public IReadOnlyList<RubricCriterion> Criteria { get; init; } = [];

        /// <summary>Whose word counts.</summary>
        public RubricVoice Voice { get; init; }

        /// <summary>
        /// Where several judges judge one thing: their mean, what they agree on, or the last word. The words of teams
        /// are always a mean.
        /// </summary>
        public RubricJudges Judges { get; init; }

        /// <summary>Whether several judges have to give the same level.</summary>
        internal bool IsAgreed => this is { Voice: RubricVoice.Teacher, Judges: RubricJudges.Agree };

        /// <summary>Whether of several judges the last one alone counts.</summary>
        internal bool IsLastWord => this is { Voice: RubricVoice.Teacher, Judges: RubricJudges.Last };

        /// <inheritdoc/>
        internal override IEnumerable<TierField> Inner =>
            [
                .. Criteria.SelectMany(c =>
                    c.Levels.Select((_, i) => TierField.Number($"/criteria/{c.Id}/levels/{i}/points"))
                ),
            ];

        /// <inheritdoc/>
        internal override PartPlan? Ready(Brief brief, ProblemCollector found) => PartPlan.Rubric.Make(this, found);

        /// <inheritdoc/>
        internal override IReadOnlyList<PartFact> Facts =>
            [.. Criteria.Select(c => new PartFact($"criteria.{c.Id}", c.Name, 0.001m))];
    }
}

/// <summary>What counts where several judges judge one thing.</summary>
public enum RubricJudges
{
    /// <summary>The mean of their words; the same person corrects.</summary>
    Mean,

    /// <summary>The last word.</summary>
    Last,

    /// <summary>What they all say; as long as they differ, the criterion waits.</summary>
    Agree,
}

/// <summary>Whose word counts in a rubric.</summary>
public enum RubricVoice
{
    /// <summary>The teacher's or a judge's.</summary>
    Teacher,

    /// <summary>The mean of the other teams' words; a team's word about itself is left out.</summary>
    Peers,

    /// <summary>The team's own.</summary>
    Self,
}

/// <summary>Something judged by levels.</summary>
public sealed record RubricCriterion
{
    /// <summary>Names the criterion in entries.</summary>
    public required string Id { get; init; }

    /// <summary>What it is called.</summary>
    public string Name { get; init; } = "";

    /// <summary>The levels, lowest first.</summary>
    public IReadOnlyList<RubricLevel> Levels { get; init; } = [];
}

/// <summary>A level of a criterion.</summary>
/// <param name="Name">What it is called, in words.</param>
/// <param name="Points">What it gives.</param>
public sealed record RubricLevel(string Name, decimal Points);
