namespace PluckyRally.Core.Expressions;

/// <summary>An expression as it was written, before its names and units are looked at.</summary>
public abstract record Term
{
    private Term() { }

    /// <summary>A number; a percentage is written with its sign and worth a hundredth.</summary>
    public sealed record Literal(decimal Value, bool Percent) : Term;

    /// <summary>A measure, by its id.</summary>
    public sealed record Name(string Id) : Term;

    /// <summary>Unary minus.</summary>
    public sealed record Negate(Term Of) : Term;

    /// <summary>Two terms and one of <c>+ - * / ^</c>.</summary>
    public sealed record Binary(char Sign, Term Left, Term Right) : Term;

    /// <summary>A function of listed arguments.</summary>
    public sealed record Call(string Function, IReadOnlyList<Term> Arguments) : Term;
}
