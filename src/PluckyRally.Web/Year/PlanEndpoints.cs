using Microsoft.AspNetCore.Http.HttpResults;
using PluckyRally.Core;
using PluckyRally.Data.Briefs;
using PluckyRally.Data.Rallies;
using PluckyRally.Data.Schools;
using PluckyRally.Data.Year;

namespace PluckyRally.Web;

/// <summary>Briefs that have their place in the year before any team exists, and the year as a calendar.</summary>
internal static class PlanEndpoints
{
    public static void MapPlans(this IEndpointRouteBuilder api)
    {
        var year = api.MapGroup("/year").WithTags("Year");
        year.MapPost("/plans", Add).WithName("planBrief").Accepts<BriefPlan>("application/json");
        year.MapPut("/plans/{id:guid}", Change).WithName("changePlan").Accepts<BriefPlan>("application/json");
        year.MapDelete("/plans/{id:guid}", Remove).WithName("removePlan");
        year.MapGet("/calendar", Calendar).WithName("yearCalendar");
    }

    private static async Task<Results<Created<PlanMade>, Missing, Refused>> Add(
        SentJson sent,
        PlanBook plans,
        BriefShelf shelf,
        CancellationToken stop
    )
    {
        var (plan, refused) = await Read(sent, shelf, stop);
        if (plan is null)
            return refused is null ? new Missing("brief") : refused;
        var id = await plans.Add(plan, stop);
        return TypedResults.Created($"/api/year/plans/{id}", new PlanMade(id));
    }

    private static async Task<Results<NoContent, Missing, Refused>> Change(
        Guid id,
        SentJson sent,
        PlanBook plans,
        BriefShelf shelf,
        CancellationToken stop
    )
    {
        var (plan, refused) = await Read(sent, shelf, stop);
        if (plan is null)
            return refused is null ? new Missing("brief") : refused;
        return await plans.Change(id, plan, stop) ? TypedResults.NoContent() : new Missing("plan");
    }

    private static async Task<Results<NoContent, Missing>> Remove(Guid id, PlanBook plans, CancellationToken stop) =>
        await plans.Remove(id, stop) ? TypedResults.NoContent() : new Missing("plan");

    /// <summary>Every rally with a day and everything that is planned, as one calendar file.</summary>
    private static async Task<FileContentHttpResult> Calendar(
        PlanBook plans,
        RallyLog log,
        SchoolBook book,
        TimeProvider clock,
        CancellationToken stop
    )
    {
        var rallies = (await log.All(stop)).Where(r => r is { PutAway: false, Date: not null });
        var text = YearCalendar.Write([.. rallies], await plans.All(stop), await book.Read(stop), clock.GetUtcNow());
        return TypedResults.File(System.Text.Encoding.UTF8.GetBytes(text), "text/calendar", "school-year.ics");
    }

    private static async Task<(BriefPlan? Plan, Refused? Refused)> Read(
        SentJson sent,
        BriefShelf shelf,
        CancellationToken stop
    )
    {
        var request = DocumentReader.Request<BriefPlan>(sent.Text);
        if (!request.IsOk)
            return (null, new Refused(request.Problems));
        if (request.Value.Value.Problems() is { Count: > 0 } wrong)
            return (null, new Refused(wrong));
        return await shelf.Find(request.Value.Value.Brief, stop) is null ? (null, null) : (request.Value.Value, null);
    }
}

/// <summary>A plan was made.</summary>
public sealed record PlanMade(Guid Id);
