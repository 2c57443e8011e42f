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
        var inner = new Findings(at);

        // A known object has no container.
        var understood = ReadingEntries.Measure(playbook, reading, inner) is { } measure ? ReadingEntries.Understand(reading, measure with { Tare = 0 }, inner) : reading;
        found.Under("", inner);
        return understood;
    }
}
