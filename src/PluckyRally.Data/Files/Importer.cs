using PluckyRally.Core.Briefs;
using PluckyRally.Core.Documents;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Score;
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

/// <summary>What taking a file in would do.</summary>
/// <param name="Sort">What it holds.</param>
/// <param name="Title">What that is called.</param>
/// <param name="Says">What would come of it, in a sentence.</param>
/// <param name="Snags">For a brief: how many snags stop it from being run.</param>
/// <param name="Warnings">What is worth knowing, such as fields that are not known.</param>
/// <param name="Here">The rally that is here already, with the same entries; absent where it is new.</param>
public sealed record LookedAt(
    ImportedSort Sort,
    string Title,
    string Says,
    int Snags,
    IReadOnlyList<Problem> Warnings,
    string? Here = null
);

/// <summary>Takes in files of the open formats. The demo comes through here as well.</summary>
public sealed class Importer(BriefShelf shelf, RallyLog log)
{
    /// <summary>Takes in one file, whole or not at all.</summary>
    public async Task<Result<Imported>> Import(string json, CancellationToken stop) =>
        DocumentReader.FormatOf(json) switch
        {
            Rally.FormatName => await ImportRally(json, stop),
            _ => await ImportBrief(json, stop),
        };

    /// <summary>What taking in a file would do, or all that is wrong with it. Nothing is kept.</summary>
    public async Task<Result<LookedAt>> Look(string json, CancellationToken stop)
    {
        if (DocumentReader.FormatOf(json) == Rally.FormatName)
        {
            var rally = DocumentReader.Rally(json);
            if (!rally.IsOk)
                return Result<LookedAt>.Refused(rally.Problems);
            var opened = OpenedRally.Open(rally.Value.Value);
            var here = opened.IsOk ? await log.FindSame(opened.Value, stop) : null;
            return opened.IsOk
                ? Result<LookedAt>.Ok(
                    new(
                        ImportedSort.Rally,
                        opened.Value.Rally.Name,
                        $"A rally of {opened.Value.Rally.Teams.Count} teams with "
                            + $"{opened.Value.Rally.Entries.Count} entries. It is added to the list of rallies."
                            + $"{SetAside(opened.Value)}",
                        0,
                        [.. rally.Problems, .. opened.Value.Notes],
                        here
                    )
                )
                : Result<LookedAt>.Refused(opened.Problems);
        }

        var brief = DocumentReader.Brief(json);
        if (!brief.IsOk)
            return Result<LookedAt>.Refused(brief.Problems);
        var title = brief.Value.Value.Title;
        var there = title.Length > 0 && await shelf.FindByTitle(title, stop) is not null;
        return Result<LookedAt>.Ok(
            new(
                ImportedSort.Brief,
                title,
                there
                    ? "A brief. You already have one with this title. It stays as it is, and this one is added "
                        + "beside it."
                    : "A brief. It will be added to your briefs.",
                Snags.Of(brief.Value.Value).Count(s => s.Weight == SnagWeight.Stops),
                brief.Problems
            )
        );
    }

    /// <summary>What is not scored is said before the file is taken in.</summary>
    private static string SetAside(OpenedRally opened) =>
        opened.Aside.Count(a => !a.Struck) switch
        {
            0 => "",
            1 => " 1 entry more is kept, but set aside and not scored:",
            var more => $" {more} entries more are kept, but set aside and not scored:",
        };

    private async Task<Result<Imported>> ImportBrief(string json, CancellationToken stop)
    {
        var document = DocumentReader.Brief(json);
        if (!document.IsOk)
            return Result<Imported>.Refused(document.Problems);
        var brief = await shelf.Add(document.Value, stop);
        return Result<Imported>.Ok(new(ImportedSort.Brief, brief.Id.Value, document.Problems));
    }

    private async Task<Result<Imported>> ImportRally(string json, CancellationToken stop)
    {
        var document = DocumentReader.Rally(json);
        if (!document.IsOk)
            return Result<Imported>.Refused(document.Problems);
        var opened = OpenedRally.Open(document.Value.Value);
        if (!opened.IsOk)
            return Result<Imported>.Refused(opened.Problems);
        var id = await log.Add(
            opened.Value.Rally with
            {
                Teams = opened.Value.Joined,
                Entries = opened.Value.Received,
            },
            await shelf.FindByTitle(opened.Value.Rally.Edition.Brief.Title, stop),
            stop
        );
        return Result<Imported>.Ok(new(ImportedSort.Rally, id.Value, [.. document.Problems, .. opened.Value.Notes]));
    }
}
