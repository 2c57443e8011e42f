using System.Text.Json.Serialization;

namespace PluckyRally.Core;

[JsonDerivedType(typeof(DesignNoted), "designNoted")]
public abstract partial record Entry
{
    /// <summary>Something about a design: what changed, its conditions, or that it is the one the team names. The last word stands.</summary>
    public sealed record DesignNoted : Entry
    {
        /// <summary>The design's name; empty where the team has only one.</summary>
        public string Design { get; init; } = "";

        /// <summary>The revision, from 1.</summary>
        public int Revision { get; init; } = 1;

        /// <summary>What has changed since the revision before.</summary>
        public string Changed { get; init; } = "";

        /// <summary>Conditions by name, such as "arm": "long".</summary>
        public IReadOnlyDictionary<string, string> Labels { get; init; } = new Dictionary<string, string>();

        /// <summary>Whether the team names this design as the one that counts.</summary>
        public bool Named { get; init; }
    }
}

/// <summary>Checks what is recorded about designs.</summary>
internal static class DesignEntries
{
    public static void Check(Entry.DesignNoted noted, Findings found)
    {
        found.Length(noted.Design, Most.Name, "/design", "The design's name");
        found.Unless(noted.Revision is >= 1 and <= 1000, "/revision", "There is no such revision.", "Count from 1.");
        found.Length(noted.Changed, Most.Text, "/changed", "What has changed");
        found.Unless(noted.Labels.Count <= 20 && noted.Labels.All(l => l.Key.Length is > 0 and <= 40 && l.Value.Length <= 40), "/labels", "There are too many labels, or one is too long.", "Keep to 20, each of at most 40 characters.");
    }

    /// <summary>After a failed attempt a brief may ask for a fresh build: the next trial must name a new revision.</summary>
    public static void CheckFreshBuild(Trials trials, Entry.TrialRecorded trial, IReadOnlyList<Entry> log, Findings found)
    {
        if (!trials.FreshBuildAfterFailure) return;
        var before = Log.Standing(log).OfType<Entry.TrialRecorded>()
            .Where(t => t.Team == trial.Team && t.Round == trial.Round && t.Design == trial.Design && t.Purpose == Purpose.Score && t.Outcome != TrialOutcome.Void && t.Id != trial.Id)
            .ToList();
        var failed = before.Where(t => t.Outcome == TrialOutcome.Failed).Select(t => t.Revision).DefaultIfEmpty(0).Max();
        found.Unless(trial.Revision > failed, "/revision", $"Revision {trial.Revision} has failed, and this brief asks for a fresh build.", $"Build anew and record it as revision {failed + 1}.");
        if (trials.FreshBuilds is { } most)
            found.Unless(trial.Revision - 1 <= most, "/revision", $"This brief allows {most} fresh {(most == 1 ? "build" : "builds")}.", "The team's attempts are over; mark those that are left as failed.");
    }
}
