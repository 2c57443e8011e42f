using PluckyRally.Core.Checks;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Results;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Briefs;

internal abstract partial record Piece
{
    /// <summary>Something that is measured and compared with a limit.</summary>
    /// <param name="From">The stretch of the text.</param>
    /// <param name="Measure">What is measured.</param>
    /// <param name="Comparison">How it is compared.</param>
    /// <param name="Amount">The limit, as a reading is written.</param>
    /// <param name="Upper">The upper limit of two, else empty.</param>
    /// <param name="Text">The rule in the words that were said.</param>
    /// <param name="Sort">Criterion or constraint.</param>
    /// <param name="Deducts">Points lost for every full unit that it is missed by; null where the team does not
    /// place.</param>
    public sealed record Limit(
        TextRange From,
        SaidMeasure Measure,
        Comparison Comparison,
        string Amount,
        string Upper,
        string Text,
        RuleSort Sort,
        decimal? Deducts = null
    ) : Piece(From)
    {
        public override string Says() =>
            $"{(Measure.Kind == MeasureKind.Count ? "Count" : "Measure")} the {Measure.Name.ToLowerInvariant()}: "
            + $"{SayRange()}, "
            + (When == CheckTime.BeforeTest ? "before the test." : "after the test.")
            + (Deducts is { } points ? $" {MethodWords.Points(points)} off for every one more." : "");

        /// <summary>The limit in words: "at least 12 in".</summary>
        public string SayRange() =>
            Comparison switch
            {
                Comparison.AtLeast => $"at least {SayAmount()}",
                Comparison.MoreThan => $"more than {SayAmount()}",
                Comparison.AtMost => $"at most {SayAmount()}",
                Comparison.LessThan => $"less than {SayAmount()}",
                Comparison.Between => $"between {Amount} and {Upper}",
                Comparison.Exactly => $"exactly {SayAmount()}",
            };

        private string SayAmount() =>
            Measure.Kind == MeasureKind.Count && Amount == $"1 {Measure.Unit}" ? $"1 {Measure.OneOfIt}" : Amount;

        /// <summary>What the id of the rule begins with.</summary>
        public static string Stem(Limit limit) => $"{limit.Measure.Id}_limit";

        /// <summary>How the rule is checked.</summary>
        public RuleCheck Check(Brief brief) =>
            new RuleCheck.Limit
            {
                Value = Measure.In(brief).Id,
                Comparison = Comparison,
                Amount = Amount,
                Upper = Upper,
            };

        /// <summary>What is read in attempts is compared with its limit when they are over.</summary>
        public CheckTime When => Measure.Taken == ReadOccasion.EachAttempt ? CheckTime.AfterTest : CheckTime.BeforeTest;

        public override IReadOnlyList<Change> Changes(PieceDraft draft) =>
            [
                .. draft.With(Measure),
                PieceDraft.With(
                    new Rule
                    {
                        Id = draft.IdOf(this, Stem(this)),
                        Sort = Sort,
                        Text = Text,
                        Check = Check(draft.Brief),
                        When = When,
                        IfMissed = Deducts is { } points
                            ? new Consequence.Deduct(points, DeductPer.CompletedUnit)
                            : new Consequence.DoesNotPlace(),
                    }
                ),
            ];
    }

    /// <summary>Something that is checked by looking.</summary>
    /// <param name="From">The stretch of the text.</param>
    /// <param name="Text">The rule in the words that were said.</param>
    /// <param name="Sort">Criterion or constraint.</param>
    /// <param name="Bonus">Points for meeting it; 0 where it must be met.</param>
    /// <param name="Deducts">Points lost once for missing it; 0 where the team does not place.</param>
    /// <param name="InAttempt">Whether it is checked in every attempt, and an attempt that misses it does not
    /// count.</param>
    public sealed record Look(
        TextRange From,
        string Text,
        RuleSort Sort,
        decimal Bonus = 0,
        decimal Deducts = 0,
        bool InAttempt = false
    ) : Piece(From)
    {
        public override string Says() =>
            Bonus > 0 ? $"Check by looking: {MethodWords.Points(Bonus)} more for it."
            : Deducts > 0 ? $"Check by looking: {MethodWords.Points(Deducts)} off if it happens."
            : InAttempt ? "Check by looking, in every attempt; one that misses it does not count."
            : Sort == RuleSort.Criterion ? "Check by looking, before the test: a criterion."
            : "Check by looking, before the test: a constraint.";

        public override IReadOnlyList<Change> Changes(PieceDraft draft) =>
            [
                PieceDraft.With(
                    new Rule
                    {
                        Id = draft.Id(Sort == RuleSort.Criterion ? "criterion" : "constraint"),
                        Sort = Sort,
                        Text = Text,
                        Check = new RuleCheck.Inspection(),
                        When =
                            InAttempt ? CheckTime.EveryAttempt
                            : Bonus > 0 || Deducts > 0 ? CheckTime.AfterTest
                            : CheckTime.BeforeTest,
                        Bonus = Bonus,
                        IfMissed =
                            Bonus > 0 ? new Consequence.NoteOnly()
                            : Deducts > 0 ? new Consequence.Deduct(Deducts)
                            : InAttempt ? new Consequence.AttemptDoesNotCount()
                            : new Consequence.DoesNotPlace(),
                    }
                ),
            ];
    }

    /// <summary>It must stay as it is for so long after everybody lets go.</summary>
    /// <param name="From">The stretch of the text.</param>
    /// <param name="Seconds">How long, in seconds.</param>
    /// <param name="Text">The rule in the words that were said.</param>
    public sealed record Hold(TextRange From, decimal Seconds, string Text) : Piece(From)
    {
        public override string Says() =>
            $"Everybody lets go and it is timed: {English.Count(Seconds, "second")}, in every attempt.";

        public override IReadOnlyList<Change> Changes(PieceDraft draft) =>
            [
                Change.Set("/trials/holdSeconds", Seconds),
                PieceDraft.With(
                    new Rule
                    {
                        Id = draft.Id("stands"),
                        Sort = RuleSort.Criterion,
                        Text = Text,
                        Check = new RuleCheck.Inspection(),
                        When = CheckTime.EveryAttempt,
                        IfMissed = new Consequence.AttemptDoesNotCount(),
                    }
                ),
            ];
    }
}
