namespace PluckyRally.Core.Parts;

/// <summary>An item to be put in order.</summary>
public sealed record OrderItem
{
    /// <summary>Names the item in entries.</summary>
    public required string Id { get; init; }

    /// <summary>What it is called.</summary>
    public string Name { get; init; } = "";

    /// <summary>Its place in the key, smaller first; equal numbers are ties.</summary>
    public required decimal Key { get; init; }
}
