namespace PluckyRally.Core.Readings;

/// <summary>What sort of thing a measure is; decides its units and the forms a judge may type.</summary>
public enum MeasureKind
{
    /// <summary>mm, cm, m, in, ft, yd, or laid-out objects.</summary>
    Length,

    /// <summary>The squares of the lengths.</summary>
    Area,

    /// <summary>mg, g, kg, oz, lb, or counted weights.</summary>
    Mass,

    /// <summary>N, lbf, gf, ozf.</summary>
    Force,

    /// <summary>mL, L, US fluid ounce, US cup.</summary>
    Volume,

    /// <summary>s, min, h.</summary>
    Duration,

    /// <summary>°C, °F.</summary>
    Temperature,

    /// <summary>Degrees.</summary>
    Angle,

    /// <summary>The brief's own currency or token.</summary>
    Money,

    /// <summary>Whole things.</summary>
    Count,

    /// <summary>A percentage.</summary>
    Percent,

    /// <summary>A plain number.</summary>
    Number,

    /// <summary>Yes (1) or no (0).</summary>
    YesNo,

    /// <summary>An ordered list of the brief's own words, numbered from 0.</summary>
    Level,
}
