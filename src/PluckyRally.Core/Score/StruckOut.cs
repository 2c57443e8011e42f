using System.Text.Json.Serialization;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Problems;

namespace PluckyRally.Core.Score;

[JsonDerivedType(typeof(StruckOut), "struckOut")]
public abstract partial record Entry
{
    /// <summary>
    /// An entry was crossed out, as if it had never been made. Crossing out a strike brings the entry back.
    /// </summary>
    public sealed record StruckOut : Entry
    {
        /// <summary>The entry's id.</summary>
        public required EntryId Entry { get; init; }

        /// <summary>Why.</summary>
        public string Reason { get; init; } = "";

        internal override bool IsTeachers => false;

        internal override bool MayBeOfClass => true;

        internal override Entry Understand(CompiledEdition compiled, IReadOnlyList<Team> teams, ProblemCollector found)
        {
            found.Length(Reason, Limits.Text, "/reason", "The reason");
            return this;
        }

        internal override Entry Join(LogToJoin log, ProblemCollector found)
        {
            found.Unless(
                log.Received.Any(e => e.Id == Entry),
                "/entry",
                "There is no such entry to cross out.",
                "Reload the page; it may have been crossed out already."
            );
            return this;
        }

        internal override bool ChangesOthers(Trials trials) => true;

        internal override bool TouchesSheets(Trials trials) => false;

        internal override string Say(CompiledEdition compiled, int? attempt) =>
            $"Crossed out{(Reason.Length > 0 ? $": {Reason}" : "")}";
    }
}
