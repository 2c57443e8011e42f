using PluckyRally.Core.Rehearsals;
using PluckyRally.Core.Time;

namespace PluckyRally.Core.Tests.Rehearsals;

/// <summary>Briefs that are rehearsed, and what comes of it.</summary>
internal static class Rehearsed
{
    public static Rehearsal Ready(Brief brief, RehearsalAsked asked) =>
        Rehearsal.Of(Sample.Ready(brief), asked, ThingsRemembered.Nothing).OrThrow();

    public static RehearsalReport Play(Brief brief, RehearsalAsked asked) =>
        RehearsalReport.Of(Ready(brief, asked), _ => { }, TestContext.Current.CancellationToken);

    public static Measure Wide(string id = "height", decimal step = 0.001m, ReadOccasion taken = ReadOccasion.Once) =>
        Sample.Number(id, step, taken) with
        {
            Expected = new(0, 100),
        };

    public static Measure YesNo(string id) => Sample.Measure(id, MeasureKind.YesNo, name: id, taken: ReadOccasion.Once);

    public static readonly Dictionary<string, decimal> NothingFails = new() { [RehearsedThings.FailedAttempts] = 0 };

    /// <summary>A brief of which nothing but the test takes time.</summary>
    public static Brief Queue(decimal lesson, decimal minutes, int places, int attempts) =>
        Sample.Simple(attempts) with
        {
            Timing = new()
            {
                Lesson = lesson,
                Teams = 7,
                Phases =
                [
                    new()
                    {
                        Id = "test",
                        Kind = PhaseKind.Test,
                        TeamByTeam = true,
                        Minutes = minutes,
                        Changeover = 0.5m,
                        TestBays = places,
                    },
                ],
            },
        };

    public static Dictionary<string, Pert> Minutes(Pert pert) => new() { ["/timing/phases/test/minutes"] = pert };

    /// <summary>
    /// Four times the error that so many draws have by chance, in a hundred: a sound program fails such a check once in
    /// sixteen thousand seeds, and this seed is fixed.
    /// </summary>
    public static decimal FourErrors(double chance, int draws) =>
        (decimal)(400 * Math.Sqrt(chance * (1 - chance) / draws));
}

/// <summary>Short ways of looking into a report.</summary>
internal static class ReportExtensions
{
    public static RehearsalFinding Finding(this RehearsalReport report, string id) =>
        report.Findings.Single(f => f.Id == id);

    public static IReadOnlyList<string> Says(this RehearsalReport report) => [.. report.Findings.Select(f => f.Says)];
}
