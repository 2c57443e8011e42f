namespace PluckyRally.Core.Readings;

/// <summary>A unit of measurement.</summary>
/// <param name="Symbol">As it is written, e.g. <c>cm</c>.</param>
/// <param name="Kind">What it measures.</param>
/// <param name="Factor">How many of the kind's base unit one of it is (mm, mm², g, N, mL, s, °C, °), times
/// <paramref name="Divisor"/>.</param>
/// <param name="Divisor">Keeps factors such as 5/9 exact.</param>
/// <param name="Offset">What this unit shows at the base unit's zero; 32 for °F.</param>
public sealed record Unit(string Symbol, MeasureKind Kind, decimal Factor, decimal Divisor = 1, decimal Offset = 0)
{
    /// <summary>
    /// Turns a value of this unit into one of <paramref name="other"/> (same kind), offsets included.
    /// </summary>
    public decimal To(Unit other, decimal value) => this == other ? value : Scale(other, value - Offset) + other.Offset;

    /// <summary>
    /// Turns a difference of this unit into one of <paramref name="other"/> (same kind), without offsets.
    /// </summary>
    public decimal Scale(Unit other, decimal difference) =>
        this == other ? difference : difference * Factor * other.Divisor / (Divisor * other.Factor);
}
