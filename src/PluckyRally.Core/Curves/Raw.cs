using System.Text.Json.Serialization;
using PluckyRally.Core.Parts;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Results;

namespace PluckyRally.Core.Curves;

[JsonDerivedType(typeof(Raw), "raw")]
public abstract partial record Curve
{
    /// <summary>The value itself.</summary>
    public sealed record Raw : Curve
    {
        internal override bool IsValueItself => true;

        private protected override BoundedValue Compute(BoundedValue value, CurveAt at) => value;

        internal override Curve InUnit(Func<decimal, decimal> to, decimal each) => new Rate(1).InUnit(to, each);

        internal override string Say(PartPlan part) => MethodWords.Each(1, part);

        internal override string Step(PartPlan part, PartResult result) =>
            $"The value is the score: {MethodWords.Points(result.Curve)}.";
    }
}
