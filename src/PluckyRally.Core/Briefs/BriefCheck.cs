using PluckyRally.Core.Problems;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Teams;

namespace PluckyRally.Core.Briefs;

/// <summary>
/// What must be true of a brief before a rally can be run from it, apart from its expressions and limits.
/// </summary>
internal static class BriefCheck
{
    public static void Check(Brief brief, ProblemCollector found)
    {
        found.NotEmpty(brief.Title, "/title", "The brief has no title.", "Give it a name that students will remember.");
        found.Length(brief.Title, Limits.Name, "/title", "The title");
        found.Length(brief.Theme, Limits.Name, "/theme", "The theme");
        found.Length(brief.Story, Limits.Text, "/story", "The story");
        found.Length(brief.Goal, Limits.Text, "/goal", "The goal");
        found.Count(brief.Measures, Limits.Measures, "/measures", "measures");
        found.Count(brief.Rules, Limits.Rules, "/rules", "rules");
        found.Count(brief.Method.Parts, Limits.Parts, "/method/parts", "parts");
        found.Count(brief.Figures, Limits.Measures, "/figures", "figures");
        found.Ids(brief.Measures.Select(m => m.Id), "/measures", "measure");
        found.Ids(brief.Figures.Select(f => f.Id), "/figures", "figure");
        foreach (var figure in brief.Figures)
        {
            var inner = new ProblemCollector($"/figures/{figure.Id}");
            inner.Unless(
                brief.Measures.All(m => m.Id != figure.Id),
                "/id",
                $"A measure has the id “{ProblemCollector.Short(figure.Id)}” too.",
                "Give the figure its own id."
            );
            figure.Check(brief.Trials, inner);
            found.Under("", inner);
        }

        found.Ids(brief.Rules.Select(r => r.Id), "/rules", "rule");
        found.Ids(brief.Method.Parts.Select(p => p.Id), "/method/parts", "part");
        foreach (var measure in brief.Measures)
        {
            var inner = new ProblemCollector($"/measures/{measure.Id}");
            Check(measure, brief, inner);
            found.Under("", inner);
        }

        Check(brief.Trials, found);
        Deal.Check(brief, found);
        found.Length(brief.RigSteps, Limits.Text, "/rigSteps", "How the rig is built");
        SheetCheck.Check(brief, found);
        var method = brief.Method;
        found.Unless(
            !method.Ranking || method.Parts.Any(p => !p.Off),
            "/method/parts",
            "Nothing gives points yet.",
            "Add a part, and say what it gives points for; or let teams have no places, and only what the "
                + "design must do counts."
        );
        method.OverRounds?.Check("/method/overRounds", found);
        found.Unless(
            method.Precision is > 0 and <= 1000,
            "/method/precision",
            "Points must be shown to some precision.",
            "Use 1, 0.5, 0.1 or 0.01."
        );
    }

    private static void Check(Measure measure, Brief brief, ProblemCollector found)
    {
        found.NotEmpty(
            measure.Name,
            "/name",
            "The measure has no name.",
            "Say what is measured, for example “height”."
        );
        found.Length(measure.Name, Limits.Name, "/name", "The name");
        found.Length(measure.How, Limits.Text, "/how", "The note on how to measure");
        found.Length(measure.Unit, 40, "/unit", "The unit");
        found.Unless(
            measure.Step is > 0 and <= 1_000_000,
            "/step",
            "The step must be above zero.",
            "Use what the instrument shows, for example 1 or 0.5."
        );
        found.Unless(
            measure.Tare >= 0,
            "/tare",
            "The container's weight cannot be negative.",
            "Use 0 where there is no container."
        );
        found.Unless(
            measure.Expected is null || measure.Expected.Low != measure.Expected.High,
            "/expected/high",
            "The best expected is the same as the weakest.",
            "Write what the weakest and what the best team will probably reach."
        );
        found.Unless(
            measure.Expected is null || measure.Better != Better.More || measure.Expected.Low <= measure.Expected.High,
            "/expected/high",
            "The best expected is not above the weakest.",
            "Swap them, or say that less is better."
        );
        found.Unless(
            measure.Combine is null || measure.Taken == ReadOccasion.EachAttempt,
            "/combine",
            "What is measured once needs no way to combine attempts.",
            "Leave it out, or read the measure in every attempt."
        );
        found.Unless(
            measure.Combine != Combine.BestMean || measure.BestOf >= 1 && measure.BestOf <= brief.Trials.Attempts,
            "/bestOf",
            "The mean of the best needs a number of attempts.",
            $"Use 1 to {brief.Trials.Attempts}."
        );
        found.Unless(
            measure
                is not {
                    Better: Better.Less,
                    FailureValue: null,
                    Combine: Combine.Worst
                        or Combine.Mean
                        or Combine.Median
                        or Combine.Sum
                        or Combine.First
                        or Combine.Last
                },
            "/failureValue",
            "Where less is better, a failed attempt must count as something.",
            "Write the value of a failed attempt, worse than any success."
        );
        found.Unless(
            measure.GoodTo is null or > 0,
            "/goodTo",
            "The uncertainty must be above zero.",
            "Leave it out, and the step decides."
        );
        if (measure.LaidOut is { } laid)
        {
            found.Unless(
                measure.Kind == MeasureKind.Length,
                "/laidOut",
                "Only a length can be laid out.",
                "Make the measure a length."
            );
            found.Unless(
                measure.Unit == laid.Name && laid.Name.Length > 0,
                "/unit",
                "The unit of a laid-out length is the thing laid.",
                $"Write “{laid.Name}” as the unit."
            );
            found.Unless(
                laid.Centimetres is null or > 0,
                "/laidOut/centimetres",
                "The size of one must be above zero.",
                "Measure one, or leave it out."
            );
        }
        else if (Units.NeedsUnit(measure.Kind) && Units.Find(measure.Unit)?.Kind != measure.Kind)
        {
            found.Add(
                "/unit",
                measure.Unit.Length == 0
                    ? "The measure has no unit."
                    : $"“{measure.Unit}” is not a unit of {measure.Kind.ToString().ToLowerInvariant()}.",
                $"Use one of these: {string.Join(", ", Units.For(measure.Kind))}."
            );
        }

        found.Unless(
            measure.Kind != MeasureKind.Level || measure.Levels.Count >= 2,
            "/levels",
            "A level needs at least two words.",
            "List them from lowest to highest."
        );
        found.Count(measure.Levels, 20, "/levels", "levels");
        found.Unless(
            measure.Levels.Distinct(StringComparer.OrdinalIgnoreCase).Count() == measure.Levels.Count
                && measure.Levels.All(l => !string.IsNullOrWhiteSpace(l)),
            "/levels",
            "Two levels have the same word, or one has none.",
            "Give each level its own word."
        );
        found.Unless(
            measure.Weights.Count == 0 || measure.Kind == MeasureKind.Mass,
            "/weights",
            "Only a mass can be made of counted weights.",
            "Make the measure a mass."
        );
        found.Unless(
            measure.Roll is >= 0 and <= 100_000 && (measure.Roll == 0 || measure.Kind == MeasureKind.Count),
            "/roll",
            "Only what is counted can come in rolls, of at most 100000.",
            "Use 0 where everything is loose."
        );
        found.Count(measure.Weights, 20, "/weights", "sorts of weights");
        for (var i = 0; i < measure.Weights.Count; i++)
        {
            var weight = measure.Weights[i];
            found.NotEmpty(
                weight.Name,
                $"/weights/{i}/name",
                "The weight has no name.",
                "Say what is counted, for example “bead”."
            );
            found.Unless(
                weight.GramsEach is > 0,
                $"/weights/{i}/grams",
                $"The mass of one {weight.Name} is not known.",
                "Write its mass in grams, or weigh many together and write count and total."
            );
            found.Unless(
                weight.Calibration is null or { Count: > 0, TotalGrams: > 0, ScaleStep: > 0 },
                $"/weights/{i}/calibration",
                "Calibrating needs a count, a total and the scale's step.",
                "Weigh at least ten together."
            );
        }
    }

    private static void Check(Trials trials, ProblemCollector found)
    {
        found.Unless(
            trials.Attempts is >= 1 and <= Limits.Attempts,
            "/trials/attempts",
            "The number of attempts is out of range.",
            $"Use 1 to {Limits.Attempts}."
        );
        found.Unless(
            trials.Minimum is null || (trials.Minimum >= 1 && trials.Minimum <= trials.Attempts),
            "/trials/minimum",
            "The minimum does not fit the number of attempts.",
            $"Use 1 to {trials.Attempts}, or leave it out."
        );
        found.Unless(
            trials.FreshBuilds is null or >= 0,
            "/trials/freshBuilds",
            "The number of fresh builds cannot be negative.",
            "Use 0 or more."
        );
        found.Length(trials.How, Limits.Text, "/trials/how", "The test");
        found.Length(trials.IfItFalls, Limits.Text, "/trials/ifItFalls", "What happens if it falls");
        found.Unless(
            trials.HoldSeconds is >= 0 and <= 3600,
            "/trials/holdSeconds",
            "The seconds of the hold are out of range.",
            "Use 0 to 3600."
        );
        found.Length(trials.OverWhen, Limits.Text, "/trials/overWhen", "The end condition");
    }
}
