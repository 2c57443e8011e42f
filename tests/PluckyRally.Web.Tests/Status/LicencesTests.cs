using System.Text.Json;

namespace PluckyRally.Web.Tests.Status;

/// <summary>
/// The list of licences has everything that is shipped, in the version that is shipped. <c>npm run --prefix web
/// licences</c> writes it anew.
/// </summary>
public sealed class LicencesTests
{
    private static readonly JsonElement Listed = Read("web", "public", "licences.json").GetProperty("packages");

    [Fact]
    public void Every_package_beside_the_server_is_listed()
    {
        var assets = Read("src", "PluckyRally.Web", "obj", "project.assets.json");
        var shipped = assets
            .GetProperty("targets")
            .EnumerateObject()
            .First()
            .Value.EnumerateObject()
            .Where(p => p.Value.GetProperty("type").GetString() == "package")
            .Where(p =>
                new[] { "runtime", "runtimeTargets", "native" }.Any(kind =>
                    p.Value.TryGetProperty(kind, out var files)
                    && files.EnumerateObject().Any(f => !f.Name.EndsWith("_._", StringComparison.Ordinal))
                )
            )
            .Select(p => p.Name.Replace('/', ' '))
            .ToList();
        shipped.Count.ShouldBeGreaterThan(10);
        Of("server")
            .Where(name => !name.StartsWith(".NET", StringComparison.Ordinal))
            .ShouldBe(shipped, ignoreOrder: true);
    }

    [Fact]
    public void What_the_pages_are_made_of_is_listed_in_the_version_that_is_locked()
    {
        var locked = Read("web", "package-lock.json").GetProperty("packages");
        var browser = Of("browser");
        foreach (var one in browser)
        {
            var (name, version) = (one[..one.LastIndexOf(' ')], one[(one.LastIndexOf(' ') + 1)..]);
            locked.GetProperty($"node_modules/{name}").GetProperty("version").GetString().ShouldBe(version, name);
        }

        var package = Read("web", "package.json");
        var tools = package.GetProperty("builtWith").EnumerateArray().Select(t => t.GetString()).ToHashSet();
        var named = package
            .GetProperty("dependencies")
            .EnumerateObject()
            .Select(d => d.Name)
            .Where(d => !d.StartsWith("@types/", StringComparison.Ordinal) && !tools.Contains(d));
        named.Where(d => !browser.Any(b => b.StartsWith(d + " ", StringComparison.Ordinal))).ShouldBeEmpty();
    }

    [Fact]
    public void Each_has_a_licence_and_who_holds_the_rights()
    {
        foreach (var one in Listed.EnumerateArray())
            one.GetProperty("licence").GetString().ShouldNotBeNullOrWhiteSpace(one.GetProperty("name").GetString());
    }

    private static List<string> Of(string part) =>
        [
            .. Listed
                .EnumerateArray()
                .Where(p => p.GetProperty("part").GetString() == part)
                .Select(p => $"{p.GetProperty("name").GetString()} {p.GetProperty("version").GetString()}"),
        ];

    private static JsonElement Read(params string[] path) =>
        JsonElement.Parse(File.ReadAllText(Path.Combine([ProjectFolder.Root, .. path])));
}
