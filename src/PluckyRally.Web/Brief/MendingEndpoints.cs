using Microsoft.AspNetCore.Http.HttpResults;
using PluckyRally.Core;
using PluckyRally.Data;
using PluckyRally.Data.Briefs;
using PluckyRally.Data.Rallies;

namespace PluckyRally.Web;

/// <summary>Station Brief of a rally: mending the brief while it is run, for all rounds or for one.</summary>
internal static class MendingEndpoints
{
    public static void MapMending(this IEndpointRouteBuilder api)
    {
        var mending = api.MapGroup("/rallies/{id:guid}/mending").WithTags("Brief");
        mending.MapGet("", Open).WithName("openMending");
        mending
            .MapPost("/look", Look)
            .WithName("lookAtMending")
            .Accepts<BriefToMend>("application/json")
            .TakesAtMost(Limits.BriefBytes);
        mending.MapPost("/shelved", Shelve).WithName("shelveEdition");
        mending
            .MapPost("", Mend)
            .WithName("mendBrief")
            .Accepts<BriefToMend>("application/json")
            .TakesAtMost(Limits.BriefBytes);
    }

    private static async Task<Results<Ok<MendingOpened>, Missing, Refused>> Open(
        Guid id,
        RallyLog log,
        CancellationToken stop,
        int round = 1
    )
    {
        if (await log.Open(id, stop) is not { } found)
            return new Missing("rally");
        if (round is < 1 or > Limits.Rounds)
            return new Missing("round");
        return found.Opened.IsOk
            ? TypedResults.Ok(new MendingOpened(found.Opened.Value.Mended(round), found.Opened.Value.Mended()))
            : new Refused(found.Opened.Problems);
    }

    /// <summary>What would change; nothing is kept.</summary>
    private static async Task<Results<Ok<MendingSeen>, Missing, Refused, ChangedMeanwhile>> Look(
        Guid id,
        SentJson sent,
        RallyLog log,
        BriefShelf shelf,
        TimeProvider time,
        CancellationToken stop
    )
    {
        var request = DocumentReader.Request<BriefToMend>(sent.Text);
        if (!request.IsOk)
            return new Refused(request.Problems);
        if (await log.Open(id, stop) is not { } found)
            return new Missing("rally");
        if (!found.Opened.IsOk)
            return new Refused(found.Opened.Problems);
        var (opened, wanted) = (found.Opened.Value, request.Value.Value);
        if (wanted.Meanwhile(opened) is { } before)
            return new ChangedMeanwhile("brief", before);
        var entry = wanted.AsEntry(opened, time.GetUtcNow()) with { Reason = "seen before it is kept" };
        var seen = MendingSeen.Of(opened, entry);
        if (!seen.IsOk)
            return new Refused(seen.Problems);
        return TypedResults.Ok(
            seen.Value with
            {
                Shelf =
                    found.Stored.BriefId is { } brief && await shelf.Find(brief, stop) is { } stored
                        ? stored.Title
                        : null,
            }
        );
    }

    private static async Task<Results<Ok<BriefNowMended>, Missing, Refused, ChangedMeanwhile>> Mend(
        Guid id,
        SentJson sent,
        RallyLog log,
        BriefShelf shelf,
        LiveTeller live,
        TimeProvider time,
        CancellationToken stop
    )
    {
        var request = DocumentReader.Request<BriefToMend>(sent.Text);
        if (!request.IsOk)
            return new Refused(request.Problems);
        if (await log.Open(id, stop) is not { } found)
            return new Missing("rally");
        if (!found.Opened.IsOk)
            return new Refused(found.Opened.Problems);
        var wanted = request.Value.Value;
        if (wanted.Meanwhile(found.Opened.Value) is { } before)
            return new ChangedMeanwhile("brief", before);
        var entry = wanted.AsEntry(found.Opened.Value, time.GetUtcNow());
        if (MendingSeen.Of(found.Opened.Value, entry) is { IsOk: false } wrong)
            return new Refused(wrong.Problems);
        IReadOnlyList<Difference>? meanwhile = null;
        if (await log.Record(id, entry, Refuse, stop) is not { } recorded)
            return new Missing("rally");
        if (meanwhile is not null)
            return new ChangedMeanwhile("brief", meanwhile);
        if (!recorded.IsOk)
            return new Refused(recorded.Problems);
        await live.Tell(id, recorded.Value.Rally);
        var shelved =
            wanted.ShelfToo && found.Stored.BriefId is { } brief
                ? await OnShelf(brief, found.Opened.Value.Begun.Edition.Tier, entry.Changes, shelf, stop)
                : null;
        return TypedResults.Ok(new BriefNowMended(entry.Id, shelved));

        // Looked at once more where nothing else is written to the rally: two windows may keep at the same moment.
        Problem? Refuse(KeptRally now)
        {
            meanwhile = wanted.Meanwhile(now.Opened.OrThrow());
            return meanwhile is null
                ? null
                : new("/was", "The brief was changed in another window.", "Look at what the other window changed.");
        }
    }

    /// <summary>Puts the brief on the shelf as a round runs it.</summary>
    private static async Task<Results<Created<BriefOnShelf>, Missing, Refused>> Shelve(
        Guid id,
        RallyLog log,
        BriefShelf shelf,
        CancellationToken stop,
        int round = 1
    )
    {
        if (await log.Open(id, stop) is not { } found)
            return new Missing("rally");
        if (round is < 1 or > Limits.Rounds)
            return new Missing("round");
        if (!found.Opened.IsOk)
            return new Refused(found.Opened.Problems);
        var brief = found.Opened.Value.Mended(round);
        var there = await shelf.FindByTitle(brief.Title, stop) is not null;
        var document = DocumentReader.Brief(
            Json.Write(there ? brief with { Title = $"{brief.Title} ({found.Rally.Name})" } : brief)
        );
        if (!document.IsOk)
            return new Refused(document.Problems);
        var stored = await shelf.Add(document.Value, stop);
        return TypedResults.Created($"/api/briefs/{stored.Id}", BriefOnShelf.Of(stored));
    }

    /// <summary>Lays the same over the brief on the shelf; gives why that could not be done.</summary>
    private static async Task<string?> OnShelf(
        Guid brief,
        string tier,
        IReadOnlyList<Override> changes,
        BriefShelf shelf,
        CancellationToken stop
    )
    {
        if (await shelf.Find(brief, stop) is not { } stored)
            return "The brief is not on the shelf any more.";
        var document = DocumentReader.Brief(stored.Document);
        if (!document.IsOk)
            return "The brief on the shelf is not understood by this version.";
        var mended = Mending.OnShelf(document.Value.Value, tier, changes);
        if (!mended.IsOk)
            return mended.Problems[0].What;
        var (outcome, _) = await shelf.Save(
            brief,
            stored.Revision,
            "",
            DocumentReader.Brief(Json.Write(mended.Value)).OrThrow(),
            stop
        );
        return outcome == SaveOutcome.Saved
            ? null
            : "The brief on the shelf was changed at the same moment. Change it there.";
    }
}

/// <summary>The brief of a rally as it can be mended further.</summary>
/// <param name="Brief">As a round has it, nothing cut.</param>
/// <param name="Mended">What was mended in it so far, for all rounds.</param>
public sealed record MendingOpened(Core.Brief Brief, IReadOnlyList<MendedSince> Mended);

/// <summary>A brief as it is to be run from now on.</summary>
/// <param name="Was">The brief as that round had it when the change was begun.</param>
/// <param name="Brief">The whole brief, as a round has it, with what is mended.</param>
/// <param name="Round">The first round for which it holds.</param>
/// <param name="OnlyThisRound">Whether it holds for that round alone.</param>
/// <param name="Reason">Why.</param>
/// <param name="ShelfToo">Whether the brief on the shelf is mended too.</param>
/// <param name="PricesFromNow">Whether prices that change hold for what is bought from now on alone.</param>
public sealed record BriefToMend(
    Core.Brief Was,
    Core.Brief Brief,
    int Round = 1,
    bool OnlyThisRound = false,
    string Reason = "",
    bool ShelfToo = false,
    bool PricesFromNow = false
)
{
    /// <summary>
    /// Where the brief differs that another window has mended meanwhile; null where nobody has.
    /// </summary>
    internal IReadOnlyList<Difference>? Meanwhile(OpenedRally opened)
    {
        var stands = opened.Mended(Round);
        return Json.Same(stands, Was) ? null : Difference.Between(stands, Brief);
    }

    internal Entry.BriefMended AsEntry(OpenedRally opened, DateTimeOffset now) =>
        new()
        {
            Id = Guid.CreateVersion7(now),
            At = now,
            By = Caller.Teacher,
            Round = Round,
            OnlyThisRound = OnlyThisRound,
            PricesFromNow = PricesFromNow,
            Reason = Reason.Trim(),
            Changes = Mending.Between(opened.Mended(Round), Brief with { Tiers = [] }),
        };
}

/// <summary>The brief was mended.</summary>
/// <param name="Entry">The entry that says so.</param>
/// <param name="NotOnShelf">Why the brief on the shelf was not; absent where it was, or was not to be.</param>
public sealed record BriefNowMended(Guid Entry, string? NotOnShelf = null);
