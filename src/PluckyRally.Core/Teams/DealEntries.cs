using System.Text.Json.Serialization;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Kit;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Teams;

namespace PluckyRally.Core.Score;

[JsonDerivedType(typeof(CardsDealt), "cardsDealt")]
[JsonDerivedType(typeof(BagsDrawn), "bagsDrawn")]
public abstract partial record Entry
{
    /// <summary>
    /// Cards of a deal were drawn, or dealt by hand. What was dealt before is no longer held, and why is said.
    /// </summary>
    public sealed record CardsDealt : OfTeams
    {
        /// <summary>The deal's id.</summary>
        public required string Deal { get; init; }

        /// <summary>Who got which card, by the team's id.</summary>
        public required IReadOnlyDictionary<TeamId, string> Cards { get; init; }

        /// <summary>The number that it was drawn by; absent where it was dealt by hand.</summary>
        public int? Seed { get; init; }

        /// <summary>Why it was dealt again.</summary>
        public string Reason { get; init; } = "";

        internal override bool MayBeOfClass => true;

        internal override Entry Understand(CompiledEdition compiled, IReadOnlyList<Team> teams, ProblemCollector found)
        {
            found.Length(Reason, Limits.Text, "/reason", "The reason");
            found.Unless(Team == default, "/team", "Cards are dealt to the whole class.", "Leave the team out.");
            var deal = compiled.Brief.Deals.FirstOrDefault(d => d.Id == Deal && !d.Off);
            found.Unless(
                deal is not null,
                "/deal",
                "There is no such deal in this brief.",
                "Name one of the brief's deals."
            );
            foreach (var (team, card) in Cards)
            {
                found.Unless(
                    teams.Any(t => t.Id == team),
                    $"/cards/{team}",
                    "There is no such team in this rally.",
                    "Leave it out."
                );
                found.Unless(
                    deal is null || deal.Cards.Any(c => c.Id == card),
                    $"/cards/{team}",
                    "There is no such card.",
                    "Choose one of the deal's cards."
                );
            }

            return this;
        }

        internal override Entry Join(LogToJoin log, ProblemCollector found)
        {
            Roster.CheckAgain(log.Round.Teams.Any(t => t.Dealt.Any(d => d.Deal == Deal)), Reason, found);
            foreach (var card in log.Compiled.Brief.Deals.FirstOrDefault(d => d.Id == Deal)?.Cards ?? [])
                found.Unless(
                    card.Count is not { } count || Cards.Values.Count(c => c == card.Id) <= count,
                    "/cards",
                    $"There are only {card.Count} of “{card.Name}”.",
                    "Deal another card, or make one more."
                );
            return this;
        }

        internal override IReadOnlyList<Team> Apply(IReadOnlyList<Team> teams, Roster roster) =>
            [
                .. teams.Select(t =>
                    t with
                    {
                        Dealt =
                        [
                            .. t.Dealt.Where(d => d.Deal != Deal),
                            .. Cards.TryGetValue(t.Id, out var card) ? new[] { new DealtCard(Deal, card) } : [],
                        ],
                    }
                ),
            ];

        internal override string Say(CompiledEdition compiled, int? attempt) =>
            $"{compiled.Brief.Deals.FirstOrDefault(d => d.Id == Deal)?.Name ?? Deal} "
            + $"{(Seed is { } seed ? $"drawn by number {seed}" : "dealt by hand")}"
            + $"{(Reason.Length > 0 ? $": {Reason}" : "")}";
    }

    /// <summary>Bags of material were drawn for the teams. What was drawn before goes back, and why is said.</summary>
    public sealed record BagsDrawn : OfTeams
    {
        /// <summary>What is in each team's bag, by the team's id.</summary>
        public required IReadOnlyDictionary<TeamId, IReadOnlyList<KitAmount>> Bags { get; init; }

        /// <summary>The number that they were drawn by.</summary>
        public int Seed { get; init; }

        /// <summary>Why they were drawn again.</summary>
        public string Reason { get; init; } = "";

        internal override bool MayBeOfClass => true;

        internal override Entry Understand(CompiledEdition compiled, IReadOnlyList<Team> teams, ProblemCollector found)
        {
            found.Length(Reason, Limits.Text, "/reason", "The reason");
            found.Unless(Team == default, "/team", "Bags are drawn for the whole class.", "Leave the team out.");
            foreach (var (team, bag) in Bags)
            {
                found.Unless(
                    teams.Any(t => t.Id == team),
                    $"/bags/{team}",
                    "There is no such team in this rally.",
                    "Leave it out."
                );
                foreach (var (material, amount) in bag)
                {
                    found.Unless(
                        compiled.Brief.Materials.Any(m => m.Id == material),
                        $"/bags/{team}",
                        $"There is no such material in this brief: “{ProblemCollector.Short(material)}”.",
                        "Leave it out."
                    );
                    found.Unless(
                        amount is > 0 and <= 1_000_000,
                        $"/bags/{team}",
                        "The amount is out of range.",
                        "Write 1 or more."
                    );
                }
            }

            return this;
        }

        internal override Entry Join(LogToJoin log, ProblemCollector found)
        {
            Roster.CheckAgain(log.Round.Teams.Any(t => t.Bag is not null), Reason, found);
            return this;
        }

        internal override IReadOnlyList<Team> Apply(IReadOnlyList<Team> teams, Roster roster) =>
            [.. teams.Select(t => t with { Bag = Bags.GetValueOrDefault(t.Id) })];

        internal override string Say(CompiledEdition compiled, int? attempt) =>
            $"Bags drawn by number {Seed}{(Reason.Length > 0 ? $": {Reason}" : "")}";
    }
}
