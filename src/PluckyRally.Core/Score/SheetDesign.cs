using PluckyRally.Core.Briefs;
using PluckyRally.Core.Checks;
using PluckyRally.Core.Results;

namespace PluckyRally.Core.Score;

/// <summary>A design of a team as a judge goes on with it.</summary>
/// <param name="Name">The name that it is recorded under; empty where the team has only one.</param>
/// <param name="Called">What it is called: its name, or what it was called since; empty where it has none.</param>
/// <param name="Revision">The revision that the next trial is made with, from 1: a fresh build where the brief asks for
/// one.</param>
/// <param name="FreshBuild">Whether the next trial needs a fresh build, because the one before failed.</param>
/// <param name="Changed">What has changed, as it was last noted.</param>
/// <param name="Labels">How it is described, as it was last noted.</param>
/// <param name="Open">The numbers of the attempts that are still to be made, the next one first.</param>
/// <param name="Counts">Whether it is the team's result as things stand.</param>
/// <param name="Asked">What somebody must say of its attempts, the first attempt first.</param>
public sealed record SheetDesign(
    string Name,
    string Called,
    int Revision,
    bool FreshBuild,
    string Changed,
    IReadOnlyDictionary<string, string> Labels,
    IReadOnlyList<int> Open,
    bool Counts,
    IReadOnlyList<SheetAsked> Asked
)
{
    internal static IReadOnlyList<SheetDesign> Of(CompiledEdition compiled, TeamRecord record, string counts)
    {
        var noted = record.Entries.OfType<Entry.DesignNoted>().ToList();
        var names = record.Designs.Select(d => d.Name).Concat(noted.Select(n => n.Design)).Distinct().ToList();
        var trials = compiled.Brief.Trials;
        var left =
            trials.AttemptsFor == AttemptsFor.Team
                ? Math.Max(0, trials.Attempts - record.Used(trials))
                : trials.Attempts;
        return
        [
            .. names.Select(name =>
                Of(
                    compiled,
                    name,
                    record.Called(name),
                    record.Designs.FirstOrDefault(d => d.Name == name),
                    [.. noted.Where(n => n.Design == name)],
                    name == counts,
                    left
                )
            ),
        ];
    }

    private static SheetDesign Of(
        CompiledEdition compiled,
        string name,
        string called,
        DesignRecord? design,
        IReadOnlyList<Entry.DesignNoted> noted,
        bool counts,
        int left
    )
    {
        var brief = compiled.Brief;
        var trials = design?.Trials ?? [];
        var last = Math.Max(
            trials.Select(t => t.Revision).DefaultIfEmpty(1).Max(),
            noted.Count > 0 ? noted[^1].Revision : 1
        );
        var failed = trials
            .Where(t => t.Outcome == TrialOutcome.Failed)
            .Select(t => t.Revision)
            .DefaultIfEmpty(0)
            .Max();
        var fresh = brief.Trials.FreshBuildAfterFailure && failed >= last;
        return new(
            name,
            called,
            fresh ? failed + 1 : last,
            fresh,
            noted.LastOrDefault(n => n.Changed.Length > 0)?.Changed ?? "",
            DesignLabels.Of(noted, name),
            [
                .. Enumerable
                    .Range(1, brief.Trials.Attempts)
                    .Where(n => design is null || design.Attempts.All(a => a.Number != n))
                    .Take(left),
            ],
            counts,
            design is null ? [] : [.. AskedOf(compiled, design)]
        );
    }

    /// <summary>
    /// Attempts that judges differ on are asked about too: the answers do not hang on how it is settled.
    /// </summary>
    private static IEnumerable<SheetAsked> AskedOf(CompiledEdition compiled, DesignRecord design) =>
        from attempt in design.Attempts
        where attempt.Disputed || attempt.Outcome != TrialOutcome.Waiting
        // Where attempts are only passed or not, one that failed met nothing, and nothing is asked of it.
        where !compiled.PassedOrNot || attempt.Outcome != TrialOutcome.Failed
        from plan in compiled.Rules
        where plan.Rule.IsAsked && plan.IsFor(design.Team.Team)
        select new SheetAsked(
            attempt.Number,
            plan.Rule.Id,
            RulePlan.Inspection.State(design.Check(plan.Rule.Id, attempt.Number), asked: true)
        );
}

/// <summary>A must-have that somebody looks at in an attempt, and what was said of it.</summary>
/// <param name="Attempt">The attempt's number.</param>
/// <param name="Rule">The rule's id.</param>
/// <param name="State">Met, missed or still to check.</param>
public sealed record SheetAsked(int Attempt, string Rule, RuleState State);
