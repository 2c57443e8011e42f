namespace PluckyRally.Core.Readings;

public abstract partial record Absence
{
    /// <summary>Nothing has been sorted.</summary>
    public sealed record NothingSorted : Open
    {
        /// <inheritdoc/>
        public override string Say() => "nothing has been sorted yet";
    }

    /// <summary>Time counts, and there is none.</summary>
    public sealed record SortingNotTimed : Open
    {
        /// <inheritdoc/>
        public override string Say() => "the time for sorting has not been entered yet";
    }
}
