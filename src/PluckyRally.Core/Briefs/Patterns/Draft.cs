using PluckyRally.Core.Checks;
using PluckyRally.Core.Curves;
using PluckyRally.Core.Kit;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Time;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Briefs;

/// <summary>The pieces that patterns are put together from, fitted to grades and units.</summary>
internal sealed record Draft(GradeBand Grades, UnitSystem Units)
{
    private const decimal CentimetresInAnInch = 2.54m;
    private const decimal GramsInAnOunce = 28.349523125m;

    /// <summary>The length of the thing that the youngest lay end to end.</summary>
    private const decimal CubeCentimetres = 2;

    private bool Youngest => Grades == GradeBand.KTo2;

    /// <summary>Attempts where one takes little time.</summary>
    public int ManyAttempts =>
        GradeBands.Attempts(Grades) switch
        {
            1 => 1,
            > 5 => 5,
            var n => n,
        };

    /// <summary>How many attempts are combined: the mean needs three of them.</summary>
    public Combine Usual => ManyAttempts >= 3 ? Combine.Mean : Combine.Best;

    /// <summary>The unit of lengths.</summary>
    public string LengthUnit => Youngest ? "cubes" : Readings.Units.Usual(MeasureKind.Length, Units);

    /// <summary>How finely points are shown that lengths give one by one: quarters of an inch are not cut.</summary>
    public decimal ShownPoints => LengthUnit == "in" ? 0.01m : 0.1m;

    /// <summary>
    /// A length: cubes end to end for the youngest, then cm or inches as finely as the grades read them.
    /// </summary>
    public Measure Length(
        string id,
        string name,
        string how,
        decimal lowCm,
        decimal highCm,
        ReadOccasion taken = ReadOccasion.EachAttempt
    ) =>
        new()
        {
            Id = id,
            Name = name,
            Kind = MeasureKind.Length,
            Unit = LengthUnit,
            LaidOut = Youngest ? new(LengthUnit, CubeCentimetres) : null,
            Step = Youngest ? 1 : GradeBands.LengthStep(Grades, LengthUnit),
            Taken = taken,
            How = how,
            Expected = new(Whole(lowCm), Whole(highCm)),
        };

    /// <summary>Centimetres as a limit in the draft's unit, whole.</summary>
    public string LengthOf(decimal cm) => $"{Numerals.Write(Whole(cm))} {LengthUnit}";

    /// <summary>Centimetres in the draft's unit, whole.</summary>
    public decimal Whole(decimal cm) =>
        Math.Round(
            cm
                / (
                    Youngest ? CubeCentimetres
                    : Units == UnitSystem.Metric ? 1
                    : CentimetresInAnInch
                ),
            MidpointRounding.AwayFromZero
        );

    /// <summary>A mass, in grams or ounces.</summary>
    public Measure Mass(
        string id,
        string name,
        string how,
        decimal lowGrams,
        decimal highGrams,
        ReadOccasion taken = ReadOccasion.EachAttempt
    ) =>
        new()
        {
            Id = id,
            Name = name,
            Kind = MeasureKind.Mass,
            Unit = Readings.Units.Usual(MeasureKind.Mass, Units),
            Step = UsualMeasure.StepOf(MeasureKind.Mass, Readings.Units.Usual(MeasureKind.Mass, Units), Grades),
            Taken = taken,
            How = how,
            Expected =
                Units == UnitSystem.Metric
                    ? new(lowGrams, highGrams)
                    : new(Math.Round(lowGrams / GramsInAnOunce, 1), Math.Round(highGrams / GramsInAnOunce, 1)),
        };

    /// <summary>A count of things.</summary>
    public static Measure Count(
        string id,
        string name,
        string unit,
        decimal low,
        decimal high,
        string how = "",
        ReadOccasion taken = ReadOccasion.EachAttempt
    ) =>
        new()
        {
            Id = id,
            Name = name,
            Kind = MeasureKind.Count,
            Unit = unit,
            Taken = taken,
            How = how,
            Expected = new(low, high),
        };

    /// <summary>An inspection.</summary>
    public static Rule Must(
        string id,
        string text,
        RuleSort sort = RuleSort.Criterion,
        CheckTime when = CheckTime.BeforeTest,
        Consequence? ifMissed = null
    ) =>
        new()
        {
            Id = id,
            Sort = sort,
            Text = text,
            Check = new RuleCheck.Inspection(),
            When = when,
            IfMissed = ifMissed ?? new Consequence.DoesNotPlace(),
        };

    /// <summary>A measured part.</summary>
    public static Part.Measured Points(
        string id,
        string name,
        string value,
        Better better,
        Curve curve,
        Combine combine = Combine.Best,
        decimal? failurePoints = null,
        decimal? failureValue = null
    ) =>
        new()
        {
            Id = id,
            Name = name,
            Value = value,
            Better = better,
            Curve = curve,
            Combine = combine,
            FailurePoints = failurePoints,
            FailureValue = failureValue,
        };

    /// <summary>A material for each team.</summary>
    public static Material Stuff(
        string id,
        string name,
        string category,
        decimal amount,
        string unit = "",
        bool reusable = false,
        string note = ""
    ) =>
        new()
        {
            Id = id,
            Name = name,
            Category = category,
            Amount = amount,
            Unit = unit,
            Reusable = reusable,
            Note = note,
        };

    /// <summary>What a team builds with. Which material it is, the teacher fills in: a pattern names none.</summary>
    public static Material Pieces(decimal amount) => Stuff("pieces", "pieces to build with", "stiffening", amount);

    /// <summary>Something that joins, by its length.</summary>
    public Material Joining(decimal cm) =>
        Stuff("joining", "something that joins", Material.Joining, Handed(cm), HandedUnit);

    /// <summary>The unit in which lengths of material are handed out, to the youngest too.</summary>
    public string HandedUnit => Readings.Units.Usual(MeasureKind.Length, Units);

    /// <summary>Centimetres of a material in the unit in which it is handed out, whole.</summary>
    public decimal Handed(decimal cm) =>
        Units == UnitSystem.Metric ? cm : Math.Round(cm / CentimetresInAnInch, MidpointRounding.AwayFromZero);

    /// <summary>Something to cut with, for each team.</summary>
    public static Material Cutter { get; } = Stuff("cutter", "something to cut with", "tool", 1, reusable: true);

    /// <summary>
    /// The phases, with a test that fits the lesson: at two tables, or over two lessons, where one would not do.
    /// </summary>
    public static Timing Lesson(
        decimal build,
        decimal testMinutes,
        int attempts,
        decimal changeover = 0.5m,
        string ifLate = "Who does not let go when time is up goes last in the test."
    )
    {
        foreach (var (stations, lessons) in new[] { (1, 1), (2, 1), (1, 2), (2, 2), (2, 3) })
        {
            var timing = new Timing
            {
                Lesson = 50,
                Lessons = lessons,
                Phases =
                [
                    new()
                    {
                        Id = "introduce",
                        Kind = PhaseKind.Introduce,
                        Minutes = 4,
                    },
                    new()
                    {
                        Id = "sketch",
                        Kind = PhaseKind.Sketch,
                        Minutes = 4,
                    },
                    new()
                    {
                        Id = "plan",
                        Kind = PhaseKind.Plan,
                        Minutes = 4,
                    },
                    new()
                    {
                        Id = "build",
                        Kind = PhaseKind.Build,
                        Minutes = build,
                        Warning = build > 10 ? 5 : 2,
                    },
                    new()
                    {
                        Id = "test",
                        Kind = PhaseKind.Test,
                        Minutes = testMinutes,
                        TeamByTeam = true,
                        Changeover = changeover,
                        TestBays = stations,
                    },
                    new()
                    {
                        Id = "talk",
                        Kind = PhaseKind.Talk,
                        Minutes = 6,
                    },
                    new()
                    {
                        Id = "clearUp",
                        Kind = PhaseKind.ClearUp,
                        Minutes = 3,
                    },
                ],
                IfLate = ifLate,
            };
            if (timing.Phases.Sum(p => Minutes.Of(p, timing.Teams, attempts)) <= Minutes.Room(timing) || lessons == 3)
                return timing;
        }

        throw new System.Diagnostics.UnreachableException();
    }

    /// <summary>A place of the test that is the same for everyone.</summary>
    public static Condition Same(string id, string text, string fixedAt) =>
        new()
        {
            Id = id,
            Text = text,
            FixedAt = fixedAt,
        };

    /// <summary>A hazard whose caution the teacher still has to read.</summary>
    public static IReadOnlyList<Hazard> Beware(params HazardKind[] kinds) =>
        [.. kinds.Select(k => new Hazard { Kind = k })];

    /// <summary>What every pattern begins with.</summary>
    public Brief Begin(Pattern pattern, string title, string goal) =>
        new()
        {
            Pattern = pattern,
            Title = title,
            Grades = Grades,
            Goal = goal,
            Summaries = GradeBands.Summaries(Grades),
            Teacher = new()
            {
                Standards =
                [
                    .. Standards
                        .All.Where(s => s.Grades == (Grades == GradeBand.Unsaid ? GradeBand.From3To5 : Grades))
                        .Select(s => s.Code),
                ],
                Questions =
                [
                    "What did your team change on the way, and why?",
                    "What do the best results have in common?",
                    "What one thing would you change next time?",
                ],
            },
        };
}
