using PluckyRally.Core.Briefs;
using PluckyRally.Core.Checks;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Results;
using PluckyRally.Core.Score;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Papers;

/// <summary>
/// A judge's sheet for one team: what has to be looked at, measured and counted, in the order of the test.
/// </summary>
/// <param name="Blocks">Its tables.</param>
/// <param name="Sums">What is added up by hand at its foot: each thing that gives points, then the total; empty where
/// nothing does. It is not typed in later: the readings are.</param>
public sealed record JudgeSheet(IReadOnlyList<PaperBlock> Blocks, IReadOnlyList<PaperSum> Sums)
{
    private const string Note = "note";

    /// <summary>The sheet of an edition.</summary>
    public static JudgeSheet Of(CompiledEdition compiled)
    {
        var inspected = compiled.Rules.OfType<RulePlan.Inspection>().Select(r => r.Rule).ToList();
        var once = compiled.Brief.Measures.Where(m => m.Taken == ReadOccasion.Once).ToList();
        return new(
            [
                .. Block(
                    PaperWords.Before,
                    PaperWords.MustHave,
                    inspected.Where(r => r.When is CheckTime.Plan or CheckTime.BeforeTest)
                ),
                .. once.Count == 0
                    ? []
                    : new[]
                    {
                        PaperBlock.Single(
                            PaperWords.Once,
                            PaperWords.Measure,
                            PaperWords.Reading,
                            once.Select(m => (WithLimits(m, compiled), AsRead(Once(m.Id), m)))
                        ),
                    },
                .. compiled.TakesAttempts ? new[] { AttemptRows.Of(compiled) } : [],
                .. compiled.OnPaper.SelectMany(p => p.Paper),
                .. Block(PaperWords.After, PaperWords.MustHave, inspected.Where(r => r.When is CheckTime.AfterTest)),
                PaperBlock.Single(
                    PaperWords.Noted,
                    "",
                    PaperWords.Noted,
                    [("", new PaperField(Note, PaperFieldKind.Words))]
                ),
            ],
            SumsOf(compiled)
        );
    }

    private static IReadOnlyList<PaperSum> SumsOf(CompiledEdition compiled)
    {
        var method = compiled.Brief.Method;
        var sums = new List<PaperSum>([
            .. compiled.Parts.Select(p => new PaperSum(p.Part.Name, SentenceCase.Beginning(p.Say()))),
        ]);
        foreach (var plan in compiled.Rules)
        {
            if (plan.Rule.Bonus > 0)
                sums.Add(new(PaperWords.Bonus(plan.Rule.Text), $"{RuleWords.Earns(plan.Rule, method)}."));
            if (plan.Rule.IfMissed is Consequence.Deduct deduct)
                sums.Add(new(PaperWords.IfMissed(plan.Rule.Text), RuleWords.Costs(deduct, plan, method)));
        }

        return sums.Count == 0 ? [] : [.. sums, new(PaperWords.Total, method.Ranking ? MethodWords.Wins(method) : "")];
    }

    /// <summary>
    /// What a measure is called, with the rules that its reading must meet: who judges on paper sees at once what
    /// is too long.
    /// </summary>
    internal static string WithLimits(Measure measure, CompiledEdition compiled) =>
        PaperWords.Limited(
            measure.Name,
            [.. compiled.Rules.OfType<RulePlan.Limit>().Where(l => l.Of?.Id == measure.Id).Select(l => l.Rule.Text)]
        );

    /// <summary>
    /// The entries that a judge would have written on a device, each understood; or what is wrong, at the fields.
    /// </summary>
    /// <param name="opened">The rally.</param>
    /// <param name="sheet">What stood on the paper.</param>
    /// <param name="today">The day in Greenwich; somewhere on earth it is tomorrow already.</param>
    /// <param name="ofTeacher">Whether the teacher types it in, who may have judged without a device.</param>
    public static Result<IReadOnlyList<Entry>> Read(
        OpenedRally opened,
        SheetTyped sheet,
        DateOnly today,
        bool ofTeacher
    )
    {
        var found = new ProblemCollector();
        found.NotEmpty(sheet.JudgedBy, "/judgedBy", PaperWords.NoJudge, PaperWords.WriteJudge);
        found.Length(sheet.JudgedBy, Limits.Name, "/judgedBy", "The judge's name");
        if (
            !string.IsNullOrWhiteSpace(sheet.JudgedBy)
            && !(ofTeacher && sheet.JudgedBy.Trim() == Writers.Teacher)
            && Writers.NotOneself(sheet.JudgedBy, "/judgedBy") is { } wrong
        )
            found.AddAll([wrong]);
        found.Unless(sheet.JudgedOn <= today.AddDays(1), "/judgedOn", PaperWords.StillToCome, PaperWords.WriteDay);
        found.Unless(
            sheet.Round is >= 1 and <= Limits.Rounds,
            "/round",
            "There is no such round.",
            $"Use 1 to {Limits.Rounds}."
        );
        found.Unless(
            sheet.Id != Guid.Empty,
            "/id",
            "The sheet has no id.",
            "The device that enters a sheet gives it an id."
        );
        var run = opened.In(sheet.Round);
        var compiled = run.Compiled;
        found.Unless(
            run.Teams.Any(t => t.Id == sheet.Team),
            "/team",
            "There is no such team in this rally.",
            "Choose one of the rally's teams."
        );
        var known = Of(compiled).Blocks.SelectMany(b => b.Rows).SelectMany(r => r.Fields).Select(f => f.Id).ToHashSet();
        foreach (var field in sheet.Fields.Keys.Where(f => !known.Contains(f)))
            found.Add($"/fields/{ProblemCollector.Short(field)}", PaperWords.NoField, PaperWords.LoadAgain);
        CheckOther(opened, sheet, found);
        if (found.Problems.Count > 0)
            return Result<IReadOnlyList<Entry>>.Refused(found.Problems);

        var paper = new TypedPaper(sheet.Team, sheet.Fields, found) { Sure = sheet.Sure };
        var entries = new List<Entry>();
        foreach (var written in Written(compiled, paper))
        {
            var taken = Recorder.Accept(
                opened,
                written.Entry with
                {
                    Id = Numbered(sheet.Id, entries.Count),
                    Round = sheet.Round,
                    By = sheet.JudgedBy.Trim(),
                    OnPaper = sheet.JudgedOn,
                }
            );
            if (taken.IsOk)
                entries.Add(taken.Value);
            else
                found.AddAll(
                    taken.Problems.Select(p =>
                        p with
                        {
                            At =
                                p.At == "/round" ? p.At
                                : p.At.EndsWith("/sure", StringComparison.Ordinal)
                                    ? $"/fields/{written.FieldOf(p.At)}/sure"
                                : $"/fields/{written.FieldOf(p.At)}",
                        }
                    )
                );
        }

        if (found.Problems.Count == 0 && entries.Count == 0)
            found.Add("/fields", PaperWords.Empty, PaperWords.TypeSomething);

        // The same sheet again changes nothing; one that says less or more than before is another one.
        found.Unless(
            opened.Received.Count(e => IsOf(sheet.Id, e.Id)) is var had && (had == 0 || had == entries.Count),
            "/id",
            PaperWords.OtherSheet,
            PaperWords.StrikeOut
        );
        return found.Problems.Count > 0
            ? Result<IReadOnlyList<Entry>>.Refused(found.Problems)
            : Result<IReadOnlyList<Entry>>.Ok(entries);
    }

    /// <summary>
    /// A team's second page for a round may be another judge's, or the same paper typed in twice: that is asked.
    /// </summary>
    private static void CheckOther(OpenedRally opened, SheetTyped sheet, ProblemCollector found)
    {
        var others = opened
            .Stands.Where(e =>
                e.Team == sheet.Team && e.Round == sheet.Round && e.OnPaper is not null && !IsOf(sheet.Id, e.Id)
            )
            .ToList();
        if (others.Count > 0 && !sheet.Again)
            found.Add(
                "/again",
                PaperWords.PageIsIn(opened.NameOf(others[^1]), sheet.Round, others[^1].Writer, others.Count),
                PaperWords.KeepBoth
            );
    }

    /// <summary>Whether an entry came with a sheet.</summary>
    private static bool IsOf(Guid sheet, EntryId entry)
    {
        const int numbered = 14;
        return sheet
            .ToByteArray(bigEndian: true)
            .AsSpan(0, numbered)
            .SequenceEqual(entry.Value.ToByteArray(bigEndian: true).AsSpan(0, numbered));
    }

    private static IEnumerable<PaperEntry> Written(CompiledEdition compiled, TypedPaper paper)
    {
        foreach (
            var rule in compiled
                .Rules.OfType<RulePlan.Inspection>()
                .Select(r => r.Rule)
                .Where(r => r.When != CheckTime.EveryAttempt)
        )
            if (paper.Met(RuleField(rule.Id)) is { } met)
                yield return new(
                    new Entry.RuleChecked
                    {
                        Id = default,
                        Team = paper.Team,
                        Rule = rule.Id,
                        Met = met,
                    },
                    RuleField(rule.Id)
                );
        foreach (
            var measure in compiled.Brief.Measures.Where(m => m.Taken == ReadOccasion.Once && paper.Has(Once(m.Id)))
        )
            yield return new(
                new Entry.MeasureRead
                {
                    Id = default,
                    Team = paper.Team,
                    Reading = paper.Reading(Once(measure.Id), measure.Id),
                },
                Once(measure.Id)
            );
        if (compiled.TakesAttempts)
            foreach (var entry in AttemptRows.Read(compiled, paper))
                yield return entry;
        foreach (var entry in compiled.OnPaper.SelectMany(p => p.FromPaper(paper)))
            yield return entry;
        if (paper.Has(Note))
            yield return new(
                new Entry.NoteMade
                {
                    Id = default,
                    Team = paper.Team,
                    Text = paper.At(Note),
                },
                Note
            );
    }

    private static IEnumerable<PaperBlock> Block(string title, string of, IEnumerable<Rule> rules)
    {
        var rows = rules.Select(r => (r.Text, new PaperField(RuleField(r.Id), PaperFieldKind.Met))).ToList();
        if (rows.Count > 0)
            yield return PaperBlock.Single(title, of, PaperWords.MetOrMissed, rows);
    }

    /// <summary>A field for a reading of a measure.</summary>
    internal static PaperField AsRead(string id, Measure measure) =>
        measure.Kind switch
        {
            MeasureKind.YesNo => new(id, PaperFieldKind.Choice) { Choices = [new("yes", "yes"), new("no", "no")] },
            MeasureKind.Level => new(id, PaperFieldKind.Choice)
            {
                Choices = [.. measure.Levels.Select(l => new PaperChoice(l, l))],
            },
            MeasureKind.Length
            or MeasureKind.Mass
            or MeasureKind.Force
            or MeasureKind.Volume
            or MeasureKind.Temperature
            or MeasureKind.Angle
            or MeasureKind.Money
            or MeasureKind.Percent
            or MeasureKind.Number
            or MeasureKind.Area
            or MeasureKind.Duration
            or MeasureKind.Count => new(id, PaperFieldKind.Reading) { Unit = measure.Unit },
        };

    private static string RuleField(string rule) => $"rule.{rule}";

    private static string Once(string measure) => $"once.{measure}";

    /// <summary>The same sheet typed in twice gives the same ids, so that the second time changes nothing.</summary>
    private static EntryId Numbered(Guid sheet, int at)
    {
        Span<byte> bytes = stackalloc byte[16];
        sheet.TryWriteBytes(bytes, bigEndian: true, out _);
        bytes[14] ^= (byte)((at + 1) >> 8);
        bytes[15] ^= (byte)(at + 1);
        return new(new Guid(bytes, bigEndian: true));
    }
}

/// <summary>A line of what is added up by hand.</summary>
/// <param name="Name">What gives points.</param>
/// <param name="How">How many, in a sentence; empty where nothing is to be said.</param>
public sealed record PaperSum(string Name, string How);

/// <summary>A judge's sheet, typed in.</summary>
public sealed record SheetTyped
{
    /// <summary>Made by the device that typed it; sending it twice changes nothing.</summary>
    public required Guid Id { get; init; }

    /// <summary>The team's id.</summary>
    public required TeamId Team { get; init; }

    /// <summary>The round, from 1.</summary>
    public int Round { get; init; } = 1;

    /// <summary>Who judged: the name on the paper.</summary>
    public required string JudgedBy { get; init; }

    /// <summary>The day on the paper.</summary>
    public required DateOnly JudgedOn { get; init; }

    /// <summary>Whether it is another page beside one of the same team and round that was typed in before.</summary>
    public bool Again { get; init; }

    /// <summary>What stood in each field, by its id.</summary>
    public IReadOnlyDictionary<string, string> Fields { get; init; } = new Dictionary<string, string>();

    /// <summary>
    /// What is right though it is far from what was expected, by the field's id, as it stood when that was said.
    /// </summary>
    public IReadOnlyDictionary<string, string> Sure { get; init; } = new Dictionary<string, string>();
}
