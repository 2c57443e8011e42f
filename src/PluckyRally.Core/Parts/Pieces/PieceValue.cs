namespace PluckyRally.Core.Parts;

/// <summary>A value of a label.</summary>
/// <param name="Name">What it is called, e.g. "small".</param>
/// <param name="Points">Points for a piece that has it.</param>
public sealed record PieceValue(string Name, decimal Points = 0);
