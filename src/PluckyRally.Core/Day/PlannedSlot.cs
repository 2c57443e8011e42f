using PluckyRally.Core.Kit;
using PluckyRally.Core.Score;
using PluckyRally.Core.Time;

namespace PluckyRally.Core.Day;

/// <summary>A rally of a fair day as it is planned: its slot, what it takes, and how long.</summary>
/// <param name="Slot">Its time, place and tables.</param>
/// <param name="Kit">Its name, its brief as it is run, and its teams.</param>
public sealed record PlannedSlot(DaySlot Slot, PlannedKit Kit)
{
    /// <summary>What the rally is called.</summary>
    public string Name => Kit.Name;

    /// <summary>A round of a rally in its slot.</summary>
    public static PlannedSlot Of(DaySlot slot, OpenedRally opened, int round)
    {
        var run = opened.In(round);
        return new(slot, new(opened.Rally.Name, TeamKit.HandedOut(run), run.Present));
    }

    /// <summary>
    /// When it ends: as planned, or else by the minutes of its phases; absent where neither is known. Never after the
    /// day.
    /// </summary>
    public TimeOnly? Until =>
        Slot.To ?? (Slot.From is { } from && Lasts > 0 ? DayTime.Later(from, (double)Lasts) : null);

    /// <summary>What is run, and who is at which table, one line each.</summary>
    public string Who =>
        string.Join(
            '\n',
            Enumerable
                .Range(0, Slot.Tables)
                .Where(t => Slot.HelperAt(t).Length > 0)
                .Select(t => DayWords.AtTable(t + 1, Slot.HelperAt(t)))
                .Prepend(Kit.Brief.Title)
        );

    /// <summary>Minutes of all phases, with its own teams and tables; 0 where no phase is planned.</summary>
    private decimal Lasts => MinutesOf(_ => true) + Kit.Brief.Timing.InRange.SetUp + Kit.Brief.Timing.InRange.CleanUp;

    /// <summary>Minutes of what goes team by team.</summary>
    internal decimal Testing => MinutesOf(p => p.TeamByTeam);

    /// <summary>Minutes between its times; null where one is open.</summary>
    internal decimal? Room => Slot is { From: { } from, To: { } to } ? (decimal)(to - from).TotalMinutes : null;

    /// <summary>Whether both run at some time; false where a time is not known.</summary>
    internal bool Overlaps(PlannedSlot other) =>
        Slot.From is { } from
        && Until is { } to
        && other.Slot.From is { } start
        && other.Until is { } end
        && from < end
        && start < to;

    private decimal MinutesOf(Func<Phase, bool> which) =>
        Kit
            .Brief.Timing.Phases.Where(which)
            .Select(p => p.TeamByTeam ? p with { TestBays = Slot.Tables } : p)
            .Sum(p => Minutes.Of(p, Kit.Teams.Count, Kit.Brief.Trials.Attempts));
}
