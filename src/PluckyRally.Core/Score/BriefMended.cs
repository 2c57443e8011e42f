using System.Text.Json.Serialization;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Files;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Score;

[JsonDerivedType(typeof(BriefMended), "briefMended")]
public abstract partial record Entry
{
    /// <summary>
    /// The brief was changed for this rally, from its round on or in that round alone. It changes how everything is
    /// scored that was recorded there; crossed out, it was never changed.
    /// </summary>
    public sealed record BriefMended : Entry
    {
        /// <summary>
        /// What stands where from now on, laid over the brief as a tier's values are. An item that is new stands at its
        /// id; one that is gone has no value.
        /// </summary>
        public required IReadOnlyList<Override> Changes { get; init; }

        /// <summary>Whether it holds in its round alone, and no longer in the next.</summary>
        public bool OnlyThisRound { get; init; }

        /// <summary>
        /// Whether prices that it changes hold from here on, and what was bought before keeps its price; otherwise they
        /// hold for everything that was bought.
        /// </summary>
        public bool PricesFromNow { get; init; }

        /// <summary>Why.</summary>
        public required string Reason { get; init; }

        /// <summary>The same in words, written when the entry is taken in.</summary>
        public IReadOnlyList<Difference> Differs { get; init; } = [];

        internal override bool IsTeachers => true;

        internal override bool MayBeOfClass => true;

        internal override bool GoesIntoClosedRound => true;

        internal override bool BeginsRound => false;

        internal override bool IsOfLesson => true;

        internal override bool ChangesEdition => true;

        internal override bool ChangesOthers(Trials trials) => true;

        internal override Entry Understand(CompiledEdition compiled, IReadOnlyList<Team> teams, ProblemCollector found)
        {
            found.Unless(Team == default, "/team", "The brief is the whole class's.", "Leave the team out.");
            found.NotEmpty(Reason, "/reason", "Enter a reason for the change.", "Write in a few words what was wrong.");
            found.Length(Reason, Limits.Text, "/reason", "The reason");
            found.Unless(Changes.Count > 0, "/changes", "Nothing was changed.", "Change something on the sheet first.");
            found.Count(Changes, Limits.Items, "/changes", "changes");
            return this;
        }

        internal override Entry Join(LogToJoin log, ProblemCollector found)
        {
            if (found.Problems.Count > 0)
                return this;
            var before = log.Compiled.Edition.Brief;
            var after = BriefChanges.Lay(before, Changes);
            if (!after.IsOk)
                found.AddAll(after.Problems);
            return after.IsOk ? this with { Differs = BriefDifferences.Between(before, after.Value) } : this;
        }

        internal override string Say(CompiledEdition compiled, int? attempt)
        {
            var what = string.Join(
                "; ",
                Differs.Take(Shown).Select(d => $"{d.Where} {Side(d.Before)} → {Side(d.After)}")
            );
            var more = Differs.Count > Shown ? $"; and {English.Count(Differs.Count - Shown, "place")} more" : "";
            return "Brief changed "
                + (
                    OnlyThisRound ? $"in round {Round} only"
                    : Round > 1 ? $"from round {Round} on"
                    : "for the whole rally"
                )
                + $": {what}{more}. {Reason}";
        }

        /// <summary>More than so many places are not read in a line.</summary>
        private const int Shown = 4;

        private static string Side(string text) => text.Length > 0 ? ProblemCollector.Short(text) : "nothing";
    }
}
