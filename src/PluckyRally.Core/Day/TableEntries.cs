using System.Text.Json.Serialization;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Day;
using PluckyRally.Core.Problems;

namespace PluckyRally.Core.Score;

[JsonDerivedType(typeof(SentToTable), "sentToTable")]
public abstract partial record Entry
{
    /// <summary>
    /// On a fair day: a team goes to the end of a table's line, since it was not there when its turn came, or since it
    /// is tested at another table. The last word stands.
    /// </summary>
    public sealed record SentToTable : Entry
    {
        /// <summary>The table's number, from 1.</summary>
        public required int Table { get; init; }

        /// <summary>Whether it was not there when its turn came.</summary>
        public bool NotHere { get; init; }

        internal override bool IsTeachers => false;

        internal override bool MayBeOfReference => false;

        internal override bool BeginsRound => false;

        internal override Entry Understand(CompiledEdition compiled, IReadOnlyList<Team> teams, ProblemCollector found)
        {
            found.Unless(
                Table is >= 1 and <= FairDay.MostTables,
                "/table",
                "There is no such table.",
                $"Use 1 to {FairDay.MostTables}."
            );
            return this;
        }

        internal override string Say(CompiledEdition compiled, int? attempt) => DayWords.Sent(this);
    }
}
