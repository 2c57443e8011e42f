using PluckyRally.Core.Curves;
using PluckyRally.Core.Expressions;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Readings;

namespace PluckyRally.Core.Briefs;

/// <summary>What keeps a brief from being run, with a fix where there is one.</summary>
internal static class StoppingSnags
{
    public static IEnumerable<Snag> Find(SnagContext scene) =>
        scene.Ready.Problems.Select(p =>
            p.Severity == Severity.Error
                ? new Snag("stops", SnagWeight.Stops, p.At, p.What, p.Remedy, Fixed(scene.Brief, p))
                : new Snag("fallsAway", SnagWeight.Hint, p.At, p.What, p.Remedy)
        );

    private static Fix? Fixed(Brief brief, Problem problem)
    {
        var steps = problem.At.Split('/');
        switch (steps)
        {
            case ["", "measures", var id, "unit"]
                when brief.Measures.FirstOrDefault(m => m.Id == id) is { } measure
                    && Units.Usual(measure.Kind) is { Length: > 0 } unit:
                return new($"Measure it in {Units.SeveralOf(unit)}", [Change.Set(problem.At, unit)]);
            case ["", "measures", var id, "step"] when brief.Measures.Any(m => m.Id == id):
                return new("Read it to the nearest 1", [Change.Set(problem.At, 1)]);
            case ["", "method", "parts"] when brief.Measures is [var first, ..]:
                return new(
                    $"Give a point for each {first.Name.ToLowerInvariant()}",
                    [
                        Change.Append<Part>(
                            "/method/parts",
                            new Part.Measured
                            {
                                Id = FreeId.Of(
                                    "points",
                                    brief.Measures.Select(m => m.Id).Concat(brief.Method.Parts.Select(p => p.Id))
                                ),
                                Name = first.Name,
                                Value = first.Id,
                                Better = Better.More,
                                Curve = new Curve.Rate(1),
                            }
                        ),
                    ]
                );
            case ["", "method", "parts", var id, "value"]
                when brief.Method.Parts.OfType<Part.Measured>().FirstOrDefault(p => p.Id == id) is { } part
                    && Unknown(part.Value, brief) is { } name:
                return new(
                    $"Add a measure called {Called(part)}",
                    [
                        Change.Append(
                            "/measures",
                            new Measure
                            {
                                Id = name,
                                Name = Called(part),
                                Kind = MeasureKind.Number,
                            }
                        ),
                    ]
                );
            default:
                return null;
        }
    }

    /// <summary>Who looks at a measure that there is not yet lends it its name.</summary>
    private static string Called(Part part) => part.Name.Trim().Length > 0 ? part.Name.Trim() : "Measure";

    /// <summary>The first name in an expression that nothing is called by.</summary>
    private static string? Unknown(string expression, Brief brief)
    {
        var term = TermParser.Read(expression);
        return term.IsOk ? TermWords.Names(term.Value).FirstOrDefault(n => brief.Measures.All(m => m.Id != n)) : null;
    }
}
