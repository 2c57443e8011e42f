using System.Globalization;
using System.Text;
using CsvHelper;
using CsvHelper.Configuration;
using Microsoft.AspNetCore.Http.HttpResults;
using PluckyRally.Core.Problems;

namespace PluckyRally.Web.Files;

/// <summary>Tables as CSV (RFC 4180), in and out.</summary>
internal static class CsvText
{
    /// <summary>
    /// What makes a spreadsheet run a cell (OWASP, CSV injection), and the mark that keeps it from that.
    /// </summary>
    private const string Running = "=+-@\t\r\n'";

    /// <summary>What a field must be put in quotes for (RFC 4180, 2.6), whichever of them ends a line.</summary>
    private static readonly System.Buffers.SearchValues<char> Quoted = System.Buffers.SearchValues.Create(",;\t\"\r\n");

    /// <summary>A number as spreadsheets read it: with a hyphen below zero, not the minus sign of print.</summary>
    private const string Plain = "0.############################";

    private static readonly string[] Delimiters = ["\t", ";", ","];

    /// <summary>
    /// The cells of each line that is not empty, whether between commas, semicolons or tabs; no more lines than are
    /// read.
    /// </summary>
    public static IReadOnlyList<string[]> Rows(string text)
    {
        var first = text.Split('\n', 2)[0];
        var delimiter = Delimiters.MaxBy(d => first.Split(d).Length)!;
        using var csv = new CsvParser(
            new StringReader(text.TrimStart('\uFEFF')),
            new CsvConfiguration(CultureInfo.InvariantCulture)
            {
                Delimiter = delimiter,
                BadDataFound = null,
                Mode = CsvMode.RFC4180,
            }
        );
        var rows = new List<string[]>();
        while (csv.Read() && rows.Count <= Limits.Lines)
        {
            if (csv.Record is { } row && row.Any(c => !string.IsNullOrWhiteSpace(c)))
                rows.Add([.. row.Select(Meant)]);
        }

        return rows;
    }

    /// <summary>A cell as it was meant: what <see cref="Harmless"/> put before it is taken off.</summary>
    private static string Meant(string cell) =>
        cell.Length > 1 && cell[0] == '\'' && IsRunning(cell[1]) ? cell[1..] : cell;

    /// <summary>
    /// A cell that a spreadsheet does not run. What begins as if it had been made harmless is marked too, so that it
    /// comes back as it was.
    /// </summary>
    private static string Harmless(string cell) => cell.Length > 0 && IsRunning(cell[0]) ? $"'{cell}" : cell;

    /// <summary>Some spreadsheets read a wide sign (U+FF01 to U+FF5E) as the plain one.</summary>
    private static bool IsRunning(char first) =>
        Running.Contains(first is >= '\uFF01' and <= '\uFF5E' ? (char)(first - 0xFEE0) : first);

    /// <summary>A file to be saved; cells that a spreadsheet would run are kept as text.</summary>
    public static FileContentHttpResult File(
        string name,
        IReadOnlyList<string> titles,
        IEnumerable<IReadOnlyList<object?>> rows
    )
    {
        using var text = new StringWriter();
        using (
            var csv = new CsvWriter(
                text,
                new CsvConfiguration(CultureInfo.InvariantCulture)
                {
                    NewLine = "\r\n",
                    ShouldQuote = cell =>
                        cell.Field?.AsSpan().IndexOfAny(Quoted) >= 0 || cell.Field?.Trim().Length != cell.Field?.Length,
                }
            )
        )
        {
            foreach (var row in rows.Prepend(titles))
            {
                foreach (var cell in row)
                    csv.WriteField(
                        cell is decimal number ? number.ToString(Plain, CultureInfo.InvariantCulture)
                        : cell is string said ? Harmless(said)
                        : cell
                    );
                csv.NextRecord();
            }
        }

        return TypedResults.File(
            Encoding.UTF8.GetPreamble().Concat(Encoding.UTF8.GetBytes(text.ToString())).ToArray(),
            "text/csv; charset=utf-8",
            name
        );
    }
}
