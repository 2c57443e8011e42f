using System.Text.Json.Serialization;
using PluckyRally.Core.Figures;
using PluckyRally.Core.Parts;
using PluckyRally.Core.Problems;

namespace PluckyRally.Core.Briefs;

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
