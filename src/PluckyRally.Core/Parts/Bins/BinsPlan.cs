using PluckyRally.Core.Briefs;
using PluckyRally.Core.Curves;
using PluckyRally.Core.Figures;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Results;
using PluckyRally.Core.Score;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Parts;

internal abstract partial record PartPlan
{
    /// <summary>Sorting into bins.</summary>
    public sealed partial record Bins(Part.Bins Definition) : PartPlan
    {
        public override Part Part => Definition;

        private protected override decimal? Reachable =>
            Definition.SecondsPerWrong is null
                ? Definition.Items.Count * Math.Max(0, Definition.Right) + Math.Max(0, Definition.AllRightBonus)
                : Curve.MostPoints;

        public override Curve Curve =>
            Definition is { SecondsPerWrong: not null, Curve: { } curve } ? curve : base.Curve;

        public override Better Better => Definition.SecondsPerWrong is null ? Better.More : Better.Less;

        public override int Decimals => Definition.SecondsPerWrong is null ? base.Decimals : 1;

        public override string UnitSingular => Definition.SecondsPerWrong is null ? base.UnitSingular : "second";

        public override Measure ShownValue =>
            Definition.SecondsPerWrong is null ? base.ShownValue : PartEntries.Clock(Definition.Id, BinsScore.Step);

        public override string Show(BoundedValue value) =>
            Definition.SecondsPerWrong is null || !value.HasValue
                ? base.Show(value)
                : PartEntries.Show(value.Number, BinsScore.Step);

        public override string Say() =>
            Definition.SecondsPerWrong is { } seconds
                ? $"{Items} into {Definition.Names.Count} bins against the clock, {Numerals.Write(seconds)} s "
                    + "added for each wrong one"
                    + (
                        Definition.SecondsPerLeft is > 0 and var left
                            ? $" and {Numerals.Write(left)} s for each left out"
                            : ""
                    )
                    + $", {Curve.Say(this)}."
                : $"{Items} into {Definition.Names.Count} bins: {MethodWords.Points(Definition.Right)} for "
                    + $"each right one, {MethodWords.Points(Definition.Wrong)} for each wrong one, "
                    + $"{MethodWords.Points(Definition.Unsorted)} for each one left out"
                    + (
                        Definition.AllRightBonus != 0
                            ? $", {MethodWords.Points(Definition.AllRightBonus)} extra when all are right"
                            : ""
                    )
                    + ".";

        private string Items => English.Count(Definition.Items.Count, "item");

        public override PartValue Value(DesignFacts known, Trials trials) => BinsScore.Value(Definition, known.Design);

        public override PartAnswers Answers(DesignRecord design) =>
            PartEntries.Of<Entry.ItemsSorted>(design, Definition.Id) is [.., var sorted]
                ? new([
                    .. sorted.Placed.Select(p => new PartAnswer(p.Key, p.Value)),
                    .. sorted.Time?.Value is { } time
                        ? new[] { new PartAnswer("time", PartEntries.Show(time, BinsScore.Step)) }
                        : [],
                ])
                : new([]);

        public override LikelyRange? Values(Brief brief) =>
            Definition.SecondsPerWrong is { } seconds ? new(30, 180 + (seconds * Definition.Items.Count)) : null;

        public override LikelyRange? Spread(Brief brief) =>
            Definition.SecondsPerWrong is not null
                ? base.Spread(brief)
                : new(
                    Math.Min(Definition.Wrong, Definition.Unsorted) * Definition.Items.Count,
                    (Definition.Right * Definition.Items.Count) + Definition.AllRightBonus
                );

        public override IEnumerable<string> Found(IReadOnlyList<TeamResult> results) =>
            BinsWords.SayHardestItems(Definition, results);

        /// <summary>Against the clock, who leaves everything out is the fastest.</summary>
        public override IEnumerable<Snag> Snags(SnagContext scene)
        {
            if (Definition is not { SecondsPerWrong: { } wrong, SecondsPerLeft: null })
                yield break;
            var at = $"/method/parts/{Definition.Id}/secondsPerLeft";
            yield return new(
                "leftOut",
                SnagWeight.Matters,
                at,
                $"{Definition.Name}: nothing says what an item costs that is left out.",
                "A team that sorts nothing would be the fastest.",
                new($"As much as a wrong one, {Numerals.Write(wrong)} s", [Change.Set(at, wrong)])
            );
        }

        /// <summary>Makes the part ready, or adds what is wrong with it.</summary>
        public static Bins Make(Part.Bins part, Brief brief, ProblemCollector found)
        {
            found.Unless(
                part.Names.Count is >= 2 and <= 100
                    && part.Names.Distinct().Count() == part.Names.Count
                    && part.Names.All(n => n.Length is > 0 and <= Limits.Name),
                "/names",
                "Sorting needs 2 to 100 bins with different names.",
                "Name them."
            );
            found.Unless(part.Items.Count > 0, "/items", "There is nothing to sort yet.", "Add the first item.");
            found.Count(part.Items, Limits.Items, "/items", "items");
            found.Ids(part.Items.Select(i => i.Id), "/items", "item");
            foreach (var item in part.Items)
            {
                found.NotEmpty(item.Name, $"/items/{item.Id}/name", "The item has no name.", "Say what it is.");
                found.Unless(
                    part.Names.Contains(item.Bin),
                    $"/items/{item.Id}/bin",
                    $"There is no bin “{ProblemCollector.Short(item.Bin)}”.",
                    "Choose one of the bins."
                );
            }

            if (part.SecondsPerWrong is not { } seconds)
                return new(part);
            found.Unless(seconds >= 0, "/secondsPerWrong", "A wrong item cannot save time.", "Use 0 or more.");
            found.Unless(
                part.SecondsPerLeft is null or >= 0,
                "/secondsPerLeft",
                "An item left out cannot save time.",
                "Use 0 or more."
            );
            if (part.Curve is null)
                found.Add(
                    "/curve",
                    "Where time counts, a curve must turn it into points.",
                    "Use points by place or between two times."
                );
            else
                part.Curve.Check(Better.Less, mayBeNegative: false, found);
            found.Unless(
                part.Curve is not { IsValueItself: true } || brief.Method.Wins == WinningDirection.Lowest,
                "/curve",
                "The time itself as points would reward the slowest.",
                "Use points by place or between two times."
            );
            return new(part);
        }
    }
}
