namespace PluckyRally.Core;

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
    public static IReadOnlyList<string> Differs(IReadOnlyList<RallyJoining> rallies, bool totals)
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
                .Where(o => o.Opened.Rally.Edition.Tier != first.Opened.Rally.Edition.Tier)
                .Select(o => $"{Named(o)} runs {Tier(o)}, {Named(first)} {Tier(first)}."),
            .. others
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

    /// <summary>How many teams did it, of those that have made their attempts.</summary>
    public static string HowManyDidIt(IReadOnlyList<RowOverAll> rows)
    {
        var finished = rows.Where(r => r.Value is not null).ToList();
        return finished.Count == 0
            ? "No team has made its attempts yet."
            : $"{finished.Count(r => r.Value > 0)} of {English.Count(finished.Count, "team")} did it.";
    }

    private static IEnumerable<Difference> Of(Brief one, Brief other) =>
        Difference
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
