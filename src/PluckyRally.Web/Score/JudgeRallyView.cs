using System.Text.Json.Serialization;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Kit;
using PluckyRally.Core.Parts;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Results;
using PluckyRally.Core.Run;
using PluckyRally.Core.Score;
using PluckyRally.Core.Teams;
using PluckyRally.Data.Rallies;
using PluckyRally.Web.Live;
using PluckyRally.Web.Run;

namespace PluckyRally.Web.Score;

/// <summary>
/// A rally as it is carried about: what a judge needs to record, and nothing that a student should not see over a
/// shoulder.
/// </summary>
/// <param name="Id">Its id.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Brief">What is judged.</param>
/// <param name="Teams">The teams; not who is in them.</param>
/// <param name="References">The comparisons; each has a sheet of its own.</param>
/// <param name="Forms">For each measure, by id, what a judge may type.</param>
/// <param name="Pads">For each measure, by id, the pad that fits it.</param>
/// <param name="BriefChanges">What was changed in the brief and holds in this round.</param>
/// <param name="Progress">How far it is.</param>
public sealed record JudgeRallyView(
    RallyId Id,
    string Name,
    JudgeBrief Brief,
    IReadOnlyList<TeamNamed> Teams,
    IReadOnlyList<Reference> References,
    IReadOnlyDictionary<string, IReadOnlyList<string>> Forms,
    IReadOnlyDictionary<string, MeasurePad> Pads,
    IReadOnlyList<BriefChange> BriefChanges,
    RallyProgress Progress
)
{
    /// <summary>The tier's name; empty where it runs the brief itself.</summary>
    public string Tier { get; init; } = "";

    /// <summary>The rallies that are run as one with it; none where it is run alone.</summary>
    public IReadOnlyList<RallyBeside> Beside { get; init; } = [];

    internal static JudgeRallyView Of(
        RallyId id,
        OpenedRally opened,
        IReadOnlyList<KeptRally> lesson,
        int round,
        RallyProgress progress,
        bool teacher
    )
    {
        var run = opened.In(round);
        return new(
            id,
            opened.Rally.Name,
            JudgeBrief.Of(run.Compiled.Brief, teacher),
            [.. run.Teams.Select(t => TeamNamed.Of(run, t))],
            run.References,
            run.Compiled.Measures.ToDictionary(m => m.Key, m => ReadingForms.For(m.Value)),
            run.Compiled.Measures.ToDictionary(m => m.Key, m => MeasurePad.For(m.Value)),
            [.. run.BriefChanges.Select(BriefChange.Of)],
            progress
        )
        {
            Tier = run.Compiled.Edition.Tier,
            Beside = RallyBeside.Of(lesson, id, round),
        };
    }
}

/// <summary>A team by its name alone.</summary>
/// <param name="Id">Names the team in entries.</param>
/// <param name="Name">What it is called.</param>
/// <param name="ShortCode">Two letters or digits that tell it apart from afar; made of its name where empty.</param>
/// <param name="Away">Whether it takes no place.</param>
/// <param name="Cards">The cards that it was dealt.</param>
/// <param name="Bag">What was drawn into its bag; empty where nothing was.</param>
public sealed record TeamNamed(
    TeamId Id,
    string Name,
    [property: JsonPropertyName("callSign")] string ShortCode,
    bool Away,
    IReadOnlyList<CardShown> Cards,
    IReadOnlyList<string> Bag
)
{
    /// <summary>The heat and the lane that were drawn for it; absent where none were.</summary>
    public HeatPlace? Heat { get; init; }

    /// <summary>Which pennant it has; absent where its place in the rally says it.</summary>
    public int? Pennant { get; init; }

    internal static TeamNamed Of(RunRound run, Team team) =>
        new(
            team.Id,
            team.Name,
            team.ShortCode,
            team.Away is not null,
            CardShown.Of(run.Compiled.Brief, team),
            TeamKit.SayBag(run.Compiled.Brief, team)
        )
        {
            Heat = team.Heat,
            Pennant = team.Pennant,
        };
}

/// <summary>A brief as a judge needs it.</summary>
/// <param name="Title">Its title.</param>
/// <param name="IfLate">What being late costs.</param>
/// <param name="PlansAreApproved">Whether the teams' plans are approved before they build.</param>
/// <param name="Measures">What is read.</param>
/// <param name="Trials">How it is tried.</param>
/// <param name="Parts">What is recorded beside readings; parts that are left out are not among them.</param>
public sealed record JudgeBrief(
    string Title,
    string IfLate,
    bool PlansAreApproved,
    IReadOnlyList<JudgeMeasure> Measures,
    Trials Trials,
    IReadOnlyList<JudgePart> Parts
)
{
    internal static JudgeBrief Of(Brief brief, bool teacher) =>
        new(
            brief.Title,
            brief.Timing.IfLate,
            ClassState.PlansAreApproved(brief),
            [
                .. brief.Measures.Select(m => new JudgeMeasure(
                    m.Id,
                    m.Name,
                    m.Kind,
                    m.Unit,
                    m.Step,
                    m.Taken,
                    m.Tare,
                    m.How,
                    [.. m.Weights.Select(w => new JudgeWeight(w.Name, w.GramsEach, w.Roll))],
                    m.Roll
                )),
            ],
            brief.Trials,
            [.. brief.Method.Parts.Where(p => !p.Off).Select(p => JudgePart.Of(p, brief, teacher))]
        );
}

/// <summary>A measure as a judge needs it.</summary>
/// <param name="Id">Names it in entries.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Kind">What is measured.</param>
/// <param name="Unit">The unit of a bare number.</param>
/// <param name="Step">How finely it is read, in the unit.</param>
/// <param name="Taken">Whether it is read in each attempt or once.</param>
/// <param name="Tare">What the container weighs.</param>
/// <param name="How">How it is read.</param>
/// <param name="Weights">For counted weights: the pieces.</param>
/// <param name="Roll">For a count: how many are in a roll; 0 where they are all loose.</param>
public sealed record JudgeMeasure(
    string Id,
    string Name,
    MeasureKind Kind,
    string Unit,
    decimal Step,
    ReadOccasion Taken,
    decimal Tare,
    string How,
    IReadOnlyList<JudgeWeight> Weights,
    int Roll
);

/// <summary>A sort of weights: what one weighs in grams, where that is known, and how many are in a roll.</summary>
public sealed record JudgeWeight(string Name, decimal? GramsEach, int Roll);

/// <summary>A part as a judge records it: what is asked, not what it is worth.</summary>
[JsonPolymorphic(TypeDiscriminatorPropertyName = "kind")]
[JsonDerivedType(typeof(Measured), "measured")]
[JsonDerivedType(typeof(Tasks), "tasks")]
[JsonDerivedType(typeof(Relay), "relay")]
[JsonDerivedType(typeof(Bins), "bins")]
[JsonDerivedType(typeof(Ordering), "ordering")]
[JsonDerivedType(typeof(Pieces), "pieces")]
[JsonDerivedType(typeof(Rubric), "rubric")]
[JsonDerivedType(typeof(Budget), "budget")]
[JsonDerivedType(typeof(Tally), "tally")]
public abstract record JudgePart
{
    private JudgePart() { }

    /// <summary>Names the part in entries.</summary>
    public required string Id { get; init; }

    /// <summary>What it is called.</summary>
    public required string Name { get; init; }

    internal static JudgePart Of(Part part, Brief brief, bool teacher) =>
        part switch
        {
            Part.Measured p => new Measured { Id = p.Id, Name = p.Name },
            Part.Tasks p => new Tasks
            {
                Id = p.Id,
                Name = p.Name,
                Items = [.. p.Items.Select(i => new JudgeTask(i.Id, i.Name, i.Steps, i.FirstTeams))],
                Timed = p.TimePoints is not null,
                RaceTo = p.Race?.Done,
            },
            Part.Relay p => new Relay
            {
                Id = p.Id,
                Name = p.Name,
                Legs = p.Legs,
                Faults = [.. p.Faults.Select(f => new JudgeFault(f.Id, f.Name, f.Seconds))],
                Carries = p.PointsPerItem != 0,
                Step = p.Step,
            },
            Part.Bins p => new Bins
            {
                Id = p.Id,
                Name = p.Name,
                Names = p.Names,
                Items = [.. Draws.OffTheKey(p).Select(i => new Thing(i.Id, i.Name))],
                Timed = p.SecondsPerWrong is not null,
                Key = teacher ? p.Items.DistinctBy(i => i.Id).ToDictionary(i => i.Id, i => i.Bin) : null,
            },
            Part.Ordering p => new Ordering
            {
                Id = p.Id,
                Name = p.Name,
                Items = [.. Draws.OffTheKey(p).Select(i => new Thing(i.Id, i.Name))],
                First = p.First,
                Last = p.Last,
                Key = teacher ? [.. p.Items.OrderBy(i => i.Key).Select(i => i.Id)] : null,
            },
            Part.Pieces p => new Pieces
            {
                Id = p.Id,
                Name = p.Name,
                First = JudgeLabel.Of(p.First),
                Second = JudgeLabel.Of(p.Second),
                Unit = p.Unit,
            },
            Part.Rubric p => new Rubric
            {
                Id = p.Id,
                Name = p.Name,
                Voice = p.Voice,
                Judges = p.Judges,
                Criteria =
                [
                    .. p.Criteria.Select(c => new JudgeCriterion(c.Id, c.Name, [.. c.Levels.Select(l => l.Name)])),
                ],
            },
            Part.Budget p => new Budget
            {
                Id = p.Id,
                Name = p.Name,
                Prices = [.. p.Named(brief).Prices.Select(x => new JudgePrice(x.Id, x.Name, x.Each))],
                Money = p.Money,
            },
            Part.Tally p => new Tally
            {
                Id = p.Id,
                Name = p.Name,
                Counters = [.. p.Counters.Select(c => new JudgeCounter(c.Id, c.Name, c.Hurts, c.AtMost))],
            },
            _ => throw new System.Diagnostics.UnreachableException(),
        };

    /// <summary>Measured in trials.</summary>
    public sealed record Measured : JudgePart;

    /// <summary>Things that are done.</summary>
    public sealed record Tasks : JudgePart
    {
        /// <summary>What can be done.</summary>
        public required IReadOnlyList<JudgeTask> Items { get; init; }

        /// <summary>Whether the time for all of them is read.</summary>
        public required bool Timed { get; init; }

        /// <summary>How many tasks a race is to; absent where there is none.</summary>
        public int? RaceTo { get; init; }
    }

    /// <summary>A relay.</summary>
    public sealed record Relay : JudgePart
    {
        /// <summary>What the legs are called, in order.</summary>
        public required IReadOnlyList<string> Legs { get; init; }

        /// <summary>What can go wrong.</summary>
        public required IReadOnlyList<JudgeFault> Faults { get; init; }

        /// <summary>How finely times are read, in seconds.</summary>
        public required decimal Step { get; init; }

        /// <summary>Whether what is brought over is counted.</summary>
        public required bool Carries { get; init; }
    }

    /// <summary>Sorting into bins.</summary>
    public sealed record Bins : JudgePart
    {
        /// <summary>The bins' names.</summary>
        public required IReadOnlyList<string> Names { get; init; }

        /// <summary>What is sorted.</summary>
        public required IReadOnlyList<Thing> Items { get; init; }

        /// <summary>Whether the time is read.</summary>
        public required bool Timed { get; init; }

        /// <summary>For the teacher alone: the bin of each item, by its id.</summary>
        public IReadOnlyDictionary<string, string>? Key { get; init; }
    }

    /// <summary>Putting in order.</summary>
    public sealed record Ordering : JudgePart
    {
        /// <summary>What is put in order.</summary>
        public required IReadOnlyList<Thing> Items { get; init; }

        /// <summary>What the first end is called; empty where it has no name.</summary>
        public required string First { get; init; }

        /// <summary>What the last end is called; empty where it has no name.</summary>
        public required string Last { get; init; }

        /// <summary>For the teacher alone: the items' ids in their order.</summary>
        public IReadOnlyList<string>? Key { get; init; }
    }

    /// <summary>Pieces that are counted.</summary>
    public sealed record Pieces : JudgePart
    {
        /// <summary>The first label.</summary>
        public required JudgeLabel First { get; init; }

        /// <summary>The second label.</summary>
        public required JudgeLabel Second { get; init; }

        /// <summary>The unit of length and width.</summary>
        public required string Unit { get; init; }
    }

    /// <summary>Criteria judged by levels.</summary>
    public sealed record Rubric : JudgePart
    {
        /// <summary>Whose word counts.</summary>
        public required RubricVoice Voice { get; init; }

        /// <summary>What counts where several judges judge one team.</summary>
        public required RubricJudges Judges { get; init; }

        /// <summary>What is judged.</summary>
        public required IReadOnlyList<JudgeCriterion> Criteria { get; init; }
    }

    /// <summary>What is bought.</summary>
    public sealed record Budget : JudgePart
    {
        /// <summary>What can be bought.</summary>
        public required IReadOnlyList<JudgePrice> Prices { get; init; }

        /// <summary>The currency's sign or the token's name.</summary>
        public required string Money { get; init; }
    }

    /// <summary>What is counted.</summary>
    public sealed record Tally : JudgePart
    {
        /// <summary>The counters.</summary>
        public required IReadOnlyList<JudgeCounter> Counters { get; init; }
    }
}

/// <summary>Something with a name.</summary>
public sealed record Thing(string Id, string Name);

/// <summary>A task.</summary>
public sealed record JudgeTask(string Id, string Name, int Steps, int? FirstTeams);

/// <summary>Something that can go wrong in a relay, and the seconds that it costs.</summary>
public sealed record JudgeFault(string Id, string Name, decimal Seconds);

/// <summary>A label of pieces and the values it can have.</summary>
public sealed record JudgeLabel(string Name, IReadOnlyList<string> Values)
{
    internal static JudgeLabel Of(PieceLabel label) => new(label.Name, [.. label.Values.Select(v => v.Name)]);
}

/// <summary>Something judged by levels, lowest first.</summary>
public sealed record JudgeCriterion(string Id, string Name, IReadOnlyList<string> Levels);

/// <summary>Something that can be bought, and what one costs.</summary>
public sealed record JudgePrice(string Id, string Name, decimal Each);

/// <summary>Something counted.</summary>
public sealed record JudgeCounter(string Id, string Name, bool Hurts, int? AtMost);
