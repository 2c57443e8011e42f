using PluckyRally.Core.Ids;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Score;

namespace PluckyRally.Core.Briefs;

/// <summary>A pretend team in one part.</summary>
/// <param name="Part">The part's id.</param>
/// <param name="Pretended">The team, with where its handles stand.</param>
/// <param name="Teams">All teams.</param>
/// <param name="At">Which of them it is.</param>
internal sealed record PartRehearsal(string Part, PretendTeam Pretended, IReadOnlyList<Team> Teams, int At)
{
    /// <summary>The team's id.</summary>
    public TeamId Team => Teams[At].Id;

    /// <summary>The id of the team after it, the first after the last.</summary>
    public TeamId Next => Teams[(At + 1) % Teams.Count].Id;

    /// <summary>Where a handle stands.</summary>
    public decimal Value(string what) => Pretended.Values[$"{Part}.{what}"];

    /// <summary>
    /// Whether there is such a handle: a rehearsal tells some things apart that are moved as one by hand.
    /// </summary>
    public bool Has(string what) => Pretended.Values.ContainsKey($"{Part}.{what}");

    /// <summary>Where a handle stands that counts something.</summary>
    public int Whole(string what) => (int)Math.Clamp(Value(what), 0, 100_000);

    /// <summary>A time as it would be typed.</summary>
    public Reading Seconds(decimal seconds) =>
        new() { Measure = Part, Typed = seconds.ToString(System.Globalization.CultureInfo.InvariantCulture) };
}
