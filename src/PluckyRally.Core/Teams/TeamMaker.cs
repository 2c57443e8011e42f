using MathNet.Numerics.Random;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Kit;
using PluckyRally.Core.Problems;

namespace PluckyRally.Core.Teams;

/// <summary>
/// Makes teams. Every preference is a weight on a pair of students in one team; swaps lower the sum until none does,
/// from many seeded beginnings; the best of them is shaken a little and improved again, as often as time allows.
/// </summary>
public static class TeamMaker
{
    private const int TogetherWeight = -1000;
    private const int ApartWeight = 1000;
    private const int SpreadWeight = 100;

    private const int Beginnings = 60;

    /// <summary>
    /// Pairs of students looked at in all shakes together: a tenth of a second for a class (see docs/performance.md).
    /// </summary>
    private const int ShakenPairs = 1_500_000;

    /// <summary>Shakes at most: small classes need no more.</summary>
    private const int MostShakes = 1200;

    /// <summary>
    /// Swaps in one shake: enough to leave what swaps of two cannot, few enough to keep most of what is good.
    /// </summary>
    private const int SwapsOfShake = 4;

    /// <summary>Teams of these students, or what is wrong with the preferences.</summary>
    public static Result<TeamsMade> Make(IReadOnlyList<Student> students, TeamPreferences preferences)
    {
        var found = new ProblemCollector();
        found.Unless(
            students.Count > 0,
            "/students",
            "There is nobody to make teams of.",
            "Choose a class, and see who is here today."
        );
        found.Count(students, Limits.Items, "/students", "students");
        found.Unless(
            preferences.Size is >= 1 and <= TeamSizes.Largest,
            "/size",
            "The size of a team is out of range.",
            $"Use 1 to {TeamSizes.Largest}."
        );
        found.Unless(
            preferences.Teams is null or (>= 1 and <= Limits.Teams),
            "/teams",
            "The number of teams is out of range.",
            $"Use 1 to {Limits.Teams}."
        );
        found.Unless(
            students.Select(p => p.Id).Distinct().Count() == students.Count,
            "/students",
            "One student is listed twice.",
            "Remove one of them."
        );
        if (found.Problems.Count > 0)
            return Result<TeamsMade>.Refused(found.Problems);

        var here = students.Select((p, i) => (p.Id, i)).ToDictionary(p => p.Id, p => p.i);
        var weights = Weights(here, preferences, out var earlier);
        var locked = preferences
            .Locked.Select(team => team.Where(here.ContainsKey).Select(id => here[id]).ToList())
            .Where(t => t.Count > 0)
            .ToList();
        var taken = locked.SelectMany(t => t).ToHashSet();
        var free = Enumerable.Range(0, students.Count).Where(i => !taken.Contains(i)).ToList();
        var sizes = preferences.Teams is { } teamsWanted
            ? TeamSizes.Into(free.Count, teamsWanted - locked.Count)
            : TeamSizes.Of(free.Count, preferences.Size);

        var random = new MersenneTwister(preferences.Seed);
        int[]? best = null;
        var bestCost = long.MaxValue;
        for (var beginning = 0; beginning < Beginnings && sizes.Count > 1; beginning++)
        {
            var order = Draws.Shuffled(free, random);
            var cost = Improve(order, sizes, weights);
            if (cost >= bestCost)
                continue;
            (best, bestCost) = ([.. order], cost);
        }

        if (best is not null)
            best = Shake(best, bestCost, sizes, weights, random);
        best ??= [.. Draws.Shuffled(free, random)];
        var teams = new List<IReadOnlyList<int>>(locked);
        for (int i = 0, at = 0; i < sizes.Count; at += sizes[i], i++)
            teams.Add(best[at..(at + sizes[i])]);
        return Result<TeamsMade>.Ok(
            new(
                [.. teams.Select(t => (IReadOnlyList<StudentId>)[.. t.Select(i => students[i].Id)])],
                [
                    .. teams
                        .SelectMany(Pairs)
                        .Where(p => earlier[p.A, p.B] > 0)
                        .Select(p => new EarlierPair(
                            students[Math.Min(p.A, p.B)].Id,
                            students[Math.Max(p.A, p.B)].Id,
                            earlier[p.A, p.B]
                        ))
                        .OrderByDescending(p => p.Times),
                ],
                [.. UnmetPreferences.Of(students, preferences, teams, here)]
            )
        );
    }

    internal static IEnumerable<(T A, T B)> Pairs<T>(IReadOnlyList<T> team)
    {
        for (var i = 0; i < team.Count; i++)
        {
            for (var j = i + 1; j < team.Count; j++)
                yield return (team[i], team[j]);
        }
    }

    private static int[,] Weights(Dictionary<StudentId, int> here, TeamPreferences preferences, out int[,] earlier)
    {
        var weights = new int[here.Count, here.Count];
        var met = new int[here.Count, here.Count];
        void Add(int[,] to, int a, int b, int weight)
        {
            to[a, b] += weight;
            to[b, a] += weight;
        }

        void AddGroups(IReadOnlyList<IReadOnlyList<StudentId>> groups, int weight)
        {
            foreach (var group in groups)
            foreach (var (a, b) in Pairs([.. group.Where(here.ContainsKey).Distinct().Select(id => here[id])]))
                Add(weights, a, b, weight);
        }

        AddGroups(preferences.Together, TogetherWeight);
        AddGroups(preferences.Apart, ApartWeight);
        AddGroups(preferences.Spread, SpreadWeight);
        foreach (
            var pair in preferences.Earlier.Where(p =>
                p.One != p.Other && here.ContainsKey(p.One) && here.ContainsKey(p.Other)
            )
        )
        {
            Add(weights, here[pair.One], here[pair.Other], pair.Times);
            Add(met, here[pair.One], here[pair.Other], pair.Times);
        }

        earlier = met;
        return weights;
    }

    private static int[] Shake(
        int[] best,
        long bestCost,
        IReadOnlyList<int> sizes,
        int[,] weights,
        MersenneTwister random
    )
    {
        for (var left = Math.Min(MostShakes, ShakenPairs / (best.Length * best.Length)); left > 0; left--)
        {
            var order = best.ToList();
            for (var swap = 0; swap < SwapsOfShake; swap++)
            {
                var (a, b) = (random.Next(order.Count), random.Next(order.Count));
                (order[a], order[b]) = (order[b], order[a]);
            }

            var cost = Improve(order, sizes, weights);
            if (cost <= bestCost)
                (best, bestCost) = ([.. order], cost);
        }

        return best;
    }

    /// <summary>Swaps students of two teams while that lowers the sum; gives the sum.</summary>
    private static long Improve(List<int> order, IReadOnlyList<int> sizes, int[,] weights)
    {
        var team = new int[order.Count];
        for (int t = 0, at = 0; t < sizes.Count; t++)
        for (var i = 0; i < sizes[t]; i++)
            team[at++] = t;

        // What a student at a place costs in each team.
        var cost = new int[order.Count, sizes.Count];
        for (var i = 0; i < order.Count; i++)
        for (var j = 0; j < order.Count; j++)
            cost[i, team[j]] += weights[order[i], order[j]];

        for (var better = true; better; )
        {
            better = false;
            for (var i = 0; i < order.Count; i++)
            {
                for (var j = i + 1; j < order.Count; j++)
                {
                    if (team[i] == team[j])
                        continue;
                    var change =
                        cost[i, team[j]]
                        + cost[j, team[i]]
                        - (2 * weights[order[i], order[j]])
                        - cost[i, team[i]]
                        - cost[j, team[j]];
                    if (change >= 0)
                        continue;
                    better = true;
                    for (var k = 0; k < order.Count; k++)
                    {
                        var moved = weights[order[k], order[j]] - weights[order[k], order[i]];
                        cost[k, team[i]] += moved;
                        cost[k, team[j]] -= moved;
                    }

                    (order[i], order[j]) = (order[j], order[i]);
                    for (var t = 0; t < sizes.Count; t++)
                        (cost[i, t], cost[j, t]) = (cost[j, t], cost[i, t]);
                }
            }
        }

        long sum = 0;
        for (var i = 0; i < order.Count; i++)
            sum += cost[i, team[i]];
        return sum / 2;
    }
}
