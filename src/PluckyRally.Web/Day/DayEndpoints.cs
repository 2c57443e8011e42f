using System.Text;
using Microsoft.AspNetCore.Http.HttpResults;
using PluckyRally.Core.Day;
using PluckyRally.Core.Documents;
using PluckyRally.Core.Files;
using PluckyRally.Core.Problems;
using PluckyRally.Data;
using PluckyRally.Data.Days;
using PluckyRally.Data.Kit;
using PluckyRally.Data.Rallies;
using PluckyRally.Web.Access;
using PluckyRally.Web.Problems;

namespace PluckyRally.Web.Day;

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
        days.MapPost("/check", Check).WithName("checkDay").Accepts<FairDay>("application/json");
        days.MapGet("/{id:guid}", DayNow.Open).WithName("openDay").For(Operation.SeeDay);
        days.MapGet("/{id:guid}/calendar", Calendar).WithName("dayCalendar");
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

    /// <summary>What cannot work as it is planned, while it is still being typed.</summary>
    private static async Task<Results<Ok<DayChecked>, Refused>> Check(
        SentJson sent,
        RallyLog log,
        Cupboard cupboard,
        CancellationToken stop
    )
    {
        var request = DocumentReader.Request<FairDay>(sent.Text);
        if (!request.IsOk)
            return new Refused(request.Problems);
        var day = request.Value.Value;
        if (await Problems(day, log, stop) is { Count: > 0 } wrong)
            return new Refused(wrong);
        return TypedResults.Ok(new DayChecked(DayClashes.Of(await Planned(day, log, stop), await cupboard.All(stop))));
    }

    private static async Task<Results<FileContentHttpResult, Missing>> Calendar(
        Guid id,
        DayBook book,
        RallyLog log,
        TimeProvider clock,
        CancellationToken stop
    )
    {
        if (await book.Find(id, stop) is not { Day: var day })
            return new Missing("day");
        var text = DayCalendar.Write(day, await Planned(day, log, stop), clock.GetUtcNow());
        return TypedResults.File(Encoding.UTF8.GetBytes(text), "text/calendar", $"{day.Date:yyyy-MM-dd}-fair-day.ics");
    }

    /// <summary>Its rallies as they are planned; one that cannot be opened any more is left out.</summary>
    private static async Task<IReadOnlyList<PlannedSlot>> Planned(FairDay day, RallyLog log, CancellationToken stop)
    {
        var slots = new List<PlannedSlot>();
        foreach (var slot in day.Slots)
            if (await log.Open(slot.Rally, stop) is { Opened: { IsOk: true } opened })
                slots.Add(PlannedSlot.Of(slot, opened.Value, opened.Value.Running));
        return slots;
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
}

/// <summary>A day in the list of days.</summary>
public sealed record DayListed(Guid Id, string Name, DateOnly Date, int Rallies);

/// <summary>A day was made.</summary>
public sealed record DayMade(Guid Id);

/// <summary>A plan that was looked through.</summary>
/// <param name="Clashes">What cannot work, with what would help.</param>
public sealed record DayChecked(IReadOnlyList<Problem> Clashes);
