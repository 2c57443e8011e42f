using PluckyRally.Core.Checks;
using PluckyRally.Core.Curves;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Results;

namespace PluckyRally.Core.Tests;

/// <summary>Short ways of writing down briefs and what happens in a rally.</summary>
internal static partial class Sample
{
    public static Measure Height(decimal step = 1) =>
        new()
        {
            Id = "height",
            Name = "Height",
            Kind = MeasureKind.Length,
            Unit = "cm",
            Step = step,
        };

    public static Measure Count(string id, string unit = "", ReadOccasion taken = ReadOccasion.EachAttempt) =>
        new()
        {
            Id = id,
            Name = id,
            Kind = MeasureKind.Count,
            Unit = unit,
            Taken = taken,
        };

    public static Measure Number(
        string id,
        decimal step = 1,
        ReadOccasion taken = ReadOccasion.EachAttempt,
        bool negative = false
    ) =>
        new()
        {
            Id = id,
            Name = id,
            Kind = MeasureKind.Number,
            Step = step,
            Taken = taken,
            Negative = negative,
        };

    public static Part.Measured Part(
        string value,
        Curve? curve = null,
        Better better = Better.More,
        Combine combine = Combine.Best,
        string id = "part",
        decimal? failurePoints = null,
        decimal? failureValue = null
    ) =>
        new()
        {
            Id = id,
            Name = id,
            Value = value,
            Better = better,
            Combine = combine,
            Curve = curve ?? new Curve.Raw(),
            FailurePoints = failurePoints,
            FailureValue = failureValue,
        };

    public static Brief Brief(
        IReadOnlyList<Measure> measures,
        IReadOnlyList<Part> parts,
        int attempts = 1,
        IReadOnlyList<Rule>? rules = null
    ) =>
        new()
        {
            Title = "A brief",
            Measures = measures,
            Rules = rules ?? [],
            Trials = new Trials { Attempts = attempts },
            Method = new Method { Parts = parts },
        };

    /// <summary>One length in whole centimetres, a point for each.</summary>
    public static Brief Simple(
        int attempts = 1,
        Combine combine = Combine.Best,
        Better better = Better.More,
        Curve? curve = null,
        decimal? failureValue = null
    ) =>
        Brief(
            [Height()],
            [Part("height", curve ?? new Curve.Rate(1), better, combine, failureValue: failureValue)],
            attempts
        );

    public static Rule Inspection(string id, Consequence ifMissed, CheckTime when = CheckTime.BeforeTest) =>
        new()
        {
            Id = id,
            Sort = RuleSort.Criterion,
            Text = $"It must {id}",
            Check = new RuleCheck.Inspection(),
            When = when,
            IfMissed = ifMissed,
        };

    public static Rule Limit(
        string id,
        string value,
        Comparison comparison,
        string amount,
        Consequence ifMissed,
        CheckTime when = CheckTime.BeforeTest
    ) =>
        new()
        {
            Id = id,
            Sort = RuleSort.Constraint,
            Text = $"Keeps to {id}",
            Check = new RuleCheck.Limit
            {
                Value = value,
                Comparison = comparison,
                Amount = amount,
            },
            When = when,
            IfMissed = ifMissed,
        };

    public static CompiledEdition Ready(Brief brief) => CompiledEdition.For(new Edition { Brief = brief }).OrThrow();

    /// <summary>What a round comes to in which nothing was changed.</summary>
    public static RoundResult Came(
        CompiledEdition compiled,
        IReadOnlyList<Team> teams,
        IReadOnlyList<Entry> log,
        int round = 1
    ) => RoundResult.Of(RunRound.Alike(compiled, teams, round), StandingLog.Of(log));

    public static ParsedReading Parse(string typed, Measure measure) => ReadingParser.Parse(typed, measure).OrThrow();
}

/// <summary>A rally while it happens: every line is an entry, taken in as the server takes it.</summary>
internal sealed class Happening
{
    private readonly List<Entry> _log = [];
    private int _count;

    public Happening(Brief brief, params string[] teams)
    {
        Compiled = Sample.Ready(brief);
        Teams =
        [
            .. teams.Select(name => new Team
            {
                Id = new(name.ToLowerInvariant()),
                Name = name,
                Members = 4,
            }),
        ];
    }

    public CompiledEdition Compiled { get; }

    public IReadOnlyList<Team> Teams { get; }

    public int Round { get; set; } = 1;

    public IReadOnlyList<Entry> Log => _log;

    public StandingLog Stands => StandingLog.Of(_log);

    public Rally Rally =>
        new()
        {
            Name = "A class",
            Edition = Compiled.Edition,
            Teams = Teams,
            Entries = _log,
        };

    /// <summary>
    /// A counted attempt; readings in the order of the brief's measures that are read in every attempt.
    /// </summary>
    public EntryId Counted(string team, params string[] typed) => Trial(team, TrialOutcome.Counted, typed);

    public EntryId Failed(string team) => Trial(team, TrialOutcome.Failed);

    public EntryId Void(string team) => Trial(team, TrialOutcome.Void, reason: "the tester slipped");

    public EntryId Waiting(string team, params string[] typed) => Trial(team, TrialOutcome.Waiting, typed);

    public EntryId Trial(
        string team,
        TrialOutcome outcome,
        string[]? typed = null,
        string design = "",
        Purpose purpose = Purpose.Score,
        string reason = "",
        int? attempt = null
    ) =>
        Add(
            new Entry.TrialRecorded
            {
                Id = NextId(),
                Team = new(team.ToLowerInvariant()),
                Round = Round,
                Outcome = outcome,
                Reason = reason,
                Design = design,
                Purpose = purpose,
                Attempt = attempt,
                Readings =
                [
                    .. Compiled
                        .Brief.Measures.Where(m => m.Taken == ReadOccasion.EachAttempt)
                        .Zip(typed ?? [], (m, t) => new Reading { Measure = m.Id, Typed = t }),
                ],
            }
        );

    public EntryId Checked(string team, string rule, bool met, int? attempt = null) =>
        Add(
            new Entry.RuleChecked
            {
                Id = NextId(),
                Team = new(team.ToLowerInvariant()),
                Round = Round,
                Rule = rule,
                Met = met,
                Attempt = attempt,
            }
        );

    public EntryId Read(string team, string measure, string typed) =>
        Add(
            new Entry.MeasureRead
            {
                Id = NextId(),
                Team = new(team.ToLowerInvariant()),
                Round = Round,
                Reading = new Reading { Measure = measure, Typed = typed },
            }
        );

    public EntryId Strike(EntryId entry, string reason = "") =>
        Add(
            new Entry.StruckOut
            {
                Id = NextId(),
                Round = Round,
                Entry = entry,
                Reason = reason,
            }
        );

    public Result<Entry> Offer(Entry entry) => Recorder.Accept(Compiled, Teams, entry, _log);

    public Standings Standings(int? round = null) => Sample.Came(Compiled, Teams, _log, round ?? Round).Standings;

    public Standing Standing(string team) => Standings().Rows.Single(r => r.Name == team);

    /// <summary>Ids in the order in which they are made.</summary>
    public EntryId NextId() => new(new Guid(++_count, 0, 0x7000, 0x80, 0, 0, 0, 0, 0, 0, 1));

    /// <summary>Takes in an entry of any sort.</summary>
    public EntryId Keep(Entry entry) => Add(entry);

    private EntryId Add(Entry entry)
    {
        _log.Add(Offer(entry).OrThrow());
        return entry.Id;
    }
}
