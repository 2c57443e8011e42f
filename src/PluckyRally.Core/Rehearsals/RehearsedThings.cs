using PluckyRally.Core.Briefs;
using PluckyRally.Core.Checks;
using PluckyRally.Core.Parts;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Time;

namespace PluckyRally.Core.Rehearsals;

/// <summary>
/// Everything in a brief that is left to chance, each with what is expected of it and where that comes from.
/// </summary>
internal static class RehearsedThings
{
    /// <summary>
    /// In 100 attempts so many fail, and in 100 must-haves so many are missed, where nobody knows (common
    /// practice, no source).
    /// </summary>
    private const decimal Failed = 8,
        Missed = 4;

    /// <summary>Of a hundred times a yes comes so often, where nobody knows.</summary>
    private const decimal Yes = 50;

    /// <summary>
    /// The things of a brief. What came in earlier rallies outweighs what the brief expects, that what its pattern
    /// does, that a guess. What a teacher writes for one rehearsal outweighs them all.
    /// </summary>
    /// <param name="compiled">The brief.</param>
    /// <param name="remembered">What came in earlier rallies.</param>
    public static IReadOnlyList<RehearsedThing> Of(CompiledEdition compiled, ThingsRemembered remembered)
    {
        var brief = compiled.Brief;
        var pattern =
            brief.Pattern == Pattern.Blank ? null : Patterns.Begin(brief.Pattern, brief.Grades, UnitSystem.Metric);
        var things = new List<RehearsedThing>();
        foreach (var measure in brief.Measures)
            things.Add(OfMeasure(measure, compiled, pattern));
        if (compiled.TakesAttempts)
            things.Add(new RehearsedThing.Happening(FailedAttempts, RehearsalWords.AnAttemptFails, Failed, false));
        foreach (var part in compiled.Rehearsed)
            things.AddRange(part.Things);
        foreach (var rule in compiled.Rules.OfType<RulePlan.Inspection>())
            things.Add(
                new RehearsedThing.Happening(MissedRule(rule.Rule), RehearsalWords.Misses(rule.Rule), Missed, false)
            );
        foreach (var phase in brief.Timing.Phases.Where(p => p is { TeamByTeam: true, Minutes: > 0 }))
            things.Add(OfPhase(phase, remembered.Took(phase)));
        return [.. things.Select(remembered.Tell)];
    }

    /// <summary>Attempts that fail.</summary>
    public const string FailedAttempts = "/trials/failed";

    /// <summary>A must-have that is missed.</summary>
    public static string MissedRule(Rule rule) => $"/rules/{rule.Id}";

    /// <summary>Minutes that one attempt takes in a phase.</summary>
    public static string MinutesOf(Phase phase) => $"/timing/phases/{phase.Id}/minutes";

    /// <summary>Whether it is how long something takes, which no team is good at.</summary>
    public static bool IsOfTime(RehearsedThing thing) => thing.Handle.StartsWith("/timing/", StringComparison.Ordinal);

    private static RehearsedThing OfMeasure(Measure measure, CompiledEdition compiled, Brief? pattern)
    {
        var less = IsBetterWhenLess(measure, compiled);
        if (measure.Kind == MeasureKind.YesNo)
            return new RehearsedThing.Happening(measure.Id, measure.Name, Yes, !less);
        var handle = TryHandles.OfMeasure(measure) with { LessIsBetter = less };
        if (measure.Benchmark is { } tried && measure.Levels.Count == 0)
            return OfBuild(handle, measure, tried);
        if (
            measure.Expected is null
            && pattern?.Measures.FirstOrDefault(m => m.Id == measure.Id && m.Unit == measure.Unit)?.Expected
                is { } usual
        )
            return new RehearsedThing.Amount(
                handle,
                new(usual.Smallest, (usual.Smallest + usual.Largest) / 2, usual.Largest),
                RehearsalWords.OfPattern
            );
        return RehearsedThing.Amount.Guess(handle) with
        {
            From = measure.Expected is null ? RehearsalWords.Guess : RehearsalWords.OfBrief,
        };
    }

    /// <summary>
    /// The teacher's own build is the usual one. Where the brief says no range, teams reach from half as much to half
    /// as much again (common practice, no source).
    /// </summary>
    private static RehearsedThing.Amount OfBuild(TryHandle handle, Measure measure, decimal tried)
    {
        if (measure.Expected is { } e)
            return new(
                handle,
                new(e.Smallest, Math.Clamp(tried, e.Smallest, e.Largest), e.Largest),
                RehearsalWords.OfBriefAndBuild
            );
        var (half, more) = (Rounding.ToStep(tried / 2, measure.Step), Rounding.ToStep(tried * 1.5m, measure.Step));
        return new(handle, new(Math.Min(half, more), tried, Math.Max(half, more)), RehearsalWords.OfBuild);
    }

    /// <summary>
    /// Whether a good team has less of it: as the measure says, else as it helps in the first part that reads it, with
    /// all else in the middle.
    /// </summary>
    private static bool IsBetterWhenLess(Measure measure, CompiledEdition compiled)
    {
        if (measure.Better is { } better)
            return better == Better.Less;
        if (
            compiled
                .Parts.OfType<PartPlan.Measured>()
                .FirstOrDefault(p => p.Expression.Measures.Any(m => m.Id == measure.Id))
            is not { } part
        )
            return measure.Expected is { } e && e.Low > e.High;
        BoundedValue At(bool high) =>
            part.Expression.Run([
                .. part
                    .Expression.Measures.Select(m => Plausible.OrGuess(m))
                    .Zip(part.Expression.Measures, (range, m) => new BoundedValue(
                            m.Id != measure.Id ? (range.Low + range.High) / 2
                            : high ? range.High
                            : range.Low
                        )),
            ]);
        var (low, top) = (At(false), At(true));
        return low.HasValue
            && top.HasValue
            && (top.Number < low.Number) == (part.Better == Better.More)
            && top.Number != low.Number;
    }

    /// <summary>
    /// An attempt takes a fifth less than what is planned for it, or what it took before, or up to half as much again
    /// (common practice, no source).
    /// </summary>
    private static RehearsedThing.Amount OfPhase(Phase phase, decimal? took)
    {
        var minutes = Math.Round(took ?? phase.InRange.Minutes, 2);
        return new(
            new(MinutesOf(phase), RehearsalWords.MinutesOfOne(phase), "min", 0, minutes * 2, 0.01m, []),
            new(minutes * 0.8m, minutes, minutes * 1.5m),
            took is null ? RehearsalWords.OfPlan : RehearsalWords.OfClock
        );
    }
}
