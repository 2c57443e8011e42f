namespace PluckyRally.Core.Parts;

/// <summary>What one of something that was bought costs the team.</summary>
/// <param name="Each">The price, 0 or more.</param>
/// <param name="Why">Why something is to be said of it; null where it is the brief's price.</param>
public sealed record Charge(decimal Each, ChargeReason? Why = null);
