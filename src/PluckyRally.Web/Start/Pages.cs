using Microsoft.AspNetCore.Diagnostics;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;
using PluckyRally.Data.Folder;
using PluckyRally.Web.Access;
using PluckyRally.Web.Problems;

namespace PluckyRally.Web.Start;

/// <summary>Serves the built front end, and says in one voice what went wrong.</summary>
internal static class Pages
{
    public static void UsePages(this WebApplication app)
    {
        app.UseExceptionHandler(
            new ExceptionHandlerOptions
            {
                ExceptionHandler = Unexpected,
                SuppressDiagnosticsCallback = caught => caught.Exception is BadHttpRequestException,
                StatusCodeSelector = StatusOf,
            }
        );
        app.UseStatusCodePages(page => Unanswered(page.HttpContext));
        app.Use(new FirstFiles(app.Environment).Name);
        app.UseDefaultFiles();
        app.Use(Compressed.Choose);
        app.UseStaticFiles(
            new StaticFileOptions { ContentTypeProvider = new Compressed(), OnPrepareResponse = CacheByName }
        );
    }

    /// <summary>
    /// Every address outside the API is one of the front end's own, which shows its page or says that there is none.
    /// </summary>
    public static void MapPages(this WebApplication app) =>
        app.MapFallbackToFile(
                "{*path:nonfile:regex(^(?!(api|live)(/|$)))}",
                "index.html",
                new StaticFileOptions { OnPrepareResponse = CacheByName }
            )
            .For(Operation.ComeIn);

    /// <summary>
    /// Built files carry a mark of their contents in the name and never change. The page that names them is kept too,
    /// so that a closed tab opens again without a line; it asks for a newer one by itself while there is one. There is
    /// nobody's data in it.
    /// </summary>
    private static void CacheByName(Microsoft.AspNetCore.StaticFiles.StaticFileResponseContext file) =>
        file.Context.Response.Headers.CacheControl =
            file.Context.Request.Path.StartsWithSegments("/assets") ? "public, max-age=31536000, immutable"
            : file.File.Name == "index.html" ? "private, max-age=604800"
            : "no-cache";

    /// <summary>What the framework refused by itself is said in the same form as everything else.</summary>
    private static Task Unanswered(HttpContext context) =>
        RefusalWriter.Write(
            context,
            context.Response.StatusCode switch
            {
                StatusCodes.Status401Unauthorized or StatusCodes.Status403Forbidden => Say(
                    context.Response.StatusCode,
                    "This device has not been let in.",
                    "Sign in as the teacher, or join with a judge's code; what was typed waits until then."
                ),
                StatusCodes.Status429TooManyRequests => Say(
                    429,
                    "Too many attempts.",
                    "Wait a minute, then try again."
                ),
                StatusCodes.Status404NotFound => Say(
                    404,
                    "There is nothing at this address.",
                    "Go back to Home and choose it there."
                ),
                StatusCodes.Status405MethodNotAllowed => Say(
                    405,
                    "This address cannot be used in this way.",
                    "See the description of the API."
                ),
                StatusCodes.Status415UnsupportedMediaType => Say(
                    415,
                    "What is sent must be declared as application/json.",
                    "Set the Content-Type, then send it again."
                ),
                var status => Say(status, "This request cannot be accepted.", "Nothing was changed."),
            }
        );

    private static int StatusOf(Exception wrong) =>
        wrong switch
        {
            BadHttpRequestException bad => bad.StatusCode,
            _ when TroubleOf(wrong) is { } trouble => trouble.Kind == DataTroubleKind.DiskFull
                ? StatusCodes.Status507InsufficientStorage
                : StatusCodes.Status503ServiceUnavailable,
            _ => StatusCodes.Status500InternalServerError,
        };

    /// <summary>
    /// The trouble of the disk or of the data file that is behind what was thrown; null where it is something else.
    /// </summary>
    private static DataTrouble? TroubleOf(Exception wrong) =>
        wrong switch
        {
            DbUpdateException { InnerException: { } inner } => TroubleOf(inner),
            SqliteException { SqliteErrorCode: 3 or 5 or 6 or 8 or 10 or 11 or 13 or 14 or 26 }
            or IOException
            or UnauthorizedAccessException => DataTrouble.Of(wrong, "The data folder"),
            _ => null,
        };

    private static Task Unexpected(HttpContext context) =>
        RefusalWriter.Write(
            context,
            context.Features.Get<IExceptionHandlerFeature>()?.Error switch
            {
                BadHttpRequestException { StatusCode: StatusCodes.Status413PayloadTooLarge } => Say(
                    413,
                    "This is too large to be accepted.",
                    "Leave out what is not needed, or split it."
                ),
                BadHttpRequestException bad => Say(bad.StatusCode, bad.Message, "Nothing was changed."),
                { } wrong when TroubleOf(wrong) is { } trouble => Say(
                    StatusOf(wrong),
                    trouble.What,
                    $"{trouble.Remedy} What was recorded before is safe."
                ),
                _ => Say(
                    500,
                    "Something went wrong on our side.",
                    "What was recorded before is safe. Try again; if it happens again, restart Plucky Rally."
                ),
            }
        );

    private static Refusal Say(int status, string title, string detail) =>
        new()
        {
            Status = status,
            Title = title,
            Detail = detail,
        };
}
