namespace PluckyRally.Core.Readings;

public abstract partial record Absence
{
    /// <summary>There are legs to be timed.</summary>
    /// <param name="Timed">How many have been timed.</param>
    /// <param name="Legs">How many there are.</param>
    public sealed record LegsToTime(int Timed, int Legs) : Open
    {
        /// <inheritdoc/>
        public override string Say() => Timed == 0 ? "no leg has been timed yet" : $"{Timed} of {Legs} legs timed";
    }

    /// <summary>The team stopped before the last leg was done.</summary>
    /// <param name="Timed">How many have been timed.</param>
    /// <param name="Legs">How many there are.</param>
    public sealed record Stopped(int Timed, int Legs) : Absence
    {
        /// <inheritdoc/>
        public override bool NoSuccess => true;

        /// <inheritdoc/>
        public override string Say() => $"it stopped after {Timed} of {Legs} legs";
    }
}
