namespace PluckyRally.Core.Briefs;

/// <summary>Something about the test that is the same for everyone.</summary>
public sealed record Condition
{
    /// <summary>Names the condition.</summary>
    public required string Id { get; init; }

    /// <summary>What is kept the same, e.g. "Gap between the tables".</summary>
    public string Text { get; init; } = "";

    /// <summary>What it is fixed at, e.g. "40 cm".</summary>
    public string FixedAt { get; init; } = "";
}

/// <summary>A word of science and what it means here.</summary>
public sealed record ScienceWord
{
    /// <summary>The word.</summary>
    public string Word { get; init; } = "";

    /// <summary>What it means, in the students' words.</summary>
    public string Meaning { get; init; } = "";
}

/// <summary>What the brief puts on the worksheet of a team.</summary>
public sealed record Worksheet
{
    /// <summary>
    /// Usual plans, to draw one of them or one's own, e.g. "beam", "arch"; empty where there are none.
    /// </summary>
    public IReadOnlyList<string> Plans { get; init; } = [];

    /// <summary>Names of the boxes for drawings, e.g. "front", "top", "side"; empty where they have none.</summary>
    public IReadOnlyList<string> Boxes { get; init; } = [];
}

/// <summary>What only the teacher reads.</summary>
public sealed record TeacherPart
{
    /// <summary>Notes on running it.</summary>
    public string Notes { get; init; } = "";

    /// <summary>Hints to give one at a time; never on the student sheet.</summary>
    public IReadOnlyList<string> Hints { get; init; } = [];

    /// <summary>Questions for the talk afterwards.</summary>
    public IReadOnlyList<string> Questions { get; init; } = [];

    /// <summary>What the teacher marks, kept apart from points; empty where nothing is.</summary>
    public IReadOnlyList<MarkCriterion> Marks { get; init; } = [];

    /// <summary>Codes of the standards that it meets, of <see cref="Briefs.Standards.All"/>.</summary>
    public IReadOnlyList<string> Standards { get; init; } = [];

    /// <summary>Local standards, in the teacher's words.</summary>
    public string LocalStandards { get; init; } = "";

    /// <summary>What those can do who are finished.</summary>
    public string Extensions { get; init; } = "";
}
