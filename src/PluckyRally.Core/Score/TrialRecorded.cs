using System.Text.Json.Serialization;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Readings;

namespace PluckyRally.Core.Score;

/// <summary>What a trial is for.</summary>
public enum Purpose
{
    /// <summary>It is scored.</summary>
    Score,

    /// <summary>Kept, never scored.</summary>
    Practice,

    /// <summary>An unprotected or unmodified reference.</summary>
    Control,

    /// <summary>A value to beat, such as the teacher's own build.</summary>
    Benchmark,

    /// <summary>The same done by hand, without what the teams build.</summary>
    ByHand,
}

/// <summary>How a trial ended.</summary>
public enum TrialOutcome
{
    /// <summary>A fair attempt with a result.</summary>
    Counted,

    /// <summary>A fair attempt that missed the test; it uses up an attempt.</summary>
    Failed,

    /// <summary>Not the team's fault; it uses up no attempt and is done again.</summary>
    Void,

    /// <summary>Whether it counts can be said only after looking more closely.</summary>
    Waiting,
}

[JsonDerivedType(typeof(TrialRecorded), "trialRecorded")]
public abstract partial record Entry
{
    /// <summary>A trial was made.</summary>
    public sealed record TrialRecorded : Entry
    {
        /// <summary>The design tried; empty where the team has only one.</summary>
        public string Design { get; init; } = "";

        /// <summary>The design's revision, from 1.</summary>
        public int Revision { get; init; } = 1;

        /// <summary>
        /// Which attempt it is, from 1; the next one where absent. The same number twice is one attempt read twice.
        /// </summary>
        public int? Attempt { get; init; }

        /// <summary>Whether it is another reading of an attempt that was recorded before, on purpose.</summary>
        public bool Again { get; init; }

        /// <summary>What it is for.</summary>
        public Purpose Purpose { get; init; }

        /// <summary>How it ended.</summary>
        public required TrialOutcome Outcome { get; init; }

        /// <summary>Why it is void or failed.</summary>
        public string Reason { get; init; } = "";

        /// <summary>What was read.</summary>
        public IReadOnlyList<Reading> Readings { get; init; } = [];

        /// <summary>
        /// The ids of measures that another judge reads of the same attempt: until that is recorded under its number,
        /// the attempt waits.
        /// </summary>
        public IReadOnlyList<string> Leaves { get; init; } = [];

        internal override bool IsTeachers => false;

        internal override string? ShowsDesign => Purpose == Purpose.Score ? Design : null;

        internal override bool MayBeOfClass => Purpose != Purpose.Score;

        internal override Entry Understand(CompiledEdition compiled, IReadOnlyList<Team> teams, ProblemCollector found)
        {
            var attempts = compiled.Brief.Trials.Attempts;
            found.Length(Design, Limits.Name, "/design", "The design's name");
            found.Length(Reason, Limits.Text, "/reason", "The reason");
            found.Unless(Revision is >= 1 and <= 1000, "/revision", "There is no such revision.", "Count from 1.");
            found.Unless(
                Attempt is null || (Attempt >= 1 && Attempt <= attempts),
                "/attempt",
                "There is no such attempt.",
                $"Use 1 to {attempts}."
            );
            found.Unless(
                Outcome != TrialOutcome.Void || !string.IsNullOrWhiteSpace(Reason),
                "/reason",
                "Enter the reason why the attempt does not count.",
                "Say what went wrong that was not the team's fault."
            );
            found.Count(Leaves, Limits.Measures, "/leaves", "measures that another judge reads");
            found.Unless(
                Leaves.Count == 0
                    || (Outcome == TrialOutcome.Counted && Purpose == Purpose.Score && Attempt is not null),
                "/leaves",
                "Only a numbered attempt that counts can wait for another judge.",
                "Say which attempt it is, or leave this out."
            );
            found.Unless(
                Leaves.Count == 0 || Readings.Count > 0,
                "/leaves",
                "Nothing was read here.",
                "Record what was read, and leave the rest to the other judge."
            );
            found.Unless(
                Leaves.All(l =>
                    Readings.All(r => r.Measure != l)
                    && compiled.Brief.Measures.Any(m => m.Id == l && m.Taken == ReadOccasion.EachAttempt)
                ),
                "/leaves",
                "What is left to another judge is no measure of an attempt, or is read here.",
                "Name measures that are read in each attempt and have no reading here."
            );
            found.Count(Readings, Limits.Measures, "/readings", "readings");
            var readings = Readings
                .Select(
                    (reading, i) =>
                        ReadingEntries.Understand(compiled, reading, ReadOccasion.EachAttempt, $"/readings/{i}", found)
                )
                .ToList();
            if (Outcome == TrialOutcome.Counted)
            {
                foreach (
                    var measure in compiled.Brief.Measures.Where(m =>
                        m.Taken == ReadOccasion.EachAttempt
                        && readings.All(r => r.Measure != m.Id)
                        && !Leaves.Contains(m.Id)
                    )
                )
                    found.Add(
                        $"/readings/{measure.Id}",
                        $"{measure.Name} has no reading.",
                        "Type it, or record that the attempt failed or doesn’t count. These would do: "
                            + $"{string.Join(", ", ReadingForms.For(measure))}."
                    );
            }

            return this with
            {
                Readings = readings,
            };
        }

        internal override IEnumerable<(string At, Reading Reading)> ReadingsAt =>
            Readings.Select((reading, i) => ($"/readings/{i}", reading));

        internal override Entry With(Func<Reading, Reading> change) =>
            this with
            {
                Readings = [.. Readings.Select(change)],
            };

        internal override Entry Join(LogToJoin log, ProblemCollector found)
        {
            if (this is not { Purpose: Purpose.Score, Outcome: not TrialOutcome.Void } || found.Problems.Count > 0)
                return this;
            CheckLeft(log, found);
            DesignEntries.CheckFreshBuild(log.Compiled.Brief.Trials, this, log.Stands, found);
            return this;
        }

        internal override bool ChangesOthers(Trials trials) =>
            Outcome == TrialOutcome.Failed && trials.FreshBuildAfterFailure;

        internal override string Say(CompiledEdition compiled, int? attempt) =>
            $"{Heading(Attempt ?? attempt)}: {What(compiled)}";

        /// <summary>What it gave, without its number.</summary>
        internal string What(CompiledEdition compiled)
        {
            var why = Reason.Length > 0 ? $" ({Reason})" : "";
            return Outcome switch
            {
                TrialOutcome.Counted when Readings.Count == 0 => "made",
                TrialOutcome.Counted => string.Join(
                    ", ",
                    Readings.Select(r =>
                        Readings.Count == 1 && Leaves.Count == 0
                            ? ReadingEntries.SayValue(compiled, r)
                            : ReadingEntries.Say(compiled, r)
                    )
                ),
                TrialOutcome.Failed => "failed" + why,
                TrialOutcome.Void => "does not count" + why,
                TrialOutcome.Waiting => "needs a decision" + why,
            };
        }

        private string Heading(int? attempt) =>
            Purpose != Purpose.Score
                ? Reference.Word(Purpose)
                : (attempt is { } number ? $"Attempt {number}" : "Attempt")
                    + (Design.Length > 0 ? $", “{Design}”" : "");

        private void CheckLeft(LogToJoin log, ProblemCollector found)
        {
            if (Attempt is not null)
                return;
            var (attempts, whose) = (log.Compiled.Brief.Trials.Attempts, log.Compiled.Brief.Trials.AttemptsFor);
            var used = log
                .Stands.OfType<TrialRecorded>()
                .Where(t =>
                    t.Purpose == Purpose.Score
                    && t.Team == Team
                    && t.Round == Round
                    && (t.Design == Design || whose == AttemptsFor.Team)
                    && t.Id != Id
                )
                .GroupBy(t => t.Design)
                .Sum(design => DesignRecord.Numbered([.. design]).Count);
            found.Unless(
                used < attempts,
                "/attempt",
                attempts == 1 ? "The one attempt has been made." : $"All {attempts} attempts have been made.",
                "Cross one out first if it was recorded by mistake."
            );
        }
    }
}
