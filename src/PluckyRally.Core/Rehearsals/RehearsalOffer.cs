using PluckyRally.Core.Briefs;
using PluckyRally.Core.Files;
using PluckyRally.Core.Time;

namespace PluckyRally.Core.Rehearsals;

/// <summary>A change that helps with something that was found, tried with the same classes.</summary>
/// <param name="Finding">What it helps with, by the finding's name.</param>
/// <param name="Label">What it does, for a button.</param>
/// <param name="Says">What it comes to, before and after, with the minutes that it takes or saves.</param>
/// <param name="But">What would be wrong then that is not wrong now; empty where nothing is.</param>
/// <param name="Gain">By how much it helps, in 100.</param>
/// <param name="Changes">The changes to make.</param>
public sealed record RehearsalOffer(
    string Finding,
    string Label,
    string Says,
    string But,
    decimal Gain,
    IReadOnlyList<Change> Changes
);

/// <summary>Tries what might help.</summary>
public static class RehearsalOffers
{
    /// <summary>A change that helps by less is not worth making (common practice, no source).</summary>
    private const decimal LeastGain = 4;

    /// <summary>For each finding so many changes are tried at the most.</summary>
    private const int Most = 6;

    /// <summary>
    /// Tries, one after the other, what might help with what is wrong. Gives a step for each that was tried, with an
    /// offer where it helps.
    /// </summary>
    /// <param name="brief">The whole brief.</param>
    /// <param name="tier">The tier that is rehearsed; empty for the brief itself.</param>
    /// <param name="rehearsal">What was played.</param>
    /// <param name="report">What came of it.</param>
    /// <param name="stop">Stops it between two classes.</param>
    public static IEnumerable<RehearsalTried> Try(
        Brief brief,
        string tier,
        Rehearsal rehearsal,
        RehearsalReport report,
        CancellationToken stop
    )
    {
        var toTry = report
            .Findings.Where(f => f.Weight == FindingWeight.Wrong)
            .SelectMany(f => f.Helps.Take(Most).Select(change => (Finding: f, Change: change)))
            .ToList();
        if (toTry.Count == 0)
            yield break;
        var after = new Dictionary<string, (Rehearsal Rehearsal, RehearsalReport Report)?>();
        for (var i = 0; i < toTry.Count; i++)
        {
            var (finding, change) = toTry[i];
            IReadOnlyList<Change> changes = [.. change.Changes.Select(c => TierFields.Within(brief, tier, c))];
            var key = Json.Write(changes);
            if (!after.TryGetValue(key, out var tried))
                after[key] = tried = Played(brief, tier, changes, rehearsal, stop);
            yield return new(
                i + 1,
                toTry.Count,
                tried is { } played ? Offer(finding, change.Label, changes, rehearsal, report, played) : null
            );
        }
    }

    /// <summary>The brief with changes, played; null where no class could run it.</summary>
    private static (Rehearsal Rehearsal, RehearsalReport Report)? Played(
        Brief brief,
        string tier,
        IReadOnlyList<Change> changes,
        Rehearsal was,
        CancellationToken stop
    ) =>
        Rehearsal.Of(brief, tier, changes, was.Asked, was.Remembered) is { IsOk: true, Value: var rehearsal }
            ? (rehearsal, RehearsalReport.Of(rehearsal, _ => { }, stop))
            : null;

    private static RehearsalOffer? Offer(
        RehearsalFinding finding,
        string label,
        IReadOnlyList<Change> changes,
        Rehearsal was,
        RehearsalReport before,
        (Rehearsal Rehearsal, RehearsalReport Report) after
    )
    {
        var now = after.Report.Findings.FirstOrDefault(f => f.Id == finding.Id);
        var gain =
            now is null ? 100
            : now.MoreIsBetter ? now.InAHundred - finding.InAHundred
            : finding.InAHundred - now.InAHundred;
        if (gain < LeastGain)
            return null;
        var teams = was.Asked.Teams;
        decimal OfAll(Brief of) => of.Timing.Phases.Sum(p => Minutes.Of(p, teams, of.Trials.Attempts));
        var minutes = OfAll(after.Rehearsal.Compiled.Brief) - OfAll(was.Compiled.Brief);
        var wrongBefore = before
            .Findings.Where(f => f.Weight == FindingWeight.Wrong)
            .Select(f => f.Id)
            .ToHashSet(StringComparer.Ordinal);
        var worse = after
            .Report.Findings.Where(f => f.Weight == FindingWeight.Wrong && !wrongBefore.Contains(f.Id))
            .Select(f => f.Says);
        return new(
            finding.Id,
            label,
            finding.Id == LuckSeen.Best || !was.Compiled.Brief.Method.Ranking
                ? RehearsalWords.BeforeAndAfter(finding, now, minutes)
                : $"{RehearsalWords.BeforeAndAfter(finding, now, minutes)} "
                    + RehearsalWords.BestWinsThen(before.BestWins, after.Report.BestWins),
            string.Join(" ", worse),
            gain,
            changes
        );
    }
}

/// <summary>One change that was tried.</summary>
/// <param name="Tried">How many have been.</param>
/// <param name="Of">How many will be.</param>
/// <param name="Offer">The change with what it comes to; absent where it does not help.</param>
public sealed record RehearsalTried(int Tried, int Of, RehearsalOffer? Offer);
