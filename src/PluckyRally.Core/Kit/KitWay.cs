namespace PluckyRally.Core.Kit;

/// <summary>Which way a kit went.</summary>
public enum KitWay
{
    /// <summary>Handed out.</summary>
    Out,

    /// <summary>Given back.</summary>
    Back,
}
