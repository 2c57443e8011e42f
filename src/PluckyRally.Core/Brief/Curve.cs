using System.Text.Json.Serialization;

namespace PluckyRally.Core;

/// <summary>How a value becomes points.</summary>
[JsonPolymorphic(TypeDiscriminatorPropertyName = "kind")]
[JsonDerivedType(typeof(Rate), "rate")]
[JsonDerivedType(typeof(Bands), "bands")]
[JsonDerivedType(typeof(Between), "between")]
[JsonDerivedType(typeof(Place), "place")]
[JsonDerivedType(typeof(ShareOfBest), "shareOfBest")]
[JsonDerivedType(typeof(Target), "target")]
[JsonDerivedType(typeof(Improvement), "improvement")]
[JsonDerivedType(typeof(Raw), "raw")]
public abstract record Curve
{
    private Curve()
    {
    }

    /// <summary>So many points for each unit: start + perUnit · v.</summary>
    /// <param name="PerUnit">Points for one unit of the value.</param>
    /// <param name="Start">Points at zero.</param>
    public sealed record Rate(decimal PerUnit, decimal Start = 0) : Curve;

    /// <summary>The points of the band that the value falls in, lower edge included.</summary>
    /// <param name="Edges">Bands by their lower edge, rising.</param>
    /// <param name="Below">Points below the first edge.</param>
    public sealed record Bands(IReadOnlyList<Band> Edges, decimal Below = 0) : Curve;

    /// <summary>0 at <paramref name="From"/>, all points at <paramref name="To"/>, a straight line between, nothing beyond.</summary>
    /// <param name="From">The value that gives 0; may lie above <paramref name="To"/>, not on it.</param>
    /// <param name="To">The value that gives all points.</param>
    /// <param name="Points">All points.</param>
    public sealed record Between(decimal From, decimal To, decimal Points) : Curve;

    /// <summary>Points by place among the teams that place and have a value.</summary>
    /// <param name="Points">For first, second and so on; 0 past the end.</param>
    /// <param name="Ties">What tied teams get.</param>
    public sealed record Place(IReadOnlyList<decimal> Points, PlaceTies Ties = PlaceTies.BetterPlace) : Curve;

    /// <summary>A share of all points, measured against the best team that places.</summary>
    /// <param name="Points">What the best gets.</param>
    public sealed record ShareOfBest(decimal Points) : Curve;

    /// <summary>All points on the mark, fewer for each unit off it, never below 0.</summary>
    /// <param name="At">The mark.</param>
    /// <param name="Points">Points on the mark.</param>
    /// <param name="PerUnit">Points lost per unit off it, above 0.</param>
    public sealed record Target(decimal At, decimal Points, decimal PerUnit) : Curve;

    /// <summary>Points per percent of change for the better against the team's round before.</summary>
    /// <param name="PerPercent">Points for one percent.</param>
    public sealed record Improvement(decimal PerPercent) : Curve;

    /// <summary>The value itself.</summary>
    public sealed record Raw : Curve;

    /// <summary>Whether points depend on the other teams.</summary>
    internal bool ComparesTeams => this is Place or ShareOfBest;
}

/// <summary>One band: from this value on, so many points.</summary>
/// <param name="From">Lower edge, included.</param>
/// <param name="Points">Points in the band.</param>
public sealed record Band(decimal From, decimal Points);

/// <summary>What teams get that tie for a place.</summary>
public enum PlaceTies
{
    /// <summary>The points of the best place they fill.</summary>
    BetterPlace,

    /// <summary>The mean of the points of the places they fill.</summary>
    ShareMean,
}
