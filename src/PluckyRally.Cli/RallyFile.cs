using PluckyRally.Core.Documents;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Score;

namespace PluckyRally.Cli;

/// <summary>Reads files, and says what is wrong with them on the error stream.</summary>
internal static class RallyFile
{
    /// <summary>The text of a file, or null after saying why it cannot be read.</summary>
    public static string? Text(string path, TextWriter error)
    {
        try
        {
            if (new FileInfo(path).Length > Limits.RallyBytes)
            {
                error.WriteLine(
                    $"{path}: The file is larger than {Limits.RallyBytes / 1_000_000} MB. Leave out what is not needed."
                );
                return null;
            }

            return File.ReadAllText(path);
        }
        catch (Exception wrong) when (wrong is IOException or UnauthorizedAccessException)
        {
            error.WriteLine(
                $"{path}: The file cannot be read: {wrong.Message} Check its name and that you may read it."
            );
            return null;
        }
    }

    /// <summary>The rally of a file, or null after saying why it cannot be opened.</summary>
    public static OpenedRally? Open(string path, TextWriter error)
    {
        if (Text(path, error) is not { } text)
            return null;
        var read = DocumentReader.Rally(text);
        if (Say(path, read.Problems, error) != 0 || !read.IsOk)
            return null;
        var opened = OpenedRally.Open(read.Value.Value);
        return Say(path, opened.Problems, error) == 0 && opened.IsOk ? opened.Value : null;
    }

    /// <summary>Says problems, a line each, and gives the exit code for them: 2 where one is an error.</summary>
    public static int Say(string path, IReadOnlyList<Problem> problems, TextWriter error)
    {
        foreach (var problem in problems)
            error.WriteLine($"{path}: {(problem.Severity == Severity.Warning ? "note: " : "")}{problem}");
        return problems.Any(p => p.Severity == Severity.Error) ? 2 : 0;
    }
}
