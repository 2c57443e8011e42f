namespace PluckyRally.Core.Parts;

/// <summary>So many pieces that are alike.</summary>
public sealed record PieceGroup
{
    /// <summary>Their value of the first label; empty where it has none.</summary>
    public string First { get; init; } = "";

    /// <summary>Their value of the second label; empty where it has none.</summary>
    public string Second { get; init; } = "";

    /// <summary>How many, from 0.</summary>
    public int Count { get; init; } = 1;

    /// <summary>The length of one, in the part's unit; worked out where it was typed.</summary>
    public decimal? Length { get; init; }

    /// <summary>The width of one, in the part's unit; worked out where it was typed.</summary>
    public decimal? Width { get; init; }

    /// <summary>The length as a judge typed it, with or without its unit: <c>3 1/2 in</c>.</summary>
    public string? LengthTyped { get; init; }

    /// <summary>The width as a judge typed it, with or without its unit.</summary>
    public string? WidthTyped { get; init; }

    /// <summary>The value of a label.</summary>
    internal string Label(PieceSide side) => side == PieceSide.First ? First : Second;
}
