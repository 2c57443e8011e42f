using System.Text.Json.Serialization;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Kit;
using PluckyRally.Core.Problems;

namespace PluckyRally.Core.Score;

[JsonDerivedType(typeof(KitCounted), "kitCounted")]
public abstract partial record Entry
{
    /// <summary>
    /// A team's kit was counted, before it was handed out or when it came back. The last count of each way stands.
    /// </summary>
    public sealed record KitCounted : Entry
    {
        /// <summary>Which way it went.</summary>
        public required KitWay Way { get; init; }

        /// <summary>What was counted; a material that is not named was not counted.</summary>
        public required IReadOnlyList<KitAmount> Amounts { get; init; }

        /// <summary>Who signed for it; empty for nobody.</summary>
        public string SignedBy { get; init; } = "";

        internal override bool IsTeachers => true;

        internal override bool GoesIntoClosedRound => true;

        internal override bool BeginsRound => false;

        internal override Entry Understand(CompiledEdition compiled, IReadOnlyList<Team> teams, ProblemCollector found)
        {
            found.Length(SignedBy, Limits.Name, "/signedBy", "The name");
            found.Unless(Amounts.Count > 0, "/amounts", "Nothing was counted.", "Count at least one material.");
            found.Count(Amounts, Limits.Items, "/amounts", "materials");
            foreach (var (material, amount) in Amounts.Take(Limits.Items))
            {
                found.Unless(
                    compiled.Brief.Materials.Any(m => m.Id == material),
                    $"/amounts/{material}",
                    $"There is no such material in this brief: “{ProblemCollector.Short(material)}”.",
                    "Leave it out."
                );
                found.Unless(
                    amount is >= 0 and <= 1_000_000,
                    $"/amounts/{material}",
                    "The amount is out of range.",
                    "Write 0 or more."
                );
            }

            return this;
        }

        internal override string Say(CompiledEdition compiled, int? attempt) =>
            $"Kit counted {(Way == KitWay.Out ? "out" : "back")}{(SignedBy.Length > 0 ? $", signed {SignedBy}" : "")}";
    }
}
