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
using PluckyRally.Web.Problems;
using PluckyRally.Web.Run;
using PluckyRally.Web.Score;

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
        EntryIntake intake,
        CancellationToken stop
    )
    {
        var request = DocumentReader.Request<CardsWanted>(sent.Text);
        if (!request.IsOk)
            return new Refused(request.Problems);
        var wanted = request.Value.Value;
        return Drawn(await intake.Take(id, Draw, stop));

        Result<Entry> Draw(OpenedRally now)
        {
            var run = now.In(wanted.Round);
            return run.Compiled.Brief.Deals.FirstOrDefault(d => d.Id == wanted.Deal && !d.Off) is not { } deal
                    ? Result<Entry>.Refused(NoDeal)
                : Draws.Deal(deal, [.. run.Present.Select(t => t.Id)], wanted.Seed) is not { } cards
                    ? Result<Entry>.Refused(deal.TooFew)
                : Result<Entry>.Ok(
                    new Entry.CardsDealt
                    {
                        Id = default,
                        Round = run.Number,
                        Deal = deal.Id,
                        Cards = cards,
                        Seed = wanted.Seed,
                        Reason = wanted.Reason.Trim(),
                    }
                );
        }
    }

    /// <summary>Draws the next card of a deal in the lesson, or takes the one that is named.</summary>
    private static async Task<Results<Ok<CardShown>, Missing, Refused>> Card(
        RallyId id,
        SentJson sent,
        EntryIntake intake,
        CancellationToken stop
    )
    {
        var request = DocumentReader.Request<CardWanted>(sent.Text);
        if (!request.IsOk)
            return new Refused(request.Problems);
        var wanted = request.Value.Value;
        CardShown? shown = null;
        var recorded = await intake.Take(id, Draw, stop);
        return recorded is null ? new Missing("rally")
            : recorded.IsOk && shown is not null ? TypedResults.Ok(shown)
            : new Refused(recorded.Problems);

        // Where two draw at the same moment, the second draws from what the first has left.
        Result<Entry> Draw(OpenedRally now)
        {
            var run = now.In(wanted.Round);
            if (
                run.Compiled.Brief.Deals.FirstOrDefault(d => d.Id == wanted.Deal && !d.Off)
                is not { Drawn: DealtWhen.InLesson, Cards.Count: > 0 } deal
            )
                return Result<Entry>.Refused(NoDeal);
            var seed = RandomNumberGenerator.GetInt32(1, 10_000);
            var drawn = now.Stands.OfType<Entry.CardDrawn>().Where(d => d.Deal == deal.Id).Select(d => d.Card);
            var card =
                wanted.Card.Length > 0
                    ? deal.Cards.FirstOrDefault(c => c.Id == wanted.Card)
                    : Draws.Next(deal, [.. drawn], seed);
            if (card is null)
                return Result<Entry>.Refused(
                    new Problem("/card", "There is no such card in this deal.", "Load the page again, then choose one.")
                );
            shown = CardShown.Of(run.Compiled.Brief, deal, card);
            return Result<Entry>.Ok(
                new Entry.CardDrawn
                {
                    Id = default,
                    Round = run.Number,
                    Team = card.For == CardFor.All ? default : wanted.Team,
                    Deal = deal.Id,
                    Card = card.Id,
                    Seed = wanted.Card.Length > 0 ? null : seed,
                }
            );
        }
    }

    /// <summary>Draws the heats of a round: other lanes and other neighbors than in the rounds before.</summary>
    private static async Task<Results<NoContent, Missing, Refused>> Heats(
        RallyId id,
        SentJson sent,
        RallyLog log,
        EntryIntake intake,
        CancellationToken stop
    )
    {
        var request = DocumentReader.Request<HeatsWanted>(sent.Text);
        if (!request.IsOk)
            return new Refused(request.Problems);
        var wanted = request.Value.Value;
        if (wanted.Lanes is < 1 or > Limits.Teams)
            return new Refused([new("/lanes", "That many lanes are not possible.", "Write how many run at once.")]);
        var lesson = (await log.Together(id, stop)).Opened();
        return Drawn(await intake.Take(id, Draw, stop));

        Result<Entry> Draw(OpenedRally now)
        {
            var run = now.In(wanted.Round);
            return Result<Entry>.Ok(
                new Entry.HeatsDrawn
                {
                    Id = default,
                    Round = run.Number,
                    Seed = wanted.Seed,
                    Heats = HeatDraw.Of(
                        [.. lesson.Present(run.Number).Select(t => t.Id)],
                        wanted.Lanes,
                        wanted.Seed,
                        [
                            .. now
                                .Stands.OfType<Entry.HeatsDrawn>()
                                .Where(h => h.Round < run.Number)
                                .SelectMany(h => h.Heats),
                        ]
                    ),
                }
            );
        }
    }

    private static async Task<Results<NoContent, Missing, Refused>> Bags(
        RallyId id,
        SentJson sent,
        EntryIntake intake,
        Cupboard cupboard,
        CancellationToken stop
    )
    {
        var request = DocumentReader.Request<BagsWanted>(sent.Text);
        if (!request.IsOk)
            return new Refused(request.Problems);
        var (wanted, shelves) = (request.Value.Value, await cupboard.All(stop));
        return Drawn(await intake.Take(id, Draw, stop));

        Result<Entry> Draw(OpenedRally now)
        {
            var run = now.In(wanted.Round);

            // Drawn from what the class has, as if no bag had been drawn yet.
            var stock = KitList
                .Of(TeamKit.HandedOut(run), [.. run.Present.Select(t => t with { Bag = null })], shelves)
                .ForBags(run.Compiled.Brief);
            if (stock.Count == 0)
                return Result<Entry>.Refused(
                    new Problem(
                        "/stock",
                        "There is nothing to draw from: bags are drawn in a brief that was begun from the pattern for "
                            + "it, of materials with a category to build with.",
                        "Begin a brief from that pattern, and say on its sheet what each material is good for."
                    )
                );
            var bags = Draws.Bags(
                stock,
                wanted.Shares,
                [.. run.Present.Select(t => t.Id)],
                wanted.Same,
                wanted.Spread,
                wanted.Seed
            );
            return bags.IsOk
                ? Result<Entry>.Ok(
                    new Entry.BagsDrawn
                    {
                        Id = default,
                        Round = run.Number,
                        Bags = bags.Value.ToDictionary(b => b.Team, b => b.Amounts),
                        Seed = wanted.Seed,
                        Reason = wanted.Reason.Trim(),
                    }
                )
                : Result<Entry>.Refused(bags.Problems);
        }
    }

    private static readonly Problem NoDeal = new(
        "/deal",
        "There is no such deal in this brief.",
        "Load the page again; the brief may have been changed."
    );

    private static Results<NoContent, Missing, Refused> Drawn(Result<Recorded>? recorded) =>
        recorded is null ? new Missing("rally")
        : recorded.IsOk ? TypedResults.NoContent()
        : new Refused(recorded.Problems);
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
