using System.Diagnostics;

namespace PluckyRally.Core;

/// <summary>A part made ready to be scored.</summary>
internal abstract record PartPlan
{
    private PartPlan()
    {
    }

    /// <summary>The part.</summary>
    public abstract Part Part { get; }

    /// <summary>A measured part and its expression.</summary>
    public sealed record Measured(Part.Measured Is, Expression Value) : PartPlan
    {
        public override Part Part => Is;

        /// <summary>Decimals at which combined values are shown and compared: a mean has one more than its readings.</summary>
        public int Decimals => Value.Plain is not null && (Is.Combine is Combine.Mean or Combine.Median or Combine.BestMean)
            ? Value.Decimals + 1
            : Is.Combine == Combine.Successes ? 0 : Value.Decimals;
    }

    /// <summary>Makes a part ready, or adds what is wrong with it.</summary>
    public static PartPlan? Make(Part part, Brief brief, Findings found)
    {
        found.NotEmpty(part.Name, "/name", "The part has no name.", "Say what it gives points for, for example “Height”.");
        found.Length(part.Name, Most.Name, "/name", "The name");
        found.Unless(part.Floor is null || part.Cap is null || part.Floor <= part.Cap, "/cap", "The most points are fewer than the fewest.", "Swap them.");
        found.Unless(part.Weight >= 0, "/weight", "A weight below zero would turn better into worse.", "Use 0 or more.");
        if (brief.Method.Wins == Wins.Lowest && part.FailurePoints is null)
            found.Add("/failurePoints", "Where the lowest total wins, a team without a success must get points.", "Write how many, more than any success would give.");
        var plan = part switch
        {
            Part.Measured measured => Make(measured, brief, found),
            _ => throw new UnreachableException(),
        };
        return found.Problems.Count == 0 ? plan : null;
    }

    private static Measured? Make(Part.Measured part, Brief brief, Findings found)
    {
        if (part.Combine == Combine.BestMean)
            found.Unless(part.BestOf >= 1 && part.BestOf <= brief.Trials.Attempts, "/bestOf", "The mean of the best needs a number of attempts.", $"Use 1 to {brief.Trials.Attempts}.");
        if (part is { Better: Better.Less, FailureValue: null, Combine: Combine.Worst or Combine.Mean or Combine.Median or Combine.Sum or Combine.First or Combine.Last })
            found.Add("/failureValue", "Where less is better, a failed attempt must count as something.", "Write the value of a failed attempt, worse than any success.");

        CheckCurve(part, brief, found);
        var value = Compiler.Compile(part.Value, brief.Measures);
        if (value.IsOk) return new(part, value.Value);
        found.AddAll("/value", value.Problems);
        return null;
    }

    private static void CheckCurve(Part.Measured part, Brief brief, Findings found)
    {
        switch (part.Curve)
        {
            case Curve.Bands bands:
                found.Unless(bands.Edges.Count > 0, "/curve/edges", "There are no bands yet.", "Add the first: from which value, how many points.");
                found.Count(bands.Edges, 100, "/curve/edges", "bands");
                for (var i = 1; i < bands.Edges.Count; i++)
                    found.Unless(bands.Edges[i].From > bands.Edges[i - 1].From, $"/curve/edges/{i}/from", "The bands do not rise.", $"Start this band above {ReadingFormat.Number(bands.Edges[i - 1].From)}.");
                break;
            case Curve.Between between:
                found.Unless(between.From != between.To, "/curve/to", "The value for all points is the value for none.", "Make them differ.");
                break;
            case Curve.Place place:
                found.Unless(place.Points.Count > 0, "/curve/points", "The list of points by place is empty.", "Write for example 10, 8, 6.");
                found.Count(place.Points, Most.Teams, "/curve/points", "places");
                break;
            case Curve.ShareOfBest when part.Better == Better.Less && brief.Measures.Any(m => m.Negative && part.Value.Contains(m.Id, StringComparison.Ordinal)):
                found.Add("/curve", "A share of the best makes no sense where less is better and a value can be below zero.", "Use points between two values, or by place.");
                break;
            case Curve.Target target:
                found.Unless(target.PerUnit > 0, "/curve/perUnit", "Being off the mark must cost something.", "Write the points lost per unit, above zero.");
                break;
        }
    }
}
