namespace PluckyRally.Core.Figures;

/// <summary>When a figure is known, from early to late.</summary>
internal enum Availability
{
    /// <summary>In an attempt.</summary>
    InAttempt,

    /// <summary>With the result: combined over the attempts.</summary>
    WithResult,

    /// <summary>With the points.</summary>
    WithPoints,

    /// <summary>With the total.</summary>
    WithTotal,
}
