using PluckyRally.Core.Checks;
using PluckyRally.Core.Curves;
using PluckyRally.Core.Kit;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Results;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Briefs;

/// <summary>
/// What stands in words and could be a rule: a limit that is only looked at, an amount in a material's name, minutes in
/// the note on a phase, points in the words about scoring. One touch makes it one.
/// </summary>
internal static class SaidSnags
{
    public static IEnumerable<Snag> Find(SnagContext scene) =>
        Limits(scene).Concat(Amounts(scene)).Concat(PhaseMinutes(scene)).Concat(Points(scene));

    private static IEnumerable<Snag> PhaseMinutes(SnagContext scene)
    {
        foreach (var phase in scene.Brief.Timing.Phases.Where(p => !p.TeamByTeam))
        {
            if (BriefReader.MinutesIn(phase.Note) is not { } said)
                continue;
            if (said != phase.Minutes)
                yield return new(
                    "saysMinutes",
                    SnagWeight.Matters,
                    $"/timing/phases/{phase.Id}/note",
                    $"“{phase.Note}” says {English.Count(said, "minute")}, and the phase has "
                        + $"{Numerals.Write(phase.Minutes)}.",
                    "The clock goes by the phase's minutes, not by the note.",
                    new(
                        $"Give it {English.Count(said, "minute")}",
                        [Change.Set($"/timing/phases/{phase.Id}/minutes", said)]
                    )
                );
        }
    }

    private static IEnumerable<Snag> Points(SnagContext scene)
    {
        // What the method says by itself needs no reader.
        var own = scene.Compiled is { } compiled ? MethodWords.Say(compiled) : [];
        var words = StudentSheet.Lines(scene.Brief.ScoringWords).Except(own);
        foreach (var said in BriefReader.PointsIn(string.Join('\n', words), UsualMeasure.SystemOf(scene.Brief)))
        {
            var parts = scene
                .Brief.Method.Parts.OfType<Part.Measured>()
                .Where(p => !p.Off)
                .Select(p => (Part: p, Measure: scene.Measure(p.Value.Trim())))
                .Where(p => p.Measure is { } m && IsOf(said.Measure, m))
                .ToList();
            if (parts.Count == 0)
                yield return Snag(
                    said,
                    "is said here, and the method scores no such thing.",
                    said.Changes(new(scene.Brief, [said]))
                );
            else if (
                parts.All(p => p.Part.Curve is not Curve.Rate rate || rate.PerUnit != said.EachIn(p.Measure!.Unit))
            )
                yield return Snag(
                    said,
                    $"is said here, and the method scores {parts[0].Part.Name} in another way.",
                    [
                        Change.Set<Curve>(
                            $"/method/parts/{parts[0].Part.Id}/curve",
                            new Curve.Rate(said.EachIn(parts[0].Measure!.Unit))
                        ),
                    ]
                );
        }
    }

    private static Snag Snag(Piece.Points said, string but, IReadOnlyList<Change> changes) =>
        new(
            "saysPoints",
            SnagWeight.Matters,
            "/scoringWords",
            $"“{said.Says().TrimEnd('.')}” {but}",
            "Students go by the words, and the scores by the method.",
            new("Score it as it is said", changes)
        );

    private static bool IsOf(SaidMeasure said, Measure measure) =>
        said.Kind == measure.Kind
        && (
            said.Kind != MeasureKind.Count
            || string.Equals(English.One(said.Unit), English.One(measure.Unit), StringComparison.OrdinalIgnoreCase)
        );

    private static IEnumerable<Snag> Limits(SnagContext scene)
    {
        foreach (var rule in scene.Rules.Where(r => r.Check is RuleCheck.Inspection))
        {
            if (BriefReader.LimitIn(rule.Text) is not { } limit)
                continue;
            var draft = new PieceDraft(scene.Brief, [limit]);
            yield return new(
                "saysALimit",
                SnagWeight.Hint,
                $"/rules/{rule.Id}/text",
                $"“{rule.Text}” names a limit that is only looked at.",
                "A reading decides it by a number, and students see by how much.",
                new(
                    limit.Says().TrimEnd('.'),
                    [
                        .. draft.With(limit.Measure),
                        Change.Set($"/rules/{rule.Id}/check", limit.Check(scene.Brief)),
                        Change.Set($"/rules/{rule.Id}/when", limit.When),
                    ]
                )
            );
        }
    }

    private static IEnumerable<Snag> Amounts(SnagContext scene)
    {
        foreach (var material in scene.Materials.Where(m => m.Amount is null or 1 && m.Unit.Length == 0))
        {
            if (
                material.Name.Length == 0
                || !(char.IsDigit(material.Name[0]) || material.Name.StartsWith("a ", StringComparison.Ordinal))
                || BriefReader.MaterialsIn(material.Name) is not [_, ..] readings
                || readings.MaxBy(r => r.Amount) is not { Amount: { } amount } said
            )
                continue;
            var clear = readings.Count == 1;
            yield return new(
                "saysAnAmount",
                clear ? SnagWeight.Hint : SnagWeight.Matters,
                $"/materials/{material.Id}/name",
                clear
                    ? $"The name “{material.Name}” holds an amount."
                    : $"“{material.Name}” does not say how many a team gets.",
                "As an amount it is added up for the class and the shopping list.",
                new(
                    $"Make it {Material.So(amount, said.Unit, said.Name)}",
                    [
                        Change.Set($"/materials/{material.Id}/amount", amount),
                        Change.Set($"/materials/{material.Id}/unit", said.Unit),
                        Change.Set($"/materials/{material.Id}/name", said.Name),
                    ]
                )
            );
        }
    }
}
