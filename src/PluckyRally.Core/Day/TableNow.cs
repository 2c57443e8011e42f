using PluckyRally.Core.Ids;
using PluckyRally.Core.Results;
using PluckyRally.Core.Score;

namespace PluckyRally.Core.Day;

/// <summary>A team that waits at a table, or is tested there.</summary>
/// <param name="Team">Its id.</param>
/// <param name="Name">What it is called.</param>
/// <param name="WasNotHere">Whether it was not there when its turn came first.</param>
public sealed record TeamAtTable(TeamId Team, string Name, bool WasNotHere = false);

/// <summary>A table of a rally: the teams that are still to be tested there.</summary>
/// <param name="Table">Its number, from 1.</param>
/// <param name="Line">The teams in order, the one that is tested now first.</param>
public sealed record TableNow(int Table, IReadOnlyList<TeamAtTable> Line)
{
    /// <summary>
    /// The tables of a rally. The teams go to them in turns by the order of the test: with two tables the first, third
    /// and fifth team to the first. Whoever was sent to a table stands at the end of its line. A team that is finished,
    /// or away, has left.
    /// </summary>
    /// <param name="sheets">The round, as far as it is.</param>
    /// <param name="tables">How many tables there are, from 1.</param>
    public static IReadOnlyList<TableNow> Of(RoundSheets sheets, int tables) =>
        Of(
            [.. sheets.Sheets.Select(s => s.Team)],
            sheets.Sheets.Where(s => s.Status == StandingStatus.Unfinished).ToDictionary(s => s.Team, s => s.Name),
            [.. sheets.Opened.Stands.In(sheets.Round).OfType<Entry.SentToTable>()],
            tables
        );

    /// <summary>The same by names alone.</summary>
    /// <param name="order">The teams' ids in the order of the test.</param>
    /// <param name="waiting">The teams that are still to be tested, by id, with their names.</param>
    /// <param name="sent">Who was sent where, in the order in which they were.</param>
    /// <param name="tables">How many tables there are, from 1.</param>
    public static IReadOnlyList<TableNow> Of(
        IReadOnlyList<TeamId> order,
        IReadOnlyDictionary<TeamId, string> waiting,
        IReadOnlyList<Entry.SentToTable> sent,
        int tables
    )
    {
        // A table that there is no more sends nobody anywhere.
        var last = sent.Index()
            .Where(s => s.Item.Table <= tables)
            .GroupBy(s => s.Item.Team)
            .ToDictionary(g => g.Key, g => g.Last());
        return
        [
            .. Split(order, tables)
                .Select(
                    (own, at) =>
                        new TableNow(
                            at + 1,
                            [
                                .. own.Where(t => !last.ContainsKey(t))
                                    .Concat(
                                        last.Values.Where(s => s.Item.Table == at + 1)
                                            .OrderBy(s => s.Index)
                                            .Select(s => s.Item.Team)
                                    )
                                    .Where(waiting.ContainsKey)
                                    .Select(t => new TeamAtTable(
                                        t,
                                        waiting[t],
                                        last.TryGetValue(t, out var s) && s.Item.NotHere
                                    )),
                            ]
                        )
                ),
        ];
    }

    /// <summary>The teams of each table, in turns by their order.</summary>
    public static IReadOnlyList<IReadOnlyList<TeamId>> Split(IReadOnlyList<TeamId> order, int tables) =>
        [
            .. Enumerable
                .Range(0, tables)
                .Select(table => (IReadOnlyList<TeamId>)[.. order.Where((_, at) => at % tables == table)]),
        ];
}
