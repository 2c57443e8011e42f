using System.Text.RegularExpressions;
using PluckyRally.Data.Passes;
using PluckyRally.Web.Access;
using SkiaSharp;
using ZXing;
using ZXing.QrCode;

namespace PluckyRally.Web.Tests.Access;

/// <summary>
/// The picture of a pass, read by another library (ZXing.Net) than the one that draws it, as a phone's camera would.
/// </summary>
public sealed class PassPictureTests : IDisposable
{
    private readonly RunningApp _app = AppPool.Lend();

    [Theory]
    [InlineData(PassKind.Judge)]
    [InlineData(PassKind.Wall)]
    [InlineData(PassKind.Team)]
    [InlineData(PassKind.Helper)]
    public async Task A_camera_reads_the_link_that_stands_beside_it(PassKind kind)
    {
        var rally = await _app.Begin(Sample.Brief(), "Able");
        (await _app.Post($"/api/rallies/{rally}/passes", new NewPass(kind))).EnsureSuccessStatusCode();
        var pass = (await _app.Get<RallyPasses>($"/api/rallies/{rally}/passes")).Passes.Single();
        foreach (var pixels in new[] { 4, 9 })
            Read(pass.Picture, pixels).ShouldBe(pass.Link, $"{pixels} pixels a module");
        pass.Link.ShouldStartWith("http://");
        new Uri(pass.Link).AbsolutePath.ShouldBe(
            kind switch
            {
                PassKind.Judge or PassKind.Helper => "/join",
                PassKind.Team => "/team",
                PassKind.Wall => "/show",
            },
            "the code stands behind the #, which is sent to nobody (RFC 3986, 3.5)"
        );
    }

    [Fact]
    public async Task No_two_passes_have_one_code()
    {
        var rally = await _app.Begin(Sample.Brief(), "Able");
        for (var i = 0; i < 12; i++)
            (await _app.Post($"/api/rallies/{rally}/passes", new NewPass(PassKind.Judge))).EnsureSuccessStatusCode();
        (await _app.Get<RallyPasses>($"/api/rallies/{rally}/passes")).Passes.Select(p => p.Code).ShouldBeUnique();
    }

    public void Dispose() => AppPool.Return(_app);

    /// <summary>
    /// As a camera goes from frame to frame while a hand turns it a little: of some codes, one in two hundred, the
    /// reader finds no corners where they lie exactly along its pixels.
    /// </summary>
    private static string? Read(string svg, int pixels) =>
        Turns.Select(degrees => Frame(svg, pixels, degrees)).FirstOrDefault(text => text is not null);

    private static readonly float[] Turns = [0, 3, 7, 12];

    /// <summary>Draws the picture's one path and hands its shades of grey to the reader.</summary>
    private static string? Frame(string svg, int pixels, float degrees)
    {
        var side =
            int.Parse(Side.Match(svg).Groups[1].Value, System.Globalization.CultureInfo.InvariantCulture) * pixels;
        using var picture = new SKBitmap(new SKImageInfo(side, side, SKColorType.Gray8, SKAlphaType.Opaque));
        using (var canvas = new SKCanvas(picture))
        using (var modules = SKPath.ParseSvgPathData(Modules.Match(svg).Groups[1].Value))
        using (var ink = new SKPaint { Color = SKColors.Black, IsAntialias = false })
        {
            canvas.Clear(SKColors.White);
            canvas.RotateDegrees(degrees, side / 2f, side / 2f);
            canvas.Scale(pixels);
            canvas.DrawPath(modules, ink);
        }

        var bitmap = new BinaryBitmap(
            new ZXing.Common.HybridBinarizer(
                new RGBLuminanceSource(picture.Bytes, side, side, RGBLuminanceSource.BitmapFormat.Gray8)
            )
        );
        return new QRCodeReader().decode(bitmap)?.Text;
    }

    private static readonly Regex Side = new("viewBox=\"0 0 (\\d+) ");

    private static readonly Regex Modules = new(" d=\"([^\"]+)\"");
}
