using Microsoft.AspNetCore.Http.HttpResults;
using PluckyRally.Core.Day;
using PluckyRally.Core.Results;
using PluckyRally.Core.Score;
using PluckyRally.Data.Days;
using PluckyRally.Data.Passes;
using PluckyRally.Data.Rallies;
using PluckyRally.Web.Access;
using PluckyRally.Web.Live;
using PluckyRally.Web.Problems;

namespace PluckyRally.Web.Day;

/// <summary>
/// The day as it goes on: who is at which table, when each rally is expected, and the combined results where the
/// teacher wants them seen.
/// </summary>
internal static class DayNow
{
    /// <summary>A rally of the day that is there.</summary>
    internal sealed record Found(DaySlot Slot, KeptRally Kept, OpenedRally Opened, int Round, RoundSheets Sheets)
    {
        public string Title => Opened.In(Round).Compiled.Brief.Title;

        public bool IsClosed => Sheets.Sheets.Any(s => s.Closed);
    }

    public static async Task<Results<Ok<DayOpened>, Missing>> Open(
        Guid id,
        HttpContext context,
        DayBook book,
        PassBook passes,
        RallyLog log,
        RoundCache rounds,
        TimeProvider clock,
        CancellationToken stop
    )
    {
        if (await book.Find(id, stop) is not { Day: var day } kept)
            return new Missing("day");
        var caller = Caller.Of(context.User);
        var found = await Find(day, log, rounds, stop);
        var times = Times(day, found, clock);
        var rallies = new List<RallyOfDay>();
        foreach (var (at, rally) in found.Index())
            rallies.Add(
                new(
                    rally.Slot.Rally,
                    rally.Opened.Rally.Name,
                    rally.Title,
                    rally.Slot.Where,
                    rally.Round,
                    rally.Sheets.Sheets.Count(s => s.Status != StandingStatus.Away),
                    rally.Sheets.Unfinished,
                    TableNow.Of(rally.Sheets, rally.Slot.Tables),
                    await caller.In(rally.Slot.Rally, passes, stop),
                    times[at]
                )
                {
                    From = rally.Slot.From,
                    To = rally.Slot.To,
                    Helpers = rally.Slot.Helpers,
                }
            );
        var lists = caller.IsTeacher ? Lists(day.Combining, found, rounds) : ForHelpers(kept, found, rounds);
        return TypedResults.Ok(new DayOpened(id, day.Name, day.Date, day.ListOnBoard, kept.Board, rallies, lists));
    }

    /// <summary>
    /// What tells which rallies run one brief: the brief on the shelf, or its title where it came from elsewhere.
    /// </summary>
    internal static string BriefOf(KeptRally rally) => rally.Stored.BriefId?.ToString() ?? rally.Stored.BriefTitle;

    /// <summary>The rallies of a day; one that was deleted meanwhile leaves it.</summary>
    internal static async Task<IReadOnlyList<Found>> Find(
        FairDay day,
        RallyLog log,
        RoundCache rounds,
        CancellationToken stop
    )
    {
        var found = new List<Found>();
        foreach (var slot in day.Slots)
            if (await log.Open(slot.Rally, stop) is { Opened: { IsOk: true } opened } kept)
                found.Add(
                    new(
                        slot,
                        kept,
                        opened.Value,
                        opened.Value.Running,
                        rounds.SheetsOf(kept, opened.Value.Running, points: false)
                    )
                );
        return found;
    }

    /// <summary>
    /// Helpers see combined results where the teacher wants them seen; while these are revealed, not before the board.
    /// </summary>
    private static IReadOnlyList<ListOfDay> ForHelpers(KeptDay kept, IReadOnlyList<Found> found, RoundCache rounds) =>
        kept is { Day.ListOnBoard: true, Board.Shows: not DayBoardShows.Reveal }
            ? Lists(kept.Day.Combining, found, rounds)
            : [];

    /// <summary>The results of each class by itself, also where no other runs its brief.</summary>
    internal static IReadOnlyList<ListOfDay> ByClass(Combined chosen, IReadOnlyList<Found> found, RoundCache rounds) =>
        [
            .. found.Select(r =>
                ListOfDay.Of(
                    r.Title,
                    [r],
                    rounds.ListOver([(r.Kept, r.Round)], chosen with { Lists = CombinedLists.Class }),
                    revealed: null
                )
            ),
        ];

    /// <summary>The combined results of each brief that several of the rallies run.</summary>
    /// <param name="chosen">How they are combined.</param>
    /// <param name="found">The rallies.</param>
    /// <param name="rounds">Where they are worked out.</param>
    /// <param name="revealed">How many places are shown, from the last; all where absent.</param>
    internal static IReadOnlyList<ListOfDay> Lists(
        Combined chosen,
        IReadOnlyList<Found> found,
        RoundCache rounds,
        int? revealed = null
    ) =>
        [
            .. found
                .GroupBy(r => BriefOf(r.Kept))
                .Where(g => g.Count() > 1)
                .Select(g =>
                    ListOfDay.Of(
                        g.First().Title,
                        [.. g],
                        rounds.ListOver([.. g.Select(r => (r.Kept, r.Round))], chosen),
                        revealed
                    )
                ),
        ];

    private static IReadOnlyList<SlotTime> Times(FairDay day, IReadOnlyList<Found> found, TimeProvider clock)
    {
        var now = clock.GetLocalNow();
        return DayForecast.Of(
            [.. found.Select(r => PlannedSlot.Of(r.Slot, r.Opened, r.Round))],
            [.. found.Select(r => SlotSoFar.Of(r.Opened, r.Round, r.Sheets, now))],
            day.Date == DateOnly.FromDateTime(now.DateTime) ? TimeOnly.FromDateTime(now.DateTime) : null
        );
    }
}
