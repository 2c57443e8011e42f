using System.Text;

namespace PluckyRally.Web.Problems;

/// <summary>
/// The text of a request's body. The core reads it, so that everything wrong with it is said at once.
/// </summary>
public sealed record SentJson(string Text)
{
    /// <summary>Reads the body; called by the framework.</summary>
    /// <exception cref="BadHttpRequestException">The body is not declared as JSON (415), too large (413), or no UTF-8
    /// (400).</exception>
    public static async ValueTask<SentJson> BindAsync(HttpContext context)
    {
        // Browsers ask first before they send JSON to another site, so this also keeps other sites' forms out.
        if (!context.Request.HasJsonContentType())
            throw new BadHttpRequestException(
                "What is sent must be declared as application/json.",
                StatusCodes.Status415UnsupportedMediaType
            );
        try
        {
            using var reader = new StreamReader(
                context.Request.Body,
                new UTF8Encoding(false, throwOnInvalidBytes: true)
            );
            return new(await reader.ReadToEndAsync(context.RequestAborted));
        }
        catch (DecoderFallbackException)
        {
            throw new BadHttpRequestException("What was sent is not text in UTF-8.", StatusCodes.Status400BadRequest);
        }
    }
}

/// <summary>Sets how large a body an endpoint takes.</summary>
internal static class BodyLimit
{
    /// <summary>Bytes that are taken where nothing else is said.</summary>
    public const int Usual = 300_000;

    /// <summary>Bytes that are taken from somebody who has not been let in yet.</summary>
    public const int Small = 4_000;

    public static RouteHandlerBuilder TakesAtMost(this RouteHandlerBuilder endpoint, int bytes) =>
        endpoint.WithMetadata(new Limit(bytes));

    private sealed record Limit(long? MaxRequestBodySize)
        : Microsoft.AspNetCore.Http.Metadata.IRequestSizeLimitMetadata;
}
