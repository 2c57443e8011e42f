using System.Text.Json.Serialization;
using PluckyRally.Core.Day;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Kit;
using PluckyRally.Core.Time;

namespace PluckyRally.Data.Archive;

/// <summary>
/// What an archive holds, as the file <c>everything.json</c> in it says. Briefs and rallies are files of their own
/// formats beside it, photos are JPEG files. No password, no code and nothing that was deleted is in it.
/// </summary>
public sealed record Everything
{
    /// <summary>The name of the format.</summary>
    public const string FormatName = "plucky-rally/everything";

    /// <summary>The newest version of the format that is understood.</summary>
    public const int NewestVersion = 1;

    /// <summary>The file's name in the archive.</summary>
    internal const string File = "everything.json";

    /// <summary>Always <see cref="FormatName"/>.</summary>
    public string Format { get; init; } = FormatName;

    /// <summary>Version of the format, from 1.</summary>
    public int Version { get; init; } = NewestVersion;

    /// <summary>When it was saved.</summary>
    public DateTimeOffset SavedAt { get; init; }

    /// <summary>The classes.</summary>
    public IReadOnlyList<ArchivedClass> Classes { get; init; } = [];

    /// <summary>What is in the cupboard.</summary>
    public IReadOnlyList<CupboardItem> Cupboard { get; init; } = [];

    /// <summary>What is the school's own; absent where nothing was set.</summary>
    public School? School { get; init; }

    /// <summary>Which briefs are planned for when.</summary>
    public IReadOnlyList<ArchivedPlan> Plans { get; init; } = [];

    /// <summary>The fair days.</summary>
    public IReadOnlyList<ArchivedDay> Days { get; init; } = [];

    /// <summary>The briefs.</summary>
    public IReadOnlyList<ArchivedBrief> Briefs { get; init; } = [];

    /// <summary>The rallies.</summary>
    public IReadOnlyList<ArchivedRally> Rallies { get; init; } = [];
}

/// <summary>A brief with its place in the year.</summary>
/// <param name="Id">The plan's id.</param>
/// <param name="Plan">Which brief, when and for whom.</param>
public sealed record ArchivedPlan(Guid Id, BriefPlan Plan);

/// <summary>A fair day.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Day">Its name, its date and its rallies.</param>
public sealed record ArchivedDay(Guid Id, FairDay Day);

/// <summary>A class.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Name">What it is called.</param>
/// <param name="NoPhotos">Whether no photos are taken in its rallies.</param>
/// <param name="Students">Its students, in order.</param>
public sealed record ArchivedClass(
    Guid Id,
    string Name,
    bool NoPhotos,
    [property: JsonPropertyName("pupils")] IReadOnlyList<ArchivedStudent> Students
)
{
    /// <summary>
    /// Who should be together, apart or spread over the teams, as JSON; empty where nothing is preferred.
    /// </summary>
    public string Wishes { get; init; } = "";
}

/// <summary>A student.</summary>
/// <param name="Id">The student's id; teams of rallies name it.</param>
/// <param name="Name">Given name and initial.</param>
/// <param name="Order">The place in the list.</param>
/// <param name="NoPhotos">Whether the student may not be in photos.</param>
public sealed record ArchivedStudent(Guid Id, string Name, int Order, bool NoPhotos = false);

/// <summary>A brief; its text is the file <c>briefs/ID.brief.json</c>.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Revision">How often it was saved.</param>
/// <param name="Archived">Whether it is archived.</param>
/// <param name="ChangedAt">When it was last saved.</param>
/// <param name="Versions">How it stood earlier: the files <c>briefs/ID/REVISION.brief.json</c>.</param>
public sealed record ArchivedBrief(
    BriefId Id,
    int Revision,
    bool Archived,
    DateTimeOffset ChangedAt,
    IReadOnlyList<ArchivedVersion> Versions
)
{
    internal string File => $"briefs/{Id}.brief.json";

    internal string FileOf(ArchivedVersion version) => $"briefs/{Id}/{version.Revision}.brief.json";
}

/// <summary>A brief as it stood earlier.</summary>
/// <param name="Revision">The save that made it.</param>
/// <param name="Title">What it was called.</param>
/// <param name="SavedAt">When it was saved.</param>
public sealed record ArchivedVersion(int Revision, string Title, DateTimeOffset SavedAt);

/// <summary>A rally; its edition, teams and log are the file <c>rallies/ID.rally.json</c>.</summary>
/// <param name="Id">Its id.</param>
/// <param name="BriefTitle">The brief's title.</param>
/// <param name="MadeAt">When it was made.</param>
/// <param name="JudgesStrikeOthers">Whether judges may cross out what others recorded.</param>
/// <param name="Photos">Its photos: the files <c>photos/RALLY/ID.jpg</c>.</param>
/// <param name="Stock">What it took out of the cupboard.</param>
/// <param name="Brief">The brief that it was made from; absent where that is not in the archive.</param>
public sealed record ArchivedRally(
    RallyId Id,
    string BriefTitle,
    DateTimeOffset MadeAt,
    bool JudgesStrikeOthers,
    IReadOnlyList<ArchivedPhoto> Photos,
    IReadOnlyList<ArchivedStock> Stock,
    BriefId? Brief = null
)
{
    /// <summary>The edition as it was kept, where this version does not understand it; absent otherwise.</summary>
    public string? UnreadEdition { get; init; }

    /// <summary>Whether it is archived.</summary>
    public bool PutAway { get; init; }

    /// <summary>Names the lesson that it is run in together with other rallies; absent where it is run alone.</summary>
    public Guid? Lesson { get; init; }

    internal string File => $"rallies/{Id}.rally.json";

    internal string FileOf(ArchivedPhoto photo) => $"photos/{Id}/{photo.Id}.jpg";
}

/// <summary>A photo.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Team">The team's id.</param>
/// <param name="Round">The round.</param>
/// <param name="Width">Width in pixels.</param>
/// <param name="Height">Height in pixels.</param>
/// <param name="By">Who took it.</param>
/// <param name="At">When it was received.</param>
public sealed record ArchivedPhoto(
    Guid Id,
    TeamId Team,
    int Round,
    int Width,
    int Height,
    string By,
    DateTimeOffset At
);

/// <summary>Something that a rally took out of the cupboard.</summary>
/// <param name="Name">What it is.</param>
/// <param name="Unit">Its unit; empty for pieces.</param>
/// <param name="Taken">How much was taken out.</param>
/// <param name="Back">How much came back; absent while the rally still has it.</param>
public sealed record ArchivedStock(string Name, string Unit, decimal Taken, decimal? Back = null);
