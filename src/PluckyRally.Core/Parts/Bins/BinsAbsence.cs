namespace PluckyRally.Core;

public abstract partial record Absence
{
    /// <summary>Nothing has been sorted.</summary>
    public sealed record NothingSorted : Open
    {
        /// <inheritdoc/>
        public override string Say() => "nothing has been sorted yet";
    }
}
