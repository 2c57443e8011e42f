namespace PluckyRally.Core.Parts;

/// <summary>A label of pieces and the values it can have.</summary>
public sealed record PieceLabel
{
    /// <summary>What it is called, e.g. "size".</summary>
    public string Name { get; init; } = "";

    /// <summary>Its values; empty where pieces are not told apart by it.</summary>
    public IReadOnlyList<PieceValue> Values { get; init; } = [];
}
