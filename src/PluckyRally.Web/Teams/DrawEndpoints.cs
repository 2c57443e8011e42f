using System.Security.Cryptography;
using Microsoft.AspNetCore.Http.HttpResults;
using PluckyRally.Core.Documents;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Kit;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Score;
using PluckyRally.Core.Teams;
using PluckyRally.Data.Kit;
using PluckyRally.Data.Rallies;
using PluckyRally.Web.Access;
using PluckyRally.Web.Live;
using PluckyRally.Web.Problems;
using PluckyRally.Web.Run;

namespace PluckyRally.Web.Teams;

/// <summary>What is drawn for the teams of a rally: cards of a deal, bags of material. Each draw is an entry.</summary>
internal static class DrawEndpoints
{
    public static void MapDraws(this IEndpointRouteBuilder api)
    {
        var draws = api.MapGroup("/rallies/{id:guid}/draws").WithTags("Teams");
        draws.MapPost("/cards", Cards).WithName("dealCards").Accepts<CardsWanted>("application/json");
        draws.MapPost("/card", Card).WithName("drawCard").Accepts<CardWanted>("application/json");
        draws.MapPost("/heats", Heats).WithName("drawHeats").Accepts<HeatsWanted>("application/json");
        draws.MapPost("/bags", Bags).WithName("drawBagsForTeams").Accepts<BagsWanted>("application/json");
    }

    private static async Task<Results<NoContent, Missing, Refused>> Cards(
        RallyId id,
        SentJson sent,
        RallyLog log,
        LiveTeller live,
        TimeProvider time,
        CancellationToken stop
    )
    {
        var request = DocumentReader.Request<CardsWanted>(sent.Text);
        if (!request.IsOk)
            return new Refused(request.Problems);
        if (await log.Open(id, stop) is not { } found)
            return new Missing("rally");
        if (!found.Opened.IsOk)
            return new Refused(found.Opened.Problems);
        var (wanted, run) = (request.Value.Value, found.Opened.Value.In(request.Value.Value.Round));
        if (run.Compiled.Brief.Deals.FirstOrDefault(d => d.Id == wanted.Deal && !d.Off) is not { } deal)
            return new Missing("deal");
        if (Draws.Deal(deal, [.. run.Present.Select(t => t.Id)], wanted.Seed) is not { } cards)
            return new Refused([deal.TooFew]);
        var now = time.GetUtcNow();
        return await Keep(
            id,
            new Entry.CardsDealt
            {
                Id = new(Guid.CreateVersion7(now)),
                At = now,
                By = Caller.Teacher,
                Round = run.Number,
                Deal = deal.Id,
                Cards = cards,
                Seed = wanted.Seed,
                Reason = wanted.Reason.Trim(),
            },
            log,
            live,
            stop
        );
    }

    /// <summary>Draws the next card of a deal in the lesson, or takes the one that is named.</summary>
    private static async Task<Results<Ok<CardShown>, Missing, Refused>> Card(
        RallyId id,
        SentJson sent,
        RallyLog log,
        LiveTeller live,
        TimeProvider time,
        CancellationToken stop
    )
    {
        var request = DocumentReader.Request<CardWanted>(sent.Text);
        if (!request.IsOk)
            return new Refused(request.Problems);
        if (await log.Open(id, stop) is not { } found)
            return new Missing("rally");
        if (!found.Opened.IsOk)
            return new Refused(found.Opened.Problems);
        var (wanted, opened) = (request.Value.Value, found.Opened.Value);
        var run = opened.In(wanted.Round);
        if (
            run.Compiled.Brief.Deals.FirstOrDefault(d => d.Id == wanted.Deal && !d.Off)
            is not { Drawn: DealtWhen.InLesson, Cards.Count: > 0 } deal
        )
            return new Missing("deal");
        var seed = RandomNumberGenerator.GetInt32(1, 10_000);
        var drawn = opened.Stands.OfType<Entry.CardDrawn>().Where(d => d.Deal == deal.Id).Select(d => d.Card);
        var card =
            wanted.Card.Length > 0
                ? deal.Cards.FirstOrDefault(c => c.Id == wanted.Card)
                : Draws.Next(deal, [.. drawn], seed);
        if (card is null)
            return new Missing("card");
        var now = time.GetUtcNow();
        var kept = await Keep(
            id,
            new Entry.CardDrawn
            {
                Id = new(Guid.CreateVersion7(now)),
                At = now,
                By = Caller.Teacher,
                Round = run.Number,
                Team = card.For == CardFor.All ? default : wanted.Team,
                Deal = deal.Id,
                Card = card.Id,
                Seed = wanted.Card.Length > 0 ? null : seed,
            },
            log,
            live,
            stop
        );
        return kept.Result switch
        {
            Missing missing => missing,
            Refused refused => refused,
            _ => TypedResults.Ok(CardShown.Of(run.Compiled.Brief, deal, card)),
        };
    }

    /// <summary>Draws the heats of a round: other lanes and other neighbors than in the rounds before.</summary>
    private static async Task<Results<NoContent, Missing, Refused>> Heats(
        RallyId id,
        SentJson sent,
        RallyLog log,
        LiveTeller live,
        TimeProvider time,
        CancellationToken stop
    )
    {
        var request = DocumentReader.Request<HeatsWanted>(sent.Text);
        if (!request.IsOk)
            return new Refused(request.Problems);
        if (await log.Open(id, stop) is not { } found)
            return new Missing("rally");
        if (!found.Opened.IsOk)
            return new Refused(found.Opened.Problems);
        var (wanted, opened, lesson) = (
            request.Value.Value,
            found.Opened.Value,
            (await log.Together(id, stop)).Opened()
        );
        if (wanted.Lanes is < 1 or > Limits.Teams)
            return new Refused([new("/lanes", "That many lanes are not possible.", "Write how many run at once.")]);
        var run = opened.In(wanted.Round);
        var now = time.GetUtcNow();
        return await Keep(
            id,
            new Entry.HeatsDrawn
            {
                Id = new(Guid.CreateVersion7(now)),
                At = now,
                By = Caller.Teacher,
                Round = run.Number,
                Seed = wanted.Seed,
                Heats = HeatDraw.Of(
                    [.. lesson.Present(run.Number).Select(t => t.Id)],
                    wanted.Lanes,
                    wanted.Seed,
                    [
                        .. opened
                            .Stands.OfType<Entry.HeatsDrawn>()
                            .Where(h => h.Round < run.Number)
                            .SelectMany(h => h.Heats),
                    ]
                ),
            },
            log,
            live,
            stop
        );
    }

    private static async Task<Results<NoContent, Missing, Refused>> Bags(
        RallyId id,
        SentJson sent,
        RallyLog log,
        Cupboard cupboard,
        LiveTeller live,
        TimeProvider time,
        CancellationToken stop
    )
    {
        var request = DocumentReader.Request<BagsWanted>(sent.Text);
        if (!request.IsOk)
            return new Refused(request.Problems);
        if (await log.Open(id, stop) is not { } found)
            return new Missing("rally");
        if (!found.Opened.IsOk)
            return new Refused(found.Opened.Problems);
        var (wanted, run) = (request.Value.Value, found.Opened.Value.In(request.Value.Value.Round));

        // Drawn from what the class has, as if no bag had been drawn yet.
        var stock = KitList
            .Of(TeamKit.HandedOut(run), [.. run.Present.Select(t => t with { Bag = null })], await cupboard.All(stop))
            .ForBags(run.Compiled.Brief);
        if (stock.Count == 0)
            return new Refused([
                new(
                    "/stock",
                    "There is nothing to draw from: bags are drawn in a brief that was begun from the pattern for it, "
                        + "of materials with a category to build with.",
                    "Begin a brief from that pattern, and say on its sheet what each material is good for."
                ),
            ]);
        var bags = Draws.Bags(
            stock,
            wanted.Shares,
            [.. run.Present.Select(t => t.Id)],
            wanted.Same,
            wanted.Spread,
            wanted.Seed
        );
        if (!bags.IsOk)
            return new Refused(bags.Problems);
        var now = time.GetUtcNow();
        return await Keep(
            id,
            new Entry.BagsDrawn
            {
                Id = new(Guid.CreateVersion7(now)),
                At = now,
                By = Caller.Teacher,
                Round = run.Number,
                Bags = bags.Value.ToDictionary(b => b.Team, b => b.Amounts),
                Seed = wanted.Seed,
                Reason = wanted.Reason.Trim(),
            },
            log,
            live,
            stop
        );
    }

    private static async Task<Results<NoContent, Missing, Refused>> Keep(
        RallyId id,
        Entry entry,
        RallyLog log,
        LiveTeller live,
        CancellationToken stop
    )
    {
        if (await log.Record(id, entry, _ => null, stop) is not { } recorded)
            return new Missing("rally");
        if (!recorded.IsOk)
            return new Refused(recorded.Problems);
        await live.Tell(recorded.Value);
        return TypedResults.NoContent();
    }
}

/// <summary>Cards to be drawn for all teams.</summary>
/// <param name="Deal">The deal's id.</param>
/// <param name="Seed">The number to draw by.</param>
/// <param name="Reason">Why it is drawn again.</param>
/// <param name="Round">From which round on.</param>
public sealed record CardsWanted(string Deal, int Seed, string Reason = "", int Round = 1);

/// <summary>A card to be drawn in the lesson.</summary>
/// <param name="Deal">The deal's id.</param>
/// <param name="Team">The team that draws; a card for all holds for all whoever draws it.</param>
/// <param name="Card">The card's id where it is chosen; empty to draw one.</param>
/// <param name="Round">The round.</param>
public sealed record CardWanted(string Deal, TeamId Team, string Card = "", int Round = 1);

/// <summary>Heats to be drawn for all teams.</summary>
/// <param name="Lanes">How many run at once.</param>
/// <param name="Seed">The number to draw by.</param>
/// <param name="Round">The round.</param>
public sealed record HeatsWanted(int Lanes, int Seed, int Round = 1);

/// <summary>Bags to be drawn for all teams.</summary>
/// <param name="Shares">What goes into a bag.</param>
/// <param name="Same">Whether all bags are alike.</param>
/// <param name="Spread">How far the values of bags may lie apart.</param>
/// <param name="Seed">The number to draw by.</param>
/// <param name="Reason">Why they are drawn again.</param>
/// <param name="Round">For which round.</param>
public sealed record BagsWanted(
    IReadOnlyList<BagShare> Shares,
    bool Same,
    decimal Spread,
    int Seed,
    string Reason = "",
    int Round = 1
);
