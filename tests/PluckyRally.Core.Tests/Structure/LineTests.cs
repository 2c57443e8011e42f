namespace PluckyRally.Core.Tests.Structure;

/// <summary>Lines end where two files stand beside each other: in C#, TypeScript and Vue.</summary>
public sealed class LineTests
{
    private const int Columns = 120;

    [Fact]
    public void No_line_is_longer_than_its_columns() =>
        new[] { "src", "tests", "bench", "web/src", "web/tests", "scripts" }
            .SelectMany(folder =>
                Directory.EnumerateFiles(
                    Path.Combine(ProjectFolder.Root, folder),
                    "*.*",
                    new EnumerationOptions { RecurseSubdirectories = true }
                )
            )
            .Where(file => Path.GetExtension(file) is ".cs" or ".ts" or ".vue" or ".mjs" && !IsMade(file))
            .SelectMany(file => File.ReadLines(file).Select((line, at) => (file, line, at)))
            .Where(l => l.line.Length > Columns)
            .Select(l => $"{Path.GetRelativePath(ProjectFolder.Root, l.file)}:{l.at + 1}: {l.line.Length} columns")
            .ShouldBeEmpty();

    /// <summary>Written by a tool.</summary>
    private static bool IsMade(string file) =>
        file.Contains(".generated.", StringComparison.Ordinal)
        || file.Split(Path.DirectorySeparatorChar).Any(p => p is "obj" or "bin" or "wwwroot" or "Migrations");
}
