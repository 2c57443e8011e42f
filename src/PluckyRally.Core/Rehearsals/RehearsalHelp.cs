using PluckyRally.Core.Briefs;
using PluckyRally.Core.Curves;
using PluckyRally.Core.Kit;
using PluckyRally.Core.Parts;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Results;
using PluckyRally.Core.Time;

namespace PluckyRally.Core.Rehearsals;

/// <summary>A change that may help with something that a rehearsal found.</summary>
/// <param name="Label">What it does, for a button.</param>
/// <param name="Changes">The changes to make.</param>
public sealed record RehearsalChange(string Label, IReadOnlyList<Change> Changes);

/// <summary>Changes that may help, by what was found. Whether they do is tried, not believed.</summary>
internal static class RehearsalHelp
{
    /// <summary>More attempts than this are not offered (common practice, no source).</summary>
    private const int MostAttempts = 5;

    /// <summary>Against luck: more attempts, and all of them counted.</summary>
    public static IEnumerable<RehearsalChange> AgainstLuck(CompiledEdition compiled)
    {
        var brief = compiled.Brief;
        if (!compiled.TakesAttempts)
            yield break;
        RehearsalChange[] means =
        [
            .. compiled
                .Parts.OfType<PartPlan.Measured>()
                .Where(p =>
                    p.Definition.Combine == Combine.Best && p.Measures.Any(m => m.Taken == ReadOccasion.EachAttempt)
                )
                .Select(p => Mean(p.Definition)),
        ];
        if (brief.Trials.Attempts > 1)
        {
            foreach (var mean in means)
                yield return mean;
        }

        foreach (var more in Enumerable.Range(brief.Trials.Attempts + 1, 2).Where(n => n <= MostAttempts))
        {
            yield return Attempts(more);
            if (means.Length > 0)
                yield return new(
                    RehearsalWords.AndAllCount(more),
                    [.. Attempts(more).Changes, .. means.SelectMany(m => m.Changes)]
                );
        }
    }

    /// <summary>
    /// Against ties: something that is measured anyway decides, or the time, or what is read is read more finely.
    /// </summary>
    public static IEnumerable<RehearsalChange> AgainstTies(CompiledEdition compiled)
    {
        var brief = compiled.Brief;
        var used = compiled.TieBreaks.Select(t => t.Definition.Value).ToHashSet(StringComparer.Ordinal);
        foreach (var measure in brief.Measures.Where(m => !used.Contains(m.Id) && m.Kind != MeasureKind.YesNo).Take(2))
            yield return new(
                RehearsalWords.TieBreak(measure),
                [
                    Change.Append(
                        "/method/tieBreaks",
                        new TieBreak
                        {
                            Name = RehearsalWords.TieBreakName(measure),
                            Value = measure.Id,
                            Better = measure.Better ?? Better.More,
                        }
                    ),
                ]
            );
        foreach (var measure in brief.Measures.Where(m => m is { IsExact: false, Step: >= 0.5m }).Take(2))
            yield return Finer(measure);
        if (brief.Method.Precision >= 1)
            yield return new(RehearsalWords.TenthsOfPoints, [Change.Set("/method/precision", 0.1m)]);
        if (brief.Measures.Any(m => m.Kind == MeasureKind.Duration))
            yield break;
        var clock = new Measure
        {
            Id = FreeId.Of(
                "seconds",
                [
                    .. brief.Measures.Select(m => m.Id),
                    .. brief.Figures.Select(f => f.Id),
                    .. brief.Method.Parts.Select(p => p.Id),
                ]
            ),
            Name = RehearsalWords.Time,
            Kind = MeasureKind.Duration,
            Unit = "s",
            Step = 0.1m,
            Taken = ReadOccasion.Once,
            Better = Better.Less,
            Expected = new(180, 30),
        };
        yield return new(
            RehearsalWords.TimeIt,
            [
                Change.Append("/measures", clock),
                Change.Append(
                    "/method/tieBreaks",
                    new TieBreak
                    {
                        Name = RehearsalWords.Quicker,
                        Value = clock.Id,
                        Better = Better.Less,
                    }
                ),
            ]
        );
    }

    /// <summary>Where one part decides nearly everything: the others weigh more, or it weighs less.</summary>
    public static IEnumerable<RehearsalChange> AgainstOnePart(
        IReadOnlyList<PartDecides> parts,
        IReadOnlyList<Part> written
    )
    {
        // A share goes with the square of a weight, so this brings the others to about as much as the first.
        var times = Math.Clamp(
            Math.Round((decimal)Math.Sqrt((double)(parts[0].Share / Math.Max(1, 100 - parts[0].Share))) * 2) / 2,
            1.5m,
            4
        );
        var others = parts.Skip(1).Select(p => written.First(w => w.Id == p.Part)).ToList();
        yield return new(RehearsalWords.WeighMore(others, times), [.. others.Select(o => Weigh(o, times))]);
        yield return new(
            RehearsalWords.WeighHalf(parts[0].Name),
            [Weigh(written.First(w => w.Id == parts[0].Part), 0.5m)]
        );
    }

    /// <summary>Where a part makes no difference between teams: a line instead of bands, or no such part.</summary>
    public static IEnumerable<RehearsalChange> ForSetting(PartPlan plan, Brief brief)
    {
        if (plan is PartPlan.Measured { Curve: Curve.Bands bands } && plan.Values(brief) is { } values)
            yield return new(
                RehearsalWords.ALine(plan.Part),
                [
                    Change.Set<Curve>(
                        $"/method/parts/{plan.Part.Id}/curve",
                        plan.Better == Better.More
                            ? new Curve.Between(values.Low, values.High, bands.Edges.Max(e => e.Points))
                            : new Curve.Between(values.High, values.Low, bands.Edges.Max(e => e.Points))
                    ),
                ]
            );
        if (brief.Method.Parts.Count(p => !p.Off) > 1)
            yield return new(
                RehearsalWords.LeaveOut(plan.Part),
                [Change.Set($"/method/parts/{plan.Part.Id}/off", true)]
            );
    }

    /// <summary>Where bands are never reached: they start where teams come to, each with about as many.</summary>
    /// <param name="plan">The part.</param>
    /// <param name="bands">Its bands.</param>
    /// <param name="values">Where teams came to.</param>
    public static IEnumerable<RehearsalChange> ForBands(PartPlan plan, Curve.Bands bands, IReadOnlyList<decimal> values)
    {
        if (plan.ShowsWords || values.Count == 0)
            yield break;
        var sorted = values.Order().ToList();
        var step = PlotAxis.Step(plan.ShownValue, (sorted[^1] - sorted[0]) / 2);
        var edges = bands
            .Edges.Select(
                (e, i) =>
                    e with
                    {
                        From = Rounding.ToStep(sorted[sorted.Count * (i + 1) / (bands.Edges.Count + 1)], step),
                    }
            )
            .ToList();

        // Where less is better the first band holds the best, from the smallest value on.
        if (plan.Better == Better.Less)
            edges =
            [
                .. edges.Select(
                    (e, i) =>
                        e with
                        {
                            From =
                                i == 0
                                    ? bands.Edges[0].From
                                    : Rounding.ToStep(sorted[sorted.Count * i / bands.Edges.Count], step),
                        }
                ),
            ];
        if (edges.Zip(edges.Skip(1)).All(p => p.First.From < p.Second.From))
            yield return new(
                RehearsalWords.StartBands([.. edges.Select(e => plan.ShowStated(e.From))]),
                [Change.Set<Curve>($"/method/parts/{plan.Part.Id}/curve", bands with { Edges = edges })]
            );
    }

    /// <summary>Where a must-have keeps too many teams from placing: it costs points, or it is only noted.</summary>
    public static IEnumerable<RehearsalChange> ForMustHave(Rule rule, decimal points)
    {
        yield return new(
            RehearsalWords.Costs(points),
            [Change.Set<Consequence>($"/rules/{rule.Id}/ifMissed", new Consequence.Deduct(points))]
        );
        yield return new(
            RehearsalWords.OnlyNoted,
            [Change.Set<Consequence>($"/rules/{rule.Id}/ifMissed", new Consequence.NoteOnly())]
        );
    }

    /// <summary>Where points for a rule make no difference: none are given.</summary>
    public static IEnumerable<RehearsalChange> ForBonus(Rule rule) =>
        [new(RehearsalWords.NoPointsForIt, [Change.Set($"/rules/{rule.Id}/bonus", 0m)])];

    /// <summary>Against readings that decide by chance: what comes of several attempts, or a finer step.</summary>
    public static IEnumerable<RehearsalChange> AgainstReading(CompiledEdition compiled) =>
        compiled
            .Brief.Measures.Where(m => ReadingDraw.Varies(m, null) && m.GoodTo is null)
            .Take(2)
            .Select(Finer)
            .Concat(AgainstLuck(compiled));

    /// <summary>Against a queue that is too long: what the timetable offers.</summary>
    public static IEnumerable<RehearsalChange> AgainstQueue(Brief brief) =>
        TimeOffers.All(brief).Select(o => new RehearsalChange(o.Label, o.Changes));

    /// <summary>Where something runs out: more of it.</summary>
    public static IEnumerable<RehearsalChange> ForSupply(Material? material, decimal enough) =>
        material is null
            ? [new(RehearsalWords.FreshBuilds((int)enough), [Change.Set("/trials/freshBuilds", (int)enough)])]
            :
            [
                new(
                    RehearsalWords.HaveMore(material, enough),
                    [Change.Set($"/materials/{material.Id}/amount", enough)]
                ),
            ];

    /// <summary>
    /// What a teacher might like to hold against the brief as it is, whether something is wrong or not.
    /// </summary>
    public static IReadOnlyList<RehearsalChange> Choices(CompiledEdition compiled)
    {
        var brief = compiled.Brief;
        var parts = compiled.Parts.Select(p => p.Part).ToList();
        return
        [
            .. compiled.TakesAttempts
                ? Enumerable.Range(1, MostAttempts).Where(n => n != brief.Trials.Attempts).Select(Attempts)
                : [],
            .. compiled.TakesAttempts && brief.Trials.Attempts > 1
                ? parts
                    .OfType<Part.Measured>()
                    .Where(p => p.Combine is Combine.Best or Combine.Mean or Combine.Median)
                    .SelectMany(p =>
                        new[] { Combine.Best, Combine.Mean, Combine.Median }
                            .Where(c => c != p.Combine)
                            .Select(c => Combined(p, c))
                    )
                : [],
            .. parts.Count > 1
                ? parts.SelectMany(p =>
                    new[]
                    {
                        new RehearsalChange(RehearsalWords.WeighMore([p], 2), [Weigh(p, 2)]),
                        new(RehearsalWords.WeighHalf(p.Name), [Weigh(p, 0.5m)]),
                        new(RehearsalWords.LeaveOut(p), [Change.Set($"/method/parts/{p.Id}/off", true)]),
                    }
                )
                : [],
        ];
    }

    private static RehearsalChange Attempts(int attempts) =>
        new(RehearsalWords.Attempts(attempts), [Change.Set("/trials/attempts", attempts)]);

    private static RehearsalChange Mean(Part.Measured part) => Combined(part, Combine.Mean);

    private static RehearsalChange Combined(Part.Measured part, Combine how) =>
        new(RehearsalWords.Combined(part, how), [Change.Set($"/method/parts/{part.Id}/combine", how)]);

    private static Change Weigh(Part part, decimal times) =>
        Change.Set($"/method/parts/{part.Id}/weight", part.Weight * times);

    private static RehearsalChange Finer(Measure measure)
    {
        var step = measure.Step >= 1 ? Math.Max(measure.Step / 5, 0.5m) : measure.Step / 5;
        return new(RehearsalWords.ReadTo(measure, step), [Change.Set($"/measures/{measure.Id}/step", step)]);
    }
}
