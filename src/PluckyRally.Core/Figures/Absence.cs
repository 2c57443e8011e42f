namespace PluckyRally.Core;

/// <summary>
/// Why there is no value: a fact from which points, status and words follow. What only one kind of part can lack stands in that
/// part's folder.
/// </summary>
public abstract partial record Absence
{
    private Absence()
    {
    }

    /// <summary>Whether recording can still bring a value: the team has not finished. Otherwise there never will be one.</summary>
    public virtual bool NotYet => false;

    /// <summary>Whether it was tried and did not come off; otherwise the value cannot be worked out.</summary>
    public virtual bool NoSuccess => false;

    /// <summary>The fact as a clause, without a full stop.</summary>
    public abstract string Say();

    /// <summary>Recording can still bring a value.</summary>
    public abstract record Open : Absence
    {
        /// <inheritdoc/>
        public sealed override bool NotYet => true;
    }

    /// <summary>A measure has not been read, in an attempt or at all.</summary>
    /// <param name="Measure">The measure.</param>
    /// <param name="Attempt">The attempt's number; absent for what is read once.</param>
    public sealed record NotRead(Measure Measure, int? Attempt = null) : Open
    {
        /// <inheritdoc/>
        public override string Say() => Attempt is { } number ? $"attempt {number} has no reading of {Measure.InSentence}" : $"{Measure.InSentence} has not been read yet";
    }

    /// <summary>There are attempts to be made.</summary>
    /// <param name="Made">How many have been made.</param>
    /// <param name="Needed">How many are needed.</param>
    public sealed record AttemptsToMake(int Made, int Needed) : Open
    {
        /// <inheritdoc/>
        public override string Say() => Made == 0 ? "no attempt has been made yet" : $"{Made} of {Needed} attempts made";
    }

    /// <summary>An attempt waits to be looked at.</summary>
    public sealed record AttemptWaits : Open
    {
        /// <inheritdoc/>
        public override string Say() => "an attempt is waiting to be looked at";
    }

    /// <summary>One judge counts an attempt, another says that it failed.</summary>
    /// <param name="Attempt">The attempt's number.</param>
    public sealed record JudgesDiffer(int Attempt) : Open
    {
        /// <inheritdoc/>
        public override string Say() => $"attempt {Attempt} was counted by one judge and failed by another; agree, and strike what is wrong";
    }

    /// <summary>Too few attempts counted for a mean of the best.</summary>
    /// <param name="Counted">How many counted.</param>
    /// <param name="Needed">How many the mean takes.</param>
    public sealed record TooFewCounted(int Counted, int Needed) : Open
    {
        /// <inheritdoc/>
        public override string Say() => $"{Counted} counted {(Counted == 1 ? "attempt" : "attempts")}, and the mean of the best {Needed} needs {Needed}";
    }

    /// <summary>Points or a total that are not there yet.</summary>
    public sealed record NoPointsYet : Open
    {
        /// <inheritdoc/>
        public override string Say() => "there are no points yet";
    }

    /// <summary>No team has a value that others could be held against.</summary>
    public sealed record NobodyYet : Open
    {
        /// <inheritdoc/>
        public override string Say() => "no team has a value yet";
    }

    /// <summary>All attempts are made, and none counted.</summary>
    public sealed record NoneCounted : Absence
    {
        /// <inheritdoc/>
        public override bool NoSuccess => true;

        /// <inheritdoc/>
        public override string Say() => "no attempt counted";
    }

    /// <summary>A rule was missed whose miss fails the part.</summary>
    /// <param name="Rule">The rule.</param>
    public sealed record RuleMissed(Rule Rule) : Absence
    {
        /// <inheritdoc/>
        public override bool NoSuccess => true;

        /// <inheritdoc/>
        public override string Say() => $"“{Rule.Text}” was missed";
    }

    /// <summary>Something is divided by zero.</summary>
    public sealed record DividedByZero : Absence
    {
        /// <inheritdoc/>
        public override string Say() => "it would mean dividing by zero";
    }

    /// <summary>A root of a number below zero.</summary>
    public sealed record RootBelowZero : Absence
    {
        /// <inheritdoc/>
        public override string Say() => "a number below zero has no root";
    }

    /// <summary>A power that is no number.</summary>
    public sealed record NoPower : Absence
    {
        /// <inheritdoc/>
        public override string Say() => "the power has no value";
    }

    /// <summary>A number beyond <see cref="Most.WorkedOut"/>.</summary>
    public sealed record TooLarge : Absence
    {
        /// <inheritdoc/>
        public override string Say() => "the number would be too large to write down";
    }

    /// <summary>There is no round before this one.</summary>
    public sealed record NoEarlierRound : Absence
    {
        /// <inheritdoc/>
        public override string Say() => "there is no earlier round";
    }

    /// <summary>The round before brought no value.</summary>
    public sealed record NoEarlierSuccess : Absence
    {
        /// <inheritdoc/>
        public override string Say() => "there was no success in the round before";
    }

    /// <summary>The value of the round before is zero.</summary>
    public sealed record EarlierIsZero : Absence
    {
        /// <inheritdoc/>
        public override string Say() => "the earlier value is zero, and nothing is a percentage of zero";
    }
}
