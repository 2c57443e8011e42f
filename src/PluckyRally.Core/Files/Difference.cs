namespace PluckyRally.Core.Files;

/// <summary>A place at which two states of a document differ.</summary>
/// <param name="At">The place, items named by their id.</param>
/// <param name="Where">The place in words.</param>
/// <param name="Before">What stands there in the first; empty where there is nothing.</param>
/// <param name="After">What stands there in the second; empty where there is nothing.</param>
public sealed record Difference(string At, string Where, string Before, string After)
{
    /// <summary>Beyond so many, nobody reads them.</summary>
    public const int Most = 200;
}
