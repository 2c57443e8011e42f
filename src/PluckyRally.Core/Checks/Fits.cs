using System.Text.Json.Serialization;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Figures;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Results;
using PluckyRally.Core.Score;

namespace PluckyRally.Core.Checks;

[JsonDerivedType(typeof(Fits), "fits")]
public abstract partial record RuleCheck
{
    /// <summary>
    /// The thing fits inside a box (its length, width and height) or a cylinder (its diameters and its height, which
    /// may not be turned).
    /// </summary>
    public sealed record Fits : RuleCheck
    {
        /// <summary>The measures of length that must fit, by id.</summary>
        public required IReadOnlyList<string> Dimensions { get; init; }

        /// <summary>The room for each, in the same order, written as a reading would be: <c>30 cm</c>.</summary>
        public required IReadOnlyList<string> Room { get; init; }

        /// <summary>Whether the thing may be turned to fit, as in a box in any orientation.</summary>
        public bool Turning { get; init; }

        internal override IReadOnlyList<string> RestsOn => Dimensions;

        internal override RulePlan? Ready(Rule rule, RuleSources sources, ProblemCollector found)
        {
            found.Unless(
                Dimensions.Count is >= 1 and <= 3,
                "/check/dimensions",
                "Something can have one to three dimensions.",
                "Name the measures of length that must fit."
            );
            found.Unless(
                Room.Count == Dimensions.Count,
                "/check/room",
                "There must be a limit for each dimension.",
                $"Write {Dimensions.Count}, for example 30 cm."
            );
            var across = new List<Figure.OfMeasure>();
            var rooms = new List<decimal>();
            for (var i = 0; i < Dimensions.Count; i++)
            {
                if (
                    sources.Figures.Measure(Dimensions[i])
                    is not { Measure: { Kind: MeasureKind.Length, FixedUnit: not null } measure } figure
                )
                {
                    found.Add(
                        $"/check/dimensions/{i}",
                        "One of these lengths is not measured in this brief.",
                        "Name a measure of length."
                    );
                    continue;
                }

                across.Add(figure);
                if (i >= Room.Count)
                    continue;
                var room = ReadingParser.ParseAmount(Room[i], measure);
                if (room.IsOk)
                    rooms.Add(measure.FixedUnit!.To(Units.Find("mm")!, room.Value.Value));
                else
                    found.AddAll($"/check/room/{i}", room.Problems);
            }

            return across.Count == Dimensions.Count && rooms.Count == across.Count
                ? new RulePlan.Fits(rule, this, across, rooms)
                : null;
        }
    }
}

internal abstract partial record RulePlan
{
    /// <summary>Whether a thing goes into a box or a cylinder; each dimension counts as a reading of its own.</summary>
    /// <param name="Rule">The rule.</param>
    /// <param name="Definition">The check.</param>
    /// <param name="Across">The thing's dimensions.</param>
    /// <param name="Rooms">The room for each, in millimetres.</param>
    public sealed record Fits(
        Rule Rule,
        RuleCheck.Fits Definition,
        IReadOnlyList<Figure.OfMeasure> Across,
        IReadOnlyList<decimal> Rooms
    ) : RulePlan(Rule)
    {
        public override IEnumerable<Measure> Measures => Across.Select(f => f.Measure);

        public override bool CouldDiffer(RuleOutcome outcome) =>
            Rule is not { IfMissed: Consequence.NoteOnly, Bonus: 0 }
            && Measures.Any(m => ReadingDraw.Varies(m, nextTried: 0));

        public override RuleOutcome Check(DesignFacts facts, DesignFacts? before, Attempt? attempt)
        {
            if (attempt is { Outcome: not TrialOutcome.Counted })
                return new(Rule, RuleState.NotChecked, attempt.Number);
            var pairs = Pairs(f => attempt is null ? f.Of(facts) : f.InAttempt(facts.Design, attempt));
            if (pairs.Select(p => p.Value.Absent).FirstOrDefault(a => a is not null) is { } why)
                return new(Rule, why.NotYet ? RuleState.ToCheck : RuleState.NotChecked, attempt?.Number);
            var over = pairs.Sum(p => Math.Max(0, p.Value.Number - p.Room));
            return new(
                Rule,
                over == 0 ? RuleState.Met : RuleState.Missed,
                attempt?.Number,
                pairs.Any(p => !p.Measure.IsExact && Math.Abs(p.Value.Number - p.Room) <= p.Measure.Step / 2),
                new RuleFound.OfFit(pairs),
                over
            );
        }

        /// <summary>How each dimension stands to its room; largest to largest where the thing may be turned.</summary>
        private IReadOnlyList<(BoundedValue Value, decimal Room, Measure Measure)> Pairs(
            Func<Figure.OfMeasure, BoundedValue> read
        )
        {
            var values = Across.Select(f => (Value: read(f), f.Measure)).ToList();
            var rooms = Rooms.ToList();
            if (Definition.Turning && values.All(v => v.Value.HasValue))
            {
                values = [.. values.OrderByDescending(v => v.Measure.FixedUnit!.To(Units.Find("mm")!, v.Value.Number))];
                rooms = [.. rooms.OrderByDescending(r => r)];
            }

            return
            [
                .. values.Zip(rooms, (v, room) =>
                    (v.Value, Units.Find("mm")!.To(v.Measure.FixedUnit!, room), v.Measure)
                ),
            ];
        }
    }
}
