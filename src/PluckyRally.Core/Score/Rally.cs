using System.Text.Json.Serialization;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Kit;
using PluckyRally.Core.Teams;

namespace PluckyRally.Core.Score;

/// <summary>A team.</summary>
public sealed record Team
{
    /// <summary>Names the team in entries.</summary>
    public required TeamId Id { get; init; }

    /// <summary>What it is called.</summary>
    public required string Name { get; init; }

    /// <summary>Two letters or digits that tell it apart from afar; made of its name where empty.</summary>
    [JsonPropertyName("callSign")]
    public string ShortCode { get; init; } = "";

    /// <summary>
    /// Which pennant it has, from 0, where it is told apart from the teams of other rallies too; absent where its place
    /// in the rally says it.
    /// </summary>
    public int? Pennant { get; init; }

    /// <summary>How many students are in it; 0 where that is not known.</summary>
    public int Members { get; init; }

    /// <summary>Who is in it, where that is known here.</summary>
    [JsonPropertyName("pupils")]
    public IReadOnlyList<TeamStudent> Students { get; init; } = [];

    /// <summary>Why it takes no place; absent while it takes part.</summary>
    public string? Away { get; init; }

    /// <summary>The cards that it was dealt.</summary>
    public IReadOnlyList<DealtCard> Dealt { get; init; } = [];

    /// <summary>What was drawn into its bag; absent where no bags were drawn.</summary>
    public IReadOnlyList<KitAmount>? Bag { get; init; }

    /// <summary>The heat and the lane that were drawn for it; absent where none were.</summary>
    public HeatPlace? Heat { get; init; }

    /// <summary>The comparison, where it is no team; null for a team.</summary>
    internal Reference? Reference { get; init; }

    /// <summary>Whether it was dealt a card.</summary>
    internal bool Has(string card) => Dealt.Any(d => d.Card == card);
}

/// <summary>A student in a team.</summary>
/// <param name="Id">Names the student.</param>
/// <param name="Name">Given name and initial.</param>
/// <param name="Jobs">The jobs held, by their ids.</param>
public sealed record TeamStudent(StudentId Id, string Name, IReadOnlyList<string> Jobs);

/// <summary>A class's run of one edition: its teams and everything that was recorded.</summary>
public sealed record Rally
{
    /// <summary>The name of the file format.</summary>
    public const string FormatName = "plucky-rally/rally";

    /// <summary>The newest version of the file format that is understood.</summary>
    public const int NewestVersion = 1;

    /// <summary>Always <see cref="FormatName"/>.</summary>
    public string Format { get; init; } = FormatName;

    /// <summary>Version of the file format, from 1.</summary>
    public int Version { get; init; } = NewestVersion;

    /// <summary>What the rally is called, usually the class.</summary>
    public required string Name { get; init; }

    /// <summary>The day it is run.</summary>
    public DateOnly? Date { get; init; }

    /// <summary>The brief as this rally runs it.</summary>
    public required Edition Edition { get; init; }

    /// <summary>The teams.</summary>
    public IReadOnlyList<Team> Teams { get; init; } = [];

    /// <summary>Students who came later, whom entries name by their ids.</summary>
    public IReadOnlyList<Student> Latecomers { get; init; } = [];

    /// <summary>Everything recorded, in the order in which it was received.</summary>
    public IReadOnlyList<Entry> Entries { get; init; } = [];

    /// <summary>
    /// What was recorded and is not understood by this version. It has no effect, and travels on with the rally.
    /// </summary>
    public IReadOnlyList<UnreadEntry> Unread { get; init; } = [];

    /// <summary>Whether a student's name is known here.</summary>
    public bool Knows(StudentId student) =>
        Teams.Any(t => t.Students.Any(s => s.Id == student)) || Latecomers.Any(s => s.Id == student);
}

/// <summary>An entry that this version does not understand: of a kind that a newer one writes, or damaged.</summary>
/// <param name="Before">How many understood entries were received before it.</param>
/// <param name="Text">The entry as it was kept.</param>
public sealed record UnreadEntry(int Before, string Text);
