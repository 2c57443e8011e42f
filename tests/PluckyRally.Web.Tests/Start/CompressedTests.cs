using Microsoft.AspNetCore.Builder;
using Microsoft.AspNetCore.Http;
using PluckyRally.Web.Start;

namespace PluckyRally.Web.Tests.Start;

/// <summary>
/// Built files are handed out in the smallest form that lies there and that the browser takes (RFC 9110, 12.5.3).
/// </summary>
public sealed class CompressedTests : IDisposable
{
    private readonly string _folder = Directory.CreateTempSubdirectory("plucky-rally-").FullName;
    private readonly WebApplication _app;

    public CompressedTests()
    {
        Directory.CreateDirectory(Path.Combine(_folder, "assets"));
        foreach (var name in new[] { "all.js", "all.js.br", "all.js.gz", "some.css", "some.css.gz", "none.js" })
            File.WriteAllText(Path.Combine(_folder, "assets", name), name);
        _app = WebApplication.CreateSlimBuilder(new WebApplicationOptions { WebRootPath = _folder }).Build();
    }

    [Theory]
    [InlineData("/assets/all.js", "gzip, deflate, br", "/assets/all.js.br", "br")]
    [InlineData("/assets/all.js", "gzip, deflate", "/assets/all.js.gz", "gzip")]
    [InlineData("/assets/all.js", "br;q=0, gzip;q=0.5", "/assets/all.js.gz", "gzip")]
    [InlineData("/assets/all.js", "", "/assets/all.js", "")]
    [InlineData("/assets/some.css", "br, gzip", "/assets/some.css.gz", "gzip")]
    [InlineData("/assets/none.js", "br, gzip", "/assets/none.js", "")]
    [InlineData("/assets/gone.js", "br, gzip", "/assets/gone.js", "")]
    [InlineData("/api/briefs", "br, gzip", "/api/briefs", "")]
    public async Task It_is_led_to_the_form_that_is_taken(string asked, string accepts, string given, string encoding)
    {
        var context = new DefaultHttpContext { RequestServices = _app.Services };
        context.Request.Path = asked;
        context.Request.Headers.AcceptEncoding = accepts;
        await Compressed.Choose(context, _ => Task.CompletedTask);
        (context.Request.Path.Value, context.Response.Headers.ContentEncoding.ToString()).ShouldBe((given, encoding));
    }

    [Theory]
    [InlineData("/assets/all.js", "text/javascript")]
    [InlineData("/assets/all.js.br", "text/javascript")]
    [InlineData("/assets/some.css.gz", "text/css")]
    public void A_form_is_of_the_kind_that_the_file_is(string path, string kind)
    {
        new Compressed().TryGetContentType(path, out var type).ShouldBeTrue();
        type.ShouldBe(kind);
    }

    public void Dispose()
    {
        Directory.Delete(_folder, recursive: true);
    }
}
