using Microsoft.Data.Sqlite;
using Microsoft.Extensions.DependencyInjection;
using PluckyRally.Data;
using PluckyRally.Data.Archive;
using PluckyRally.Data.Copies;
using PluckyRally.Data.Folder;

namespace PluckyRally.Cli;

/// <summary>Saves everything into one file, and brings a file back.</summary>
internal static class DataCommands
{
    /// <summary>Saves everything. A server may go on using the data meanwhile.</summary>
    public static Task<int> Save(string[] arguments, TextWriter output, TextWriter error) =>
        With(arguments, "save", error, async (folder, file) =>
        {
            if (!File.Exists(folder.File))
                return Say(error, $"There is no data in {folder.Path}. Choose its folder with --data DIR.");
            var saved = await ArchiveWriter.Write(folder, file, DateTimeOffset.UtcNow, CancellationToken.None);
            output.WriteLine(
                $"{file}: {Count(saved.Rallies.Count, "rally", "rallies")}, "
                    + $"{Count(saved.Briefs.Count, "brief", "briefs")}, "
                    + $"{Count(saved.Classes.Count, "class", "classes")}, "
                    + $"{Count(saved.Rallies.Sum(r => r.Photos.Count), "photo", "photos")}. Names of students are "
                    + "in it; keep it as carefully as a class list."
            );
            return 0;
        });

    /// <summary>
    /// Brings an archive in beside what is there, or a copy in place of it. No server may use the data meanwhile.
    /// </summary>
    public static Task<int> Restore(string[] arguments, TextWriter output, TextWriter error) =>
        With(arguments, "restore", error, async (folder, file) =>
        {
            if (!File.Exists(file))
                return Say(error, $"There is no file {file}.");
            OwnFiles.Folder(folder.Path);
            using var held = FolderLock.Take(folder);
            if (held is null)
                return Say(
                    error,
                    $"Plucky Rally is running with the data in {folder.Path}. Stop it first, then restore the file."
                );
            return Path.GetExtension(file) == ".db"
                ? BringBack(folder, file, output, error)
                : await BringIn(folder, file, output, error);
        });

    private static int BringBack(DataFolder folder, string file, TextWriter output, TextWriter error)
    {
        var there = File.Exists(folder.File);
        if (CopyRestore.BringBack(folder, file) is { } trouble)
            return Say(error, $"{trouble.What} {trouble.Remedy}");
        output.WriteLine(
            $"The copy {file} is back{(there ? $"; what stood there is in {folder.SetAside}" : "")}. Start "
                + "Plucky Rally again."
        );
        return 0;
    }

    private static async Task<int> BringIn(DataFolder folder, string file, TextWriter output, TextWriter error)
    {
        if (await DataFile.Prepare(folder, TimeProvider.System, CancellationToken.None) is { } trouble)
            return Say(error, $"{trouble.What} {trouble.Remedy}");
        await using var services = new ServiceCollection()
            .AddSingleton(TimeProvider.System)
            .AddDataFile(folder)
            .BuildServiceProvider();
        await using var scope = services.CreateAsyncScope();
        var read = await scope.ServiceProvider.GetRequiredService<ArchiveReader>().Read(file, CancellationToken.None);
        if (!read.IsOk)
            return Say(error, string.Join(" ", read.Problems.Select(p => $"{p.What} {p.Remedy}")));
        var came = read.Value;
        output.WriteLine(
            $"Imported: {Count(came.Rallies, "rally", "rallies")}, "
                + $"{Count(came.Briefs, "brief", "briefs")}, {Count(came.Classes, "class", "classes")}, "
                + $"{Count(came.Photos, "photo", "photos")}. Here already: {came.Same}."
        );
        foreach (var name in came.Back)
            output.WriteLine($"“{name}” was deleted and is back.");
        foreach (var name in came.Beside)
            output.WriteLine($"“{name}” is here in another version too. Both are kept.");
        return 0;
    }

    private static async Task<int> With(
        string[] arguments,
        string command,
        TextWriter error,
        Func<DataFolder, string, Task<int>> run
    )
    {
        var (file, data, name) = ("", "data", "rally");
        for (var i = 0; i < arguments.Length; i++)
        {
            switch (arguments[i])
            {
                case "--data" when i + 1 < arguments.Length:
                    data = arguments[++i];
                    break;
                case "--demo":
                    name = "demo";
                    break;
                case var said when file.Length == 0 && !said.StartsWith("--", StringComparison.Ordinal):
                    file = said;
                    break;
                case var other:
                    return Say(error, $"“{other}” is not understood here. Write {command} FILE, then --data DIR.");
            }
        }

        if (file.Length == 0)
            return Say(error, $"Which file? Write {command} FILE.");
        try
        {
            return await run(new(Path.GetFullPath(data), name), Path.GetFullPath(file));
        }
        catch (Exception wrong) when (wrong is IOException or UnauthorizedAccessException or SqliteException)
        {
            var trouble = DataTrouble.Of(wrong, file);
            return Say(error, $"{trouble.What} {trouble.Remedy}");
        }
    }

    private static int Say(TextWriter error, string what)
    {
        error.WriteLine(what);
        return 2;
    }

    private static string Count(int count, string one, string many) => $"{count} {(count == 1 ? one : many)}";
}
