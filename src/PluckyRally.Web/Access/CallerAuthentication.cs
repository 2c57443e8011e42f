using System.Security.Claims;
using System.Text.Encodings.Web;
using Microsoft.AspNetCore.Authentication;
using Microsoft.AspNetCore.Identity;
using Microsoft.Extensions.Options;
using PluckyRally.Web.Start;

namespace PluckyRally.Web.Access;

/// <summary>
/// Says who asks. A window in which somebody came in by a code is that judge's, also on the teacher's own computer.
/// Else, where only this computer is served, it is the teacher; where the classroom is let in, whoever signed in, or
/// the holder of a pass.
/// </summary>
internal sealed class CallerAuthentication(
    IOptionsMonitor<AuthenticationSchemeOptions> options,
    ILoggerFactory logger,
    UrlEncoder encoder,
    ServerSettings settings,
    JudgingWindows windows
) : AuthenticationHandler<AuthenticationSchemeOptions>(options, logger, encoder)
{
    public const string Name = "Door";

    protected override async Task<AuthenticateResult> HandleAuthenticateAsync()
    {
        if (JudgingWindows.TicketOf(Request) is not null)
            return await windows.Of(Request, Context.RequestAborted) is { } judge
                ? AuthenticateResult.Success(new(judge, Name))
                : AuthenticateResult.NoResult();
        if (!settings.Lan)
            return AuthenticateResult.Success(new(new ClaimsPrincipal(new ClaimsIdentity(Name)), Name));
        var teacher = await Context.AuthenticateAsync(IdentityConstants.ApplicationScheme);
        return teacher.Succeeded ? teacher : await Context.AuthenticateAsync(AccessSetup.PassScheme);
    }
}
