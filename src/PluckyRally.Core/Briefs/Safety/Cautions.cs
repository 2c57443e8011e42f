using System.Text.RegularExpressions;

namespace PluckyRally.Core.Briefs;

/// <summary>The usual caution with a hazard.</summary>
/// <param name="Kind">The hazard.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Says">The caution, as students read it.</param>
/// <param name="Present">Who must be there.</param>
public sealed record Caution(HazardKind Kind, string Name, string Says, string Present);

/// <summary>
/// Cautions as they are usual in classrooms (common practice, no source). They never stand above a school's own rules.
/// </summary>
public static class Cautions
{
    /// <summary>The line that goes with every caution.</summary>
    public const string SchoolFirst = "School policy, local rules and trained staff come first.";

    /// <summary>One for each hazard.</summary>
    public static IReadOnlyList<Caution> All { get; } =
    [
        new(
            HazardKind.Projectiles,
            "Things that fly",
            "Wear goggles. Keep the lane clear. Nothing hard or sharp is launched, and only the mechanism "
                + "launches, never a hand.",
            "An adult stands at the lane and gives the word for each launch."
        ),
        new(
            HazardKind.Heights,
            "Heights and drops",
            "An adult drops from the height. The landing zone is roped off, and nobody stands under it.",
            "An adult stands at the drop."
        ),
        new(
            HazardKind.StandingOnBuilds,
            "Standing on a build",
            "Only low builds on a soft floor are stood on, one person at a time, with a hand to hold.",
            "An adult stands beside the build as a spotter."
        ),
        new(
            HazardKind.Cutters,
            "Cutting tools",
            "Cut away from yourself, on a mat. Cutters stay at the cutting table and are counted back.",
            "An adult is at the cutting table; for young students, the adult cuts."
        ),
        new(
            HazardKind.HotGlue,
            "Hot glue",
            "The tip and the glue burn. Low-temperature guns only, at the glue table, never over a hand.",
            "An adult is at the glue table, with cold water close by."
        ),
        new(
            HazardKind.FansAndHeat,
            "Fans and heat",
            "Keep hair, sleeves and fingers away from blades, hot air, lamps and hot water. Cables are out of the way.",
            "An adult switches it on and off."
        ),
        new(
            HazardKind.Food,
            "Food",
            "Wash hands before and after. Nothing is eaten or tasted once it was used. Check everyone's "
                + "allergies first.",
            "The teacher knows the class's allergies."
        ),
        new(
            HazardKind.Latex,
            "Latex",
            "Ask about latex allergy first, and use latex-free bands, balloons and gloves. Bands are never "
                + "aimed at anyone.",
            "The teacher knows the class's allergies."
        ),
        new(
            HazardKind.SmallParts,
            "Small parts",
            "Small parts stay on the tray and out of mouths, ears and noses. Count them out and back.",
            "An adult is at the table with children under six."
        ),
        new(
            HazardKind.SlipperyFloors,
            "Floors",
            "Walk, or run only where it is marked. Wipe up water and beads at once. Closed shoes.",
            "An adult is at the course."
        ),
    ];

    /// <summary>The caution with a hazard.</summary>
    public static Caution Of(HazardKind kind) => All.First(c => c.Kind == kind);

    /// <summary>Hazards that a text speaks of, each with the word that gave it away.</summary>
    internal static IEnumerable<(HazardKind Kind, string Word)> In(string text)
    {
        var used = WithoutWhatIsRuledOut(text);
        foreach (var (kind, words) in Telltales())
        {
            if (words.Match(used) is { Success: true } found)
                yield return (kind, found.Value.ToLowerInvariant());
        }
    }

    /// <summary>
    /// A text without what it says is not there or not done: "no glue, tape or scissors". What is ruled out only under
    /// a condition, as in "no scissors without a grown-up", is there.
    /// </summary>
    private static string WithoutWhatIsRuledOut(string text) =>
        RuledOut.Replace(text, said => Condition.IsMatch(said.Value, said.Groups["no"].Length) ? said.Value : " ");

    private static readonly Regex RuledOut = new(
        @"\b(?<no>no|without(?:\s+any)?|(?:nobody|no one|do not|don't|must not|may not"
            + @"|never)\s+(?:\w+\s+)?(?:use|uses|bring|brings|need|needs|stand|stands|sit|sits|step|steps|walk"
            + @"|walks|climb|climbs|jump|jumps|throw|throws)|not\s+(?:stand|sit|step|walk"
            + @"|climb)(?:ing)?)\s+(?!one\b)[^.;:!?\n]*",
        RegexOptions.IgnoreCase
    );

    private static readonly Regex Condition = new(
        @"\b(?:unless|except|until|before|without|while|but|near|alone)\b",
        RegexOptions.IgnoreCase
    );

    private static IEnumerable<(HazardKind Kind, Regex Words)> Telltales() =>
        [
            (HazardKind.Projectiles, Flying),
            (HazardKind.Heights, Dropping),
            (HazardKind.StandingOnBuilds, Standing),
            (HazardKind.Cutters, Cutting),
            (HazardKind.HotGlue, Gluing),
            (HazardKind.FansAndHeat, Heating),
            (HazardKind.Food, Eating),
            (HazardKind.Latex, Stretching),
            (HazardKind.SmallParts, Swallowing),
            (HazardKind.SlipperyFloors, Slipping),
        ];

    private static readonly Regex Flying = new(
        @"\b(launch\w*|catapults?|slingshots?|rockets?|projectiles?|shoots?|fires? (?:a|the)|thrown?|throws"
            + @"|gliders?|flings?|darts?)\b",
        RegexOptions.IgnoreCase
    );

    private static readonly Regex Dropping = new(
        @"\b(drop(?:s|ped|ping)?\b[^.!?]{0,40}\bfrom|drop height|ladders?|stepladders?|balcon(?:y|ies)|stairwells?)\b",
        RegexOptions.IgnoreCase
    );

    private static readonly Regex Standing = new(
        @"\b(?:stand(?:s|ing)?|stood|step(?:s|ped|ping)?|sit(?:s|ting)?|sat|walk(?:s|ed|ing)?|climb(?:s|ed"
            + @"|ing)?|jump(?:s|ed|ing)?|kneel(?:s|ing)?|cross(?:es)?)\b(?:\s+\w+){0,2}?\s+(?:up\s+)?(?:on|onto"
            + @"|upon|over|across)\s+(?:it\b|what\s+(?:you|they|we|was|is)\b|(?:the|your|their|its"
            + @"|a)\s+(?:own\s+)?(?:build|bridge|chair|stool|platform|raft|bench|structure|deck|beam|causeway"
            + @"|jetty|seat|swing|stage)\b)"
            + @"|\b(?:carr(?:y|ies)|hold(?:s)?|bear(?:s)?|support(?:s)?"
            + @"|take(?:s)?)\b(?:\s+up)?\s+(?:the\s+weight\s+of\s+)?(?:you|a\s+(?:student|child|person|classmate"
            + @"|grown-up|team\s*mate)|one\s+of\s+you|somebody|someone|students|children|people|the\s+(?:teacher"
            + @"|whole\s+team)|your\s+(?:own\s+)?weight)\b",
        RegexOptions.IgnoreCase
    );

    private static readonly Regex Cutting = new(
        @"\b(scissors|kni(?:fe|ves)|cutters?|saws?|craft blades?|box cutters?|skewers?|wire cutters?)\b",
        RegexOptions.IgnoreCase
    );

    private static readonly Regex Gluing = new(@"\b(hot glue|glue guns?|hot-glue)\b", RegexOptions.IgnoreCase);

    private static readonly Regex Heating = new(
        @"\b(fan|fans|hair ?dryers?|dryers?|heat lamps?|desk lamps?|hot water|candles?|flames?|kettles?"
            + @"|stoves?|ovens?)\b",
        RegexOptions.IgnoreCase
    );

    private static readonly Regex Eating = new(
        @"\b(eggs?|spaghetti|pasta|marshmallows?|sweets|cand(?:y|ies)|biscuits?|cookies?|crackers?|rice"
            + @"|beans|lentils|peas|fruit|potato(?:es)?|flour|gumdrops?|nuts)\b",
        RegexOptions.IgnoreCase
    );

    private static readonly Regex Stretching = new(
        @"\b(rubber bands?|elastic bands?|balloons?|latex)\b",
        RegexOptions.IgnoreCase
    );

    private static readonly Regex Swallowing = new(
        @"\b(beads?|marbles?|coins?|pebbles?|buttons?|magnets?|button cells?|small parts)\b",
        RegexOptions.IgnoreCase
    );

    private static readonly Regex Slipping = new(
        @"\b(relay(?!\s+(?:towers?|stations?|signals?|messages?|lights?))"
            + @"|races? (?:against|over|to)|runners?|sprint\w*|splash\w*|bucket[- ]chain|wet floors?)\b",
        RegexOptions.IgnoreCase
    );
}
