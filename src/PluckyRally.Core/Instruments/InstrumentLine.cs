using System.Globalization;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Readings;

namespace PluckyRally.Core.Instruments;

/// <summary>A line that an instrument sends. The protocol is described in docs/instruments.md.</summary>
public abstract record InstrumentLine
{
    /// <summary>Longest line that is read.</summary>
    public const int Longest = 200;

    private InstrumentLine() { }

    /// <summary>Reads one line, or says what is wrong with it.</summary>
    public static Result<InstrumentLine> Read(string line)
    {
        if (line.Length > Longest)
            return Wrong("The line is too long.", $"Keep to {Longest} characters.");
        return line.Split(' ', StringSplitOptions.RemoveEmptyEntries) switch
        {
            ["HELLO", var id, var kind, .. var name] when name.Length > 0 => Hello(id, kind, string.Join(' ', name)),
            ["READ", var number, var unit, var state] => Reading(number, unit, state),
            ["OVER"] => Result<InstrumentLine>.Ok(new Overloaded()),
            ["IDLE"] => Result<InstrumentLine>.Ok(new Idle()),
            _ => Wrong(
                $"“{ProblemCollector.Short(line)}” is not understood.",
                "Send HELLO id kind name, READ number unit stable|moving, OVER or IDLE."
            ),
        };
    }

    private static Result<InstrumentLine> Hello(string id, string kind, string name)
    {
        if (
            !Enum.TryParse<MeasureKind>(kind, ignoreCase: true, out var measures)
            || int.TryParse(kind, NumberStyles.Integer, CultureInfo.InvariantCulture, out _)
        )
            return Wrong(
                $"“{ProblemCollector.Short(kind)}” is not a kind of measure.",
                "Use for example mass, length, force or duration."
            );
        return id.Length <= 40 && name.Length <= 60
            ? Result<InstrumentLine>.Ok(new Greeting(id, measures, name))
            : Wrong("The id or the name is too long.", "Keep the id to 40 and the name to 60 characters.");
    }

    private static Result<InstrumentLine> Reading(string number, string unit, string state)
    {
        if (
            !decimal.TryParse(
                number,
                NumberStyles.AllowLeadingSign | NumberStyles.AllowDecimalPoint,
                CultureInfo.InvariantCulture,
                out var value
            )
        )
            return Wrong(
                $"“{ProblemCollector.Short(number)}” is not a number.",
                "Write it with a point, for example 37.4."
            );
        if (Units.Find(unit) is null)
            return Wrong($"“{ProblemCollector.Short(unit)}” is not a unit.", "Use a symbol such as g, cm, N or s.");
        return state is "stable" or "moving"
            ? Result<InstrumentLine>.Ok(new Shows(value, unit, state == "stable"))
            : Wrong(
                $"“{ProblemCollector.Short(state)}” says nothing about the reading.",
                "End the line with stable or moving."
            );
    }

    private static Result<InstrumentLine> Wrong(string what, string remedy) =>
        Result<InstrumentLine>.Refused([new("", what, remedy)]);

    /// <summary>Who it is.</summary>
    /// <param name="Id">Names the instrument.</param>
    /// <param name="Kind">What it measures.</param>
    /// <param name="Name">What a judge calls it.</param>
    public sealed record Greeting(string Id, MeasureKind Kind, string Name) : InstrumentLine;

    /// <summary>What it shows.</summary>
    /// <param name="Value">The number on its display.</param>
    /// <param name="Unit">The unit on its display.</param>
    /// <param name="Stable">Whether the display has come to rest.</param>
    public sealed record Shows(decimal Value, string Unit, bool Stable) : InstrumentLine;

    /// <summary>More is on it than it can measure.</summary>
    public sealed record Overloaded : InstrumentLine;

    /// <summary>Nothing to show yet.</summary>
    public sealed record Idle : InstrumentLine;
}
