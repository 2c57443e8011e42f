using PluckyRally.Core.Ids;
using PluckyRally.Core.Run;
using PluckyRally.Core.Teams;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Score;

/// <summary>An entry in words.</summary>
/// <param name="Entry">Its id.</param>
/// <param name="At">When it was written.</param>
/// <param name="By">Who wrote it.</param>
/// <param name="Says">What it records.</param>
/// <param name="Struck">Whether it was crossed out.</param>
/// <param name="Why">Why it was crossed out.</param>
public sealed record LogLine(EntryId Entry, DateTimeOffset At, string By, string Says, bool Struck, string Why)
{
    /// <summary>The entries that cross it out, the last one last: who crosses them out restores it.</summary>
    public IReadOnlyList<EntryId> Strikes { get; init; } = [];

    /// <summary>When it was last crossed out; absent where it stands.</summary>
    public DateTimeOffset? StruckAt { get; init; }

    /// <summary>
    /// What was done to the lesson in a round: phases, pauses, minutes, cuts, the order of the test. The newest first.
    /// </summary>
    public static IReadOnlyList<LogLine> OfLesson(OpenedRally opened, int round) =>
        OfClass(opened, e => e.Round == round && e.IsOfLesson);

    /// <summary>
    /// What was tried last for score in a round, the newest first, each with its team: what a class may see of a test.
    /// What failed is nobody's business on a wall.
    /// </summary>
    public static IReadOnlyList<string> LastTried(Lesson lesson, int round, int most)
    {
        var runs = lesson.Rallies.Select(r => r.In(round)).ToList();
        var names = runs.SelectMany(r => r.Teams).ToDictionary(t => t.Id, t => t.Name);
        var compiled = runs.SelectMany(r => r.Teams.Select(t => (t.Id, r.Compiled)))
            .ToDictionary(t => t.Id, t => t.Compiled);
        return
        [
            .. lesson
                .Stands.OfType<Entry.TrialRecorded>()
                .Where(t =>
                    t.Round == round
                    && t is { Purpose: Purpose.Score, Outcome: TrialOutcome.Counted }
                    && names.ContainsKey(t.Team)
                )
                .Reverse()
                .Take(most)
                .Select(t =>
                    t.Readings.Count == 0
                        ? $"{names[t.Team]}: an attempt"
                        : $"{names[t.Team]}: {t.What(compiled[t.Team])}"
                ),
        ];
    }

    /// <summary>
    /// What was changed of the teams for a round: who came, left, moved or was renamed. The newest first.
    /// </summary>
    public static IReadOnlyList<LogLine> OfTeams(OpenedRally opened, int round) =>
        OfClass(opened, e => e.Round == round && e.ChangesTeams);

    /// <summary>
    /// Entries of several teams beside each other: each line says which team it is about, and names the student where
    /// there is one.
    /// </summary>
    private static IReadOnlyList<LogLine> OfClass(OpenedRally opened, Func<Entry, bool> which)
    {
        var entries = opened.Rally.Entries.DistinctBy(e => e.Id).ToDictionary(e => e.Id);
        var teams = opened.NamesOnSheets;
        var students = opened
            .Joined.Concat(opened.Rally.Teams)
            .SelectMany(t => t.Students)
            .Select(p => (p.Id, p.Name))
            .Concat(opened.Rally.Latecomers.Select(p => (p.Id, p.Name)))
            .DistinctBy(p => p.Id)
            .ToDictionary(p => p.Id, p => p.Name);
        return
        [
            .. Of(opened, which, [])
                .Select(line =>
                    line with
                    {
                        Says = entries[line.Entry] switch
                        {
                            Score.Entry.StudentPlaced placed =>
                                $"{students.GetValueOrDefault(placed.Student, "A student")} "
                                    + Placed(opened, placed, teams),
                            { Team: var team, IntroducedName: null } when team != default =>
                                $"{teams.GetValueOrDefault(team, team.Value)}: {SentenceCase.Sentence(line.Says)}",
                            _ => line.Says,
                        },
                    }
                ),
        ];
    }

    /// <summary>Whether a student came, left, or stayed in the team with other jobs.</summary>
    private static string Placed(
        OpenedRally opened,
        Entry.StudentPlaced placed,
        IReadOnlyDictionary<TeamId, string> teams
    )
    {
        if (placed.Team == default)
            return "left";
        var name = teams.GetValueOrDefault(placed.Team, placed.Team.Value);
        var before = opened
            .Stands.TakeWhile(e => e.Id != placed.Id)
            .OfType<Entry.StudentPlaced>()
            .LastOrDefault(e => e.Student == placed.Student);
        var was = before?.Team ?? opened.Joined.FirstOrDefault(t => t.Students.Any(p => p.Id == placed.Student))?.Id;
        if (was != placed.Team)
            return $"came to {name}";
        var jobs = Jobs.Of(opened.In(placed.Round).Compiled.Brief)
            .Where(j => placed.Jobs.Contains(j.Id))
            .Select(j => SentenceCase.Sentence(j.Name))
            .ToList();
        return $"in {name}: {(jobs.Count > 0 ? string.Join(", ", jobs) : "no job")}";
    }

    /// <summary>Some of a rally's entries, the newest first, struck ones included and strikes left out.</summary>
    /// <param name="opened">The rally.</param>
    /// <param name="which">Which entries.</param>
    /// <param name="numbers">The attempts' numbers by the ids of their trials.</param>
    internal static IReadOnlyList<LogLine> Of(
        OpenedRally opened,
        Func<Entry, bool> which,
        Dictionary<EntryId, int> numbers
    )
    {
        var entries = opened.Rally.Entries;
        var struck = Log.Struck(entries);
        var strikes = entries.OfType<Entry.StruckOut>().Where(s => !struck.Contains(s.Id)).ToLookup(s => s.Entry);
        return
        [
            .. entries
                .Where(e => e is not Score.Entry.StruckOut && which(e))
                .Select(e => new LogLine(
                    e.Id,
                    e.At,
                    e.Writer,
                    e.Say(opened.In(e.Round).Compiled, numbers.TryGetValue(e.Id, out var n) ? n : null),
                    struck.Contains(e.Id),
                    strikes[e.Id].LastOrDefault()?.Reason ?? ""
                )
                {
                    Strikes = [.. strikes[e.Id].Select(s => s.Id)],
                    StruckAt = strikes[e.Id].LastOrDefault()?.At,
                })
                .Reverse(),
        ];
    }
}
