using PluckyRally.Core.Briefs;
using PluckyRally.Core.Figures;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Results;
using PluckyRally.Core.Score;

namespace PluckyRally.Core.Parts;

internal abstract partial record PartPlan
{
    /// <summary>Sorting into an order.</summary>
    public sealed partial record Ordering(Part.Ordering Definition) : PartPlan
    {
        public override Part Part => Definition;

        private protected override decimal? Reachable =>
            (Definition.Items.Count * (Definition.Items.Count - 1) / 2 * Math.Max(0, Definition.PerPair))
            + (Definition.Items.Count * Math.Max(0, Definition.PerPlace));

        public override string Say() =>
            $"{Definition.Items.Count} items in order{OrderingWords.Ends(Definition)}"
            + (
                Definition.PerPair != 0
                    ? $", {MethodWords.Points(Definition.PerPair)} for each pair the right way round"
                    : ""
            )
            + (
                Definition.PerPlace != 0
                    ? $", {MethodWords.Points(Definition.PerPlace)} for each item in its place"
                    : ""
            )
            + ".";

        public override PartValue Value(DesignFacts known, Trials trials) =>
            OrderingScore.Value(Definition, known.Design);

        public override PartAnswers Answers(DesignRecord design) =>
            new([])
            {
                Sequence = PartEntries.Of<Entry.OrderGiven>(design, Definition.Id) is [.., var given]
                    ? given.Sequence
                    : [],
            };

        public override LikelyRange? Values(Brief brief) => null;

        public override LikelyRange? Spread(Brief brief) =>
            new(
                0,
                (Definition.PerPair * Definition.Items.Count * (Definition.Items.Count - 1) / 2)
                    + (Definition.PerPlace * Definition.Items.Count)
            );

        /// <summary>Makes the part ready, or adds what is wrong with it.</summary>
        public static Ordering Make(Part.Ordering part, ProblemCollector found)
        {
            found.Unless(
                part.Items.Count >= 2,
                "/items",
                "There is nothing to put in order yet.",
                "Add at least two items."
            );
            found.Count(part.Items, 200, "/items", "items");
            found.Length(part.First, Limits.Name, "/first", "The name of the first end");
            found.Length(part.Last, Limits.Name, "/last", "The name of the last end");
            found.Unless(
                part.First.Length > 0 == part.Last.Length > 0,
                part.First.Length > 0 ? "/last" : "/first",
                "One end of the order has a name and the other has none.",
                "Name both, such as lightest and heaviest, or neither."
            );
            found.Ids(part.Items.Select(i => i.Id), "/items", "item");
            foreach (var item in part.Items)
                found.NotEmpty(item.Name, $"/items/{item.Id}/name", "The item has no name.", "Say what it is.");
            found.Unless(
                part.PerPair != 0 || part.PerPlace != 0,
                "/perPair",
                "Nothing gives points yet.",
                "Write points for each pair, or for each item in its place."
            );
            return new(part);
        }
    }
}
