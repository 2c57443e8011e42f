using Microsoft.Data.Sqlite;
using PluckyRally.Data;
using PluckyRally.Data.Files;

namespace PluckyRally.Web;

/// <summary>Makes the data file ready before the first request.</summary>
internal static class DataStart
{
    /// <summary>Makes or migrates the file; a demo's file is made anew from the demo's files.</summary>
    public static async Task Prepare(IServiceProvider services, ServerSettings settings, CancellationToken stop)
    {
        try
        {
            Directory.CreateDirectory(settings.DataFolder);
            if (settings.Demo is not null) DataFile.Remove(settings.DataFile);
            await using var scope = services.CreateAsyncScope();
            await DataFile.Prepare(scope.ServiceProvider.GetRequiredService<RallyDb>(), stop);
            if (settings.Demo is { } folder) await LoadDemo(scope.ServiceProvider.GetRequiredService<Importer>(), folder, stop);
        }
        catch (Exception wrong) when (wrong is IOException or UnauthorizedAccessException or SqliteException)
        {
            throw new StartRefusedException($"The data folder {settings.DataFolder} cannot be used: {wrong.Message}", "Check that the disk has room and that you may write there, or choose another folder with --data DIR.");
        }
    }

    /// <summary>Briefs first, so that rallies find theirs.</summary>
    private static async Task LoadDemo(Importer importer, string folder, CancellationToken stop)
    {
        var files = Directory.GetFiles(folder, "*.brief.json").Order(StringComparer.Ordinal)
            .Concat(Directory.GetFiles(folder, "*.rally.json").Order(StringComparer.Ordinal));
        foreach (var file in files)
        {
            var imported = await importer.Import(await File.ReadAllTextAsync(file, stop), stop);
            if (!imported.IsOk) throw new StartRefusedException($"The demo file {file} cannot be read: {string.Join(" ", imported.Problems)}", "Mend the file, or start without the demo.");
        }
    }
}
