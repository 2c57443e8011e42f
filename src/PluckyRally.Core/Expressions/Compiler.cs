using System.Diagnostics;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Readings;

namespace PluckyRally.Core.Expressions;

/// <summary>Checks a term against the measures it may name and makes an expression of it.</summary>
public static class Compiler
{
    /// <summary>A checked part of an expression.</summary>
    /// <param name="Node">What works it out.</param>
    /// <param name="Dimension">Its unit.</param>
    /// <param name="NeverNegative">Whether it cannot be below zero, so that its bounds keep their side in products and
    /// powers.</param>
    private sealed record Part(Expression.Node Node, Dimension Dimension, bool NeverNegative = false)
    {
        /// <summary>The same for what goes by its sign.</summary>
        public Expression.Node Signed => NeverNegative ? Node : x => Arithmetic.Signed(Node(x));
    }

    /// <summary>Parses and checks an expression over these measures; every problem names what would do.</summary>
    public static Result<Expression> Compile(string text, IReadOnlyList<Measure> measures)
    {
        var term = TermParser.Read(text);
        if (!term.IsOk)
            return Result<Expression>.Refused(term.Problems);
        var scope = new Scope(measures);
        var part = scope.Check(term.Value);
        return part is null
            ? Result<Expression>.Refused(scope.Problems)
            : Result<Expression>.Ok(new(term.Value, scope.Used, part.Node, part.Dimension));
    }

    private sealed class Scope(IReadOnlyList<Measure> measures)
    {
        public List<Problem> Problems { get; } = [];

        public List<Measure> Used { get; } = [];

        public Part? Check(Term term)
        {
            switch (term)
            {
                case Term.Literal(var value, var percent):
                    var worth = new BoundedValue(percent ? value / 100 : value);
                    return new(_ => worth, Dimension.None, worth.Number >= 0);
                case Term.Name(var id):
                    return Name(id);
                case Term.Negate(var of):
                    return Check(of) is { } inner ? new(x => Arithmetic.Negate(inner.Node(x)), inner.Dimension) : null;
                case Term.Binary(var sign, var left, var right):
                    return Binary(sign, left, right);
                case Term.Call(var function, var arguments):
                    return Call(function, arguments);
                default:
                    throw new UnreachableException();
            }
        }

        private Part? Name(string id)
        {
            var measure = measures.FirstOrDefault(m => m.Id == id);
            if (measure is null)
            {
                // What is read is offered first; what is known of a part only to whoever has begun to name it.
                var known = measures.Where(m => Owner(m.Id) == Owner(id)).Select(m => m.Name).Where(n => n.Length > 0);
                return Refuse(
                    "This looks at something that is not in the brief.",
                    known.Any() ? $"Choose one of these: {string.Join("; ", known)}." : "Add a measure first."
                );
            }

            var slot = Used.IndexOf(measure);
            if (slot < 0)
            {
                slot = Used.Count;
                Used.Add(measure);
            }

            return new(
                x => x[slot],
                Dimension.Of(measure),
                measure is { Negative: false, Kind: not MeasureKind.Temperature }
            );
        }

        /// <summary>The part that a fact belongs to; empty for a measure.</summary>
        private static string Owner(string id) => id.Contains('.') ? id[..id.IndexOf('.')] : "";

        private Part? Binary(char sign, Term left, Term right)
        {
            var (a, b) = (Check(left), Check(right));
            if (a is null || b is null)
                return null;
            switch (sign)
            {
                case '+':
                case '-':
                    return Matched(a, b, sign == '+' ? "added to" : "taken from") is not { } factor
                        ? null
                        : new(
                            Sum(a.Node, b.Node, sign == '+' ? factor : -factor),
                            First(a, b),
                            sign == '+' && a.NeverNegative && b.NeverNegative
                        );
                case '*':
                    var (product, times) = a.Dimension.Times(b.Dimension, 1);
                    return new(Product(a, b, times), product, a.NeverNegative && b.NeverNegative);
                case '/':
                    var (quotient, over) = a.Dimension.Times(b.Dimension, -1);
                    return new(Quotient(a, b, over), quotient, a.NeverNegative && b.NeverNegative);
                default:
                    return Power(a, b, right);
            }
        }

        /// <summary>Where both are bounded, it matters on which side of zero each lies.</summary>
        private static Expression.Node Product(Part a, Part b, decimal times) =>
            x =>
            {
                var (left, right) = (a.Node(x), Arithmetic.Scale(b.Node(x), times));
                return Arithmetic.Times(
                    a.NeverNegative || right.Bound == Bound.Exact ? left : Arithmetic.Signed(left),
                    b.NeverNegative || left.Bound == Bound.Exact ? right : Arithmetic.Signed(right)
                );
            };

        private static Expression.Node Quotient(Part a, Part b, decimal over)
        {
            var below = b.Signed;
            return x =>
            {
                var (left, right) = (a.Node(x), Arithmetic.Scale(below(x), over));
                return Arithmetic.Over(
                    a.NeverNegative || right.Bound == Bound.Exact ? left : Arithmetic.Signed(left),
                    right
                );
            };
        }

        private static Expression.Node Sum(Expression.Node a, Expression.Node b, decimal factor) =>
            x => Arithmetic.Plus(a(x), Arithmetic.Scale(b(x), factor));

        private Part? Power(Part a, Part b, Term above)
        {
            if (!b.Dimension.IsNone)
                return Refuse("An exponent cannot have a unit.", "Use a plain number, for example length^2.");
            if (a.Dimension.IsNone)
                return new(Raised(a, b), Dimension.None, a.NeverNegative);
            var whole = above switch
            {
                Term.Literal { Percent: false } l => l.Value,
                Term.Negate { Of: Term.Literal { Percent: false } l } => -l.Value,
                _ => (decimal?)null,
            };
            if (whole is not { } n || n != decimal.Truncate(n) || Math.Abs(n) > 6)
                return Refuse(
                    $"Something in {a.Dimension.Words} can only be raised to a whole number from -6 to 6.",
                    "Use a whole number, for example length^2."
                );
            return new(Raised(a, b), a.Dimension.Raised((int)n)!, a.NeverNegative || n % 2 == 0);
        }

        /// <summary>Only odd powers above zero rise over all numbers; for any other the side of zero matters.</summary>
        private static Expression.Node Raised(Part a, Part b) =>
            x =>
            {
                var (below, above) = (a.Node(x), b.Node(x));
                var rises = above is { HasValue: true, Number: > 0 } && above.Number % 2 == 1;
                return Arithmetic.Power(a.NeverNegative || rises ? below : Arithmetic.Signed(below), above);
            };

        private Part? Call(string function, IReadOnlyList<Term> terms)
        {
            var arguments = terms.Select(Check).ToList();
            if (arguments.Any(a => a is null))
                return null;
            var first = arguments[0]!;
            switch (function)
            {
                case "min" or "max" or "mean" or "sum":
                    return Fold(function, [.. arguments.Select(a => a!)]);
                case "round"
                    when arguments.Count == 2
                        && terms[1] is Term.Literal { Percent: false, Value: >= 0 and <= 9 } digits
                        && digits.Value == decimal.Truncate(digits.Value):
                    return new(
                        x => Arithmetic.Round(first.Node(x), (int)digits.Value),
                        first.Dimension,
                        first.NeverNegative
                    );
                case "abs" or "round" or "floor" or "ceil" or "sqrt" when arguments.Count != 1:
                    return Refuse($"{function} takes one value.", $"Write it as {function}(…) around one value.");
                case "abs":
                    var signed = first.Signed;
                    return new(x => Arithmetic.Abs(signed(x)), first.Dimension, NeverNegative: true);
                case "round":
                    return new(x => Arithmetic.Round(first.Node(x), 0), first.Dimension, first.NeverNegative);
                case "floor":
                    return new(x => Arithmetic.Floor(first.Node(x)), first.Dimension, first.NeverNegative);
                case "ceil":
                    return new(x => Arithmetic.Ceil(first.Node(x)), first.Dimension, first.NeverNegative);
                case "sqrt":
                    return first.Dimension.Raised(1, 2) is { } root
                        ? new(x => Arithmetic.Sqrt(first.Node(x)), root, NeverNegative: true)
                        : Refuse(
                            $"The root of something in {first.Dimension.Words} has no unit.",
                            "Take the root of a square, for example sqrt(length * width)."
                        );
                default:
                    return Refuse(
                        $"There is no function “{function}”.",
                        "Use one of these: min, max, abs, round, floor, ceil, sqrt, mean, sum."
                    );
            }
        }

        private Part? Fold(string function, IReadOnlyList<Part> arguments)
        {
            var dimension = arguments.FirstOrDefault(a => !a.Dimension.IsNone)?.Dimension ?? Dimension.None;
            var nodes = new List<Expression.Node>();
            foreach (var argument in arguments)
            {
                if (Matched(new(argument.Node, dimension), argument, $"put into one {function} with") is not { } factor)
                    return null;
                nodes.Add(x => Arithmetic.Scale(argument.Node(x), factor));
            }

            Func<BoundedValue, BoundedValue, BoundedValue> join = function switch
            {
                "min" => Arithmetic.Min,
                "max" => Arithmetic.Max,
                _ => Arithmetic.Plus,
            };
            return new(
                x =>
                {
                    var result = nodes[0](x);
                    for (var i = 1; i < nodes.Count; i++)
                        result = join(result, nodes[i](x));
                    return function == "mean" ? Arithmetic.Over(result, new BoundedValue(nodes.Count)) : result;
                },
                dimension,
                arguments.All(a => a.NeverNegative)
            );
        }

        private decimal? Matched(Part a, Part b, string doing)
        {
            if (a.Dimension.FactorToAdd(b.Dimension) is { } factor)
                return factor;
            Refuse(
                $"{b.Dimension.Words} cannot be {doing} {a.Dimension.Words}.",
                "Use measures of the same kind, or give each its own part."
            );
            return null;
        }

        private static Dimension First(Part a, Part b) => a.Dimension.IsNone ? b.Dimension : a.Dimension;

        private Part? Refuse(string what, string remedy)
        {
            Problems.Add(new Problem("", what, remedy));
            return null;
        }
    }
}
