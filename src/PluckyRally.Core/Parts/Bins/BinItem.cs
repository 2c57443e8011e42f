namespace PluckyRally.Core.Parts;

/// <summary>An item to be sorted.</summary>
public sealed record BinItem
{
    /// <summary>Names the item in entries.</summary>
    public required string Id { get; init; }

    /// <summary>What it is called.</summary>
    public string Name { get; init; } = "";

    /// <summary>The bin it belongs in.</summary>
    public required string Bin { get; init; }
}
