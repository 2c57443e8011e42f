using PluckyRally.Core.Expressions;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Score;

namespace PluckyRally.Core.Figures;

/// <summary>An expression over figures, checked and ready to be worked out for a design.</summary>
/// <param name="Expression">The expression.</param>
/// <param name="Figures">The figures that it names, in the order in which the expression wants their values.</param>
internal sealed record FigureExpression(Expression Expression, IReadOnlyList<Figure> Figures)
{
    /// <summary>The figure that it is, where it is nothing but one.</summary>
    public Figure? Plain { get; } = Expression.Plain is null ? null : Figures[0];

    /// <summary>The measures among them.</summary>
    public IEnumerable<Measure> Measures => Figures.OfType<Figure.OfMeasure>().Select(f => f.Measure);

    /// <summary>As late as the latest figure in it.</summary>
    public Availability Known { get; } = Figures.Select(f => f.Known).DefaultIfEmpty(Availability.InAttempt).Max();

    /// <summary>
    /// Decimals at which its results are shown and compared: a figure at its own, anything else at one more than the
    /// finest in it.
    /// </summary>
    public int Decimals => Plain?.Decimals ?? Figures.Select(f => f.Decimals).DefaultIfEmpty(0).Max() + 1;

    /// <summary>Its value for a design, or why there is none.</summary>
    public BoundedValue Of(DesignFacts facts)
    {
        var inputs = new BoundedValue[Figures.Count];
        for (var i = 0; i < inputs.Length; i++)
            inputs[i] = Figures[i].Of(facts);
        return Expression.Run(inputs);
    }

    /// <summary>The expression with a design's numbers put in, as one would write it by hand.</summary>
    public string Working(DesignFacts facts)
    {
        return TermWords.Write(Expression.Term, id => Say(Figures.First(f => f.Id == id)));

        string Say(Figure figure) => figure.Show(figure.Of(facts));
    }

    /// <summary>The places in the method of the parts that it reads.</summary>
    public IEnumerable<int> Parts => Figures.SelectMany(f => f.Parts);

    /// <summary>
    /// The first figure in it, or in one that it rests on, of a part that is not ready; null where all are.
    /// </summary>
    public Figure.Unready? Unready =>
        Figures
            .Select(f => f as Figure.Unready ?? (f as Figure.OfName)?.Value.Unready)
            .FirstOrDefault(f => f is not null);

    /// <summary>Its value in one attempt, where all its figures are known there.</summary>
    public BoundedValue InAttempt(DesignRecord design, Attempt attempt) =>
        Expression.Run([.. Figures.Select(f => f.InAttempt(design, attempt))]);

    /// <summary>Its value for a design as it is compared with others: at the shown precision, with its bound.</summary>
    public BoundedValue Compared(DesignFacts facts) => Of(facts).At(Decimals);

    /// <summary>
    /// An amount that it is compared with, typed as a reading would be; null, with a problem, where it is none.
    /// </summary>
    public decimal? ReadAmount(string typed, string place, ProblemCollector found)
    {
        var measure = Plain?.Shown
            ?? new Measure
            {
                Id = "limit",
                Name = "The limit",
                Kind = MeasureKind.Number,
                Unit = Expression.Unit,
                Negative = true,
            };
        var parsed = ReadingParser.ParseAmount(typed, measure);
        if (!parsed.IsOk)
        {
            found.AddAll(place, parsed.Problems);
            return null;
        }

        found.Unless(parsed.Value.Bound == Bound.Exact, place, "This is one number.", "Leave out the sign at its end.");
        return parsed.Value.Value;
    }

    /// <summary>A result as it is shown.</summary>
    public string Show(BoundedValue value) =>
        Plain is { } figure
            ? figure.Show(value)
            : Expression.Show(value, Decimals == Expression.Decimals ? null : Decimals);
}
