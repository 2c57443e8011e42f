using System.Net;
using PluckyRally.Web.Problems;
using PluckyRally.Web.Start;

namespace PluckyRally.Web.Access;

/// <summary>
/// Answers only to this computer's own names, so that a page of another site cannot pass itself off as this one; and
/// takes what changes something, and the live line, only from pages of its own.
/// </summary>
internal static class OwnSite
{
    public static void UseOwnSite(this WebApplication app, ServerSettings settings) =>
        app.Use(
            async (context, next) =>
            {
                if (!IsOurs(context.Request.Host.Host, settings.Lan))
                {
                    await RefusalWriter.Write(
                        context,
                        new Refusal
                        {
                            Status = StatusCodes.Status400BadRequest,
                            Title = "This computer has a different name.",
                            Detail = "Use the address that is shown under Judges, teams and walls.",
                        }
                    );
                    return;
                }

                if (
                    (Changes(context.Request) || context.Request.Path.StartsWithSegments("/live"))
                    && !IsOwnPage(context.Request)
                )
                {
                    await RefusalWriter.Write(
                        context,
                        new Refusal
                        {
                            Status = StatusCodes.Status403Forbidden,
                            Title = "This was sent by a page of another website.",
                            Detail = "Nothing was changed. Open Plucky Rally itself, and do it there.",
                        }
                    );
                    return;
                }

                await next(context);
            }
        );

    /// <summary>
    /// The names that this computer has now; where the classroom is let in, those of its networks too, which change.
    /// </summary>
    private static bool IsOurs(string host, bool lan) =>
        host is "localhost" or "127.0.0.1" or "[::1]"
        || (
            lan
            && (
                host.Equals(Environment.MachineName, StringComparison.OrdinalIgnoreCase)
                || host.Equals(LanAddresses.LocalName, StringComparison.OrdinalIgnoreCase)
                || (IPAddress.TryParse(host, out _) && LanAddresses.All().Contains(host))
            )
        );

    private static bool Changes(HttpRequest request) =>
        !HttpMethods.IsGet(request.Method)
        && !HttpMethods.IsHead(request.Method)
        && !HttpMethods.IsOptions(request.Method);

    /// <summary>Browsers say where a request comes from; what says nothing is no browser.</summary>
    private static bool IsOwnPage(HttpRequest request)
    {
        var site = request.Headers["Sec-Fetch-Site"].ToString();
        if (site.Length > 0 && site is not ("same-origin" or "none"))
            return false;
        var origin = request.Headers.Origin.ToString();
        return origin.Length == 0
            || origin.Equals($"{request.Scheme}://{request.Host}", StringComparison.OrdinalIgnoreCase);
    }
}
