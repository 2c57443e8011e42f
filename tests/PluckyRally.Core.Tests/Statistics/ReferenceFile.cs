using System.Globalization;

namespace PluckyRally.Core.Tests.Statistics;

/// <summary>Reads the files of tests/references.</summary>
internal static class ReferenceFile
{
    /// <summary>The cells of each line that is no comment.</summary>
    public static IReadOnlyList<string[]> Lines(string name) =>
        [
            .. File.ReadLines(Path.Combine(AppContext.BaseDirectory, "references", name))
                .Where(l => !l.StartsWith('#'))
                .Select(l => l.Split(',')),
        ];

    public static double Number(string cell) => double.Parse(cell, NumberStyles.Float, CultureInfo.InvariantCulture);

    public static double[] Numbers(string cell) => [.. cell.Split(' ').Select(Number)];
}
