using System.Text.Json.Serialization;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Score;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Teams;

/// <summary>
/// A condition that differs from team to team: a machine to use, a problem card, a handicap. Each team gets one card of
/// it.
/// </summary>
public sealed record Deal
{
    /// <summary>Names the deal in entries.</summary>
    public required string Id { get; init; }

    /// <summary>What it is about, e.g. "Machine".</summary>
    public string Name { get; init; } = "";

    /// <summary>When its cards come to the teams.</summary>
    public DealtWhen Drawn { get; init; }

    /// <summary>The cards.</summary>
    public IReadOnlyList<DealCard> Cards { get; init; } = [];

    /// <summary>Left out, so that a tier can bring it in (or the other way round).</summary>
    public bool Off { get; init; }

    /// <summary>Why it cannot be drawn for so many teams.</summary>
    [JsonIgnore]
    public Problem TooFew =>
        new(
            "/deal",
            $"There are fewer cards of {Name} than teams.",
            "Write in the brief how many there are of each, or deal by hand."
        );

    /// <summary>What keeps the deals of a brief from being dealt.</summary>
    internal static void Check(Brief brief, ProblemCollector found)
    {
        found.Count(brief.Deals, Limits.Parts, "/deals", "deals");
        found.Ids(brief.Deals.Select(d => d.Id), "/deals", "deal");
        var ids = new HashSet<string>(StringComparer.Ordinal);
        foreach (var deal in brief.Deals.Where(d => !d.Off))
        {
            var at = $"/deals/{deal.Id}";
            found.NotEmpty(
                deal.Name,
                $"{at}/name",
                "What is dealt has no name.",
                "Say what it is, for example “Machine”."
            );
            found.Length(deal.Name, Limits.Name, $"{at}/name", "The name");
            found.Unless(
                deal.Cards.Count > 0,
                $"{at}/cards",
                $"There is no card of {SentenceCase.Sentence(deal.Name)} yet.",
                "Write at least one."
            );
            found.Count(deal.Cards, Limits.Items, $"{at}/cards", "cards");
            foreach (var card in deal.Cards)
            {
                found.Unless(
                    card.Id.Length is > 0 and <= 40 && ids.Add(card.Id),
                    $"{at}/cards/{card.Id}/id",
                    "The card's id is empty, too long or used twice.",
                    "Give each card its own id of at most 40 characters."
                );
                found.NotEmpty(
                    card.Name,
                    $"{at}/cards/{card.Id}/name",
                    "A card has no name.",
                    "Say what stands on it in a word or two."
                );
                found.Length(card.Name, Limits.Name, $"{at}/cards/{card.Id}/name", "The name");
                found.Length(card.Text, Limits.Text, $"{at}/cards/{card.Id}/text", "The text");
                found.Unless(
                    card.Count is null or > 0,
                    $"{at}/cards/{card.Id}/count",
                    "There must be at least one of a card.",
                    "Write how many there are, or leave it open."
                );
                found.Unless(
                    card.For == CardFor.Holder || deal.Drawn == DealtWhen.InLesson,
                    $"{at}/cards/{card.Id}/for",
                    "A card that is dealt before the lesson is its team's.",
                    "Draw this deal in the lesson, or let the card hold for the team that has it."
                );
                found.Count(card.Effects, Limits.Items, $"{at}/cards/{card.Id}/effects", "effects");
                foreach (var (i, effect) in card.Effects.Index())
                {
                    var inner = new ProblemCollector($"{at}/cards/{card.Id}/effects/{i}");
                    effect.Check(brief, deal, card, inner);
                    found.Under("", inner);
                }
            }
        }

        void Known(string only, string at) =>
            found.Unless(
                only.Length == 0 || ids.Contains(only),
                at,
                $"There is no card “{ProblemCollector.Short(only)}”.",
                "Choose one of the cards that are dealt."
            );
        foreach (var material in brief.Materials.Where(m => !m.Off))
            Known(material.OnlyFor, $"/materials/{material.Id}/onlyFor");
        foreach (var award in brief.Method.Awards.Where(a => !a.Off))
            Known(award.OnlyFor, $"/method/awards/{award.Id}/onlyFor");
    }
}

/// <summary>A card that is dealt.</summary>
public sealed record DealCard
{
    /// <summary>Names the card; no two of a brief have the same.</summary>
    public required string Id { get; init; }

    /// <summary>What it is called, e.g. "Two pulleys".</summary>
    public string Name { get; init; } = "";

    /// <summary>What stands on it.</summary>
    public string Text { get; init; } = "";

    /// <summary>How many there are of it; as many as are needed where absent.</summary>
    public int? Count { get; init; }

    /// <summary>Whom it holds for.</summary>
    public CardFor For { get; init; }

    /// <summary>How long it holds.</summary>
    public CardLasts Lasts { get; init; }

    /// <summary>What it changes, beside the rules, materials and awards that only its holders have.</summary>
    public IReadOnlyList<CardEffect> Effects { get; init; } = [];
}

/// <summary>The card that a team was dealt.</summary>
/// <param name="Deal">The deal's id.</param>
/// <param name="Card">The card's id.</param>
public sealed record DealtCard(string Deal, string Card)
{
    /// <summary>When it was drawn in the lesson; null where it was dealt before.</summary>
    [JsonIgnore]
    public DrawnWhen? Drawn { get; init; }
}

/// <summary>When a card was drawn.</summary>
/// <param name="Entries">How many entries the log had before.</param>
/// <param name="At">The server's time.</param>
public sealed record DrawnWhen(int Entries, DateTimeOffset At);

/// <summary>A card as it is read: what it is about, what it is called, what stands on it.</summary>
/// <param name="Deal">What it is about.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Text">What stands on it.</param>
/// <param name="Does">What it changes, as sentences.</param>
public sealed record CardShown(string Deal, string Name, string Text, IReadOnlyList<string> Does)
{
    /// <summary>The cards of a team, in the brief's order.</summary>
    public static IReadOnlyList<CardShown> Of(Brief brief, Team team) =>
        [
            .. from deal in brief.Deals
            where !deal.Off
            from has in team.Dealt
            where has.Deal == deal.Id
            let card = deal.Cards.FirstOrDefault(c => c.Id == has.Card)
            where card is not null
            select Of(brief, deal, card),
        ];

    /// <summary>A card of a deal.</summary>
    public static CardShown Of(Brief brief, Deal deal, DealCard card) =>
        new(deal.Name, card.Name, card.Text, CardWords.Say(brief, deal, card));
}
