using PluckyRally.Core.Ids;

namespace PluckyRally.Core.Rehearsals;

/// <summary>What comes of playing a brief with many classes, in plain words.</summary>
/// <param name="Inputs">What is expected where nobody writes otherwise, each with where it comes from.</param>
/// <param name="RestsOn">That it rests on guesses, and on which; absent where it does not.</param>
/// <param name="Findings">What the teacher should know, what is wrong first.</param>
/// <param name="Classes">How many classes were played.</param>
/// <param name="TieForFirst">Of a hundred classes, in how many the first place is shared.</param>
/// <param name="TieForAny">Of a hundred classes, in how many any place is shared.</param>
/// <param name="BestWins">Of a hundred classes, in how many the team that is best at bottom wins or shares the first
/// place.</param>
/// <param name="NotPlaced">Of a hundred teams, how many do not place.</param>
/// <param name="Parts">How much each part decides, the one that decides most first.</param>
/// <param name="Choices">What it could be compared with, side by side.</param>
public sealed record RehearsalReport(
    IReadOnlyList<RehearsalInput> Inputs,
    string? RestsOn,
    IReadOnlyList<RehearsalFinding> Findings,
    int Classes,
    decimal TieForFirst,
    decimal TieForAny,
    decimal BestWins,
    decimal NotPlaced,
    IReadOnlyList<PartDecides> Parts,
    IReadOnlyList<RehearsalChange> Choices
)
{
    /// <summary>Plays it through the scorer that real classes have.</summary>
    /// <param name="rehearsal">What is played.</param>
    /// <param name="played">Hears how many classes have been played.</param>
    /// <param name="stop">Stops it between two classes.</param>
    /// <exception cref="OperationCanceledException">It was stopped.</exception>
    public static RehearsalReport Of(Rehearsal rehearsal, Action<int> played, CancellationToken stop)
    {
        var (compiled, asked, classes) = (rehearsal.Compiled, rehearsal.Asked, rehearsal.Classes);
        var (ties, luck, parts, bands, rules) = (
            new TiesSeen(),
            new LuckSeen(asked.Teams),
            new PartsSeen(compiled),
            new BandsSeen(compiled.Parts),
            new RulesSeen(compiled)
        );
        var (reread, supplies) = (new RereadSeen(classes.Run, asked.Seed), new SuppliesSeen(compiled, asked.Teams));
        for (var lineUp = 0; lineUp < asked.LineUps; lineUp++)
        {
            var best = Best(classes, lineUp);
            for (var play = 0; play < RehearsalAsked.Plays; play++)
            {
                stop.ThrowIfCancellationRequested();
                var now = classes.Play(lineUp, play);
                ties.See(now);
                luck.See(now, best);
                parts.See(now);
                bands.See(now);
                rules.See(now);
                supplies.See(now);
                if (play == 0)
                    reread.See(now);
            }

            played((lineUp + 1) * RehearsalAsked.Plays);
        }

        List<string> guesses =
        [
            .. rehearsal.Expected.Where(i => i.IsGuess && !asked.Expected.ContainsKey(i.Handle)).Select(i => i.Name),
        ];
        IEnumerable<RehearsalFinding?> ranked = compiled.Brief.Method.Ranking
            ? [luck.Finding(compiled), ties.Finding(compiled, asked.Teams), reread.Finding()]
            : [];
        var findings = ranked
            .Concat(parts.Findings())
            .Concat(bands.Findings())
            .Concat(rules.Findings())
            .OfType<RehearsalFinding>()
            .Select(f =>
                guesses.Count > 0 && f.Weight == FindingWeight.Fine ? f with { Weight = FindingWeight.IfGuessed } : f
            )
            .Append(QueueSeen.Of(classes, asked.Classes, stop))
            .Concat(supplies.Findings())
            .OfType<RehearsalFinding>();
        return new(
            rehearsal.Expected,
            guesses.Count > 0 ? RehearsalWords.RestsOnGuesses(guesses) : null,
            [.. findings.OrderBy(f => f.Weight)],
            asked.LineUps * RehearsalAsked.Plays,
            ties.TieForFirst,
            ties.TieForAny,
            luck.BestWins,
            rules.NotPlaced,
            parts.Decides(),
            RehearsalHelp.Choices(compiled)
        );
    }

    /// <summary>
    /// The team that is first when the moment adds nothing; where several are, the one of them that is better over all.
    /// </summary>
    internal static TeamId Best(RehearsedClasses classes, int lineUp)
    {
        var first = classes.Play(lineUp, RehearsedClasses.AtTheirBest).First.Select(r => r.Team.Id).ToHashSet();
        return classes
            .Teams[
                Enumerable
                    .Range(0, classes.Teams.Count)
                    .Where(t => first.Count == 0 || first.Contains(classes.Teams[t].Id))
                    .MaxBy(t => classes.Level(lineUp, t))
            ]
            .Id;
    }
}
