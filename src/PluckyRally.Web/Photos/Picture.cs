using PluckyRally.Core.Problems;
using SkiaSharp;

namespace PluckyRally.Web.Photos;

/// <summary>
/// A picture made ready to be kept: turned upright, no larger than is needed, and with nothing in it but the picture.
/// </summary>
/// <param name="Jpeg">The picture.</param>
/// <param name="Width">Width in pixels.</param>
/// <param name="Height">Height in pixels.</param>
internal sealed record Picture(byte[] Jpeg, int Width, int Height)
{
    /// <summary>Longest side that is kept; enough for a projector.</summary>
    public const int Side = 1600;

    /// <summary>Pixels that are opened at once; four bytes each.</summary>
    private const long MostPixels = 16_000_000;

    /// <summary>
    /// Pixels of a picture that can only be opened whole, such as a progressive JPEG: some six bytes each.
    /// </summary>
    private const long MostWhole = 12_000_000;

    private const int Quality = 82;

    /// <summary>
    /// Looks into a file, whatever it was declared as. A large JPEG is opened at a fraction of its size.
    /// </summary>
    public static Result<Picture> Read(string file)
    {
        using var codec = SKCodec.Create(file);
        if (
            codec is null
            || codec.EncodedFormat
                is not (SKEncodedImageFormat.Jpeg or SKEncodedImageFormat.Png or SKEncodedImageFormat.Webp)
        )
            return Refuse("This is not a photo.", "Choose a JPEG, PNG or WebP picture.");
        var size = codec.GetScaledDimensions(Math.Min(1, 2f * Side / Math.Max(codec.Info.Width, codec.Info.Height)));
        if (
            (long)size.Width * size.Height > MostPixels
            || ((long)codec.Info.Width * codec.Info.Height > MostWhole && IsOpenedWhole(file, codec.EncodedFormat))
        )
            return Refuse(
                $"This picture has {codec.Info.Width} by {codec.Info.Height} pixels, which is too many to open.",
                "Take it again with the camera's usual setting, or make it smaller."
            );
        using var opened = new SKBitmap(
            new SKImageInfo(size.Width, size.Height, SKColorType.Rgba8888, SKAlphaType.Premul)
        );

        // A picture that was cut off on its way would be gray below.
        if (codec.GetPixels(opened.Info, opened.GetPixels()) is not SKCodecResult.Success)
            return Refuse("This picture is damaged.", "Take it again, or choose another one.");
        using var upright = Upright(opened, codec.EncodedOrigin);
        var scale = Math.Min(1, (float)Side / Math.Max(upright.Width, upright.Height));
        using var small = upright.Resize(
            new SKImageInfo(
                (int)Math.Max(1, upright.Width * scale),
                (int)Math.Max(1, upright.Height * scale),
                SKColorType.Rgba8888,
                SKAlphaType.Opaque
            ),
            new SKSamplingOptions(SKFilterMode.Linear, SKMipmapMode.Linear)
        );
        using var image = SKImage.FromBitmap(small);
        using var jpeg = image.Encode(SKEncodedImageFormat.Jpeg, Quality);
        return Result<Picture>.Ok(new(jpeg.ToArray(), small.Width, small.Height));
    }

    /// <summary>
    /// Whether opening a picture takes the memory of all its pixels at once: a JPEG whose frame is progressive (ITU-T
    /// T.81, B.1.1.3: marker SOF2), which cameras do not write, or another format.
    /// </summary>
    private static bool IsOpenedWhole(string file, SKEncodedImageFormat format)
    {
        if (format != SKEncodedImageFormat.Jpeg)
            return true;
        using var stream = new BufferedStream(File.OpenRead(file));
        stream.Position = 2;
        while (stream.ReadByte() == 0xFF && stream.ReadByte() is var marker and > 0)
        {
            if (marker is 0xC0 or 0xC1)
                return false;
            if (marker is 0xC2 or 0xDA)
                return true;
            var length = (stream.ReadByte() << 8) | stream.ReadByte();
            if (length < 2)
                return true;
            stream.Position += length - 2;
        }

        return true;
    }

    /// <summary>
    /// Cameras write which way is up beside the picture; that goes with the rest, so the picture is turned.
    /// </summary>
    private static SKBitmap Upright(SKBitmap picture, SKEncodedOrigin origin)
    {
        var sideways =
            origin
            is SKEncodedOrigin.LeftTop
                or SKEncodedOrigin.RightTop
                or SKEncodedOrigin.RightBottom
                or SKEncodedOrigin.LeftBottom;
        var (width, height) = sideways ? (picture.Height, picture.Width) : (picture.Width, picture.Height);
        var upright = new SKBitmap(new SKImageInfo(width, height, SKColorType.Rgba8888, SKAlphaType.Opaque));
        using var canvas = new SKCanvas(upright);
        canvas.Clear(SKColors.White);
        canvas.SetMatrix(
            origin switch
            {
                SKEncodedOrigin.TopRight => new SKMatrix(-1, 0, width, 0, 1, 0, 0, 0, 1),
                SKEncodedOrigin.BottomRight => new SKMatrix(-1, 0, width, 0, -1, height, 0, 0, 1),
                SKEncodedOrigin.BottomLeft => new SKMatrix(1, 0, 0, 0, -1, height, 0, 0, 1),
                SKEncodedOrigin.LeftTop => new SKMatrix(0, 1, 0, 1, 0, 0, 0, 0, 1),
                SKEncodedOrigin.RightTop => new SKMatrix(0, -1, width, 1, 0, 0, 0, 0, 1),
                SKEncodedOrigin.RightBottom => new SKMatrix(0, -1, width, -1, 0, height, 0, 0, 1),
                SKEncodedOrigin.LeftBottom => new SKMatrix(0, 1, 0, -1, 0, height, 0, 0, 1),
                _ => SKMatrix.Identity,
            }
        );
        canvas.DrawBitmap(picture, 0, 0);
        return upright;
    }

    private static Result<Picture> Refuse(string what, string remedy) =>
        Result<Picture>.Refused([new("/photo", what, remedy)]);
}
