using PluckyRally.Core.Briefs;
using PluckyRally.Core.Files;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Results;

/// <summary>Why teams of several rallies have no places over all.</summary>
internal static class OverAllWords
{
    public const string Class = "class";

    /// <summary>More differences than these nobody reads.</summary>
    private const int Most = 5;

    /// <summary>What of a brief decides what a number means.</summary>
    private static readonly string[] Counting = ["/measures", "/figures", "/rules", "/method", "/trials"];

    /// <summary>What makes rallies incomparable; none where they compare.</summary>
    /// <param name="rallies">The rallies.</param>
    /// <param name="totals">Whether totals are compared, and not a figure.</param>
    /// <param name="shares">Whether shares of what each could reach are compared: then tiers and editions may differ.
    /// </param>
    public static IReadOnlyList<string> Differs(IReadOnlyList<RallyJoining> rallies, bool totals, bool shares)
    {
        var (first, others) = (rallies[0], rallies.Skip(1).ToList());
        var run = first.Opened.In(first.Round).Compiled;
        if (others.Count == 0)
            return [];
        return
        [
            .. rallies.Select(r => r.Round).Distinct().Skip(1).Any()
                ?
                [
                    "They are in different rounds: "
                        + English.List([.. rallies.Select(r => $"{r.Opened.Rally.Name} in round {r.Round}")])
                        + ".",
                ]
                : Array.Empty<string>(),
            .. others
                .Where(o => !shares && o.Opened.Rally.Edition.Tier != first.Opened.Rally.Edition.Tier)
                .Select(o => $"{Named(o)} runs {Tier(o)}, {Named(first)} {Tier(first)}."),
            .. others
                .Where(_ => !shares)
                .SelectMany(o =>
                    Of(run.Brief, o.Opened.In(o.Round).Compiled.Brief)
                        .Select(d =>
                            $"{Named(o)}: {SentenceCase.Sentence(d.Where)} is {Or(d.After)}, in {Named(first)} "
                            + $"{Or(d.Before)}."
                        )
                )
                .Take(Most),
            .. totals && run.Parts.Any(p => p.Curve.ComparesTeams)
                ?
                [
                    "Some points come from comparing teams within a class, so totals of two classes say "
                        + "nothing against each other. Put the list in order of a figure.",
                ]
                : Array.Empty<string>(),
        ];
    }

    public const string ShareOfMost = "Share of the most points";

    public const string SharesWin =
        "Each total as a share of the most points that its own edition could give. The largest share wins.";

    /// <summary>Why no share of a best total can be said; empty where it can.</summary>
    public static string NoShare(RallyJoining rally)
    {
        var run = rally.Opened.In(rally.Round).Compiled;
        if (run.Brief.Method.Wins != WinningDirection.Highest)
            return $"{Named(rally)}: the lowest total wins, so there is no best total to have a share of.";
        return run.Parts.FirstOrDefault(p => p.MostPoints is null) is { } part
            ? $"{Named(rally)}: “{part.Part.Name}” gives points without an end. Say there how many it gives at most."
            : "";
    }

    public const string PointsForPlaces = "Points for places";

    public const string NoPlaceInClass = "no place in its class";

    /// <summary>What each place gives.</summary>
    public static string PlacePoints(IReadOnlyList<decimal> points) =>
        $"Points for the place in each class: {string.Join(", ", points.Select(p => Numerals.Write(p)))}. "
        + "The most points win.";

    /// <summary>How rallies are combined, in a few words.</summary>
    public static string Choice(Combined chosen) =>
        string.Join(
            ", ",
            new[]
            {
                chosen.By switch
                {
                    CombinedBy.Value => chosen.Figure.Length > 0 ? "by a figure" : "by total",
                    CombinedBy.PlacePoints =>
                        $"by points for places ({string.Join(", ", chosen.PlacePoints.Select(Numerals.Write))})",
                    CombinedBy.Share => "by the share of the most points",
                },
                chosen.Lists switch
                {
                    CombinedLists.One => "one list",
                    CombinedLists.Tier => "a list for each tier",
                    CombinedLists.Class => "a list for each class",
                },
                chosen.Anyway ? "with places although they differ" : "",
            }.Where(t => t.Length > 0)
        );

    /// <summary>What the list of a tier is called.</summary>
    public static string ListOfTier(string tier) => tier.Length > 0 ? tier : "Without a tier";

    /// <summary>How many teams did it, of those that have made their attempts.</summary>
    public static string HowManyDidIt(IReadOnlyList<RowOverAll> rows)
    {
        var finished = rows.Where(r => r.Value is not null).ToList();
        return finished.Count == 0
            ? "No team has made its attempts yet."
            : $"{finished.Count(r => r.Value > 0)} of {English.Count(finished.Count, "team")} did it.";
    }

    private static IEnumerable<Difference> Of(Brief one, Brief other) =>
        BriefDifferences
            .Between(one, other)
            .Where(d =>
                Counting.Any(c => d.At.StartsWith(c, StringComparison.Ordinal))
                && !d.At.EndsWith("/name", StringComparison.Ordinal)
            );

    private static string Named(RallyJoining rally) => rally.Opened.Rally.Name;

    private static string Tier(RallyJoining rally) =>
        rally.Opened.Rally.Edition.Tier is { Length: > 0 } tier ? $"the tier “{tier}”" : "the brief without a tier";

    private static string Or(string text) => text.Length > 0 ? $"“{ProblemCollector.Short(text)}”" : "not there";
}
