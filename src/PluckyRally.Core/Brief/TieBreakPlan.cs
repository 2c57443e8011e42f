namespace PluckyRally.Core;

/// <summary>A tie-break made ready.</summary>
internal sealed record TieBreakPlan(TieBreak Is, Expression Value)
{
    /// <summary>Makes all tie-breaks ready, or adds what is wrong with them.</summary>
    public static IReadOnlyList<TieBreakPlan> MakeAll(Brief brief, Findings found)
    {
        var facts = Facts(brief);
        var plans = new List<TieBreakPlan>();
        for (var i = 0; i < brief.Method.TieBreaks.Count; i++)
        {
            var tieBreak = brief.Method.TieBreaks[i];
            found.NotEmpty(tieBreak.Name, $"/method/tieBreaks/{i}/name", "The tie-break has no name.", "Say what decides, for example “fewest sheets”.");
            var value = Compiler.Compile(tieBreak.Value, facts);
            if (value.IsOk) plans.Add(new(tieBreak, value.Value));
            else found.AddAll($"/method/tieBreaks/{i}/value", value.Problems);
        }

        return plans;
    }

    /// <summary>
    /// What tie-breaks and awards can name: the measures; each part's points by its id, its value as <c>id_value</c> and its
    /// other facts, such as <c>id_tau</c>; and the total.
    /// </summary>
    public static IReadOnlyList<Measure> Facts(Brief brief)
    {
        var parts = brief.Method.Parts.Where(p => !p.Off && brief.Measures.All(m => m.Id != p.Id)).SelectMany(p => p.Facts
            .Select(f => Fact($"{p.Id}_{f.Name}", $"{p.Name}, {f.Name}", f.Step))
            .Prepend(Fact($"{p.Id}_value", p.Name, 0.001m))
            .Prepend(Fact(p.Id, p.Name, brief.Method.Precision)));
        return [.. brief.Measures, .. parts, Fact("total", "total", brief.Method.Precision)];
    }

    private static Measure Fact(string id, string name, decimal step) =>
        new() { Id = id, Name = name, Kind = MeasureKind.Number, Step = step > 0 ? step : 1, Negative = true };
}
