using PluckyRally.Core.Ids;
using PluckyRally.Data.Classes;

namespace PluckyRally.Data.Rallies;

/// <summary>A rally: its frozen edition and its teams. What happened is in its entries.</summary>
public sealed class StoredRally
{
    /// <summary>Its id.</summary>
    public RallyId Id { get; init; }

    /// <summary>Whose it is.</summary>
    public Guid OwnerId { get; init; }

    /// <summary>The brief that it was made from; null where that is not on this shelf.</summary>
    public BriefId? BriefId { get; init; }

    /// <summary>What it is called, usually the class.</summary>
    public required string Name { get; set; }

    /// <summary>The day it is run.</summary>
    public DateOnly? Date { get; set; }

    /// <summary>The edition in the open format. It never changes.</summary>
    public required string Edition { get; init; }

    /// <summary>The brief's title, for lists.</summary>
    public required string BriefTitle { get; init; }

    /// <summary>When it was made.</summary>
    public DateTimeOffset MadeAt { get; init; }

    /// <summary>When it was deleted; it is gone for good some time later. Null while it is there.</summary>
    public DateTimeOffset? DeletedAt { get; set; }

    /// <summary>Whether judges may cross out what others recorded.</summary>
    public bool JudgesStrikeOthers { get; set; }

    /// <summary>Whether it is archived: not on Home, and not lost.</summary>
    public bool Archived { get; set; }

    /// <summary>
    /// Names the lesson that it is run in together with other rallies: the id of the first of them. Null where it is
    /// run alone.
    /// </summary>
    public Guid? LessonId { get; init; }

    /// <summary>The teams.</summary>
    public List<StoredTeam> Teams { get; init; } = [];
}

/// <summary>A team that a rally was begun with; those that came later are in its log.</summary>
public sealed class StoredTeam
{
    /// <summary>The rally.</summary>
    public RallyId RallyId { get; init; }

    /// <summary>Its id within the rally.</summary>
    public required TeamId Id { get; init; }

    /// <summary>What it is called.</summary>
    public required string Name { get; set; }

    /// <summary>Its short code where it chose one.</summary>
    public string ShortCode { get; set; } = "";

    /// <summary>Which pennant it has; null where its place in the rally says it.</summary>
    public int? Pennant { get; set; }

    /// <summary>How many students are in it; 0 where that is not known.</summary>
    public int Members { get; set; }

    /// <summary>Its place in the list.</summary>
    public int Order { get; init; }

    /// <summary>Who is in it, where that is known here.</summary>
    public List<StoredTeamStudent> Students { get; init; } = [];
}

/// <summary>An entry of a rally's log. It never changes.</summary>
public sealed class StoredEntry
{
    /// <summary>Counts the entries as they were received.</summary>
    public long Sequence { get; init; }

    /// <summary>The rally.</summary>
    public RallyId RallyId { get; init; }

    /// <summary>The id made by the device that wrote it.</summary>
    public EntryId EntryId { get; init; }

    /// <summary>The entry in the open format.</summary>
    public required string Document { get; init; }
}
