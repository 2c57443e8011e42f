using System.Text.Json.Serialization;

namespace PluckyRally.Core;

[JsonDerivedType(typeof(InstrumentChecked), "instrumentChecked")]
public abstract partial record Entry
{
    /// <summary>An instrument was held against something known. The check is kept, and changes no reading.</summary>
    public sealed record InstrumentChecked : Entry
    {
        /// <summary>What the known object has, as a judge types it.</summary>
        public required Reading Known { get; init; }

        /// <summary>What the instrument showed of it.</summary>
        public required Reading Shown { get; init; }
    }
}

/// <summary>Understands checks of instruments.</summary>
internal static class InstrumentEntries
{
    public static Entry Understand(Playbook playbook, Entry.InstrumentChecked check, Findings found)
    {
        found.Unless(check.Known.Measure == check.Shown.Measure, "/shown/measure", "Both readings must be of one measure.", "Name the same measure twice.");
        return check with { Known = Read(playbook, check.Known, "/known", found), Shown = Read(playbook, check.Shown, "/shown", found) };
    }

    private static Reading Read(Playbook playbook, Reading reading, string at, Findings found)
    {
        if (!playbook.Measures.TryGetValue(reading.Measure, out var measure))
        {
            found.Add($"{at}/measure", "There is no such measure in this brief.", $"Use one of these: {string.Join(", ", playbook.Brief.Measures.Select(m => m.Id))}.");
            return reading;
        }

        // A known object has no container.
        var parsed = ReadingParser.Parse(reading.Typed, measure with { Tare = 0 });
        if (parsed.IsOk) return reading with { Value = parsed.Value.Value, Bound = parsed.Value.Bound };
        found.AddAll($"{at}/typed", parsed.Problems);
        return reading;
    }
}
