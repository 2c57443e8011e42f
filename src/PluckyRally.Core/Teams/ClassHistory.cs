namespace PluckyRally.Core;

/// <summary>A student's place in an earlier rally.</summary>
/// <param name="Team">Names the team of that rally; students with the same one have worked together.</param>
/// <param name="Student">The student's id.</param>
/// <param name="Jobs">The jobs held, by their ids.</param>
public sealed record PastPlace(string Team, string Student, IReadOnlyList<string> Jobs);

/// <summary>What the rallies of a class say of its students.</summary>
/// <param name="Pairs">Who has worked with whom.</param>
/// <param name="Jobs">Who has had which job.</param>
public sealed record ClassHistory(IReadOnlyList<EarlierPair> Pairs, IReadOnlyList<JobHeld> Jobs)
{
    /// <summary>Counts the places of earlier rallies.</summary>
    public static ClassHistory Of(IReadOnlyList<PastPlace> places) =>
        new(
            [
                .. places
                    .GroupBy(p => p.Team)
                    .SelectMany(team =>
                        TeamMaker.Pairs([.. team.Select(p => p.Student).Distinct().Order(StringComparer.Ordinal)])
                    )
                    .GroupBy(pair => pair)
                    .Select(g => new EarlierPair(g.Key.A, g.Key.B, g.Count())),
            ],
            [
                .. places
                    .SelectMany(p => p.Jobs.Select(job => (p.Student, Job: job)))
                    .GroupBy(h => h)
                    .Select(g => new JobHeld(g.Key.Student, g.Key.Job, g.Count())),
            ]
        );
}
