namespace PluckyRally.Core.Parts;

/// <summary>A level of a criterion.</summary>
/// <param name="Name">What it is called, in words.</param>
/// <param name="Points">What it gives.</param>
public sealed record RubricLevel(string Name, decimal Points);
