namespace PluckyRally.Core.Briefs;

/// <summary>Something about a challenge that can hurt.</summary>
public enum HazardKind
{
    /// <summary>Things that are launched or thrown.</summary>
    Projectiles,

    /// <summary>Things dropped from a height, or people working at one.</summary>
    Heights,

    /// <summary>People standing on what was built.</summary>
    StandingOnBuilds,

    /// <summary>Scissors, knives, saws and other cutters.</summary>
    Cutters,

    /// <summary>Hot glue.</summary>
    HotGlue,

    /// <summary>Fans, dryers, lamps, hot water, flames.</summary>
    FansAndHeat,

    /// <summary>Raw egg and other food.</summary>
    Food,

    /// <summary>Rubber bands, balloons, gloves of latex.</summary>
    Latex,

    /// <summary>Parts small enough to swallow.</summary>
    SmallParts,

    /// <summary>Floors that can be wet or slippery, or are run on.</summary>
    SlipperyFloors,
}

/// <summary>A hazard of a brief.</summary>
public sealed record Hazard
{
    /// <summary>Which one.</summary>
    public required HazardKind Kind { get; init; }

    /// <summary>The teacher has read the caution. A rally cannot begin before.</summary>
    public bool Acknowledged { get; init; }
}
