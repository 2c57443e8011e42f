using System.Text;
using Microsoft.AspNetCore.Http.HttpResults;
using PluckyRally.Data.Copies;
using PluckyRally.Data.Folder;
using PluckyRally.Data.Rallies;
using PluckyRally.Web.Access;
using PluckyRally.Web.Keeping;

namespace PluckyRally.Web.Status;

/// <summary>The status: for the teacher, and for whoever helps.</summary>
internal static class HealthEndpoints
{
    /// <summary>Lines of the log that are shown; the file has all.</summary>
    private const int Shown = 40;

    /// <summary>Lines of the log that are handed on.</summary>
    private const int Handed = 5000;

    /// <summary>With fewer bytes free, a lesson's photos and copies may not fit.</summary>
    private const long LittleRoom = 500_000_000;

    public static void MapHealth(this IEndpointRouteBuilder api)
    {
        api.MapGet("/about", () => TypedResults.Ok(new About(Version.Number)))
            .WithTags("Health")
            .WithName("openAbout")
            .For(Operation.ComeIn);
        var health = api.MapGroup("/health").WithTags("Health");
        health.MapGet("", Open).WithName("openHealth");
        health.MapGet("/log", Log).WithName("saveLog");
    }

    private static Ok<Health> Open(
        DataFolder folder,
        CopyKeeper keeper,
        LogWriter writer,
        LiveLines lines,
        TimeProvider time
    )
    {
        var newest = keeper.Shelf.All() is [var first, ..] ? first : null;
        var free = new DriveInfo(folder.Path).AvailableFreeSpace;
        return TypedResults.Ok(
            new Health(
                Say(keeper.Trouble, free, newest),
                Version.Number,
                Version.Since,
                time.GetUtcNow(),
                folder.Path,
                OwnFiles.BytesIn(folder.Path),
                free,
                newest?.MadeAt,
                keeper.Trouble,
                lines.Count,
                writer.Waiting,
                LogFile.Newest(folder, Shown)
            )
        );
    }

    private static string Say(string trouble, long free, Copy? newest) =>
        trouble.Length > 0 ? "The last backup could not be made. See Backups."
        : free < LittleRoom ? "The disk is almost full. Free some space before the next lesson."
        : newest is null ? "There is no backup yet. Make one under Backups."
        : "Everything is working.";

    private static FileContentHttpResult Log(DataFolder folder, TimeProvider time) =>
        TypedResults.File(
            Encoding.UTF8.GetBytes(string.Join('\n', LogFile.Newest(folder, Handed)) + "\n"),
            "text/plain; charset=utf-8",
            $"plucky-rally-{time.GetLocalNow():yyyy-MM-dd}.log"
        );
}

/// <summary>The status.</summary>
/// <param name="Says">What there is to do about it, in a sentence.</param>
/// <param name="Version">Which version runs.</param>
/// <param name="Since">Since when.</param>
/// <param name="Now">The server's time.</param>
/// <param name="Folder">Where the data is.</param>
/// <param name="Bytes">How many bytes the folder has, copies and photos included.</param>
/// <param name="Free">How many bytes are free beside it.</param>
/// <param name="NewestCopy">When the newest copy was made; absent where there is none.</param>
/// <param name="CopyTrouble">Why the last copy could not be made; empty where it was.</param>
/// <param name="Windows">How many windows follow a rally now.</param>
/// <param name="Waiting">How many entries wait to be written to the disk.</param>
/// <param name="Log">What happened last, a line each, the newest last.</param>
public sealed record Health(
    string Says,
    string Version,
    DateTimeOffset Since,
    DateTimeOffset Now,
    string Folder,
    long Bytes,
    long Free,
    DateTimeOffset? NewestCopy,
    string CopyTrouble,
    int Windows,
    int Waiting,
    IReadOnlyList<string> Log
);

/// <summary>What this is.</summary>
/// <param name="Version">Which version runs.</param>
public sealed record About(string Version);
