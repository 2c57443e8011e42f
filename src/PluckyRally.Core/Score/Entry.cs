using System.Text.Json.Serialization;

namespace PluckyRally.Core;

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

/// <summary>One thing that happened in a rally, as the device that saw it wrote it down. Nothing is ever changed: a correction is another entry.</summary>
[JsonPolymorphic(TypeDiscriminatorPropertyName = "kind")]
[JsonDerivedType(typeof(RuleChecked), "ruleChecked")]
[JsonDerivedType(typeof(TrialRecorded), "trialRecorded")]
[JsonDerivedType(typeof(MeasureRead), "measureRead")]
[JsonDerivedType(typeof(StruckOut), "struckOut")]
[JsonDerivedType(typeof(NoteMade), "noteMade")]
public abstract partial record Entry
{
    private Entry()
    {
    }

    /// <summary>Made by the device that wrote it (UUID version 7); sending it twice changes nothing.</summary>
    public required Guid Id { get; init; }

    /// <summary>When it was received, by the server's clock.</summary>
    public DateTimeOffset At { get; init; }

    /// <summary>When it was written, by the clock of the device that wrote it; absent where the server wrote it.</summary>
    public DateTimeOffset? DeviceAt { get; init; }

    /// <summary>Who wrote it.</summary>
    public string By { get; init; } = "";

    /// <summary>The team's id; empty for the whole class.</summary>
    public string Team { get; init; } = "";

    /// <summary>The round, from 1.</summary>
    public int Round { get; init; } = 1;

    /// <summary>A rule was looked at.</summary>
    public sealed record RuleChecked : Entry
    {
        /// <summary>The rule's id.</summary>
        public required string Rule { get; init; }

        /// <summary>Whether it was met.</summary>
        public required bool Met { get; init; }

        /// <summary>For a rule checked in every attempt: which.</summary>
        public int? Attempt { get; init; }

        /// <summary>The design; empty for all of the team's designs.</summary>
        public string Design { get; init; } = "";
    }

    /// <summary>A trial was made.</summary>
    public sealed record TrialRecorded : Entry
    {
        /// <summary>The design tried; empty where the team has only one.</summary>
        public string Design { get; init; } = "";

        /// <summary>The design's revision, from 1.</summary>
        public int Revision { get; init; } = 1;

        /// <summary>Which attempt it is, from 1; the next one where absent. The same number twice is one attempt read twice.</summary>
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
    }

    /// <summary>A measure that is taken once was read.</summary>
    public sealed record MeasureRead : Entry
    {
        /// <summary>The design; empty for all of the team's designs.</summary>
        public string Design { get; init; } = "";

        /// <summary>What was read.</summary>
        public required Reading Reading { get; init; }
    }

    /// <summary>An entry was struck out, as if it had never been made. Striking out a strike brings the entry back.</summary>
    public sealed record StruckOut : Entry
    {
        /// <summary>The entry's id.</summary>
        public required Guid Entry { get; init; }

        /// <summary>Why.</summary>
        public string Reason { get; init; } = "";
    }

    /// <summary>Something seen while walking past. It is kept, and changes no score.</summary>
    public sealed record NoteMade : Entry
    {
        /// <summary>What was seen.</summary>
        public required string Text { get; init; }
    }
}
