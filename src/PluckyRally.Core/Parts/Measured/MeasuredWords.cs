using PluckyRally.Core.Figures;
using PluckyRally.Core.Readings;

namespace PluckyRally.Core.Parts;

internal abstract partial record Working
{
    /// <summary>An expression over figures with a design's numbers put in.</summary>
    public sealed record PutIn(FigureExpression Over, DesignFacts Known, BoundedValue Value) : Working
    {
        public override decimal Adds => Value.Number;

        public override string Say() =>
            Over.Plain is null
                ? $"{Over.Working(Known)} = {Over.Show(Value)}."
                : $"{Over.Plain.Name}: {Over.Show(Value)}.";
    }
}
