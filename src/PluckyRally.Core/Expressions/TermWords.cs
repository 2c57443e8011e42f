using System.Diagnostics;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Expressions;

/// <summary>Writes a term the way it is written by hand, with × and ÷ and no more brackets than needed.</summary>
internal static class TermWords
{
    public static string Write(Term term, Func<string, string> name) => Write(term, name, 0);

    /// <summary>
    /// A term as it is said: "distance minus off the line". What mixes operations is written, so that it is clear what
    /// comes first.
    /// </summary>
    public static string Say(Term term, Func<string, string> name)
    {
        var signs = All(term).OfType<Term.Binary>().Select(b => b.Sign).ToList();
        var simple =
            All(term).All(t => t is Term.Name or Term.Literal or Term.Binary)
            && (signs is ['*'] or ['/'] || signs.All(s => s is '+' or '-'))
            && !Write(term, _ => "").Contains('(');
        return simple ? Said(term, name) : Write(term, name);
    }

    private static string Said(Term term, Func<string, string> name) =>
        term switch
        {
            Term.Binary('*', var left, var right) => $"{Said(left, name)} times {Said(right, name)}",
            Term.Binary('/', var left, var right) => $"{Said(left, name)} divided by {Said(right, name)}",
            Term.Binary('+', var left, var right) => $"{Said(left, name)} plus {Said(right, name)}",
            Term.Binary('-', var left, var right) => $"{Said(left, name)} minus {Said(right, name)}",
            _ => Write(term, name),
        };

    /// <summary>The names in a term, in the order in which they stand, each once.</summary>
    public static IEnumerable<string> Names(Term term) => All(term).OfType<Term.Name>().Select(n => n.Id).Distinct();

    /// <summary>A term and all terms in it.</summary>
    public static IEnumerable<Term> All(Term term) =>
        (
            term switch
            {
                Term.Negate(var of) => All(of),
                Term.Binary(_, var left, var right) => All(left).Concat(All(right)),
                Term.Call(_, var arguments) => arguments.SelectMany(All),
                _ => [],
            }
        ).Prepend(term);

    private static string Write(Term term, Func<string, string> name, int tight)
    {
        var (text, binds) = term switch
        {
            Term.Literal(var value, var percent) => (Numerals.Write(value) + (percent ? "%" : ""), 5),
            Term.Name(var id) => (name(id), 5),
            Term.Call(var function, var arguments) => (
                $"{function}({string.Join(", ", arguments.Select(a => Write(a, name, 0)))})",
                5
            ),
            Term.Binary('^', var below, var above) => ($"{Write(below, name, 5)}^{Write(above, name, 4)}", 4),
            Term.Negate(var of) => ("−" + Write(of, name, 3), 3),
            Term.Binary('*', var left, var right) => ($"{Write(left, name, 2)} × {Write(right, name, 3)}", 2),
            Term.Binary('/', var left, var right) => ($"{Write(left, name, 2)} ÷ {Write(right, name, 3)}", 2),
            Term.Binary('+', var left, var right) => ($"{Write(left, name, 1)} + {Write(right, name, 2)}", 1),
            Term.Binary('-', var left, var right) => ($"{Write(left, name, 1)} − {Write(right, name, 2)}", 1),
            _ => throw new UnreachableException(),
        };
        return binds < tight ? $"({text})" : text;
    }
}
