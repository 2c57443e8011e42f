using System.Globalization;
using PluckyRally.Core.Files;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Results;
using PluckyRally.Core.Score;

namespace PluckyRally.Cli;

/// <summary>Prints the standings of a rally's file.</summary>
internal static class ScoreCommand
{
    public static int Run(string[] arguments, TextWriter output, TextWriter error)
    {
        if (Options.Read(arguments, error) is not { } options || RallyFile.Open(options.File, error) is not { } opened)
            return 2;
        RallyFile.Say(options.File, [.. opened.Notes.Select(p => p with { What = $"Set aside: {p.What}" })], error);
        var rally = opened.Rally;
        if (options.OverRounds)
            return OverRounds(opened, options, output, error);
        var round = options.Round ?? rally.Entries.Select(e => e.Round).DefaultIfEmpty(1).Max();
        var standings = opened.Result(round).Standings;
        standings = standings with { Closed = ClosedRound.Compare(opened, standings) };
        if (options.Why is { } team)
            return Why(standings, team, output, error);
        if (options.Json)
            output.WriteLine(
                Json.Write(
                    new ScoredRally(
                        rally.Name,
                        standings,
                        MeasureSummaries.Of(opened, round),
                        Confidence.Of(opened, round),
                        opened.Aside,
                        TeamDetail.Of(opened, round)
                    )
                )
            );
        else
            StandingsTable.Write(rally, standings, output);
        return 0;
    }

    private static int OverRounds(OpenedRally opened, Options options, TextWriter output, TextWriter error)
    {
        var way = options.Way is { } named ? new OverRounds { Way = named } : null;
        switch (RoundsStanding.Of(opened, way))
        {
            case null:
                error.WriteLine("This rally has one round, or its brief gives no places. There is nothing to combine.");
                return 2;
            case { Over: null }:
                error.WriteLine(
                    "Nothing says how the rounds are combined. Write --over-rounds last, best, sum or mean."
                );
                return 2;
            case var standing when options.Json:
                output.WriteLine(Json.Write(standing));
                return 0;
            case var standing:
                StandingsTable.Write(opened.Rally, standing, output);
                return 0;
        }
    }

    private static int Why(Standings standings, string team, TextWriter output, TextWriter error)
    {
        var row = standings.Rows.FirstOrDefault(r =>
            r.Team.Value == team || r.Name.Equals(team, StringComparison.OrdinalIgnoreCase)
        );
        if (row is null)
        {
            error.WriteLine(
                $"There is no team “{team}”. Use one of these: {string.Join(", ", standings.Rows.Select(r => r.Name))}."
            );
            return 2;
        }

        output.WriteLine(row.Name);
        foreach (var step in row.Why)
            output.WriteLine($"  {step.Sentence}");
        return 0;
    }

    private sealed record Options(string File, int? Round, string? Why, bool Json, bool OverRounds, RoundsWay? Way)
    {
        public static Options? Read(string[] arguments, TextWriter error)
        {
            var options = new Options("", null, null, false, false, null);
            for (var i = 0; i < arguments.Length; i++)
            {
                var more = i + 1 < arguments.Length;
                switch (arguments[i])
                {
                    case "--json":
                        options = options with { Json = true };
                        break;
                    case "--over-rounds":
                        options = options with { OverRounds = true };
                        if (more && ParseWay(arguments[i + 1]) is { } way)
                        {
                            options = options with { Way = way };
                            i++;
                        }

                        break;
                    case "--why" when more:
                        options = options with { Why = arguments[++i] };
                        break;
                    case "--round"
                        when more
                            && int.TryParse(
                                arguments[i + 1],
                                NumberStyles.None,
                                CultureInfo.InvariantCulture,
                                out var round
                            )
                            && round is >= 1 and <= Limits.Rounds:
                        options = options with { Round = round };
                        i++;
                        break;
                    case var file when options.File.Length == 0 && !file.StartsWith("--", StringComparison.Ordinal):
                        options = options with { File = file };
                        break;
                    case var other:
                        error.WriteLine(
                            $"“{other}” is not understood here. Write score FILE, then --round N (1 to "
                                + $"{Limits.Rounds}), --why TEAM, --over-rounds or --json."
                        );
                        return null;
                }
            }

            if (options.File.Length > 0)
                return options;
            error.WriteLine("Which file? Write score FILE.");
            return null;
        }

        private static RoundsWay? ParseWay(string word) =>
            word switch
            {
                "last" => RoundsWay.Last,
                "best" => RoundsWay.Best,
                "sum" => RoundsWay.Sum,
                "mean" => RoundsWay.Mean,
                _ => null,
            };
    }
}

/// <summary>Everything that is known of a scored round.</summary>
internal sealed record ScoredRally(
    string Rally,
    Standings Standings,
    IReadOnlyList<MeasureSummary> Statistics,
    Confidence Confidence,
    IReadOnlyList<SetAside> SetAside,
    IReadOnlyList<TeamDetail> Teams
);
