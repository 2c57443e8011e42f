using System.Globalization;
using System.Net;
using System.Threading.RateLimiting;
using Microsoft.AspNetCore.Authentication;
using Microsoft.AspNetCore.Authorization;
using Microsoft.AspNetCore.DataProtection;
using Microsoft.AspNetCore.Identity;
using PluckyRally.Data;
using PluckyRally.Data.Owners;

namespace PluckyRally.Web;

/// <summary>Who may do what: everything is the teacher's unless an endpoint says that a judge or a wall may have it.</summary>
internal static class AccessSetup
{
    public const string PassScheme = "Pass";
    public const string Guessing = "guessing";

    /// <summary>Shortest password (NIST SP 800-63B, 5.1.1.1: at least 8 characters, no rules about which).</summary>
    public const int ShortestPassword = 8;

    private const int TriesOfOneDevice = 10;
    private const int TriesOfAll = 60;

    public static void AddAccess(this IServiceCollection services, ServerSettings settings)
    {
        services.AddSingleton(settings);
        services.AddScoped<IAuthorizationHandler, RallyAccessHandler>();
        services.AddDataProtection().SetApplicationName("plucky-rally").PersistKeysToFileSystem(new DirectoryInfo(Path.Combine(settings.DataFolder, "keys")));
        var authentication = services.AddAuthentication(Door.Name);
        authentication.AddScheme<AuthenticationSchemeOptions, Door>(Door.Name, null);
        authentication.AddCookie(PassScheme, cookie => Plain(cookie.Cookie, "rally-pass"));
        authentication.AddIdentityCookies(identity => identity.ApplicationCookie!.Configure(cookie => Plain(cookie.Cookie, "rally-teacher")));
        services.AddIdentityCore<Owner>(identity =>
        {
            identity.Password.RequiredLength = ShortestPassword;
            identity.Password.RequireDigit = identity.Password.RequireLowercase = identity.Password.RequireUppercase = identity.Password.RequireNonAlphanumeric = false;
        }).AddEntityFrameworkStores<RallyDb>().AddSignInManager();
        services.AddAuthorizationBuilder()
            .SetFallbackPolicy(Policy(CallerRole.Teacher))
            .AddPolicy(nameof(CallerRole.Judge), Policy(CallerRole.Judge))
            .AddPolicy(nameof(CallerRole.Wall), Policy(CallerRole.Wall));
        services.AddRateLimiter(limits =>
        {
            limits.RejectionStatusCode = StatusCodes.Status429TooManyRequests;
            limits.OnRejected = (refused, _) =>
            {
                if (refused.Lease.TryGetMetadata(MetadataName.RetryAfter, out var after)) refused.HttpContext.Response.Headers.RetryAfter = Math.Ceiling(after.TotalSeconds).ToString(CultureInfo.InvariantCulture);
                return ValueTask.CompletedTask;
            };
            limits.AddPolicy(Guessing, context => Window(context.Connection.RemoteIpAddress?.ToString() ?? "", TriesOfOneDevice));

            // A class full of devices must not guess faster together; the teacher's own computer is not held up by them.
            limits.GlobalLimiter = PartitionedRateLimiter.Create<HttpContext, string>(context =>
                context.GetEndpoint()?.Metadata.GetMetadata<Microsoft.AspNetCore.RateLimiting.EnableRateLimitingAttribute>() is null || IsHere(context)
                    ? RateLimitPartition.GetNoLimiter("")
                    : Window("the network", TriesOfAll));
        });
    }

    /// <summary>Judges may use it, in the rally that the address names.</summary>
    public static T ForJudges<T>(this T endpoint)
        where T : IEndpointConventionBuilder => endpoint.RequireAuthorization(nameof(CallerRole.Judge));

    /// <summary>Judges and walls may use it, in the rally that the address names.</summary>
    public static T ForWalls<T>(this T endpoint)
        where T : IEndpointConventionBuilder => endpoint.RequireAuthorization(nameof(CallerRole.Wall));

    /// <summary>Whether a request comes from the computer that the server runs on.</summary>
    public static bool IsHere(HttpContext context) => context.Connection.RemoteIpAddress is not { } address || IPAddress.IsLoopback(address);

    private static AuthorizationPolicy Policy(CallerRole least) => new AuthorizationPolicyBuilder(Door.Name).AddRequirements(new RallyAccess(least)).Build();

    /// <summary>Kept for a school day, never sent to or from other sites. A classroom has no certificate, so it cannot be for encrypted connections only.</summary>
    private static void Plain(CookieBuilder cookie, string name)
    {
        cookie.Name = name;
        cookie.HttpOnly = true;
        cookie.SameSite = SameSiteMode.Strict;
        cookie.SecurePolicy = CookieSecurePolicy.SameAsRequest;
    }

    private static RateLimitPartition<string> Window(string who, int tries) =>
        RateLimitPartition.GetFixedWindowLimiter(who, _ => new() { PermitLimit = tries, Window = TimeSpan.FromMinutes(1) });
}
