using PluckyRally.Core.Files;

namespace PluckyRally.Core.Briefs;

/// <summary>Makes a tier for a band of grades.</summary>
public static class GradeTier
{
    /// <summary>
    /// A tier that has a name and its grades, and is the brief in everything else. What usually differs at that age is
    /// offered (<see cref="TierOffers"/>) and never put in unasked. Grades that are not said make a tier for another
    /// group of the brief's own grades.
    /// </summary>
    public static Tier For(Brief brief, GradeBand band)
    {
        var name = band == GradeBand.Unsaid ? "Another group" : GradeBands.Name(band);
        return new()
        {
            Id = FreeId.Of(band == GradeBand.Unsaid ? "group" : Json.Word(band), brief.Tiers.Select(t => t.Id)),
            Name = Enumerable
                .Range(1, brief.Tiers.Count + 1)
                .Select(n => n == 1 ? name : $"{name} ({n})")
                .First(free => brief.Tiers.All(t => t.Name.Trim() != free)),
            Overrides = band == GradeBand.Unsaid ? [] : [Override.Of("/grades", band)],
        };
    }
}
