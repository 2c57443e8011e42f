using System.Text.Json.Serialization;

namespace PluckyRally.Core;

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

/// <summary>A tag with the teams on whose work it is seen.</summary>
/// <param name="Word">The word, as it was written first.</param>
/// <param name="Seen">The entries, one a team.</param>
internal sealed record Tag(string Word, IReadOnlyList<Entry.TagSeen> Seen)
{
    public bool Has(string team) => Seen.Any(s => s.Team == team);
}

/// <summary>The tags of the class on its designs.</summary>
internal static class Tags
{
    /// <summary>
    /// The tags of a round, in the order in which they came up; how a word is written makes no difference.
    /// </summary>
    public static IReadOnlyList<Tag> Of(StandingLog entries, int round) =>
        [
            .. entries
                .OfType<Entry.TagSeen>()
                .Where(t => t.Round == round)
                .GroupBy(t => t.Word.Trim(), StringComparer.OrdinalIgnoreCase)
                .Select(g => new Tag(g.Key, [.. g.DistinctBy(t => t.Team)])),
        ];
}
