using System.Text.Json.Serialization;

namespace PluckyRally.Core;

[JsonDerivedType(typeof(PhaseBegun), "phaseBegun")]
[JsonDerivedType(typeof(ClockPaused), "clockPaused")]
[JsonDerivedType(typeof(ClockResumed), "clockResumed")]
[JsonDerivedType(typeof(MinutesAdded), "minutesAdded")]
public abstract partial record Entry
{
    /// <summary>A phase of the lesson was begun; the one before it is over. Its <see cref="At"/> is the server's time.</summary>
    public sealed record PhaseBegun : Entry, IClockEntry
    {
        /// <summary>The phase's id; empty where the lesson is over.</summary>
        public required string Phase { get; init; }
    }

    /// <summary>The clock was stopped.</summary>
    public sealed record ClockPaused : Entry, IClockEntry;

    /// <summary>The clock goes on.</summary>
    public sealed record ClockResumed : Entry, IClockEntry;

    /// <summary>The running phase got more time, or less.</summary>
    public sealed record MinutesAdded : Entry, IClockEntry
    {
        /// <summary>How many minutes; below 0 to take some away.</summary>
        public required decimal Minutes { get; init; }
    }
}

/// <summary>An entry of the clock: the whole class's, at the server's time, and no score.</summary>
public interface IClockEntry;

/// <summary>Checks what is recorded of the clock.</summary>
internal static class ClockEntries
{
    public static void Check(Playbook playbook, Entry entry, Findings found)
    {
        found.Unless(entry.Team.Length == 0, "/team", "The clock is the whole class's.", "Leave the team out.");
        switch (entry)
        {
            case Entry.PhaseBegun begun:
                found.Unless(begun.Phase.Length == 0 || playbook.Brief.Timing.Phases.Any(p => p.Id == begun.Phase), "/phase", "There is no such phase in this brief.", $"Use one of these: {string.Join(", ", playbook.Brief.Timing.Phases.Select(p => p.Id))}.");
                break;
            case Entry.MinutesAdded added:
                found.Unless(added.Minutes is >= -120 and <= 120 and not 0, "/minutes", "The minutes are out of range.", "Use 1 to 120, or so many below 0 to take some away.");
                break;
            case Entry.WallSet set:
                found.Unless(set.Revealed is >= 0 and <= Most.Teams, "/revealed", "So many places cannot be revealed.", $"Use 0 to {Most.Teams}.");
                break;
            default:
                LessonCuts.Check(playbook, entry, found);
                break;
        }
    }
}
