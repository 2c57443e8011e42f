using System.Text.Json;
using System.Text.RegularExpressions;
using Microsoft.AspNetCore.Authentication;
using Microsoft.AspNetCore.Routing.Template;
using PluckyRally.Web.Access;

namespace PluckyRally.Web.Start;

/// <summary>
/// Names with a page what it takes first: its files, as the build has written them down in pages.json, and what it asks
/// at once. On a slow line all of it is then on its way while the files of all pages are still being read; without it a
/// browser hears of each only when those before it have come and have been run.
/// </summary>
internal sealed class FirstFiles(IWebHostEnvironment host)
{
    private readonly Lazy<IReadOnlyList<Page>> _pages = new(() => Read(host));

    /// <summary>Adds the names to the answer where a page is asked for.</summary>
    public async Task Name(HttpContext context, RequestDelegate next)
    {
        if (HttpMethods.IsGet(context.Request.Method) && At(context.Request.Path) is var (page, values))
            context.Response.Headers.Link = new([
                .. page.Files.Select(f => $"<{f}>; rel=modulepreload; crossorigin"),
                .. (await Asks(page, context)).Select(a =>
                    $"<{Filled(a, values)}>; rel=preload; as=fetch; crossorigin"
                ),
            ]);
        await next(context);
    }

    private (Page, RouteValueDictionary)? At(PathString path)
    {
        foreach (var page in _pages.Value)
        {
            var values = new RouteValueDictionary();
            if (page.Address.TryMatch(path, values))
                return (page, values);
        }

        return null;
    }

    /// <summary>
    /// What a page asks; nothing where something was chosen in its address, which it then asks for, nor for whoever has
    /// not been let in.
    /// </summary>
    private static async Task<IReadOnlyList<string>> Asks(Page page, HttpContext context)
    {
        if (context.Request.QueryString.HasValue)
            return [];
        var known = await context.AuthenticateAsync();
        return known.Principal is { } user && Caller.Of(user) is { IsTeacher: true } or { Passes.Count: > 0 }
            ? page.Asks
            : [];
    }

    /// <summary>What is asked, with what the address says; nothing in the place of what it leaves out.</summary>
    private static string Filled(string asked, RouteValueDictionary values) =>
        Blank.Replace(asked, blank => Uri.EscapeDataString($"{values[blank.Groups[1].Value]}"));

    private static IReadOnlyList<Page> Read(IWebHostEnvironment host)
    {
        var file = host.WebRootFileProvider.GetFileInfo("pages.json");
        if (!file.Exists)
            return [];
        using var text = file.CreateReadStream();
        var pages = JsonSerializer.Deserialize<IReadOnlyList<Written>>(text, JsonSerializerOptions.Web) ?? [];
        return [.. pages.Select(p => new Page(new(TemplateParser.Parse(p.Path[1..]), []), p.Files, p.Asks))];
    }

    private static readonly Regex Blank = new(@"\{(\w+)\}");

    private sealed record Page(TemplateMatcher Address, IReadOnlyList<string> Files, IReadOnlyList<string> Asks);

    private sealed record Written(string Path, IReadOnlyList<string> Files, IReadOnlyList<string> Asks);
}
