using PluckyRally.Core.Briefs;
using PluckyRally.Core.Kit;
using PluckyRally.Core.Parts;
using PluckyRally.Core.Score;

namespace PluckyRally.Core.Teams;

/// <summary>A card that a team holds.</summary>
/// <param name="Card">The card, as the brief has it.</param>
/// <param name="Drawn">When it was drawn in the lesson; null where it was dealt before.</param>
internal sealed record HeldCard(DealCard Card, DrawnWhen? Drawn)
{
    /// <summary>The cards of a team: those that were dealt, then those that were drawn, in their order.</summary>
    public static IReadOnlyList<HeldCard> Of(Brief brief, Team team) =>
        [
            .. from dealt in team.Dealt
            let card = brief
                .Deals.FirstOrDefault(d => d.Id == dealt.Deal && !d.Off)
                ?.Cards.FirstOrDefault(c => c.Id == dealt.Card)
            where card is not null
            orderby dealt.Drawn?.Entries ?? -1
            select new HeldCard(card, dealt.Drawn),
        ];

    /// <summary>Its points; 0 where it gives none.</summary>
    public decimal Points => Card.Effects.OfType<CardEffect.Points>().Sum(e => e.Amount);

    /// <summary>So much more of a material; 0 where it gives none of it.</summary>
    public decimal Gives(Material material) =>
        Card.Effects.OfType<CardEffect.Gives>().Where(e => e.Material == material.Id).Sum(e => e.Amount);

    /// <summary>Whether it forbids buying something.</summary>
    public bool Forbids(Price price) => Card.Effects.OfType<CardEffect.Forbids>().Any(e => e.Holds(price));

    /// <summary>How it changes the price of something; null where it does not.</summary>
    public CardEffect.Price? Reprices(string part, string item) =>
        Card.Effects.OfType<CardEffect.Price>().FirstOrDefault(e => e.Part == part && e.Item == item);

    /// <summary>Whether it was there when a log had so many entries.</summary>
    public bool WasThere(int entries) => Drawn is not { } drawn || drawn.Entries < entries;

    /// <summary>
    /// Whether whoever wrote an entry knew of it: as far as the device said, else by the server's receipt.
    /// </summary>
    public bool WasKnown(Entry entry) =>
        entry.EditionAsOf is { } known ? WasThere(known) : Drawn is not { } drawn || entry.At >= drawn.At;
}
