using PluckyRally.Core.Results;
using PluckyRally.Core.Score;

namespace PluckyRally.Cli;

/// <summary>Writes standings as a table for a terminal.</summary>
internal static class StandingsTable
{
    public static void Write(Rally rally, Standings standings, TextWriter output)
    {
        output.WriteLine($"{rally.Edition.Brief.Title}: {rally.Name}, round {standings.Round}. {standings.WinsText}");
        var parts = standings.Rows.Count > 0 ? standings.Rows[0].Parts.Select(p => p.Name).ToList() : [];
        List<string[]> lines =
        [
            ["Place", "Team", .. parts, "Total"],
        ];
        lines.AddRange(
            standings.Rows.Select(row =>
                (string[])[Place(row), row.Name, .. row.Parts.Select(p => p.PointsText), row.TotalText]
            )
        );
        WriteColumns(lines, output);
        foreach (var row in standings.Rows.Where(r => r.Reason.Length > 0))
            output.WriteLine($"{row.Name}: {row.Reason}");
        foreach (var near in standings.Rows.SelectMany(r => r.TooNear.Select(t => $"{r.Name}: {t}")))
            output.WriteLine(near);
        foreach (var line in standings.References)
            output.WriteLine(
                $"{line.Reference.Name}: "
                    + string.Join(
                        ", ",
                        line.Parts.Where(p => p.ValueText.Length > 0).Select(p => $"{p.Name} {p.ValueText}")
                    )
                    + $"{(line.TotalText.Length > 0 ? $"; total {line.TotalText}" : "")}"
            );
        foreach (
            var against in standings.Rows.SelectMany(r =>
                r.Parts.SelectMany(p => p.Against.Select(a => $"{r.Name}, {p.Name}: {a}"))
            )
        )
            output.WriteLine(against);
        foreach (var award in standings.Awards)
            output.WriteLine(award.Says);
        if (standings.Closed is { Scoring: null })
            output.WriteLine("This round was closed before its places were kept; they are calculated today.");
        foreach (var changed in standings.Closed?.Differences ?? [])
            output.WriteLine(
                $"{changed.Name} was {changed.Had} when the round was closed, and is {changed.Has} today."
            );
        foreach (var finding in standings.Findings)
            output.WriteLine(finding);
        if (standings.Provisional)
            output.WriteLine("Some points depend on teams that are not finished, so they can still change.");
    }

    /// <summary>Writes the standing over the rounds.</summary>
    public static void Write(Rally rally, RoundsStanding standing, TextWriter output)
    {
        output.WriteLine($"{rally.Edition.Brief.Title}: {rally.Name}, over the rounds. {standing.WayText}");
        WriteColumns(
            [
                ["Place", "Team", .. standing.Rounds.Select(r => $"Round {r}"), "Total"],
                .. standing.Rows.Select(r =>
                    (string[])[r.PlaceText.Length > 0 ? r.PlaceText : "–", r.Name, .. r.Rounds, r.TotalText]
                ),
            ],
            output
        );
        foreach (var row in standing.Rows)
            output.WriteLine($"{row.Name}: {row.Why}");
    }

    /// <summary>Lines in columns: words to the left, numbers to the right.</summary>
    internal static void WriteColumns(IReadOnlyList<string[]> lines, TextWriter output)
    {
        var widths = Enumerable.Range(0, lines[0].Length).Select(column => lines.Max(l => l[column].Length)).ToArray();
        foreach (var line in lines)
            output.WriteLine(
                string.Join(
                        "  ",
                        line.Select(
                            (cell, column) => column < 2 ? cell.PadRight(widths[column]) : cell.PadLeft(widths[column])
                        )
                    )
                    .TrimEnd()
            );
    }

    private static string Place(Standing row) =>
        row.Status switch
        {
            StandingStatus.Placed => row.PlaceText.Length > 0 ? row.PlaceText : "–",
            StandingStatus.Unfinished => "unfinished",
            StandingStatus.DidNotPlace => "not placed",
            StandingStatus.Away => "away",
        };
}
