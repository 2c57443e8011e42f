using System.Net;
using System.Text.Encodings.Web;
using PluckyRally.Data.Copies;
using PluckyRally.Data.Folder;
using PluckyRally.Web.Access;
using PluckyRally.Web.Problems;

namespace PluckyRally.Web.Start;

/// <summary>
/// What is served where the data cannot be used: one page that says what is wrong, where the newest good copy is and
/// how it is brought back. Nothing is changed meanwhile.
/// </summary>
internal static class TroublePage
{
    private const string Policy =
        "default-src 'none'; style-src 'unsafe-inline'; base-uri 'none'; form-action 'none'; frame-ancestors 'none'";

    /// <summary>Says it on the error stream, then serves the page until the server is ended.</summary>
    public static async Task Serve(ServerSettings settings, DataTrouble trouble)
    {
        var lines = Lines(settings.Folder, trouble);
        foreach (var line in lines)
            await Console.Error.WriteLineAsync(line);
        var builder = WebApplication.CreateBuilder();
        builder.Logging.SetMinimumLevel(LogLevel.Warning);
        builder.WebHost.ConfigureKestrel(kestrel =>
        {
            kestrel.Listen(settings.Lan ? IPAddress.Any : IPAddress.Loopback, settings.Port);
            kestrel.AddServerHeader = false;
        });
        var app = builder.Build();
        app.Run(context => Answer(context, lines));
        app.Lifetime.ApplicationStarted.Register(() =>
            Console.WriteLine($"What to do is said at {LanAddresses.Here(app.Urls.First())}  (Ctrl+C ends it)")
        );
        await app.RunAsync();
    }

    /// <summary>What is wrong and what helps, a line each; the last one is the command where there is one.</summary>
    public static IReadOnlyList<string> Lines(DataFolder folder, DataTrouble trouble)
    {
        if (!trouble.CopyHelps)
            return [trouble.What, $"{trouble.Remedy} Then start Plucky Rally again."];
        var shelf = new CopyShelf(folder.Copies);
        return shelf.All() is [var newest, ..]
            ?
            [
                trouble.What,
                trouble.Remedy,
                $"The newest good copy is of {newest.MadeAt.ToLocalTime():MMMM d, yyyy, h:mm tt}, with "
                    + $"{Count(newest.Rallies, "rally", "rallies")} and "
                    + $"{Count(newest.Briefs, "brief", "briefs")}. Stop this with Ctrl+C, then restore it:",
                $"./rally restore '{shelf.FileOf(newest)}' --data '{folder.Path}'",
            ]
            :
            [
                trouble.What,
                "There is no backup beside it. If there is one on a USB drive or another disk, stop this with "
                    + "Ctrl+C, then restore it:",
                $"./rally restore COPY.db --data '{folder.Path}'",
            ];
    }

    private static async Task Answer(HttpContext context, IReadOnlyList<string> lines)
    {
        // Where things are on this computer is said on this computer only.
        var shown = AccessSetup.IsHere(context)
            ? lines
            : ["The data cannot be used.", "What to do is said on the computer that Plucky Rally runs on."];
        context.Response.StatusCode = StatusCodes.Status503ServiceUnavailable;
        SecurityHeaders.Set(context.Response, Policy);
        context.Response.Headers.CacheControl = "no-store";
        if (context.Request.Path.StartsWithSegments("/api"))
        {
            await RefusalWriter.Write(
                context,
                new Refusal
                {
                    Status = StatusCodes.Status503ServiceUnavailable,
                    Title = "Plucky Rally cannot start.",
                    Detail = string.Join(" ", shown),
                }
            );
            return;
        }

        context.Response.ContentType = "text/html; charset=utf-8";
        await context.Response.WriteAsync(Page(shown));
    }

    private static string Page(IReadOnlyList<string> lines)
    {
        var said = lines.Select(HtmlEncoder.Default.Encode).ToList();
        var last = lines[^1].StartsWith("./rally", StringComparison.Ordinal)
            ? $"<pre><code>{said[^1]}</code></pre>"
            : "";
        var text = (last.Length > 0 ? said[1..^1] : said[1..]).Select(line => $"<p>{line}</p>");
        return $$"""
            <!doctype html>
            <html lang="en">
            <head>
            <meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1">
            <title>Plucky Rally cannot start</title>
            <style>
            body { margin: 0; background: #FAF6EC; color: #1D2B33; font: 1.1rem/1.5 system-ui, sans-serif; }
            main { max-width: 44rem; margin: 12vh auto 0; padding: 1.5rem 2rem 2rem;
              background: #fff; overflow-wrap: anywhere;
              border: 1.5px solid #1D2B33; border-top: 6px dashed #B23A26; }
            h1 { font-size: 1.7rem; line-height: 1.2; margin: 0 0 0.75rem; }
            pre { background: #FAF6EC; border-block: 2px dashed #D8CFBB; padding: 0.75rem; white-space: pre-wrap; }
            .small { color: #51636B; font-size: 0.95rem; }
            </style>
            </head>
            <body><main>
            <h1>{{said[0]}}</h1>
            {{string.Concat(text)}}{{last}}
            <p class="small">Plucky Rally has not started, and nothing was changed.
            When this is fixed, start it again and reload this page.</p>
            </main></body>
            </html>
            """;
    }

    private static string Count(long count, string one, string many) => $"{count} {(count == 1 ? one : many)}";
}
