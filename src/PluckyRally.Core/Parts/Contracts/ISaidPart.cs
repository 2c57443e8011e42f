using PluckyRally.Core.Figures;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Results;

namespace PluckyRally.Core.Parts;

/// <summary>How a part and its values are said.</summary>
internal interface ISaidPart
{
    /// <summary>Decimals at which values are shown and compared.</summary>
    int Decimals { get; }

    /// <summary>How its value stands in expressions: its kind, unit and step.</summary>
    Measure ShownValue { get; }

    /// <summary>What one of its value is called, e.g. "cm" or "point"; empty for a bare number.</summary>
    string UnitSingular { get; }

    /// <summary>Whether its values are words of a scale, each for itself, and not numbers.</summary>
    bool ShowsWords { get; }

    /// <summary>What it gives points for, as a sentence for students, without the part's name.</summary>
    string Say();

    /// <summary>A value as it is shown.</summary>
    string Show(BoundedValue value);

    /// <summary>
    /// A value that the brief states, such as the edge of a band: never rounded, unlike one that was worked out.
    /// </summary>
    string ShowStated(decimal value);

    /// <summary>What the class found out by it, in sentences.</summary>
    IEnumerable<string> Found(IReadOnlyList<TeamResult> results);
}

internal abstract partial record PartPlan : ISaidPart
{
    /// <inheritdoc/>
    public virtual int Decimals => 6;

    /// <inheritdoc/>
    public virtual Measure ShownValue => Figure.Exact(Part.Id, Part.Name, 0.001m);

    /// <inheritdoc/>
    public virtual string UnitSingular => "point";

    /// <inheritdoc/>
    public virtual bool ShowsWords => false;

    /// <inheritdoc/>
    public abstract string Say();

    /// <inheritdoc/>
    public virtual string Show(BoundedValue value) =>
        value.HasValue ? ReadingFormat.WithBound(MethodWords.Points(value.Number), value.Bound) : "no value";

    /// <inheritdoc/>
    public virtual string ShowStated(decimal value) => Show(new BoundedValue(value));

    /// <inheritdoc/>
    public virtual IEnumerable<string> Found(IReadOnlyList<TeamResult> results) => [];
}
