using System.Net;
using Microsoft.AspNetCore.Authentication;
using Microsoft.AspNetCore.Authentication.Cookies;
using Microsoft.AspNetCore.Authorization;
using Microsoft.AspNetCore.DataProtection;
using Microsoft.AspNetCore.Identity;
using PluckyRally.Data;
using PluckyRally.Data.Folder;
using PluckyRally.Data.Owners;

namespace PluckyRally.Web;

/// <summary>
/// Who may do what: everything is the teacher's unless an endpoint says that a judge or a wall may have it.
/// </summary>
internal static class AccessSetup
{
    public const string PassScheme = "Pass";

    public static void AddAccess(this IServiceCollection services, ServerSettings settings)
    {
        services.AddSingleton(settings);
        services.AddSingleton<LiveLines>();
        services.AddSingleton<SessionStore>();
        services.AddScoped<IAuthorizationHandler, RallyAccessHandler>();
        services.AddScoped<IAuthorizationHandler, DayAccessHandler>();
        services.AddDataProtection().SetApplicationName("plucky-rally").PersistKeysToFileSystem(Keys(settings.Folder));
        var authentication = services.AddAuthentication(CallerAuthentication.Name);
        authentication.AddScheme<AuthenticationSchemeOptions, CallerAuthentication>(CallerAuthentication.Name, null);
        authentication.AddCookie(PassScheme);
        authentication.AddIdentityCookies();
        KeepOnServer(services, PassScheme, "rally-pass");
        KeepOnServer(services, IdentityConstants.ApplicationScheme, "rally-teacher");
        services.Configure<SecurityStampValidatorOptions>(stamp => stamp.OnRefreshingPrincipal = KeepSession);
        services.Configure<PasswordHasherOptions>(hash => hash.IterationCount = PasswordRule.Rounds);
        services
            .AddIdentityCore<Owner>(identity =>
            {
                identity.Password.RequiredLength = PasswordRule.Shortest;
                identity.Password.RequireDigit =
                    identity.Password.RequireLowercase =
                    identity.Password.RequireUppercase =
                    identity.Password.RequireNonAlphanumeric =
                        false;
            })
            .AddEntityFrameworkStores<RallyDb>()
            .AddSignInManager()
            .AddPasswordValidator<PasswordRule>();
        services
            .AddAuthorizationBuilder()
            .SetFallbackPolicy(Policy(CallerRole.Teacher))
            .AddPolicy(nameof(CallerRole.Judge), Policy(CallerRole.Judge))
            .AddPolicy(nameof(CallerRole.Team), Policy(CallerRole.Team))
            .AddPolicy(nameof(CallerRole.Wall), Policy(CallerRole.Wall))
            .AddPolicy(
                DayAccess.Policy,
                new AuthorizationPolicyBuilder(CallerAuthentication.Name).AddRequirements(new DayAccess()).Build()
            );
        services.AddGuessLimits();
    }

    /// <summary>Judges may use it, in the rally that the address names.</summary>
    public static T ForJudges<T>(this T endpoint)
        where T : IEndpointConventionBuilder => endpoint.RequireAuthorization(nameof(CallerRole.Judge));

    /// <summary>Judges and the teams' own devices may use it, in the rally that the address names.</summary>
    public static T ForTeams<T>(this T endpoint)
        where T : IEndpointConventionBuilder => endpoint.RequireAuthorization(nameof(CallerRole.Team));

    /// <summary>Judges and walls may use it, in the rally that the address names.</summary>
    public static T ForWalls<T>(this T endpoint)
        where T : IEndpointConventionBuilder => endpoint.RequireAuthorization(nameof(CallerRole.Wall));

    /// <summary>Whoever has a pass to one of its rallies may use it, in the fair day that the address names.</summary>
    public static T ForDays<T>(this T endpoint)
        where T : IEndpointConventionBuilder => endpoint.RequireAuthorization(DayAccess.Policy);

    /// <summary>Whether a request comes from the computer that the server runs on.</summary>
    public static bool IsHere(HttpContext context) =>
        context.Connection.RemoteIpAddress is not { } address || IPAddress.IsLoopback(address);

    /// <summary>
    /// For whoever was let in anywhere: what it may do is asked at each thing. A stranger's line is refused at once.
    /// </summary>
    public static T ForWhoeverIsLetIn<T>(this T endpoint)
        where T : IEndpointConventionBuilder =>
        endpoint.RequireAuthorization(
            new AuthorizationPolicyBuilder(CallerAuthentication.Name).RequireAuthenticatedUser().Build()
        );

    private static AuthorizationPolicy Policy(CallerRole least) =>
        new AuthorizationPolicyBuilder(CallerAuthentication.Name).AddRequirements(new RallyAccess(least)).Build();

    /// <summary>
    /// A cookie that is good for as long as its session is, never sent to or from other sites. Where a classroom has no
    /// certificate it cannot be for encrypted connections only.
    /// </summary>
    private static void KeepOnServer(IServiceCollection services, string scheme, string name) =>
        services
            .AddOptions<CookieAuthenticationOptions>(scheme)
            .Configure<SessionStore>(
                (cookie, store) =>
                {
                    var before = cookie.Events.OnValidatePrincipal;
                    cookie.Events.OnValidatePrincipal = async context =>
                    {
                        if (!await store.IsGood(context.Principal!, context.HttpContext.RequestAborted))
                            context.RejectPrincipal();
                        else
                            await before(context);
                    };
                    cookie.ExpireTimeSpan = SessionStore.Day;
                    cookie.SlidingExpiration = true;
                    cookie.Cookie.Name = name;
                    cookie.Cookie.HttpOnly = true;
                    cookie.Cookie.SameSite = SameSiteMode.Strict;
                    cookie.Cookie.SecurePolicy = CookieSecurePolicy.SameAsRequest;
                }
            );

    /// <summary>A teacher who is looked up again keeps the session.</summary>
    private static Task KeepSession(SecurityStampRefreshingPrincipalContext refreshed)
    {
        if (refreshed.CurrentPrincipal?.FindFirst(SessionStore.ClaimType) is { } session)
            refreshed.NewPrincipal?.Identities.First().AddClaim(session);
        return Task.CompletedTask;
    }

    private static DirectoryInfo Keys(DataFolder folder) => new(folder.Keys);
}
