using System.Text.Json.Serialization;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Problems;

namespace PluckyRally.Core.Score;

[JsonDerivedType(typeof(NoteMade), "noteMade")]
public abstract partial record Entry
{
    /// <summary>Something seen while walking past. It is kept, and changes no score.</summary>
    public sealed record NoteMade : Entry
    {
        /// <summary>What was seen.</summary>
        public required string Text { get; init; }

        internal override bool IsTeachers => false;

        internal override bool IsPrivate => true;

        internal override bool MayBeOfClass => true;

        internal override bool TouchesSheets(Trials trials) => false;

        internal override Entry Understand(CompiledEdition compiled, IReadOnlyList<Team> teams, ProblemCollector found)
        {
            found.Length(Text, Limits.Text, "/text", "The note");
            found.NotEmpty(Text, "/text", "The note is empty.", "Write what you saw.");
            return this;
        }

        internal override string Say(CompiledEdition compiled, int? attempt) => $"Note: {Text}";
    }
}
