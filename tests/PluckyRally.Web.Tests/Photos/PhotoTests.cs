using System.Net;
using System.Net.Http.Headers;
using PluckyRally.Core.Files;
using PluckyRally.Core.Ids;
using PluckyRally.Data.Removals;
using PluckyRally.Web.Photos;
using PluckyRally.Web.Teams;
using SkiaSharp;

namespace PluckyRally.Web.Tests.Photos;

public sealed class PhotoTests : IDisposable
{
    private readonly RunningApp _app = AppPool.Lend();

    [Fact]
    public async Task A_photo_is_kept_small_upright_and_without_what_the_camera_wrote_into_it()
    {
        var rally = await _app.Begin(Sample.Brief(), "Able");
        var taken = await Take(rally, Jpegs.WithExif(Jpeg(2400, 1200), orientation: 6));
        taken.StatusCode.ShouldBe(HttpStatusCode.Created);
        var photo = (await _app.Get<RallyPhotos>($"/api/rallies/{rally}/photos")).Photos.Single();
        (photo.Width, photo.Height).ShouldBe(
            (800, 1600),
            "orientation 6 is a quarter turn (CIPA DC-008, Exif 2.32, tag 0112h); the longest side is 1600"
        );
        var kept = await _app.Client.GetByteArrayAsync(
            $"/api/rallies/{rally}/photos/{photo.Id}",
            TestContext.Current.CancellationToken
        );
        kept.AsSpan(0, 2).ToArray().ShouldBe([0xFF, 0xD8]);
        Markers(kept).ShouldNotContain((byte)0xE1, "APP1 holds Exif and with it place and time");
        Pictures().ShouldHaveSingleItem("the picture is a file, not a row");
    }

    [Fact]
    public async Task A_photo_that_is_deleted_can_be_restored_and_goes_with_its_file_in_the_end()
    {
        var rally = await _app.Begin(Sample.Brief(), "Able");
        var path = (await Take(rally, Jpeg(40, 30))).Headers.Location!.ToString();
        (await _app.Client.DeleteAsync(path, TestContext.Current.CancellationToken)).StatusCode.ShouldBe(
            HttpStatusCode.NoContent
        );
        (await _app.Client.GetAsync(path, TestContext.Current.CancellationToken)).StatusCode.ShouldBe(
            HttpStatusCode.NotFound
        );
        (await _app.Client.DeleteAsync(path, TestContext.Current.CancellationToken)).StatusCode.ShouldBe(
            HttpStatusCode.NotFound
        );
        var removed = (await _app.Get<List<Removed>>("/api/kept/removed")).ShouldHaveSingleItem();
        (removed.Sort, removed.GoneAt - removed.RemovedAt).ShouldBe((RemovedSort.Photo, TimeSpan.FromDays(30)));
        (await _app.Post($"/api/kept/removed/photo/{removed.Id}/back", "{}")).StatusCode.ShouldBe(
            HttpStatusCode.NoContent
        );
        (await _app.Client.GetAsync(path, TestContext.Current.CancellationToken)).StatusCode.ShouldBe(
            HttpStatusCode.OK
        );
        (await _app.Client.DeleteAsync(path, TestContext.Current.CancellationToken)).EnsureSuccessStatusCode();
        await _app.Sweep(TimeSpan.FromDays(31));
        Pictures().ShouldBeEmpty();
        (await _app.Get<List<Removed>>("/api/kept/removed")).ShouldBeEmpty();
    }

    [Fact]
    public async Task A_photo_that_is_sent_again_is_kept_once()
    {
        var (rally, other) = (await _app.Begin(Sample.Brief(), "Able"), await _app.Begin(Sample.Brief(), "Able"));
        var photo = Guid.CreateVersion7();
        (await Take(rally, Jpeg(40, 30), photo: photo)).StatusCode.ShouldBe(HttpStatusCode.Created);
        (await Take(rally, Jpeg(40, 30), photo: photo)).StatusCode.ShouldBe(HttpStatusCode.OK);
        (await _app.Get<RallyPhotos>($"/api/rallies/{rally}/photos")).Photos.ShouldHaveSingleItem().Id.ShouldBe(photo);
        (await RunningApp.Places(await Take(other, Jpeg(40, 30), photo: photo))).ShouldBe(
            ["/photo"],
            "its id is taken"
        );
    }

    [Fact]
    public async Task What_is_no_photo_is_refused_whatever_it_says_it_is()
    {
        var rally = await _app.Begin(Sample.Brief(), "Able");
        foreach (
            var bytes in new[]
            {
                "<svg xmlns='http://www.w3.org/2000/svg'/>"u8.ToArray(),
                "GIF89a..."u8.ToArray(),
                [],
                "MZ program"u8.ToArray(),
            }
        )
            (await RunningApp.Places(await Take(rally, bytes))).ShouldBe(["/photo"]);
        (
            await _app.Client.PostAsync(
                $"/api/rallies/{rally}/photos?photo={Guid.NewGuid()}&team=t1",
                RunningApp.Body("{}"),
                TestContext.Current.CancellationToken
            )
        ).StatusCode.ShouldBe(HttpStatusCode.UnsupportedMediaType);
        (await Take(rally, Jpeg(40, 30), team: "t9")).StatusCode.ShouldBe(HttpStatusCode.NotFound);
        Pictures().ShouldBeEmpty();
    }

    [Fact]
    [Trait("run", "long")]
    public async Task Sixty_megapixels_are_opened_at_a_fraction_as_jpeg_and_refused_as_png()
    {
        var rally = await _app.Begin(Sample.Brief(), "Able");
        using (var large = new SKBitmap(9000, 6700, SKColorType.Gray8, SKAlphaType.Opaque))
        {
            large.Erase(SKColors.Gray);
            (await Take(rally, Jpegs.Encode(large, SKEncodedImageFormat.Jpeg))).StatusCode.ShouldBe(
                HttpStatusCode.Created
            );
            var refused = await Take(rally, Jpegs.Encode(large, SKEncodedImageFormat.Png));
            (await RunningApp.Read(refused))
                .GetProperty("title")
                .GetString()
                .ShouldBe("This picture has 9000 by 6700 pixels, which is too many to open.");
        }

        (await _app.Get<RallyPhotos>($"/api/rallies/{rally}/photos")).Photos.Single().Width.ShouldBe(1600);
    }

    [Fact]
    public async Task A_class_can_do_without_photos()
    {
        var made = await _app.Post(
            "/api/classes",
            new { name = "Class 2", students = new[] { "Wren A.", "Torin B." } }
        );
        var group = await RunningApp.Read(made);
        var brief = await _app.AddBrief(Sample.Brief());
        var begun = await _app.Post(
            "/api/rallies",
            new NewRally
            {
                Brief = brief,
                Name = "Class 2",
                Teams =
                [
                    new NewTeam("Able")
                    {
                        Students = [new(group.GetProperty("students")[0].GetProperty("id").GetGuid(), [])],
                    },
                ],
            }
        );
        var rally = (await RunningApp.Read(begun)).GetProperty("id").GetGuid();
        (await _app.Get<RallyPhotos>($"/api/rallies/{rally}/photos")).MayTake.ShouldBeTrue();
        (
            await _app.Client.PutAsync(
                $"/api/classes/{group.GetProperty("id").GetGuid()}/photos",
                RunningApp.Body(Json.Write(new PhotosTaken(false))),
                TestContext.Current.CancellationToken
            )
        ).StatusCode.ShouldBe(HttpStatusCode.NoContent);
        (await _app.Get<RallyPhotos>($"/api/rallies/{rally}/photos")).MayTake.ShouldBeFalse();
        var refused = await Take(new(rally), Jpeg(40, 30));
        (await RunningApp.Read(refused))
            .GetProperty("title")
            .GetString()
            .ShouldBe("No photos are taken in this class.");
    }

    /// <summary>The pictures of the data; copies have their own.</summary>
    private string[] Pictures() =>
        Directory.Exists(Path.Combine(_app.Folder, "rally-photos"))
            ? Directory.GetFiles(Path.Combine(_app.Folder, "rally-photos"), "*", SearchOption.AllDirectories)
            : [];

    [Fact]
    public async Task The_same_photo_six_times_at_once_is_kept_once()
    {
        var rally = await _app.Begin(Sample.Brief(), "Able");
        var photo = Guid.CreateVersion7();
        var answers = await Task.WhenAll(
            Enumerable
                .Range(0, 6)
                .Select(async _ =>
                {
                    var body = new ByteArrayContent(Jpegs.Plain(400, 300));
                    body.Headers.ContentType = new("image/jpeg");
                    return (
                        await _app.Client.PostAsync(
                            $"/api/rallies/{rally}/photos?photo={photo}&team=t1",
                            body,
                            TestContext.Current.CancellationToken
                        )
                    ).StatusCode;
                })
        );
        answers.ShouldAllBe(a => a == HttpStatusCode.Created || a == HttpStatusCode.OK);
        (await _app.Get<RallyPhotos>($"/api/rallies/{rally}/photos")).Photos.Count.ShouldBe(1);
    }

    public void Dispose() => AppPool.Return(_app);

    private static byte[] Jpeg(int width, int height)
    {
        using var picture = new SKBitmap(width, height);
        picture.Erase(SKColors.Teal);
        return Jpegs.Encode(picture, SKEncodedImageFormat.Jpeg);
    }

    /// <summary>The markers of a JPEG up to its first scan (ITU-T T.81, B.1.1).</summary>
    private static List<byte> Markers(byte[] jpeg)
    {
        var markers = new List<byte>();
        for (
            var at = 2;
            at + 4 <= jpeg.Length && jpeg[at] == 0xFF && jpeg[at + 1] != 0xDA;
            at += 2 + ((jpeg[at + 2] << 8) | jpeg[at + 3])
        )
            markers.Add(jpeg[at + 1]);
        return markers;
    }

    private async Task<HttpResponseMessage> Take(RallyId rally, byte[] bytes, string team = "t1", Guid? photo = null)
    {
        using var body = new ByteArrayContent(bytes);
        body.Headers.ContentType = new MediaTypeHeaderValue("image/jpeg");
        return await _app.Client.PostAsync(
            $"/api/rallies/{rally}/photos?photo={photo ?? Guid.CreateVersion7()}&team={team}",
            body,
            TestContext.Current.CancellationToken
        );
    }
}
