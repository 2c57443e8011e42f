
namespace PluckyRally.Core;

internal abstract partial record PartPlan
{
    /// <summary>A measured part and its expression.</summary>
    public sealed record Measured(Part.Measured Is, Expression Expression) : PartPlan
    {
        public override Part Part => Is;

        public override Curve Curve => Is.Curve;

        public override Better Better => Is.Combine == Combine.Successes ? Better.More : Is.Better;

        /// <summary>The mark of a target curve, to which the best attempt is the nearest; null under other curves.</summary>
        public decimal? Mark => Is.Curve is Curve.Target target ? target.At : null;

        /// <summary>A mean has one decimal more than its readings.</summary>
        public override int Decimals { get; } = Expression.Plain is not null && (Is.Combine is Combine.Mean or Combine.Median or Combine.BestMean)
            ? Expression.Decimals + 1
            : Is.Combine == Combine.Successes ? 0 : Expression.Decimals;

        public override string One => this switch
        {
            { Is.Combine: Combine.Successes } => "success",
            { Expression.Plain: { Kind: MeasureKind.Count, Unit.Length: > 0 } counted } => MethodWords.One(counted.Unit),
            { Expression.Unit: [] } => "one",
            _ => Expression.Unit,
        };

        public override string Show(Worth value) => Is.Combine == Combine.Successes
            ? ReadingFormat.Number(value.Number)
            : Expression.Show(value, Decimals == Expression.Decimals ? null : Decimals);

        public override string ShowStated(decimal value) => Expression.Plain is { } plain && Rounding.ToStep(value, plain.Step) == value
            ? ReadingFormat.Value(value, plain)
            : ReadingFormat.Amount(value, Rounding.Decimals(value), Is.Combine == Combine.Successes ? "" : Expression.Unit);

        public override string Say() => $"{MethodWords.Say(Is.Curve, this)}.{Attempts()}";

        public override PartValue Value(DesignRecord design, Trials trials) =>
            MeasuredScore.Value(this, trials, design);

        /// <summary>Makes the part ready, or adds what is wrong with it.</summary>
        public static Measured? Make(Part.Measured part, Brief brief, Findings found)
        {
            if (part.Combine == Combine.BestMean)
                found.Unless(part.BestOf >= 1 && part.BestOf <= brief.Trials.Attempts, "/bestOf", "The mean of the best needs a number of attempts.", $"Use 1 to {brief.Trials.Attempts}.");
            if (part is { Better: Better.Less, FailureValue: null, Combine: Combine.Worst or Combine.Mean or Combine.Median or Combine.Sum or Combine.First or Combine.Last })
                found.Add("/failureValue", "Where less is better, a failed attempt must count as something.", "Write the value of a failed attempt, worse than any success.");

            var value = Compiler.Compile(part.Value, brief.Measures);
            if (!value.IsOk)
            {
                found.AddAll("/value", value.Problems);
                return null;
            }

            CheckCurve(part.Curve, part.Better, value.Value.Measures.Any(m => m.Negative), found);
            return new(part, value.Value);
        }

        private string Attempts() => Expression.Measures.All(m => m.Taken == Taken.Once) ? "" : Is.Combine switch
        {
            Combine.Best => " Your best attempt counts.",
            Combine.Worst => " Your weakest attempt counts.",
            Combine.Mean => " The mean of your attempts counts.",
            Combine.Median => " The middle one of your attempts counts.",
            Combine.Sum => " Your attempts are added up.",
            Combine.First => " Your first attempt counts.",
            Combine.Last => " Your last attempt counts.",
            Combine.BestMean => $" The mean of your best {Is.BestOf} attempts counts.",
            Combine.Successes => " Each attempt that counts is one.",
        };
    }
}
