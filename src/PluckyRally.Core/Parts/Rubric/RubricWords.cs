using PluckyRally.Core.Results;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Parts;

internal abstract partial record Working
{
    /// <summary>A criterion was judged, by one or by several.</summary>
    /// <param name="Criterion">The criterion.</param>
    /// <param name="Levels">The level that each gave.</param>
    /// <param name="Voice">Who judged.</param>
    /// <param name="Judges">How many people judged it, of whom perhaps the last word alone counts.</param>
    public sealed record Judged(RubricCriterion Criterion, IReadOnlyList<int> Levels, RubricVoice Voice, int Judges)
        : Working
    {
        public override decimal Adds => Levels.Sum(l => Criterion.Levels[l].Points) / Levels.Count;

        public override string Say()
        {
            var how =
                Levels.Count == 1
                    ? Criterion.Levels[Levels[0]].Name + (Judges > 1 ? $", the last of {Judges} judgments" : "")
                    : $"the mean of {Levels.Count} {(Voice == RubricVoice.Peers ? "teams" : "judges")}, ("
                        + string.Join(" + ", Levels.Select(l => Numerals.Write(Criterion.Levels[l].Points)))
                        + $") ÷ {Levels.Count}";
            return $"{Criterion.Name}: {how}, {MethodWords.Points(Adds)}.";
        }
    }
}
