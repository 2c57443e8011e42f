using PluckyRally.Core.Problems;

namespace PluckyRally.Core.Readings;

/// <summary>
/// Why there is no value: a fact from which points, status and words follow. What only one kind of part can lack stands
/// in that part's folder.
/// </summary>
public abstract partial record Absence
{
    private Absence() { }

    /// <summary>
    /// Whether recording can still bring a value: the team has not finished. Otherwise there never will be one.
    /// </summary>
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
    /// <param name="Attempt">The attempt's number; absent for what is measured once.</param>
    public sealed record NotRead(Measure Measure, int? Attempt = null) : Open
    {
        /// <inheritdoc/>
        public override string Say() =>
            Attempt is { } number
                ? $"attempt {number} has no reading of “{Measure.Name}”"
                : $"“{Measure.Name}” has not been measured yet";
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

    /// <summary>A power that is not a number.</summary>
    public sealed record NoPower : Absence
    {
        /// <inheritdoc/>
        public override string Say() => "the power has no value";
    }

    /// <summary>A number beyond <see cref="Limits.ComputedNumber"/>.</summary>
    public sealed record TooLarge : Absence
    {
        /// <inheritdoc/>
        public override string Say() => "the number would be too large to write down";
    }
}
