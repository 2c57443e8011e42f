namespace PluckyRally.Core.Readings;

public abstract partial record Absence
{
    /// <summary>No pieces have been counted.</summary>
    public sealed record NoPieces : Open
    {
        /// <inheritdoc/>
        public override string Say() => "no pieces have been counted yet";
    }

    /// <summary>A piece has no length or no width.</summary>
    /// <param name="Dimension">Length or width.</param>
    public sealed record PieceNotMeasured(string Dimension) : Open
    {
        /// <inheritdoc/>
        public override string Say() => $"a {Dimension} is missing";
    }
}
