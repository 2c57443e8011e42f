using System.Text.Json.Serialization;

namespace PluckyRally.Core;

[JsonDerivedType(typeof(Tallied), "tallied")]
public abstract partial record Entry
{
    /// <summary>Something was counted.</summary>
    public sealed record Tallied : Entry, IPartEntry
    {
        /// <summary>The part's id.</summary>
        public required string Part { get; init; }

        /// <summary>The counter's id.</summary>
        public required string Counter { get; init; }

        /// <summary>How many, from 1.</summary>
        public int Count { get; init; } = 1;
    }
}

internal static class TallyEntries
{
    public static void Check(Playbook playbook, Entry.Tallied tallied, Findings found)
    {
        if (PartEntries.Find<Part.Tally>(playbook, tallied.Part, found) is not { } part) return;
        found.Unless(part.Counters.Any(c => c.Id == tallied.Counter), "/counter", "There is no such counter.", $"Use one of these: {string.Join(", ", part.Counters.Select(c => c.Id))}.");
        found.Unless(tallied.Count is >= 1 and <= 100_000, "/count", "The number is out of range.", "Use 1 or more; strike an entry out to take it back.");
    }
}
