using PluckyRally.Core;

namespace PluckyRally.Data.Briefs;

/// <summary>A brief on the shelf: its document as the teacher last saved it, and what lists need without opening it.</summary>
public sealed class StoredBrief
{
    /// <summary>Its id.</summary>
    public Guid Id { get; init; }

    /// <summary>Whose it is.</summary>
    public Guid OwnerId { get; init; }

    /// <summary>Counts the saves; a save must name the one it was made from.</summary>
    public int Revision { get; set; } = 1;

    /// <summary>The brief in the open format, fields that this version does not know included.</summary>
    public required string Document { get; set; }

    /// <summary>For lists.</summary>
    public required string Title { get; set; }

    /// <summary>For lists.</summary>
    public required string Goal { get; set; }

    /// <summary>For lists.</summary>
    public required string Theme { get; set; }

    /// <summary>For lists.</summary>
    public Season Season { get; set; }

    /// <summary>When it was last saved.</summary>
    public DateTimeOffset ChangedAt { get; set; }

    /// <summary>Takes over a document and what lists show of it.</summary>
    public void Take(Document<Brief> document, DateTimeOffset now)
    {
        Document = document.Text;
        Title = document.Value.Title;
        Goal = document.Value.Goal;
        Theme = document.Value.Theme;
        Season = document.Value.Season;
        ChangedAt = now;
    }
}
