using PluckyRally.Core.Briefs;
using PluckyRally.Core.Readings;

namespace PluckyRally.Core.Score;

/// <summary>What was recorded for one design of a team in one round.</summary>
public sealed class DesignRecord
{
    internal DesignRecord(string name, TeamRecord team, IReadOnlyList<Entry.TrialRecorded> trials)
        : this(name, team, trials, Numbered(trials)) { }

    private DesignRecord(
        string name,
        TeamRecord team,
        IReadOnlyList<Entry.TrialRecorded> trials,
        IReadOnlyList<Attempt> attempts
    ) => (Name, Team, Trials, Attempts) = (name, team, trials, attempts);

    /// <summary>The design's name; empty where the team has only one.</summary>
    public string Name { get; }

    /// <summary>Its trials for score, void ones included, in the order in which they were received.</summary>
    public IReadOnlyList<Entry.TrialRecorded> Trials { get; }

    /// <summary>The attempts used up or waiting, by number.</summary>
    public IReadOnlyList<Attempt> Attempts { get; }

    internal TeamRecord Team { get; }

    /// <summary>How many attempts are used up: those that wait to be looked at are not.</summary>
    internal int Made => Attempts.Count(IsMade);

    private static bool IsMade(Attempt attempt) => attempt.Outcome is TrialOutcome.Counted or TrialOutcome.Failed;

    /// <summary>What the design's attempts still wait for; null where they are complete.</summary>
    /// <param name="trials">How the brief tests.</param>
    /// <param name="addedUp">Whether attempts are added up: then a comparison must make as many of them, and
    /// otherwise one.</param>
    internal Absence? Waits(Trials trials, bool addedUp = false)
    {
        if (Attempts.FirstOrDefault(a => a.Disputed) is { } disputed)
            return new Absence.JudgesDiffer(disputed.Number);
        if (Attempts.FirstOrDefault(a => a.Outcome == TrialOutcome.Waiting) is { } waiting)
            return new Absence.AttemptWaits(waiting.Unread.Count > 0 ? waiting.Number : null);
        var needed = Team.Team.Reference is not null && !addedUp ? 1 : Needed ?? trials.Needed;
        var made = MadeByTeam ?? Made;
        return made >= needed ? null : new Absence.AttemptsToMake(made, needed);
    }

    /// <summary>
    /// How many attempts the team has made with all its designs, where it has so many with all of them; null where each
    /// design has its own.
    /// </summary>
    private int? MadeByTeam { get; init; }

    /// <summary>
    /// How many attempts had to be made in its round; null as long as that is not laid down. A later round, which looks
    /// back, may ask for others.
    /// </summary>
    private int? Needed { get; init; }

    /// <summary>
    /// The same record by how its round tests: without attempts beyond the number that is allowed, which are shown and
    /// never read.
    /// </summary>
    internal DesignRecord Within(Trials trials)
    {
        var allowed = trials.AttemptsFor == AttemptsFor.Team ? Team.FirstAttempts(trials.Attempts) : null;
        return new(
            Name,
            Team,
            Trials,
            allowed is not null ? [.. Attempts.Where(a => allowed.Contains(a))]
                : Attempts.Count == 0 || Attempts[^1].Number <= trials.Attempts ? Attempts
                : [.. Attempts.Where(a => a.Number <= trials.Attempts)]
        )
        {
            Needed = trials.Needed,
            MadeByTeam = allowed?.Count(IsMade),
        };
    }

    /// <summary>The same record with other attempts.</summary>
    private DesignRecord With(IReadOnlyList<Attempt> attempts) =>
        new(Name, Team, Trials, attempts) { Needed = Needed, MadeByTeam = MadeByTeam };

    /// <summary>
    /// The same record with those attempts failed in which a rule was missed: from here on nothing reads them as
    /// counted.
    /// </summary>
    internal DesignRecord With(IReadOnlySet<int> failedByRule) =>
        failedByRule.Count == 0
            ? this
            : With([.. Attempts.Select(a => failedByRule.Contains(a.Number) ? a with { FailedByRule = true } : a)]);

    /// <summary>The same record with its attempts marked: which did it, and of which that is not known yet.</summary>
    internal DesignRecord Marked(Func<Attempt, Attempt> mark) => With([.. Attempts.Select(mark)]);

    /// <summary>
    /// A measure that is taken once: the mean where several people read it. The same person corrects.
    /// </summary>
    public BoundedValue ReadOnce(Measure measure)
    {
        var readings = Readings(measure);
        if (readings.Count == 0)
            return BoundedValue.None(new Absence.NotRead(measure));
        if (readings.Count == 1)
            return new(readings[0].Value!.Value, readings[0].Bound);
        return new(
            readings.Sum(r => r.Value!.Value) / readings.Count,
            readings.Aggregate(Bound.Exact, (so, r) => Bounds.Join(so, r.Bound))
        );
    }

    /// <summary>A measure in an attempt; what is taken once has its one reading.</summary>
    internal BoundedValue Read(Measure measure, Attempt attempt) =>
        measure.Taken == ReadOccasion.Once ? ReadOnce(measure) : attempt.Read(measure);

    /// <summary>The last reading of a measure that is taken once by each who read it.</summary>
    internal IReadOnlyList<Reading> Readings(Measure measure)
    {
        var last = new LastOfEach();
        var readings = new List<Reading>();
        for (var i = Team.Once.Count - 1; i >= 0; i--)
        {
            var entry = Team.Once[i];
            if (
                entry.Reading.Measure == measure.Id
                && entry.Reading.Value is not null
                && (entry.Design.Length == 0 || entry.Design == Name)
                && last.Is(entry.By)
            )
                readings.Add(entry.Reading);
        }

        return readings;
    }

    /// <summary>
    /// What was said of a rule, in an attempt or (with null) outside of attempts: the last word of each who looked.
    /// </summary>
    internal Looked Check(string rule, int? attempt)
    {
        var last = new LastOfEach();
        var looked = Looked.NotYet;
        for (var i = Team.Checks.Count - 1; i >= 0; i--)
        {
            var check = Team.Checks[i];
            if (
                check.Rule != rule
                || check.Attempt != attempt
                || (check.Design.Length > 0 && check.Design != Name)
                || !last.Is(check.By)
            )
                continue;
            var says = check.Met ? Looked.Met : Looked.Missed;
            looked = looked == Looked.NotYet || looked == says ? says : Looked.Differently;
        }

        return looked;
    }

    /// <summary>
    /// Trials as attempts: the same number twice is one attempt read twice, and one without a number takes the next
    /// that is free.
    /// </summary>
    internal static List<Attempt> Numbered(IReadOnlyList<Entry.TrialRecorded> trials)
    {
        var byNumber = new SortedDictionary<int, List<Entry.TrialRecorded>>();
        foreach (var trial in trials)
        {
            if (trial.Outcome == TrialOutcome.Void)
                continue;
            var number = trial.Attempt ?? NextFree(byNumber);
            if (!byNumber.TryGetValue(number, out var same))
                byNumber[number] = same = [];
            same.Add(trial);
        }

        return [.. byNumber.Select(pair => new Attempt(pair.Key, pair.Value))];
    }

    private static int NextFree(SortedDictionary<int, List<Entry.TrialRecorded>> taken)
    {
        var number = 1;
        foreach (var used in taken.Keys)
        {
            if (used != number)
                break;
            number++;
        }

        return number;
    }
}

/// <summary>
/// Going through entries from the last one back: whether one is the last by whoever wrote it. Mostly there is only one.
/// </summary>
internal struct LastOfEach
{
    private string? _first;
    private HashSet<string>? _others;

    /// <summary>Whether nothing by them has been met yet.</summary>
    public bool Is(string by)
    {
        if (_first is not null)
            return by != _first && (_others ??= []).Add(by);
        _first = by;
        return true;
    }
}

/// <summary>What people say who looked at a rule.</summary>
internal enum Looked
{
    /// <summary>Nobody has looked.</summary>
    NotYet,

    /// <summary>Met.</summary>
    Met,

    /// <summary>Missed.</summary>
    Missed,

    /// <summary>One says met and another missed: open until they agree.</summary>
    Differently,
}
