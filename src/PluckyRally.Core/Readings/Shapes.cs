using System.Text.RegularExpressions;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Readings;

/// <summary>
/// An area put together of shapes: <c>rectangle 12 x 6 + triangle 4 x 3 - circle 2</c>. Lengths are in the unit of
/// which the area's is the square, or with their own. Formulas are those of school geometry (common practice, no
/// source).
/// </summary>
internal static class Shapes
{
    /// <summary>The longest writing that is looked at: some ten shapes.</summary>
    public const int MaxLength = 240;

    private const decimal Pi = 3.14159265358979323846m;

    /// <summary>A shape: what it is called, the lengths that it takes, its area and how that is worked out.</summary>
    private sealed record Shape(
        string Name,
        string[] Lengths,
        Func<decimal[], decimal> Area,
        Func<string[], string> Working
    );

    private static readonly Shape[] All =
    [
        new("rectangle", ["its length", "its width"], l => l[0] * l[1], l => $"{l[0]} × {l[1]}"),
        new("square", ["its side"], l => l[0] * l[0], l => $"{l[0]} × {l[0]}"),
        new("triangle", ["its base", "its height"], l => l[0] * l[1] / 2, l => $"{l[0]} × {l[1]} ÷ 2"),
        new(
            "trapezoid",
            ["one parallel side", "the other", "its height"],
            l => (l[0] + l[1]) / 2 * l[2],
            l => $"({l[0]} + {l[1]}) ÷ 2 × {l[2]}"
        ),
        new("circle", ["how far it is across"], l => Pi * l[0] * l[0] / 4, l => $"π × ({l[0]} ÷ 2)²"),
        new(
            "cylinder side",
            ["how far it is across", "its height"],
            l => Pi * l[0] * l[1],
            l => $"π × {l[0]} × {l[1]}"
        ),
    ];

    /// <summary>The shapes as they are put on a pad.</summary>
    public static IReadOnlyList<ShapeOnPad> OnPad { get; } = [.. All.Select(s => new ShapeOnPad(s.Name, s.Lengths))];

    /// <summary>What a writing comes to.</summary>
    /// <param name="Area">In the unit of the measure.</param>
    /// <param name="Working">Each shape with its working.</param>
    /// <param name="Problem">What is wrong; null where nothing is.</param>
    public sealed record ShapeArea(decimal Area, IReadOnlyList<string> Working, string? Problem = null);

    /// <summary>Reads a writing for an area; null where it names no shape, so that it is a plain number.</summary>
    public static ShapeArea? Read(string text, Measure measure)
    {
        if (
            measure.Kind != MeasureKind.Area
            || !Letter.IsMatch(text)
            || measure.FixedUnit is not { } unit
            || Units.Find(unit.Symbol.TrimEnd('²')) is not { } side
        )
            return null;
        var terms = Term.Matches(text);
        if (
            !terms.Any(t => Named(t.Groups["name"].Value) is not null)
            && !terms.Any(t => t.Groups["lengths"].Value.Contains('x', StringComparison.Ordinal))
        )
            return null;
        var length = new Measure
        {
            Id = "length",
            Name = "A length",
            Kind = MeasureKind.Length,
            Unit = side.Symbol,
        };
        decimal area = 0;
        var working = new List<string>();
        foreach (Match term in terms)
        {
            var called = term.Groups["name"].Value.Trim();
            if (Named(called) is not { } shape)
                return Wrong(
                    $"“{(called.Length > 0 ? called : term.Value.Trim())}” is none of the shapes: "
                        + $"{string.Join(", ", All.Select(s => s.Name))}."
                );
            var read = By.Split(term.Groups["lengths"].Value.Trim())
                .Where(t => t.Length > 0)
                .Select(t => ReadingParser.ParseAmount(t, length))
                .ToList();
            if (read.Count != shape.Lengths.Length)
                return Wrong(
                    $"A {shape.Name} takes {English.Count(shape.Lengths.Length, "length")}: "
                        + $"{English.List(shape.Lengths)}."
                );
            if (read.FirstOrDefault(r => !r.IsOk) is { } wrong)
                return Wrong($"In the {shape.Name}: {wrong.Problems[0].What}");
            var lengths = read.Select(r => r.Value.Value).ToArray();
            var one = shape.Area(lengths) * (term.Groups["minus"].Success ? -1 : 1);
            area += one;
            working.Add(
                $"{shape.Name} {(one < 0 ? "taken off: " : "")}"
                    + $"{shape.Working([.. lengths.Select(Numerals.Write)])} = "
                    + $"{Numerals.Write(Rounding.ToDecimals(Math.Abs(one), 2))} {unit.Symbol}"
            );
        }

        return new(area, working);

        static ShapeArea Wrong(string problem) => new(0, [], problem);
    }

    /// <summary>The shapes of a reading with their working, for whoever asks why; empty where it names none.</summary>
    public static string Say(Reading reading, Measure measure) =>
        Read(ReadingParser.Tidy(reading.Typed), measure) is { Problem: null, Working: { Count: > 0 } working }
            ? string.Join(", ", working)
            : "";

    private static Shape? Named(string name) =>
        All.FirstOrDefault(s =>
            s.Name.Equals(name.Trim(), StringComparison.OrdinalIgnoreCase)
            || $"{s.Name}s".Equals(name.Trim(), StringComparison.OrdinalIgnoreCase)
        );

    private static readonly Regex Letter = new("[a-zA-Z]");

    private static readonly Regex Term = new(
        @"(?:^|\+|(?<minus>(?<=\s)-(?=\s)))\s*(?<name>[a-zA-Z]+(?:\s[a-zA-Z]{2,})*)?\s*(?<lengths>[^+]*?)(?=\+"
            + @"|\s-\s|$)",
        RegexOptions.ExplicitCapture
    );

    private static readonly Regex By = new(@"\s*(?:x|by)\s*");
}
