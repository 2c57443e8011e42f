namespace PluckyRally.Core.Parts;

/// <summary>A thing to be done.</summary>
public sealed record TaskItem
{
    /// <summary>Names the task in entries.</summary>
    public required string Id { get; init; }

    /// <summary>The task in the students' words.</summary>
    public string Name { get; init; } = "";

    /// <summary>Points for all of it.</summary>
    public decimal Points { get; init; }

    /// <summary>Whole steps in which it can be partly done, from 1; each is worth an equal share.</summary>
    public int Steps { get; init; } = 1;

    /// <summary>Only so many teams get its points, in the order in which they were done; all where absent.</summary>
    public int? FirstTeams { get; init; }
}
