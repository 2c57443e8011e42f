using BenchmarkDotNet.Attributes;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Results;
using PluckyRally.Core.Score;

namespace PluckyRally.Benchmarks;

/// <summary>
/// Standings with all that a screen shows of them, beside a loop by hand that does the same work for this one brief:
/// strikes, numbered attempts, rules, bounds, rounding, ties, and every number as it is shown.
/// </summary>
[MemoryDiagnoser]
public class StandingsBenchmark
{
    private OpenedRally _rally = null!;

    [Params("class", "fair")]
    public string Size { get; set; } = "";

    [GlobalSetup]
    public void Setup()
    {
        _rally = Size == "class" ? Sizes.Make(10, 6, 5) : Sizes.Make(200, 10, 30);
        var (hand, scored) = (ByHand(), Scored());
        if (!hand.SequenceEqual(scored))
            throw new InvalidOperationException("The loop by hand came to other standings.");
    }

    [Benchmark(Baseline = true)]
    public int HandLoop() => ByHand().Count;

    [Benchmark]
    public Standings Standings() => RoundResult.Of(_rally.In(1), _rally.Stands).Standings;

    private List<string> Scored() =>
        [
            .. Standings()
                .Rows.Select(r =>
                    $"{r.PlaceText}|{r.Name}|{r.TotalText}|"
                    + $"{string.Join(",", r.Parts.Select(p => $"{p.ValueText}={p.PointsText}"))}"
                ),
        ];

    private sealed record Row(
        Team Team,
        bool Missed,
        bool Finished,
        (decimal Best, bool AtLeast)[] Bests,
        decimal Total,
        bool AtLeast
    );

    private List<string> ByHand()
    {
        var struck = new HashSet<EntryId>();
        foreach (var entry in _rally.Rally.Entries.Reverse())
        {
            if (entry is Entry.StruckOut strike && !struck.Contains(strike.Id))
                struck.Add(strike.Entry);
        }

        var trials = new Dictionary<TeamId, SortedDictionary<int, List<Entry.TrialRecorded>>>();
        var stands = new Dictionary<TeamId, bool>();
        foreach (var entry in _rally.Rally.Entries)
        {
            if (entry.Round != 1 || struck.Contains(entry.Id))
                continue;
            if (entry is Entry.RuleChecked check)
                stands[check.Team] = check.Met;
            if (entry is not Entry.TrialRecorded { Purpose: Purpose.Score, Outcome: not TrialOutcome.Void } trial)
                continue;
            if (!trials.TryGetValue(trial.Team, out var attempts))
                trials[trial.Team] = attempts = [];
            var number = trial.Attempt ?? attempts.Count + 1;
            if (!attempts.TryGetValue(number, out var same))
                attempts[number] = same = [];
            same.Add(trial);
        }

        var measures = _rally.In(1).Compiled.Brief.Measures.Select(m => m.Id).ToArray();
        var rows = new List<Row>();
        foreach (var team in _rally.Rally.Teams)
        {
            var bests = new (decimal Best, bool AtLeast)[measures.Length];
            var counted = 0;
            foreach (var (_, same) in trials[team.Id])
            {
                if (Read(same, measures[0]).Value < Sizes.Least)
                    continue;
                counted++;
                for (var i = 0; i < measures.Length; i++)
                {
                    var (value, atLeast) = Read(same, measures[i]);
                    if (counted == 1 || value > bests[i].Best)
                        bests[i] = (value, bests[i].AtLeast || atLeast);
                    else
                        bests[i].AtLeast |= atLeast;
                }
            }

            var total = 0m;
            var bound = false;
            foreach (var (best, atLeast) in bests)
            {
                total += Points(best);
                bound |= atLeast;
            }

            rows.Add(
                new(
                    team,
                    !stands[team.Id],
                    trials[team.Id].Count == _rally.In(1).Compiled.Brief.Trials.Attempts,
                    bests,
                    total,
                    bound
                )
            );
        }

        var order = rows.OrderBy(r => r.Missed)
            .ThenByDescending(r => r.Total)
            .ThenByDescending(r => !r.Missed && r.AtLeast)
            .ThenBy(r => r.Team.Name, StringComparer.Ordinal)
            .ToList();
        var shown = new List<string>();
        for (var i = 0; i < order.Count; i++)
        {
            var row = order[i];
            var sharing = order
                .Where(r => !r.Missed && !row.Missed && (r.Total, r.AtLeast) == (row.Total, row.AtLeast))
                .ToList();
            var place = row.Missed
                ? ""
                : Ordinal(order.IndexOf(sharing[0]) + 1) + (sharing.Count > 1 ? ", shared" : "");
            shown.Add(
                $"{place}|{row.Team.Name}|{(row.AtLeast ? "at least " : "")}{row.Total:F1}|"
                    + string.Join(
                        ",",
                        row.Bests.Select(b => $"{(b.AtLeast ? "at least " : "")}{b.Best:F1} cm={Points(b.Best):F1}")
                    )
            );
        }

        return shown;
    }

    private static decimal Points(decimal value) => Math.Round(value * 0.2m, 1, MidpointRounding.AwayFromZero);

    /// <summary>The mean of those who read one attempt.</summary>
    private static (decimal Value, bool AtLeast) Read(List<Entry.TrialRecorded> same, string measure)
    {
        var (sum, count, atLeast) = (0m, 0, false);
        foreach (var trial in same)
        {
            foreach (var reading in trial.Readings)
            {
                if (reading.Measure != measure)
                    continue;
                sum += reading.Value!.Value;
                atLeast |= reading.Bound == Bound.AtLeast;
                count++;
            }
        }

        return (sum / count, atLeast);
    }

    private static string Ordinal(int number) =>
        (number % 100 is >= 11 and <= 13 ? 0 : number % 10) switch
        {
            1 => $"{number}st",
            2 => $"{number}nd",
            3 => $"{number}rd",
            _ => $"{number}th",
        };
}
