using Microsoft.AspNetCore.Diagnostics;

namespace PluckyRally.Web;

/// <summary>Serves the built front end, and says in one voice what went wrong.</summary>
internal static class Pages
{
    private const string Policy =
        "default-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data: blob:; connect-src 'self'; object-src 'none'; base-uri 'none'; form-action 'self'; frame-ancestors 'none'";

    public static void UsePages(this WebApplication app)
    {
        app.UseExceptionHandler(new ExceptionHandlerOptions
        {
            ExceptionHandler = Unexpected,
            SuppressDiagnosticsCallback = caught => caught.Exception is BadHttpRequestException,
            StatusCodeSelector = wrong => wrong is BadHttpRequestException bad ? bad.StatusCode : StatusCodes.Status500InternalServerError,
        });
        app.Use((context, next) =>
        {
            context.Response.Headers.ContentSecurityPolicy = Policy;
            context.Response.Headers.XContentTypeOptions = "nosniff";
            context.Response.Headers["Referrer-Policy"] = "no-referrer";
            return next(context);
        });
        app.UseStatusCodePages(page => Unanswered(page.HttpContext));
        app.UseDefaultFiles();
        app.UseStaticFiles(new StaticFileOptions { OnPrepareResponse = CacheByName });
    }

    /// <summary>Every address outside the API is one of the front end's own, which shows its page or says that there is none.</summary>
    public static void MapPages(this WebApplication app) =>
        app.MapFallbackToFile("{*path:nonfile:regex(^(?!(api|live)(/|$)))}", "index.html", new StaticFileOptions { OnPrepareResponse = CacheByName }).AllowAnonymous();

    /// <summary>Built files carry a mark of their contents in the name and never change; the page that names them always may.</summary>
    private static void CacheByName(Microsoft.AspNetCore.StaticFiles.StaticFileResponseContext file) =>
        file.Context.Response.Headers.CacheControl = file.Context.Request.Path.StartsWithSegments("/assets") ? "public, max-age=31536000, immutable" : "no-cache";

    /// <summary>What the framework refused by itself is said in the same form as everything else.</summary>
    private static Task Unanswered(HttpContext context) => RefusalWriter.Write(context, context.Response.StatusCode switch
    {
        StatusCodes.Status401Unauthorized or StatusCodes.Status403Forbidden => Say(context.Response.StatusCode, "This device has not been let in.", "Sign in as the teacher, or join with a judge's code; what was typed waits until then."),
        StatusCodes.Status429TooManyRequests => Say(429, "Too many tries.", "Wait a minute, then try again."),
        StatusCodes.Status404NotFound => Say(404, "There is nothing at this address.", "Go back to the start page and choose it there."),
        StatusCodes.Status405MethodNotAllowed => Say(405, "This address cannot be used in this way.", "See the description of the API."),
        StatusCodes.Status415UnsupportedMediaType => Say(415, "What is sent must be declared as application/json.", "Set the Content-Type, then send it again."),
        var status => Say(status, "This request cannot be taken.", "Nothing was changed."),
    });

    private static Task Unexpected(HttpContext context) =>
        RefusalWriter.Write(context, context.Features.Get<IExceptionHandlerFeature>()?.Error switch
        {
            BadHttpRequestException { StatusCode: StatusCodes.Status413PayloadTooLarge } => Say(413, "This is too large to be taken.", "Leave out what is not needed, or split it."),
            BadHttpRequestException bad => Say(bad.StatusCode, bad.Message, "Nothing was changed."),
            _ => Say(500, "Something went wrong on our side.", "What was recorded before is safe. Try again; if it happens again, start Plucky Rally anew."),
        });

    private static Refusal Say(int status, string title, string detail) => new() { Status = status, Title = title, Detail = detail };
}
