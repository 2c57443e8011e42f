using PluckyRally.Core.Readings;

namespace PluckyRally.Core.Briefs;

/// <summary>How a kind of measure is usually read in a brief.</summary>
/// <param name="Unit">In which unit; empty where the kind has none of a fixed size.</param>
/// <param name="Step">How finely, in the unit.</param>
public sealed record UsualMeasure(string Unit, decimal Step)
{
    /// <summary>The unit of the system that the brief measures in, as finely as its grades read it.</summary>
    public static UsualMeasure Of(Brief brief, MeasureKind kind)
    {
        var unit = Units.Usual(kind, SystemOf(brief));
        return new(unit, StepOf(kind, unit, brief.Grades));
    }

    /// <summary>How finely a kind is usually read (lengths by grade; the others common practice, no source).</summary>
    internal static decimal StepOf(MeasureKind kind, string unit, GradeBand grades) =>
        (kind, unit) switch
        {
            (MeasureKind.Length, _) => GradeBands.LengthStep(grades, unit),
            (MeasureKind.Duration, _) or (MeasureKind.Mass, "oz") or (MeasureKind.Force, "N") => 0.1m,
            (MeasureKind.Force, "ozf") => 0.5m,
            _ => 1,
        };

    /// <summary>Customary as soon as one of its measures or materials is.</summary>
    internal static UnitSystem SystemOf(Brief brief) =>
        brief.Measures.Select(m => m.Unit).Concat(brief.Materials.Select(m => m.Unit)).Any(Units.IsCustomary)
            ? UnitSystem.Customary
            : UnitSystem.Metric;
}
