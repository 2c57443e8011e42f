using System.Text.Json.Serialization;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Parts;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Score;

[JsonDerivedType(typeof(LegTimed), "legTimed")]
[JsonDerivedType(typeof(RelayFaulted), "relayFaulted")]
[JsonDerivedType(typeof(ItemsCarried), "itemsCarried")]
[JsonDerivedType(typeof(RelayStopped), "relayStopped")]
public abstract partial record Entry
{
    /// <summary>A leg was finished; the last time of a leg stands.</summary>
    public sealed record LegTimed : OfPart
    {
        /// <summary>Which leg, from 1.</summary>
        public required int Leg { get; init; }

        /// <summary>The leg's own time, in seconds.</summary>
        public required Reading Time { get; init; }

        /// <summary>Who ran it.</summary>
        public string Runner { get; init; } = "";

        /// <summary>The heat, for the record; teams of all heats are compared by time.</summary>
        public int? Heat { get; init; }

        internal override string? Answers => PartAnswers.Whole(Leg);

        internal override Entry Understand(CompiledEdition compiled, IReadOnlyList<Team> teams, ProblemCollector found)
        {
            if (PartEntries.Find<Part.Relay>(compiled, Part, found) is not { } part)
                return this;
            found.Unless(
                Leg >= 1 && Leg <= part.Legs.Count,
                "/leg",
                "There is no such leg.",
                $"Use 1 to {part.Legs.Count}."
            );
            found.Length(Runner, Limits.Name, "/runner", "The runner's name");
            return this with { Time = PartEntries.Time(Time, Part, part.Step, found) };
        }

        internal override string Say(CompiledEdition compiled, int? attempt) =>
            PartEntries.Say<Part.Relay>(compiled, this, _ =>
                $"leg {Leg}, {Time.Typed}{ReadingEntries.By(Time)}{(Runner.Length > 0 ? $" ({Runner})" : "")}"
            );
    }

    /// <summary>Something went wrong, so many times.</summary>
    public sealed record RelayFaulted : OfPart
    {
        /// <summary>The fault's id.</summary>
        public required string Fault { get; init; }

        /// <summary>How many times, from 1.</summary>
        public int Count { get; init; } = 1;

        /// <summary>In which leg, from 1; absent where that was not noticed.</summary>
        public int? Leg { get; init; }

        internal override Entry Understand(CompiledEdition compiled, IReadOnlyList<Team> teams, ProblemCollector found)
        {
            if (PartEntries.Find<Part.Relay>(compiled, Part, found) is not { } part)
                return this;
            found.Unless(
                part.Faults.Any(f => f.Id == Fault),
                "/fault",
                "There is no such fault.",
                ProblemCollector.UseOneOf(part.Faults.Select(f => f.Name))
            );
            found.Unless(
                Count is >= 1 and <= 1000,
                "/count",
                "The number of faults is out of range.",
                "Use 1 or more; cross a fault out to undo it."
            );
            found.Unless(
                Leg is null || (Leg >= 1 && Leg <= part.Legs.Count),
                "/leg",
                "There is no such leg.",
                $"Use 1 to {part.Legs.Count}."
            );
            return this;
        }

        internal override string Say(CompiledEdition compiled, int? attempt) =>
            PartEntries.Say<Part.Relay>(compiled, this, part =>
                $"{part?.Faults.FirstOrDefault(f => f.Id == Fault)?.Name ?? Fault}, {Count}"
            );
    }

    /// <summary>Items were brought over; the last count stands.</summary>
    public sealed record ItemsCarried : OfPart
    {
        /// <summary>How many in all.</summary>
        public required int Count { get; init; }

        internal override Entry Understand(CompiledEdition compiled, IReadOnlyList<Team> teams, ProblemCollector found)
        {
            PartEntries.Find<Part.Relay>(compiled, Part, found);
            found.Unless(
                Count is >= 0 and <= 100_000,
                "/count",
                "The number of items is out of range.",
                "Use 0 or more."
            );
            return this;
        }

        internal override string Say(CompiledEdition compiled, int? attempt) =>
            PartEntries.Say<Part.Relay>(compiled, this, _ => $"{English.Count(Count, "item")} brought over");
    }

    /// <summary>The team has stopped and will not finish.</summary>
    public sealed record RelayStopped : OfPart
    {
        /// <summary>Why.</summary>
        public string Reason { get; init; } = "";

        internal override Entry Understand(CompiledEdition compiled, IReadOnlyList<Team> teams, ProblemCollector found)
        {
            PartEntries.Find<Part.Relay>(compiled, Part, found);
            found.Length(Reason, Limits.Text, "/reason", "The reason");
            return this;
        }

        internal override string Say(CompiledEdition compiled, int? attempt) =>
            PartEntries.Say<Part.Relay>(compiled, this, _ => $"stopped{(Reason.Length > 0 ? $" ({Reason})" : "")}");
    }
}
