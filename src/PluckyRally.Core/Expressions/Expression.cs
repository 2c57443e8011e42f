using PluckyRally.Core.Readings;

namespace PluckyRally.Core.Expressions;

/// <summary>
/// A checked expression over measures: units agree, names are known, and it is ready to be worked out many times.
/// Running it never throws: where there is no value, the result says why.
/// </summary>
public sealed class Expression
{
    private readonly Node _node;
    private readonly Dimension _dimension;

    internal Expression(Term term, IReadOnlyList<Measure> measures, Node node, Dimension dimension)
    {
        Term = term;
        Measures = measures;
        _node = node;
        _dimension = dimension;
        Plain = term is Term.Name ? measures[0] : null;
        Decimals = measures.Select(m => m.Decimals).DefaultIfEmpty(0).Max() + (Plain is null ? 1 : 0);
    }

    /// <summary>A measure by itself.</summary>
    internal static Expression Of(Measure measure) =>
        new(new Term.Name(measure.Id), [measure], inputs => inputs[0], Dimension.Of(measure));

    internal delegate BoundedValue Node(ReadOnlySpan<BoundedValue> inputs);

    /// <summary>The measures that it names, in the order in which <see cref="Run"/> wants their values.</summary>
    public IReadOnlyList<Measure> Measures { get; }

    /// <summary>The unit of its result in words, e.g. <c>cm per straw</c>; empty for a bare number.</summary>
    public string Unit => Plain?.Unit ?? _dimension.Words;

    /// <summary>The measure that it is, where it is nothing but one measure.</summary>
    public Measure? Plain { get; }

    /// <summary>
    /// Decimals at which its results are shown and compared: a plain reading at its step, anything else one more than
    /// the finest reading in it.
    /// </summary>
    public int Decimals { get; }

    internal Term Term { get; }

    /// <summary>Works it out for the values of <see cref="Measures"/>.</summary>
    public BoundedValue Run(ReadOnlySpan<BoundedValue> inputs)
    {
        foreach (var input in inputs)
        {
            if (!input.HasValue)
                return input;
        }

        if (Plain is not null)
            return inputs[0];
        try
        {
            return Arithmetic.InRange(_node(inputs));
        }
        catch (OverflowException)
        {
            return Arithmetic.TooLarge;
        }
    }

    /// <summary>The expression with these numbers put in, as one would write it by hand.</summary>
    public string Working(ReadOnlySpan<BoundedValue> inputs)
    {
        var shown = new Dictionary<string, string>(StringComparer.Ordinal);
        for (var i = 0; i < Measures.Count; i++)
            shown[Measures[i].Id] = inputs[i].HasValue
                ? ReadingFormat.Reading(inputs[i].Number, inputs[i].Bound, Measures[i])
                : "?";
        return TermWords.Write(Term, id => shown[id]);
    }

    /// <summary>The expression in words, with the measures' names.</summary>
    public string InWords => TermWords.Write(Term, NameOf);

    /// <summary>The expression as it is said, "distance minus off the line", where that needs no brackets.</summary>
    public string Said => TermWords.Say(Term, NameOf);

    private string NameOf(string id) => Measures.First(m => m.Id == id).InSentence;

    /// <summary>A result of this expression with its unit.</summary>
    public string Show(BoundedValue worth, int? decimals = null) =>
        Plain is { } plain && decimals is null ? ReadingFormat.Value(worth, plain)
        : !worth.HasValue ? "no value"
        : ReadingFormat.WithBound(ReadingFormat.Amount(worth.Number, decimals ?? Decimals, Unit), worth.Bound);
}
