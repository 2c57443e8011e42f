using PluckyRally.Core.Problems;

namespace PluckyRally.Core.Time;

/// <summary>What is the school's own, as a file.</summary>
public sealed record SchoolFile
{
    /// <summary>The name of the file format.</summary>
    public const string FormatName = "plucky-rally/school";

    /// <summary>The newest version of the file format that is understood.</summary>
    public const int NewestVersion = 1;

    /// <summary>Always <see cref="FormatName"/>.</summary>
    public string Format { get; init; } = FormatName;

    /// <summary>Version of the file format, from 1.</summary>
    public int Version { get; init; } = NewestVersion;

    /// <summary>The settings.</summary>
    public required School School { get; init; }

    /// <summary>What is wrong with it.</summary>
    public IReadOnlyList<Problem> Problems() => [.. School.Problems().Select(p => p.Under("/school"))];
}
