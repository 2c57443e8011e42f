namespace PluckyRally.Core.Parts;

/// <summary>Something that can go wrong in a relay.</summary>
public sealed record RelayFault
{
    /// <summary>Names the fault in entries.</summary>
    public required string Id { get; init; }

    /// <summary>What it is called.</summary>
    public string Name { get; init; } = "";

    /// <summary>Seconds added for each, 0 or more.</summary>
    public decimal Seconds { get; init; }
}
