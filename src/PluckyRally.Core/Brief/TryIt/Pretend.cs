using System.Globalization;

namespace PluckyRally.Core;

/// <summary>Writes down what a pretend team did, as judges would.</summary>
internal static class Pretend
{
    public static IEnumerable<Entry> Entries(CompiledEdition compiled, PretendTeam team, IReadOnlyList<Team> teams, int at) =>
        Written(compiled, team, teams, at).Select((entry, i) => entry with { Id = Numbered(at, i) });

    // Nothing pretended is kept, so a number is enough of an id, and the same sheet gives the same rally again.
    private static Guid Numbered(int team, int entry) => new(entry + 1, (short)team, 0, new byte[8]);

    private static IEnumerable<Entry> Written(CompiledEdition compiled, PretendTeam team, IReadOnlyList<Team> teams, int at)
    {
        var id = teams[at].Id;
        var brief = compiled.Brief;
        var attempts = brief.Trials.Attempts;
        foreach (var rule in compiled.Rules.Select(r => r.Rule).Where(r => r.Check is RuleCheck.Inspection))
        {
            var met = !team.Missed.Contains(rule.Id);
            if (rule.When != When.EveryAttempt) yield return new Entry.RuleChecked { Id = default, Team = id, Rule = rule.Id, Met = met };
            else for (var i = 1; i <= attempts; i++) yield return new Entry.RuleChecked { Id = default, Team = id, Rule = rule.Id, Met = met, Attempt = i };
        }

        foreach (var measure in brief.Measures.Where(m => m.Taken == Taken.Once)) yield return new Entry.MeasureRead { Id = default, Team = id, Reading = Read(measure) };
        var each = brief.Measures.Where(m => m.Taken == Taken.EachAttempt).Select(Read).ToList();
        for (var i = 1; i <= attempts && (each.Count > 0 || brief.Method.Parts.Any(p => p is Part.Measured)); i++)
            yield return new Entry.TrialRecorded { Id = default, Team = id, Attempt = i, Outcome = TrialOutcome.Counted, Readings = each };
        foreach (var entry in compiled.Parts.SelectMany(p => p.Rehearse(new(p.Part.Id, team, teams, at)))) yield return entry;

        Reading Read(Measure measure) => new() { Measure = measure.Id, Typed = Typed(measure, team.Values[measure.Id]) };
    }

    /// <summary>A value as a judge would type it.</summary>
    internal static string Typed(Measure measure, decimal value) => measure switch
    {
        { Kind: MeasureKind.YesNo } => value >= 1 ? "yes" : "no",
        { Kind: MeasureKind.Level } => measure.Levels[Math.Clamp((int)value, 0, measure.Levels.Count - 1)],

        // Where weights can be counted, a bare number would leave open which.
        { Weights.Count: > 0 } => $"{value.ToString(CultureInfo.InvariantCulture)} {measure.Unit}",
        _ => value.ToString(CultureInfo.InvariantCulture),
    };
}
