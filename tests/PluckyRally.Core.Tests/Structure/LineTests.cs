namespace PluckyRally.Core.Tests.Structure;

/// <summary>
/// Lines end where two files stand beside each other, in C#, TypeScript and Vue, and nothing is indented for its
/// namespace.
/// </summary>
public sealed class LineTests
{
    private const int Columns = 120;

    [Fact]
    public void No_line_is_longer_than_its_columns() =>
        Lines().Where(l => l.Line.Length > Columns).Select(l => $"{l.Place}: {l.Line.Length} columns").ShouldBeEmpty();

    /// <summary>The compiler's own rule for this (IDE0161) makes a build a sixth longer.</summary>
    [Fact]
    public void A_namespace_is_its_whole_file() =>
        Lines()
            .Where(l => l.Place.Contains(".cs:", StringComparison.Ordinal))
            .Where(l => l.Line.StartsWith("namespace ", StringComparison.Ordinal) && !l.Line.EndsWith(';'))
            .ShouldBeEmpty();

    private static IEnumerable<(string Place, string Line)> Lines() =>
        new[] { "src", "tests", "bench", "web/src", "web/tests", "scripts" }
            .SelectMany(folder =>
                Directory.EnumerateFiles(
                    Path.Combine(ProjectFolder.Root, folder),
                    "*.*",
                    new EnumerationOptions { RecurseSubdirectories = true }
                )
            )
            .Where(file => Path.GetExtension(file) is ".cs" or ".ts" or ".vue" or ".mjs" && !IsMade(file))
            .SelectMany(file =>
                File.ReadLines(file)
                    .Select((line, at) => ($"{Path.GetRelativePath(ProjectFolder.Root, file)}:{at + 1}", line))
            );

    /// <summary>Written by a tool.</summary>
    private static bool IsMade(string file) =>
        file.Contains(".generated.", StringComparison.Ordinal)
        || file.Split(Path.DirectorySeparatorChar).Any(p => p is "obj" or "bin" or "wwwroot" or "Migrations");
}
