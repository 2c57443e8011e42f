using Microsoft.AspNetCore.Http.HttpResults;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Documents;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Kit;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Route;
using PluckyRally.Core.Teams;
using PluckyRally.Core.Time;
using PluckyRally.Data.Briefs;
using PluckyRally.Data.Kit;
using PluckyRally.Web.Problems;

namespace PluckyRally.Web.Kit;

/// <summary>Station Kit: what a class needs, what is in the cupboard, what is to be bought.</summary>
internal static class KitEndpoints
{
    public static void MapKit(this IEndpointRouteBuilder api)
    {
        var kit = api.MapGroup("").WithTags("Kit");
        kit.MapGet("/briefs/{id:guid}/kit", List).WithName("kitList");
        kit.MapGet("/briefs/{id:guid}/shopping", Shopping).WithName("shoppingList");
        kit.MapGet("/loading", Loading).WithName("loadingPlan");
        kit.MapPost("/bags", Bags).WithName("drawBags").Accepts<BagDraw>("application/json");
        kit.MapGet("/briefs/{id:guid}/cards", Cards).WithName("drawCards");
    }

    private static async Task<Results<Ok<KitSheet>, Missing, Refused>> List(
        BriefId id,
        BriefShelf shelf,
        Cupboard cupboard,
        CancellationToken stop,
        string tier = "",
        int? teams = null,
        int? members = null
    )
    {
        if (await shelf.Find(id, stop) is not { } stored)
            return new Missing("brief");
        var list = await Make(stored, tier, teams, members, cupboard, stop);
        return list.IsOk ? TypedResults.Ok(list.Value) : new Refused(list.Problems);
    }

    /// <summary>What is short, as a file.</summary>
    private static async Task<Results<FileContentHttpResult, Missing, Refused>> Shopping(
        BriefId id,
        BriefShelf shelf,
        Cupboard cupboard,
        CancellationToken stop,
        string tier = "",
        int? teams = null,
        int? members = null
    )
    {
        if (await shelf.Find(id, stop) is not { } stored)
            return new Missing("brief");
        var list = await Make(stored, tier, teams, members, cupboard, stop);
        if (!list.IsOk)
            return new Refused(list.Problems);
        return CupboardEndpoints.File(
            list.Value.List.Lines.Where(l => l.Short > 0)
                .Select(l => new ShoppingLine(
                    l.Material.Name,
                    l.Material.Unit,
                    l.Total ?? 0,
                    l.InCupboard,
                    new(l.Short, l.Packs, l.Over, l.Cost),
                    list.Value.Money,
                    [new(stored.Title, null, l.Total ?? 0, l.Short)]
                ))
        );
    }

    private static Results<Ok<LoadingPlan>, Refused> Loading(
        int expected,
        int roll = 0,
        decimal share = 60,
        decimal step = 5,
        int each = 0,
        decimal margin = 20,
        decimal seconds = 8
    )
    {
        var plan = LoadingPlan.Of(expected, roll, share, step, each, margin, seconds);
        return plan.IsOk ? TypedResults.Ok(plan.Value) : new Refused(plan.Problems);
    }

    private static Results<Ok<IReadOnlyList<Bag>>, Refused> Bags(SentJson sent)
    {
        var request = DocumentReader.Request<BagDraw>(sent.Text);
        if (!request.IsOk)
            return new Refused(request.Problems);
        var draw = request.Value.Value;
        if (draw.Teams.Count > Limits.Teams || draw.Stock.Sum(s => (long)Math.Max(0, s.Count)) > 20_000)
            return new Refused([
                new("/stock", "That is too much to draw from.", "Draw for fewer teams, or from fewer things."),
            ]);
        var bags = Draws.Bags(draw.Stock, draw.Shares, draw.Teams, draw.Same, draw.Spread, draw.Seed);
        return bags.IsOk ? TypedResults.Ok(bags.Value) : new Refused(bags.Problems);
    }

    /// <summary>The cards that a number deals: those that the teams of a rally get by the same number.</summary>
    private static async Task<Results<Ok<IReadOnlyList<CardShown>>, Missing, Refused>> Cards(
        BriefId id,
        string deal,
        int seed,
        BriefShelf shelf,
        CancellationToken stop,
        string tier = ""
    )
    {
        if (await shelf.Find(id, stop) is not { } stored)
            return new Missing("brief");
        var document = DocumentReader.Brief(stored.Document);
        if (!document.IsOk)
            return new Refused(document.Problems);
        var edition = Editions.Resolve(document.Value.Value, tier);
        if (!edition.IsOk)
            return new Refused(edition.Problems);
        var brief = edition.Value.Brief;
        if (brief.Deals.FirstOrDefault(d => d.Id == deal && !d.Off) is not { } drawn)
            return new Missing("deal");
        var teams = Enumerable
            .Range(1, Math.Clamp(brief.Timing.Teams, 1, Limits.Teams))
            .Select(i => new TeamId($"{i}"))
            .ToList();
        return Draws.Deal(drawn, teams, seed) is { } cards
            ? TypedResults.Ok<IReadOnlyList<CardShown>>([
                .. teams.Select(t => CardShown.Of(brief, drawn, drawn.Cards.First(c => c.Id == cards[t]))),
            ])
            : new Refused([drawn.TooFew]);
    }

    private static async Task<Result<KitSheet>> Make(
        StoredBrief stored,
        string tier,
        int? teams,
        int? members,
        Cupboard cupboard,
        CancellationToken stop
    )
    {
        if (teams is < 1 or > Limits.Teams || members is < 1 or > TeamSizes.Largest)
            return Result<KitSheet>.Refused(
                new Problem(
                    "/teams",
                    "The number of teams or members is out of range.",
                    $"Use 1 to {Limits.Teams} teams of 1 to {TeamSizes.Largest}."
                )
            );
        var document = DocumentReader.Brief(stored.Document);
        if (!document.IsOk)
            return Result<KitSheet>.Refused(document.Problems);
        var edition = Editions.Resolve(document.Value.Value, tier);
        if (!edition.IsOk)
            return Result<KitSheet>.Refused(edition.Problems);
        var brief = edition.Value.Brief;
        var timing = brief.Timing with
        {
            Teams = teams ?? Math.Clamp(brief.Timing.Teams, 1, Limits.Teams),
            TeamSize = members ?? Math.Clamp(brief.Timing.TeamSize, 1, TeamSizes.Largest),
        };
        var stock = await cupboard.All(stop);
        var list = KitList.Of(brief, [.. Enumerable.Repeat(timing.TeamSize, timing.Teams)], stock);
        return Result<KitSheet>.Ok(
            new(
                stored.Title,
                brief.Money,
                timing.Teams,
                timing.TeamSize,
                list,
                Timetable.Of(brief with { Timing = timing }),
                list.ForBags(brief),
                [
                    .. brief
                        .Deals.Where(d => d is { Off: false, Drawn: DealtWhen.BeforeLesson, Cards.Count: > 0 })
                        .Select(d => new DealChoice(d.Id, d.Name)),
                ],
                TestNeed.IsLoaded(brief),
                brief.Conditions,
                [.. document.Value.Value.Tiers.Select(t => new TierChoice(t.Id, t.Name.Length > 0 ? t.Name : t.Id))],
                Bunting.OfBrief(document.Value.Value, Snags.Of(document.Value.Value), stock),
                brief.Timing.Phases.FirstOrDefault(p => p.Kind == PhaseKind.Test),
                TestNeed.Of(brief with { Timing = timing }, stock)
            )
        );
    }
}

/// <summary>What a class needs for a brief.</summary>
/// <param name="Title">The brief's title.</param>
/// <param name="Money">The currency.</param>
/// <param name="Teams">How many teams it is for: those that the brief expects, where nothing else was asked
/// for.</param>
/// <param name="TeamSize">Students in each of them.</param>
/// <param name="List">The materials.</param>
/// <param name="Bags">What bags can be drawn from; empty where the brief has none drawn.</param>
/// <param name="Deals">The deals of which each team gets a card before the lesson.</param>
/// <param name="IsLoaded">Whether builds are loaded with pieces, so that loading can be planned.</param>
/// <param name="Conditions">What is to be the same for everyone.</param>
/// <param name="Tiers">The tiers that can be chosen.</param>
/// <param name="Route">How far along the route the brief is.</param>
/// <param name="Timetable">The lessons with so many teams.</param>
/// <param name="Test">The phase in which is tested; absent where the brief has none.</param>
/// <param name="AtTest">What the test takes of each thing, at all its places at once.</param>
public sealed record KitSheet(
    string Title,
    string Money,
    int Teams,
    int TeamSize,
    KitList List,
    Timetable Timetable,
    IReadOnlyList<BagItem> Bags,
    IReadOnlyList<DealChoice> Deals,
    bool IsLoaded,
    IReadOnlyList<Condition> Conditions,
    IReadOnlyList<TierChoice> Tiers,
    IReadOnlyList<Pennant> Route,
    Phase? Test,
    IReadOnlyList<TestNeed> AtTest
);

/// <summary>A tier that can be chosen.</summary>
public sealed record TierChoice(string Id, string Name);

/// <summary>A deal whose cards can be drawn.</summary>
public sealed record DealChoice(string Id, string Name);

/// <summary>What bags are drawn from, and how.</summary>
public sealed record BagDraw(
    IReadOnlyList<BagItem> Stock,
    IReadOnlyList<BagShare> Shares,
    IReadOnlyList<TeamId> Teams,
    bool Same,
    decimal Spread,
    int Seed
);
