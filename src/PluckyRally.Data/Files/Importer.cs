using PluckyRally.Core;
using PluckyRally.Data.Briefs;
using PluckyRally.Data.Rallies;

namespace PluckyRally.Data.Files;

/// <summary>What a file held.</summary>
public enum ImportedSort
{
    /// <summary>A brief.</summary>
    Brief,

    /// <summary>A rally.</summary>
    Rally,
}

/// <summary>What a file has become.</summary>
/// <param name="Sort">What it held.</param>
/// <param name="Id">The id that it has here.</param>
/// <param name="Warnings">What is worth knowing, such as fields that are not known.</param>
public sealed record Imported(ImportedSort Sort, Guid Id, IReadOnlyList<Problem> Warnings);

/// <summary>Takes in files of the open formats. The demo comes through here as well.</summary>
public sealed class Importer(BriefShelf shelf, RallyLog log)
{
    /// <summary>Takes in one file, whole or not at all.</summary>
    public async Task<Result<Imported>> Import(string json, CancellationToken stop) => DocumentReader.FormatOf(json) switch
    {
        Rally.FormatName => await ImportRally(json, stop),
        _ => await ImportBrief(json, stop),
    };

    private async Task<Result<Imported>> ImportBrief(string json, CancellationToken stop)
    {
        var document = DocumentReader.Brief(json);
        if (!document.IsOk) return Result<Imported>.Refused(document.Problems);
        var brief = await shelf.Add(document.Value, stop);
        return Result<Imported>.Ok(new(ImportedSort.Brief, brief.Id, document.Problems));
    }

    private async Task<Result<Imported>> ImportRally(string json, CancellationToken stop)
    {
        var document = DocumentReader.Rally(json);
        if (!document.IsOk) return Result<Imported>.Refused(document.Problems);
        var opened = OpenedRally.Open(document.Value.Value);
        if (!opened.IsOk) return Result<Imported>.Refused(opened.Problems);
        var id = await log.Add(opened.Value.Rally, await shelf.FindByTitle(opened.Value.Rally.Edition.Brief.Title, stop), stop);
        return Result<Imported>.Ok(new(ImportedSort.Rally, id, document.Problems));
    }
}
