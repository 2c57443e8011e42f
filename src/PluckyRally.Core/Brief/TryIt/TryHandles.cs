namespace PluckyRally.Core;

/// <summary>What of a pretend team can be moved.</summary>
internal static class TryHandles
{
    public static IReadOnlyList<TryHandle> Of(Playbook playbook) =>
        [.. playbook.Brief.Measures.Select(OfMeasure), .. playbook.Parts.SelectMany(p => OfPart(p.Part))];

    private static TryHandle OfMeasure(Measure measure)
    {
        var range = Plausible.OrGuess(measure);
        IReadOnlyList<string> words = measure.Kind switch
        {
            MeasureKind.YesNo => ["no", "yes"],
            MeasureKind.Level => measure.Levels,
            _ => [],
        };
        return new(measure.Id, measure.Name, measure.Unit, range.Low, range.High, words.Count > 0 ? 1 : measure.Step, words);
    }

    private static IEnumerable<TryHandle> OfPart(Part part)
    {
        TryHandle Handle(string what, string name, string unit, decimal low, decimal high, decimal step = 1) => new($"{part.Id}.{what}", $"{part.Name}: {name}", unit, low, high, step, []);
        switch (part)
        {
            case Part.Tasks tasks:
                yield return Handle("done", "steps done", "", 0, tasks.Items.Sum(i => i.Steps));
                if (tasks.TimePoints is { } time) yield return Handle("time", "time", "s", 0, time.From);
                break;
            case Part.Relay relay:
                yield return Handle("time", "time of all legs", "s", Plausible.LegSeconds.Low * relay.Legs.Count, Plausible.LegSeconds.High * relay.Legs.Count, relay.Step);
                foreach (var fault in relay.Faults) yield return Handle(fault.Id, fault.Name, "", 0, 10);
                if (relay.PointsPerItem != 0) yield return Handle("items", "items brought over", "", 0, 20);
                break;
            case Part.Bins bins:
                yield return Handle("right", "items right", "", 0, bins.Items.Count);
                if (bins.SecondsPerWrong is not null) yield return Handle("time", "time", "s", 0, 300);
                break;
            case Part.Ordering order:
                yield return Handle("right", "items in order before the first mistake", "", 0, order.Items.Count);
                break;
            case Part.Pieces pieces:
                foreach (var value in Groups(pieces)) yield return Handle(value.Length > 0 ? value : "count", value.Length > 0 ? value : "pieces", "", 0, 12);
                break;
            case Part.Rubric rubric:
                foreach (var criterion in rubric.Criteria) yield return new($"{part.Id}.{criterion.Id}", $"{part.Name}: {criterion.Name}", "", 0, criterion.Levels.Count - 1, 1, [.. criterion.Levels.Select(l => l.Name)]);
                break;
            case Part.Budget budget:
                foreach (var price in budget.Prices) yield return Handle(price.Id, $"{price.Name} bought", "", 0, 12);
                break;
            case Part.Tally tally:
                foreach (var counter in tally.Counters) yield return Handle(counter.Id, counter.Name, "", 0, 10);
                break;
        }
    }

    /// <summary>The groups of pieces that are told apart: the first label's values, or one group of all.</summary>
    public static IReadOnlyList<string> Groups(Part.Pieces pieces) => pieces.First.Values.Count > 0 ? [.. pieces.First.Values.Select(v => v.Name)] : [""];
}
