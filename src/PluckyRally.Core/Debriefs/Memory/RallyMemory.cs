using PluckyRally.Core.Ids;
using PluckyRally.Core.Kit;
using PluckyRally.Core.Parts;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Results;
using PluckyRally.Core.Run;
using PluckyRally.Core.Score;
using PluckyRally.Core.Time;

namespace PluckyRally.Core.Debriefs;

/// <summary>What a rally leaves for whoever runs its brief again.</summary>
/// <param name="Notes">What was noted of the rally, and what the class answered.</param>
/// <param name="Phases">How long each phase took beside what was planned, as far as the clock ran.</param>
/// <param name="Missing">What did not come back, a line each.</param>
/// <param name="Loads">The most that was laid on, a line for each measure of loads.</param>
/// <param name="Best">The best value of the first part, for the next class to beat; absent where there is none.</param>
public sealed record RallyMemory(
    IReadOnlyList<RallyNote> Notes,
    IReadOnlyList<PhaseTook> Phases,
    IReadOnlyList<string> Missing,
    IReadOnlyList<string> Loads,
    BestSoFar? Best
)
{
    /// <summary>Whether it holds anything.</summary>
    public bool IsEmpty => Notes.Count + Phases.Count + Missing.Count + Loads.Count == 0 && Best is null;

    /// <summary>What a rally leaves.</summary>
    public static RallyMemory Of(OpenedRally opened)
    {
        var standing = opened.Stands;
        var questions = opened.In(opened.Running).Compiled.Brief.Teacher.Questions;
        var results = Enumerable
            .Range(1, opened.Rounds)
            .Select(round => (Run: opened.In(round), Results: opened.Result(round).Teams))
            .ToList();
        return new(
            [
                .. standing
                    .OfType<Entry.NoteMade>()
                    .Where(n => n.Team == default)
                    .Select(n => new RallyNote(n.Id, n.Round, "", n.Text)),
                .. standing
                    .OfType<Entry.AnswerGiven>()
                    .Where(a => a.Team == default)
                    .Select(a => new RallyNote(
                        a.Id,
                        a.Round,
                        questions.ElementAtOrDefault(a.Question - 1) ?? "",
                        a.Text
                    )),
            ],
            PhaseTook.Of(opened, standing),
            [
                .. TeamKit
                    .Of(opened.In(opened.Running), opened.Stands)
                    .SelectMany(t => t.Lines)
                    .Where(l => l.Missing > 0)
                    .GroupBy(l => l.Material)
                    .Select(g => Material.So(g.Sum(l => l.Missing), g.First().Unit, g.First().Name)),
            ],
            [
                .. results[0]
                    .Run.Compiled.Brief.Measures.Where(m => m.LoadTest || m.Weights.Count > 0)
                    .Select(m => Heaviest(m, results.SelectMany(r => r.Results)))
                    .OfType<string>(),
            ],
            BestSoFar.Of(results)
        );
    }

    private static string? Heaviest(Measure measure, IEnumerable<TeamResult> results)
    {
        var read = results
            .SelectMany(r => r.Designs)
            .SelectMany(d => d.Design.Attempts.Select(a => d.Design.Read(measure, a)))
            .Where(v => v.HasValue)
            .ToList();
        return read.Count == 0 ? null : MemoryWords.Heaviest(measure, read.MaxBy(v => v.Number));
    }
}

/// <summary>A line that was noted of a rally.</summary>
/// <param name="Entry">The entry, to take it back.</param>
/// <param name="Round">The round in which it was.</param>
/// <param name="Question">The question that it answers; empty for a note.</param>
/// <param name="Text">What was noted.</param>
public sealed record RallyNote(EntryId Entry, int Round, string Question, string Text);

/// <summary>How long a phase took.</summary>
/// <param name="Phase">The phase's id.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Planned">Minutes by the plan, for the teams that were there.</param>
/// <param name="Took">Minutes that it took, pauses left out.</param>
/// <param name="Written">What stood in the brief that was run: the minutes of the phase, or of a turn.</param>
public sealed record PhaseTook(string Phase, string Name, decimal Planned, decimal Took, decimal Written)
{
    /// <summary>Longer than this no clock was stopped.</summary>
    private const int Longest = 240;

    internal static IReadOnlyList<PhaseTook> Of(OpenedRally opened, StandingLog standing)
    {
        // The clock goes along the log as every screen's does; what passes while it runs is the phase's.
        var run = opened.In(opened.Running);
        var phases = run
            .Compiled.Brief.Timing.Phases.Select(p => ClockPhase.Of(p, run.Compiled.Brief, run.Present.Count))
            .ToList();
        var took = new Dictionary<(string Phase, int Round), double>();
        var (so, last, passed, round) = (new ClockSoFar(), DateTimeOffset.MinValue, 0.0, 1);
        foreach (var entry in standing.OfType<Entry.OfClock>())
        {
            if (so.Run is { Since: not null })
                passed += (entry.At - last).TotalMinutes;
            var next = entry.Apply(so, phases, run.Compiled.Brief);

            // One that is not over has taken nothing yet.
            if (next.PhaseAt != so.PhaseAt)
            {
                if (so.Run is { Phase.Id: var phase })
                    took[(phase, round)] = took.GetValueOrDefault((phase, round)) + passed;
                (passed, round) = (0, entry.Round);
            }

            (so, last) = (next, entry.At);
        }

        return
        [
            .. from of in took.GroupBy(t => t.Key.Phase)
            let longest = of.MaxBy(t => t.Value)
            where longest.Value is >= 0.5 and <= Longest
            let then = opened.In(longest.Key.Round)
            let phase = then.Compiled.Brief.Timing.Phases.FirstOrDefault(p => p.Id == of.Key)
            where phase is not null
            select new PhaseTook(
                phase.Id,
                Minutes.Name(phase.Kind),
                Minutes.Of(phase, then.Present.Count, then.Compiled.Brief.Trials.Attempts),
                Math.Round((decimal)longest.Value, 1),
                phase.Minutes
            ),
        ];
    }
}

/// <summary>The best value that any team reached.</summary>
/// <param name="Figure">The figure's id.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Better">Which way is better.</param>
/// <param name="Typed">The value as a reading would be typed.</param>
/// <param name="Text">The value as it is shown.</param>
/// <param name="Team">Whose it is.</param>
/// <param name="Round">In which round.</param>
/// <param name="Number">The number.</param>
public sealed record BestSoFar(
    string Figure,
    string Name,
    Better Better,
    string Typed,
    string Text,
    string Team,
    int Round,
    decimal Number
)
{
    internal static BestSoFar? Of(IReadOnlyList<(RunRound Run, IReadOnlyList<TeamResult> Results)> rounds)
    {
        var plain = rounds[0]
            .Run.Compiled.Parts.OfType<PartPlan.Measured>()
            .Select(p => p.Expression.Plain?.Id)
            .FirstOrDefault(id => id is not null);
        if (rounds[0].Run.Compiled.Figures.All.FirstOrDefault(f => f.Id == plain) is not { } figure)
            return null;
        var better = figure.Direction ?? Better.More;
        var values =
            from of in rounds
            from result in of.Results
            where result.Status is StandingStatus.Placed or StandingStatus.Unfinished
            let value = of.Run.Compiled.Figures.All.FirstOrDefault(f => f.Id == figure.Id)?.Of(result.Design.Facts)
            where value is { HasValue: true }
            select (Number: value.Value.Number, Value: value.Value, result.Team.Name, of.Run.Number);
        var best = values
            .OrderBy(v => better == Better.More ? -v.Number : v.Number)
            .Select(v => ((decimal Number, BoundedValue Value, string Name, int Round)?)v)
            .FirstOrDefault();
        return best is not { } found
            ? null
            : new(
                figure.Id,
                figure.Name,
                better,
                ReadingFormat.Value(found.Number, figure.Shown),
                figure.Show(found.Value),
                found.Name,
                found.Round,
                found.Number
            );
    }
}
