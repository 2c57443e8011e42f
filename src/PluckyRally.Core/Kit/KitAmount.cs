namespace PluckyRally.Core.Kit;

/// <summary>So much of a material.</summary>
/// <param name="Material">The material's id.</param>
/// <param name="Amount">How much, 0 or more, in the material's unit.</param>
public sealed record KitAmount(string Material, decimal Amount);
