using System.Globalization;
using PluckyRally.Core.Checks;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Score;

namespace PluckyRally.Core.Briefs;

/// <summary>Writes down what a team did that is only pretended, or played in a rehearsal, as judges would.</summary>
internal static class SampleResults
{
    public static IEnumerable<Entry> Entries(
        CompiledEdition compiled,
        PretendTeam team,
        IReadOnlyList<Team> teams,
        int at
    ) =>
        Written(
                compiled,
                new(team, (r, _) => !team.Missed.Contains(r.Id), _ => false, (m, _) => team.Values[m.Id]),
                teams,
                at
            )
            .Select((entry, i) => entry with { Id = Numbered(at, i) });

    /// <summary>What judges write down, in the order of the test; the entries have no ids yet.</summary>
    /// <param name="compiled">The edition.</param>
    /// <param name="play">What the team does.</param>
    /// <param name="teams">All teams.</param>
    /// <param name="at">Which of them it is.</param>
    public static IEnumerable<Entry> Written(CompiledEdition compiled, TeamPlay play, IReadOnlyList<Team> teams, int at)
    {
        var id = teams[at].Id;
        var brief = compiled.Brief;
        var attempts = brief.Trials.Attempts;
        foreach (var rule in compiled.Rules.Select(r => r.Rule).Where(r => r.Check is RuleCheck.Inspection))
        {
            if (rule.When != CheckTime.EveryAttempt)
                yield return new Entry.RuleChecked
                {
                    Id = default,
                    Team = id,
                    Rule = rule.Id,
                    Met = play.Meets(rule, 0),
                };
            else
                for (var n = 1; n <= attempts; n++)
                    yield return new Entry.RuleChecked
                    {
                        Id = default,
                        Team = id,
                        Rule = rule.Id,
                        Met = play.Meets(rule, n),
                        Attempt = n,
                    };
        }

        foreach (var measure in brief.Measures.Where(m => m.Taken == ReadOccasion.Once))
            yield return new Entry.MeasureRead
            {
                Id = default,
                Team = id,
                Reading = Read(measure, 0),
            };
        var each = brief.Measures.Where(m => m.Taken == ReadOccasion.EachAttempt).ToList();
        for (var (n, build) = (1, 1); compiled.TakesAttempts && n <= attempts; n++)
        {
            var trial = new Entry.TrialRecorded
            {
                Id = default,
                Team = id,
                Attempt = n,
                Revision = build,
                Outcome = TrialOutcome.Counted,
            };

            // Where a fresh build is due after a failure, it is there.
            if (play.Fails(n))
                yield return trial with
                {
                    Outcome = TrialOutcome.Failed,
                    Revision = build++,
                };
            else
                yield return trial with
                {
                    Readings = [.. each.Select(m => Read(m, n))],
                };
        }

        foreach (var entry in compiled.Rehearsed.SelectMany(p => p.Rehearse(new(p.Part.Id, play.Parts, teams, at))))
            yield return entry;

        Reading Read(Measure measure, int attempt) =>
            new() { Measure = measure.Id, Typed = Typed(measure, play.Reads(measure, attempt)) };
    }

    // Nothing pretended is kept, so a number is enough of an id, and the same sheet gives the same rally again.
    internal static EntryId Numbered(int team, int entry) => new(new Guid(entry + 1, (short)team, 0, new byte[8]));

    private static string Typed(Measure measure, decimal value) =>
        measure switch
        {
            { Kind: MeasureKind.YesNo } => value >= 1 ? "yes" : "no",
            { Kind: MeasureKind.Level } => measure.Levels[Math.Clamp((int)value, 0, measure.Levels.Count - 1)],

            // Where weights can be counted, a bare number would leave open which.
            { Weights.Count: > 0 } => $"{value.ToString(CultureInfo.InvariantCulture)} {measure.Unit}",
            _ => value.ToString(CultureInfo.InvariantCulture),
        };
}

/// <summary>
/// What a team does: the same each time it is asked, or by chance. Attempts are counted from 1; 0 stands for what is
/// outside of them.
/// </summary>
/// <param name="Parts">Where its handles stand, for the parts that are not read in attempts.</param>
/// <param name="Meets">Whether it meets a must-have in an attempt.</param>
/// <param name="Fails">Whether an attempt fails.</param>
/// <param name="Reads">What is read in an attempt.</param>
internal sealed record TeamPlay(
    PretendTeam Parts,
    Func<Rule, int, bool> Meets,
    Func<int, bool> Fails,
    Func<Measure, int, decimal> Reads
);
