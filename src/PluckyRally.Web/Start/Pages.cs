using Microsoft.AspNetCore.Diagnostics;
using PluckyRally.Core;

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
            StatusCodeSelector = wrong => wrong is BadHttpRequestException bad ? bad.StatusCode : StatusCodes.Status500InternalServerError,
        });
        app.Use((context, next) =>
        {
            context.Response.Headers.ContentSecurityPolicy = Policy;
            context.Response.Headers.XContentTypeOptions = "nosniff";
            context.Response.Headers["Referrer-Policy"] = "no-referrer";
            return next(context);
        });
        app.UseDefaultFiles();
        app.UseStaticFiles(new StaticFileOptions { OnPrepareResponse = CacheByName });
    }

    /// <summary>Every other address is one of the front end's own, which shows its page or says that there is none.</summary>
    public static void MapPages(this WebApplication app)
    {
        app.Map("/api/{**rest}", () => new Missing("address")).ExcludeFromDescription();
        app.MapFallbackToFile("index.html", new StaticFileOptions { OnPrepareResponse = CacheByName });
    }

    /// <summary>Built files carry a mark of their contents in the name and never change; the page that names them always may.</summary>
    private static void CacheByName(Microsoft.AspNetCore.StaticFiles.StaticFileResponseContext file) =>
        file.Context.Response.Headers.CacheControl = file.Context.Request.Path.StartsWithSegments("/assets") ? "public, max-age=31536000, immutable" : "no-cache";

    private static Task Unexpected(HttpContext context)
    {
        var wrong = context.Features.Get<IExceptionHandlerFeature>()?.Error;
        var refusal = wrong is BadHttpRequestException bad
            ? new Refusal { Status = bad.StatusCode, Title = bad.StatusCode == StatusCodes.Status413PayloadTooLarge ? "This is too large to be taken." : bad.Message, Detail = bad.StatusCode == StatusCodes.Status413PayloadTooLarge ? "Leave out what is not needed, or split it." : "Nothing was changed." }
            : new Refusal { Status = StatusCodes.Status500InternalServerError, Title = "Something went wrong on our side.", Detail = "What was recorded before is safe. Try again; if it happens again, start Plucky Rally anew." };
        return RefusalWriter.Write(context, refusal);
    }
}
