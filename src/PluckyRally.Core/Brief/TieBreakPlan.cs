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

    /// <summary>What a tie-break can name: the measures, each part's points by the part's id, and the total.</summary>
    public static IReadOnlyList<Measure> Facts(Brief brief)
    {
        var points = brief.Method.Parts
            .Where(p => !p.Off && brief.Measures.All(m => m.Id != p.Id))
            .Select(p => Points(p.Id, p.Name, brief.Method));
        return [.. brief.Measures, .. points, Points("total", "total", brief.Method)];
    }

    private static Measure Points(string id, string name, Method method) =>
        new() { Id = id, Name = name, Kind = MeasureKind.Number, Step = method.Precision > 0 ? method.Precision : 1, Negative = true };
}
