using PluckyRally.Core.Ids;

namespace PluckyRally.Core.Results;

/// <summary>A sort of picture of a class's numbers.</summary>
public enum PlotSort
{
    /// <summary>Boxes in rows of ten, one filled for each hit.</summary>
    CountingFrame,

    /// <summary>Dots stacked over a number line with the steps of the instrument.</summary>
    LinePlot,

    /// <summary>A row a team, a dot for every attempt, with what each reading is good to.</summary>
    DotStrip,

    /// <summary>A bar a team, in order.</summary>
    OrderedBars,

    /// <summary>A bar a team, put together of its parts.</summary>
    StackedBars,

    /// <summary>Quartiles as the class is taught them, side by side.</summary>
    BoxPlots,

    /// <summary>Two figures against each other.</summary>
    Scatter,

    /// <summary>The path of what was thrown, from how far and how high it went.</summary>
    Flight,

    /// <summary>From the round before to this one.</summary>
    RoundArrows,
}

/// <summary>A picture of a class's numbers: what stands where. The same is in its table, in words.</summary>
public sealed record Plot
{
    /// <summary>What sort of picture it is.</summary>
    public required PlotSort Sort { get; init; }

    /// <summary>What the sort is called.</summary>
    public required string SortName { get; init; }

    /// <summary>What it shows, as a heading.</summary>
    public required string Title { get; init; }

    /// <summary>Whether the brief's class is taught this sort.</summary>
    public bool Taught { get; init; }

    /// <summary>The numbers along it.</summary>
    public required PlotAxis X { get; init; }

    /// <summary>The numbers up it; absent where rows stand there.</summary>
    public PlotAxis? Y { get; init; }

    /// <summary>The names of the rows, from the top; empty where numbers stand there.</summary>
    public IReadOnlyList<PlotRow> Rows { get; init; } = [];

    /// <summary>What pieces of a bar are called, in their order; empty where a bar is one piece.</summary>
    public IReadOnlyList<string> Series { get; init; } = [];

    /// <summary>Everything that is drawn.</summary>
    public required IReadOnlyList<PlotMark> Marks { get; init; }

    /// <summary>Lines across it: comparisons, targets and limits.</summary>
    public IReadOnlyList<PlotLine> Lines { get; init; } = [];

    /// <summary>What the numbers come to, a sentence a line.</summary>
    public IReadOnlyList<string> Says { get; init; } = [];

    /// <summary>The same in words.</summary>
    public required PlotTable Table { get; init; }

    /// <summary>
    /// The same without saying who is who: for a class that looks at its numbers before it looks at its places.
    /// </summary>
    public Plot WithoutNames() =>
        this with
        {
            Rows = [.. Rows.Select(r => r.Team != default ? new PlotRow(default, "") : r)],
            Marks = [.. Marks.Select(m => m.WithoutNames())],
            Table = new([], []),
        };
}

/// <summary>A row of a plot.</summary>
/// <param name="Team">The team's id; empty where the row is the whole class's.</param>
/// <param name="Name">What stands beside it.</param>
public sealed record PlotRow(TeamId Team, string Name);

/// <summary>A line across a plot, at a number along it.</summary>
/// <param name="At">The number.</param>
/// <param name="Name">What stands at it.</param>
public sealed record PlotLine(double At, string Name);

/// <summary>A plot in words.</summary>
/// <param name="Columns">The headings.</param>
/// <param name="Rows">The cells, as they are shown; as many in each row as there are headings.</param>
public sealed record PlotTable(IReadOnlyList<string> Columns, IReadOnlyList<IReadOnlyList<string>> Rows);
