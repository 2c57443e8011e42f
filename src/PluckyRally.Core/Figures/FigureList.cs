using PluckyRally.Core.Briefs;
using PluckyRally.Core.Expressions;
using PluckyRally.Core.Parts;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Readings;

namespace PluckyRally.Core.Figures;

/// <summary>All figures of an edition: the one list that everything reads.</summary>
internal sealed class FigureList
{
    private readonly IReadOnlyList<Measure> _shown;

    private FigureList(IReadOnlyList<Figure> all)
    {
        All = all;
        _shown = [.. all.Select(f => f.Shown)];
    }

    /// <summary>The figures: measures, then each part's, then the team's.</summary>
    public IReadOnlyList<Figure> All { get; }

    /// <summary>The figures of a brief.</summary>
    /// <param name="brief">The brief.</param>
    /// <param name="parts">Its parts, made ready; null for those that are not.</param>
    /// <param name="found">Collects what is wrong with figures that have a name.</param>
    public static FigureList Of(Brief brief, IReadOnlyList<PartPlan?> parts, ProblemCollector found)
    {
        var list = Unnamed(brief, parts);
        var open = brief.Figures.ToList();
        while (open.Count > 0)
        {
            // One that rests on another is made after it; where none can be made, they rest on each other.
            if (open.Find(f => Resting(f, open).Count == 0) is not { } next)
            {
                foreach (var figure in open)
                    found.Add(
                        $"/figures/{figure.Id}/value",
                        $"{figure.Name} depends on {Resting(figure, open)[0].Name}, "
                            + $"which depends on {figure.Name} again.",
                        "Remove one from the other."
                    );
                return list;
            }

            open.Remove(next);
            var value = list.Compile(
                next.Value,
                next.Work == Work.EachAttempt ? Availability.InAttempt : Availability.WithTotal,
                $"“{ProblemCollector.Short(next.Name)}” is calculated in each attempt"
            );
            if (value.IsOk)
                list = new([.. list.All, new Figure.OfName(next, value.Value, brief.Trials)]);
            else
            {
                found.AddAll($"/figures/{next.Id}/value", value.Problems);
                list = new([.. list.All, new Figure.Unready(Figure.Exact(next.Id, next.Name, 1))]);
            }
        }

        return list;
    }

    /// <summary>The figures among some that one names, itself included.</summary>
    private static List<NamedFigure> Resting(NamedFigure figure, List<NamedFigure> among)
    {
        var term = TermParser.Read(figure.Value);
        return term.IsOk
            ? [.. TermWords.Names(term.Value).Select(id => among.Find(f => f.Id == id)).OfType<NamedFigure>()]
            : [];
    }

    private static FigureList Unnamed(Brief brief, IReadOnlyList<PartPlan?> parts) =>
        new([
            .. brief.Measures.Select(m => OfMeasure(m, brief.Trials, parts)),
            .. parts.SelectMany((plan, at) => plan is null ? [] : OfPart(plan, at, brief.Method)),
            .. brief
                .Method.Parts.Where(p => !p.Off && parts.All(plan => plan?.Part.Id != p.Id))
                .SelectMany(p => Names(p, brief.Method))
                .Select(shown => new Figure.Unready(shown)),
            .. Figure.TeamFacts(brief).Select(fact => new Figure.OfTeam(fact, brief.Method, brief.Trials)),
        ]);

    private static IEnumerable<Measure> Names(Part part, Method method) =>
        [
            Figure.Points(part, method, weighted: true),
            Figure.ValueOf(part, Figure.Exact(part.Id, part.Name, 1)),
            Figure.Points(part, method, weighted: false),
            .. part.Facts.Select(f => f.Of(part)),
        ];

    /// <summary>The figure of a measure; null where there is no such measure.</summary>
    public Figure.OfMeasure? Measure(string id) => All.OfType<Figure.OfMeasure>().FirstOrDefault(f => f.Id == id);

    /// <summary>Parses and checks an expression over figures.</summary>
    /// <param name="text">The expression.</param>
    /// <param name="latest">The latest that its figures may be known.</param>
    /// <param name="reader">What wants to read it and when, in the middle of a sentence: "the rule “Light enough” is
    /// checked in every attempt".</param>
    public Result<FigureExpression> Compile(string text, Availability latest, string reader)
    {
        var compiled = Compiler.Compile(text, _shown);
        if (!compiled.IsOk)
            return Result<FigureExpression>.Refused(compiled.Problems);
        var figures = compiled.Value.Measures.Select(m => All.First(f => ReferenceEquals(f.Shown, m))).ToList();
        return figures.FirstOrDefault(f => f.Known > latest) is { } late
            ? Result<FigureExpression>.Refused(
                new Problem(
                    "",
                    $"{late.Name} is known only {Say(late.Known)}, and {reader}.",
                    "Name something that is known by then."
                )
            )
            : Result<FigureExpression>.Ok(new(compiled.Value, figures));
    }

    private static string Say(Availability known) =>
        known switch
        {
            Availability.InAttempt => "in an attempt",
            Availability.WithResult => "when the attempts are made",
            Availability.WithPoints => "with the points",
            Availability.WithTotal => "with the total",
        };

    private static Figure.OfMeasure OfMeasure(Measure measure, Trials trials, IReadOnlyList<PartPlan?> parts)
    {
        var readBy = parts
            .ToList()
            .FindIndex(p => p is PartPlan.Measured { Expression.Plain: { } plain } && plain.Id == measure.Id);
        if (measure.Combine is { } own)
        {
            var better = measure.Better ?? (readBy < 0 ? Better.More : parts[readBy]!.Better);
            return new(measure, new(own, better, measure.BestOf ?? 1, measure.FailureValue ?? 0), trials, null);
        }

        return readBy < 0
            ? new(measure, new(Combine.Best, measure.Better ?? Better.More), trials, null)
            : new(measure, ((PartPlan.Measured)parts[readBy]!).Way, trials, readBy);
    }

    private static IEnumerable<Figure> OfPart(PartPlan plan, int at, Method method) =>
        [
            new Figure.PointsOfPart(plan, at, method, Weighted: true),
            new Figure.OfPart(plan, at, method),
            new Figure.PointsOfPart(plan, at, method, Weighted: false),
            .. plan.Part.Facts.Select((_, fact) => new Figure.FactOfPart(plan, at, fact)),
        ];
}
