using PluckyRally.Core.Briefs;
using PluckyRally.Core.Curves;
using PluckyRally.Core.Figures;
using PluckyRally.Core.Papers;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Rehearsals;
using PluckyRally.Core.Results;
using PluckyRally.Core.Score;

namespace PluckyRally.Core.Parts;

internal abstract partial record PartPlan
{
    /// <summary>
    /// A measured part over more than readings: over what is known of other parts and the team, or over figures with
    /// names.
    /// </summary>
    /// <param name="Definition">The part.</param>
    /// <param name="Over">What it is about, known with the result.</param>
    public sealed record OfFigures(Part.Measured Definition, FigureExpression Over) : PartPlan
    {
        public override Part Part => Definition;

        public override Curve Curve => Definition.Curve;

        public override Better Better => Definition.Better;

        public override int Decimals => Over.Decimals;

        public override Measure ShownValue => Over.Plain?.Shown ?? base.ShownValue;

        public override string UnitSingular => Over.Expression.Unit.Length > 0 ? Units.OneOf(Over.Expression.Unit) : "";

        public override bool IsRecorded => false;

        public override IEnumerable<PaperBlock> Paper => [];

        public override IEnumerable<PaperEntry> FromPaper(TypedPaper paper) => [];

        /// <summary>
        /// Even where the value itself is the points, that is said: it is a curve that the teacher chose.
        /// </summary>
        public override bool PointsByCurve => true;

        internal override bool HasRatio => Over.Plain?.Shown.HasRatio ?? true;

        public override IEnumerable<Measure> Measures => Over.Measures;

        public override IEnumerable<int> RestsOn => Over.Parts;

        public override string Show(BoundedValue value) => Over.Show(value);

        public override string ShowStated(decimal value) =>
            ReadingFormat.Amount(value, Rounding.Decimals(value), Over.Expression.Unit);

        public override string Say() => $"{Definition.Curve.Say(this)}. What counts is {Over.Expression.Said}.";

        public override PartValue Value(DesignFacts known, Trials trials)
        {
            var value = Over.Of(known);
            return value.HasValue ? new(value) { Steps = [new Working.PutIn(Over, known, value)] } : new(value);
        }

        public override PartAnswers Answers(DesignRecord design) => new([]);

        public override LikelyRange? Values(Brief brief) => null;

        /// <summary>What it rests on is moved by itself.</summary>
        public override IEnumerable<TryHandle> Handles => [];

        /// <summary>What it reads are measures, which are counted by themselves.</summary>
        public override IEnumerable<ThingCame> Came(DesignRecord design) => [];

        public override IEnumerable<Entry> Rehearse(PartRehearsal team) => [];
    }
}
