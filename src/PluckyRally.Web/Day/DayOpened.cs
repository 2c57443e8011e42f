using PluckyRally.Core.Day;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Results;
using PluckyRally.Core.Score;
using PluckyRally.Web.Results;

namespace PluckyRally.Web.Day;

/// <summary>A fair day as it goes on.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Date">The day.</param>
/// <param name="ListOnBoard">Whether the board shows the combined results.</param>
/// <param name="Rallies">Its rallies, in the order of the day.</param>
/// <param name="Board">What its board shows.</param>
/// <param name="Lists">The combined results, a list for each brief that several rallies run; for helpers and the board
/// only where the teacher wants them seen.</param>
public sealed record DayOpened(
    Guid Id,
    string Name,
    DateOnly Date,
    bool ListOnBoard,
    BoardOfDay Board,
    IReadOnlyList<RallyOfDay> Rallies,
    IReadOnlyList<ListOfDay> Lists
);

/// <summary>A rally of a fair day.</summary>
/// <param name="Rally">Its id.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Title">The brief's title.</param>
/// <param name="Where">Where.</param>
/// <param name="Round">The round that runs.</param>
/// <param name="Teams">Teams that take part.</param>
/// <param name="Left">Teams that are still to be tested.</param>
/// <param name="Tables">Who is at which table, and who comes next.</param>
/// <param name="Role">What whoever asks may do in it.</param>
/// <param name="Expected">When it is expected to begin and to end; on any day but its own that is the plan.</param>
public sealed record RallyOfDay(
    RallyId Rally,
    string Name,
    string Title,
    string Where,
    int Round,
    int Teams,
    int Left,
    IReadOnlyList<TableNow> Tables,
    CallerRole Role,
    SlotTime Expected
)
{
    /// <summary>When it begins; absent where that is open.</summary>
    public TimeOnly? From { get; init; }

    /// <summary>When it ends; absent where that is open.</summary>
    public TimeOnly? To { get; init; }

    /// <summary>Who helps at each table; empty where nobody does yet.</summary>
    public IReadOnlyList<string> Helpers { get; init; } = [];
}

/// <summary>The list over the rallies of one brief.</summary>
/// <param name="Title">The brief's title.</param>
/// <param name="Rallies">The rallies, by their ids.</param>
/// <param name="WinsText">Which way is better.</param>
/// <param name="Differs">Why nobody has a place among all; empty where they have.</param>
/// <param name="Missing">Teams that are not finished yet, with their class: the list is not final.</param>
/// <param name="Places">How many places are revealed one by one.</param>
/// <param name="Lists">Its teams: in one list, or in one for each tier or class.</param>
public sealed record ListOfDay(
    string Title,
    IReadOnlyList<RallyId> Rallies,
    string WinsText,
    IReadOnlyList<string> Differs,
    IReadOnlyList<string> Missing,
    int Places,
    IReadOnlyList<NamedList> Lists
)
{
    internal static ListOfDay Of(string title, IReadOnlyList<DayNow.Found> rallies, OverAll all, int? revealed) =>
        new(
            title,
            [.. rallies.Select(r => r.Kept.Stored.Id)],
            all.WinsText,
            [.. all.Lists.SelectMany(l => l.Differs)],
            [
                .. rallies.SelectMany(r =>
                    r.Sheets.Sheets.Where(s => s.Status == StandingStatus.Unfinished)
                        .Select(s => $"{s.Name} ({r.Opened.Rally.Name})")
                ),
            ],
            all.Places,
            [
                .. (revealed is { } places ? all.Revealed(places) : all).Lists.Select(l => new NamedList(
                    l.Name,
                    [.. l.Rows.Select(r => new RowOverAllOnWall(r.Class, r.Name, r.Place, r.Text))]
                )),
            ]
        );
}

/// <summary>One of several lists.</summary>
/// <param name="Name">Of which tier or class; empty where it is the only one.</param>
/// <param name="Rows">Its teams.</param>
public sealed record NamedList(string Name, IReadOnlyList<RowOverAllOnWall> Rows);
