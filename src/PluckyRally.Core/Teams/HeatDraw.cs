using MathNet.Numerics.Random;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Kit;

namespace PluckyRally.Core.Teams;

/// <summary>
/// Draws heats: as few as the lanes allow, none with two teams more than another. Over rounds teams meet others
/// and change lanes as far as a draw finds it.
/// </summary>
public static class HeatDraw
{
    /// <summary>Draws made before the fairest of them is taken.</summary>
    private const int Tries = 400;

    /// <summary>The same seed gives the same heats.</summary>
    /// <param name="teams">The teams, by their ids.</param>
    /// <param name="lanes">How many run at once, from 1.</param>
    /// <param name="seed">Any whole number.</param>
    /// <param name="before">The heats of earlier rounds.</param>
    public static IReadOnlyList<Heat> Of(IReadOnlyList<TeamId> teams, int lanes, int seed, IReadOnlyList<Heat> before)
    {
        ArgumentOutOfRangeException.ThrowIfLessThan(lanes, 1);
        if (teams.Count == 0)
            return [];
        var random = new MersenneTwister(seed);
        IReadOnlyList<Heat>? best = null;
        var least = int.MaxValue;
        for (var attempt = 0; attempt < (before.Count == 0 ? 1 : Tries) && least > 0; attempt++)
        {
            var heats = Laid(Draws.Shuffled(teams, random), lanes);
            var again = Repeats(heats, before);
            if (again < least)
                (best, least) = (heats, again);
        }

        return best!;
    }

    /// <summary>Teams in their order, heat by heat: the first heats have one more where they cannot be alike.</summary>
    private static IReadOnlyList<Heat> Laid(IReadOnlyList<TeamId> teams, int lanes)
    {
        var count = (teams.Count + lanes - 1) / lanes;
        var (each, more) = (teams.Count / count, teams.Count % count);
        var heats = new List<Heat>(count);
        var from = 0;
        for (var heat = 0; heat < count; heat++)
        {
            var size = each + (heat < more ? 1 : 0);
            heats.Add(new([.. teams.Skip(from).Take(size)]));
            from += size;
        }

        return heats;
    }

    /// <summary>How often two teams meet again, and a team runs in the same lane again.</summary>
    private static int Repeats(IReadOnlyList<Heat> heats, IReadOnlyList<Heat> before)
    {
        var met = before.SelectMany(Pairs).ToHashSet();
        var ran = before.SelectMany(heat => heat.Teams.Index()).ToHashSet();
        return heats.SelectMany(Pairs).Count(met.Contains)
            + heats.SelectMany(heat => heat.Teams.Index()).Count(ran.Contains);
    }

    private static IEnumerable<(TeamId, TeamId)> Pairs(Heat heat) =>
        from one in heat.Teams
        from other in heat.Teams
        where string.CompareOrdinal(one.Value, other.Value) < 0
        select (one, other);
}
