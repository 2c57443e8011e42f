using System.Diagnostics;

namespace PluckyRally.Core;

/// <summary>A curve with the numbers put in, as a sentence.</summary>
internal static class CurveTrace
{
    public static string Sentence(PartPlan plan, PartResult result)
    {
        var value = result.Value.Value;
        var v = ReadingFormat.Number(value.Number);
        var points = ReadingFormat.Number(result.Curve);
        string V(decimal number) => plan.ShowStated(number);
        var unit = plan.One;
        return plan.Curve switch
        {
            Curve.Rate { Start: 0 } rate => $"{MethodWords.Points(rate.PerUnit)} for each {unit}: {ReadingFormat.Number(rate.PerUnit)} × {v} = {points}.",
            Curve.Rate rate => $"{MethodWords.Points(rate.Start)} and {ReadingFormat.Number(rate.PerUnit)} for each {unit}: {ReadingFormat.Number(rate.Start)} + {ReadingFormat.Number(rate.PerUnit)} × {v} = {points}.",
            Curve.Bands bands => Band(bands, value.Number, V, MethodWords.Points(result.Curve)),
            Curve.Between between => $"0 points at {V(between.From)} and {ReadingFormat.Number(between.Points)} at {V(between.To)}: {v} is worth {points}.",
            Curve.Place => $"{StandingsWriter.Ordinal(result.Pool.Place)} in this part{(result.Pool.Tied > 1 ? $", with {result.Pool.Tied - 1} more" : "")}: {MethodWords.Points(result.Curve)}.",
            Curve.ShareOfBest share => plan.Better == Better.More
                ? $"{ReadingFormat.Number(share.Points)} × {v} ÷ {ReadingFormat.Number(result.Pool.Best.Number)} (the best) = {points}."
                : $"{ReadingFormat.Number(share.Points)} × {ReadingFormat.Number(result.Pool.Best.Number)} (the best) ÷ {v} = {points}.",
            Curve.Target target => $"{ReadingFormat.Number(Math.Abs(value.Number - target.At))} off the mark of {V(target.At)}: {ReadingFormat.Number(target.Points)} − {ReadingFormat.Number(target.PerUnit)} × {ReadingFormat.Number(Math.Abs(value.Number - target.At))}, not below 0, = {points}.",
            Curve.Improvement improvement => $"Before {V(result.Pool.Earlier.Number)}, now {V(value.Number)}, {(plan.Better == Better.More ? "more" : "less")} is better: {MethodWords.Points(improvement.PerPercent)} for each percent = {points}.",
            Curve.Raw => $"The value itself: {points}.",
            _ => throw new UnreachableException(),
        };
    }

    private static string Band(Curve.Bands bands, decimal value, Func<decimal, string> show, string points)
    {
        var band = bands.Edges.LastOrDefault(b => value >= b.From);
        return band is null
            ? $"Below {show(bands.Edges[0].From)}: {points}."
            : $"From {show(band.From)} on: {points}.";
    }
}
