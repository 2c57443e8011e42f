using Microsoft.AspNetCore.Http.HttpResults;
using PluckyRally.Core.Documents;
using PluckyRally.Core.Time;
using PluckyRally.Data;
using PluckyRally.Data.Briefs;
using PluckyRally.Data.Rallies;
using PluckyRally.Data.Schools;
using PluckyRally.Data.Year;
using PluckyRally.Web.Files;
using PluckyRally.Web.Problems;

namespace PluckyRally.Web.Year;

/// <summary>Briefs that have their place in the year before any team exists, and the year as a calendar.</summary>
internal static class PlanEndpoints
{
    public static void MapPlans(this IEndpointRouteBuilder api)
    {
        var year = api.MapGroup("/year").WithTags("Year");
        year.MapPost("/plans", Add).WithName("planBrief").Accepts<BriefPlan>("application/json");
        year.MapPut("/plans/{id:guid}", Change).WithName("changePlan").Accepts<Edited<BriefPlan>>("application/json");
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
        var request = DocumentReader.Request<BriefPlan>(sent.Text);
        if (!request.IsOk)
            return new Refused(request.Problems);
        var plan = request.Value.Value;
        if (plan.Problems() is { Count: > 0 } wrong)
            return new Refused(wrong);
        if (await shelf.Find(plan.Brief, stop) is null)
            return new Missing("brief");
        var id = await plans.Add(plan, stop);
        return TypedResults.Created($"/api/year/plans/{id}", new PlanMade(id));
    }

    private static async Task<Results<NoContent, Missing, Refused, ChangedMeanwhile>> Change(
        Guid id,
        SentJson sent,
        PlanBook plans,
        BriefShelf shelf,
        CancellationToken stop
    )
    {
        var request = Edited<BriefPlan>.Read(sent);
        if (!request.IsOk)
            return new Refused(request.Problems);
        var (was, now) = request.Value;
        if (now.Problems() is { Count: > 0 } wrong)
            return new Refused(wrong);
        if (await shelf.Find(now.Brief, stop) is null)
            return new Missing("brief");
        var (outcome, stands) = await plans.Change(id, was, now, stop);
        return outcome switch
        {
            SaveOutcome.Saved => TypedResults.NoContent(),
            SaveOutcome.Conflict => new ChangedMeanwhile("plan", stands!.DifferencesTo(now)),
            _ => new Missing("plan"),
        };
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
        var rallies = (await log.All(stop)).Where(r => r is { Archived: false, Date: not null });
        var text = YearCalendar.Write([.. rallies], await plans.All(stop), await book.Read(stop), clock.GetUtcNow());
        return TypedResults.File(System.Text.Encoding.UTF8.GetBytes(text), "text/calendar", "school-year.ics");
    }
}

/// <summary>A plan was made.</summary>
public sealed record PlanMade(Guid Id);
