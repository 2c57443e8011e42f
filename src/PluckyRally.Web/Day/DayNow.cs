using Microsoft.AspNetCore.Http.HttpResults;
using PluckyRally.Core;
using PluckyRally.Data.Days;
using PluckyRally.Data.Passes;
using PluckyRally.Data.Rallies;

namespace PluckyRally.Web;

/// <summary>
/// The day as it goes on: who is at which table, when each rally is expected, and the combined results where the
/// teacher wants them seen.
/// </summary>
internal static class DayNow
{
    /// <summary>A rally of the day that is there.</summary>
    private sealed record Found(DaySlot Slot, KeptRally Kept, OpenedRally Opened, int Round, RoundSheets Sheets)
    {
        public string Title => Opened.In(Round).Compiled.Brief.Title;
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
        if (await book.Find(id, stop) is not { Day: var day })
            return new Missing("day");
        var caller = Caller.Of(context.User);
        var found = new List<Found>();
        foreach (var slot in day.Slots)
        {
            // A rally that was taken away meanwhile leaves the day.
            if (await log.Open(slot.Rally, stop) is not { Opened: { IsOk: true } opened } kept)
                continue;
            var round = opened.Value.Running;
            found.Add(new(slot, kept, opened.Value, round, rounds.SheetsOf(kept, round, points: false)));
        }

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
        var lists = caller.IsTeacher || day.ListOnBoard ? Lists(day, found, rounds) : [];
        return TypedResults.Ok(new DayOpened(id, day.Name, day.Date, day.ListOnBoard, rallies, lists));
    }

    /// <summary>The combined results of each brief that several of the rallies run.</summary>
    private static IReadOnlyList<ListOfDay> Lists(FairDay day, IReadOnlyList<Found> found, RoundCache rounds) =>
        [
            .. found
                .GroupBy(r => r.Kept.Stored.BriefId?.ToString() ?? r.Title)
                .Where(g => g.Count() > 1)
                .Select(g => rounds.ListOver(g.First().Title, [.. g.Select(r => (r.Kept, r.Round))], day.Combining)),
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

/// <summary>A fair day as it goes on.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Date">The day.</param>
/// <param name="ListOnBoard">Whether the board shows the lists over all.</param>
/// <param name="Rallies">Its rallies, in the order of the day.</param>
/// <param name="Lists">The lists over all, one for each brief that several rallies run; for helpers and the board only
/// where the teacher wants them seen.</param>
public sealed record DayOpened(
    Guid Id,
    string Name,
    DateOnly Date,
    bool ListOnBoard,
    IReadOnlyList<RallyOfDay> Rallies,
    IReadOnlyList<ListOfDay> Lists
);

/// <summary>A rally of a fair day.</summary>
/// <param name="Rally">Its id.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Title">The brief's title.</param>
/// <param name="Where">Where.</param>
/// <param name="Round">The round that runs.</param>
/// <param name="Teams">Teams that take part.</param>
/// <param name="Left">Teams that are still to be tested.</param>
/// <param name="Tables">Who is at which table, and who comes next.</param>
/// <param name="Role">What whoever asks may do in it.</param>
/// <param name="Expected">When it is expected to begin and to end; on any day but its own that is the plan.</param>
public sealed record RallyOfDay(
    Guid Rally,
    string Name,
    string Title,
    string Where,
    int Round,
    int Teams,
    int Left,
    IReadOnlyList<TableNow> Tables,
    CallerRole Role,
    SlotTime Expected
)
{
    /// <summary>When it begins; absent where that is open.</summary>
    public TimeOnly? From { get; init; }

    /// <summary>When it ends; absent where that is open.</summary>
    public TimeOnly? To { get; init; }

    /// <summary>Who helps at each table; empty where nobody does yet.</summary>
    public IReadOnlyList<string> Helpers { get; init; } = [];
}

/// <summary>The list over the rallies of one brief.</summary>
/// <param name="Title">The brief's title.</param>
/// <param name="Rallies">The rallies, by their ids.</param>
/// <param name="WinsText">Which way is better.</param>
/// <param name="Differs">Why nobody has a place over all; empty where they have.</param>
/// <param name="Rows">Its teams.</param>
public sealed record ListOfDay(
    string Title,
    IReadOnlyList<Guid> Rallies,
    string WinsText,
    IReadOnlyList<string> Differs,
    IReadOnlyList<RowOverAllOnWall> Rows
)
{
    internal static ListOfDay Of(string title, IReadOnlyList<RallyJoining> rallies, Combined chosen)
    {
        var all = OverAll.Of(rallies, chosen);
        return new(
            title,
            [.. rallies.Select(r => r.Id)],
            all.WinsText,
            [.. all.Lists.SelectMany(l => l.Differs)],
            RowOverAllOnWall.Of(all)
        );
    }
}
