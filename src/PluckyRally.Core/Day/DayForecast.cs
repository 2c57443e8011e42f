using PluckyRally.Core.Results;
using PluckyRally.Core.Run;
using PluckyRally.Core.Score;

namespace PluckyRally.Core.Day;

/// <summary>How far a rally of a fair day is.</summary>
/// <param name="Began">When it began; null where it has not.</param>
/// <param name="Left">Teams that are still to be tested.</param>
/// <param name="Tested">Teams that have been tested.</param>
/// <param name="ClockEnds">When its clock ends with all phases; null where no clock runs.</param>
/// <param name="Last">When something was last recorded; null where nothing was.</param>
public sealed record SlotSoFar(TimeOnly? Began, int Left, int Tested, TimeOnly? ClockEnds, TimeOnly? Last)
{
    /// <summary>How far a round is.</summary>
    /// <param name="opened">The rally.</param>
    /// <param name="round">The round that runs.</param>
    /// <param name="sheets">Its sheets.</param>
    /// <param name="now">The time here: what was recorded on another day is not of this one.</param>
    public static SlotSoFar Of(OpenedRally opened, int round, RoundSheets sheets, DateTimeOffset now)
    {
        var today = opened
            .Stands.Where(e => e.Round == round && (e is Entry.PhaseBegun || e.BeginsRound))
            .Select(e => e.At.ToOffset(now.Offset))
            .Where(at => at.Date == now.Date)
            .ToList();
        var clock = LessonClock.Of(opened, round);
        DateTimeOffset? ends = clock.Phase is null ? null : clock.Ends ?? now.AddSeconds((double)(clock.Left ?? 0));
        return new(
            today.Count > 0 ? Time(today.Min()) : null,
            sheets.Unfinished,
            sheets.Sheets.Count(s => s.Status != StandingStatus.Away) - sheets.Unfinished,
            ends is { } phase ? DayTime.Later(Time(phase.ToOffset(now.Offset)), (double)clock.MinutesAfter) : null,
            today.Count > 0 ? Time(today.Max()) : null
        );

        static TimeOnly Time(DateTimeOffset at) => TimeOnly.FromDateTime(at.DateTime);
    }
}

/// <summary>When a rally of a fair day is expected to begin and to end.</summary>
/// <param name="From">When it begins, or began; absent where that is open.</param>
/// <param name="To">When it ends, or ended; absent where that is open.</param>
/// <param name="Late">Minutes that it begins after its time, or began; 0 where it is on time, or over.</param>
/// <param name="Begun">Whether it has begun.</param>
public sealed record SlotTime(TimeOnly? From, TimeOnly? To, int Late, bool Begun)
{
    /// <summary>A class that begins a few minutes late is no news. Common practice, no source.</summary>
    private const int Noticed = 5;

    /// <summary>That it is late, and what is expected; empty where it is about on time.</summary>
    public string Says => Late >= Noticed ? DayWords.Late(this) : "";
}

/// <summary>The times of a fair day as they are expected while it goes on: a late class moves those after it.</summary>
public static class DayForecast
{
    /// <summary>
    /// The times of each rally. One that has not begun waits for those before it in the same place or with the same
    /// helper, and lasts as long as it was planned to.
    /// </summary>
    /// <param name="slots">The day's rallies, in its order.</param>
    /// <param name="soFar">How far each of them is.</param>
    /// <param name="now">The time of day; null on any other day, when the plan stands.</param>
    public static IReadOnlyList<SlotTime> Of(
        IReadOnlyList<PlannedSlot> slots,
        IReadOnlyList<SlotSoFar> soFar,
        TimeOnly? now
    )
    {
        var times = new SlotTime[slots.Count];
        // In order of time: what waits comes after what it waits for.
        foreach (var at in Enumerable.Range(0, slots.Count).OrderBy(i => slots[i].Slot.From ?? TimeOnly.MaxValue))
        {
            var planned = new SlotTime(slots[at].Slot.From, slots[at].Until, 0, Begun: false);
            times[at] =
                now is not { } time || soFar[at] is { Began: null, Left: 0 } ? planned
                : soFar[at].Began is { } began ? Running(planned, soFar[at], began, time)
                : Waiting(
                    planned,
                    time,
                    [
                        .. Enumerable
                            .Range(0, slots.Count)
                            .Where(i => times[i] is not null && HoldsUp(slots[i], slots[at]))
                            .Select(i => times[i].To)
                            .OfType<TimeOnly>(),
                    ]
                );
        }

        return times;
    }

    private static SlotTime Running(SlotTime planned, SlotSoFar soFar, TimeOnly began, TimeOnly now) =>
        new(
            began,
            Ends(planned, soFar, began, now),
            soFar.Left == 0 ? 0 : MinutesLate(planned.From, began),
            Begun: true
        );

    /// <summary>
    /// When all are tested, when it was last heard of; by its clock; or by the time that the teams before took.
    /// </summary>
    private static TimeOnly? Ends(SlotTime planned, SlotSoFar soFar, TimeOnly began, TimeOnly now)
    {
        if (soFar.Left == 0)
            return soFar.Last ?? planned.To;
        if (soFar.ClockEnds is { } clock)
            return clock > now ? clock : now;
        if (soFar.Tested > 0)
            return DayTime.Later(now, (now - began).TotalMinutes / soFar.Tested * soFar.Left);
        return planned is { From: { } from, To: { } to }
            ? Max(now, DayTime.Later(began, (to - from).TotalMinutes))
            : planned.To;
    }

    private static SlotTime Waiting(SlotTime planned, TimeOnly now, IReadOnlyList<TimeOnly> before)
    {
        if (planned.From is not { } from)
            return planned;
        var begins = before.Append(from).Append(now).Max();
        return new(
            begins,
            planned.To is { } to ? DayTime.Later(begins, (to - from).TotalMinutes) : null,
            MinutesLate(from, begins),
            Begun: false
        );
    }

    /// <summary>Whether a later rally cannot begin before this one has ended.</summary>
    private static bool HoldsUp(PlannedSlot before, PlannedSlot after) =>
        before != after
        && before.Slot.From < after.Slot.From
        && !before.Overlaps(after)
        && (
            DayClashes.SamePlace(before.Slot, after.Slot)
            || before.Slot.Named().Intersect(after.Slot.Named(), StringComparer.OrdinalIgnoreCase).Any()
        );

    private static int MinutesLate(TimeOnly? planned, TimeOnly begins) =>
        planned is { } from && begins > from ? (int)(begins - from).TotalMinutes : 0;

    private static TimeOnly Max(TimeOnly one, TimeOnly other) => one > other ? one : other;
}
