using PluckyRally.Core.Problems;
using Superpower;
using Superpower.Parsers;
using Position = Superpower.Model.Position;

namespace PluckyRally.Core.Expressions;

/// <summary>
/// Parses the expressions of a scoring method: <c>+ - * / ^ ( )</c>, unary minus (binding weaker than <c>^</c>, so
/// −2^2 = −4), <c>5%</c>, and functions of listed arguments.
/// </summary>
public static class TermParser
{
    /// <summary>The longest expression that is read.</summary>
    public const int MaxLength = 400;

    /// <summary>How deep brackets may nest.</summary>
    public const int MaxDepth = 24;

    private static readonly TextParser<Term> Number =
        from whole in Character.Digit.AtLeastOnce()
        from rest in Character.EqualTo('.').IgnoreThen(Character.Digit.AtLeastOnce()).OptionalOrDefault([])
        where whole.Length + rest.Length <= 18
        from spaces in Spaces
        from percent in Sign('%').Select(_ => true).OptionalOrDefault(false)
        select (Term)new Term.Literal(decimal.Parse($"{new string(whole)}.{new string(rest)}0"), percent);

    private static readonly TextParser<string> Identifier =
        from first in Character.Letter
        from rest in Character.LetterOrDigit.Or(Character.EqualTo('_')).Many()
        from facts in Character
            .EqualTo('.')
            .IgnoreThen(Character.LetterOrDigit.Or(Character.EqualTo('_')).AtLeastOnce())
            .Many()
        from spaces in Spaces
        select $"{first}{new string(rest)}{string.Concat(facts.Select(f => $".{new string(f)}"))}";

    private static readonly TextParser<Term> NameOrCall =
        from id in Identifier
        from arguments in Sign('(')
            .IgnoreThen(Parse.Ref(() => Sum!).AtLeastOnceDelimitedBy(Sign(',')))
            .Then(inner => Sign(')').Value(inner))
            .Select(found => (Term[]?)found)
            .OptionalOrDefault(null)
        select arguments is null ? (Term)new Term.Name(id) : new Term.Call(id.ToLowerInvariant(), arguments);

    private static readonly TextParser<Term> Atom = Number
        .Or(NameOrCall)
        .Or(Parse.Ref(() => Sum!).Between(Sign('('), Sign(')')));

    private static readonly TextParser<Term> Power =
        from below in Atom
        from above in Sign('^')
            .IgnoreThen(Parse.Ref(() => Signed!))
            .Select(found => (Term?)found)
            .OptionalOrDefault(null)
        select above is null ? below : new Term.Binary('^', below, above);

    private static readonly TextParser<Term> Signed = Sign('-')
        .IgnoreThen(Parse.Ref(() => Signed!))
        .Select(of => (Term)new Term.Negate(of))
        .Or(Power);

    private static readonly TextParser<Term> Product = Parse.Chain(
        Sign('*').Or(Sign('/')),
        Signed,
        (sign, left, right) => new Term.Binary(sign, left, right)
    );

    private static readonly TextParser<Term> Sum = Parse.Chain(Sign('+').Or(Sign('-')), Product, (sign, left, right) =>
        new Term.Binary(sign, left, right)
    );

    private static readonly TextParser<Term> Whole = Spaces.IgnoreThen(Sum).AtEnd();

    private static TextParser<char[]> Spaces => Character.WhiteSpace.Many();

    /// <summary>Parses an expression; a problem says at which character it stopped making sense.</summary>
    public static Result<Term> Read(string text)
    {
        if (string.IsNullOrWhiteSpace(text))
            return Refuse("There is no expression.", "Name a measure, for example height.");
        if (text.Length > MaxLength)
            return Refuse(
                $"The expression is longer than {MaxLength} characters.",
                "Shorten it, or split it over two parts."
            );
        var plain = text.Replace('×', '*').Replace('·', '*').Replace('÷', '/').Replace('−', '-');
        if (Depth(plain) > MaxDepth)
            return Refuse($"Brackets or minus signs are nested more than {MaxDepth} deep.", "Simplify the expression.");

        var found = Whole.TryParse(plain);
        return found.HasValue
            ? Result<Term>.Ok(found.Value)
            : Refuse(
                $"The expression stops making sense at character {Where(found.ErrorPosition, plain)}.",
                "Use measures, numbers, + - * / ^ and brackets, for example height / sheets."
            );
    }

    private static TextParser<char> Sign(char sign) =>
        from found in Character.EqualTo(sign)
        from spaces in Spaces
        select found;

    private static int Where(Position position, string text) => position.HasValue ? position.Absolute + 1 : text.Length;

    /// <summary>How deep the parser would have to go: open brackets, and signs that stack up without one.</summary>
    private static int Depth(string text)
    {
        int deepest = 0,
            open = 0,
            stacked = 0;
        foreach (var c in text)
        {
            if (c == '(')
                open++;
            else if (c == ')')
                open--;
            stacked =
                c is '-' or '^' ? stacked + 1
                : char.IsWhiteSpace(c) || c == '(' ? stacked
                : char.IsLetterOrDigit(c) || c is '.' or '_' ? stacked
                : 0;
            deepest = Math.Max(deepest, open + stacked);
        }

        return deepest;
    }

    private static Result<Term> Refuse(string what, string remedy) =>
        Result<Term>.Refused(new Problem("", what, remedy));
}
