using PluckyRally.Core.Checks;
using PluckyRally.Core.Figures;
using PluckyRally.Core.Parts;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Readings;

namespace PluckyRally.Core.Briefs;

/// <summary>
/// An edition made ready to be scored: every expression parsed, every limit understood. Made once for a rally and used
/// for every scoring of it.
/// </summary>
public sealed class CompiledEdition
{
    private CompiledEdition(
        Edition edition,
        IReadOnlyList<RulePlan> rules,
        IReadOnlyList<PartPlan> parts,
        IReadOnlyList<TieBreakPlan> tieBreaks,
        IReadOnlyList<AwardPlan> awards,
        IReadOnlyList<TargetPlan> targets,
        FigureList figures
    )
    {
        Figures = figures;
        Edition = edition;
        Rules = rules;
        Parts = parts;
        ScoringOrder = [.. Enumerable.Range(0, parts.Count).OrderBy(Depth)];
        TieBreaks = tieBreaks;
        Awards = awards;
        Targets = targets;
        Measures = edition.Brief.Measures.ToDictionary(m => m.Id);
        TakesAttempts = edition.Brief.TakesAttempts;
        PassedOrNot = edition.Brief.PassedOrNot;
        ComparesTeams = parts.Any(p => p.Curve.ComparesTeams);
        RewardsFirst = edition
            .Brief.Method.Parts.OfType<Part.Tasks>()
            .Any(p => p.Race is not null || p.Items.Any(i => i.FirstTeams is not null));
    }

    /// <summary>The edition that it was made from, without what is left out in it.</summary>
    public Edition Edition { get; }

    /// <summary>The brief as it is run.</summary>
    public Brief Brief => Edition.Brief;

    /// <summary>The measures by id.</summary>
    public IReadOnlyDictionary<string, Measure> Measures { get; }

    /// <summary>
    /// Whether something is read or looked at in each attempt, so that a team without its attempts has not finished.
    /// </summary>
    internal bool TakesAttempts { get; }

    /// <summary>Whether an attempt is only passed or not, and a team did it when one that counts met it all.</summary>
    internal bool PassedOrNot { get; }

    /// <summary>Whether a curve holds teams against each other, so that the points of one hang on all.</summary>
    internal bool ComparesTeams { get; }

    /// <summary>
    /// Whether a task is worth more to the teams that do it first, so that the value of one hangs on all.
    /// </summary>
    internal bool RewardsFirst { get; }

    /// <summary>Whether which of a team's designs counts can hang on what other teams have shown.</summary>
    internal bool ChoosesByOthers => ComparesTeams && Brief.Trials.Designs == DesignChoice.Best;

    /// <summary>Everything that can be named, compared, limited and summed up.</summary>
    internal FigureList Figures { get; }

    internal IReadOnlyList<RulePlan> Rules { get; }

    internal IReadOnlyList<PartPlan> Parts { get; }

    /// <summary>The same parts as paper has them.</summary>
    internal IReadOnlyList<IPaperPart> OnPaper => Parts;

    /// <summary>The same parts as they are tried and rehearsed.</summary>
    internal IReadOnlyList<IRehearsedPart> Rehearsed => Parts;

    /// <summary>
    /// The places of the parts in the order in which their values are worked out: each after those that it rests on.
    /// </summary>
    internal IReadOnlyList<int> ScoringOrder { get; }

    private int Depth(int part) => Parts[part].RestsOn.Select(on => Depth(on) + 1).DefaultIfEmpty(0).Max();

    internal IReadOnlyList<TieBreakPlan> TieBreaks { get; }

    internal IReadOnlyList<AwardPlan> Awards { get; }

    internal IReadOnlyList<TargetPlan> Targets { get; }

    /// <summary>The same with another shown precision of points, for draws whose totals are not rounded.</summary>
    internal CompiledEdition WithPrecision(decimal precision)
    {
        var brief = Brief with { Method = Brief.Method with { Precision = precision } };
        return new(Edition with { Brief = brief }, Rules, Parts, TieBreaks, Awards, Targets, Figures);
    }

    /// <summary>Makes a brief ready, or says everything that stands in the way.</summary>
    public static Result<CompiledEdition> For(Edition edition)
    {
        var (brief, leftOut) = LeftOut.Take(edition.Brief);
        var found = new ProblemCollector();
        found.AddAll(leftOut);
        BriefCheck.Check(brief, found);
        var plans = PartPlans.Make(
            brief,
            [.. brief.Method.Parts.Where(p => !p.Off && !RestsOnWhatIsLeftOut($"/method/parts/{p.Id}/"))],
            found
        );
        var figures = FigureList.Of(brief, plans, found);
        IReadOnlyList<PartPlan> parts = [.. plans.OfType<PartPlan>()];
        var sources = new RuleSources(brief, figures, parts);
        var rules = new List<RulePlan>();
        foreach (var rule in brief.Rules.Where(r => !r.Off && !RestsOnWhatIsLeftOut($"/rules/{r.Id}/")))
        {
            var inner = new ProblemCollector($"/rules/{rule.Id}");
            if (RulePlan.Make(rule, sources, inner) is { } plan)
                rules.Add(plan);
            found.Under("", inner);
        }

        var tieBreaks = TieBreakPlan.MakeAll(brief, figures, found);
        var awards = AwardPlan.MakeAll(brief, figures, found);
        var targets = TargetPlan.MakeAll(brief, figures, found);
        return found.Problems.Any(p => p.Severity == Severity.Error)
            ? Result<CompiledEdition>.Refused(found.Problems)
            : Result<CompiledEdition>.Ok(
                new(edition with { Brief = brief }, rules, parts, tieBreaks, awards, targets, figures),
                found.Problems
            );

        bool RestsOnWhatIsLeftOut(string at) =>
            leftOut.Any(p => p.Severity == Severity.Error && p.At.StartsWith(at, StringComparison.Ordinal));
    }
}
