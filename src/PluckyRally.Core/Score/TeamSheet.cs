using PluckyRally.Core.Briefs;
using PluckyRally.Core.Checks;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Results;
using PluckyRally.Core.Run;

namespace PluckyRally.Core.Score;

/// <summary>
/// What a judge needs of one team in one round: what to look at, what was recorded and what is left to do.
/// </summary>
public sealed record TeamSheet
{
    /// <summary>The team's id.</summary>
    public required TeamId Team { get; init; }

    /// <summary>The team's name.</summary>
    public required string Name { get; init; }

    /// <summary>Whether it stands in the order of places yet.</summary>
    public required StandingStatus Status { get; init; }

    /// <summary>What is missing or was missed; empty where the team is complete.</summary>
    public required string Reason { get; init; }

    /// <summary>Its total as shown; empty while it has none.</summary>
    public string TotalText { get; init; } = "";

    /// <summary>The rules, in the brief's order.</summary>
    public required IReadOnlyList<SheetRule> Rules { get; init; }

    /// <summary>
    /// Whether every rule that is checked outside of attempts is decided, and none is too near to call.
    /// </summary>
    public bool Settled =>
        Rules.All(r => r.When == CheckTime.EveryAttempt || (r.State != RuleState.ToCheck && !r.TooNear));

    /// <summary>
    /// Whether what comes before the attempts is done: the rules are settled and what is measured once is read.
    /// </summary>
    public bool Ready => Settled && Once.All(o => o.Shown.Length > 0);

    /// <summary>What is measured once.</summary>
    public required IReadOnlyList<SheetReading> Once { get; init; }

    /// <summary>The trials for score that stand, void ones included, in order.</summary>
    public required IReadOnlyList<SheetTrial> Trials { get; init; }

    /// <summary>
    /// The team's designs, in the order in which they were first tried; one nameless one where it has only one.
    /// </summary>
    public required IReadOnlyList<SheetDesign> Designs { get; init; }

    /// <summary>
    /// Trials for practice, for control and to beat: the team's own and the whole class's. They are not scored.
    /// </summary>
    public required IReadOnlyList<ReferenceTrial> References { get; init; }

    /// <summary>
    /// How many entries the rally's log had: a device knows by it whether what it has sent is in here.
    /// </summary>
    public int AsOf { get; init; }

    /// <summary>Whether attempts are only passed or not, so that nothing is asked of one that failed.</summary>
    public bool PassedOrNot { get; init; }

    /// <summary>Whether the round is closed.</summary>
    public bool Closed { get; init; }

    /// <summary>The entry that approved the team's plan; absent while it is not approved.</summary>
    public EntryId? Cleared { get; init; }

    /// <summary>The entry that says the team came late; absent where it did not.</summary>
    public EntryId? Late { get; init; }

    /// <summary>What it set out to reach, or the class was set.</summary>
    public IReadOnlyList<SheetTarget> Targets { get; init; } = [];

    /// <summary>What it wanted to change when it looked back at the round before; empty where it did not say.</summary>
    public string Wanted { get; init; } = "";

    /// <summary>The parts that are not measured in trials, as far as they are recorded.</summary>
    public required IReadOnlyList<PartSoFar> Parts { get; init; }

    /// <summary>
    /// Everything recorded for the team in this round, the newest first, struck entries included; empty on a sheet that
    /// comes without its log.
    /// </summary>
    public required IReadOnlyList<LogLine> Log { get; init; }

    /// <summary>The sheets of a round, in the order in which teams are tested.</summary>
    /// <param name="opened">The rally.</param>
    /// <param name="round">The round, from 1.</param>
    public static IReadOnlyList<TeamSheet> Of(OpenedRally opened, int round)
    {
        var (run, entries) = (opened.In(round), opened.Stands);
        var results = opened.Result(round).Teams.ToDictionary(r => r.Team.Id);
        var closed = Rounds.IsClosed(entries, round);
        var references = ReferenceTrial.Of(run.Compiled, entries, null, round);
        var wanted = WantedChanges.Of(entries, round);
        return
        [
            .. ClassState
                .Of(run.Teams, entries, round)
                .Select(t =>
                    Of(opened, run, results[t.Team], t, references) with
                    {
                        Closed = closed,
                        Wanted = wanted.GetValueOrDefault(t.Team, ""),
                    }
                ),
        ];
    }

    /// <summary>The sheets of the comparisons.</summary>
    public static IReadOnlyList<TeamSheet> OfReferences(OpenedRally opened, int round) =>
        [.. opened.In(round).References.Select(r => Alone(opened, r.AsTeam, round))];

    /// <summary>
    /// The sheet of a team or of a comparison, with its log; null where there is none of this id.
    /// </summary>
    public static TeamSheet? For(OpenedRally opened, TeamId team, int round) =>
        Of(opened, round)
            .Concat(OfReferences(opened, round))
            .FirstOrDefault(s => s.Team == team)
            ?.WithLog(opened, round);

    /// <summary>The sheet with the team's log.</summary>
    /// <param name="opened">The rally.</param>
    /// <param name="round">The round.</param>
    /// <param name="among">Only these entries, by their ids; all where absent.</param>
    public TeamSheet WithLog(OpenedRally opened, int round, IReadOnlyDictionary<EntryId, Entry>? among = null) =>
        this with
        {
            Log = LogLine.Of(
                opened,
                e => e.Team == Team && e.Round == round && among?.ContainsKey(e.Id) is not false,
                Trials.Where(t => t.Attempt is not null).ToDictionary(t => t.Entry, t => t.Attempt!.Value)
            ),
        };

    /// <summary>
    /// The sheet of one team or comparison, where nothing on it hangs on other teams: their
    /// entries are not looked at.
    /// </summary>
    internal static TeamSheet Alone(OpenedRally opened, Team team, int round)
    {
        var own = opened.Stands.Alone(team.Id);
        var run = opened.In(round).Alone(team);
        var result = RoundResult.Of(run, own).Teams[0];
        return Of(
            opened,
            run,
            result,
            ClassState.Of([team], own, round)[0],
            ReferenceTrial.Of(run.Compiled, own, team.Id, round)
        ) with
        {
            Closed = Rounds.IsClosed(own, round),
            Wanted = WantedChanges.Of(own, round).GetValueOrDefault(team.Id, ""),
        };
    }

    private static TeamSheet Of(
        OpenedRally opened,
        RunRound run,
        TeamResult result,
        TeamInLesson inLesson,
        IReadOnlyList<ReferenceTrial> references
    )
    {
        var compiled = run.Compiled;
        var team = result.Team.Id;
        var numbers = result
            .Record.Designs.SelectMany(d => d.Attempts.SelectMany(a => a.Trials.Select(t => (t.Id, a.Number))))
            .ToDictionary(pair => pair.Id, pair => pair.Number);
        var fates = result
            .Designs.SelectMany(d => d.Attempts.SelectMany(f => f.Attempt.Trials.Select(t => (t.Id, Fate: f))))
            .ToDictionary(pair => pair.Id, pair => pair.Fate);
        var design = result.Assessment.Design;
        return new()
        {
            Team = team,
            Name = result.Team.Name,
            Status = result.Status,
            Reason = result.Reason,
            TotalText =
                result.Total is { } total && result.Status == StandingStatus.Placed && result.OwnsTotal
                    ? ReadingFormat.WithBound(
                        ReadingFormat.Points(total, compiled.Brief.Method.Precision),
                        result.Bound
                    )
                    : "",
            Rules =
            [
                .. compiled.Rules.Where(r => r.IsFor(result.Team)).Select(r => Rule(r, result, compiled.Brief.Method)),
            ],
            Once =
            [
                .. compiled.Brief.Measures.Where(m => m.Taken == ReadOccasion.Once).Select(m => ReadSoFar(m, design)),
            ],
            Trials =
            [
                .. result
                    .Record.Entries.OfType<Entry.TrialRecorded>()
                    .Where(t => t.Purpose == Purpose.Score)
                    .Select(t => Trial(compiled, t, result.Record, numbers, fates.GetValueOrDefault(t.Id))),
            ],
            AsOf = opened.Received.Count,
            Designs = SheetDesign.Of(compiled, result.Record, design.Name),
            References = [.. references.Where(r => r.Team == default || r.Team == team)],
            Targets = [.. compiled.Targets.Select(t => SheetTarget.Of(t, result, TargetOutcome.Of(compiled, result)))],
            PassedOrNot = compiled.PassedOrNot,
            Cleared = inLesson.Cleared,
            Late = inLesson.Late,
            Parts =
            [
                .. compiled
                    .Parts.Select((p, i) => (Plan: p, At: i))
                    .Where(p => p.Plan.IsRecorded)
                    .Select(p => PartSoFar.Of(opened, run.Number, p.Plan, result, p.At)),
            ],
            Log = [],
        };
    }

    private static SheetRule Rule(RulePlan plan, TeamResult result, Method method)
    {
        var outcomes = result.Assessment.Rules.Where(o => o.Rule.Id == plan.Rule.Id).ToList();
        var worst = outcomes.FirstOrDefault(o => o.State == RuleState.Missed)
            ?? outcomes.FirstOrDefault(o => o.TooNear)
            ?? outcomes.FirstOrDefault();
        return new(
            plan.Rule.Id,
            plan.Rule.Sort,
            plan.Rule.Text,
            plan.Rule.When,
            plan.Rule.Check is RuleCheck.Inspection
                || (plan.BeginsLater && worst is { State: not RuleState.NotChecked, Found: null }),
            worst?.State ?? RuleState.ToCheck,
            worst?.Found?.SayValue() ?? "",
            worst?.Found?.SayLimit() ?? "",
            worst?.TooNear ?? false,
            plan.Rule.IsAsked,
            plan.Rule.IsBonus ? RuleWords.Earns(plan.Rule, method) : ""
        );
    }

    private static SheetReading ReadSoFar(Measure measure, DesignRecord design)
    {
        var read = design.ReadOnce(measure);
        return new(measure.Id, read.HasValue ? ReadingFormat.Reading(read.Number, read.Bound, measure) : "");
    }

    private static SheetTrial Trial(
        CompiledEdition compiled,
        Entry.TrialRecorded trial,
        TeamRecord record,
        Dictionary<EntryId, int> numbers,
        AttemptFate? fate
    )
    {
        var number = numbers.TryGetValue(trial.Id, out var found) ? found : (int?)null;
        var attempt = record
            .Designs.First(d => d.Name == trial.Design)
            .Attempts.FirstOrDefault(a => a.Number == number);
        var shown = trial is { Outcome: TrialOutcome.Counted, Readings.Count: 0 } ? "" : trial.What(compiled);
        return new(trial.Id, number, trial.Outcome, shown, trial.By, trial.Design, trial.Revision)
        {
            End = trial.Outcome == TrialOutcome.Void ? AttemptEnd.Void : fate?.End ?? AttemptEnd.DoesNotCount,
            Became = Became(compiled, trial, fate),
            Readings = trial.Readings,
            Leaves = trial.Leaves,
            Twice =
                attempt is { Trials: [var first, ..] }
                && first != trial
                && !trial.Again
                && first.Outcome == trial.Outcome
                && !attempt.Completes(trial),
            Spread =
                attempt?.Trials[^1] == trial
                    ? string.Join(
                        ", ",
                        compiled
                            .Brief.Measures.Select(m => (m, Apart: attempt.Spread(m.Id)))
                            .Where(s => s.Apart is not null)
                            .Select(s => $"{s.m.Name}: {ReadingFormat.Reading(s.Apart!.Value, Bound.Exact, s.m)}")
                    )
                    : "",
        };
    }

    /// <summary>
    /// What became of an attempt, where what was recorded does not say so by itself; null-fated are those beyond the
    /// attempts that are allowed.
    /// </summary>
    private static string Became(CompiledEdition compiled, Entry.TrialRecorded trial, AttemptFate? fate) =>
        trial.Outcome == TrialOutcome.Counted || fate is AttemptFate.Undecided { Attempt.Disputed: true }
            ? fate?.Say(compiled) ?? AttemptFate.SayTooMany(compiled.Brief.Trials)
            : "";
}

/// <summary>A rule as a judge sees it.</summary>
/// <param name="Id">The rule's id.</param>
/// <param name="Sort">Criterion or constraint.</param>
/// <param name="Text">The rule in the students' words.</param>
/// <param name="When">When it is checked.</param>
/// <param name="Inspected">Whether a judge decides it by looking; otherwise a reading does.</param>
/// <param name="State">How it came out so far; missed where any attempt missed it.</param>
/// <param name="Value">What was compared with the limit, as shown.</param>
/// <param name="Limit">The limit, as shown.</param>
/// <param name="TooNear">Within half a step of the limit.</param>
/// <param name="Asked">Whether it must be answered for every attempt by itself.</param>
/// <param name="Bonus">What meeting it earns, where it is nothing but a bonus; empty for a must-have.</param>
public sealed record SheetRule(
    string Id,
    RuleSort Sort,
    string Text,
    CheckTime When,
    bool Inspected,
    RuleState State,
    string Value,
    string Limit,
    bool TooNear,
    bool Asked,
    string Bonus
);

/// <summary>Something that is measured once, with its reading so far.</summary>
/// <param name="Measure">The measure's id.</param>
/// <param name="Shown">The reading as shown; empty where there is none yet.</param>
public sealed record SheetReading(string Measure, string Shown);

/// <summary>A trial as a judge sees it.</summary>
/// <param name="Entry">The entry's id.</param>
/// <param name="Attempt">The attempt's number; absent for a void trial.</param>
/// <param name="Outcome">How it ended.</param>
/// <param name="Shown">What it gave, as shown; empty where nothing is read in an attempt.</param>
/// <param name="By">Who recorded it.</param>
/// <param name="Design">The design tried; empty where the team has only one.</param>
/// <param name="Revision">The design's revision, from 1.</param>
public sealed record SheetTrial(
    EntryId Entry,
    int? Attempt,
    TrialOutcome Outcome,
    string Shown,
    string By,
    string Design,
    int Revision
)
{
    /// <summary>How the attempt ended, all that was said of it together.</summary>
    public AttemptEnd End { get; init; }

    /// <summary>
    /// What became of the attempt, where what it gave does not say so by itself: "counts", "does not count: missed
    /// “Stays dry”", "waiting for an answer: “Stays dry”". Empty for one that failed, is void or waits.
    /// </summary>
    public string Became { get; init; } = "";

    /// <summary>What was read, for a judge who writes it again as something else.</summary>
    public IReadOnlyList<Reading> Readings { get; init; } = [];

    /// <summary>The ids of measures that another judge reads of the same attempt.</summary>
    public IReadOnlyList<string> Leaves { get; init; } = [];

    /// <summary>
    /// Whether the same attempt was recorded before and nobody has said that this is another reading of it.
    /// </summary>
    public bool Twice { get; init; }

    /// <summary>On the last of several readings of an attempt: how far they are apart; empty otherwise.</summary>
    public string Spread { get; init; } = "";
}
