namespace PluckyRally.Core;

/// <summary>A table of a rally: who is at it, and who comes next.</summary>
/// <param name="Table">Its number, from 1.</param>
/// <param name="Now">The team that is tested; empty where the table is done.</param>
/// <param name="Next">The team after it; empty where there is none.</param>
/// <param name="Left">Teams that are still to be tested, the one at the table among them.</param>
public sealed record TableNow(int Table, string Now, string Next, int Left)
{
    /// <summary>
    /// The tables of a rally. The teams go to them in turns by the order of the test: with two tables the first, third
    /// and fifth team to the first. A team that is finished, or away, has left.
    /// </summary>
    /// <param name="sheets">The round, as far as it is.</param>
    /// <param name="tables">How many tables there are, from 1.</param>
    public static IReadOnlyList<TableNow> Of(RoundSheets sheets, int tables) =>
        Of(
            [.. sheets.Sheets.Select(s => s.Team)],
            sheets.Sheets.Where(s => s.Status == StandingStatus.Unfinished).ToDictionary(s => s.Team, s => s.Name),
            tables
        );

    /// <summary>The same by names alone.</summary>
    /// <param name="order">The teams' ids in the order of the test.</param>
    /// <param name="waiting">The teams that are still to be tested, by id, with their names.</param>
    /// <param name="tables">How many tables there are, from 1.</param>
    public static IReadOnlyList<TableNow> Of(
        IReadOnlyList<string> order,
        IReadOnlyDictionary<string, string> waiting,
        int tables
    ) =>
        [
            .. Split(order, tables)
                .Select(table => table.Where(waiting.ContainsKey).Select(t => waiting[t]).ToList())
                .Select(
                    (left, at) =>
                        new TableNow(
                            at + 1,
                            left.ElementAtOrDefault(0) ?? "",
                            left.ElementAtOrDefault(1) ?? "",
                            left.Count
                        )
                ),
        ];

    /// <summary>The teams of each table, in turns by their order.</summary>
    public static IReadOnlyList<IReadOnlyList<string>> Split(IReadOnlyList<string> order, int tables) =>
        [
            .. Enumerable
                .Range(0, tables)
                .Select(table => (IReadOnlyList<string>)[.. order.Where((_, at) => at % tables == table)]),
        ];
}
