using System.Text.Json.Serialization;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Score;

[JsonDerivedType(typeof(DesignNoted), "designNoted")]
public abstract partial record Entry
{
    /// <summary>
    /// Something about a design: what changed, its conditions, or that it is the one the team names. The last word
    /// stands.
    /// </summary>
    public sealed record DesignNoted : Entry
    {
        /// <summary>The design's name; empty where the team has only one.</summary>
        public string Design { get; init; } = "";

        /// <summary>The revision, from 1.</summary>
        public int Revision { get; init; } = 1;

        /// <summary>What has changed since the revision before.</summary>
        public string Changed { get; init; } = "";

        /// <summary>
        /// What else has changed beside that: empty where it was asked and nothing has; absent where nobody asked.
        /// </summary>
        public string? Also { get; init; }

        /// <summary>
        /// Conditions by name, such as "arm": "long". Where there are some, they take the place of those that were
        /// noted before.
        /// </summary>
        public IReadOnlyDictionary<string, string> Labels { get; init; } = new Dictionary<string, string>();

        /// <summary>
        /// What it is called from here on, though it goes on being recorded under the name that it has; empty where
        /// nothing is said of that.
        /// </summary>
        public string Called { get; init; } = "";

        /// <summary>Whether the team names this design as the one that counts.</summary>
        public bool Named { get; init; }

        /// <summary>What has changed, with what else has.</summary>
        internal string SayChanged => Also is { Length: > 0 } also ? $"{Changed}; also {also}" : Changed;

        internal override bool IsTeachers => false;

        internal override Entry Understand(CompiledEdition compiled, IReadOnlyList<Team> teams, ProblemCollector found)
        {
            found.Length(Design, Limits.Name, "/design", "The design's name");
            found.Length(Called, Limits.Name, "/called", "What the design is called");
            found.Unless(Revision is >= 1 and <= 1000, "/revision", "There is no such revision.", "Count from 1.");
            found.Length(Changed, Limits.Text, "/changed", "What has changed");
            found.Length(Also ?? "", Limits.Text, "/also", "What else has changed");
            found.Unless(
                Labels.Count <= 20 && Labels.All(l => l.Key.Length <= 40 && l.Value.Length <= 40),
                "/labels",
                "There are too many labels, or one is too long.",
                "Keep to 20, each of at most 40 characters."
            );
            found.Unless(
                Labels.All(l => l.Key.Trim().Length > 0 && l.Value.Trim().Length > 0),
                "/labels",
                "A label is half written.",
                "Say what it is of, and how it is: arm, long."
            );
            return this;
        }

        internal override string Say(CompiledEdition compiled, int? attempt) =>
            $"Design{(Design.Length > 0 ? $" “{Design}”" : "")}, revision {Revision}"
            + $"{(SayChanged.Length > 0 ? $": {SayChanged}" : "")}"
            + $"{(Labels.Count > 0 ? $" ({DesignLabels.Say(Labels)})" : "")}"
            + $"{(Called.Length > 0 ? $", called “{Called}”" : "")}"
            + $"{(Named ? ", the one that counts" : "")}";
    }
}

/// <summary>Checks what is recorded about designs.</summary>
internal static class DesignEntries
{
    /// <summary>
    /// After a failed attempt a brief may ask for a fresh build: an attempt after it must name a new revision.
    /// </summary>
    /// <param name="trials">How the brief tests.</param>
    /// <param name="trial">The trial.</param>
    /// <param name="log">What is in the log.</param>
    /// <param name="found">Collects what is wrong.</param>
    public static void CheckFreshBuild(
        Trials trials,
        Entry.TrialRecorded trial,
        StandingLog log,
        ProblemCollector found
    )
    {
        if (!trials.FreshBuildAfterFailure)
            return;
        var others = log.Where(e => e.Id != trial.Id).Append(trial).Select(e => (0, e));
        if (
            OnOldBuilds(trials, others).Where(o => o.Entry.Id == trial.Id).Select(o => o.Problem).FirstOrDefault() is
            { } wrong
        )
            found.AddAll([wrong]);
    }

    /// <summary>
    /// Trials that were made on a build that had failed before, or on more fresh builds than the brief allows, each
    /// with what is wrong.
    /// </summary>
    public static IEnumerable<(int At, Entry Entry, Problem Problem)> OnOldBuilds(
        Trials trials,
        IEnumerable<(int At, Entry Entry)> standing
    )
    {
        if (!trials.FreshBuildAfterFailure)
            yield break;
        var scored = standing
            .Where(e => e.Entry is Entry.TrialRecorded { Purpose: Purpose.Score, Outcome: not TrialOutcome.Void })
            .Select(e => (e.At, Trial: (Entry.TrialRecorded)e.Entry));
        foreach (var design in scored.GroupBy(e => (e.Trial.Team, e.Trial.Round, e.Trial.Design)))
        {
            var places = design.ToDictionary(e => e.Trial.Id, e => e.At);
            var failed = 0;
            foreach (var attempt in DesignRecord.Numbered([.. design.Select(e => e.Trial)]))
            {
                var fails = failed;
                foreach (var trial in attempt.Trials)
                {
                    if (trial.Revision <= failed)
                        yield return (
                            places[trial.Id],
                            trial,
                            new(
                                "/revision",
                                $"Revision {failed} has failed, and this brief asks for a fresh build.",
                                $"Rebuild and record it as revision {failed + 1}."
                            )
                        );
                    else if (trials.FreshBuilds is { } most && trial.Revision - 1 > most)
                        yield return (
                            places[trial.Id],
                            trial,
                            new(
                                "/revision",
                                $"This brief allows {English.Count(most, "fresh build")}.",
                                "The team's attempts are over; mark those that are left as failed."
                            )
                        );
                    else if (trial.Outcome == TrialOutcome.Failed)
                        fails = Math.Max(fails, trial.Revision);
                }

                failed = fails;
            }
        }
    }
}
