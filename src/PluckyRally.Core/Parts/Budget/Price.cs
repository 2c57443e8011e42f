using PluckyRally.Core.Briefs;
using PluckyRally.Core.Kit;

namespace PluckyRally.Core.Parts;

/// <summary>Something that can be bought.</summary>
public sealed record Price
{
    /// <summary>Names the item in entries.</summary>
    public required string Id { get; init; }

    /// <summary>What it is called, where it is no material; a material is called as it is on the sheet.</summary>
    public string Name { get; init; } = "";

    /// <summary>What one costs, 0 or more.</summary>
    public decimal Each { get; init; }

    /// <summary>The id of the material that it is; empty for what is none: advice, a minute.</summary>
    public string Material { get; init; } = "";

    /// <summary>How much of the material one is, in its unit; above 0.</summary>
    public decimal Amount { get; init; } = 1;

    /// <summary>The material that it is; null where it is none.</summary>
    internal Material? Of(Brief brief) =>
        Material.Length > 0 ? brief.Materials.FirstOrDefault(m => m.Id == Material) : null;

    /// <summary>"straws"; where one is so much of it, "10 cm of tape".</summary>
    internal string Called(Material of) =>
        Amount == 1 && of.Unit.Length == 0 ? of.Name
        : of.Name.Length == 0 ? ""
        : Kit.Material.So(Amount, of.Unit, of.Name);
}
