using System.Text.Json;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Briefs;

internal abstract partial record Piece
{
    /// <summary>How many attempts there are.</summary>
    /// <param name="From">The stretch of the text.</param>
    /// <param name="Number">How many.</param>
    public sealed record Attempts(TextRange From, int Number) : Piece(From)
    {
        public override string Says() => $"{English.Count(Number, "attempt")} for each design.";

        public override IReadOnlyList<Change> Changes(PieceDraft draft) => [Change.Set("/trials/attempts", Number)];
    }

    /// <summary>Which of the attempts counts.</summary>
    /// <param name="From">The stretch of the text.</param>
    /// <param name="How">How they become one.</param>
    public sealed record Combined(TextRange From, Combine How) : Piece(From)
    {
        public override string Says() =>
            How switch
            {
                Combine.Best => "The best attempt counts.",
                Combine.Mean => "The mean of the attempts counts.",
                Combine.Median => "The median of the attempts counts.",
                Combine.Sum => "The attempts are added up.",
                Combine.First => "The first attempt counts.",
                Combine.Last => "The last attempt counts.",
                Combine.Worst => "The worst attempt counts.",
                Combine.BestMean => "The mean of the best attempts counts.",
                Combine.Successes => "The successful attempts are counted.",
                Combine.Range => "The range of the attempts counts.",
            };

        public override (string At, JsonElement Value) Stands(IReadOnlyList<Change> changes) =>
            Stand("/method/parts/*/combine", How);

        public override bool HasPlace(PieceDraft draft) =>
            draft.All.Any(p => p is Points or Curved) || draft.Brief.Method.Parts.OfType<Part.Measured>().Any();

        /// <summary>Parts that are added with it have it already; those that are there get it.</summary>
        public override IReadOnlyList<Change> Changes(PieceDraft draft) =>
            [
                .. draft
                    .Brief.Method.Parts.OfType<Part.Measured>()
                    .Select(part => Change.Set($"/method/parts/{part.Id}/combine", How)),
            ];
    }
}
