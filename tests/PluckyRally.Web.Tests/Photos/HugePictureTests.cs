using System.Buffers.Binary;
using System.IO.Compression;
using System.IO.Hashing;
using System.Text;
using PluckyRally.Core.Files;
using PluckyRally.Web.Teams;

namespace PluckyRally.Web.Tests.Photos;

/// <summary>What says of itself that it is large is not opened to find out.</summary>
public sealed class HugePictureTests
{
    [Fact]
    [Trait("run", "long")]
    public async Task A_huge_picture_and_a_huge_body_cost_little_memory()
    {
        var folder = Directory.CreateTempSubdirectory("plucky-rally-memory-").FullName;
        try
        {
            using var server = new ServerProcess(folder);
            using var client = new HttpClient { BaseAddress = new Uri(await server.Address()) };
            var rally = await Begin(client);
            await Photo(client, rally, Jpegs.Plain(1200, 900));
            var before = server.PeakMegabytes;
            foreach (var picture in new[] { Png(24_000), Baseline(24_000), Progressive(24_000) })
                ((int)(await Photo(client, rally, picture)).StatusCode).ShouldBeLessThan(500);
            using var body = new ByteArrayContent(new byte[29_000_000]);
            body.Headers.ContentType = new("application/json");
            try
            {
                (
                    (int)(await client.PostAsync("/api/join", body, TestContext.Current.CancellationToken)).StatusCode
                ).ShouldBe(413);
            }
            catch (HttpRequestException)
            {
                // The server hung up before all of it was sent, which is as good.
            }

            // One such picture laid out would be 2300 MB. What the runtime has not given back yet is no picture.
            (server.PeakMegabytes - before).ShouldBeLessThan(300);
        }
        finally
        {
            Directory.Delete(folder, recursive: true);
        }
    }

    private static async Task<Guid> Begin(HttpClient client)
    {
        var brief = await RunningApp.Read(
            await client.PostAsync(
                "/api/briefs",
                RunningApp.Body(Json.Write(Sample.Brief())),
                TestContext.Current.CancellationToken
            )
        );
        return (
            await RunningApp.Read(
                await client.PostAsync(
                    "/api/rallies",
                    RunningApp.Body(
                        Json.Write(
                            new NewRally
                            {
                                Brief = new(brief.GetProperty("id").GetGuid()),
                                Name = "A class",
                                Teams = [new NewTeam("Able")],
                            }
                        )
                    ),
                    TestContext.Current.CancellationToken
                )
            )
        ).GetProperty("id").GetGuid();
    }

    private static Task<HttpResponseMessage> Photo(HttpClient client, Guid rally, byte[] picture)
    {
        var body = new ByteArrayContent(picture);
        body.Headers.ContentType = new("image/jpeg");
        return client.PostAsync(
            $"/api/rallies/{rally}/photos?photo={Guid.CreateVersion7()}&team=t1",
            body,
            TestContext.Current.CancellationToken
        );
    }

    /// <summary>A square PNG of one colour (ISO/IEC 15948, 11.2): large only when it is opened.</summary>
    private static byte[] Png(int side)
    {
        using var png = new MemoryStream();
        png.Write([0x89, 0x50, 0x4E, 0x47, 0x0D, 0x0A, 0x1A, 0x0A]);
        Span<byte> header = stackalloc byte[13];
        BinaryPrimitives.WriteInt32BigEndian(header, side);
        BinaryPrimitives.WriteInt32BigEndian(header[4..], side);
        header[8] = 8;
        header[9] = 2;
        Chunk(png, "IHDR", header);
        using var packed = new MemoryStream();
        using (var zlib = new ZLibStream(packed, CompressionLevel.Fastest, leaveOpen: true))
        {
            var row = new byte[1 + (3 * side)];
            for (var y = 0; y < side; y++)
                zlib.Write(row);
        }

        Chunk(png, "IDAT", packed.ToArray());
        Chunk(png, "IEND", []);
        return png.ToArray();
    }

    private static void Chunk(MemoryStream png, string name, ReadOnlySpan<byte> data)
    {
        Span<byte> length = stackalloc byte[4];
        BinaryPrimitives.WriteInt32BigEndian(length, data.Length);
        png.Write(length);
        byte[] body = [.. Encoding.ASCII.GetBytes(name), .. data];
        png.Write(body);
        Span<byte> sum = stackalloc byte[4];
        BinaryPrimitives.WriteUInt32BigEndian(sum, Crc32.HashToUInt32(body));
        png.Write(sum);
    }

    /// <summary>
    /// A real JPEG whose header says that it is larger (ITU-T T.81, B.2.2: the frame's height and width).
    /// </summary>
    private static byte[] Baseline(int side) => Resized(Jpegs.Plain(1200, 900), side);

    private static byte[] Progressive(int side)
    {
        var jpeg = Resized(Jpegs.Plain(1200, 900), side);
        jpeg[Frame(jpeg) + 1] = 0xC2;
        return jpeg;
    }

    private static byte[] Resized(byte[] jpeg, int side)
    {
        var frame = Frame(jpeg);
        BinaryPrimitives.WriteUInt16BigEndian(jpeg.AsSpan(frame + 5), (ushort)side);
        BinaryPrimitives.WriteUInt16BigEndian(jpeg.AsSpan(frame + 7), (ushort)side);
        return jpeg;
    }

    private static int Frame(byte[] jpeg) =>
        Enumerable.Range(2, jpeg.Length - 3).First(i => jpeg[i] == 0xFF && jpeg[i + 1] == 0xC0);
}
