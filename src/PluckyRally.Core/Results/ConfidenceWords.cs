using PluckyRally.Core.Briefs;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Results;

/// <summary>Says how certain the places are, and what to measure again.</summary>
internal static class ConfidenceWords
{
    /// <summary>There is only one team, or none.</summary>
    public static string SayAlone() => "There is nobody to compare with yet.";

    /// <summary>What the chances leave out, and what is known of it.</summary>
    /// <param name="spread">How far attempts of one team lie apart.</param>
    /// <param name="chances">The chances of another day; empty where points hang on how all teams come out.</param>
    public static IReadOnlyList<string> AnotherDay(
        IReadOnlyList<AttemptSpread> spread,
        IReadOnlyList<PlaceChances> chances
    ) =>
        spread.Count == 0
            ?
            [
                "This covers measuring error only. What another day would give is not known: "
                    + "that takes two teams with two attempts each that count.",
            ]
            :
            [
                "This covers measuring error only. "
                    + "On another day, the teams’ attempts would also come out differently.",
                .. spread.Select(s =>
                    $"{s.Plan.Part.Name}: one team’s attempts differ by about {s.Say()} (standard deviation within "
                    + "teams). A smaller difference could go the other way."
                ),
                chances.MaxBy(c => c.Places[0]) is { } first
                    ? $"With attempts that differ so much, {first.Name} would come first on "
                        + $"{Math.Floor(first.Places[0] * 100):0} days in 100."
                    : "How often each team would come first is not calculated here, because points depend on how "
                        + "the other teams do.",
            ];

    /// <summary>Chances of places as one reads them out: "1st 62%, 2nd 38%".</summary>
    public static string Chances(IReadOnlyList<double> places) =>
        string.Join(
            ", ",
            places
                .Select(
                    (chance, i) =>
                        (Place: English.Ordinal(i + 1), Of: Math.Round(chance * 100, MidpointRounding.AwayFromZero))
                )
                .Where(p => p.Of >= 1)
                .Select(p => $"{p.Place} {p.Of:0}%")
        );

    /// <summary>Which reading to repeat, and what it is worth.</summary>
    public static string Again(string team, Measure measure, string reading, decimal swing) =>
        $"Measure {measure.InSentence} of {team} again ({SentenceCase.Sentence(reading)}): within what it is good "
        + $"to, it moves their total by {MethodWords.Points(Rounding.ToDecimals(swing, 2))}.";

    public static string Say(List<PlaceChances> teams, bool tooClose, List<TeamResult> placed, CompiledEdition compiled)
    {
        var chance = $"{Math.Floor(teams[0].Places[0] * 100):0} of 100";
        if (!tooClose)
            return $"By the readings, {teams[0].Name} came first in {chance} draws.";
        var rivals = teams.Skip(1).Where(t => t.Places[0] >= Confidence.Rival).Select(t => t.Name).Take(3).ToList();
        var coarse = compiled
            .Parts.SelectMany(p => p.Measures)
            .Where(m => !m.IsExact)
            .Select(m => m.InSentence)
            .Distinct()
            .ToList();
        var again =
            coarse.Count > 0
                ? $" Measure {string.Join(" and ", coarse)} again, more finely, for "
                    + $"{string.Join(", ", rivals.Prepend(placed[0].Team.Name))}."
                : "";
        return $"Too close to call: {teams[0].Name} came first in {chance} draws.{again}";
    }
}
