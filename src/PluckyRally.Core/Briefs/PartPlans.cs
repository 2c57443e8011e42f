using PluckyRally.Core.Figures;
using PluckyRally.Core.Parts;
using PluckyRally.Core.Problems;

namespace PluckyRally.Core.Briefs;

/// <summary>Makes the parts of a brief ready, each after those that it rests on.</summary>
internal static class PartPlans
{
    /// <summary>
    /// The plans in the method's order, null for what cannot be made ready; what is wrong is collected.
    /// </summary>
    public static IReadOnlyList<PartPlan?> Make(Brief brief, IReadOnlyList<Part> parts, ProblemCollector found)
    {
        var plans = new PartPlan?[parts.Count];
        var open = new List<int>();
        for (var at = 0; at < plans.Length; at++)
        {
            if (parts[at] is Part.Measured measured && measured.IsOverFigures(brief))
                open.Add(at);
            else
                plans[at] = At(parts[at], found, inner => PartPlan.Make(parts[at], brief, inner, parts[at].Ready));
        }

        while (open.Count > 0)
        {
            var figures = FigureList.Of(brief, plans, new ProblemCollector());
            var resting = open.Select(at =>
                    (At: at, On: figures.Compile(Measured(at).Value, Availability.WithResult, Reader(at)))
                )
                .ToList();
            var next = resting.FindIndex(r => !r.On.IsOk || r.On.Value!.Unready is null);
            if (next < 0)
            {
                foreach (var (at, on) in resting)
                    RestsOnOthers(at, on.Value!.Unready!);
                return plans;
            }

            var (place, over) = resting[next];
            open.Remove(place);
            plans[place] = At(parts[place], found, inner =>
                PartPlan.Make(parts[place], brief, inner, (_, into) => OfFigures(Measured(place), over, into))
            );
        }

        return plans;

        Part.Measured Measured(int at) => (Part.Measured)parts[at];

        string Reader(int at) => $"{parts[at].Name} gives points for it";

        // A part that is broken itself is said once, where it stands.
        void RestsOnOthers(int at, Figure.Unready unready)
        {
            if (
                open.Select(o => parts[o])
                    .FirstOrDefault(p => unready.Id.StartsWith($"{p.Id}.", StringComparison.Ordinal)) is
                { } other
            )
                found.Add(
                    $"/method/parts/{parts[at].Id}/value",
                    other == parts[at]
                        ? $"{other.Name} depends on itself."
                        : $"{parts[at].Name} depends on {other.Name}, which depends on {parts[at].Name} again.",
                    "Remove one from the other."
                );
        }
    }

    private static PartPlan? OfFigures(Part.Measured part, Result<FigureExpression> over, ProblemCollector found)
    {
        if (!over.IsOk)
        {
            found.AddAll("/value", over.Problems);
            return null;
        }

        part.Curve.Check(part.Better, over.Value.Figures.Any(f => f.MayBeNegative), found);
        return new PartPlan.OfFigures(part, over.Value);
    }

    private static PartPlan? At(Part part, ProblemCollector found, Func<ProblemCollector, PartPlan?> make)
    {
        var inner = new ProblemCollector($"/method/parts/{part.Id}");
        var plan = make(inner);
        found.Under("", inner);
        return plan;
    }
}
