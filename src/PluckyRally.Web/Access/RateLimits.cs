using System.Globalization;
using System.Threading.RateLimiting;
using Microsoft.AspNetCore.RateLimiting;

namespace PluckyRally.Web.Access;

/// <summary>
/// How often a password or a code may be tried: by one device first, then by the whole network. A device that is held
/// up counts no further for the network, so one phone cannot lock anybody else out.
/// </summary>
internal static class RateLimits
{
    /// <summary>The mark of endpoints that can be guessed at.</summary>
    private const string Guessing = "guessing";

    private const int TriesOfOneDevice = 10;
    private const int TriesOfAll = 60;

    public static void AddRateLimits(this IServiceCollection services) =>
        services.AddRateLimiter(limits =>
        {
            limits.RejectionStatusCode = StatusCodes.Status429TooManyRequests;
            limits.OnRejected = (refused, _) =>
            {
                if (refused.Lease.TryGetMetadata(MetadataName.RetryAfter, out var after))
                    refused.HttpContext.Response.Headers.RetryAfter = Math.Ceiling(after.TotalSeconds)
                        .ToString(CultureInfo.InvariantCulture);
                return ValueTask.CompletedTask;
            };
            limits.AddPolicy(Guessing, _ => RateLimitPartition.GetNoLimiter(""));
            limits.GlobalLimiter = PartitionedRateLimiter.CreateChained(
                PartitionedRateLimiter.Create<HttpContext, string>(context =>
                    CanGuess(context)
                        ? Window(context.Connection.RemoteIpAddress?.ToString() ?? "", TriesOfOneDevice)
                        : RateLimitPartition.GetNoLimiter("")
                ),
                // A class full of devices must not guess faster together; the teacher's own computer is not held up by
                // them.
                PartitionedRateLimiter.Create<HttpContext, string>(context =>
                    CanGuess(context) && !AccessSetup.IsHere(context)
                        ? Window("the network", TriesOfAll)
                        : RateLimitPartition.GetNoLimiter("")
                )
            );
        });

    /// <summary>Somebody could guess here.</summary>
    public static RouteHandlerBuilder CanBeGuessedAt(this RouteHandlerBuilder endpoint) =>
        endpoint.RequireRateLimiting(Guessing);

    private static bool CanGuess(HttpContext context) =>
        context.GetEndpoint()?.Metadata.GetMetadata<EnableRateLimitingAttribute>()?.PolicyName == Guessing;

    internal static RateLimitPartition<string> Window(string who, int tries) =>
        RateLimitPartition.GetFixedWindowLimiter(who, _ =>
            new() { PermitLimit = tries, Window = TimeSpan.FromMinutes(1) }
        );
}
