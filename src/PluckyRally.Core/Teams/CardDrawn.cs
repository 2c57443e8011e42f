using System.Text.Json.Serialization;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Run;
using PluckyRally.Core.Teams;

namespace PluckyRally.Core.Score;

[JsonDerivedType(typeof(CardDrawn), "cardDrawn")]
public abstract partial record Entry
{
    /// <summary>
    /// A card of a deal was drawn in the lesson, for a team or for all. It holds from here on, or in its round alone;
    /// crossed out, it was never drawn.
    /// </summary>
    public sealed record CardDrawn : OfTeams
    {
        /// <summary>The deal's id.</summary>
        public required string Deal { get; init; }

        /// <summary>The card's id.</summary>
        public required string Card { get; init; }

        /// <summary>The number that it was drawn by; absent where it was chosen by hand.</summary>
        public int? Seed { get; init; }

        /// <summary>Whether it holds in its round alone, as the brief has the card.</summary>
        [JsonIgnore]
        public bool OnlyThisRound { get; init; }

        internal override bool MayBeOfClass => true;

        internal override bool IsOfWholeLesson => Team == default;

        internal override bool HoldsIn(int round) => OnlyThisRound ? Round == round : base.HoldsIn(round);

        internal override Entry Understand(CompiledEdition compiled, IReadOnlyList<Team> teams, ProblemCollector found)
        {
            if (Find(compiled.Brief) is not var (deal, card) || deal.Drawn != DealtWhen.InLesson)
            {
                found.Add("/card", "There is no such card to draw.", "Draw a card that the brief has for the lesson.");
                return this;
            }

            found.Unless(
                (card.For == CardFor.All) == (Team == default),
                "/team",
                card.For == CardFor.All ? "This card is for all teams." : "This card is for one team.",
                card.For == CardFor.All ? "Leave the team out." : "Say which team drew it."
            );
            return this with { OnlyThisRound = card.Lasts == CardLasts.Once };
        }

        internal override IReadOnlyList<Team> Apply(IReadOnlyList<Team> teams, Roster roster) =>
            [
                .. teams.Select(t =>
                    Team == default || t.Id == Team
                        ? t with
                        {
                            Dealt = [.. t.Dealt, new DealtCard(Deal, Card) { Drawn = new(roster.At(this), At) }],
                        }
                        : t
                ),
            ];

        internal override ClockSoFar Apply(ClockSoFar so, IReadOnlyList<ClockPhase> phases, Brief brief) =>
            so.WithMinutes(Find(brief)?.Card.Effects.OfType<CardEffect.Minutes>().Sum(e => e.Amount) ?? 0);

        internal override string Say(CompiledEdition compiled, int? attempt) =>
            Find(compiled.Brief) is var (deal, card)
                ? $"{deal.Name}: “{card.Name}” {(Seed is null ? "chosen" : "drawn")}"
                    + (Team == default ? " for all" : "")
                : $"Card drawn: {Card}";

        private (Deal Deal, DealCard Card)? Find(Brief brief) =>
            brief.Deals.FirstOrDefault(d => d.Id == Deal && !d.Off) is { } deal
            && deal.Cards.FirstOrDefault(c => c.Id == Card) is { } card
                ? (deal, card)
                : null;
    }
}
