using PluckyRally.Core.Problems;

namespace PluckyRally.Core.Teams;

/// <summary>A class list as it was understood, before anything is kept.</summary>
/// <param name="Columns">The columns, by their titles or numbers.</param>
/// <param name="Given">The column with the given name, from 0.</param>
/// <param name="Family">The column with the family name, from 0; absent where there is none.</param>
/// <param name="Students">Given names and initials.</param>
/// <param name="Odd">What is worth a look: lines without a name, names that come twice.</param>
public sealed record ClassList(
    IReadOnlyList<string> Columns,
    int Given,
    int? Family,
    IReadOnlyList<string> Students,
    IReadOnlyList<string> Odd
)
{
    private const int LongestName = 60;

    /// <summary>More students than this are hardly one class.</summary>
    private const int LargestClass = 60;

    private static readonly string[] GivenTitles =
    [
        "givenname",
        "given name",
        "first name",
        "firstname",
        "forename",
        "name",
        "student",
        "pupil",
        "preferredfirstname",
    ];
    private static readonly string[] FamilyTitles = ["familyname", "family name", "last name", "lastname", "surname"];

    /// <summary>
    /// Understands a table: one column with whole names, or given and family names; the titles of OneRoster's users
    /// file are known. Only the given name and an initial are taken over.
    /// </summary>
    /// <param name="rows">The cells of each line that is not empty.</param>
    /// <param name="given">The column with the given name, from 0; found by its title where absent.</param>
    /// <param name="family">The column with the family name; below 0 for none.</param>
    public static Result<ClassList> Read(
        IReadOnlyList<IReadOnlyList<string>> rows,
        int? given = null,
        int? family = null
    )
    {
        if (rows.Count == 0)
            return Result<ClassList>.Refused(
                new Problem("/text", "There is no name in it.", "Paste one student on each line, or choose a CSV file.")
            );
        if (rows.Count > Limits.Items)
            return Result<ClassList>.Refused(
                new Problem("/text", $"There are {rows.Count} lines.", $"Keep to {Limits.Items}; a class is smaller.")
            );
        var titles = rows[0].Select(c => c.Trim().ToLowerInvariant()).ToList();
        var (givenTitle, familyTitle) = (
            titles.FindIndex(t => GivenTitles.Contains(t)),
            titles.FindIndex(t => FamilyTitles.Contains(t))
        );
        var titled = givenTitle >= 0 || familyTitle >= 0;
        var width = rows.Max(r => r.Count);
        var givenAt = given ?? Math.Max(givenTitle, 0);
        if (givenAt < 0 || givenAt >= width)
            return Result<ClassList>.Refused(
                new Problem("/given", "There is no such column.", $"Use 0 to {width - 1}.")
            );
        var familyAt = family
            ?? (
                titled ? familyTitle
                : width > 1 ? 1
                : -1
            );
        if (familyAt == givenAt || familyAt >= width)
            familyAt = -1;

        var students = new List<string>();
        var odd = new List<string>();
        for (var i = titled ? 1 : 0; i < rows.Count; i++)
        {
            var name = Name(Cell(rows[i], givenAt), familyAt >= 0 ? Cell(rows[i], familyAt) : "");
            if (name.Length == 0)
                odd.Add($"Line {i + 1} has no name in this column; it is left out.");
            else if (name.Length > LongestName)
                odd.Add($"Line {i + 1} is too long for a name; it is left out.");
            else
                students.Add(name);
        }

        foreach (var twice in students.GroupBy(p => p, StringComparer.OrdinalIgnoreCase).Where(g => g.Count() > 1))
            odd.Add($"{twice.Key} comes {twice.Count()} times. They are told apart by a number.");
        if (students.Count > LargestClass)
            odd.Add($"There are {students.Count} students. Is it one class?");
        return Result<ClassList>.Ok(
            new(
                titled ? [.. rows[0]] : [.. Enumerable.Range(1, width).Select(i => $"column {i}")],
                givenAt,
                familyAt >= 0 ? familyAt : null,
                Distinct(students),
                odd
            )
        );
    }

    /// <summary>What keeps a class from being made of a name and these students.</summary>
    public static IReadOnlyList<Problem> Problems(string name, IReadOnlyList<string> students)
    {
        var found = new ProblemCollector();
        found.NotEmpty(name, "/name", "The class has no name.", "Write for example “Class 4”.");
        found.Length(name, Limits.Name, "/name", "The name");
        found.Unless(
            students.Count > 0,
            "/students",
            "There is nobody in the class.",
            "Paste one student on each line."
        );
        found.Count(students, Limits.Items, "/students", "students");
        for (var i = 0; i < Math.Min(students.Count, Limits.Items); i++)
        {
            found.AddAll($"/students/{i}", StudentProblems(students[i]).Select(p => p with { At = "" }));
        }

        return found.Problems;
    }

    /// <summary>What keeps a student from being called this.</summary>
    public static IReadOnlyList<Problem> StudentProblems(string name)
    {
        var found = new ProblemCollector();
        found.NotEmpty(name, "/name", "A student has no name.", "Write a given name and an initial.");
        found.Length(name, Limits.Name, "/name", "The student's name");
        return found.Problems;
    }

    /// <summary>Given name and initial: "Ana Brown" becomes "Ana B."; a family name alone is none.</summary>
    private static string Name(string given, string family)
    {
        if (given.Length == 0)
            return "";
        var words = $"{given} {family}".Split((char[]?)null, StringSplitOptions.RemoveEmptyEntries);
        return words.Length == 1
            ? words[0]
            : $"{(family.Length > 0 ? given : string.Join(' ', words[..^1]))} {char.ToUpperInvariant(words[^1][0])}.";
    }

    private static List<string> Distinct(List<string> names)
    {
        var seen = new Dictionary<string, int>(StringComparer.OrdinalIgnoreCase);
        return [.. names.Select(n => (seen[n] = seen.GetValueOrDefault(n) + 1) == 1 ? n : $"{n} {seen[n]}")];
    }

    private static string Cell(IReadOnlyList<string> row, int at) => at < row.Count ? row[at].Trim() : "";
}
