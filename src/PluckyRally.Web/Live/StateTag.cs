using Microsoft.AspNetCore.Http.Features;
using Microsoft.Net.Http.Headers;
using PluckyRally.Core.Ids;
using PluckyRally.Data.Rallies;
using PluckyRally.Web.Access;

namespace PluckyRally.Web.Live;

/// <summary>
/// Tags an answer with the state of the rally that it was worked out of. Who has that state is told so, and nothing is
/// worked out. Who asks for what the live line announced may be answered from an older state than the newest, and is
/// given the tag of that one. The tag names who asks too, since not everybody is shown the same. For what has no
/// student's name in it: browsers keep it.
/// </summary>
internal sealed class StateTag(RallyLog log, RoundCache rounds) : IEndpointFilter
{
    public async ValueTask<object?> InvokeAsync(EndpointFilterInvocationContext context, EndpointFilterDelegate next)
    {
        var http = context.HttpContext;
        if (
            !RallyId.TryParse(http.GetRouteValue("id")?.ToString(), null, out var id)
            || await log.Together(id, http.RequestAborted) is not { Count: > 0 } lesson
        )
            return await next(context);
        var caller = Caller.Of(http.User);
        int? announced = int.TryParse(http.Request.Headers["announced"], out var said) ? said : null;
        var state = string.Join(
            '+',
            lesson.Select(r => RoundCache.NameOf(r.Stored.Id == id ? rounds.At(r, announced) : r))
        );
        var tag = new EntityTagHeaderValue($"\"{state}-{(caller.IsTeacher ? "teacher" : caller.Session)}\"");
        http.Response.Headers.ETag = tag.ToString();
        http.Response.Headers.CacheControl = "private, no-cache";
        if (http.Features.Get<IHttpsCompressionFeature>() is { } compression)
            compression.Mode = HttpsCompressionMode.Compress;
        return http.Request.GetTypedHeaders().IfNoneMatch.Any(t => t.Compare(tag, useStrongComparison: false))
            ? TypedResults.StatusCode(StatusCodes.Status304NotModified)
            : await next(context);
    }
}
