using System.Text.Json.Serialization;

namespace PluckyRally.Core;

/// <summary>Whether a rule says what the design must do or what may be used.</summary>
public enum RuleSort
{
    /// <summary>What the design must do.</summary>
    Criterion,

    /// <summary>What may be used, or how.</summary>
    Constraint,
}

/// <summary>When a rule is checked.</summary>
public enum When
{
    /// <summary>With the plan, before any material is handed out.</summary>
    Plan,

    /// <summary>Before the test.</summary>
    BeforeTest,

    /// <summary>In every attempt.</summary>
    EveryAttempt,

    /// <summary>After the test.</summary>
    AfterTest,
}

/// <summary>A criterion or a constraint: what is asked, how it is checked, and what happens if it is missed.</summary>
public sealed record Rule
{
    /// <summary>Names the rule in entries.</summary>
    public required string Id { get; init; }

    /// <summary>Criterion or constraint.</summary>
    public required RuleSort Sort { get; init; }

    /// <summary>The rule in the pupils' words.</summary>
    public string Text { get; init; } = "";

    /// <summary>How it is checked.</summary>
    public required RuleCheck Check { get; init; }

    /// <summary>When it is checked.</summary>
    public When When { get; init; } = When.BeforeTest;

    /// <summary>What happens to a team that misses it.</summary>
    public required Consequence IfMissed { get; init; }

    /// <summary>For a condition dealt to one team: that team's name. Empty where it holds for all.</summary>
    public string OnlyFor { get; init; } = "";

    /// <summary>Points for keeping the rule; they always help, whichever total wins. 0 or more.</summary>
    public decimal Bonus { get; init; }

    /// <summary>Left out, so that a tier can bring it in (or the other way round).</summary>
    public bool Off { get; init; }

    /// <summary>
    /// Whether somebody must say of every attempt how the rule came out. Where a miss does no more than fail the attempt,
    /// counting the attempt says that the rule was kept.
    /// </summary>
    internal bool IsAsked => this is { When: When.EveryAttempt, Check: RuleCheck.Inspection } and not { IfMissed: Consequence.AttemptDoesNotCount, Bonus: 0 };

    /// <summary>Whether a team has not finished before the rule is answered. A bonus that nobody looked at is only not given.</summary>
    internal bool HoldsUp => IfMissed is not (Consequence.NoteOnly or Consequence.AttemptDoesNotCount);
}

/// <summary>How a value is held against a limit.</summary>
public enum Comparison
{
    /// <summary>The limit or more.</summary>
    AtLeast,

    /// <summary>Above the limit.</summary>
    MoreThan,

    /// <summary>The limit or less.</summary>
    AtMost,

    /// <summary>Below the limit.</summary>
    LessThan,

    /// <summary>From the limit to the upper limit, both included.</summary>
    Between,

    /// <summary>The limit, no more and no less.</summary>
    Exactly,
}

/// <summary>How a rule is checked.</summary>
[JsonPolymorphic(TypeDiscriminatorPropertyName = "kind")]
[JsonDerivedType(typeof(Inspection), "inspection")]
[JsonDerivedType(typeof(Limit), "limit")]
[JsonDerivedType(typeof(Fits), "fits")]
[JsonDerivedType(typeof(Spending), "spending")]
public abstract partial record RuleCheck
{
    private RuleCheck()
    {
    }

    /// <summary>Somebody looks: met or missed.</summary>
    public sealed record Inspection : RuleCheck;

    /// <summary>A value against a limit.</summary>
    public sealed record Limit : RuleCheck
    {
        /// <summary>An expression over the brief's measures, usually one measure's id.</summary>
        public required string Value { get; init; }

        /// <summary>How it is compared.</summary>
        public required Comparison Comparison { get; init; }

        /// <summary>The limit, written as a reading would be: <c>30 cm</c>. A bare number is in the measure's unit.</summary>
        public string Amount { get; init; } = "";

        /// <summary>For <see cref="Comparison.Between"/>: the upper limit.</summary>
        public string Upper { get; init; } = "";

        /// <summary>The limit is so much for each member of the team.</summary>
        public bool PerMember { get; init; }

        /// <summary>The limit is this percentage of the team's own value in the round before, and <see cref="Amount"/> is not used.</summary>
        public decimal? PercentOfLastRound { get; init; }
    }

    /// <summary>
    /// The thing fits inside a box (its length, width and height) or a cylinder (its diameters and its height, which may not
    /// be turned).
    /// </summary>
    public sealed record Fits : RuleCheck
    {
        /// <summary>The measures of length that must fit, by id.</summary>
        public required IReadOnlyList<string> Dimensions { get; init; }

        /// <summary>The room for each, in the same order, written as a reading would be: <c>30 cm</c>.</summary>
        public required IReadOnlyList<string> Room { get; init; }

        /// <summary>Whether the thing may be turned to fit, as in a box in any orientation.</summary>
        public bool Turning { get; init; }
    }

    /// <summary>The team has spent no more than its funds.</summary>
    /// <param name="Part">The id of the part with the budget.</param>
    public sealed record Spending(string Part) : RuleCheck;
}

/// <summary>What happens to a team that misses a rule.</summary>
[JsonPolymorphic(TypeDiscriminatorPropertyName = "kind")]
[JsonDerivedType(typeof(DoesNotPlace), "doesNotPlace")]
[JsonDerivedType(typeof(AttemptDoesNotCount), "attemptDoesNotCount")]
[JsonDerivedType(typeof(FailurePoints), "failurePoints")]
[JsonDerivedType(typeof(Deduct), "deduct")]
[JsonDerivedType(typeof(NoteOnly), "noteOnly")]
public abstract record Consequence
{
    private Consequence()
    {
    }

    /// <summary>The team does not place.</summary>
    public sealed record DoesNotPlace : Consequence;

    /// <summary>The attempt is a failed one.</summary>
    public sealed record AttemptDoesNotCount : Consequence;

    /// <summary>A part gives its failure points.</summary>
    /// <param name="Part">The part's id.</param>
    public sealed record FailurePoints(string Part) : Consequence;

    /// <summary>Points are lost: taken off where the highest total wins, added where the lowest wins.</summary>
    /// <param name="Points">How many, above 0.</param>
    /// <param name="Per">Once, or for so much over the limit.</param>
    /// <param name="Each">How many units of the measure make one step, above 0.</param>
    public sealed record Deduct(decimal Points, DeductPer Per = DeductPer.Once, decimal Each = 1) : Consequence;

    /// <summary>It is written down and changes nothing.</summary>
    public sealed record NoteOnly : Consequence;
}

/// <summary>How a deduction grows.</summary>
public enum DeductPer
{
    /// <summary>The same however much the rule was missed by.</summary>
    Once,

    /// <summary>In proportion to what it was missed by.</summary>
    Unit,

    /// <summary>For every completed step it was missed by.</summary>
    CompletedUnit,
}
