namespace PluckyRally.Core.Readings;

public abstract partial record Absence
{
    /// <summary>No order has been given.</summary>
    public sealed record NoOrder : Open
    {
        /// <inheritdoc/>
        public override string Say() => "no order has been given yet";
    }

    /// <summary>Fewer than two things with different keys were placed, so there is nothing to agree on.</summary>
    public sealed record NothingToCompare : Absence
    {
        /// <inheritdoc/>
        public override string Say() => "there are no two things to compare";
    }
}
