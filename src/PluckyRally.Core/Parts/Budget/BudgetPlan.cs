using PluckyRally.Core.Briefs;
using PluckyRally.Core.Curves;
using PluckyRally.Core.Figures;
using PluckyRally.Core.Kit;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Results;
using PluckyRally.Core.Score;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Parts;

internal abstract partial record PartPlan
{
    /// <summary>A budget.</summary>
    public sealed partial record Budget(Part.Budget Definition) : PartPlan
    {
        /// <summary>
        /// How many of each thing a team can buy at most, by the price's id: for all its funds, and no more than the
        /// brief names of the material. Nothing stands there for what has no limit.
        /// </summary>
        public IReadOnlyDictionary<string, int> AtMost { get; private init; } = new Dictionary<string, int>();

        public override Part Part => Definition;

        public override Curve Curve => Definition.Curve;

        public override Better Better => Definition.Value == BudgetValue.Left ? Better.More : Better.Less;

        public override int Decimals => 2;

        public override string UnitSingular => Definition.Money.Length > 0 ? English.One(Definition.Money) : "";

        public override Measure ShownValue => BudgetScore.Coins(Definition);

        public override string Show(BoundedValue value) =>
            value.HasValue ? BudgetScore.Show(value.Number, Definition) : "no value";

        public override string Say() =>
            // A budget can be kept to and score nothing.
            Definition.Curve
                is Curve.Rate { PerUnit: 0, Start: 0 }
                ? $"you have {BudgetScore.Show(Definition.Funds, Definition)} to spend; it scores no points."
                : $"you have {BudgetScore.Show(Definition.Funds, Definition)}, and what is "
                    + $"{(Definition.Value == BudgetValue.Left ? "left" : "spent")} counts: "
                    + $"{Definition.Curve.Say(this)}.";

        public override PartValue Value(DesignFacts known, Trials trials) =>
            BudgetScore.Value(Definition, known.Design);

        public override PartAnswers Answers(DesignRecord design) =>
            new([
                .. PartEntries
                    .Of<Entry.Purchased>(design, Definition.Id)
                    .Select(p => (p.Item, p.Count))
                    .Concat(
                        PartEntries.Of<Entry.Returned>(design, Definition.Id).Select(r => (r.Item, Count: -r.Count))
                    )
                    .GroupBy(m => m.Item)
                    .Select(g => PartAnswers.Count(g.Key, g.Sum(m => m.Count))),
            ]);

        public override LikelyRange? Values(Brief brief) => new(0, Definition.Funds);

        /// <summary>Makes the part ready, or adds what is wrong with it.</summary>
        public static Budget Make(Part.Budget part, Brief brief, ProblemCollector found)
        {
            found.Unless(part.Prices.Count > 0, "/prices", "Nothing is for sale yet.", "Add the first price.");
            found.Count(part.Prices, Limits.Items, "/prices", "prices");
            found.Ids(part.Prices.Select(p => p.Id), "/prices", "price");
            foreach (var price in part.Prices)
            {
                var at = $"/prices/{price.Id}";
                found.Unless(price.Each >= 0, $"{at}/each", "A price cannot be below zero.", "Use 0 or more.");
                found.Unless(
                    price.Material.Length == 0 || price.Of(brief) is not null,
                    $"{at}/material",
                    "The material that this sells is not in the brief.",
                    "Choose one of the materials, or sell something that is none."
                );
                found.Unless(
                    price.Amount > 0,
                    $"{at}/amount",
                    "What is sold must have a size above zero.",
                    "Write how much of it one is, for example 10 cm."
                );
                found.Unless(
                    price.Material.Length == 0 || part.Prices.First(p => p.Material == price.Material).Id == price.Id,
                    $"{at}/material",
                    "This material is sold twice.",
                    "Take one of the two out."
                );
            }

            found.Unless(part.Funds >= 0, "/funds", "The starting budget cannot be negative.", "Use 0 or more.");
            found.Unless(
                part.ReturnPercent is >= 0 and <= 100,
                "/returnPercent",
                "The share must be from 0 to 100.",
                "Use 100 for the full price."
            );
            part.Curve.Check(part.Value == BudgetValue.Left ? Better.More : Better.Less, mayBeNegative: false, found);
            found.Unless(
                !part.Curve.IsValueItself
                    || (part.Value == BudgetValue.Spent) == (brief.Method.Wins == WinningDirection.Lowest),
                "/curve",
                "This would reward the wrong thing.",
                "Use what is left where the highest total wins, what is spent where the lowest wins."
            );
            return new(part.Named(brief))
            {
                AtMost = part
                    .Prices.Where(p => p.Amount > 0)
                    .Select(p => (p.Id, Most: Most(part, p, brief)))
                    .Where(p => p.Most is not null)
                    .DistinctBy(p => p.Id)
                    .ToDictionary(p => p.Id, p => p.Most!.Value),
            };
        }

        private static int? Most(Part.Budget part, Price price, Brief brief)
        {
            var affordable = price.Each > 0 ? Math.Floor(part.Funds / price.Each) : (decimal?)null;
            var there = price.Of(brief) is { Amount: { } amount, Per: Per.Team }
                ? Math.Floor(amount / price.Amount)
                : (decimal?)null;
            var most =
                affordable is null ? there
                : there is null ? affordable
                : Math.Min(affordable.Value, there.Value);
            return most is { } number ? (int)Math.Clamp(number, 0, Limits.Bought) : null;
        }
    }
}
