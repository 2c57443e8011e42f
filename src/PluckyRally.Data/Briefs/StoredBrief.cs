using PluckyRally.Core.Briefs;
using PluckyRally.Core.Files;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Readings;

namespace PluckyRally.Data.Briefs;

/// <summary>
/// A brief on the shelf: its document as the teacher last saved it, and what lists need without opening it.
/// </summary>
public sealed class StoredBrief
{
    /// <summary>Its id.</summary>
    public BriefId Id { get; init; }

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

    /// <summary>
    /// For lists: the grades of the brief and of its tiers, in words of the document with commas between.
    /// </summary>
    public string Grades { get; set; } = "";

    /// <summary>For lists.</summary>
    public Pattern Pattern { get; set; }

    /// <summary>For lists: the minutes of all phases.</summary>
    public int Minutes { get; set; }

    /// <summary>What searching looks through, in lower case.</summary>
    public string SearchText { get; set; } = "";

    /// <summary>Returned: not on the shelf, and not lost.</summary>
    public bool Archived { get; set; }

    /// <summary>When it was last saved.</summary>
    public DateTimeOffset ChangedAt { get; set; }

    /// <summary>When it was deleted; it is gone for good some time later. Null while it is there.</summary>
    public DateTimeOffset? DeletedAt { get; set; }

    /// <summary>The window that saved last; empty where that is not known.</summary>
    public string Window { get; set; } = "";

    /// <summary>The revision that this window began with: all since are its own saves.</summary>
    public int WindowSince { get; set; }

    /// <summary>Takes over a document and what lists show of it.</summary>
    public void Take(Document<Brief> document, DateTimeOffset now)
    {
        Document = document.Text;
        Describe(document.Value);
        ChangedAt = now;
    }

    /// <summary>Writes down what lists and searches need.</summary>
    public void Describe(Brief brief)
    {
        Title = brief.Title;
        Goal = brief.Goal;
        Theme = brief.Theme;
        Season = brief.Season;
        Pattern = brief.Pattern;
        Minutes = Rounding.Whole(Math.Ceiling(Core.Time.Minutes.OfAll(brief)));
        Grades = string.Join(
            ',',
            brief
                .Tiers.Select(t => t.GradesOr(brief.Grades))
                .Append(brief.Grades)
                .Where(g => g != GradeBand.Unsaid)
                .Distinct()
                .Order()
        );
        SearchText = string.Join(
                '\n',
                new[] { brief.Title, brief.Theme, brief.Goal, brief.Story, brief.Question }
                    .Concat(brief.Rules.Select(r => r.Text))
                    .Concat(brief.Materials.Select(m => m.Name))
            )
            .ToLowerInvariant();
    }
}
