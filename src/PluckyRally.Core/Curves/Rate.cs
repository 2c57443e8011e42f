using System.Text.Json.Serialization;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Expressions;
using PluckyRally.Core.Parts;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Results;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Curves;

[JsonDerivedType(typeof(Rate), "rate")]
public abstract partial record Curve
{
    /// <summary>So many points for each unit: start + perUnit · v.</summary>
    /// <param name="PerUnit">Points for one unit of the value.</param>
    /// <param name="Start">Points at zero.</param>
    public sealed record Rate(decimal PerUnit, decimal Start = 0) : Curve
    {
        internal override IReadOnlyList<string> Numbers => ["perUnit", "start"];

        internal override Curve InUnit(Func<decimal, decimal> to, decimal each) =>
            new Rate(Rounding.ToDigits(PerUnit / each), Rounding.ToDigits(Start - (PerUnit / each * to(0))));

        private protected override BoundedValue Compute(BoundedValue value, CurveAt at) =>
            Arithmetic.Plus(new BoundedValue(Start), Arithmetic.Scale(value, PerUnit));

        internal override string Say(PartPlan part) =>
            Start == 0
                ? $"{MethodWords.Each(PerUnit, part)}{SayLimits(part.Part)}"
                : $"{MethodWords.FromStart(this, part)}{SayLimits(part.Part)}";

        internal override string Step(PartPlan part, PartResult result)
        {
            var (each, v, points) = (
                Numerals.Write(PerUnit),
                Numerals.Factor(result.Value.Value.Number),
                Numerals.Write(result.Curve)
            );
            return Start == 0
                ? $"{MethodWords.Each(PerUnit, part)}: {each} × {v} = {points}."
                : $"{MethodWords.FromStart(this, part)}: "
                    + $"{Numerals.Write(Start)} + {Numerals.Factor(PerUnit)} × {v} = {points}.";
        }

        private static string SayLimits(Part part) =>
            (part.Floor, part.Cap) switch
            {
                ({ } floor, { } cap) => $", at least {Numerals.Write(floor)} and at most {Numerals.Write(cap)}",
                ({ } floor, null) => $", at least {Numerals.Write(floor)}",
                (null, { } cap) => $", at most {Numerals.Write(cap)}",
                _ => "",
            };
    }
}
