using PluckyRally.Core.Curves;
using PluckyRally.Core.Kit;
using PluckyRally.Core.Parts;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Briefs;

internal abstract partial record Piece
{
    /// <summary>A material.</summary>
    /// <param name="From">The stretch of the text.</param>
    /// <param name="Amount">How much; null where it is not said.</param>
    /// <param name="Unit">Its unit; empty for pieces.</param>
    /// <param name="Name">What it is called.</param>
    /// <param name="Per">Whom it is for.</param>
    /// <param name="Back">Whether it is given back.</param>
    /// <param name="Price">What one costs; null where it is not sold.</param>
    /// <param name="Note">How large one is; empty where it is not said.</param>
    /// <param name="Spares">Spares for the class; 0 where none are said.</param>
    /// <param name="Pack">How many are in a pack in which it is bought; null where it is not said.</param>
    public sealed record Stuff(
        TextRange From,
        decimal? Amount,
        string Unit,
        string Name,
        Per Per,
        bool Back = false,
        decimal? Price = null,
        string Note = "",
        decimal Spares = 0,
        decimal? Pack = null
    ) : Piece(From)
    {
        public override string Says() =>
            $"Material: {(Amount is null ? $"{Name}, with no limit," : Material("").Says())}"
            + (Per == Per.Team ? " for each team" : "")
            + (Spares > 0 ? $", {Numerals.Write(Spares)} spare for the class" : "")
            + (Pack is { } pack ? $", in packs of {Numerals.Write(pack)}" : "")
            + (Price is { } price ? $", at {Numerals.Write(price)} {(Pack is null ? "each" : "a pack")}" : "")
            + (Back ? ", given back." : ".");

        public override IReadOnlyList<Change> Changes(PieceDraft draft) =>
            [Change.Append("/materials", Material(draft.IdOf(this, "material")))];

        /// <summary>The same as a brief has it.</summary>
        internal Material Material(string id) =>
            new()
            {
                Id = id,
                // A brief calls a material as several of it are called.
                Name = Amount == 1 && Unit.Length == 0 ? English.Several(English.One(Name)) : Name,
                Category = MaterialUse.Of(Name),
                Amount = Amount,
                Unit = Unit,
                Per = Per,
                Reusable = Back,
                Price = Price,
                Note = Note,
                Spares = Spares,
                Pack = Pack,
            };
    }

    /// <summary>What each team has to spend.</summary>
    /// <param name="From">The stretch of the text.</param>
    /// <param name="Money">The currency's sign or the token's name.</param>
    /// <param name="Funds">How much.</param>
    public sealed record Budget(TextRange From, string Money, decimal Funds) : Piece(From)
    {
        public override string Says() =>
            Money is "$" or "€" or "£"
                ? $"A budget of {Money}{Numerals.Write(Funds)} for each team."
                : $"A budget of {Numerals.Write(Funds)} {Money} for each team.";

        public override IReadOnlyList<Change> Changes(PieceDraft draft) =>
            [
                Change.Set("/money", Money),
                Change.Append<Part>(
                    "/method/parts",
                    new Part.Budget
                    {
                        Id = draft.Id("budget"),
                        Name = "Budget",
                        Funds = Funds,
                        Money = Money,
                        Prices =
                        [
                            .. draft
                                .All.OfType<Stuff>()
                                .Where(s => s.Price is not null)
                                .Select(s => new Price
                                {
                                    Id = draft.Id("price"),
                                    Name = s.Name,
                                    Each = s.Price!.Value,
                                }),
                        ],
                        // Spending is kept in view; it scores nothing unless the teacher wants it to.
                        Curve = new Curve.Rate(0),
                    }
                ),
            ];
    }
}

/// <summary>What a material is usually good for, by its name.</summary>
internal static class MaterialUse
{
    /// <summary>One of the usual categories; empty where the name does not say (common practice, no source).</summary>
    public static string Of(string name)
    {
        var words = name.ToLowerInvariant().Split(' ', '-').Select(English.One).ToHashSet();
        return words.Overlaps(["tape", "glue", "string", "yarn", "thread", "clip", "fastener", "band", "pin", "paste"])
                ? Material.Joining
            : words.Overlaps(["scissor", "scissors", "ruler", "punch", "marker", "pen", "tool", "stapler"]) ? "tool"
            : words.Overlaps(["paper", "foil", "card", "cloth", "film", "wrap", "napkin", "newspaper", "felt", "bag"])
                ? "covering"
            : words.Overlaps(["bead", "marble", "weight", "penny", "pebble", "coin", "washer", "egg", "sack", "water"])
                ? "thing carried"
            : words.Overlaps([
                "straw",
                "stick",
                "skewer",
                "dowel",
                "cleaner",
                "spaghetti",
                "tube",
                "rod",
                "pencil",
                "cup",
                "strip",
                "spoon",
            ])
                ? "stiffening"
            : "";
    }
}
