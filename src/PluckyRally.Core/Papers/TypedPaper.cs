using PluckyRally.Core.Ids;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Score;

namespace PluckyRally.Core.Papers;

/// <summary>What stood on one team's sheet, as it is typed in.</summary>
/// <param name="Team">The team's id.</param>
/// <param name="Typed">What stood in each field, by its id; empty and missing fields are alike.</param>
/// <param name="Found">Collects what is wrong, at the fields' ids.</param>
internal sealed record TypedPaper(TeamId Team, IReadOnlyDictionary<string, string> Typed, ProblemCollector Found)
{
    /// <summary>What is right though it is far from what was expected, by the field's id.</summary>
    public IReadOnlyDictionary<string, string> Sure { get; init; } = new Dictionary<string, string>();

    /// <summary>What stands in a field; empty where nothing does.</summary>
    public string At(string field) => Typed.GetValueOrDefault(field, "").Trim();

    /// <summary>Whether anything stands in a field.</summary>
    public bool Has(string field) => At(field).Length > 0;

    /// <summary>A whole number from 0; null where none stands, or something else does, which is said.</summary>
    public int? Count(string field)
    {
        if (!Has(field))
            return null;
        if (
            int.TryParse(
                At(field),
                System.Globalization.NumberStyles.None,
                System.Globalization.CultureInfo.InvariantCulture,
                out var count
            )
            && count <= Most
        )
            return count;
        Found.Add($"/fields/{field}", PaperWords.NoCount(At(field)), PaperWords.UseCount);
        return null;
    }

    /// <summary>A reading as it stands in a field.</summary>
    public Reading Reading(string field, string measure) =>
        new()
        {
            Measure = measure,
            Typed = At(field),
            Sure = Has(field) && Sure.GetValueOrDefault(field, "").Trim() == At(field),
        };

    /// <summary>Met or missed; null where nothing stands, or something else does, which is said.</summary>
    public bool? Met(string field) =>
        At(field) switch
        {
            "" => null,
            PaperWords.Met => true,
            PaperWords.Missed => false,
            _ => Refuse(field, [PaperWords.Met, PaperWords.Missed]),
        };

    /// <summary>The chosen word of a few; empty where none stands, or something else does, which is said.</summary>
    public string Choice(PaperField field)
    {
        var typed = At(field.Id);
        if (typed.Length == 0 || field.Choices.Any(c => c.Value == typed))
            return typed;
        Refuse(field.Id, field.Choices.Select(c => c.Name));
        return "";
    }

    private bool? Refuse(string field, IEnumerable<string> words)
    {
        Found.Add($"/fields/{field}", PaperWords.NoChoice(At(field)), ProblemCollector.UseOneOf(words));
        return null;
    }

    private const int Most = 100_000;
}

/// <summary>An entry that comes of a sheet.</summary>
/// <param name="Entry">The entry, not yet understood.</param>
/// <param name="Field">The field at which what is wrong with it is shown.</param>
internal sealed record PaperEntry(Entry Entry, string Field)
{
    /// <summary>Fields of their own for some places in the entry.</summary>
    public IReadOnlyDictionary<string, string> Places { get; init; } = new Dictionary<string, string>();

    /// <summary>The field for a place in the entry.</summary>
    public string FieldOf(string at) =>
        Places.FirstOrDefault(p => at.StartsWith(p.Key, StringComparison.Ordinal)).Value ?? Field;
}
