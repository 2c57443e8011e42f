using PluckyRally.Core.Briefs;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Rehearsals;
using PluckyRally.Core.Score;

namespace PluckyRally.Core.Debriefs;

/// <summary>What earlier rallies of a brief leave for whoever opens it again.</summary>
/// <param name="Rallies">The rallies, the last one first; those that leave nothing are left out.</param>
/// <param name="Offers">What could be taken over from them.</param>
public sealed record BriefMemory(IReadOnlyList<RallyRemembered> Rallies, IReadOnlyList<MemoryOffer> Offers)
{
    /// <summary>A clock that is off by less than this says nothing.</summary>
    private const decimal LeastMinutes = 1;

    /// <summary>The memory of a brief.</summary>
    /// <param name="brief">The brief as it stands now.</param>
    /// <param name="rallies">Its rallies, the last one first.</param>
    public static BriefMemory Of(Brief brief, IReadOnlyList<(RallyId Id, OpenedRally Opened)> rallies)
    {
        var remembered = rallies
            .Select(r => new RallyRemembered(r.Id, r.Opened.Rally.Name, r.Opened.Rally.Date, RallyMemory.Of(r.Opened)))
            .Where(r => !r.Memory.IsEmpty)
            .ToList();
        return new(
            remembered,
            [
                .. Times(brief, remembered),
                .. Best(brief, remembered),
                .. ExpectedAndCame.Ranges(brief, [.. rallies.Select(r => r.Opened)]),
            ]
        );
    }

    /// <summary>
    /// Minutes that were wrong the last time that a phase was run: what it took, rounded up to whole minutes, or to
    /// half ones for a turn.
    /// </summary>
    private static IEnumerable<MemoryOffer> Times(Brief brief, IReadOnlyList<RallyRemembered> rallies)
    {
        foreach (var phase in brief.Timing.Phases)
        {
            if (
                rallies
                    .Select(r => r.Memory.Phases.FirstOrDefault(p => p.Phase == phase.Id))
                    .FirstOrDefault(p => p is not null)
                is not { } took
            )
                continue;
            if (Math.Abs(took.Took - took.Planned) < LeastMinutes || took.Planned <= 0)
                continue;
            var minutes = phase.TeamByTeam
                ? Math.Max(0.5m, Math.Ceiling(took.Written * took.Took / took.Planned * 2) / 2)
                : Math.Ceiling(took.Took);
            if (minutes != phase.Minutes)
                yield return new(
                    MemoryWords.Took(took),
                    new Fix(
                        MemoryWords.Take(minutes, phase.TeamByTeam),
                        [Change.Set($"/timing/phases/{phase.Id}/minutes", minutes)]
                    )
                );
        }
    }

    /// <summary>
    /// The best value of all as a target for the next class, where the brief has none of that figure.
    /// </summary>
    private static IEnumerable<MemoryOffer> Best(Brief brief, IReadOnlyList<RallyRemembered> rallies)
    {
        var best = rallies.Where(r => r.Memory.Best is not null).Select(r => (r.Name, Best: r.Memory.Best!)).ToList();
        if (best.Count == 0)
            yield break;
        var of = best.Where(b => b.Best.Figure == best[0].Best.Figure).ToList();
        var (rally, top) =
            best[0].Best.Better == Better.More ? of.MaxBy(b => b.Best.Number) : of.MinBy(b => b.Best.Number);
        if (brief.Method.Targets.Any(t => t.Value == top.Figure))
            yield break;
        var target = new Target
        {
            Id = FreeId.Of("best", brief.Method.Targets.Select(t => t.Id)),
            Name = MemoryWords.ToBeat,
            Value = top.Figure,
            Better = top.Better,
            Amount = top.Typed,
        };
        yield return new(
            MemoryWords.Best(top, rally),
            new Fix(MemoryWords.SetTarget(top), [Change.Append("/method/targets", target)])
        );
    }
}

/// <summary>A rally with what it leaves.</summary>
/// <param name="Rally">Its id.</param>
/// <param name="Name">What it is called, usually the class.</param>
/// <param name="Date">The day it was run; absent where that is not said.</param>
/// <param name="Memory">What it leaves.</param>
public sealed record RallyRemembered(RallyId Rally, string Name, DateOnly? Date, RallyMemory Memory);

/// <summary>Something that could be taken over into the brief.</summary>
/// <param name="Says">What happened.</param>
/// <param name="Fix">What can be done about it with one touch.</param>
public sealed record MemoryOffer(string Says, Fix Fix);
