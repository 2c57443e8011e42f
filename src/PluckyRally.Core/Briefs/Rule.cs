using System.Text.Json.Serialization;
using PluckyRally.Core.Checks;
using PluckyRally.Core.Problems;

namespace PluckyRally.Core.Briefs;

/// <summary>Whether a rule says what the design must do or what may be used.</summary>
public enum RuleSort
{
    /// <summary>What the design must do.</summary>
    Criterion,

    /// <summary>What may be used, or how.</summary>
    Constraint,
}

/// <summary>When a rule is checked.</summary>
public enum CheckTime
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

    /// <summary>The rule in the students' words.</summary>
    public string Text { get; init; } = "";

    /// <summary>How it is checked.</summary>
    public required RuleCheck Check { get; init; }

    /// <summary>When it is checked.</summary>
    public CheckTime When { get; init; } = CheckTime.BeforeTest;

    /// <summary>What happens to a team that misses it.</summary>
    public required Consequence IfMissed { get; init; }

    /// <summary>
    /// For whom it holds: the id of a card that is dealt, or one team's name. Empty where it holds for all.
    /// </summary>
    public string OnlyFor { get; init; } = "";

    /// <summary>Points for meeting the rule; they always help, whichever total wins. 0 or more.</summary>
    public decimal Bonus { get; init; }

    /// <summary>Left out, so that a tier can bring it in (or the other way round).</summary>
    public bool Off { get; init; }

    /// <summary>Whether it only wins points: a miss costs nothing.</summary>
    internal bool IsBonus => this is { Bonus: > 0, IfMissed: Consequence.NoteOnly };

    /// <summary>
    /// Whether somebody must say of every attempt how the rule came out. Where a miss does no more than fail the
    /// attempt, counting the attempt says that the rule was met.
    /// </summary>
    internal bool IsAsked =>
        this
            is { When: CheckTime.EveryAttempt, Check: RuleCheck.Inspection }
                and not { IfMissed: Consequence.AttemptDoesNotCount, Bonus: 0 };

    /// <summary>
    /// Whether every attempt must meet it: what is only noted, and what only earns a bonus, need not.
    /// </summary>
    internal bool MustInAttempt => this is { When: CheckTime.EveryAttempt, IfMissed: not Consequence.NoteOnly };

    /// <summary>
    /// Whether a team has not finished before the rule is answered. A bonus that nobody looked at is only not given.
    /// </summary>
    internal bool HoldsUp => IfMissed is not (Consequence.NoteOnly or Consequence.AttemptDoesNotCount);
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
    private Consequence() { }

    /// <summary>Adds what is wrong with it for a rule.</summary>
    internal virtual void Check(Rule rule, Brief brief, ProblemCollector found) { }

    /// <summary>The team does not place.</summary>
    public sealed record DoesNotPlace : Consequence;

    /// <summary>The attempt is a failed one.</summary>
    public sealed record AttemptDoesNotCount : Consequence
    {
        internal override void Check(Rule rule, Brief brief, ProblemCollector found) =>
            found.Unless(
                rule.When == CheckTime.EveryAttempt,
                "/when",
                "Only a rule checked in every attempt can make an attempt not count.",
                "Check it in every attempt, or choose another consequence."
            );
    }

    /// <summary>A part scores its “no success” points.</summary>
    /// <param name="Part">The part's id.</param>
    public sealed record FailurePoints(string Part) : Consequence
    {
        internal override void Check(Rule rule, Brief brief, ProblemCollector found) =>
            found.Unless(
                brief.Method.Parts.Any(p => p.Id == Part),
                "/ifMissed/part",
                "The part that gives these points is not in the method.",
                "Choose one of the parts of the method."
            );
    }

    /// <summary>Points are lost: taken off where the highest total wins, added where the lowest wins.</summary>
    /// <param name="Points">How many, above 0.</param>
    /// <param name="Per">Once, or for so much over the limit.</param>
    /// <param name="Each">How many units of the measure make one step, above 0.</param>
    public sealed record Deduct(decimal Points, DeductPer Per = DeductPer.Once, decimal Each = 1) : Consequence
    {
        internal override void Check(Rule rule, Brief brief, ProblemCollector found)
        {
            found.Unless(
                Points > 0,
                "/ifMissed/points",
                "A deduction of 0 changes nothing.",
                "Write the points as a number above zero; they always count against the team."
            );
            found.Unless(
                Each > 0,
                "/ifMissed/each",
                "The step of a deduction must be above zero.",
                "Use 1 for every whole unit."
            );
            found.Unless(
                Per == DeductPer.Once || rule.Check.HasAmount,
                "/ifMissed/per",
                "This is met or missed, by no amount.",
                "Take the points off once."
            );
        }
    }

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
