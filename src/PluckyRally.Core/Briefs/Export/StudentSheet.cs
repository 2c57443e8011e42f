using PluckyRally.Core.Checks;
using PluckyRally.Core.Parts;
using PluckyRally.Core.Results;
using PluckyRally.Core.Teams;
using PluckyRally.Core.Time;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Briefs;

/// <summary>What of the student sheet is written from the rest of the brief, line by line.</summary>
/// <param name="Criteria">What the design must do.</param>
/// <param name="Bonuses">What earns points beyond that.</param>
/// <param name="Constraints">What may be used, and how.</param>
/// <param name="Materials">The materials with their amounts.</param>
/// <param name="Prices">What there is to spend, and what each thing costs where things are bought.</param>
/// <param name="Test">How it is tested.</param>
/// <param name="Conditions">What is the same for everyone.</param>
/// <param name="Scoring">How it is scored: in the teacher's words where there are some.</param>
/// <param name="Targets">What the class or each team sets out to reach.</param>
/// <param name="Awards">The awards beside the places, and what each is for.</param>
/// <param name="AtHome">What is done at home, before or between the lessons.</param>
/// <param name="Time">The phases with their minutes.</param>
/// <param name="Words">The words of science.</param>
/// <param name="Safety">The cautions, who must be there, and the teacher's own words.</param>
public sealed record StudentSheet(
    IReadOnlyList<string> Criteria,
    IReadOnlyList<string> Bonuses,
    IReadOnlyList<string> Constraints,
    IReadOnlyList<string> Materials,
    IReadOnlyList<string> Prices,
    IReadOnlyList<string> Test,
    IReadOnlyList<string> Conditions,
    IReadOnlyList<string> Scoring,
    IReadOnlyList<string> Targets,
    IReadOnlyList<string> Awards,
    IReadOnlyList<string> AtHome,
    IReadOnlyList<string> Time,
    IReadOnlyList<string> Words,
    IReadOnlyList<string> Safety
)
{
    /// <summary>The lines of a brief as one tier runs it.</summary>
    public static StudentSheet Of(Brief brief)
    {
        var compiled = CompiledEdition.For(new Edition { Brief = brief });
        return Of(brief, compiled.IsOk ? compiled.Value : null);
    }

    /// <summary>
    /// The same where it is made ready already; what only a sound method can say is left out where there is none.
    /// </summary>
    public static StudentSheet Of(Brief brief, CompiledEdition? ready)
    {
        var rules = brief.Rules.Where(r => r is { Off: false, Text.Length: > 0, OnlyFor.Length: 0 }).ToList();
        return new(
            [.. rules.Where(r => r is { Sort: RuleSort.Criterion, IsBonus: false }).Select(Costing)],
            [.. rules.Where(r => r.IsBonus).Select(r => RuleWords.WithBonus(r, brief.Method))],
            [
                .. rules.Where(r => r is { Sort: RuleSort.Constraint, IsBonus: false }).Select(Costing),
                .. brief.Deals.Where(d => !d.Off && d.Cards.Count > 0).Select(SayDeal),
            ],
            [.. brief.Materials.Where(m => m is { Off: false, IsRig: false, Name.Length: > 0 }).Select(m => m.Says())],
            [
                .. brief
                    .Method.Parts.OfType<Part.Budget>()
                    .Where(b => !b.Off)
                    .Select(b => b.Named(brief))
                    .SelectMany(BudgetWords.SayPrices),
            ],
            [.. TestWords.Say(brief, ready)],
            [
                .. brief
                    .Conditions.Where(c => c.Text.Length > 0)
                    .Select(c => c.FixedAt.Length > 0 ? $"{c.Text}: {c.FixedAt}" : c.Text),
            ],
            brief.ScoringWords.Trim().Length > 0 ? [.. Lines(brief.ScoringWords)]
                : ready is null ? []
                : MethodWords.Say(ready),
            [.. brief.Method.Targets.Where(t => t is { Off: false, Name.Length: > 0 }).Select(TargetWords.ForStudents)],
            ready is null ? [] : [.. ready.Awards.Select(a => AwardWords.For(a, ready.Parts))],
            [
                .. brief
                    .Timing.Phases.Where(p => p.Kind == PhaseKind.Homework)
                    .Select(p => p.Note.Length > 0 ? p.Note : "Go on with it at home."),
            ],
            [
                .. brief.Timing.Phases.Where(p => p.Kind != PhaseKind.Homework).Select(p => TimeLine(p, brief)),
                .. brief.Timing.IfLate.Length > 0 ? new[] { brief.Timing.IfLate } : [],
            ],
            [
                .. brief
                    .Words.Where(w => w.Word.Length > 0)
                    .Select(w => w.Meaning.Length > 0 ? $"{w.Word}: {w.Meaning}" : w.Word),
            ],
            [
                .. brief.Hazards.Select(h => Cautions.Of(h.Kind)).Select(c => $"{c.Name}: {c.Says} {c.Present}"),
                .. brief.Safety.Length > 0 ? new[] { brief.Safety } : [],
                .. brief.Hazards.Count > 0 ? new[] { Cautions.SchoolFirst } : [],
            ]
        );

        string Costing(Rule rule) =>
            RuleWords.WithCost(rule, brief, ready?.Rules.FirstOrDefault(p => p.Rule.Id == rule.Id));
    }

    /// <summary>The lines of a text that say something.</summary>
    internal static string[] Lines(string text) =>
        text.Split('\n', StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries);

    /// <summary>
    /// A phase with its minutes; parts of a minute are the teacher's, so a student reads about how long.
    /// </summary>
    private static string TimeLine(Phase phase, Brief brief)
    {
        var minutes = Minutes.Of(phase, brief.Timing.Teams, brief.Trials.Attempts);
        var whole = Math.Max(1, Math.Round(minutes, MidpointRounding.AwayFromZero));
        var name = phase.Note.Length > 0 ? $"{Minutes.Name(phase.Kind)} ({phase.Note})" : Minutes.Name(phase.Kind);
        return $"{name}: {(whole == minutes ? "" : "about ")}{English.Count(whole, "minute")}";
    }

    /// <summary>What is dealt, with its cards; what is drawn in the lesson is a surprise.</summary>
    private static string SayDeal(Deal deal) =>
        deal.Drawn == DealtWhen.InLesson
            ? $"{deal.Name}: cards are drawn while you work, and change the rules"
            : $"{deal.Name}, dealt to each team: {string.Join(" · ", deal.Cards.Select(c => c.Name))}";
}
