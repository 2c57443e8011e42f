using Microsoft.AspNetCore.Authorization;
using PluckyRally.Data.Passes;

namespace PluckyRally.Web;

/// <summary>
/// Asks for at least a role in the rally that the address names; without one, only the teacher will do.
/// </summary>
internal sealed record RallyAccess(CallerRole Least) : IAuthorizationRequirement;

internal sealed class RallyAccessHandler(PassBook book) : AuthorizationHandler<RallyAccess>
{
    protected override async Task HandleRequirementAsync(AuthorizationHandlerContext context, RallyAccess requirement)
    {
        var caller = Caller.Of(context.User);
        var role =
            caller.IsTeacher ? CallerRole.Teacher
            : context.Resource is HttpContext http && Guid.TryParse(http.GetRouteValue("id")?.ToString(), out var rally)
                ? await caller.In(rally, book, http.RequestAborted)
            : CallerRole.Nobody;
        if (role >= requirement.Least)
            context.Succeed(requirement);
    }
}
