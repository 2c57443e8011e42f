using PluckyRally.Core.Words;

namespace PluckyRally.Core.Parts;

internal abstract partial record Working
{
    /// <summary>Pieces that are alike.</summary>
    /// <param name="Group">The pieces.</param>
    /// <param name="Unit">The unit of their size.</param>
    /// <param name="Each">Points for one.</param>
    public sealed record PiecesAlike(PieceGroup Group, string Unit, decimal Each) : Working
    {
        public override decimal Adds => Group.Count * Each;

        public override string Say() =>
            $"{Group.Count} {Name()}: {Group.Count} × {Numerals.Factor(Each)} = {Numerals.Write(Adds)}.";

        private string Name()
        {
            var labels = string.Join(" ", new[] { Group.First, Group.Second }.Where(l => l.Length > 0));
            var size = Group is { Length: { } length, Width: { } width }
                ? $"{Numerals.Write(length)} × {Numerals.Write(width)} {Unit}"
                : "";
            return string.Join(", ", new[] { labels, size }.Where(t => t.Length > 0)) is { Length: > 0 } name ? name
                : Group.Count == 1 ? "piece"
                : "pieces";
        }
    }

    /// <summary>There are none.</summary>
    public sealed record NoPieces : Working
    {
        public override string Say() => "No pieces.";
    }
}
