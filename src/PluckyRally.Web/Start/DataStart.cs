using Microsoft.Data.Sqlite;
using PluckyRally.Core;
using PluckyRally.Data;
using PluckyRally.Data.Classes;
using PluckyRally.Data.Files;
using PluckyRally.Data.Kit;

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
            if (settings.Demo is { } folder) await LoadDemo(scope.ServiceProvider, folder, stop);
        }
        catch (Exception wrong) when (wrong is IOException or UnauthorizedAccessException or SqliteException)
        {
            throw new StartRefusedException($"The data folder {settings.DataFolder} cannot be used: {wrong.Message}", "Check that the disk has room and that you may write there, or choose another folder with --data DIR.");
        }
    }

    /// <summary>Classes and briefs first, so that rallies find theirs; the last rally that was scored is laid on today, and the others with it.</summary>
    private static async Task LoadDemo(IServiceProvider services, string folder, CancellationToken stop)
    {
        var register = services.GetRequiredService<ClassRegister>();
        foreach (var file in Files(folder, "*.class.csv"))
        {
            var list = Read(ClassList.Read(CsvText.Rows(await File.ReadAllTextAsync(file, stop))), file);
            await register.Add(Path.GetFileName(file).Split('.')[0].Replace("class-", "Class ", StringComparison.Ordinal), list.Pupils, stop);
        }

        foreach (var file in Files(folder, "cupboard.csv"))
            await services.GetRequiredService<Cupboard>().Put(Read(CupboardList.Read(CsvText.Rows(await File.ReadAllTextAsync(file, stop))), file), stop);

        var importer = services.GetRequiredService<Importer>();
        foreach (var file in Files(folder, "*.brief.json")) Read(await importer.Import(await File.ReadAllTextAsync(file, stop), stop), file);

        var rallies = new List<(string File, Rally Rally)>();
        foreach (var file in Files(folder, "*.rally.json")) rallies.Add((file, Read(DocumentReader.Rally(await File.ReadAllTextAsync(file, stop)), file).Value));
        var today = DateOnly.FromDateTime(services.GetRequiredService<TimeProvider>().GetLocalNow().DateTime);
        var days = rallies.Where(r => r.Rally.Entries.Count > 0).Max(r => r.Rally.Date) is { } last ? today.DayNumber - last.DayNumber : 0;
        foreach (var (file, rally) in rallies) Read(await importer.Import(Json.Write(rally with { Date = rally.Date?.AddDays(days) }), stop), file);
    }

    private static IEnumerable<string> Files(string folder, string pattern) => Directory.GetFiles(folder, pattern).Order(StringComparer.Ordinal);

    private static T Read<T>(Result<T> read, string file)
        where T : notnull =>
        read.IsOk ? read.Value : throw new StartRefusedException($"The demo file {file} cannot be read: {string.Join(" ", read.Problems)}", "Mend the file, or start without the demo.");
}
