namespace PluckyRally.Core;

/// <summary>What a judge needs of one team in one round: what to look at, what was recorded and what is left to do.</summary>
public sealed record TeamSheet
{
    /// <summary>The team's id.</summary>
    public required string Team { get; init; }

    /// <summary>The team's name.</summary>
    public required string Name { get; init; }

    /// <summary>Whether it stands in the order of places yet.</summary>
    public required StandingStatus Status { get; init; }

    /// <summary>What is missing or was missed; empty where the team is complete.</summary>
    public required string Reason { get; init; }

    /// <summary>The rules, in the brief's order.</summary>
    public required IReadOnlyList<SheetRule> Rules { get; init; }

    /// <summary>Measures that are read once.</summary>
    public required IReadOnlyList<SheetReading> Once { get; init; }

    /// <summary>The trials for score that stand, void ones included, in order.</summary>
    public required IReadOnlyList<SheetTrial> Trials { get; init; }

    /// <summary>The next attempt's number; absent when all have been made.</summary>
    public int? Next { get; init; }

    /// <summary>The parts that are not measured in trials, as far as they are recorded.</summary>
    public required IReadOnlyList<PartSoFar> Parts { get; init; }

    /// <summary>Everything recorded for the team in this round, the newest first, struck entries included.</summary>
    public required IReadOnlyList<LogLine> Log { get; init; }

    /// <summary>The sheet of a team; null where there is no such team.</summary>
    public static TeamSheet? For(OpenedRally opened, string team, int round)
    {
        var (rally, playbook) = opened;
        var result = Scorer.Results(playbook, rally.Teams, rally.Entries, round).FirstOrDefault(r => r.Team.Id == team);
        if (result is null) return null;
        var numbers = result.Record.Designs
            .SelectMany(d => d.Attempts.SelectMany(a => a.Trials.Select(t => (t.Id, a.Number))))
            .ToDictionary(pair => pair.Id, pair => pair.Number);
        var design = result.Assessment.Design;
        return new()
        {
            Team = team,
            Name = result.Team.Name,
            Status = result.Status,
            Reason = result.Reason,
            Rules = [.. playbook.Rules.Where(r => r.IsFor(result.Team)).Select(r => Rule(r, result))],
            Once = [.. playbook.Brief.Measures.Where(m => m.Taken == Taken.Once).Select(m => ReadSoFar(m, design))],
            Trials = [.. result.Record.Entries.OfType<Entry.TrialRecorded>().Where(t => t.Purpose == Purpose.Score).Select(t => Trial(playbook, t, numbers))],
            Next = Enumerable.Range(1, playbook.Brief.Trials.Attempts).Cast<int?>().FirstOrDefault(n => design.Attempts.All(a => a.Number != n)),
            Parts = [.. playbook.Parts.Select((p, i) => (Plan: p, At: i)).Where(p => p.Plan is not PartPlan.Measured).Select(p => PartSoFar.Of(p.Plan, playbook.Rules, result, p.At))],
            Log = Lines(opened, team, round, numbers),
        };
    }

    private static SheetRule Rule(RulePlan plan, TeamResult result)
    {
        var outcomes = result.Assessment.Rules.Where(o => o.Rule.Id == plan.Rule.Id).ToList();
        var worst = outcomes.FirstOrDefault(o => o.State == RuleState.Missed) ?? outcomes.FirstOrDefault(o => o.TooNear) ?? outcomes.FirstOrDefault();
        return new(
            plan.Rule.Id,
            plan.Rule.Sort,
            plan.Rule.Text,
            plan.Rule.When,
            plan.Rule.Check is RuleCheck.Inspection,
            worst?.State ?? RuleState.ToCheck,
            worst?.Value ?? "",
            worst?.Limit ?? "",
            worst?.TooNear ?? false);
    }

    private static SheetReading ReadSoFar(Measure measure, DesignRecord design)
    {
        var read = design.ReadOnce(measure);
        return new(measure.Id, read.HasValue ? ReadingFormat.Reading(read.Number, read.Bound, measure) : "");
    }

    private static SheetTrial Trial(Playbook playbook, Entry.TrialRecorded trial, Dictionary<Guid, int> numbers) => new(
        trial.Id,
        numbers.TryGetValue(trial.Id, out var number) ? number : null,
        trial.Outcome,
        EntryWords.What(playbook, trial));

    private static IReadOnlyList<LogLine> Lines(OpenedRally opened, string team, int round, Dictionary<Guid, int> numbers)
    {
        var entries = opened.Rally.Entries;
        var struck = Core.Log.Struck(entries);
        var why = new Dictionary<Guid, string>();
        foreach (var strike in entries.OfType<Entry.StruckOut>().Where(s => !struck.Contains(s.Id))) why[strike.Entry] = strike.Reason;
        return
        [
            .. entries
                .Where(e => e.Team == team && e.Round == round && e is not Entry.StruckOut)
                .Select(e => new LogLine(e.Id, e.At, e.By, EntryWords.Say(opened.Playbook, e, numbers.TryGetValue(e.Id, out var n) ? n : null), struck.Contains(e.Id), why.GetValueOrDefault(e.Id, "")))
                .Reverse(),
        ];
    }
}

/// <summary>A rule as a judge sees it.</summary>
/// <param name="Id">The rule's id.</param>
/// <param name="Sort">Criterion or constraint.</param>
/// <param name="Text">The rule in the pupils' words.</param>
/// <param name="When">When it is checked.</param>
/// <param name="Inspected">Whether a judge decides it by looking; otherwise a reading does.</param>
/// <param name="State">How it came out so far; missed where any attempt missed it.</param>
/// <param name="Value">What was held against the limit, as shown.</param>
/// <param name="Limit">The limit, as shown.</param>
/// <param name="TooNear">Within half a step of the limit.</param>
public sealed record SheetRule(string Id, RuleSort Sort, string Text, When When, bool Inspected, RuleState State, string Value, string Limit, bool TooNear);

/// <summary>A measure that is read once, with its reading so far.</summary>
/// <param name="Measure">The measure's id.</param>
/// <param name="Shown">The reading as shown; empty where there is none yet.</param>
public sealed record SheetReading(string Measure, string Shown);

/// <summary>A trial as a judge sees it.</summary>
/// <param name="Entry">The entry's id.</param>
/// <param name="Attempt">The attempt's number; absent for a void trial.</param>
/// <param name="Outcome">How it ended.</param>
/// <param name="Shown">What it gave, as shown.</param>
public sealed record SheetTrial(Guid Entry, int? Attempt, TrialOutcome Outcome, string Shown);

/// <summary>An entry in words.</summary>
/// <param name="Entry">Its id.</param>
/// <param name="At">When it was written.</param>
/// <param name="By">Who wrote it.</param>
/// <param name="Says">What it records.</param>
/// <param name="Struck">Whether it was struck out.</param>
/// <param name="Why">Why it was struck out.</param>
public sealed record LogLine(Guid Entry, DateTimeOffset At, string By, string Says, bool Struck, string Why);
