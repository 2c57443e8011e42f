using PluckyRally.Core.Words;

namespace PluckyRally.Core.Readings;

public abstract partial record Absence
{
    /// <summary>There are attempts to be made.</summary>
    /// <param name="Made">How many have been made.</param>
    /// <param name="Needed">How many are needed.</param>
    public sealed record AttemptsToMake(int Made, int Needed) : Open
    {
        /// <inheritdoc/>
        public override string Say() =>
            Made == 0 ? "no attempt has been made yet" : $"{Made} of {Needed} attempts made";
    }

    /// <summary>An attempt needs a decision, or waits for what another judge reads.</summary>
    /// <param name="ForRestOf">The attempt whose other readings are waited for; absent where one needs a
    /// decision.</param>
    public sealed record AttemptWaits(int? ForRestOf = null) : Open
    {
        /// <inheritdoc/>
        public override string Say() =>
            ForRestOf is { } number
                ? $"attempt {number} is waiting for the rest of its readings"
                : "an attempt needs a decision";
    }

    /// <summary>One judge counts an attempt, another says that it failed.</summary>
    /// <param name="Attempt">The attempt's number.</param>
    public sealed record JudgesDiffer(int Attempt) : Open
    {
        /// <inheritdoc/>
        public override string Say() =>
            $"attempt {Attempt} was counted by one judge and failed by another; agree, and cross out what is wrong";
    }

    /// <summary>Too few attempts counted for a mean of the best.</summary>
    /// <param name="Counted">How many counted.</param>
    /// <param name="Needed">How many the mean takes.</param>
    public sealed record TooFewCounted(int Counted, int Needed) : Open
    {
        /// <inheritdoc/>
        public override string Say() =>
            $"{English.Count(Counted, "counted attempt")}, and the mean of the best {Needed} needs {Needed}";
    }

    /// <summary>All attempts are made, and none counted.</summary>
    public sealed record NoneCounted : Absence
    {
        /// <inheritdoc/>
        public override bool NoSuccess => true;

        /// <inheritdoc/>
        public override string Say() => "no attempt counted";
    }
}
