using PluckyRally.Core.Briefs;
using PluckyRally.Core.Curves;
using PluckyRally.Core.Expressions;
using PluckyRally.Core.Figures;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Rehearsals;
using PluckyRally.Core.Results;
using PluckyRally.Core.Score;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Parts;

internal abstract partial record PartPlan
{
    /// <summary>A measured part and its expression.</summary>
    public sealed partial record Measured(Part.Measured Definition, Expression Expression) : PartPlan
    {
        public override Part Part => Definition;

        public override Curve Curve => Definition.Curve;

        public override Better Better => Definition.Combine == Combine.Successes ? Better.More : Definition.Better;

        /// <summary>How attempts become one. Under a target curve the best is the one nearest to the mark.</summary>
        public Way Way { get; } =
            new(
                Definition.Combine,
                Definition.Better,
                Definition.BestOf ?? 1,
                Definition.FailureValue ?? 0,
                Definition.Curve.Mark
            );

        /// <summary>
        /// How a measure's attempts become one where the expression is over combined measures: as the part says, in the
        /// measure's own direction and with its own failure value, where it has them.
        /// </summary>
        public Way WayOf(Measure measure) =>
            Way with
            {
                Better = measure.Better ?? Definition.Better,
                FailureValue = measure.FailureValue ?? (Expression.Plain is null ? 0 : Definition.FailureValue ?? 0),
                Mark = Expression.Plain is null ? null : Way.Mark,
            };

        /// <summary>Whether more attempts alone bring more, in the value or in a measure that goes into it.</summary>
        public bool AddsUp =>
            Way.AddsUp || (Definition.Work == Work.Combined && Expression.Measures.Any(m => WayOf(m).AddsUp));

        public override int Decimals => Way.Decimals(Expression);

        public override Measure ShownValue =>
            Definition.Combine != Combine.Successes && Expression.Plain is { } plain ? plain : base.ShownValue;

        public override string UnitSingular =>
            this switch
            {
                { Definition.Combine: Combine.Successes } => "success",
                { Expression.Plain: { Kind: MeasureKind.Count, Unit.Length: > 0 } counted } => English.One(
                    counted.Unit
                ),
                { Expression.Unit: [] } => "",
                _ => Units.OneOf(Expression.Unit),
            };

        public override string Show(BoundedValue value) => Way.Show(Expression, value);

        public override string ShowStated(decimal value) =>
            Expression.Plain is { } plain && Rounding.ToStep(value, plain.Step) == value
                ? ReadingFormat.Value(value, plain)
                : ReadingFormat.Amount(
                    value,
                    Rounding.Decimals(value),
                    Definition.Combine == Combine.Successes ? "" : Expression.Unit
                );

        public override bool ShowsWords =>
            Expression.Plain is { Kind: MeasureKind.YesNo or MeasureKind.Level }
            && Definition.Combine is Combine.Best or Combine.Worst or Combine.First or Combine.Last;

        public override string Say() => $"{Definition.Curve.Say(this)}.{SayValue()}{SayAttempts()}";

        public override PartValue Value(DesignFacts known, Trials trials) =>
            MeasuredScore.Value(this, trials, known.Design);

        public override bool IsRecorded => false;

        /// <summary>
        /// Even where the value itself is the points, that is said: it is a curve that the teacher chose.
        /// </summary>
        public override bool PointsByCurve => true;

        internal override bool HasRatio => Expression.Plain?.HasRatio ?? true;

        public override IEnumerable<Measure> Measures => Expression.Measures;

        /// <summary>Measured in trials, which a sheet shows by themselves.</summary>
        public override PartAnswers Answers(DesignRecord design) => new([]);

        public override LikelyRange? Values(Brief brief) =>
            Definition.Combine == Combine.Successes
                ? new(0, brief.Trials.Attempts)
                : Plausible.Of(Expression)?.Times(Definition.Combine == Combine.Sum ? brief.Trials.Attempts : 1);

        /// <summary>Its measures are moved by themselves.</summary>
        public override IEnumerable<TryHandle> Handles => [];

        /// <summary>What it reads are measures, which are counted by themselves.</summary>
        public override IEnumerable<ThingCame> Came(DesignRecord design) => [];

        public override IEnumerable<Entry> Rehearse(PartRehearsal team) => [];

        /// <summary>Makes the part ready, or adds what is wrong with it.</summary>
        public static Measured? Make(Part.Measured part, Brief brief, ProblemCollector found)
        {
            if (part.Combine == Combine.BestMean)
                found.Unless(
                    part.BestOf >= 1 && part.BestOf <= brief.Trials.Attempts,
                    "/bestOf",
                    "The mean of the best needs a number of attempts.",
                    $"Use 1 to {brief.Trials.Attempts}."
                );
            if (
                part is
                {
                    Better: Better.Less,
                    FailureValue: null,
                    Combine: Combine.Worst
                        or Combine.Mean
                        or Combine.Median
                        or Combine.Sum
                        or Combine.First
                        or Combine.Last
                }
            )
                found.Add(
                    "/failureValue",
                    "Where less is better, a failed attempt must count as something.",
                    "Write the value of a failed attempt, worse than any success."
                );

            var value = Compiler.Compile(part.Value, brief.Measures);
            if (!value.IsOk)
            {
                found.AddAll("/value", value.Problems);
                return null;
            }

            part.Curve.Check(part.Better, value.Value.Measures.Any(m => m.Negative), found);
            return new(part, value.Value);
        }

        /// <summary>What two readings or more make together.</summary>
        private string SayValue() => Expression.Plain is null ? $" What counts is {Expression.Said}." : "";

        private string SayAttempts() =>
            Expression.Measures.All(m => m.Taken == ReadOccasion.Once)
                ? ""
                : Definition.Combine switch
                {
                    Combine.Best => " Your best attempt counts.",
                    Combine.Worst => " Your weakest attempt counts.",
                    Combine.Mean => " The mean of your attempts counts.",
                    Combine.Median => " The median of your attempts counts.",
                    Combine.Sum => " Your attempts are added up.",
                    Combine.First => " Your first attempt counts.",
                    Combine.Last => " Your last attempt counts.",
                    Combine.BestMean => $" The mean of your best {Definition.BestOf} attempts counts.",
                    Combine.Successes => " Each attempt that counts is one.",
                    Combine.Range => " The range of your attempts counts.",
                };
    }
}
