using System.Text.Json.Serialization;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Readings;

namespace PluckyRally.Core.Teams;

/// <summary>
/// What a card changes for whoever holds it, from when it is drawn. A rule, a material or an award that only holders
/// have names the card itself.
/// </summary>
[JsonPolymorphic(TypeDiscriminatorPropertyName = "kind")]
[JsonDerivedType(typeof(Price), "price")]
[JsonDerivedType(typeof(Forbids), "forbids")]
[JsonDerivedType(typeof(Gives), "gives")]
[JsonDerivedType(typeof(Minutes), "minutes")]
[JsonDerivedType(typeof(Points), "points")]
public abstract record CardEffect
{
    private CardEffect() { }

    /// <summary>Adds what is wrong with it, places as in the effect.</summary>
    internal abstract void Check(Brief brief, Deal deal, DealCard card, ProblemCollector found);

    /// <summary>What it does, as a sentence for students.</summary>
    internal abstract string Say(Brief brief, DealCard card);

    /// <summary>Something costs another price.</summary>
    /// <param name="Part">The id of the budget that sells it.</param>
    /// <param name="Item">The price's id.</param>
    /// <param name="How">How the price changes.</param>
    /// <param name="Amount">To or by how much, or times what.</param>
    public sealed record Price(string Part, string Item, PriceChange How, decimal Amount) : CardEffect
    {
        internal override void Check(Brief brief, Deal deal, DealCard card, ProblemCollector found)
        {
            found.Unless(
                Sold(brief) is not null,
                "/item",
                "What this card changes the price of is not for sale.",
                "Choose something that a budget sells."
            );
            found.Unless(
                Math.Abs(Amount) <= Limits.Number && (How == PriceChange.By || Amount >= 0),
                "/amount",
                "The price is out of range.",
                "Use 0 or more; to take something off, change the price by a number below 0."
            );
        }

        /// <summary>What it sells, with its part; null where nothing of this name is sold.</summary>
        private (Part.Budget Part, Parts.Price Price)? Sold(Brief brief) =>
            brief.Method.Parts.OfType<Part.Budget>().FirstOrDefault(p => p.Id == Part && !p.Off)?.Named(brief)
                is { } part
            && part.Prices.FirstOrDefault(p => p.Id == Item) is { } price
                ? (part, price)
                : null;

        /// <summary>A price after it: never below 0, to the hundredth.</summary>
        internal decimal Change(decimal each) =>
            Math.Max(
                0,
                How switch
                {
                    PriceChange.To => Amount,
                    PriceChange.By => each + Amount,
                    PriceChange.Times => Rounding.ToStep(each * Amount, 0.01m),
                }
            );

        internal override string Say(Brief brief, DealCard card) =>
            Sold(brief) is var (part, price) ? CardWords.SayPrice(this, part, price, card.Lasts) : "";
    }

    /// <summary>Something may be used and bought no longer.</summary>
    /// <param name="Thing">The id of a material, or of the price of what is none.</param>
    public sealed record Forbids(string Thing) : CardEffect
    {
        internal override void Check(Brief brief, Deal deal, DealCard card, ProblemCollector found) =>
            found.Unless(
                Name(brief).Length > 0,
                "/thing",
                "What this card forbids is not in the brief.",
                "Choose a material, or something that a budget sells."
            );

        /// <summary>Whether it forbids buying this.</summary>
        internal bool Holds(Parts.Price price) =>
            price.Id == Thing || (price.Material.Length > 0 && price.Material == Thing);

        private string Name(Brief brief) =>
            brief.Materials.FirstOrDefault(m => m.Id == Thing)?.Name
            ?? brief
                .Method.Parts.OfType<Part.Budget>()
                .SelectMany(p => p.Prices)
                .FirstOrDefault(p => p.Id == Thing)
                ?.Name
            ?? "";

        internal override string Say(Brief brief, DealCard card) =>
            CardWords.SayForbidden(Name(brief), brief.Materials.Any(m => m.Id == Thing), card.Lasts);
    }

    /// <summary>More of a material.</summary>
    /// <param name="Material">The material's id.</param>
    /// <param name="Amount">How much, in its unit; above 0.</param>
    public sealed record Gives(string Material, decimal Amount) : CardEffect
    {
        internal override void Check(Brief brief, Deal deal, DealCard card, ProblemCollector found)
        {
            found.Unless(
                brief.Materials.Any(m => m.Id == Material),
                "/material",
                "What this card gives is not in the brief.",
                "Choose one of the materials."
            );
            found.Unless(
                Amount is > 0 and <= Limits.Number,
                "/amount",
                "A card must give something.",
                "Write how much of it there is."
            );
        }

        internal override string Say(Brief brief, DealCard card) =>
            brief.Materials.FirstOrDefault(m => m.Id == Material) is { } material
                ? CardWords.SayGiven(Amount, material, card.For)
                : "";
    }

    /// <summary>The phase that runs gets longer, or shorter.</summary>
    /// <param name="Amount">How many minutes; below 0 to take some away.</param>
    public sealed record Minutes(decimal Amount) : CardEffect
    {
        internal override void Check(Brief brief, Deal deal, DealCard card, ProblemCollector found)
        {
            found.Unless(
                Amount is >= -120 and <= 120 and not 0,
                "/amount",
                "The minutes are out of range.",
                "Use −120 to 120, and not 0."
            );
            found.Unless(
                card.For == CardFor.All && deal.Drawn == DealtWhen.InLesson,
                "/amount",
                "The clock is the whole class's, and runs in the lesson alone.",
                "Make it a card for all that is drawn in the lesson."
            );
        }

        internal override string Say(Brief brief, DealCard card) => CardWords.SayMinutes(Amount);
    }

    /// <summary>Points beside those of the parts.</summary>
    /// <param name="Amount">How many: above 0 they help and below 0 they hurt, whichever total wins.</param>
    public sealed record Points(decimal Amount) : CardEffect
    {
        internal override void Check(Brief brief, Deal deal, DealCard card, ProblemCollector found) =>
            found.Unless(
                Math.Abs(Amount) <= Limits.Number && Amount != 0,
                "/amount",
                "0 points change nothing.",
                "Write a number above zero to help, below zero to hurt."
            );

        internal override string Say(Brief brief, DealCard card) => CardWords.SayPoints(Amount, brief.Method.Wins);
    }
}

/// <summary>How a card changes a price.</summary>
public enum PriceChange
{
    /// <summary>To so much.</summary>
    To,

    /// <summary>By so much; below 0 it gets cheaper.</summary>
    By,

    /// <summary>To so many times what it was.</summary>
    Times,
}

/// <summary>Whom a card holds for.</summary>
public enum CardFor
{
    /// <summary>The team that has it.</summary>
    Holder,

    /// <summary>All teams.</summary>
    All,
}

/// <summary>How long a card holds.</summary>
public enum CardLasts
{
    /// <summary>From when it is drawn, in later rounds too.</summary>
    FromNowOn,

    /// <summary>In the round in which it is drawn; a price, for the next time that the team buys.</summary>
    Once,
}

/// <summary>When the cards of a deal come to the teams.</summary>
public enum DealtWhen
{
    /// <summary>Before the lesson, one to each team.</summary>
    BeforeLesson,

    /// <summary>In the lesson, one after the other.</summary>
    InLesson,
}
