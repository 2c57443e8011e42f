using System.Globalization;
using CsvHelper;
using CsvHelper.Configuration;
using PluckyRally.Core;

namespace PluckyRally.Web;

/// <summary>A class list as it was understood, before anything is kept.</summary>
/// <param name="Columns">The columns, by their titles or numbers.</param>
/// <param name="Given">The column with the given name, from 0.</param>
/// <param name="Family">The column with the family name, from 0; absent where there is none.</param>
/// <param name="Pupils">Given names and initials.</param>
/// <param name="Odd">What is worth a look: lines without a name, names that come twice.</param>
public sealed record ClassList(IReadOnlyList<string> Columns, int Given, int? Family, IReadOnlyList<string> Pupils, IReadOnlyList<string> Odd);

/// <summary>
/// Reads class lists that are pasted or come as CSV (RFC 4180, semicolons and tabs too): one column with whole names, or given
/// and family names; the titles of OneRoster's users file are known. Only the given name and an initial are taken over.
/// </summary>
internal static class ClassListReader
{
    private static readonly string[] GivenTitles = ["givenname", "given name", "first name", "firstname", "forename", "name", "pupil", "student", "preferredfirstname"];
    private static readonly string[] FamilyTitles = ["familyname", "family name", "last name", "lastname", "surname"];

    private static readonly string[] Delimiters = ["\t", ";", ","];

    public static Result<ClassList> Read(string text, int? given, int? family)
    {
        var rows = Rows(text);
        if (rows.Count == 0) return Result<ClassList>.Refused(new Problem("/text", "There is no name in it.", "Paste one pupil on each line, or choose a CSV file."));
        if (rows.Count > Most.Items) return Result<ClassList>.Refused(new Problem("/text", $"There are {rows.Count} lines.", $"Keep to {Most.Items}; a class is smaller."));
        var titles = rows[0].Select(c => c.Trim().ToLowerInvariant()).ToList();
        var givenTitle = titles.FindIndex(t => GivenTitles.Contains(t));
        var titled = givenTitle >= 0 || titles.Any(t => FamilyTitles.Contains(t));
        var width = rows.Max(r => r.Length);
        IReadOnlyList<string> columns = titled ? [.. rows[0]] : [.. Enumerable.Range(1, width).Select(i => $"column {i}")];
        var givenAt = given ?? Math.Max(givenTitle, 0);
        var familyAt = family ?? (titled && titles.FindIndex(t => FamilyTitles.Contains(t)) is >= 0 and var f ? f : !titled && width > 1 ? 1 : null);
        if (familyAt == givenAt || familyAt < 0) familyAt = null;
        if (givenAt < 0 || givenAt >= width) return Result<ClassList>.Refused(new Problem("/given", "There is no such column.", $"Use 0 to {width - 1}."));

        var pupils = new List<string>();
        var odd = new List<string>();
        foreach (var (row, line) in rows.Select((r, i) => (r, i + 1)).Skip(titled ? 1 : 0))
        {
            var name = Name(Cell(row, givenAt), familyAt is { } at ? Cell(row, at) : "");
            if (name.Length == 0) odd.Add($"Line {line} has no name in this column; it is left out.");
            else if (name.Length > 60) odd.Add($"Line {line} is too long for a name; it is left out.");
            else pupils.Add(name);
        }

        foreach (var twice in pupils.GroupBy(p => p, StringComparer.OrdinalIgnoreCase).Where(g => g.Count() > 1)) odd.Add($"{twice.Key} comes {twice.Count()} times. They are told apart by a number.");
        if (pupils.Count > 60) odd.Add($"There are {pupils.Count} pupils. Is it one class?");
        return Result<ClassList>.Ok(new(columns, givenAt, familyAt, Distinct(pupils), odd));
    }

    /// <summary>Given name and initial: "Ana Brown" becomes "Ana B."; what is already so stays.</summary>
    private static string Name(string given, string family)
    {
        if (given.Length == 0) return "";
        var words = $"{given} {family}".Split((char[]?)null, StringSplitOptions.RemoveEmptyEntries);
        return words.Length switch
        {
            0 => "",
            1 => words[0],
            _ => $"{(family.Length > 0 ? given.Trim() : string.Join(' ', words[..^1]))} {char.ToUpperInvariant(words[^1][0])}.",
        };
    }

    private static List<string> Distinct(List<string> names)
    {
        var seen = new Dictionary<string, int>(StringComparer.OrdinalIgnoreCase);
        return [.. names.Select(n => (seen[n] = seen.GetValueOrDefault(n) + 1) == 1 ? n : $"{n} {seen[n]}")];
    }

    private static string Cell(string[] row, int at) => at < row.Length ? row[at].Trim() : "";

    private static List<string[]> Rows(string text)
    {
        var first = text.Split('\n', 2)[0];
        var delimiter = Delimiters.MaxBy(d => first.Split(d).Length)!;
        using var csv = new CsvParser(new StringReader(text.TrimStart('\uFEFF')), new CsvConfiguration(CultureInfo.InvariantCulture) { Delimiter = delimiter, BadDataFound = null, Mode = CsvMode.RFC4180 });
        var rows = new List<string[]>();
        while (csv.Read() && rows.Count <= Most.Items)
        {
            if (csv.Record is { } row && row.Any(c => !string.IsNullOrWhiteSpace(c))) rows.Add(row);
        }

        return rows;
    }
}
