using Microsoft.AspNetCore.StaticFiles;

namespace PluckyRally.Web.Start;

/// <summary>
/// Hands out built files as the build has compressed them, once and as small as can be: beside name.js lie name.js.br
/// and name.js.gz. Nothing is compressed again for each device, and over https too, where answers with somebody's data
/// are not compressed.
/// </summary>
internal sealed class Compressed : IContentTypeProvider
{
    private static readonly (string Encoding, string Ending)[] Forms = [("br", ".br"), ("gzip", ".gz")];
    private static readonly FileExtensionContentTypeProvider Types = new();

    /// <summary>Leads a request for a built file to the form of it that the browser takes.</summary>
    public static Task Choose(HttpContext context, RequestDelegate next)
    {
        var files = context.RequestServices.GetRequiredService<IWebHostEnvironment>().WebRootFileProvider;
        var accepted = context.Request.GetTypedHeaders().AcceptEncoding;
        if (context.Request.Path.StartsWithSegments("/assets"))
            foreach (var (encoding, ending) in Forms)
                if (
                    accepted.Any(a => a.Value == encoding && a.Quality != 0)
                    && files.GetFileInfo(context.Request.Path + ending).Exists
                )
                {
                    context.Request.Path += ending;
                    context.Response.Headers.ContentEncoding = encoding;
                    context.Response.Headers.Vary = "Accept-Encoding";
                    break;
                }
        return next(context);
    }

    /// <summary>What a file is, whichever form it lies there in.</summary>
    public bool TryGetContentType(string subpath, out string contentType)
    {
        var form = Forms.FirstOrDefault(f => subpath.EndsWith(f.Ending, StringComparison.Ordinal));
        return Types.TryGetContentType(
            form.Ending is null ? subpath : subpath[..^form.Ending.Length],
            out contentType!
        );
    }
}
