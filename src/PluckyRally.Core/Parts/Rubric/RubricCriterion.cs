namespace PluckyRally.Core.Parts;

/// <summary>Something judged by levels.</summary>
public sealed record RubricCriterion
{
    /// <summary>Names the criterion in entries.</summary>
    public required string Id { get; init; }

    /// <summary>What it is called.</summary>
    public string Name { get; init; } = "";

    /// <summary>The levels, lowest first.</summary>
    public IReadOnlyList<RubricLevel> Levels { get; init; } = [];
}
