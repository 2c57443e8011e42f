using PluckyRally.Core.Readings;

namespace PluckyRally.Core.Checks;

internal abstract partial record RuleFound
{
    /// <summary>A value and the limit that it was compared with.</summary>
    public sealed record OfLimit(RulePlan.Limit Plan, BoundedValue Value, RulePlan.Limit.LimitRange Limits) : RuleFound
    {
        public override string SayValue() => Value.HasValue ? Plan.Value.Show(Value) : "";

        public override string SayLimit()
        {
            var decimals = Rounding.Decimals(Plan.Value.Plain?.Shown.Step ?? 0.1m) + (Plan.IsDerived ? 1 : 0);
            return Plan.Definition.Comparison switch
            {
                Comparison.AtLeast => $"at least {Strict(Limits.Low)}",
                Comparison.MoreThan => $"more than {Strict(Limits.Low)}",
                Comparison.AtMost => $"at most {Strict(Limits.Low)}",
                Comparison.LessThan => $"less than {Strict(Limits.Low)}",
                Comparison.Between => $"{Strict(Limits.Low)} to {Strict(Limits.High)}",
                Comparison.Exactly => $"exactly {Strict(Limits.Low)}",
            };

            // A derived limit is compared exactly and printed rounded to its strict side.
            string Strict(decimal number) =>
                Plan.IsDerived
                    ? ReadingFormat.Amount(
                        ToStrictSide(number, decimals, Plan.Definition.Comparison),
                        decimals,
                        Plan.Value.Expression.Unit
                    )
                    : Plan.Value.Expression.Show(new BoundedValue(number));
        }

        public static decimal ToStrictSide(decimal limit, int decimals, Comparison comparison)
        {
            decimal scale = 1;
            for (var i = 0; i < decimals; i++)
                scale *= 10;
            return comparison is Comparison.AtMost or Comparison.LessThan ? decimal.Floor(limit * scale) / scale
                : comparison is Comparison.AtLeast or Comparison.MoreThan ? decimal.Ceiling(limit * scale) / scale
                : limit;
        }
    }
}
