using Microsoft.AspNetCore.Authorization;
using PluckyRally.Data.Days;
using PluckyRally.Data.Passes;

namespace PluckyRally.Web;

/// <summary>Asks for a pass to any rally of the fair day that the address names; the teacher may in any case.</summary>
internal sealed record DayAccess : IAuthorizationRequirement
{
    public const string Policy = "Day";
}

internal sealed class DayAccessHandler(PassBook book, DayBook days) : AuthorizationHandler<DayAccess>
{
    protected override async Task HandleRequirementAsync(AuthorizationHandlerContext context, DayAccess requirement)
    {
        var caller = Caller.Of(context.User);
        if (caller.IsTeacher)
            context.Succeed(requirement);
        else if (
            context.Resource is HttpContext http
            && Guid.TryParse(http.GetRouteValue("id")?.ToString(), out var id)
            && await days.Find(id, http.RequestAborted) is { } found
        )
        {
            foreach (var slot in found.Day.Slots.Where(s => caller.Passes.Any(p => p.Rally == s.Rally)))
                if (await caller.In(slot.Rally, book, http.RequestAborted) >= CallerRole.Wall)
                    context.Succeed(requirement);
        }
    }
}
