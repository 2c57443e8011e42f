using PluckyRally.Core.Problems;
using PluckyRally.Web.Photos;
using SkiaSharp;

namespace PluckyRally.Web.Tests.Photos;

/// <summary>What is kept of a picture, whichever way up the camera was and whatever it wrote.</summary>
public sealed class PictureTests
{
    /// <summary>
    /// Where the stored picture's first corner (row 0, column 0) is seen: CIPA DC-008 (Exif 2.32), 4.6.4, tag 0112h.
    /// "The 0th row is at the visual top, the 0th column at the visual left" and so on for the eight values.
    /// </summary>
    [Theory]
    [InlineData(1, true, true, false)]
    [InlineData(2, true, false, false)]
    [InlineData(3, false, false, false)]
    [InlineData(4, false, true, false)]
    [InlineData(5, true, true, true)]
    [InlineData(6, true, false, true)]
    [InlineData(7, false, false, true)]
    [InlineData(8, false, true, true)]
    public void A_picture_is_turned_upright(byte orientation, bool top, bool left, bool sideways)
    {
        var picture = Read(Jpegs.WithExif(Corner(80, 40), orientation)).OrThrow();
        (picture.Width, picture.Height).ShouldBe(sideways ? (40, 80) : (80, 40));
        using var kept = SKBitmap.Decode(picture.Jpeg);
        var red = new (bool Top, bool Left)[] { (true, true), (true, false), (false, true), (false, false) }.Single(c =>
            IsRed(kept.GetPixel(c.Left ? 4 : kept.Width - 5, c.Top ? 4 : kept.Height - 5))
        );
        red.ShouldBe((top, left));
    }

    [Theory]
    [InlineData(1600, 900, 1600, 900)]
    [InlineData(3200, 1800, 1600, 900)]
    [InlineData(900, 3600, 400, 1600)]
    [InlineData(12, 9, 12, 9)]
    public void The_longest_side_is_1600_at_the_most_and_nothing_is_made_larger(
        int width,
        int height,
        int keptWidth,
        int keptHeight
    )
    {
        var picture = Read(Corner(width, height)).OrThrow();
        (picture.Width, picture.Height).ShouldBe((keptWidth, keptHeight));
    }

    [Theory]
    [InlineData(SKEncodedImageFormat.Png)]
    [InlineData(SKEncodedImageFormat.Webp)]
    public void What_can_be_seen_through_stands_on_white(SKEncodedImageFormat format)
    {
        using var glass = new SKBitmap(new SKImageInfo(60, 60, SKColorType.Rgba8888, SKAlphaType.Premul));
        glass.Erase(SKColors.Transparent);
        using var kept = SKBitmap.Decode(Read(Jpegs.Encode(glass, format)).OrThrow().Jpeg);
        kept.GetPixel(30, 30).ShouldBe(SKColors.White);
    }

    [Fact]
    public void A_picture_that_breaks_off_is_not_taken()
    {
        var whole = Corner(400, 400);
        foreach (var length in new[] { whole.Length * 3 / 4, whole.Length / 8, 20 })
            Read(whole[..length]).IsOk.ShouldBeFalse("it can still be taken again; gray below, it is of no use");
    }

    /// <summary>White, with red about its first corner.</summary>
    private static byte[] Corner(int width, int height)
    {
        using var picture = new SKBitmap(width, height);
        using (var canvas = new SKCanvas(picture))
        using (var red = new SKPaint { Color = SKColors.Red })
        {
            canvas.Clear(SKColors.White);
            canvas.DrawRect(0, 0, width / 4f, height / 4f, red);
        }

        return Jpegs.Encode(picture, SKEncodedImageFormat.Jpeg);
    }

    private static bool IsRed(SKColor colour) => colour is { Red: > 200, Green: < 80, Blue: < 80 };

    private static Result<Picture> Read(byte[] bytes)
    {
        var file = Path.GetTempFileName();
        try
        {
            File.WriteAllBytes(file, bytes);
            return Picture.Read(file);
        }
        finally
        {
            File.Delete(file);
        }
    }
}
