using System.Text.Json.Serialization;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Results;

namespace PluckyRally.Core.Score;

[JsonDerivedType(typeof(OverRoundsSet), "overRoundsSet")]
public abstract partial record Entry
{
    /// <summary>
    /// The teacher chose how the rounds become one standing; it outweighs the brief, the last word stands.
    /// </summary>
    public sealed record OverRoundsSet : Entry
    {
        /// <summary>The way; absent where the rounds stand by themselves.</summary>
        public OverRounds? Over { get; init; }

        internal override bool IsTeachers => true;

        internal override bool MayBeOfClass => true;

        internal override bool GoesIntoClosedRound => true;

        internal override bool BeginsRound => false;

        internal override bool TouchesSheets(Trials trials) => false;

        internal override Entry Understand(CompiledEdition compiled, IReadOnlyList<Team> teams, ProblemCollector found)
        {
            found.Unless(
                Team == default,
                "/team",
                "How rounds are combined holds for the whole class.",
                "Leave the team out."
            );
            Over?.Check("/over", found);
            return this;
        }

        internal override string Say(CompiledEdition compiled, int? attempt) => RoundsStanding.SayWay(Over);
    }
}
