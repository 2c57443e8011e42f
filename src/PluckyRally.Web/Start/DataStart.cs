using Microsoft.AspNetCore.Identity;
using PluckyRally.Core.Documents;
using PluckyRally.Core.Files;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Kit;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Score;
using PluckyRally.Core.Teams;
using PluckyRally.Data;
using PluckyRally.Data.Classes;
using PluckyRally.Data.Days;
using PluckyRally.Data.Files;
using PluckyRally.Data.Folder;
using PluckyRally.Data.Kit;
using PluckyRally.Data.Owners;
using PluckyRally.Data.Photos;
using PluckyRally.Data.Schools;
using PluckyRally.Data.Sessions;
using PluckyRally.Data.Year;
using PluckyRally.Web.Files;
using PluckyRally.Web.Photos;

namespace PluckyRally.Web.Start;

/// <summary>Makes the data ready before the first request.</summary>
internal static class DataStart
{
    /// <summary>How long ago the last entry of the demo's running lesson was made.</summary>
    private static readonly TimeSpan Pause = TimeSpan.FromSeconds(40);

    /// <summary>Takes the folder for this server alone.</summary>
    /// <exception cref="StartRefusedException">Another server has it, or it cannot be written to.</exception>
    public static FolderLock Take(DataFolder folder)
    {
        try
        {
            OwnFiles.Folder(folder.Path);
            if (FolderLock.Take(folder) is { } held)
            {
                Leftovers.Clear(folder);
                return held;
            }

            var where = FolderLock.HolderOf(folder);
            throw new StartRefusedException(
                $"Plucky Rally is running with the data in {folder.Path} already"
                    + $"{(where.Length > 0 ? $", at {where}" : "")}.",
                "Use that one, or end it first. One folder serves one server; another one needs a folder "
                    + "of its own, with --data DIR."
            );
        }
        catch (Exception wrong) when (wrong is IOException or UnauthorizedAccessException)
        {
            var trouble = DataTrouble.Of(wrong, folder.Path);
            throw new StartRefusedException(trouble.What, trouble.Remedy);
        }
    }

    /// <summary>
    /// Makes the data file or brings it up to date; a fresh demo's file is made anew. Gives what stands in the way.
    /// </summary>
    public static async Task<DataTrouble?> Prepare(DataFolder folder, bool freshDemo)
    {
        if (freshDemo)
            DataFile.Remove(folder);
        return await DataFile.Prepare(folder, TimeProvider.System, CancellationToken.None);
    }

    /// <summary>What is done with the data before the first request.</summary>
    public static async Task Fill(IServiceProvider services, ServerSettings settings, CancellationToken stop)
    {
        await using var scope = services.CreateAsyncScope();
        await DataFile.DescribeOlder(scope.ServiceProvider.GetRequiredService<RallyDb>(), stop);
        await scope.ServiceProvider.GetRequiredService<SessionBook>().Sweep(stop);
        if (settings.NewPassword)
            await ForgetPassword(scope.ServiceProvider, stop);
        if (settings.Demo is { } folder)
            await LoadDemo(scope.ServiceProvider, folder, stop);
    }

    /// <summary>Whoever was signed in as the teacher is out too.</summary>
    private static async Task ForgetPassword(IServiceProvider services, CancellationToken stop)
    {
        var owners = services.GetRequiredService<UserManager<Owner>>();
        var teacher = (await owners.FindByIdAsync(Owner.LocalTeacher.ToString()))!;
        if (await owners.RemovePasswordAsync(teacher) is { Succeeded: false } kept)
            throw new StartRefusedException(
                $"The password could not be forgotten: {string.Join(" ", kept.Errors.Select(e => e.Description))}",
                "End whatever else uses the data, then start again."
            );
        await services.GetRequiredService<SessionBook>().EndTeachers("", stop);
    }

    /// <summary>
    /// Classes and briefs first, so that rallies find theirs. The last rally that was scored is laid on today, in the
    /// middle of its lesson, and the others as many days on.
    /// </summary>
    private static async Task LoadDemo(IServiceProvider services, string folder, CancellationToken stop)
    {
        var register = services.GetRequiredService<ClassRegister>();
        foreach (var file in Files(folder, "*.class.csv"))
        {
            var list = Read(ClassList.Read(CsvText.Rows(await File.ReadAllTextAsync(file, stop))), file);
            await register.Add(
                Path.GetFileName(file).Split('.')[0].Replace("class-", "Class ", StringComparison.Ordinal),
                list.Students,
                stop
            );
        }

        foreach (var file in Files(folder, "cupboard.csv"))
            await services
                .GetRequiredService<Cupboard>()
                .Put(Read(CupboardList.Read(CsvText.Rows(await File.ReadAllTextAsync(file, stop))), file), stop);

        var importer = services.GetRequiredService<Importer>();
        var briefs = new Dictionary<string, BriefId>(StringComparer.Ordinal);
        foreach (var file in Files(folder, "*.brief.json"))
            briefs[Path.GetFileName(file)] = new(
                Read(await importer.Import(await File.ReadAllTextAsync(file, stop), stop), file).Id
            );

        var rallies = new List<(string File, Rally Rally)>();
        foreach (var file in Files(folder, "*.rally.json"))
            rallies.Add((file, Read(DocumentReader.Rally(await File.ReadAllTextAsync(file, stop)), file).Value));
        var now = services.GetRequiredService<TimeProvider>().GetLocalNow();
        var last = rallies.Where(r => r.Rally.Entries.Count > 0).MaxBy(r => r.Rally.Date).Rally;
        var made = new Dictionary<string, RallyId>(StringComparer.Ordinal);
        var days = last.Date is { } day ? DateOnly.FromDateTime(now.DateTime).DayNumber - day.DayNumber : 0;
        foreach (var (file, rally) in rallies)
        {
            var by = rally == last ? now - Pause - rally.Entries.Max(e => e.At) : TimeSpan.FromDays(days);
            var imported = Read(
                await importer.Import(
                    Json.Write(rally with { Date = rally.Date?.AddDays(days), Entries = Log.Moved(rally.Entries, by) }),
                    stop
                ),
                file
            );
            var id = made[Path.GetFileName(file)] = new(imported.Id);
            foreach (
                var picture in Files(
                    folder,
                    Path.GetFileName(file).Replace(".rally.json", ".*.jpg", StringComparison.Ordinal)
                )
            )
                await AddPhoto(services.GetRequiredService<PhotoAlbum>(), id, picture, now, stop);
        }

        var (today, year) = (DateOnly.FromDateTime(now.DateTime), Path.Combine(folder, "year"));
        await LoadDays(services.GetRequiredService<DayBook>(), year, made, today, stop);
        foreach (var file in Files(year, "school.json"))
            await services
                .GetRequiredService<SchoolBook>()
                .Put(
                    new(),
                    Read(DocumentReader.School(await File.ReadAllTextAsync(file, stop)), file).Value.School,
                    stop
                );
        foreach (var file in Files(year, "plans.json"))
        foreach (var plan in Read(DocumentReader.Plans(await File.ReadAllTextAsync(file, stop)), file).Value.Plans)
            await services.GetRequiredService<PlanBook>().Add(plan.Read(briefs[plan.File], today), stop);
    }

    /// <summary>Fair days are laid on today; they name rallies by their files.</summary>
    private static async Task LoadDays(
        DayBook book,
        string folder,
        Dictionary<string, RallyId> made,
        DateOnly today,
        CancellationToken stop
    )
    {
        foreach (var file in Files(folder, "*.day.json"))
        {
            var read = Read(DocumentReader.Day(await File.ReadAllTextAsync(file, stop)), file).Value;
            await book.Add(read.Read(today, name => made[name]), stop);
        }
    }

    /// <summary>A photo's file is called after its rally and its team; it is read as one that a camera sends.</summary>
    private static async Task AddPhoto(
        PhotoAlbum album,
        RallyId rally,
        string file,
        DateTimeOffset at,
        CancellationToken stop
    )
    {
        var picture = Read(Picture.Read(file), file);
        var photo = new StoredPhoto
        {
            Id = Guid.CreateVersion7(),
            RallyId = rally,
            TeamId = new(Path.GetFileName(file).Split('.')[1]),
            Round = 1,
            Width = picture.Width,
            Height = picture.Height,
            By = "Teacher",
            At = at.ToUniversalTime(),
        };
        await album.Add(photo, picture.Jpeg, stop);
    }

    private static IEnumerable<string> Files(string folder, string pattern) =>
        (Directory.Exists(folder) ? Directory.GetFiles(folder, pattern) : []).Order(StringComparer.Ordinal);

    private static T Read<T>(Result<T> read, string file)
        where T : notnull =>
        read.IsOk
            ? read.Value
            : throw new StartRefusedException(
                $"The demo file {file} cannot be read: {string.Join(" ", read.Problems)}",
                "Fix the file, or start without the demo."
            );
}
