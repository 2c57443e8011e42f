using Microsoft.AspNetCore.Http.HttpResults;
using PluckyRally.Core.Documents;
using PluckyRally.Data.Archive;
using PluckyRally.Data.Briefs;
using PluckyRally.Data.Copies;
using PluckyRally.Data.Folder;
using PluckyRally.Data.Rallies;
using PluckyRally.Data.Removals;
using PluckyRally.Web.Briefs;
using PluckyRally.Web.Files;
using PluckyRally.Web.Live;
using PluckyRally.Web.Problems;
using PluckyRally.Web.Teams;

namespace PluckyRally.Web.Keeping;

/// <summary>What is kept: copies, everything in one file, and what was deleted.</summary>
internal static class KeepingEndpoints
{
    public static void MapKeeping(this IEndpointRouteBuilder api)
    {
        var keeping = api.MapGroup("/kept").WithTags("Keeping");
        keeping.MapGet("", Open).WithName("openKept");
        keeping.MapPost("/copies", Make).WithName("makeCopy");
        keeping.MapGet("/copies/{name}/changes", Compare).WithName("previewRestore");
        keeping.MapPost("/copies/{name}/restore", Restore).WithName("restoreCopy");
        keeping.MapPut("/second", SetSecond).WithName("setSecondFolder").Accepts<FolderNamed>("application/json");
        keeping.MapGet("/file", Save).WithName("saveEverything");
        keeping.MapGet("/found", Find).WithName("findKept");
        keeping.MapGet("/removed", Removed).WithName("listRemoved");
        keeping.MapPost("/removed/{sort}/{id:guid}/back", TakeBack).WithName("takeBack");
        keeping.MapDelete("/removed/{sort}/{id:guid}", Delete).WithName("deleteForGood");
    }

    private static Ok<Kept> Open(CopyKeeper keeper, CopyRestoring restoring, DataFolder folder) =>
        TypedResults.Ok(Of(keeper, restoring, folder));

    private static async Task<Created<Kept>> Make(
        CopyKeeper keeper,
        CopyRestoring restoring,
        DataFolder folder,
        CancellationToken stop
    )
    {
        await keeper.Make(CopyReason.ByHand, stop);
        return TypedResults.Created("/api/kept", Of(keeper, restoring, folder));
    }

    /// <summary>What would change if a backup were restored.</summary>
    private static async Task<Results<Ok<CopyPreview>, Missing, Refused>> Compare(
        string name,
        CopyKeeper keeper,
        DataFolder folder,
        CancellationToken stop
    )
    {
        if (keeper.Find(name) is not { } file)
            return new Missing("backup");
        var preview = await CopyComparison.Of(folder, file, stop);
        return preview.IsOk ? TypedResults.Ok(preview.Value) : new Refused(preview.Problems);
    }

    /// <summary>
    /// Restores a backup, after what there is now was backed up. The answer is sent before the server starts again;
    /// <see cref="Kept.Restored"/> says when it has.
    /// </summary>
    private static async Task<Results<Accepted, Missing, Refused>> Restore(
        string name,
        CopyKeeper keeper,
        DataFolder folder,
        CopyRestoring restoring,
        IHostApplicationLifetime lifetime,
        HttpResponse response,
        CancellationToken stop
    )
    {
        if (keeper.Find(name) is not { } file)
            return new Missing("backup");
        var preview = await CopyComparison.Of(folder, file, stop);
        if (!preview.IsOk)
            return new Refused(preview.Problems);
        if (!await restoring.Close(Patience, TimeProvider.System, stop))
            return new Refused([
                new(
                    "/name",
                    "Somebody is still sending something large.",
                    "Wait until photos have been sent, then restore the backup."
                ),
            ]);
        var backedUp = false;
        try
        {
            await keeper.Make(CopyReason.BeforeRestore, stop);
            backedUp = true;
        }
        finally
        {
            if (!backedUp)
                restoring.Open();
        }

        restoring.Want(name, file);
        response.OnCompleted(() =>
        {
            lifetime.StopApplication();
            return Task.CompletedTask;
        });
        return TypedResults.Accepted("/api/kept");
    }

    /// <summary>What is being sent is waited for so long before a backup is restored.</summary>
    private static readonly TimeSpan Patience = TimeSpan.FromSeconds(20);

    private static async Task<Results<Ok<Kept>, Refused>> SetSecond(
        SentJson sent,
        CopyKeeper keeper,
        CopyRestoring restoring,
        DataFolder folder,
        CancellationToken stop
    )
    {
        var request = DocumentReader.Request<FolderNamed>(sent.Text);
        if (!request.IsOk)
            return new Refused(request.Problems);
        return await keeper.SetSecond(request.Value.Value.Path.Trim(), stop) is { } wrong
            ? new Refused([wrong])
            : TypedResults.Ok(Of(keeper, restoring, folder));
    }

    private static async Task<FileStreamHttpResult> Save(DataFolder folder, TimeProvider clock, CancellationToken stop)
    {
        var file = await PassingFile.Write(folder, to => ArchiveWriter.Write(folder, to, clock.GetUtcNow(), stop));
        return TypedResults.File(file, "application/zip", $"plucky-rally-{clock.GetLocalNow():yyyy-MM-dd}.zip");
    }

    private static async Task<Ok<IReadOnlyList<Removed>>> Removed(RemovedThings removed, CancellationToken stop) =>
        TypedResults.Ok(await removed.All(stop));

    /// <summary>
    /// What a search finds beside the briefs: rallies, and whatever is archived or was deleted, each with where it is.
    /// </summary>
    private static async Task<Ok<Found>> Find(
        BriefShelf shelf,
        RallyLog log,
        RemovedThings removed,
        CancellationToken stop,
        string search = "",
        bool archived = false
    )
    {
        var words = BriefShelf.Words(search);
        if (words.Count == 0)
            return TypedResults.Ok(new Found([], [], []));
        return TypedResults.Ok(
            new Found(
                [.. (await shelf.All(search, !archived, stop)).Select(BriefOnShelf.Of)],
                [.. (await log.All(stop)).Where(r => Has(r.Name, r.BriefTitle)).Select(RallyOnShelf.Of)],
                [.. (await removed.All(stop)).Where(r => Has(r.Name, r.Of, r.Brief))]
            )
        );

        bool Has(params string[] texts) =>
            words.All(w => texts.Any(t => t.Contains(w, StringComparison.OrdinalIgnoreCase)));
    }

    private static async Task<Results<NoContent, Missing>> Delete(
        string sort,
        Guid id,
        RemovedThings removed,
        CancellationToken stop
    ) =>
        SortOf(sort) is { } known && await removed.Delete(known, id, stop)
            ? TypedResults.NoContent()
            : new Missing("thing that was deleted");

    private static async Task<Results<NoContent, Missing>> TakeBack(
        string sort,
        Guid id,
        RemovedThings removed,
        LiveTeller live,
        CancellationToken stop
    )
    {
        if (SortOf(sort) is not { } known || !await removed.TakeBack(known, id, stop))
            return new Missing("thing to be restored");
        await live.TellAll();
        return TypedResults.NoContent();
    }

    /// <summary>The sort that is named; a number is no name, even where there is a sort with it.</summary>
    private static RemovedSort? SortOf(string name) =>
        Enum.GetValues<RemovedSort>()
            .Where(s => s.ToString().Equals(name, StringComparison.OrdinalIgnoreCase))
            .Select(s => (RemovedSort?)s)
            .FirstOrDefault();

    private static Kept Of(CopyKeeper keeper, CopyRestoring restoring, DataFolder folder) =>
        new(
            folder.Copies,
            CopyRule.Says,
            [
                .. keeper
                    .Shelf.All()
                    .Select(c => new CopyKept(
                        c.Name,
                        c.MadeAt,
                        c.Reason,
                        c.Bytes,
                        c.Rallies,
                        c.Briefs,
                        c.Photos.Count
                    )),
            ],
            keeper.Shelf.Bytes(),
            keeper.Trouble,
            keeper.Second,
            restoring.Last
        );
}

/// <summary>What is kept of the data.</summary>
/// <param name="Folder">Where the copies are.</param>
/// <param name="Rule">Which copies are kept, in words.</param>
/// <param name="Copies">The copies, the newest first.</param>
/// <param name="Bytes">How much room all of them take, pictures included.</param>
/// <param name="Trouble">Why the last copy could not be made; empty where it was.</param>
/// <param name="Second">A second folder for the copies.</param>
/// <param name="Restored">The backup that was restored before the server started; absent where none was.</param>
public sealed record Kept(
    string Folder,
    string Rule,
    IReadOnlyList<CopyKept> Copies,
    long Bytes,
    string Trouble,
    SecondFolder Second,
    RestoredCopy? Restored
);

/// <summary>A copy.</summary>
/// <param name="Name">What its file is called.</param>
/// <param name="MadeAt">When it was made.</param>
/// <param name="Reason">Why.</param>
/// <param name="Bytes">How large it is, without pictures.</param>
/// <param name="Rallies">How many rallies are in it.</param>
/// <param name="Briefs">How many briefs are in it.</param>
/// <param name="Photos">How many photos are in it.</param>
public sealed record CopyKept(
    string Name,
    DateTimeOffset MadeAt,
    CopyReason Reason,
    long Bytes,
    long Rallies,
    long Briefs,
    int Photos
);

/// <summary>What a search finds where it does not look.</summary>
/// <param name="Briefs">Archived briefs; those on the shelf where the archived ones are looked at.</param>
/// <param name="Rallies">Rallies, archived ones among them.</param>
/// <param name="Removed">What was deleted and can be restored.</param>
public sealed record Found(
    IReadOnlyList<BriefOnShelf> Briefs,
    IReadOnlyList<RallyOnShelf> Rallies,
    IReadOnlyList<Removed> Removed
);

/// <summary>A folder; empty for none.</summary>
public sealed record FolderNamed(string Path);
