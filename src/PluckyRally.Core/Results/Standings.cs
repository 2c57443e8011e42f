using System.Text.Json.Serialization;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Files;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Score;

namespace PluckyRally.Core.Results;

/// <summary>The standings of a round.</summary>
public sealed record Standings
{
    /// <summary>The round, from 1.</summary>
    public required int Round { get; init; }

    /// <summary>Which total wins.</summary>
    public required WinningDirection Wins { get; init; }

    /// <summary>The same as a sentence for the class.</summary>
    public required string WinsText { get; init; }

    /// <summary>Whether teams have places.</summary>
    public required bool Ranking { get; init; }

    /// <summary>Whether points can still change because they depend on teams that are not finished.</summary>
    public required bool Provisional { get; init; }

    /// <summary>The teams in order: placed, unfinished, did not place.</summary>
    public required IReadOnlyList<Standing> Rows { get; init; }

    /// <summary>The named awards.</summary>
    public IReadOnlyList<AwardResult> Awards { get; init; } = [];

    /// <summary>The comparisons, with what they came to.</summary>
    public IReadOnlyList<ReferenceStanding> References { get; init; } = [];

    /// <summary>For a closed round: what is different today from when it was closed; absent while it is open.</summary>
    public ClosedComparison? Closed { get; init; }

    /// <summary>What was changed in the brief since the rally was begun, as far as it holds in this round.</summary>
    public IReadOnlyList<BriefChange> BriefChanges { get; init; } = [];

    /// <summary>What the class as a whole shows, as sentences.</summary>
    public IReadOnlyList<string> Findings { get; init; } = [];

    /// <summary>How many places are revealed one by one.</summary>
    [JsonIgnore]
    public int Places => Reveal.Places(Rows, HasPlace);

    /// <summary>
    /// As far as a board shows it: so many places from the last, and the awards when all are revealed.
    /// </summary>
    public Standings Revealed(int places) =>
        this with
        {
            Rows = Reveal.Rows(Rows, places, HasPlace),
            Awards = places >= Places ? Awards : [],
        };

    private static bool HasPlace(Standing row) => row.Status == StandingStatus.Placed;
}

/// <summary>Something that was changed in the brief while the rally was run.</summary>
/// <param name="Entry">The entry that changed it.</param>
/// <param name="At">When.</param>
/// <param name="By">Who.</param>
/// <param name="From">The first round for which it holds.</param>
/// <param name="OnlyThisRound">Whether it holds for that round alone.</param>
/// <param name="Reason">Why.</param>
/// <param name="Differs">What stands where since then.</param>
public sealed record BriefChange(
    EntryId Entry,
    DateTimeOffset At,
    string By,
    int From,
    bool OnlyThisRound,
    string Reason,
    IReadOnlyList<Difference> Differs
)
{
    /// <summary>What an entry changed.</summary>
    public static BriefChange Of(Entry.BriefMended changed) =>
        new(changed.Id, changed.At, changed.By, changed.Round, changed.OnlyThisRound, changed.Reason, changed.Differs);
}

/// <summary>Who won an award.</summary>
/// <param name="Award">The award's id; empty where the teacher thought of it on the spot.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Teams">The ids of the teams that won it; empty while nobody has.</param>
/// <param name="Says">The result as a sentence.</param>
public sealed record AwardResult(string Award, string Name, IReadOnlyList<TeamId> Teams, string Says)
{
    /// <summary>Who gives it; absent where it is worked out.</summary>
    public GivenBy? GivenBy { get; init; }

    /// <summary>What people said so far, each with the last word.</summary>
    public IReadOnlyList<AwardVote> Votes { get; init; } = [];
}

/// <summary>A vote for an award.</summary>
/// <param name="Entry">The entry.</param>
/// <param name="Of">Whose it is: the teacher, one of the jury, or a team.</param>
/// <param name="For">The id of the team that it is for.</param>
/// <param name="Why">Why; may be empty.</param>
public sealed record AwardVote(EntryId Entry, string Of, TeamId For, string Why);

/// <summary>One team's line in the standings.</summary>
public sealed record Standing
{
    private readonly Func<IReadOnlyList<TraceStep>>? _write;
    private IReadOnlyList<TraceStep>? _why;

    /// <summary>The team's id.</summary>
    public required TeamId Team { get; init; }

    /// <summary>The team's name.</summary>
    public required string Name { get; init; }

    /// <summary>Whether it has a place.</summary>
    public required StandingStatus Status { get; init; }

    /// <summary>The place, from 1.</summary>
    public int? Place { get; init; }

    /// <summary>The place as it is read out: "2nd", "2nd, shared".</summary>
    public string PlaceText { get; init; } = "";

    /// <summary>Why it has no place; empty where it has one.</summary>
    public string Reason { get; init; } = "";

    /// <summary>
    /// The same as it is read out where a place would stand, such as "No place: missed “Stands by itself”"; empty
    /// where it has one.
    /// </summary>
    public string NoPlaceText { get; init; } = "";

    /// <summary>The total.</summary>
    public decimal? Total { get; init; }

    /// <summary>The total as it is shown, with its bound.</summary>
    public string TotalText { get; init; } = "";

    /// <summary>Whether the total is a bound.</summary>
    public Bound Bound { get; init; }

    /// <summary>What bonuses changed in the total, with its sign; empty where it earned none.</summary>
    public string BonusText { get; init; } = "";

    /// <summary>What must-haves that it missed changed in the total, with its sign; empty where nothing.</summary>
    public string DeductionText { get; init; } = "";

    /// <summary>The parts' points, in the method's order.</summary>
    public IReadOnlyList<PartScore> Parts { get; init; } = [];

    /// <summary>Rules that are too near to call and should be measured again, as sentences.</summary>
    public IReadOnlyList<string> TooNear { get; init; } = [];

    /// <summary>How each of its rules came out, for a look at what was met and what was not.</summary>
    public IReadOnlyList<MustShown> Musts { get; init; } = [];

    /// <summary>
    /// Where attempts are only passed or not: what it did, such as "did it in 2 of 3 attempts"; empty while that is not
    /// known. Absent elsewhere.
    /// </summary>
    public string? Done { get; init; }

    /// <summary>What the team changed for this round, in its own words; empty in the first.</summary>
    public IReadOnlyList<string> Changed { get; init; } = [];

    /// <summary>
    /// The designs that it tried, where there is more than one: each with its label, its value and whether it counts.
    /// </summary>
    public IReadOnlyList<DesignShown> Designs { get; init; } = [];

    /// <summary>What was seen of it in passing.</summary>
    public IReadOnlyList<string> Noted { get; init; } = [];

    /// <summary>How the team came out against its targets.</summary>
    public IReadOnlyList<TargetOutcome> Targets { get; init; } = [];

    /// <summary>The whole way from what was recorded to the place; written down when somebody asks.</summary>
    public IReadOnlyList<TraceStep> Why
    {
        get => _why ??= _write?.Invoke() ?? [];
        init => _why = value;
    }

    /// <summary>Says how to write down the way when somebody asks.</summary>
    internal Func<IReadOnlyList<TraceStep>> WriteWhy
    {
        init => _write = value;
    }
}

/// <summary>How a rule came out for a team.</summary>
/// <param name="Rule">The rule's id.</param>
/// <param name="Text">The rule in the students' words.</param>
/// <param name="State">Met, missed or still to check; missed where any attempt missed it.</param>
public sealed record MustShown(string Rule, string Text, RuleState State)
{
    internal static MustShown Of(Rule rule, IReadOnlyList<RuleOutcome> outcomes)
    {
        var states = outcomes.Where(o => o.Rule.Id == rule.Id).Select(o => o.State).ToList();
        var state =
            states.Contains(RuleState.Missed) ? RuleState.Missed
            : states.Count == 0 || states.Contains(RuleState.ToCheck) ? RuleState.ToCheck
            : states.Contains(RuleState.Met) ? RuleState.Met
            : RuleState.NotChecked;
        return new(rule.Id, rule.Text, state);
    }
}

/// <summary>One part's points for one team.</summary>
public sealed record PartScore
{
    /// <summary>The part's id.</summary>
    public required string Part { get; init; }

    /// <summary>The part's name.</summary>
    public required string Name { get; init; }

    /// <summary>How it came out.</summary>
    public required PartState State { get; init; }

    /// <summary>The value before any points.</summary>
    public decimal? Value { get; init; }

    /// <summary>The value as it is shown.</summary>
    public string ValueText { get; init; } = "";

    /// <summary>How the value compares with that of a comparison, such as "2.4 times the control".</summary>
    public IReadOnlyList<string> Against { get; init; } = [];

    /// <summary>
    /// How the value compares with the team's own in the round before, such as "11 cm more than in round 1: better";
    /// empty where there is none.
    /// </summary>
    public string SinceLastRound { get; init; } = "";

    /// <summary>The points as they are added.</summary>
    public decimal? Points { get; init; }

    /// <summary>The points as they are shown.</summary>
    public string PointsText { get; init; } = "";

    internal static PartScore Of(CompiledEdition compiled, PartResult part) =>
        new()
        {
            Part = part.Plan.Part.Id,
            Name = part.Plan.Part.Name,
            State = part.State,
            Value = part.State == PartState.Scored ? part.Value.Value.Number : null,
            ValueText = part.State == PartState.Scored ? part.Plan.Show(part.Value.Value) : "",
            Points = part.Points,
            PointsText = part.Points is { } points ? ReadingFormat.Points(points, compiled.Brief.Method.Precision) : "",
        };
}

/// <summary>What a step of the trace is about.</summary>
public enum TraceKind
{
    /// <summary>A rule that was compared with the record.</summary>
    Rule,

    /// <summary>An attempt as it was recorded.</summary>
    Attempt,

    /// <summary>The value of a part, with the numbers put in.</summary>
    Value,

    /// <summary>The curve, with the numbers put in.</summary>
    Curve,

    /// <summary>A floor or cap that made a difference.</summary>
    Clamp,

    /// <summary>A weight other than 1.</summary>
    Weight,

    /// <summary>Rounding that made a difference.</summary>
    Rounding,

    /// <summary>The points of a part; amounts of this kind, of bonuses and of deductions add up to the total.</summary>
    Points,

    /// <summary>Points won by meeting a rule.</summary>
    Bonus,

    /// <summary>Points lost to a missed rule.</summary>
    Deduction,

    /// <summary>The sum.</summary>
    Total,

    /// <summary>What decided between equal totals.</summary>
    TieBreak,

    /// <summary>The place, or why there is none.</summary>
    Place,
}

/// <summary>One step from what was recorded to the place.</summary>
/// <param name="Kind">What it is about.</param>
/// <param name="Subject">The part's or rule's id; empty for the team as a whole.</param>
/// <param name="Sentence">The step in a sentence.</param>
/// <param name="Amount">For points and deductions what is added (deductions with their sign); for the total the
/// total.</param>
/// <param name="AmountText">The amount as it is shown.</param>
/// <param name="Entries">The entries that it rests on.</param>
public sealed record TraceStep(
    TraceKind Kind,
    string Subject,
    string Sentence,
    decimal? Amount,
    string AmountText,
    IReadOnlyList<EntryId> Entries
);
