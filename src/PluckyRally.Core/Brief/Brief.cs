namespace PluckyRally.Core;

/// <summary>When in the school year a brief belongs.</summary>
public enum Season
{
    /// <summary>No season of its own.</summary>
    Any,

    /// <summary>Autumn.</summary>
    Autumn,

    /// <summary>Winter.</summary>
    Winter,

    /// <summary>Spring.</summary>
    Spring,

    /// <summary>Summer.</summary>
    Summer,
}

/// <summary>A challenge as a teacher writes it: the pupils' sheet, what is measured, the rules and the scoring.</summary>
public sealed record Brief
{
    /// <summary>The name of the file format.</summary>
    public const string FormatName = "plucky-rally/brief";

    /// <summary>The newest version of the file format that is understood.</summary>
    public const int NewestVersion = 1;

    /// <summary>Always <see cref="FormatName"/>.</summary>
    public string Format { get; init; } = FormatName;

    /// <summary>Version of the file format, from 1.</summary>
    public int Version { get; init; } = NewestVersion;

    /// <summary>What the challenge is called.</summary>
    public string Title { get; init; } = "";

    /// <summary>When in the year it belongs.</summary>
    public Season Season { get; init; }

    /// <summary>The theme in a few words.</summary>
    public string Theme { get; init; } = "";

    /// <summary>The story that gives the reason.</summary>
    public string Story { get; init; } = "";

    /// <summary>The goal in one sentence.</summary>
    public string Goal { get; init; } = "";

    /// <summary>What is measured.</summary>
    public IReadOnlyList<Measure> Measures { get; init; } = [];

    /// <summary>What the design must do and may use.</summary>
    public IReadOnlyList<Rule> Rules { get; init; } = [];

    /// <summary>How it is tested.</summary>
    public Trials Trials { get; init; } = new();

    /// <summary>How it is scored.</summary>
    public Method Method { get; init; } = new();

    /// <summary>The same challenge for other grades: only what differs.</summary>
    public IReadOnlyList<Tier> Tiers { get; init; } = [];
}
