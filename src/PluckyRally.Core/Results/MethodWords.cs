using System.Diagnostics;

namespace PluckyRally.Core;

/// <summary>Says in the pupils' words how points are worked out.</summary>
public static class MethodWords
{
    /// <summary>Which total wins.</summary>
    public static string Wins(Method method) => method.Wins == Core.Wins.Highest
        ? "The highest total wins: more points are better."
        : "The lowest total wins: fewer points are better.";

    /// <summary>The whole method, a sentence for each thing a pupil should know.</summary>
    public static IReadOnlyList<string> Say(Playbook playbook) =>
    [
        .. playbook.Parts.Select(Say),
        Wins(playbook.Brief.Method),
        .. playbook.Brief.Method.TieBreaks.Take(1).Select(t => $"If totals are equal, {Within.Sentence(t.Name)} decides."),
    ];

    /// <summary>A number of points with the word.</summary>
    public static string Points(decimal points) => $"{ReadingFormat.Number(points)} {(points is 1 or -1 ? "point" : "points")}";

    /// <summary>One of what is counted: bead of beads. A word that does not end in one s stays as it is.</summary>
    internal static string One(string counted) => counted is [.., not 's', 's'] ? counted[..^1] : counted;

    private static string Say(PartPlan plan) => $"{plan.Part.Name}: {plan.Say()}";

    /// <summary>A curve in words, without a full stop.</summary>
    internal static string Say(Curve curve, PartPlan part)
    {
        string V(decimal value) => part.ShowStated(value);
        var unit = part.One;
        return curve switch
        {
            Curve.Rate { Start: 0 } rate => $"{Points(rate.PerUnit)} for each {unit}{Limits(part.Part)}",
            Curve.Rate rate => $"{Points(rate.Start)} to begin with and {Points(rate.PerUnit)} for each {unit}{Limits(part.Part)}",
            Curve.Bands bands => string.Join(", ", bands.Edges.Select(b => $"{Points(b.Points)} from {V(b.From)}")) + (bands.Below != 0 ? $", {Points(bands.Below)} below" : ""),
            Curve.Between between => $"from 0 points at {V(between.From)} up to {Points(between.Points)} at {V(between.To)}",
            Curve.Place place => $"{string.Join(", ", place.Points.Select(ReadingFormat.Number))} points by place",
            Curve.ShareOfBest share => $"{Points(share.Points)} for the best team, the others in proportion",
            Curve.Target target => $"{Points(target.Points)} for exactly {V(target.At)}, {Points(target.PerUnit)} less for each {unit} off it",
            Curve.Improvement improvement => $"{Points(improvement.PerPercent)} for each percent better than the round before",
            Curve.Raw => "the value itself is the points",
            _ => throw new UnreachableException(),
        };
    }

    private static string Limits(Part part) => (part.Floor, part.Cap) switch
    {
        ({ } floor, { } cap) => $", at least {ReadingFormat.Number(floor)} and at most {ReadingFormat.Number(cap)}",
        ({ } floor, null) => $", at least {ReadingFormat.Number(floor)}",
        (null, { } cap) => $", at most {ReadingFormat.Number(cap)}",
        _ => "",
    };
}
