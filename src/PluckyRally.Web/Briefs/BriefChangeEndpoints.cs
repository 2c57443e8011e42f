using Microsoft.AspNetCore.Http.HttpResults;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Documents;
using PluckyRally.Core.Files;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Results;
using PluckyRally.Core.Score;
using PluckyRally.Data;
using PluckyRally.Data.Briefs;
using PluckyRally.Data.Rallies;
using PluckyRally.Web.Live;
using PluckyRally.Web.Problems;
using PluckyRally.Web.Score;

namespace PluckyRally.Web.Briefs;

/// <summary>Station Brief of a rally: changing the brief while it is run, for all rounds or for one.</summary>
internal static class BriefChangeEndpoints
{
    public static void MapBriefChanges(this IEndpointRouteBuilder api)
    {
        var changes = api.MapGroup("/rallies/{id:guid}/brief-changes").WithTags("Brief");
        changes.MapGet("", Open).WithName("openBriefChange");
        changes
            .MapPost("/preview", Preview)
            .WithName("previewBriefChange")
            .Accepts<BriefToChange>("application/json")
            .TakesAtMost(Limits.BriefBytes);
        changes.MapPost("/shelved", Shelve).WithName("shelveEdition");
        changes
            .MapPost("", Change)
            .WithName("changeBrief")
            .Accepts<BriefToChange>("application/json")
            .TakesAtMost(Limits.BriefBytes);
    }

    private static Task<Results<Ok<BriefForChange>, Missing, Refused>> Open(
        RallyId id,
        RallyLog log,
        CancellationToken stop,
        int round = 1
    ) => log.Open(id, stop).InRound(round, (_, rally) => new BriefForChange(rally.BriefOf(round), rally.Changes()));

    /// <summary>What would change; nothing is kept.</summary>
    private static async Task<Results<Ok<ChangePreview>, Missing, Refused, ChangedMeanwhile>> Preview(
        RallyId id,
        SentJson sent,
        RallyLog log,
        BriefShelf shelf,
        CancellationToken stop
    )
    {
        var request = DocumentReader.Request<BriefToChange>(sent.Text);
        if (!request.IsOk)
            return new Refused(request.Problems);
        if (await log.Open(id, stop) is not { } found)
            return new Missing("rally");
        if (!found.Opened.IsOk)
            return new Refused(found.Opened.Problems);
        var (opened, wanted) = (found.Opened.Value, request.Value.Value);
        if (wanted.Meanwhile(opened) is { } before)
            return new ChangedMeanwhile("brief", before);
        var entry = wanted.AsEntry(opened) with { Reason = "seen before it is kept" };
        var seen = ChangePreview.Of(opened, entry);
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

    private static async Task<Results<Ok<BriefChanged>, Missing, Refused, ChangedMeanwhile>> Change(
        RallyId id,
        SentJson sent,
        RallyLog log,
        EntryIntake intake,
        BriefShelf shelf,
        CancellationToken stop
    )
    {
        var request = DocumentReader.Request<BriefToChange>(sent.Text);
        if (!request.IsOk)
            return new Refused(request.Problems);
        if (await log.Open(id, stop) is not { } found)
            return new Missing("rally");
        if (!found.Opened.IsOk)
            return new Refused(found.Opened.Problems);
        var wanted = request.Value.Value;
        IReadOnlyList<Difference>? meanwhile = null;
        var recorded = await intake.Take(id, Decide, stop);
        if (meanwhile is not null)
            return new ChangedMeanwhile("brief", meanwhile);
        if (recorded is not { IsOk: true, Value.Entries: [Entry.BriefMended entry] })
            return recorded is null ? new Missing("rally") : new Refused(recorded.Problems);
        var shelved =
            wanted.ShelfToo && found.Stored.BriefId is { } brief
                ? await OnShelf(brief, found.Opened.Value.Begun.Edition.Tier, entry.Changes, shelf, stop)
                : null;
        return TypedResults.Ok(new BriefChanged(entry.Id, shelved));

        // Two windows may save at the same moment.
        Result<Entry> Decide(OpenedRally now)
        {
            meanwhile = wanted.Meanwhile(now);
            if (meanwhile is not null)
                return Result<Entry>.Refused(
                    new Problem(
                        "/was",
                        "The brief was changed in another window.",
                        "Look at what the other window changed."
                    )
                );
            var change = wanted.AsEntry(now);
            return ChangePreview.Of(now, change) is { IsOk: false } wrong
                ? Result<Entry>.Refused(wrong.Problems)
                : Result<Entry>.Ok(change);
        }
    }

    /// <summary>Puts the brief on the shelf as a round runs it.</summary>
    private static async Task<Results<Created<BriefOnShelf>, Missing, Refused>> Shelve(
        RallyId id,
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
        var brief = found.Opened.Value.BriefOf(round);
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
        BriefId brief,
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
        var changed = BriefChanges.OnShelf(document.Value.Value, tier, changes);
        if (!changed.IsOk)
            return changed.Problems[0].What;
        var (outcome, _) = await shelf.Save(
            brief,
            stored.Revision,
            "",
            DocumentReader.Brief(Json.Write(changed.Value)).OrThrow(),
            stop
        );
        return outcome == SaveOutcome.Saved
            ? null
            : "The brief on the shelf was changed at the same moment. Change it there.";
    }
}

/// <summary>The brief of a rally as it can be changed further.</summary>
/// <param name="Brief">As a round has it, nothing cut.</param>
/// <param name="BriefChanges">What was changed in it so far, for all rounds.</param>
public sealed record BriefForChange(Brief Brief, IReadOnlyList<BriefChange> BriefChanges);

/// <summary>A brief as it is to be run from now on.</summary>
/// <param name="Was">The brief as that round had it when the change was begun.</param>
/// <param name="Brief">The whole brief, as a round has it, with what is changed.</param>
/// <param name="Round">The first round for which it holds.</param>
/// <param name="OnlyThisRound">Whether it holds for that round alone.</param>
/// <param name="Reason">Why.</param>
/// <param name="ShelfToo">Whether the brief on the shelf is changed too.</param>
/// <param name="PricesFromNow">Whether prices that change hold for what is bought from now on alone.</param>
public sealed record BriefToChange(
    Brief Was,
    Brief Brief,
    int Round = 1,
    bool OnlyThisRound = false,
    string Reason = "",
    bool ShelfToo = false,
    bool PricesFromNow = false
)
{
    /// <summary>
    /// Where the brief differs that another window has changed meanwhile; null where nobody has.
    /// </summary>
    internal IReadOnlyList<Difference>? Meanwhile(OpenedRally opened)
    {
        var stands = opened.BriefOf(Round);
        return Json.Same(stands, Was) ? null : BriefDifferences.Between(stands, Brief);
    }

    internal Entry.BriefMended AsEntry(OpenedRally opened) =>
        new()
        {
            Id = new(Guid.CreateVersion7()),
            Round = Round,
            OnlyThisRound = OnlyThisRound,
            PricesFromNow = PricesFromNow,
            Reason = Reason.Trim(),
            Changes = BriefChanges.Between(opened.BriefOf(Round), Brief with { Tiers = [] }),
        };
}

/// <summary>The brief was changed.</summary>
/// <param name="Entry">The entry that says so.</param>
/// <param name="NotOnShelf">Why the brief on the shelf was not; absent where it was, or was not to be.</param>
public sealed record BriefChanged(EntryId Entry, string? NotOnShelf = null);
