using System.Text.RegularExpressions;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Briefs;

/// <summary>A test that is not said, not the same for all, or too coarse or short for what is asked of it.</summary>
internal static class TestSnags
{
    /// <summary>
    /// A step must cut the expected range into at least this many readings per team (common practice, no source).
    /// </summary>
    private const int ReadingsApart = 2;

    /// <summary>Nothing in a classroom is read more finely, in whatever unit (common practice, no source).</summary>
    private const decimal Finest = 0.01m;

    public static IEnumerable<Snag> Find(SnagContext scene) =>
        Method(scene).Concat(Conditions(scene)).Concat(Falling(scene)).Concat(Measures(scene)).Concat(Attempts(scene));

    private static IEnumerable<Snag> Method(SnagContext scene)
    {
        if (scene.Brief.Method.Parts.Count > 0 && scene.Brief.Trials.How.Trim().Length == 0)
            yield return new(
                "test",
                SnagWeight.Matters,
                "/trials/how",
                "The brief does not say how it is tested.",
                "Teams design for a test that they know."
            );
    }

    private static IEnumerable<Snag> Conditions(SnagContext scene)
    {
        foreach (var condition in scene.Brief.Conditions.Where(c => c.FixedAt.Trim().Length == 0))
            yield return new(
                "condition",
                SnagWeight.Matters,
                $"/conditions/{condition.Id}/fixedAt",
                $"“{Name(condition)}” is the same for everyone, and nothing says what it is.",
                "Teams that are tested on different gaps, floors or drops are not compared fairly."
            );
        if (scene.Measures && scene.Brief.Conditions.Count == 0)
            yield return new(
                "conditions",
                SnagWeight.Matters,
                "/conditions",
                "Nothing is listed as the same for everyone.",
                "Where it is tested, on what and from how high must be the same, or the numbers mean nothing.",
                new(
                    "Add the place of the test",
                    [
                        Change.Append(
                            "/conditions",
                            new Condition
                            {
                                Id = "place",
                                Text = "Where it is tested",
                                FixedAt = "the same table",
                            }
                        ),
                    ]
                )
            );
    }

    private static IEnumerable<Snag> Falling(SnagContext scene)
    {
        if (scene.Brief.Trials.IfItFalls.Trim().Length > 0 || scene.Brief.Trials.FreshBuildAfterFailure)
            yield break;
        var can =
            scene.Brief.Measures.Any(m => m.LoadTest)
            || scene.Brief.Trials.HoldSeconds > 0
            || scene.Texts.Any(t => t.At is "/goal" or "/trials/how" or "/trials/overWhen" && Collapse.IsMatch(t.Text));
        if (can)
            yield return new(
                "falls",
                SnagWeight.Matters,
                "/trials/ifItFalls",
                "The brief does not say what happens to a build that falls or breaks.",
                "Out, repaired or rebuilt: the team will ask while the class waits.",
                new(
                    "A fresh copy may be built",
                    [
                        Change.Set(
                            "/trials/ifItFalls",
                            "If it falls or breaks, this attempt is over. For the next one you may build a fresh copy."
                        ),
                    ]
                )
            );
    }

    private static IEnumerable<Snag> Measures(SnagContext scene)
    {
        var scored = scene.Compiled?.Parts.SelectMany(p => p.Measures).Select(m => m.Id).ToHashSet() ?? [];
        var ruled = scene.Compiled?.Rules.SelectMany(r => r.Measures).Select(m => m.Id).ToHashSet() ?? [];
        var broken = scene
            .Compiled?.TieBreaks.SelectMany(t => t.Value.Measures)
            .Concat(scene.Compiled.Awards.SelectMany(a => a.Value?.Measures ?? []))
            .Concat(scene.Compiled.Targets.SelectMany(t => t.Value.Measures))
            .Select(m => m.Id)
            .ToHashSet()
            ?? [];
        foreach (var measure in scene.Brief.Measures)
        {
            var at = $"/measures/{measure.Id}";
            if (
                scored.Contains(measure.Id)
                && measure.How.Trim().Length == 0
                && measure.Kind is not (MeasureKind.Count or MeasureKind.YesNo or MeasureKind.Level)
            )
                yield return new(
                    "how",
                    SnagWeight.Hint,
                    $"{at}/how",
                    $"Nothing says how {SentenceCase.Sentence(measure.Name)} is measured.",
                    "From where to where, along what, to which side: two judges would read differently."
                );
            if (
                scene.Compiled is not null
                && !scored.Contains(measure.Id)
                && !ruled.Contains(measure.Id)
                && !broken.Contains(measure.Id)
            )
                yield return new(
                    "unused",
                    SnagWeight.Hint,
                    at,
                    $"“{measure.Name}” is measured and never used.",
                    "Judges would measure something that nobody needs."
                );
            if (
                scored.Contains(measure.Id)
                && measure.Expected is { } e
                && e.High != e.Low
                && measure.Kind is not (MeasureKind.Count or MeasureKind.YesNo or MeasureKind.Level)
                && (e.Largest - e.Smallest) / measure.Step < ReadingsApart * scene.Brief.Timing.Teams
            )
            {
                var finer = Finer(measure, (e.Largest - e.Smallest) / (ReadingsApart * scene.Brief.Timing.Teams));
                yield return new(
                    "step",
                    SnagWeight.Matters,
                    $"{at}/step",
                    $"{measure.Name}, read to the nearest {Numerals.Write(measure.Step)}, will hardly tell "
                        + $"{scene.Brief.Timing.Teams} teams apart.",
                    "Many teams would tie, and one misread step would decide.",
                    finer is null
                        ? null
                        : new(
                            $"Read it to the nearest {Numerals.Write(finer.Value)}",
                            [Change.Set($"{at}/step", finer.Value)]
                        )
                );
            }
        }
    }

    private static IEnumerable<Snag> Attempts(SnagContext scene)
    {
        var attempts = scene.Brief.Trials.Attempts;
        var asked = scene.Brief.Summaries.Where(s => Summaries.Needs(s) > attempts).ToList();
        if (scene.Measures && asked.Count > 0)
        {
            var needs = asked.Max(Summaries.Needs);
            yield return new(
                "attempts",
                SnagWeight.Hint,
                "/trials/attempts",
                $"{(attempts == 1 ? "One attempt is" : $"{attempts} attempts are")} not enough for a "
                    + $"{Summaries.Name(asked.OrderByDescending(Summaries.Needs).First())}.",
                $"It takes about {needs} readings from a team to tell anything; pool the whole class, or make "
                    + "more attempts.",
                new($"Make {needs} attempts", [Change.Set("/trials/attempts", needs)])
            );
        }

        foreach (
            var part in scene
                .Brief.Method.Parts.OfType<Part.Measured>()
                .Where(p => !p.Off && p.Combine is Combine.Mean or Combine.Median && attempts < 3)
        )
            yield return new(
                "attempts",
                SnagWeight.Matters,
                $"/method/parts/{part.Id}/combine",
                $"{part.Name} takes the {(part.Combine == Combine.Mean ? "mean" : "middle")} of "
                    + $"{English.Count(attempts, "attempt")}.",
                "One wild attempt would decide, which a mean is meant to prevent.",
                new("Make 3 attempts", [Change.Set("/trials/attempts", 3)])
            );
    }

    /// <summary>The coarsest step of an instrument that is fine enough; null where none in a classroom is.</summary>
    private static decimal? Finer(Measure measure, decimal wanted) =>
        Steps
            .Of(measure.Unit)
            .Where(s => s < measure.Step && s <= wanted && s >= Finest)
            .Select(s => (decimal?)s)
            .FirstOrDefault();

    private static string Name(Condition condition) =>
        condition.Text.Length > 0 ? condition.Text : "Something without a name";

    private static readonly Regex Collapse = new(
        @"\b(?:collapses?|falls? (?:over|down)|breaks?|tall(?:est)?|strong(?:est)?|tower|bridge|holds? (?:up"
            + @"|as much))\b",
        RegexOptions.IgnoreCase
    );
}
