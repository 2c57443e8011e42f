using PluckyRally.Core.Briefs;
using PluckyRally.Core.Checks;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Score;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Papers;

/// <summary>
/// The attempts on a judge's sheet: a row each, with its readings, what is looked at in each, and how it ended.
/// </summary>
internal static class AttemptRows
{
    public static PaperBlock Of(CompiledEdition compiled)
    {
        var (measures, rules, designs) = (
            Measures(compiled),
            Rules(compiled),
            compiled.Brief.Trials.Designs == DesignChoice.Named
        );
        return new(
            PaperWords.Attempts,
            PaperWords.Attempt,
            [
                .. designs ? [PaperWords.Design] : Array.Empty<string>(),
                .. measures.Select(m => JudgeSheet.WithLimits(m, compiled)),
                .. rules.Select(r => r.Text),
                PaperWords.Outcome,
                PaperWords.Why,
            ],
            [
                .. Enumerable
                    .Range(1, compiled.Brief.Trials.Attempts)
                    .Select(n => new PaperRow(
                        Numerals.Write(n),
                        [
                            .. designs
                                ? [new PaperField(Field(n, "design"), PaperFieldKind.Words)]
                                : Array.Empty<PaperField>(),
                            .. measures.Select(m => JudgeSheet.AsRead(Field(n, m.Id), m)),
                            .. rules.Select(r => new PaperField(RuleField(n, r), PaperFieldKind.Met)),
                            Outcome(n),
                            new PaperField(Field(n, "why"), PaperFieldKind.Words),
                        ]
                    )),
            ]
        );
    }

    public static IEnumerable<PaperEntry> Read(CompiledEdition compiled, TypedPaper paper)
    {
        var (measures, rules) = (Measures(compiled), Rules(compiled));
        var failed = new Dictionary<string, int>(StringComparer.Ordinal);
        for (var n = 1; n <= compiled.Brief.Trials.Attempts; n++)
        {
            var read = measures.Where(m => paper.Has(Field(n, m.Id))).ToList();
            var outcome = paper.Choice(Outcome(n));
            var design = paper.At(Field(n, "design"));
            if (read.Count > 0 || outcome.Length > 0 || paper.Has(Field(n, "why")))
            {
                var first = measures.Count > 0 ? Field(n, measures[0].Id) : Outcome(n).Id;
                yield return new(
                    new Entry.TrialRecorded
                    {
                        Id = default,
                        Team = paper.Team,
                        Design = design,
                        Revision = 1 + failed.GetValueOrDefault(design),
                        Attempt = outcome == PaperWords.VoidValue ? null : n,
                        Outcome = outcome switch
                        {
                            PaperWords.FailedValue => TrialOutcome.Failed,
                            PaperWords.VoidValue => TrialOutcome.Void,
                            _ => TrialOutcome.Counted,
                        },
                        Reason = paper.At(Field(n, "why")),
                        Readings = [.. read.Select(m => paper.Reading(Field(n, m.Id), m.Id))],
                    },
                    first
                )
                {
                    Places = read.Select((m, i) => ($"/readings/{i}", Field(n, m.Id)))
                        .Concat(measures.Select(m => ($"/readings/{m.Id}", Field(n, m.Id))))
                        .Append(("/reason", Field(n, "why")))
                        .ToDictionary(p => p.Item1, p => p.Item2),
                };
            }

            // Where a fresh build is due after a failure, the next row of the design on the paper is of one.
            if (outcome == PaperWords.FailedValue && compiled.Brief.Trials.FreshBuildAfterFailure)
                failed[design] = failed.GetValueOrDefault(design) + 1;
            foreach (var rule in rules)
                if (paper.Met(RuleField(n, rule)) is { } met)
                    yield return new(
                        new Entry.RuleChecked
                        {
                            Id = default,
                            Team = paper.Team,
                            Rule = rule.Id,
                            Met = met,
                            Attempt = n,
                            Design = design,
                        },
                        RuleField(n, rule)
                    );
        }
    }

    private static List<Measure> Measures(CompiledEdition compiled) =>
        [.. compiled.Brief.Measures.Where(m => m.Taken == ReadOccasion.EachAttempt)];

    private static List<Rule> Rules(CompiledEdition compiled) =>
        [
            .. compiled
                .Rules.OfType<RulePlan.Inspection>()
                .Select(r => r.Rule)
                .Where(r => r.When == CheckTime.EveryAttempt),
        ];

    private static PaperField Outcome(int attempt) =>
        new(Field(attempt, "outcome"), PaperFieldKind.Choice)
        {
            Choices = [new(PaperWords.FailedValue, PaperWords.Failed), new(PaperWords.VoidValue, PaperWords.Void)],
        };

    private static string Field(int attempt, string what) => $"attempt.{attempt}.{what}";

    private static string RuleField(int attempt, Rule rule) => Field(attempt, $"rule.{rule.Id}");
}
