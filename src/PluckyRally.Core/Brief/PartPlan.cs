namespace PluckyRally.Core;

/// <summary>
/// A part made ready to be scored. Each case stands in the folder of its part (<c>Parts/Relay</c> and so on), beside the
/// entries that feed it.
/// </summary>
internal abstract partial record PartPlan
{
    private PartPlan()
    {
    }

    /// <summary>The part.</summary>
    public abstract Part Part { get; }

    /// <summary>How its value becomes points; raw where the part gives points by its own rule.</summary>
    public virtual Curve Curve => RawCurve;

    /// <summary>Which direction of its value is better.</summary>
    public virtual Better Better => Better.More;

    /// <summary>Decimals at which values are shown and compared.</summary>
    public virtual int Decimals => 6;

    /// <summary>How its value stands in expressions: its kind, unit and step.</summary>
    public virtual Measure ShownValue => Figure.Exact(Part.Id, Part.Name, 0.001m);

    /// <summary>What one of its value is called, e.g. "cm" or "point".</summary>
    public virtual string One => "point";

    /// <summary>What it gives points for, as a sentence for pupils, without the part's name.</summary>
    public abstract string Say();

    /// <summary>A value as it is shown.</summary>
    public virtual string Show(Worth value) => value.HasValue ? ReadingFormat.WithBound(MethodWords.Points(value.Number), value.Bound) : "no value";

    /// <summary>A value that the brief states, such as the edge of a band: never rounded, unlike one that was worked out.</summary>
    public virtual string ShowStated(decimal value) => Show(new Worth(value));

    /// <summary>The part's value for one design.</summary>
    /// <param name="design">What was recorded.</param>
    /// <param name="trials">How the brief tests.</param>
    public abstract PartValue Value(DesignRecord design, Trials trials);

    private static readonly Curve RawCurve = new Curve.Raw();

    /// <summary>Makes a part ready, or adds what is wrong with it.</summary>
    public static PartPlan? Make(Part part, Brief brief, Findings found)
    {
        found.NotEmpty(part.Name, "/name", "The part has no name.", "Say what it gives points for, for example “Height”.");
        found.Length(part.Name, Most.Name, "/name", "The name");
        found.Unless(part.Floor is null || part.Cap is null || part.Floor <= part.Cap, "/cap", "The most points are fewer than the fewest.", "Swap them.");
        found.Unless(part.Weight >= 0, "/weight", "A weight below zero would turn better into worse.", "Use 0 or more.");
        if (brief.Method.Wins == Wins.Lowest && part.FailurePoints is null)
            found.Add("/failurePoints", "Where the lowest total wins, a team without a success must get points.", "Write how many, more than any success would give.");
        PartPlan? plan = part switch
        {
            Part.Measured measured => Measured.Make(measured, brief, found),
            Part.Tasks tasks => Tasks.Make(tasks, found),
            Part.Relay relay => Relay.Make(relay, brief, found),
            Part.Bins bins => Bins.Make(bins, brief, found),
            Part.Ordering ordering => Ordering.Make(ordering, found),
            Part.Pieces pieces => Pieces.Make(pieces, found),
            Part.Rubric rubric => Rubric.Make(rubric, found),
            Part.Budget budget => Budget.Make(budget, brief, found),
            Part.Tally tally => Tally.Make(tally, brief, found),
            _ => throw new System.Diagnostics.UnreachableException(),
        };
        return found.Problems.Count == 0 ? plan : null;
    }
}
