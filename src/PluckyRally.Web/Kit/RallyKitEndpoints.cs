using Microsoft.AspNetCore.Http.HttpResults;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Documents;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Kit;
using PluckyRally.Core.Papers;
using PluckyRally.Core.Score;
using PluckyRally.Data.Kit;
using PluckyRally.Data.Rallies;
using PluckyRally.Web.Problems;

namespace PluckyRally.Web.Kit;

/// <summary>Station Kit of a rally: each team's kit out and back, and what the cupboard gives and gets.</summary>
internal static class RallyKitEndpoints
{
    public static void MapRallyKit(this IEndpointRouteBuilder api)
    {
        var kit = api.MapGroup("/rallies/{id:guid}/kit").WithTags("Kit");
        kit.MapGet("", Open).WithName("openRallyKit");
        kit.MapGet("/shopping", Shopping).WithName("shoppingForRally");
        kit.MapPost("/taken", Take).WithName("takeKit");
        kit.MapPost("/back", BringBack).WithName("bringKitBack").Accepts<KitBack>("application/json");
    }

    private static async Task<Results<Ok<RallyKit>, Missing, Refused>> Open(
        RallyId id,
        RallyLog log,
        Cupboard cupboard,
        CancellationToken stop,
        int round = 1
    )
    {
        if (await log.Open(id, stop) is not { } found)
            return new Missing("rally");
        return found.Opened.IsOk
            ? TypedResults.Ok(await Of(id, found.Opened.Value, round, cupboard, stop))
            : new Refused(found.Opened.Problems);
    }

    private static async Task<Results<FileContentHttpResult, Missing, Refused>> Shopping(
        RallyId id,
        RallyLog log,
        Cupboard cupboard,
        CancellationToken stop,
        int round = 1
    )
    {
        if (await log.Open(id, stop) is not { } found)
            return new Missing("rally");
        if (!found.Opened.IsOk)
            return new Refused(found.Opened.Problems);
        var run = found.Opened.Value.In(round);
        var plan = new PlannedKit(found.Rally.Name, TeamKit.HandedOut(run), run.Present);
        var taken = (await cupboard.TakenBy(id, stop))?.Taken ?? [];
        return CupboardEndpoints.File(
            ShoppingList.Of([plan with { Taken = taken }], await cupboard.All(stop)).Where(l => l.Buying.Short > 0)
        );
    }

    private static async Task<Results<Ok<RallyKit>, Missing, Refused>> Take(
        RallyId id,
        RallyLog log,
        Cupboard cupboard,
        CancellationToken stop,
        int round = 1
    )
    {
        if (await log.Open(id, stop) is not { } found)
            return new Missing("rally");
        if (!found.Opened.IsOk)
            return new Refused(found.Opened.Problems);
        var items = Stock.ToTake(
            (await Of(id, found.Opened.Value, round, cupboard, stop)).List,
            await cupboard.All(stop)
        );
        if (items.Count == 0)
            return new Refused([
                new("/items", "Nothing of this kit is in the cupboard.", "Say what there is, or go on without."),
            ]);
        if (!await cupboard.Take(id, items, stop))
            return new Refused([new("/items", "This rally has taken its kit already.", "Look at the list again.")]);
        return TypedResults.Ok(await Of(id, found.Opened.Value, round, cupboard, stop));
    }

    private static async Task<Results<Ok<RallyKit>, Missing, Refused>> BringBack(
        RallyId id,
        SentJson sent,
        RallyLog log,
        Cupboard cupboard,
        CancellationToken stop,
        int round = 1
    )
    {
        if (await log.Open(id, stop) is not { } found)
            return new Missing("rally");
        if (!found.Opened.IsOk)
            return new Refused(found.Opened.Problems);
        var request = DocumentReader.Request<KitBack>(sent.Text);
        if (!request.IsOk)
            return new Refused(request.Problems);
        var items = request.Value.Value.Items;
        var wrong = items.SelectMany((item, i) => item.Problems().Select(p => p.Under($"/items/{i}"))).ToList();
        if (wrong.Count > 0)
            return new Refused(wrong);
        if (!await cupboard.BringBack(id, items, stop))
            return new Refused([
                new(
                    "/items",
                    "This rally has nothing of the cupboard's.",
                    "Look at the list again; it may have been brought back already."
                ),
            ]);
        return TypedResults.Ok(await Of(id, found.Opened.Value, round, cupboard, stop));
    }

    private static async Task<RallyKit> Of(
        RallyId id,
        OpenedRally opened,
        int round,
        Cupboard cupboard,
        CancellationToken stop
    )
    {
        var run = opened.In(round);
        var brief = TeamKit.HandedOut(run);
        var kits = TeamKit.Of(run, opened.Stands);
        var stock = await cupboard.TakenBy(id, stop);
        var list = KitList.Of(brief, run.Present, await cupboard.All(stop));
        return new(
            list,
            brief.Money,
            kits,
            [
                .. KitList
                    .Of(brief, [.. run.Present.Select(t => t with { Bag = null })], [])
                    .ForBags(brief)
                    .Select(b => b.Category)
                    .Distinct(),
            ],
            brief.Conditions,
            RigPaper.Of(run.Compiled.Brief),
            stock,
            stock is { Back: null } ? Stock.ToBringBack(stock.Taken, brief, kits) : [],
            stock is { Back: null } ? Stock.NotThere(list, stock.Taken) : []
        );
    }
}

/// <summary>The kit of a rally.</summary>
/// <param name="List">What the class needs, against the cupboard.</param>
/// <param name="Money">The currency.</param>
/// <param name="Teams">Each team's kit.</param>
/// <param name="CanDraw">Of which categories bags can be drawn.</param>
/// <param name="Conditions">What is to be the same for everyone.</param>
/// <param name="Rig">How the test is set up.</param>
/// <param name="Stock">What it took out of the cupboard; absent where it has taken nothing.</param>
/// <param name="ToBringBack">What should come back, while something is out.</param>
/// <param name="NotThere">What was not in the cupboard when the kit was taken out.</param>
public sealed record RallyKit(
    KitList List,
    string Money,
    IReadOnlyList<TeamKit> Teams,
    IReadOnlyList<string> CanDraw,
    IReadOnlyList<Condition> Conditions,
    RigPaper Rig,
    RallyStock? Stock,
    IReadOnlyList<CupboardItem> ToBringBack,
    IReadOnlyList<CupboardItem> NotThere
);

/// <summary>What comes back into the cupboard.</summary>
public sealed record KitBack(IReadOnlyList<CupboardItem> Items);
