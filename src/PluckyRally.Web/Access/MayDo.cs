using Microsoft.AspNetCore.Authorization;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Score;
using PluckyRally.Data.Days;
using PluckyRally.Data.Passes;

namespace PluckyRally.Web.Access;

/// <summary>
/// Asks whether whoever calls may do something: by the role that it has in the thing that the address names.
/// </summary>
internal sealed record MayDo(Operation Operation) : IAuthorizationRequirement;

internal sealed class MayDoHandler(PassBook book, DayBook days) : AuthorizationHandler<MayDo>
{
    protected override async Task HandleRequirementAsync(AuthorizationHandlerContext context, MayDo requirement)
    {
        if (
            context.Resource is HttpContext http
            && Rights.Allow(await RoleIn(http, requirement.Operation), requirement.Operation)
        )
            context.Succeed(requirement);
    }

    /// <summary>
    /// The role in a rally; in a fair day, or where no thing is named, the most in any of its rallies.
    /// </summary>
    private async Task<CallerRole> RoleIn(HttpContext http, Operation operation)
    {
        var caller = Caller.Of(http.User);
        if (caller.IsTeacher)
            return CallerRole.Teacher;
        var most = CallerRole.Nobody;
        foreach (var rally in await Rallies(http, operation, caller))
            if (await caller.In(rally, book, http.RequestAborted) is var role && role > most)
                most = role;
        return most;
    }

    private async Task<IEnumerable<RallyId>> Rallies(HttpContext http, Operation operation, Caller caller)
    {
        var held = caller.Passes.Select(p => p.Rally).Distinct();
        if (operation == Operation.Follow)
            return held;
        if (!Guid.TryParse(http.GetRouteValue("id")?.ToString(), out var id))
            return [];
        if (operation != Operation.SeeDay)
            return [new RallyId(id)];
        return await days.Find(id, http.RequestAborted) is { } found
            ? held.Where(rally => found.Day.Slots.Any(s => s.Rally == rally))
            : [];
    }
}
