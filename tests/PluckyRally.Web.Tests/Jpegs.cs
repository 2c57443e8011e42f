using SkiaSharp;

namespace PluckyRally.Web.Tests;

/// <summary>Pictures as cameras write them.</summary>
internal static class Jpegs
{
    public static byte[] Plain(int width, int height)
    {
        using var picture = new SKBitmap(width, height);
        picture.Erase(SKColors.CadetBlue);
        return Encode(picture, SKEncodedImageFormat.Jpeg);
    }

    public static byte[] Encode(SKBitmap picture, SKEncodedImageFormat format)
    {
        using var image = SKImage.FromBitmap(picture);
        using var data = image.Encode(format, 80);
        return data.ToArray();
    }

    /// <summary>
    /// Puts an APP1 segment with one Exif tag behind the start of a JPEG (CIPA DC-008, 4.5.4 and 4.6.4).
    /// </summary>
    public static byte[] WithExif(byte[] jpeg, byte orientation)
    {
        byte[] tiff =
        [
            (byte)'M',
            (byte)'M',
            0,
            42,
            0,
            0,
            0,
            8,
            0,
            1,
            0x01,
            0x12,
            0,
            3,
            0,
            0,
            0,
            1,
            0,
            orientation,
            0,
            0,
            0,
            0,
            0,
            0,
        ];
        byte[] body = [.. "Exif"u8, 0, 0, .. tiff];
        var length = body.Length + 2;
        return [0xFF, 0xD8, 0xFF, 0xE1, (byte)(length >> 8), (byte)length, .. body, .. jpeg[2..]];
    }
}
