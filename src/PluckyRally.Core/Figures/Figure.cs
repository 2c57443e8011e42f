using PluckyRally.Core.Briefs;
using PluckyRally.Core.Expressions;
using PluckyRally.Core.Parts;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Results;
using PluckyRally.Core.Score;

namespace PluckyRally.Core.Figures;

/// <summary>Something of a team's that can be compared, limited, scored, awarded or summed up.</summary>
/// <param name="Shown">How it is named, in which unit and how finely it is shown; its id is the figure's.</param>
/// <param name="Known">When it is known.</param>
internal abstract record Figure(Measure Shown, Availability Known)
{
    /// <summary>Its id in expressions.</summary>
    public string Id => Shown.Id;

    /// <summary>What people call it.</summary>
    public string Name => Shown.Name;

    /// <summary>Decimals at which it is shown and compared.</summary>
    public virtual int Decimals => Shown.Decimals;

    /// <summary>The places in the method of the parts that it reads.</summary>
    public virtual IEnumerable<int> Parts => [];

    /// <summary>Which way is better, where that is said; null otherwise.</summary>
    public virtual Better? Direction => null;

    /// <summary>Whether a value of it can be below zero.</summary>
    public virtual bool MayBeNegative => Shown.Negative;

    /// <summary>Whether it says which teams did it: then it holds for those that did not, too.</summary>
    public virtual bool SaysWhoDidIt => false;

    /// <summary>Its value for a design, or why there is none.</summary>
    public abstract BoundedValue Of(DesignFacts facts);

    /// <summary>Its value for a design as it is compared with others: at the shown precision, with its bound.</summary>
    public BoundedValue Compared(DesignFacts facts) => Of(facts).At(Decimals);

    /// <summary>Its value in one attempt, for what is known there.</summary>
    public virtual BoundedValue InAttempt(DesignRecord design, Attempt attempt) =>
        BoundedValue.None(new Absence.NoPointsYet());

    /// <summary>A value as it is shown.</summary>
    public virtual string Show(BoundedValue value) => ReadingFormat.Value(value, Shown);

    /// <summary>Whether its value for a design is that of one attempt, with which others of that attempt go.</summary>
    public virtual bool PicksAnAttempt => false;

    /// <summary>A measure in its own way.</summary>
    /// <param name="Measure">The measure.</param>
    /// <param name="Way">How its attempts become one.</param>
    /// <param name="Trials">How the brief tests.</param>
    /// <param name="ReadBy">The place of the first part that reads it alone, in the same way; null where there is
    /// none.</param>
    public sealed record OfMeasure(Measure Measure, Way Way, Trials Trials, int? ReadBy)
        : Figure(Measure, Availability.InAttempt)
    {
        private readonly Expression _alone = Expression.Of(Measure);

        public override IEnumerable<int> Parts => ReadBy is { } at ? [at] : [];

        public override bool PicksAnAttempt => Measure.Taken == ReadOccasion.EachAttempt && Way.PicksOne;

        public override Better? Direction => Measure.Better ?? (ReadBy is null ? null : Way.Better);

        public override int Decimals =>
            Measure.Taken == ReadOccasion.EachAttempt ? Way.Decimals(_alone) : Shown.Decimals;

        public override BoundedValue Of(DesignFacts facts)
        {
            if (Measure.Taken == ReadOccasion.Once)
                return facts.Design.ReadOnce(Measure);
            if (ReadBy is { } at)
                return facts.Values[at].Value;
            return facts.Design.Waits(Trials, Way.AddsUp) is { } waits
                ? BoundedValue.None(waits)
                : Way.Of(AttemptValue.Of(_alone, Way, facts.Design)).Value;
        }

        public override BoundedValue InAttempt(DesignRecord design, Attempt attempt) => design.Read(Measure, attempt);

        public override string Show(BoundedValue value) =>
            Measure.Taken == ReadOccasion.EachAttempt ? Way.Show(_alone, value) : _alone.Show(value);
    }

    /// <summary>A figure with a name of its own.</summary>
    /// <param name="Definition">The figure.</param>
    /// <param name="Value">Its expression.</param>
    /// <param name="Trials">How the brief tests.</param>
    public sealed record OfName(NamedFigure Definition, FigureExpression Value, Trials Trials)
        : Figure(
            Named(Definition, Value),
            Definition.Work == Work.EachAttempt ? Availability.InAttempt
                : Value.Known > Availability.WithResult ? Value.Known
                : Availability.WithResult
        )
    {
        /// <summary>
        /// Whether it is worked out of attempts; otherwise of what is measured once, or of other figures.
        /// </summary>
        private bool OfAttempts =>
            Definition.Work == Work.EachAttempt
            && Value.Figures.Any(f =>
                f is OfMeasure { Measure.Taken: ReadOccasion.EachAttempt } or OfName { OfAttempts: true }
            );

        public override IEnumerable<int> Parts => Value.Parts;

        public override bool PicksAnAttempt => OfAttempts && Definition.Way.PicksOne;

        public override Better? Direction => Definition.Better;

        public override bool MayBeNegative => Value.Figures.Any(f => f.MayBeNegative);

        /// <summary>In an attempt a measure is a reading, whatever is made of it for a design.</summary>
        public override int Decimals => OfAttempts ? Definition.Way.Decimals(Value.Expression) : Value.Decimals;

        public override BoundedValue Of(DesignFacts facts) =>
            !OfAttempts ? Value.Of(facts)
            : facts.Design.Waits(Trials, Definition.Way.AddsUp) is { } waits ? BoundedValue.None(waits)
            : Definition.Way.Of(AttemptValue.Of(Value, Definition.Way, facts.Design)).Value;

        public override BoundedValue InAttempt(DesignRecord design, Attempt attempt) =>
            Value.InAttempt(design, attempt);

        public override string Show(BoundedValue value) =>
            OfAttempts ? Definition.Way.Show(Value.Expression, value) : Value.Show(value);
    }

    /// <summary>The value of a part, before any points.</summary>
    /// <param name="Plan">The part.</param>
    /// <param name="At">Its place in the method.</param>
    /// <param name="Method">The method.</param>
    public sealed record OfPart(PartPlan Plan, int At, Method Method)
        : Figure(ValueOf(Plan.Part, Plan.ShownValue), Availability.WithResult)
    {
        public override IEnumerable<int> Parts => [At];

        public override int Decimals => Plan.Decimals;

        public override Better? Direction => Plan.BetterIn(Method);

        public override BoundedValue Of(DesignFacts facts) =>
            facts.Points?[At] is { State: not PartState.Scored } lost ? lost.Value.Value : facts.Values[At].Value;

        public override string Show(BoundedValue value) => Plan.Show(value);
    }

    /// <summary>A fact of a part.</summary>
    /// <param name="Plan">The part.</param>
    /// <param name="At">Its place in the method.</param>
    /// <param name="Fact">The fact's place among those of the part.</param>
    public sealed record FactOfPart(PartPlan Plan, int At, int Fact)
        : Figure(Plan.Part.Facts[Fact].Of(Plan.Part), Availability.WithResult)
    {
        public override Better? Direction => Plan.Part.Facts[Fact].Better;

        public override IEnumerable<int> Parts => [At];

        public override BoundedValue Of(DesignFacts facts) =>
            facts.Values[At].Facts is { Count: > 0 } known
                ? known[Fact]
                : BoundedValue.None(facts.Values[At].Value.Absent ?? new Absence.NoPointsYet());
    }

    /// <summary>The points of a part, as they are added up or before the weight.</summary>
    /// <param name="Plan">The part.</param>
    /// <param name="At">Its place in the method.</param>
    /// <param name="Method">The method.</param>
    /// <param name="Weighted">As they are added up.</param>
    public sealed record PointsOfPart(PartPlan Plan, int At, Method Method, bool Weighted)
        : Figure(Points(Plan.Part, Method, Weighted), Availability.WithPoints)
    {
        public override IEnumerable<int> Parts => [At];

        public override Better? Direction => Method.Better;

        public override BoundedValue Of(DesignFacts facts) =>
            facts.Points?[At] is not { Points: { } added } part ? BoundedValue.None(new Absence.NoPointsYet())
            : Weighted ? new(added, part.Added)
            : new(part.Clamped, part.Bound);
    }

    /// <summary>Something of the team as a whole.</summary>
    /// <param name="Fact">What of it.</param>
    /// <param name="Method">The method.</param>
    /// <param name="Trials">How the brief tests.</param>
    public sealed record OfTeam(TeamFact Fact, Method Method, Trials Trials)
        : Figure(
            Team(Fact, Method),
            Fact switch
            {
                TeamFact.Total => Availability.WithTotal,
                // Whether an attempt did it is known only when the rules have been checked.
                TeamFact.DidIt or TeamFact.Done => Availability.WithPoints,
                TeamFact.Members or TeamFact.Attempts or TeamFact.Failed => Availability.WithResult,
            }
        )
    {
        public override bool MayBeNegative => Fact == TeamFact.Total;

        public override bool SaysWhoDidIt => Fact is TeamFact.DidIt or TeamFact.Done;

        public override Better? Direction =>
            Fact switch
            {
                TeamFact.Total => Method.Better,
                TeamFact.Failed => Better.Less,
                TeamFact.DidIt or TeamFact.Done => Better.More,
                TeamFact.Members or TeamFact.Attempts => null,
            };

        public override BoundedValue Of(DesignFacts facts) =>
            Fact switch
            {
                TeamFact.Total => facts.Total ?? BoundedValue.None(new Absence.NoPointsYet()),
                TeamFact.Members => new(facts.Design.Team.Team.Members),
                TeamFact.Attempts => new(facts.Design.Made),
                TeamFact.Failed => new(facts.Design.Attempts.Count(a => a.Outcome == TrialOutcome.Failed)),
                TeamFact.DidIt or TeamFact.Done when facts.Design.Waits(Trials) is { } waits => BoundedValue.None(
                    waits
                ),
                TeamFact.DidIt when facts.Design.Attempts.Any(a => a.DidIt) => new(1),
                TeamFact.DidIt or TeamFact.Done when facts.Design.Attempts.Any(a => a.Unanswered) => BoundedValue.None(
                    new Absence.AttemptWaits()
                ),
                TeamFact.DidIt => new(0),
                TeamFact.Done => new(facts.Design.Attempts.Count(a => a.DidIt)),
            };
    }

    /// <summary>
    /// A figure of a part that something still stops: it can be named, so that what stops the part is said once.
    /// </summary>
    public sealed record Unready(Measure Shown) : Figure(Shown, Availability.InAttempt)
    {
        public override BoundedValue Of(DesignFacts facts) => BoundedValue.None(new Absence.NoPointsYet());
    }

    /// <summary>
    /// How a figure with a name is shown: as the figure that it is made of alone, else with so many decimals.
    /// </summary>
    private static Measure Named(NamedFigure figure, FigureExpression value) =>
        value.Plain is { } plain
            ? plain.Shown with
            {
                Id = figure.Id,
                Name = figure.Name,
            }
            : new()
            {
                Id = figure.Id,
                Name = figure.Name,
                Kind = MeasureKind.Number,
                Unit = value.Expression.Unit,
                Step = 1 / (decimal)Math.Pow(10, value.Decimals),
                Negative = true,
            };

    /// <summary>How a part's value is named, shown like something else.</summary>
    internal static Measure ValueOf(Part part, Measure like) => like with { Id = $"{part.Id}.value", Name = part.Name };

    internal static Measure Points(Part part, Method method, bool weighted) =>
        weighted
            ? Exact($"{part.Id}.points", $"points for {part.Name}", method.Precision)
            : Exact($"{part.Id}.unweighted", $"points for {part.Name} before the weight", 0.001m);

    internal static Measure Team(TeamFact fact, Method method) =>
        fact switch
        {
            TeamFact.Total => Exact("team.total", "total", method.Precision),
            TeamFact.Members => Exact("team.members", "members", 1),
            TeamFact.Attempts => Exact("team.attempts", "attempts made", 1),
            TeamFact.Failed => Exact("team.failed", "attempts failed", 1),
            TeamFact.DidIt => Exact("team.didIt", "did it", 1) with { Kind = MeasureKind.YesNo },
            TeamFact.Done => Exact("team.done", "attempts that did it", 1),
        };

    /// <summary>What is known of a team as a whole in a brief.</summary>
    internal static IEnumerable<TeamFact> TeamFacts(Brief brief) =>
        Enum.GetValues<TeamFact>().Where(f => brief.PassedOrNot || f is not (TeamFact.DidIt or TeamFact.Done));

    /// <summary>Something counted or added up: exact as it is shown.</summary>
    public static Measure Exact(string id, string name, decimal step) =>
        new()
        {
            Id = id,
            Name = name,
            Kind = MeasureKind.Count,
            Step = step > 0 ? step : 1,
            Negative = true,
        };
}

/// <summary>What is known of a team as a whole.</summary>
internal enum TeamFact
{
    /// <summary>Its total.</summary>
    Total,

    /// <summary>How many are in it.</summary>
    Members,

    /// <summary>Attempts that are used up.</summary>
    Attempts,

    /// <summary>Attempts that failed.</summary>
    Failed,

    /// <summary>Where attempts are only passed or not: 1 where one of them did it, else 0.</summary>
    DidIt,

    /// <summary>Where attempts are only passed or not: how many of them did it.</summary>
    Done,
}
