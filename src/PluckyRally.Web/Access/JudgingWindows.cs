using System.Security.Claims;
using System.Security.Cryptography;
using Microsoft.AspNetCore.Authentication;
using Microsoft.AspNetCore.DataProtection;
using Microsoft.AspNetCore.WebUtilities;

namespace PluckyRally.Web.Access;

/// <summary>
/// Lets a window of the teacher's own browser be a judge's, while its other windows stay the teacher's. Cookies belong
/// to all windows of a browser; such a window carries a ticket of its own, as a bearer token (RFC 6750), with all but
/// its live line, which says the same to everybody.
/// </summary>
internal sealed class JudgingWindows(IDataProtectionProvider protection, SessionStore sessions)
{
    private readonly IDataProtector _protector = protection.CreateProtector("PluckyRally.JudgingWindow");

    /// <summary>A ticket for whoever came in.</summary>
    public string Write(ClaimsPrincipal judge) =>
        WebEncoders.Base64UrlEncode(
            _protector.Protect(TicketSerializer.Default.Serialize(new(judge, AccessSetup.PassScheme)))
        );

    /// <summary>The ticket that a request carries; null for none.</summary>
    public static string? TicketOf(HttpRequest request) =>
        request.Headers.Authorization.ToString() is var header && header.StartsWith(Bearer, StringComparison.Ordinal)
            ? header[Bearer.Length..]
            : null;

    /// <summary>Who came in with the ticket that a request carries; null where it carries none that is good.</summary>
    public async Task<ClaimsPrincipal?> Of(HttpRequest request, CancellationToken stop) =>
        TicketOf(request) is { } ticket ? await Read(ticket, stop) : null;

    /// <summary>Who came in with a ticket; null where it is none of ours, or its session has ended.</summary>
    private async Task<ClaimsPrincipal?> Read(string ticket, CancellationToken stop)
    {
        try
        {
            var read = TicketSerializer.Default.Deserialize(_protector.Unprotect(WebEncoders.Base64UrlDecode(ticket)));
            return read is not null && await sessions.IsGood(read.Principal, stop) ? read.Principal : null;
        }
        catch (Exception foreign) when (foreign is FormatException or CryptographicException)
        {
            // Whoever sends what is no ticket is a stranger.
            return null;
        }
    }

    private const string Bearer = "Bearer ";
}
