using Microsoft.AspNetCore.Identity;
using Microsoft.Data.Sqlite;
using PluckyRally.Core;
using PluckyRally.Data;
using PluckyRally.Data.Classes;
using PluckyRally.Data.Files;
using PluckyRally.Data.Kit;
using PluckyRally.Data.Owners;
using PluckyRally.Data.Photos;

namespace PluckyRally.Web;

/// <summary>Makes the data file ready before the first request.</summary>
internal static class DataStart
{
    /// <summary>How long ago the last entry of the demo's running lesson was made.</summary>
    private static readonly TimeSpan Pause = TimeSpan.FromSeconds(40);

    /// <summary>Makes or migrates the file; a demo's file is made anew from the demo's files.</summary>
    public static async Task Prepare(IServiceProvider services, ServerSettings settings, CancellationToken stop)
    {
        try
        {
            Directory.CreateDirectory(settings.DataFolder);
            if (settings.Demo is not null) DataFile.Remove(settings.DataFile);
            await using var scope = services.CreateAsyncScope();
            await DataFile.Prepare(scope.ServiceProvider.GetRequiredService<RallyDb>(), stop);
            if (settings.NewPassword) await ForgetPassword(scope.ServiceProvider.GetRequiredService<UserManager<Owner>>());
            if (settings.Demo is { } folder) await LoadDemo(scope.ServiceProvider, folder, stop);
        }
        catch (Exception wrong) when (wrong is IOException or UnauthorizedAccessException or SqliteException)
        {
            throw new StartRefusedException($"The data folder {settings.DataFolder} cannot be used: {wrong.Message}", "Check that the disk has room and that you may write there, or choose another folder with --data DIR.");
        }
    }

    /// <summary>Whoever was signed in is out too.</summary>
    private static async Task ForgetPassword(UserManager<Owner> owners)
    {
        var teacher = (await owners.FindByIdAsync(Owner.LocalTeacher.ToString()))!;
        await owners.RemovePasswordAsync(teacher);
    }

    /// <summary>
    /// Classes and briefs first, so that rallies find theirs. The last rally that was scored is laid on today, in the middle of its
    /// lesson, and the others as many days on.
    /// </summary>
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
        var now = services.GetRequiredService<TimeProvider>().GetLocalNow();
        var last = rallies.Where(r => r.Rally.Entries.Count > 0).MaxBy(r => r.Rally.Date).Rally;
        var days = last.Date is { } day ? DateOnly.FromDateTime(now.DateTime).DayNumber - day.DayNumber : 0;
        foreach (var (file, rally) in rallies)
        {
            var by = rally == last ? now - Pause - rally.Entries.Max(e => e.At) : TimeSpan.FromDays(days);
            var imported = Read(await importer.Import(Json.Write(rally with { Date = rally.Date?.AddDays(days), Entries = Log.Moved(rally.Entries, by) }), stop), file);
            foreach (var picture in Files(folder, Path.GetFileName(file).Replace(".rally.json", ".*.jpg", StringComparison.Ordinal)))
                await AddPhoto(services.GetRequiredService<PhotoAlbum>(), imported.Id, picture, now, stop);
        }
    }

    /// <summary>A photo's file is called after its rally and its team; it is read as one that a camera sends.</summary>
    private static async Task AddPhoto(PhotoAlbum album, Guid rally, string file, DateTimeOffset at, CancellationToken stop)
    {
        var picture = Read(Picture.Read(await File.ReadAllBytesAsync(file, stop)), file);
        var photo = new StoredPhoto { Id = Guid.CreateVersion7(), RallyId = rally, TeamId = Path.GetFileName(file).Split('.')[1], Round = 1, Width = picture.Width, Height = picture.Height, By = "Teacher", At = at.ToUniversalTime() };
        await album.Add(photo, picture.Jpeg, stop);
    }

    private static IEnumerable<string> Files(string folder, string pattern) => Directory.GetFiles(folder, pattern).Order(StringComparer.Ordinal);

    private static T Read<T>(Result<T> read, string file)
        where T : notnull =>
        read.IsOk ? read.Value : throw new StartRefusedException($"The demo file {file} cannot be read: {string.Join(" ", read.Problems)}", "Mend the file, or start without the demo.");
}
