using System.Globalization;
using System.Text;
using CsvHelper;
using CsvHelper.Configuration;
using Microsoft.AspNetCore.Http.HttpResults;
using PluckyRally.Core;

namespace PluckyRally.Web;

/// <summary>Tables as CSV (RFC 4180), in and out.</summary>
internal static class CsvText
{
    private static readonly string[] Delimiters = ["\t", ";", ","];

    /// <summary>The cells of each line that is not empty, whether between commas, semicolons or tabs; no more lines than are read.</summary>
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

    /// <summary>A file to be saved; cells that a spreadsheet would run are kept as text.</summary>
    public static FileContentHttpResult File(string name, IReadOnlyList<string> titles, IEnumerable<IReadOnlyList<object?>> rows)
    {
        using var text = new StringWriter();
        using (var csv = new CsvWriter(text, new CsvConfiguration(CultureInfo.InvariantCulture) { NewLine = "\r\n", InjectionOptions = InjectionOptions.Escape, InjectionEscapeCharacter = '\'' }))
        {
            foreach (var row in rows.Prepend(titles))
            {
                foreach (var cell in row) csv.WriteField(cell is decimal number ? ReadingFormat.Number(number) : cell);
                csv.NextRecord();
            }
        }

        return TypedResults.File(Encoding.UTF8.GetPreamble().Concat(Encoding.UTF8.GetBytes(text.ToString())).ToArray(), "text/csv; charset=utf-8", name);
    }
}
