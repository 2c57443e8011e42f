using MathNet.Numerics.Random;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Kit;

namespace PluckyRally.Core.Teams;

/// <summary>A job in a team.</summary>
/// <param name="Id">Names the job.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Duties">What its holder does.</param>
public sealed record Job(string Id, string Name, string Duties);

/// <summary>How often somebody has had a job.</summary>
/// <param name="Student">The student's id.</param>
/// <param name="Job">The job's id.</param>
/// <param name="Times">How often, from 1.</param>
public sealed record JobHeld(StudentId Student, string Job, int Times);

/// <summary>A job that was dealt.</summary>
/// <param name="Student">The student's id.</param>
/// <param name="Job">The job's id.</param>
/// <param name="Before">How often the student had it before.</param>
public sealed record JobDealt(StudentId Student, string Job, int Before);

/// <summary>Deals jobs, so that they go round.</summary>
public static class Jobs
{
    /// <summary>The four usual ones.</summary>
    public static IReadOnlyList<Job> Usual { get; } =
    [
        new("record", "Keeps the record", "Writes down the plan, every reading and every change, and reads them back."),
        new(
            "materials",
            "Looks after materials",
            "Fetches, counts and brings back what the team uses, and keeps the table clear."
        ),
        new("design", "Leads the design", "Sees that every idea is heard and drawn, then that one plan is agreed on."),
        new(
            "building",
            "Leads the building",
            "Says who builds what, watches the clock, and sees that the plan is followed."
        ),
    ];

    /// <summary>The jobs of a brief: its own, or the usual ones where it has none.</summary>
    public static IReadOnlyList<Job> Of(Brief brief) => brief.Jobs.Count > 0 ? brief.Jobs : Usual;

    /// <summary>Deals the jobs in each team, as <see cref="Deal"/> does in one.</summary>
    public static IReadOnlyList<IReadOnlyList<JobDealt>> DealInEach(
        IReadOnlyList<IReadOnlyList<StudentId>> teams,
        IReadOnlyList<Job> jobs,
        IReadOnlyList<JobHeld> history,
        int seed
    ) => [.. teams.Select((team, i) => Deal(team, jobs, history, seed + i))];

    /// <summary>
    /// Deals each job to one of the team: to whom has had it least, with as few jobs on one head as can be; among
    /// equals the seed decides.
    /// </summary>
    public static IReadOnlyList<JobDealt> Deal(
        IReadOnlyList<StudentId> team,
        IReadOnlyList<Job> jobs,
        IReadOnlyList<JobHeld> history,
        int seed
    )
    {
        if (team.Count == 0 || jobs.Count == 0)
            return [];
        var held = history.GroupBy(h => (h.Student, h.Job)).ToDictionary(g => g.Key, g => g.Sum(h => h.Times));
        var all = history.GroupBy(h => h.Student).ToDictionary(g => g.Key, g => g.Sum(h => h.Times));
        var order = Draws.Shuffled(team, new MersenneTwister(seed));

        // Load comes first, then the job's own history, then all jobs ever held.
        var load = new int[order.Count];
        var dealt = new int[jobs.Count];
        var best = new int[jobs.Count];
        var bestCost = long.MaxValue;
        Go(0, 0);
        return
        [
            .. jobs.Select(
                (job, i) => new JobDealt(order[best[i]], job.Id, held.GetValueOrDefault((order[best[i]], job.Id)))
            ),
        ];

        void Go(int job, long cost)
        {
            if (cost >= bestCost)
                return;
            if (job == jobs.Count)
            {
                bestCost = cost;
                dealt.CopyTo(best, 0);
                return;
            }

            for (var p = 0; p < order.Count; p++)
            {
                var more =
                    (1_000_000L * load[p])
                    + (1000L * held.GetValueOrDefault((order[p], jobs[job].Id)))
                    + all.GetValueOrDefault(order[p]);
                load[p]++;
                dealt[job] = p;
                Go(job + 1, cost + more);
                load[p]--;
            }
        }
    }
}
