using System.Text.Json.Serialization;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Problems;

namespace PluckyRally.Core.Score;

[JsonDerivedType(typeof(TargetSet), "targetSet")]
public abstract partial record Entry
{
    /// <summary>
    /// A team set itself a target, or the class was set one; the last word stands, and a team's own outweighs the
    /// class's.
    /// </summary>
    public sealed record TargetSet : Entry
    {
        /// <summary>The target's id.</summary>
        public required string Target { get; init; }

        /// <summary>
        /// What is to be reached, written as a reading would be; empty where the target is taken back.
        /// </summary>
        public required string Amount { get; init; }

        internal override bool IsTeachers => false;

        internal override bool MayBeOfClass => true;

        internal override bool MayBeOfReference => false;

        internal override bool BeginsRound => false;

        internal override Entry Understand(CompiledEdition compiled, IReadOnlyList<Team> teams, ProblemCollector found)
        {
            var plan = compiled.Targets.FirstOrDefault(t => t.Definition.Id == Target);
            found.Unless(
                plan is not null,
                "/target",
                "There is no such target in this brief.",
                compiled.Targets.Count > 0
                    ? ProblemCollector.UseOneOf(compiled.Targets.Select(t => t.Definition.Name))
                    : "Leave it out."
            );
            if (Amount.Length > 0)
                plan?.Value.ReadAmount(Amount, "/amount", found);
            return this;
        }

        internal override string Say(CompiledEdition compiled, int? attempt)
        {
            var name = compiled.Targets.FirstOrDefault(t => t.Definition.Id == Target)?.Definition.Name ?? Target;
            return Amount.Length > 0 ? $"{name}: set out for {Amount}" : $"{name}: removed";
        }
    }
}
