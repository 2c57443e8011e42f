using System.Text.Json.Nodes;
using Microsoft.AspNetCore.Http.HttpResults;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Documents;
using PluckyRally.Core.Files;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Results;
using PluckyRally.Data.Kit;
using PluckyRally.Web.Problems;

namespace PluckyRally.Web.Briefs;

/// <summary>
/// Station Brief: what the core makes of a brief as it stands in the window, saved or not. Nothing is kept.
/// </summary>
internal static class DraftEndpoints
{
    public static void MapDrafts(this IEndpointRouteBuilder api)
    {
        var drafts = api.MapGroup("/drafts").WithTags("Brief");
        drafts
            .MapPost("/check", Check)
            .WithName("checkDraft")
            .Accepts<Brief>("application/json")
            .TakesAtMost(Limits.BriefBytes);
        drafts
            .MapPost("/changed", Change)
            .WithName("mendDraft")
            .Accepts<DraftChanges>("application/json")
            .Produces<Brief>()
            .TakesAtMost(Limits.BriefBytes);
        drafts
            .MapPost("/tryout", Try)
            .WithName("tryDraft")
            .Accepts<DraftTryout>("application/json")
            .TakesAtMost(Limits.BriefBytes);
        drafts
            .MapPost("/edition", Edition)
            .WithName("draftEdition")
            .Accepts<DraftInTier>("application/json")
            .TakesAtMost(Limits.BriefBytes);
        drafts
            .MapPost("/tier", NewTier)
            .WithName("draftTier")
            .Accepts<DraftForGrades>("application/json")
            .TakesAtMost(Limits.BriefBytes);
        drafts
            .MapPost("/tier/edited", EditTier)
            .WithName("draftEditedTier")
            .Accepts<DraftEditedTier>("application/json")
            .TakesAtMost(2 * Limits.BriefBytes);
        drafts
            .MapPost("/kind", OfKind)
            .WithName("draftKind")
            .Accepts<DraftOfKind>("application/json")
            .TakesAtMost(Limits.BriefBytes);
        drafts
            .MapPost("/unit", InUnit)
            .WithName("draftUnit")
            .Accepts<DraftInUnit>("application/json")
            .TakesAtMost(Limits.BriefBytes);
        drafts
            .MapPost("/name", OfName)
            .WithName("draftName")
            .Accepts<DraftOfName>("application/json")
            .TakesAtMost(Limits.BriefBytes);
    }

    private static async Task<Results<Ok<BriefCheckup>, Refused>> Check(
        SentJson sent,
        Cupboard cupboard,
        CancellationToken stop
    )
    {
        var document = DocumentReader.Brief(sent.Text);
        return document.IsOk
            ? TypedResults.Ok(BriefCheckup.Of(document.Value.Value, await cupboard.All(stop)))
            : new Refused(document.Problems);
    }

    private static Results<ContentHttpResult, Refused> Change(SentJson sent)
    {
        var request = DocumentReader.Request<DraftChanges>(sent.Text);
        if (!request.IsOk)
            return new Refused(request.Problems);
        var changed = Changes.Apply(JsonNode.Parse(sent.Text)!["brief"]!, request.Value.Value.Changes);
        return changed.IsOk ? TypedResults.Text(changed.Value.Text, "application/json") : new Refused(changed.Problems);
    }

    private static Results<Ok<Tryout>, Refused> Try(SentJson sent)
    {
        var request = DocumentReader.Request<DraftTryout>(sent.Text);
        if (!request.IsOk)
            return new Refused(request.Problems);
        var edition = Editions.Resolve(request.Value.Value.Brief, request.Value.Value.Tier);
        if (!edition.IsOk)
            return new Refused(edition.Problems);
        var compiled = CompiledEdition.For(edition.Value);
        if (!compiled.IsOk)
            return new Refused(compiled.Problems);
        var tried = Tryout.Run(compiled.Value, request.Value.Value.Teams);
        return tried.IsOk ? TypedResults.Ok(tried.Value) : new Refused(tried.Problems);
    }

    private static Results<Ok<EditionSheet>, Refused> Edition(SentJson sent)
    {
        var request = DocumentReader.Request<DraftInTier>(sent.Text);
        if (!request.IsOk)
            return new Refused(request.Problems);
        var edition = Editions.Resolve(request.Value.Value.Brief, request.Value.Value.Tier);
        return edition.IsOk
            ? TypedResults.Ok(EditionSheet.Of(request.Value.Value.Brief, edition.Value))
            : new Refused(edition.Problems);
    }

    private static Results<Ok<Tier>, Refused> NewTier(SentJson sent)
    {
        var request = DocumentReader.Request<DraftForGrades>(sent.Text);
        return request.IsOk
            ? TypedResults.Ok(GradeTier.For(request.Value.Value.Brief, request.Value.Value.Grades))
            : new Refused(request.Problems);
    }

    private static Results<Ok<Tier>, Refused> EditTier(SentJson sent)
    {
        var request = DocumentReader.Request<DraftEditedTier>(sent.Text);
        if (!request.IsOk)
            return new Refused(request.Problems);
        var (brief, tier, edited) = request.Value.Value;
        return brief.Tiers.FirstOrDefault(t => t.Id == tier) is { } was
            ? TypedResults.Ok(EditedTier.Of(brief, was, edited))
            : new Refused([new("/tier", "This brief no longer has the tier.", "Add it again, or choose another one.")]);
    }

    private static Results<Ok<Fix>, Refused> OfKind(SentJson sent)
    {
        var request = DocumentReader.Request<DraftOfKind>(sent.Text);
        if (!request.IsOk)
            return new Refused(request.Problems);
        var (brief, measure, kind) = request.Value.Value;
        return KindChange.Of(brief, measure, kind) is { } change
            ? TypedResults.Ok(change)
            : new Refused([new("/measure", "This measure is of that kind already.", "Choose another kind.")]);
    }

    private static Results<Ok<Fix>, Refused> InUnit(SentJson sent)
    {
        var request = DocumentReader.Request<DraftInUnit>(sent.Text);
        if (!request.IsOk)
            return new Refused(request.Problems);
        var (brief, measure, unit, tier) = request.Value.Value;
        var edition = Editions.Resolve(brief, tier);
        if (!edition.IsOk)
            return new Refused(edition.Problems);
        return UnitChange.Of(edition.Value.Brief, measure, unit) is { } change
            ? TypedResults.Ok(change)
            : new Refused([
                new("/unit", "What stands here cannot be converted to that unit.", "Choose a unit of the same kind."),
            ]);
    }

    private static Results<Ok<Fix>, NoContent, Refused> OfName(SentJson sent)
    {
        var request = DocumentReader.Request<DraftOfName>(sent.Text);
        if (!request.IsOk)
            return new Refused(request.Problems);
        var (brief, was, now) = request.Value.Value;
        return NameChange.Of(brief, was, now) is { } change ? TypedResults.Ok(change) : TypedResults.NoContent();
    }
}

/// <summary>A brief and changes to make to it.</summary>
public sealed record DraftChanges(Brief Brief, IReadOnlyList<Change> Changes);

/// <summary>A brief, a tier (empty for none) and pretend teams.</summary>
public sealed record DraftTryout(Brief Brief, string Tier, IReadOnlyList<PretendTeam> Teams);

/// <summary>A brief and the tier to see it in.</summary>
public sealed record DraftInTier(Brief Brief, string Tier);

/// <summary>A brief and the grades to make a tier for.</summary>
public sealed record DraftForGrades(Brief Brief, GradeBand Grades);

/// <summary>A brief with its tiers, one of them, and the brief as that tier is to run it.</summary>
public sealed record DraftEditedTier(Brief Brief, string Tier, Brief Edited);

/// <summary>A brief, one of its measures, and the kind that it is to be of.</summary>
public sealed record DraftOfKind(Brief Brief, string Measure, MeasureKind Kind);

/// <summary>
/// A brief, one of its measures, the unit that it is to have, and the tier in which it is; empty for the brief itself.
/// </summary>
public sealed record DraftInUnit(Brief Brief, string Measure, string Unit, string Tier = "");

/// <summary>A brief in which something has been renamed, what it was called, and what it is called.</summary>
public sealed record DraftOfName(Brief Brief, string Was, string Now);

/// <summary>A brief as a tier runs it.</summary>
/// <param name="Brief">The brief with the tier's values.</param>
/// <param name="Tier">The tier's name.</param>
/// <param name="Scoring">How it is scored, written from the method.</param>
/// <param name="Sheet">The lines of the sheet.</param>
/// <param name="Differences">Where it differs from the brief.</param>
/// <param name="LargePrint">Whether its readers get large letters, unless somebody says otherwise.</param>
public sealed record EditionSheet(
    Brief Brief,
    string Tier,
    IReadOnlyList<string> Scoring,
    StudentSheet Sheet,
    IReadOnlyList<Difference> Differences,
    bool LargePrint
)
{
    internal static EditionSheet Of(Brief whole, Edition edition)
    {
        var compiled = CompiledEdition.For(edition);
        var ready = compiled.IsOk ? compiled.Value : null;
        return new(
            edition.Brief,
            edition.Tier,
            ready is null ? [] : MethodWords.Say(ready),
            StudentSheet.Of(edition.Brief, ready),
            [
                .. BriefDifferences
                    .Between(whole with { Tiers = [] }, edition.Brief)
                    .Where(d => d.At.Split('/') is not ["", "leftSnags", ..]),
            ],
            GradeBands.ReadsLargePrint(edition.Brief.Grades)
        );
    }
}
