using PluckyRally.Core.Readings;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Kit;

/// <summary>What an amount of material is for.</summary>
public enum Per
{
    /// <summary>For each team.</summary>
    Team,

    /// <summary>For each member of a team.</summary>
    Member,

    /// <summary>For each attempt of a team.</summary>
    Attempt,

    /// <summary>For each fresh build.</summary>
    FreshBuild,

    /// <summary>For the whole class.</summary>
    Class,

    /// <summary>For each lane, that is each table at which teams are tested at once.</summary>
    Lane,

    /// <summary>For each heat: the teams that are tested at once.</summary>
    Heat,

    /// <summary>For the class, in each round anew.</summary>
    Round,
}

/// <summary>Something that students may use, or that the test needs.</summary>
public sealed record Material
{
    /// <summary>Names the material in stages.</summary>
    public required string Id { get; init; }

    /// <summary>What it is called.</summary>
    public string Name { get; init; } = "";

    /// <summary>What it is good for: one of <see cref="UsualCategories"/>, or the brief's own word.</summary>
    public string Category { get; init; } = "";

    /// <summary>How much there is, 0 or more; absent where there is no limit.</summary>
    public decimal? Amount { get; init; }

    /// <summary>The unit of a continuous amount, such as cm of tape; empty for pieces.</summary>
    public string Unit { get; init; } = "";

    /// <summary>Whom the amount is for.</summary>
    public Per Per { get; init; }

    /// <summary>Whether it is given back and used again.</summary>
    public bool Reusable { get; init; }

    /// <summary>More about it: its size, or how it may be used.</summary>
    public string Note { get; init; } = "";

    /// <summary>Spares for the class: so many, or a percentage of all teams' need; 0 or more.</summary>
    public decimal Spares { get; init; }

    /// <summary>Whether the spares are a percentage.</summary>
    public bool SparesInPercent { get; init; }

    /// <summary>How much is in one pack; absent where it is bought by the piece.</summary>
    public decimal? Pack { get; init; }

    /// <summary>
    /// What one pack costs, or one piece where there are no packs, in the brief's money; absent where it costs nothing.
    /// </summary>
    public decimal? Price { get; init; }

    /// <summary>The id of a card that is dealt: only teams that have it get the material. Empty where all do.</summary>
    public string OnlyFor { get; init; } = "";

    /// <summary>Left out, so that a tier can bring it in (or the other way round).</summary>
    public bool Off { get; init; }

    /// <summary>The usual categories; a brief may use its own.</summary>
    public static IReadOnlyList<string> UsualCategories { get; } =
    ["stiffening", "covering", "joining", "tool", "rig", "weight", "thing carried"];

    /// <summary>The category of what holds parts together.</summary>
    public const string Joining = "joining";

    /// <summary>Whether it belongs to the test and is needed.</summary>
    [System.Text.Json.Serialization.JsonIgnore]
    public bool IsOfRig => !Off && IsRig;

    /// <summary>Whether it belongs to the test and not to the students.</summary>
    internal bool IsRig => Category is "rig" or "weight" or "thing carried";

    /// <summary>Whether its amount is for the class and not for each team.</summary>
    internal bool IsOfClass => Per is Per.Class or Per.Lane or Per.Heat or Per.Round;

    /// <summary>
    /// Whether teams count it out and back in: all but the rig and the weights, which stay at the test.
    /// </summary>
    internal bool IsCountedOut => Category is not ("rig" or "weight");

    /// <summary>
    /// Whether it can be drawn into a bag: what a build is made of, told apart by what it is good for.
    /// </summary>
    internal bool IsForBags => !IsRig && Category.Length > 0 && Category != "tool";

    /// <summary>The material with its amount, as the sheet has it: <c>12 straws</c>, <c>60 cm of tape</c>.</summary>
    public string Says()
    {
        var each = Per switch
        {
            Per.Member => " for each member",
            Per.Attempt => " for each attempt",
            Per.FreshBuild => " for each fresh build",
            Per.Class => " for the class",
            Per.Lane => " for each lane",
            Per.Heat => " for each heat",
            Per.Round => " for each round",
            Per.Team => "",
        };
        var amount = Amount is { } number ? So(number, Unit, Name) : $"{Name}, as much as you like";
        return $"{amount}{each}{(Note.Length > 0 ? $" ({Note})" : "")}";
    }

    /// <summary>So much of a thing: "12 straws", "1 straw", "60 cm of tape", "1 sheet of foil".</summary>
    internal static string So(decimal amount, string unit, string name) =>
        unit.Length == 0
            ? English.So(amount, name)
            : $"{Numerals.Write(amount)} "
                + (
                    Units.Read(unit) is not null ? unit
                    : amount == 1 ? English.One(unit)
                    : English.Several(English.One(unit))
                )
                + $" of {name}";
}
