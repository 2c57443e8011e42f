using Microsoft.AspNetCore.Http.HttpResults;
using PluckyRally.Web.Access;
using PluckyRally.Web.Problems;
using PluckyRally.Web.Start;

namespace PluckyRally.Web.Demo;

/// <summary>To look around in the demo, apart from one's own data, and to leave it again.</summary>
internal static class DemoEndpoints
{
    public static void MapDemo(this IEndpointRouteBuilder api)
    {
        var demo = api.MapGroup("/demo").WithTags("Demo");
        demo.MapGet("", (DemoBeside beside, ServerSettings settings, HttpContext context) =>
                TypedResults.Ok(
                    new DemoState(
                        settings.Demo is not null,
                        settings.Home ?? "",
                        settings.Demo is null && beside.Files is not null && AccessSetup.IsHere(context)
                    )
                )
            )
            .WithName("readDemo");
        demo.MapPost("", Start).WithName("startDemo");
        demo.MapDelete("", (DemoBeside beside) =>
            {
                beside.End();
                return TypedResults.NoContent();
            })
            .WithName("endDemo");
    }

    /// <summary>Only at this computer itself: the demo is served to nobody else.</summary>
    private static async Task<Results<Ok<DemoStarted>, Refused>> Start(
        DemoBeside beside,
        ServerSettings settings,
        HttpContext context,
        CancellationToken stop
    )
    {
        if (settings.Demo is not null || !AccessSetup.IsHere(context))
            return new Refused([new("", "The demo is started at the computer itself.", "Open Plucky Rally there.")]);
        var started = await beside.Start($"{context.Request.Scheme}://{context.Request.Host}", stop);
        return started.IsOk ? TypedResults.Ok(new DemoStarted(started.Value)) : new Refused(started.Problems);
    }
}

/// <summary>Whether this is the demo, and whether it can be looked at from here.</summary>
/// <param name="IsDemo">Whether the data are the demo's.</param>
/// <param name="Home">Where whoever leaves it goes back to; empty where it was not started beside anything.</param>
/// <param name="CanStart">Whether the demo can be started beside this.</param>
public sealed record DemoState(bool IsDemo, string Home, bool CanStart);

/// <summary>The demo runs.</summary>
/// <param name="Address">Where.</param>
public sealed record DemoStarted(string Address);
