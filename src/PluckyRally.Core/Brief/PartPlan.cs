namespace PluckyRally.Core;

/// <summary>
/// A part made ready to be scored. Each case stands in the folder of its part (<c>Parts/Relay</c> and so on), beside
/// the entries that feed it.
/// </summary>
internal abstract partial record PartPlan
{
    private PartPlan() { }

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
    public virtual string UnitSingular => "point";

    /// <summary>Whether its values are words of a scale, each for itself, and not numbers.</summary>
    public virtual bool ShowsWords => false;

    /// <summary>What it gives points for, as a sentence for pupils, without the part's name.</summary>
    public abstract string Say();

    /// <summary>A value as it is shown.</summary>
    public virtual string Show(BoundedValue value) =>
        value.HasValue ? ReadingFormat.WithBound(MethodWords.Points(value.Number), value.Bound) : "no value";

    /// <summary>
    /// A value that the brief states, such as the edge of a band: never rounded, unlike one that was worked out.
    /// </summary>
    public virtual string ShowStated(decimal value) => Show(new BoundedValue(value));

    /// <summary>The measures that it looks at.</summary>
    public virtual IEnumerable<Measure> Measures => [];

    /// <summary>The places in the method of the parts on whose values its own rests.</summary>
    public virtual IEnumerable<int> RestsOn => [];

    /// <summary>The part's value for one design.</summary>
    /// <param name="known">What was recorded, and the values of the parts that it rests on.</param>
    /// <param name="trials">How the brief tests.</param>
    public abstract PartValue Value(DesignFacts known, Trials trials);

    /// <summary>Whether a curve gives the points; otherwise it gives them by its own rule and has said so.</summary>
    public virtual bool PointsByCurve => !Curve.IsValueItself;

    /// <summary>Whether a judge records it by itself; otherwise it follows from trials or from other parts.</summary>
    public virtual bool IsRecorded => true;

    /// <summary>Its tables on a judge's sheet; none where it is not recorded by itself.</summary>
    public abstract IEnumerable<PaperBlock> Paper { get; }

    /// <summary>Its sheet for the teams and the key to it; null where nothing is answered on paper.</summary>
    public virtual TaskPaper? TaskSheet => null;

    /// <summary>The entries that stand on a judge's sheet.</summary>
    public abstract IEnumerable<PaperEntry> FromPaper(TypedPaper paper);

    /// <summary>What has been recorded of it, as a judge goes on from it.</summary>
    public abstract PartAnswers Answers(DesignRecord design);

    /// <summary>The values that its curve will probably see; null where nobody knows.</summary>
    public abstract Stretch? Values(Brief brief);

    /// <summary>
    /// The fewest and the most points it will probably give, before floor, cap and weight; null where nobody knows.
    /// </summary>
    public virtual Stretch? Spread(Brief brief) => Values(brief) is { } values ? Curve.Spread(values, Better) : null;

    /// <summary>The fewest and the most points it will probably add to a total; null where nobody knows.</summary>
    public Stretch? PointsSpread(Brief brief)
    {
        return Spread(brief) is { } points ? new(Added(points.Low), Added(points.High)) : null;

        decimal Added(decimal p) =>
            Math.Max(Part.Floor ?? decimal.MinValue, Math.Min(Part.Cap ?? decimal.MaxValue, p)) * Part.Weight;
    }

    /// <summary>What of a pretend team can be moved.</summary>
    public abstract IEnumerable<TryHandle> Handles { get; }

    /// <summary>
    /// What of it is left to chance in a rehearsal; each of them can stand where a pretend team's handles do.
    /// </summary>
    public virtual IEnumerable<RehearsedThing> Things => Handles.Select(RehearsedThing.Amount.Guess);

    /// <summary>What really came of its things, from what was recorded of a design.</summary>
    public abstract IEnumerable<ThingCame> Came(DesignRecord design);

    /// <summary>What judges would write down of a pretend team.</summary>
    public abstract IEnumerable<Entry> Rehearse(PartRehearsal team);

    /// <summary>What the class found out by it, in sentences.</summary>
    public virtual IEnumerable<string> Found(IReadOnlyList<TeamResult> results) => [];

    /// <summary>What in it would go wrong in a class.</summary>
    public virtual IEnumerable<Snag> Snags(Scene scene) => [];

    private static readonly Curve RawCurve = new Curve.Raw();

    /// <summary>Makes a part ready, or adds what is wrong with it.</summary>
    /// <param name="part">The part.</param>
    /// <param name="brief">The brief.</param>
    /// <param name="found">Collects what is wrong.</param>
    /// <param name="ready">What makes ready what only this sort of part has.</param>
    public static PartPlan? Make(
        Part part,
        Brief brief,
        ProblemCollector found,
        Func<Brief, ProblemCollector, PartPlan?> ready
    )
    {
        found.NotEmpty(
            part.Name,
            "/name",
            "The part has no name.",
            "Say what it gives points for, for example “Height”."
        );
        found.Length(part.Name, Limits.Name, "/name", "The name");
        found.Unless(
            part.Floor is null || part.Cap is null || part.Floor <= part.Cap,
            "/cap",
            "The most points are fewer than the fewest.",
            "Swap them."
        );
        found.Unless(
            part.Weight >= 0,
            "/weight",
            "A weight below zero would turn better into worse.",
            "Use 0 or more."
        );
        if (brief.Method.Wins == Wins.Lowest && part.FailurePoints is null)
            found.Add(
                "/failurePoints",
                "Where the lowest total wins, a team without a success must get points.",
                "Write how many, more than any success would give."
            );
        var plan = ready(brief, found);
        return found.Problems.Count == 0 ? plan : null;
    }

    /// <summary>A field of this part on a judge's sheet.</summary>
    private protected string Field(string what) => $"part.{Part.Id}.{what}";

    /// <summary>
    /// Something of it that is left to chance, with what is usual where nobody knows (common practice, no source).
    /// </summary>
    private protected RehearsedThing.Amount Amount(
        string what,
        string name,
        string unit,
        Pert usual,
        decimal step = 1,
        IReadOnlyList<string>? words = null,
        bool less = false
    ) => new(Handle(what, name, unit, usual.Low, usual.High, step, words, less), usual, RehearsalWords.Guess);

    /// <summary>
    /// Something of it that happens or does not, with how often it does where nobody knows (common practice, no
    /// source).
    /// </summary>
    private protected RehearsedThing.Happening Happening(string what, string name, decimal inAHundred, bool good) =>
        new($"{Part.Id}.{what}", $"{Part.Name}: {name}", inAHundred, good);

    /// <summary>What came of one of its things.</summary>
    private protected ThingCame CameOf(string what, decimal value, int of = 1) => new($"{Part.Id}.{what}", value, of);

    private protected TryHandle Handle(
        string what,
        string name,
        string unit,
        decimal low,
        decimal high,
        decimal step = 1,
        IReadOnlyList<string>? words = null,
        bool less = false
    ) => new($"{Part.Id}.{what}", $"{Part.Name}: {name}", unit, low, high, step, words ?? []) { LessIsBetter = less };
}
