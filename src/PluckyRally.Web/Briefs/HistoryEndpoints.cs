using Microsoft.AspNetCore.Http.HttpResults;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Documents;
using PluckyRally.Core.Files;
using PluckyRally.Core.Ids;
using PluckyRally.Data;
using PluckyRally.Data.Briefs;
using PluckyRally.Web.Problems;

namespace PluckyRally.Web.Briefs;

/// <summary>Station Brief: how a brief stood earlier.</summary>
internal static class HistoryEndpoints
{
    public static void MapHistory(this IEndpointRouteBuilder api)
    {
        var versions = api.MapGroup("/briefs/{id:guid}/versions").WithTags("Brief");
        versions.MapGet("", All).WithName("listVersions");
        versions.MapGet("/{revision:int}", Open).WithName("openVersion");
        versions.MapPost("/{revision:int}/restored", Restore).WithName("restoreVersion");
    }

    private static async Task<Ok<IReadOnlyList<VersionKept>>> All(
        BriefId id,
        BriefHistory history,
        CancellationToken stop
    ) =>
        TypedResults.Ok<IReadOnlyList<VersionKept>>([
            .. (await history.All(id, stop)).Select(v => new VersionKept(v.Revision, v.Title, v.SavedAt)),
        ]);

    /// <summary>What has changed from a version to what stands now.</summary>
    private static async Task<Results<Ok<IReadOnlyList<Difference>>, Missing, Refused>> Open(
        BriefId id,
        int revision,
        BriefShelf shelf,
        BriefHistory history,
        CancellationToken stop
    )
    {
        if (await shelf.Find(id, stop) is not { } now || await history.Find(id, revision, stop) is not { } then)
            return new Missing("version");
        var (before, after) = (DocumentReader.Brief(then.Document), DocumentReader.Brief(now.Document));
        return before.IsOk && after.IsOk
            ? TypedResults.Ok(BriefDifferences.Between(before.Value.Value, after.Value.Value))
            : new Refused([.. before.Problems, .. after.Problems]);
    }

    private static async Task<Results<NoContent, Missing, Refused, ChangedMeanwhile>> Restore(
        BriefId id,
        int revision,
        BriefShelf shelf,
        BriefHistory history,
        HttpRequest request,
        CancellationToken stop
    )
    {
        if (Revisions.OpenedAt(request) is not { } openedAt)
            return Revisions.NotSaid();
        if (await history.Find(id, revision, stop) is not { } version)
            return new Missing("version");
        var document = DocumentReader.Brief(version.Document);
        if (!document.IsOk)
            return new Refused(document.Problems);
        var (outcome, brief) = await shelf.Restore(id, openedAt, revision, document.Value, stop);
        return outcome switch
        {
            SaveOutcome.NotFound => new Missing("version"),
            SaveOutcome.Conflict => new ChangedMeanwhile("brief", Revisions.Differences(brief!, document.Value.Value)),
            _ => TypedResults.NoContent(),
        };
    }
}

/// <summary>A version that was kept.</summary>
public sealed record VersionKept(int Revision, string Title, DateTimeOffset SavedAt);
