namespace PluckyRally.Web;

/// <summary>
/// Something that was changed, with what it was changed from: where another window has changed it meanwhile, it is not
/// what it was, and nothing is overwritten.
/// </summary>
/// <param name="Was">As it was when the change was begun.</param>
/// <param name="Now">As it is to be.</param>
public sealed record Edited<T>(T Was, T Now);
