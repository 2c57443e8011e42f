using PluckyRally.Core.Briefs;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Parts;

/// <summary>Why something cost what it did.</summary>
public abstract record ChargeReason
{
    private ChargeReason() { }

    /// <summary>The reason, to go after what it came to.</summary>
    internal abstract string Say(Part.Budget part);

    /// <summary>Cards of the team changed the price.</summary>
    /// <param name="Cards">What they are called, in the order in which they were drawn.</param>
    public sealed record ByCard(IReadOnlyList<string> Cards) : ChargeReason
    {
        internal override string Say(Part.Budget part) =>
            $", because of the {(Cards.Count == 1 ? "card" : "cards")} "
            + English.List([.. Cards.Select(c => $"“{c}”")]);

        /// <inheritdoc/>
        public bool Equals(ByCard? other) => other is not null && Cards.SequenceEqual(other.Cards);

        /// <inheritdoc/>
        public override int GetHashCode() => Cards.Count;
    }

    /// <summary>The price was changed, and the device that sold it did not know of it yet.</summary>
    /// <param name="Now">What it cost by then.</param>
    public sealed record BeforeItWasKnown(decimal Now) : ChargeReason
    {
        internal override string Say(Part.Budget part) =>
            $"; it cost {BudgetScore.Show(Now, part)} by then, and the device did not know that yet";
    }

    /// <summary>It was written down with another price, and nobody knows what its device knew.</summary>
    /// <param name="Now">What it cost by then.</param>
    public sealed record ShownOtherwise(decimal Now) : ChargeReason
    {
        internal override string Say(Part.Budget part) => $"; the price was {BudgetScore.Show(Now, part)}";
    }

    /// <summary>The device showed another price, though it knew of everything that had changed.</summary>
    /// <param name="Shown">What it showed.</param>
    public sealed record HeldTo(decimal Shown) : ChargeReason
    {
        internal override string Say(Part.Budget part) => $"; the device showed {BudgetScore.Show(Shown, part)}";
    }

    /// <summary>A card forbids buying it, and the device that sold it did not know of the card yet.</summary>
    /// <param name="Card">What the card is called.</param>
    public sealed record ForbiddenSince(string Card) : ChargeReason
    {
        internal override string Say(Part.Budget part) =>
            $"; the card “{Card}” forbids it, and the device did not know that yet";
    }

    /// <summary>The price was changed later, for what is bought from then on.</summary>
    /// <param name="Now">What it costs now.</param>
    public sealed record BriefChange(decimal Now) : ChargeReason
    {
        internal override string Say(Part.Budget part) => $"; one costs {BudgetScore.Show(Now, part)} now";
    }
}
