namespace PluckyRally.Core.Briefs;

/// <summary>What sort of challenge a brief is.</summary>
public enum Pattern
{
    /// <summary>None of these.</summary>
    Blank,

    /// <summary>Build as high as you can.</summary>
    Tallest,

    /// <summary>Carry as much load as you can.</summary>
    Strongest,

    /// <summary>Protect with as little as you can.</summary>
    LightestThatProtects,

    /// <summary>Go far, and go where you aim.</summary>
    FarthestAndTruest,

    /// <summary>Last as long as you can.</summary>
    LongestOrSlowest,

    /// <summary>Bring something over.</summary>
    CarryAcross,

    /// <summary>Move something with as little force as you can.</summary>
    LeastEffort,

    /// <summary>Put things where they belong.</summary>
    SortIt,

    /// <summary>Take turns against the clock.</summary>
    Relay,

    /// <summary>Cover a shape with pieces.</summary>
    FillTheOutline,

    /// <summary>Invent something from what is drawn.</summary>
    DrawABag,
}
