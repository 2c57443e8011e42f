using PluckyRally.Core.Readings;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Expressions;

/// <summary>
/// The unit of an expression's result, as powers of units: cm per straw is cm¹·straw⁻¹. Empty for a bare number.
/// </summary>
internal sealed class Dimension
{
    /// <summary>A bare number, which takes the unit of what it is combined with.</summary>
    public static readonly Dimension None = new([]);

    private readonly IReadOnlyList<Factor> _factors;

    private Dimension(IReadOnlyList<Factor> factors) => _factors = factors;

    /// <summary>
    /// One power of one unit. <see cref="Fixed"/> is null for units without a size, such as a thing counted.
    /// </summary>
    internal readonly record struct Factor(string Key, string Symbol, Unit? Fixed, int Power);

    public bool IsNone => _factors.Count == 0;

    /// <summary>The unit in words: <c>cm</c>, <c>cm per straw</c>, <c>cm²</c>; empty for a bare number.</summary>
    public string Words
    {
        get
        {
            var above = string.Join("·", _factors.Where(f => f.Power > 0).Select(f => f.Symbol + Superscript(f.Power)));
            var below = string.Join(
                "·",
                _factors
                    .Where(f => f.Power < 0)
                    .Select(f => (f.Fixed is null ? English.One(f.Symbol) : f.Symbol) + Superscript(-f.Power))
            );
            return below.Length == 0 ? above
                : above.Length == 0 ? $"per {below}"
                : $"{above} per {below}";
        }
    }

    public static Dimension Of(Measure measure)
    {
        if (measure.Kind is MeasureKind.Number or MeasureKind.Percent or MeasureKind.YesNo or MeasureKind.Level)
            return None;
        if (measure.Kind == MeasureKind.Area && measure.FixedUnit is { } area)
        {
            // An area is a length squared, so that area / length is a length.
            var length = Units.Find(area.Symbol[..^1])!;
            return new([new("Length", length.Symbol, length, 2)]);
        }

        if (measure.FixedUnit is { } unit)
            return new([new(unit.Kind.ToString(), measure.Unit, unit, 1)]);
        return measure.Unit.Length == 0 ? None : new([new($"{measure.Kind}:{measure.Unit}", measure.Unit, null, 1)]);
    }

    /// <summary>
    /// What a value of <paramref name="other"/> must be multiplied by to be added here; null where that makes no sense.
    /// </summary>
    public decimal? FactorToAdd(Dimension other)
    {
        if (IsNone || other.IsNone)
            return 1;
        if (_factors.Count != other._factors.Count)
            return null;
        decimal factor = 1;
        foreach (var mine in _factors)
        {
            var theirs = other._factors.FirstOrDefault(f => f.Key == mine.Key || (IsCount(f) && IsCount(mine)));
            if (theirs.Key is null || theirs.Power != mine.Power)
                return null;
            factor *= Scale(theirs, mine);
        }

        return factor;
    }

    /// <summary>
    /// The product with the <paramref name="power"/>th power of another, and the factor that its value needs.
    /// </summary>
    public (Dimension Dimension, decimal Factor) Times(Dimension other, int power)
    {
        var factors = _factors.ToList();
        decimal scale = 1;
        foreach (var theirs in other._factors)
        {
            var at = factors.FindIndex(f => f.Key == theirs.Key);
            if (at < 0)
            {
                factors.Add(theirs with { Power = theirs.Power * power });
                continue;
            }

            // Other's value is counted in this side's unit; a value of power n scales n times.
            var mine = factors[at];
            scale *= Scale(theirs, mine);
            factors[at] = mine with { Power = mine.Power + (theirs.Power * power) };
        }

        factors.RemoveAll(f => f.Power == 0);
        return (factors.Count == 0 ? None : new(factors), scale);
    }

    /// <summary>The whole power of this, or null where a root would not come out whole.</summary>
    public Dimension? Raised(int above, int below = 1)
    {
        if (_factors.Any(f => f.Power * above % below != 0))
            return null;
        return above == 0 ? None : new([.. _factors.Select(f => f with { Power = f.Power * above / below })]);
    }

    private static bool IsCount(Factor factor) => factor.Key.StartsWith("Count:", StringComparison.Ordinal);

    private static decimal Scale(Factor from, Factor to)
    {
        if (from.Fixed is null || to.Fixed is null || from.Fixed == to.Fixed)
            return 1;
        var once = from.Fixed.Scale(to.Fixed, 1);
        decimal factor = 1;
        for (var i = 0; i < Math.Abs(from.Power); i++)
            factor = from.Power > 0 ? factor * once : factor / once;
        return factor;
    }

    private static string Superscript(int power) =>
        power switch
        {
            1 => "",
            2 => "²",
            3 => "³",
            _ => $"^{power}",
        };
}
