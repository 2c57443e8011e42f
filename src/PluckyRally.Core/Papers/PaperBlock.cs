namespace PluckyRally.Core.Papers;

/// <summary>What is written into a field of a judge's sheet.</summary>
public enum PaperFieldKind
{
    /// <summary>Met or missed.</summary>
    Met,

    /// <summary>A reading, as it would be typed on a pad.</summary>
    Reading,

    /// <summary>A whole number.</summary>
    Count,

    /// <summary>One word of a few.</summary>
    Choice,

    /// <summary>A tick.</summary>
    Tick,

    /// <summary>Words.</summary>
    Words,
}

/// <summary>A word that can be chosen in a field.</summary>
/// <param name="Value">Names it when it is typed in.</param>
/// <param name="Name">The word.</param>
public sealed record PaperChoice(string Value, string Name);

/// <summary>A field of a judge's sheet: an empty box on paper, a field to type into later.</summary>
/// <param name="Id">Names it when it is typed in.</param>
/// <param name="Kind">What is written into it.</param>
public sealed record PaperField(string Id, PaperFieldKind Kind)
{
    /// <summary>The words of a choice.</summary>
    public IReadOnlyList<PaperChoice> Choices { get; init; } = [];

    /// <summary>The unit of a reading, or how many there are of what is counted; empty where there is none.</summary>
    public string Unit { get; init; } = "";
}

/// <summary>A row of a judge's sheet.</summary>
/// <param name="Name">What it is about.</param>
/// <param name="Fields">As many as the block has columns.</param>
public sealed record PaperRow(string Name, IReadOnlyList<PaperField> Fields);

/// <summary>
/// A table of a judge's sheet. What is printed and what is typed in later are the same, in the same order.
/// </summary>
/// <param name="Title">What it records.</param>
/// <param name="Of">What the rows are.</param>
/// <param name="Columns">What is written into each column.</param>
/// <param name="Rows">The rows.</param>
public sealed record PaperBlock(string Title, string Of, IReadOnlyList<string> Columns, IReadOnlyList<PaperRow> Rows)
{
    /// <summary>A block of one field a row.</summary>
    internal static PaperBlock Single(
        string title,
        string of,
        string column,
        IEnumerable<(string Name, PaperField Field)> rows
    ) => new(title, of, [column], [.. rows.Select(r => new PaperRow(r.Name, [r.Field]))]);
}
