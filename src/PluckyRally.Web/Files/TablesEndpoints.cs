using System.Data;
using System.IO.Compression;
using System.Text;
using Microsoft.AspNetCore.Http.HttpResults;
using MiniExcelLibs;
using PluckyRally.Core.Files;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Results;
using PluckyRally.Core.Score;
using PluckyRally.Data.Folder;
using PluckyRally.Data.Photos;
using PluckyRally.Data.Rallies;
using PluckyRally.Web.Problems;

namespace PluckyRally.Web.Files;

/// <summary>A rally's results, figures and readings as tables, and everything of it in one file.</summary>
internal static class TablesEndpoints
{
    private const string Spreadsheet = "application/vnd.openxmlformats-officedocument.spreadsheetml.sheet";

    public static void MapTables(this IEndpointRouteBuilder api)
    {
        var rally = api.MapGroup("/rallies/{id:guid}").WithTags("Files");
        rally.MapGet("/tables/{name}.csv", Csv).WithName("rallyTable");
        rally.MapGet("/tables.xlsx", Workbook).WithName("rallyWorkbook");
        rally.MapGet("/everything.zip", Everything).WithName("rallyWithPhotos");
    }

    private static async Task<Results<FileContentHttpResult, Missing, Refused>> Csv(
        RallyId id,
        string name,
        RallyLog log,
        CancellationToken stop
    )
    {
        if (await log.Open(id, stop) is not { } found)
            return new Missing("rally");
        if (!found.Opened.IsOk)
            return new Refused(found.Opened.Problems);
        return RallyTable.All(found.Opened.Value).FirstOrDefault(t => t.Name == name) is { } table
            ? CsvText.File($"{name}.csv", table.Columns, table.Rows)
            : new Missing("table");
    }

    /// <summary>All tables, a sheet each (Office Open XML, ISO/IEC 29500).</summary>
    private static async Task<Results<FileContentHttpResult, Missing, Refused>> Workbook(
        RallyId id,
        RallyLog log,
        CancellationToken stop
    )
    {
        if (await log.Open(id, stop) is not { } found)
            return new Missing("rally");
        if (!found.Opened.IsOk)
            return new Refused(found.Opened.Problems);
        return TypedResults.File(Written(RallyTable.All(found.Opened.Value)), Spreadsheet, "tables.xlsx");
    }

    /// <summary>The rally's file, its tables and its photos, put together in one.</summary>
    private static async Task<Results<FileStreamHttpResult, Missing, Refused>> Everything(
        RallyId id,
        RallyLog log,
        PhotoAlbum album,
        DataFolder folder,
        CancellationToken stop
    )
    {
        if (await log.Open(id, stop) is not { } found)
            return new Missing("rally");
        if (!found.Opened.IsOk)
            return new Refused(found.Opened.Problems);
        var file = await PassingFile.Write(folder, to => Pack(to, id, found.Rally, found.Opened.Value, album, stop));
        return TypedResults.File(file, "application/zip", "everything.zip");
    }

    private static async Task Pack(
        string file,
        RallyId id,
        Rally rally,
        OpenedRally opened,
        PhotoAlbum album,
        CancellationToken stop
    )
    {
        await using var zip = new ZipArchive(new FileStream(file, OwnFiles.Fresh), ZipArchiveMode.Create);
        await Add("rally.json", Encoding.UTF8.GetBytes(Json.Write(rally)));
        var tables = RallyTable.All(opened);
        foreach (var table in tables)
            await Add($"{table.Name}.csv", CsvText.File("", table.Columns, table.Rows).FileContents);
        await Add("tables.xlsx", Written(tables));
        var names = opened.NamesOnSheets;
        var counted = 0;
        foreach (var photo in await album.Of(id, stop))
        {
            // A photo that is gone from the disk is left out; the others are still wanted.
            if (await album.FileOf(id, photo.Id, stop) is { } picture && File.Exists(picture))
                await Add(
                    $"photos/{++counted:000} {Plain(names.GetValueOrDefault(photo.TeamId, photo.TeamId.Value))}, round "
                        + $"{photo.Round}.jpg",
                    await File.ReadAllBytesAsync(picture, stop)
                );
        }

        async Task Add(string name, ReadOnlyMemory<byte> content)
        {
            await using var entry = await zip.CreateEntry(name, CompressionLevel.Fastest).OpenAsync(stop);
            await entry.WriteAsync(content, stop);
        }
    }

    /// <summary>A team's name as part of a file's.</summary>
    private static string Plain(string name) =>
        string.Concat(name.Select(c => char.IsLetterOrDigit(c) || c is ' ' or '-' ? c : '-'));

    private static byte[] Written(IReadOnlyList<RallyTable> tables)
    {
        using var sheets = new DataSet();
        foreach (var table in tables)
        {
            // Two parts may be called alike: a column is named by its number, and has its heading as a caption.
            var sheet = sheets.Tables.Add(table.Name);
            for (var column = 0; column < table.Columns.Count; column++)
                sheet.Columns.Add(new DataColumn($"{column}", typeof(object)) { Caption = table.Columns[column] });
            foreach (var row in table.Rows)
                sheet.Rows.Add([.. row]);
        }

        using var written = new MemoryStream();
        written.SaveAs(sheets);
        return written.ToArray();
    }
}
