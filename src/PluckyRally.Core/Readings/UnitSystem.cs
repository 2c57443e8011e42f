namespace PluckyRally.Core.Readings;

/// <summary>The units a class works in.</summary>
public enum UnitSystem
{
    /// <summary>Centimetres and grams.</summary>
    Metric,

    /// <summary>Inches and ounces.</summary>
    Customary,
}
