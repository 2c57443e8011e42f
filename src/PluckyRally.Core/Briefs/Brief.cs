using PluckyRally.Core.Figures;
using PluckyRally.Core.Files;
using PluckyRally.Core.Kit;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Statistics;
using PluckyRally.Core.Teams;
using PluckyRally.Core.Time;

namespace PluckyRally.Core.Briefs;

/// <summary>When in the school year a brief belongs.</summary>
public enum Season
{
    /// <summary>No season of its own.</summary>
    Any,

    /// <summary>Autumn.</summary>
    Autumn,

    /// <summary>Winter.</summary>
    Winter,

    /// <summary>Spring.</summary>
    Spring,

    /// <summary>Summer.</summary>
    Summer,
}

/// <summary>
/// A challenge as a teacher writes it: the student sheet, what is measured, the rules and the scoring.
/// </summary>
public sealed record Brief
{
    /// <summary>The name of the file format.</summary>
    public const string FormatName = Upgrade.BriefFormat;

    /// <summary>The newest version of the file format that is understood.</summary>
    public const int NewestVersion = Upgrade.NewestBrief;

    /// <summary>
    /// Reads a brief. It may be unfinished: what a rally would need is checked by <see cref="CompiledEdition.For"/>.
    /// </summary>
    internal static Result<Document<Brief>> Read(string json) =>
        JsonText.Read<Brief>(json, Limits.BriefBytes, FormatName, NewestVersion);

    /// <summary>Always <see cref="FormatName"/>.</summary>
    public string Format { get; init; } = FormatName;

    /// <summary>Version of the file format, from 1.</summary>
    public int Version { get; init; } = NewestVersion;

    /// <summary>What the challenge is called.</summary>
    public string Title { get; init; } = "";

    /// <summary>When in the year it belongs.</summary>
    public Season Season { get; init; }

    /// <summary>The theme in a few words.</summary>
    public string Theme { get; init; } = "";

    /// <summary>The grades it is for.</summary>
    public GradeBand Grades { get; init; }

    /// <summary>The pattern it was begun from.</summary>
    public Pattern Pattern { get; init; }

    /// <summary>The story that gives the reason.</summary>
    public string Story { get; init; } = "";

    /// <summary>The question that opens the lesson.</summary>
    public string Question { get; init; } = "";

    /// <summary>The goal in one sentence.</summary>
    public string Goal { get; init; } = "";

    /// <summary>What is measured.</summary>
    public IReadOnlyList<Measure> Measures { get; init; } = [];

    /// <summary>What is worked out of it and has a name.</summary>
    public IReadOnlyList<NamedFigure> Figures { get; init; } = [];

    /// <summary>What the design must do and may use.</summary>
    public IReadOnlyList<Rule> Rules { get; init; } = [];

    /// <summary>What may be used, and what the test needs.</summary>
    public IReadOnlyList<Material> Materials { get; init; } = [];

    /// <summary>The currency in which materials are bought, e.g. "€".</summary>
    public string Money { get; init; } = "";

    /// <summary>What is the same for everyone when it is tested.</summary>
    public IReadOnlyList<Condition> Conditions { get; init; } = [];

    /// <summary>How it is tested.</summary>
    public Trials Trials { get; init; } = new();

    /// <summary>How it is scored.</summary>
    public Method Method { get; init; } = new();

    /// <summary>
    /// How it is scored, in the teacher's own words for students; written from the method where empty.
    /// </summary>
    public string ScoringWords { get; init; } = "";

    /// <summary>How long it takes.</summary>
    public Timing Timing { get; init; } = new();

    /// <summary>What the class does with its numbers.</summary>
    public IReadOnlyList<SummaryKind> Summaries { get; init; } = [];

    /// <summary>How quartiles are taught here.</summary>
    public QuartileMethod Quartiles { get; init; }

    /// <summary>Words of science.</summary>
    public IReadOnlyList<ScienceWord> Words { get; init; } = [];

    /// <summary>What can hurt; each brings its caution.</summary>
    public IReadOnlyList<Hazard> Hazards { get; init; } = [];

    /// <summary>More on safety, in the teacher's words for students.</summary>
    public string Safety { get; init; } = "";

    /// <summary>The jobs of a team; the usual ones where there are none.</summary>
    public IReadOnlyList<Job> Jobs { get; init; } = [];

    /// <summary>Conditions that differ from team to team.</summary>
    public IReadOnlyList<Deal> Deals { get; init; } = [];

    /// <summary>How the rig of the test is built, for the teacher: a step on each line.</summary>
    public string RigSteps { get; init; } = "";

    /// <summary>What the worksheet holds beside room for ideas.</summary>
    public Worksheet Worksheet { get; init; } = new();

    /// <summary>What only the teacher reads.</summary>
    public TeacherPart Teacher { get; init; } = new();

    /// <summary>The least build that meets the criteria, stage by stage.</summary>
    public StagePlan Stages { get; init; } = new();

    /// <summary>Snags that the teacher has looked at and leaves as they are, by their key.</summary>
    public IReadOnlyList<string> LeftSnags { get; init; } = [];

    /// <summary>The same challenge for other grades: only what differs.</summary>
    public IReadOnlyList<Tier> Tiers { get; init; } = [];

    /// <summary>Whether something is read or looked at in each attempt.</summary>
    internal bool TakesAttempts =>
        Measures.Any(m => m is { Off: false, Taken: ReadOccasion.EachAttempt })
        || Rules.Any(r => r is { Off: false, When: CheckTime.EveryAttempt });

    /// <summary>
    /// Whether an attempt is only passed or not: nothing is measured in it, and something must be met.
    /// </summary>
    internal bool PassedOrNot =>
        Measures.All(m => m.Off || m.Taken != ReadOccasion.EachAttempt) && Rules.Any(r => !r.Off && r.MustInAttempt);
}
