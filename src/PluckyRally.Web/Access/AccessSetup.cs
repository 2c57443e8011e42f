using System.Net;
using Microsoft.AspNetCore.Authentication;
using Microsoft.AspNetCore.Authentication.Cookies;
using Microsoft.AspNetCore.Authorization;
using Microsoft.AspNetCore.DataProtection;
using Microsoft.AspNetCore.Identity;
using PluckyRally.Data;
using PluckyRally.Data.Folder;
using PluckyRally.Data.Owners;
using PluckyRally.Web.Score;
using PluckyRally.Web.Start;

namespace PluckyRally.Web.Access;

/// <summary>
/// Who is let in, and asked for what it may do: what an endpoint says nothing of is the teacher's.
/// </summary>
internal static class AccessSetup
{
    public const string PassScheme = "Pass";

    public static void AddAccess(this IServiceCollection services, ServerSettings settings)
    {
        services.AddSingleton(settings);
        services.AddSingleton<LiveLines>();
        services.AddSingleton<SessionStore>();
        services.AddSingleton<JudgingWindows>();
        services.AddSingleton<TeamPace>();
        services.AddSingleton<WrongGuesses>();
        services.AddScoped<EntryIntake>();
        services.AddScoped<SentEntries>();
        services.AddScoped<IAuthorizationHandler, MayDoHandler>();
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
        services.AddAuthorizationBuilder().SetFallbackPolicy(Policy(Operation.Lead));
        services.AddRateLimits();
    }

    /// <summary>Whoever may do this in the thing that the address names may use it.</summary>
    public static T For<T>(this T endpoint, Operation operation)
        where T : IEndpointConventionBuilder =>
        operation == Operation.ComeIn
            ? endpoint.AllowAnonymous()
            : endpoint.RequireAuthorization(Policy(operation)).WithMetadata(operation);

    /// <summary>Whether a request comes from the computer that the server runs on.</summary>
    public static bool IsHere(HttpContext context) =>
        context.Connection.RemoteIpAddress is not { } address || IPAddress.IsLoopback(address);

    private static AuthorizationPolicy Policy(Operation operation) =>
        new AuthorizationPolicyBuilder(CallerAuthentication.Name).AddRequirements(new MayDo(operation)).Build();

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
