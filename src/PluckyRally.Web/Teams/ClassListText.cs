using System.Globalization;
using CsvHelper;
using CsvHelper.Configuration;
using PluckyRally.Core;

namespace PluckyRally.Web;

/// <summary>Cuts a class list into cells: one pupil a line, or CSV (RFC 4180) with commas, semicolons or tabs.</summary>
internal static class ClassListText
{
    private static readonly string[] Delimiters = ["\t", ";", ","];

    /// <summary>The cells of each line that is not empty; no more lines than are read.</summary>
    public static IReadOnlyList<string[]> Rows(string text)
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
