using System.Globalization;
using Microsoft.AspNetCore.SignalR;
using PluckyRally.Data.Folder;
using Serilog;
using Serilog.Events;
using Serilog.Formatting.Display;

namespace PluckyRally.Web.Status;

/// <summary>
/// What happened, for whoever helps the teacher: a file a day beside the data, without students' names and without what
/// was typed.
/// </summary>
internal static class LogFile
{
    /// <summary>Days that are kept.</summary>
    private const int Days = 14;

    /// <summary>Bytes of a file; a day that has more begins another.</summary>
    private const long MostBytes = 5_000_000;

    /// <summary>A request that took longer is worth a line.</summary>
    private const double SlowMilliseconds = 1000;

    /// <summary>The folder of the files.</summary>
    public static string Folder(DataFolder data) => System.IO.Path.Combine(data.Path, "log");

    /// <summary>Writes warnings on the screen, and what happened into the file.</summary>
    public static void AddLogFile(this IServiceCollection services, DataFolder data) =>
        services.AddSerilog(
            log =>
            {
                OwnFiles.Folder(Folder(data));
                log.MinimumLevel.Information()
                    .MinimumLevel.Override("Microsoft", LogEventLevel.Warning)
                    .MinimumLevel.Override("Microsoft.AspNetCore.DataProtection", LogEventLevel.Error)
                    // What a hub tells whoever calls it is an answer, not a fault of ours.
                    .Filter.ByExcluding(line => line.Exception is HubException)
                    .WriteTo.Console(
                        restrictedToMinimumLevel: LogEventLevel.Warning,
                        formatProvider: CultureInfo.InvariantCulture
                    )
                    .WriteTo.File(
                        new MessageTemplateTextFormatter(
                            "{Timestamp:yyyy-MM-dd HH:mm:ss} {Level:u3} {SourceContext} "
                                + "{Message:l}{NewLine}{Exception}",
                            CultureInfo.InvariantCulture
                        ),
                        System.IO.Path.Combine(Folder(data), "plucky-rally-.log"),
                        rollingInterval: RollingInterval.Day,
                        fileSizeLimitBytes: MostBytes,
                        rollOnFileSizeLimit: true,
                        retainedFileCountLimit: Days
                    );
            },
            preserveStaticLogger: true
        );

    /// <summary>Requests that failed on our side or were slow, by their address alone.</summary>
    public static void UseLogFile(this WebApplication app) =>
        app.UseSerilogRequestLogging(requests =>
        {
            requests.MessageTemplate = "{RequestMethod} {RequestPath} answered {StatusCode} after {Elapsed:0} ms";
            requests.GetLevel = LevelOf;
            requests.Logger = app.Services.GetRequiredService<Serilog.ILogger>();
        });

    /// <summary>The newest lines, the last one last.</summary>
    public static IReadOnlyList<string> Newest(DataFolder data, int lines) =>
        Directory.Exists(Folder(data))
        && Directory.GetFiles(Folder(data), "*.log").Order(StringComparer.Ordinal).LastOrDefault() is { } newest
            ? [.. Read(newest).TakeLast(lines)]
            : [];

    private static LogEventLevel LevelOf(HttpContext context, double milliseconds, Exception? wrong) =>
        wrong is not null || context.Response.StatusCode >= StatusCodes.Status500InternalServerError
            ? LogEventLevel.Error
        : milliseconds > SlowMilliseconds && !context.WebSockets.IsWebSocketRequest ? LogEventLevel.Warning
        : LogEventLevel.Verbose;

    private static List<string> Read(string file)
    {
        // It is being written to meanwhile.
        using var stream = new FileStream(file, FileMode.Open, FileAccess.Read, FileShare.ReadWrite | FileShare.Delete);
        using var text = new StreamReader(stream);
        var lines = new List<string>();
        while (text.ReadLine() is { } line)
            lines.Add(line);
        return lines;
    }
}
