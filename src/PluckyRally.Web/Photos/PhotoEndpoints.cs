using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Mvc;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Score;
using PluckyRally.Data.Folder;
using PluckyRally.Data.Photos;
using PluckyRally.Data.Rallies;
using PluckyRally.Web.Access;
using PluckyRally.Web.Problems;

namespace PluckyRally.Web.Photos;

/// <summary>Photos of what teams made.</summary>
internal static class PhotoEndpoints
{
    /// <summary>One picture is opened at a time, so that many at once do not fill the memory.</summary>
    private static readonly SemaphoreSlim Opening = new(1);

    public static void MapPhotos(this IEndpointRouteBuilder api)
    {
        var photos = api.MapGroup("/rallies/{id:guid}/photos").WithTags("Photos").For(Operation.Photograph);
        photos.MapGet("", All).WithName("listPhotos");
        photos.MapPost("", Take).WithName("takePhoto").Accepts<byte[]>("image/*").TakesAtMost(PhotoAlbum.MostBytes);
        photos.MapGet("/{photo:guid}", Show).WithName("showPhoto");
        photos.MapDelete("/{photo:guid}", Delete).WithName("deletePhoto");
    }

    private static async Task<Ok<RallyPhotos>> All(RallyId id, RallyLog log, PhotoAlbum album, CancellationToken stop)
    {
        var found = await log.Open(id, stop);
        var teams = found is { Opened: { IsOk: true } opened } ? opened.Value.In(opened.Value.Running).Teams : [];
        var not = await album.NotInPhotos([.. teams.SelectMany(t => t.Students).Select(p => p.Id)], stop);
        return TypedResults.Ok(
            new RallyPhotos(
                await album.MayTake(id, CameLater(found), stop),
                [.. (await album.Of(id, stop)).Select(Photo.Of)],
                [.. teams.Where(t => t.Students.Any(p => not.Contains(p.Id))).Select(t => t.Id)]
            )
        );
    }

    /// <summary>Keeps a photo under the id that its device gave it; sending it twice changes nothing.</summary>
    private static async Task<Results<Created<Photo>, Ok<Photo>, Missing, Refused>> Take(
        RallyId id,
        [FromQuery] Guid photo,
        [FromQuery] TeamId team,
        HttpContext context,
        RallyLog log,
        PhotoAlbum album,
        DataFolder folder,
        TimeProvider time,
        CancellationToken stop,
        int round = 1
    )
    {
        if (context.Request.ContentType?.StartsWith("image/", StringComparison.OrdinalIgnoreCase) != true)
            throw new BadHttpRequestException(
                "A photo must be declared as image/….",
                StatusCodes.Status415UnsupportedMediaType
            );
        if (
            await log.Open(id, stop) is not { } found
            || !(
                found.Opened is { IsOk: true } opened
                    ? opened.Value.NamesOnSheets.ContainsKey(team)
                    : found.Rally.Teams.Any(t => t.Id == team)
            )
        )
            return new Missing("team");
        if (round is < 1 or > Limits.Rounds)
            return new Missing("round");
        if (await album.Find(photo, stop) is { } known)
            return known.RallyId == id
                ? TypedResults.Ok(Photo.Of(known))
                : new Refused([new("/photo", "This photo is in another rally.", "Take it again here.")]);
        if (!await album.MayTake(id, CameLater(found), stop))
            return new Refused([
                new("/photo", "No photos are taken in this class.", "It can be changed under Classes."),
            ]);
        var picture = await Read(context.Request, folder, stop);
        if (!picture.IsOk)
            return new Refused(picture.Problems);
        var taken = new StoredPhoto
        {
            Id = photo,
            RallyId = id,
            TeamId = team,
            Round = round,
            Width = picture.Value.Width,
            Height = picture.Value.Height,
            By = Caller.Of(context.User).Name,
            At = time.GetUtcNow(),
        };
        return await album.Add(taken, picture.Value.Jpeg, stop)
            ? TypedResults.Created($"/api/rallies/{id}/photos/{photo}", Photo.Of(taken))
            : TypedResults.Ok(Photo.Of(taken));
    }

    private static IEnumerable<StudentId> CameLater(KeptRally? rally) =>
        rally?.Rally.Entries.OfType<Entry.StudentPlaced>().Select(p => p.Student) ?? [];

    /// <summary>
    /// What comes in goes to the disk first, however slowly it comes, and is opened from there: the memory never holds
    /// the whole of it.
    /// </summary>
    private static async Task<Result<Picture>> Read(HttpRequest request, DataFolder folder, CancellationToken stop)
    {
        var file = Path.Combine(folder.Path, $"{folder.Name}-{Guid.NewGuid():N}.picture");
        try
        {
            await using (var writing = new FileStream(file, OwnFiles.Fresh))
                await request.Body.CopyToAsync(writing, stop);
            await Opening.WaitAsync(stop);
            try
            {
                return Picture.Read(file);
            }
            finally
            {
                Opening.Release();
            }
        }
        finally
        {
            File.Delete(file);
        }
    }

    internal static async Task<Results<PhysicalFileHttpResult, Missing>> Show(
        RallyId id,
        Guid photo,
        HttpContext context,
        PhotoAlbum album,
        CancellationToken stop
    )
    {
        if (await album.FileOf(id, photo, stop) is not { } file || !File.Exists(file))
            return new Missing("photo");
        context.Response.Headers.CacheControl = "private, max-age=3600";
        return TypedResults.PhysicalFile(file, "image/jpeg");
    }

    /// <summary>A judge takes away own photos only.</summary>
    private static async Task<Results<NoContent, Missing, Refused>> Delete(
        RallyId id,
        Guid photo,
        HttpContext context,
        PhotoAlbum album,
        CancellationToken stop
    )
    {
        var caller = Caller.Of(context.User);
        if (!caller.IsTeacher && await album.Find(photo, stop) is { } taken && taken.By != caller.Name)
            return new Refused([
                new("/photo", $"This photo was taken by {taken.By}.", "Ask the teacher to delete it."),
            ]);
        return await album.Delete(id, photo, stop) ? TypedResults.NoContent() : new Missing("photo");
    }
}

/// <summary>The photos of a rally.</summary>
/// <param name="MayTake">Whether more may be taken; a class can do without.</param>
/// <param name="Photos">The photos, in the order in which they were taken.</param>
/// <param name="WorkOnly">The teams, by their ids, in which somebody may not be in a photo; who that is is not said.
/// </param>
public sealed record RallyPhotos(bool MayTake, IReadOnlyList<Photo> Photos, IReadOnlyList<TeamId> WorkOnly);

/// <summary>A photo.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Team">The team's id.</param>
/// <param name="Round">The round.</param>
/// <param name="Width">Width in pixels.</param>
/// <param name="Height">Height in pixels.</param>
/// <param name="By">Who took it.</param>
/// <param name="At">When it was received.</param>
public sealed record Photo(Guid Id, TeamId Team, int Round, int Width, int Height, string By, DateTimeOffset At)
{
    internal static Photo Of(StoredPhoto photo) =>
        new(photo.Id, photo.TeamId, photo.Round, photo.Width, photo.Height, photo.By, photo.At);
}
