using System.Text.Json.Serialization;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Problems;

namespace PluckyRally.Core.Score;

[JsonDerivedType(typeof(TagSeen), "tagSeen")]
public abstract partial record Entry
{
    /// <summary>The class sees something on what a team made: "triangles", "wide foot". Its own words.</summary>
    public sealed record TagSeen : OfDebrief
    {
        /// <summary>The longest tag, in letters: it stands under a picture.</summary>
        public const int Longest = 40;

        /// <summary>What is seen.</summary>
        public required string Word { get; init; }

        internal override bool TouchesSheets(Trials trials) => false;

        internal override Entry Understand(CompiledEdition compiled, IReadOnlyList<Team> teams, ProblemCollector found)
        {
            found.NotEmpty(Word.Trim(), "/word", "The tag is empty.", "Describe the design in a word or two.");
            found.Unless(
                Word.Length <= Longest,
                "/word",
                $"The tag is too long for a card: {Word.Length} letters.",
                $"Use at most {Longest}."
            );
            return this;
        }

        internal override string Say(CompiledEdition compiled, int? attempt) => $"Observed: {Word}";
    }
}
