using PluckyRally.Core.Briefs;
using PluckyRally.Core.Curves;
using PluckyRally.Core.Figures;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Results;
using PluckyRally.Core.Score;

namespace PluckyRally.Core.Parts;

/// <summary>What scoring asks of a part.</summary>
internal interface IScoredPart
{
    /// <summary>The part.</summary>
    Part Part { get; }

    /// <summary>How its value becomes points; raw where the part gives points by its own rule.</summary>
    Curve Curve { get; }

    /// <summary>Which direction of its value is better.</summary>
    Better Better { get; }

    /// <summary>The measures that it looks at.</summary>
    IEnumerable<Measure> Measures { get; }

    /// <summary>The places in the method of the parts on whose values its own rests.</summary>
    IEnumerable<int> RestsOn { get; }

    /// <summary>The part's value for one design.</summary>
    /// <param name="known">What was recorded, and the values of the parts that it rests on.</param>
    /// <param name="trials">How the brief tests.</param>
    PartValue Value(DesignFacts known, Trials trials);

    /// <summary>Whether a curve gives the points; otherwise it gives them by its own rule and has said so.</summary>
    bool PointsByCurve { get; }

    /// <summary>Whether a judge records it by itself; otherwise it follows from trials or from other parts.</summary>
    bool IsRecorded { get; }

    /// <summary>What has been recorded of it, as a judge goes on from it.</summary>
    PartAnswers Answers(DesignRecord design);
}

internal abstract partial record PartPlan : IScoredPart
{
    /// <inheritdoc/>
    public virtual Curve Curve => RawCurve;

    /// <summary>
    /// The most points that it can give before its own most is looked at; null where there is no end to them.
    /// </summary>
    private protected virtual decimal? Reachable => Curve.MostPoints;

    /// <summary>The most points that it can add to a total; null where there is no end to them.</summary>
    internal decimal? MostPoints => (Part.Cap is { } cap ? Math.Min(cap, Reachable ?? cap) : Reachable) * Part.Weight;

    /// <inheritdoc/>
    public virtual Better Better => Better.More;

    /// <summary>
    /// Which way its value is better for a team. Where the value is points by itself, that is the way in which totals
    /// win.
    /// </summary>
    internal Better BetterIn(Method method) => PointsByCurve ? Better : method.Better;

    /// <summary>Whether "so many times as much" says something of its value.</summary>
    internal virtual bool HasRatio => ShownValue.HasRatio;

    /// <inheritdoc/>
    public virtual IEnumerable<Measure> Measures => [];

    /// <inheritdoc/>
    public virtual IEnumerable<int> RestsOn => [];

    /// <inheritdoc/>
    public abstract PartValue Value(DesignFacts known, Trials trials);

    /// <inheritdoc/>
    public virtual bool PointsByCurve => !Curve.IsValueItself;

    /// <inheritdoc/>
    public virtual bool IsRecorded => true;

    /// <inheritdoc/>
    public abstract PartAnswers Answers(DesignRecord design);

    private static readonly Curve RawCurve = new Curve.Raw();
}
