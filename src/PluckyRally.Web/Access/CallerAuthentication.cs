using System.Security.Claims;
using System.Text.Encodings.Web;
using Microsoft.AspNetCore.Authentication;
using Microsoft.AspNetCore.Identity;
using Microsoft.Extensions.Options;

namespace PluckyRally.Web;

/// <summary>
/// Says who asks. Where only this computer is served, that is the teacher; where the classroom is let in, whoever
/// signed in, or the holder of a pass.
/// </summary>
internal sealed class CallerAuthentication(
    IOptionsMonitor<AuthenticationSchemeOptions> options,
    ILoggerFactory logger,
    UrlEncoder encoder,
    ServerSettings settings
) : AuthenticationHandler<AuthenticationSchemeOptions>(options, logger, encoder)
{
    public const string Name = "Door";

    protected override async Task<AuthenticateResult> HandleAuthenticateAsync()
    {
        if (!settings.Lan)
            return AuthenticateResult.Success(new(new ClaimsPrincipal(new ClaimsIdentity(Name)), Name));
        var teacher = await Context.AuthenticateAsync(IdentityConstants.ApplicationScheme);
        return teacher.Succeeded ? teacher : await Context.AuthenticateAsync(AccessSetup.PassScheme);
    }
}
