namespace PluckyRally.Web.Start;

/// <summary>What every answer tells the browser about itself, errors too.</summary>
internal static class SecurityHeaders
{
    /// <summary>What a page may load: our own files, and nothing from elsewhere.</summary>
    private const string Policy =
        "default-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data: blob:; connect-src "
        + "'self'; object-src 'none'; base-uri 'none'; form-action 'self'; frame-ancestors 'none'";

    /// <summary>Sets them at the last moment, so that whoever answers cannot lose them.</summary>
    public static void UseSecurityHeaders(this WebApplication app) =>
        app.Use(
            (context, next) =>
            {
                context.Response.OnStarting(() =>
                {
                    Set(context.Response, Policy);

                    // Over a plain line in a classroom browsers take this header for a mistake, and say so.
                    if (context.Request.IsHttps || context.Request.Host.Host is "localhost" or "127.0.0.1")
                        context.Response.Headers["Cross-Origin-Opener-Policy"] = "same-origin";
                    if (context.Request.IsHttps)
                        context.Response.Headers.StrictTransportSecurity = "max-age=31536000";

                    // What the API answers is somebody's data: no browser keeps it unless the endpoint says so.
                    if (
                        context.Request.Path.StartsWithSegments("/api")
                        && context.Response.Headers.CacheControl.Count == 0
                    )
                        context.Response.Headers.CacheControl = "no-store";
                    return Task.CompletedTask;
                });
                return next(context);
            }
        );

    /// <summary>Sets them on an answer.</summary>
    public static void Set(HttpResponse response, string policy)
    {
        response.Headers.ContentSecurityPolicy = policy;
        response.Headers.XContentTypeOptions = "nosniff";
        response.Headers["Referrer-Policy"] = "no-referrer";
        response.Headers["Cross-Origin-Resource-Policy"] = "same-origin";
        response.Headers["Permissions-Policy"] = "camera=(self), geolocation=(), microphone=(), payment=(), usb=()";
        response.Headers.XFrameOptions = "DENY";
    }
}
