using Microsoft.AspNetCore.Http.HttpResults;
using PluckyRally.Core;
using PluckyRally.Data;
using PluckyRally.Data.Days;
using PluckyRally.Data.Passes;
using PluckyRally.Data.Rallies;

namespace PluckyRally.Web;

/// <summary>
/// Fair days: several rallies on one day, with one page for whoever helps and a rotating board.
/// </summary>
internal static class DayEndpoints
{
    public static void MapDays(this IEndpointRouteBuilder api)
    {
        var days = api.MapGroup("/days").WithTags("Day");
        days.MapGet("", async (DayBook book, CancellationToken stop) =>
                TypedResults.Ok<IReadOnlyList<DayListed>>([
                    .. (await book.All(stop)).Select(d => new DayListed(
                        d.Id,
                        d.Day.Name,
                        d.Day.Date,
                        d.Day.Slots.Count
                    )),
                ])
            )
            .WithName("listDays");
        days.MapPost("", Add).WithName("makeDay").Accepts<FairDay>("application/json");
        days.MapGet("/{id:guid}", Open).WithName("openDay").For(Operation.SeeDay);
        days.MapGet(
                "/{id:guid}/plan",
                async Task<Results<Ok<FairDay>, Missing>> (Guid id, DayBook book, CancellationToken stop) =>
                    await book.Find(id, stop) is { } found ? TypedResults.Ok(found.Day) : new Missing("day")
            )
            .WithName("readDay");
        days.MapPut("/{id:guid}", Change).WithName("changeDay").Accepts<Edited<FairDay>>("application/json");
        days.MapDelete(
                "/{id:guid}",
                async Task<Results<NoContent, Missing>> (Guid id, DayBook book, CancellationToken stop) =>
                    await book.Remove(id, stop) ? TypedResults.NoContent() : new Missing("day")
            )
            .WithName("removeDay");
    }

    private static async Task<Results<Created<DayMade>, Refused>> Add(
        SentJson sent,
        DayBook book,
        RallyLog log,
        CancellationToken stop
    )
    {
        var request = DocumentReader.Request<FairDay>(sent.Text);
        if (!request.IsOk)
            return new Refused(request.Problems);
        var day = request.Value.Value;
        if (await Problems(day, log, stop) is { Count: > 0 } wrong)
            return new Refused(wrong);
        var id = await book.Add(day, stop);
        return TypedResults.Created($"/api/days/{id}", new DayMade(id));
    }

    private static async Task<Results<NoContent, Missing, Refused, ChangedMeanwhile>> Change(
        Guid id,
        SentJson sent,
        DayBook book,
        RallyLog log,
        CancellationToken stop
    )
    {
        var request = Edited<FairDay>.Read(sent);
        if (!request.IsOk)
            return new Refused(request.Problems);
        var (was, now) = request.Value;
        if (await Problems(now, log, stop) is { Count: > 0 } wrong)
            return new Refused(wrong);
        var (outcome, stands) = await book.Change(id, was, now, stop);
        return outcome switch
        {
            SaveOutcome.Saved => TypedResults.NoContent(),
            SaveOutcome.Conflict => new ChangedMeanwhile("plan", await Differences(stands!, now, log, stop)),
            _ => new Missing("day"),
        };
    }

    private static async Task<IReadOnlyList<Problem>> Problems(FairDay day, RallyLog log, CancellationToken stop)
    {
        var problems = day.Problems().ToList();
        for (var i = 0; problems.Count == 0 && i < day.Slots.Count; i++)
            if (await log.Open(day.Slots[i].Rally, stop) is null)
                problems.Add(new($"/slots/{i}/rally", "There is no such rally.", "Choose one from the list."));
        return problems;
    }

    private static async Task<IReadOnlyList<Difference>> Differences(
        FairDay stands,
        FairDay wanted,
        RallyLog log,
        CancellationToken stop
    )
    {
        var names = (await log.All(stop)).ToDictionary(r => r.Id, r => r.Name);
        return stands.DifferencesTo(wanted, id => names.GetValueOrDefault(id, "a deleted rally"));
    }

    /// <summary>
    /// The day as it goes on: who is at which table, and the lists over all where the teacher wants them seen.
    /// </summary>
    private static async Task<Results<Ok<DayOpened>, Missing>> Open(
        Guid id,
        HttpContext context,
        DayBook book,
        PassBook passes,
        RallyLog log,
        RoundCache rounds,
        CancellationToken stop
    )
    {
        if (await book.Find(id, stop) is not { Day: var day })
            return new Missing("day");
        var caller = Caller.Of(context.User);
        var rallies = new List<RallyOfDay>();
        var joining = new List<(string Title, KeptRally Rally, int Round)>();
        foreach (var slot in day.Slots)
        {
            // A rally that was taken away meanwhile leaves the day.
            if (await log.Open(slot.Rally, stop) is not { Opened: { IsOk: true } opened } found)
                continue;
            var round = opened.Value.Running;
            var sheets = rounds.SheetsOf(found, round, points: false);
            var title = opened.Value.In(round).Compiled.Brief.Title;
            rallies.Add(
                new(
                    slot.Rally,
                    opened.Value.Rally.Name,
                    title,
                    slot.Where,
                    round,
                    sheets.Sheets.Count(s => s.Status != StandingStatus.Away),
                    sheets.Unfinished,
                    TableNow.Of(sheets, slot.Tables),
                    await caller.In(slot.Rally, passes, stop)
                )
                {
                    From = slot.From,
                    To = slot.To,
                }
            );
            joining.Add((title, found, round));
        }

        var lists =
            caller.IsTeacher || day.ListOnBoard
                ? joining
                    .GroupBy(j => j.Title)
                    .Where(g => g.Count() > 1)
                    .Select(g => rounds.ListOver(g.Key, [.. g.Select(j => (j.Rally, j.Round))], day.Combining))
                    .ToList()
                : [];
        return TypedResults.Ok(new DayOpened(id, day.Name, day.Date, day.ListOnBoard, rallies, lists));
    }
}

/// <summary>A day in the list of days.</summary>
public sealed record DayListed(Guid Id, string Name, DateOnly Date, int Rallies);

/// <summary>A day was made.</summary>
public sealed record DayMade(Guid Id);

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
/// <param name="Tables">Who is at which table.</param>
/// <param name="Role">What whoever asks may do in it.</param>
public sealed record RallyOfDay(
    Guid Rally,
    string Name,
    string Title,
    string Where,
    int Round,
    int Teams,
    int Left,
    IReadOnlyList<TableNow> Tables,
    CallerRole Role
)
{
    /// <summary>When it begins; absent where that is open.</summary>
    public TimeOnly? From { get; init; }

    /// <summary>When it ends; absent where that is open.</summary>
    public TimeOnly? To { get; init; }
}

/// <summary>The list over the rallies of one brief.</summary>
/// <param name="Title">The brief's title.</param>
/// <param name="WinsText">Which way is better.</param>
/// <param name="Differs">Why nobody has a place over all; empty where they have.</param>
/// <param name="Rows">Its teams.</param>
public sealed record ListOfDay(
    string Title,
    string WinsText,
    IReadOnlyList<string> Differs,
    IReadOnlyList<RowOverAllOnWall> Rows
)
{
    internal static ListOfDay Of(string title, IReadOnlyList<RallyJoining> rallies, Combined chosen)
    {
        var all = OverAll.Of(rallies, chosen);
        return new(title, all.WinsText, [.. all.Lists.SelectMany(l => l.Differs)], RowOverAllOnWall.Of(all));
    }
}
