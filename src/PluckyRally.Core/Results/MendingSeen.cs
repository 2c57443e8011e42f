namespace PluckyRally.Core;

/// <summary>What mending a brief would change, before it is kept.</summary>
/// <param name="Differs">Where the brief would differ.</param>
/// <param name="Rounds">For each round in which something is recorded and something would change: places and points
/// before and after.</param>
/// <param name="Aside">Entries that would no longer fit; they are kept.</param>
public sealed record MendingSeen(
    IReadOnlyList<Difference> Differs,
    IReadOnlyList<RoundMended> Rounds,
    IReadOnlyList<LogLine> Aside
)
{
    /// <summary>Whether a price changes of something that was bought already, so that it is asked from when.</summary>
    public bool ChangesPrices { get; init; }

    /// <summary>What the brief on the shelf is called; absent where there is none.</summary>
    public string? Shelf { get; init; }

    /// <summary>Tries it out, or says why it cannot be.</summary>
    /// <param name="opened">The rally.</param>
    /// <param name="mended">What would be mended.</param>
    public static Result<MendingSeen> Of(OpenedRally opened, Entry.BriefMended mended)
    {
        if (mended.Changes.Count == 0)
            return Result<MendingSeen>.Refused(
                new Problem("/changes", "Nothing is changed yet.", "Change something on the sheet first.")
            );
        var brief = Mending.Lay(opened.Mended(mended.Round), mended.Changes);
        if (!brief.IsOk)
            return Result<MendingSeen>.Refused(brief.Problems);
        var stopping = Snags.Stopping(new Edition { Brief = brief.Value });
        var known = Snags.Stopping(new Edition { Brief = opened.Mended(mended.Round) }).Select(p => p.At).ToHashSet();
        if (stopping.Where(p => !known.Contains(p.At)).ToList() is { Count: > 0 } stops)
            return Result<MendingSeen>.Refused([.. stops.Select(p => p.Under("/brief"))]);
        var accepted = Recorder.Accept(opened, mended);
        if (!accepted.IsOk)
            return Result<MendingSeen>.Refused(accepted.Problems);
        var after = opened.With(accepted.Value);
        if (!after.IsOk)
            return Result<MendingSeen>.Refused(after.Problems);

        // What stands wrong in it is said by the entry itself, which would be set aside.
        if (after.Value.Aside.FirstOrDefault(a => a.Entry.Id == mended.Id) is { } itself)
            return Result<MendingSeen>.Refused([
                .. itself.Problems.Select(p =>
                    p with
                    {
                        At = p.At[p.At.IndexOf("/brief", StringComparison.Ordinal)..],
                    }
                ),
            ]);
        var had = opened.Aside.Select(a => a.Entry.Id).ToHashSet();
        var rounds = Enumerable
            .Range(1, opened.Rounds)
            .Where(r => opened.Stands.Any(e => e.Round == r && e.BeginsRound))
            .Select(r => RoundMended.Of(opened.Result(r), after.Value.Result(r)));
        var aside = after.Value.Aside.Where(a => !a.Struck && !had.Contains(a.Entry.Id)).ToDictionary(a => a.Entry.Id);
        return Result<MendingSeen>.Ok(
            new(
                ((Entry.BriefMended)accepted.Value).Differs,
                [.. rounds.Where(r => r.Rows.Count > 0)],
                LogLine.Of(opened, e => aside.ContainsKey(e.Id), [])
            )
            {
                ChangesPrices = ChangesPricesOf(opened, (Entry.BriefMended)accepted.Value),
            }
        );
    }

    /// <summary>Whether something was bought that would cost another price if that held from the beginning.</summary>
    private static bool ChangesPricesOf(OpenedRally opened, Entry.BriefMended mended)
    {
        var after = opened.With(mended with { PricesFromNow = false });
        return after.IsOk
            && Enumerable.Range(1, opened.Rounds).Any(r => !Spent(opened, r).SetEquals(Spent(after.Value, r)));

        static HashSet<(string, string)> Spent(OpenedRally of, int round) =>
            [.. of.Result(round).Teams.Select(t => (t.Team.Id, BudgetWords.SaySpent(t)))];
    }
}

/// <summary>A round before and after something is mended.</summary>
/// <param name="Round">The round.</param>
/// <param name="Rows">The teams whose place or total would change, in the order in which they would stand.</param>
public sealed record RoundMended(int Round, IReadOnlyList<TeamMended> Rows)
{
    internal static RoundMended Of(RoundResult before, RoundResult after)
    {
        var (had, now) = (Says(before), Says(after));
        return new(
            after.Run.Number,
            [
                .. after
                    .Standings.Rows.Where(r => had[r.Team] != now[r.Team])
                    .Select(r => new TeamMended(r.Team, r.Name, had[r.Team], now[r.Team])),
            ]
        );
    }

    /// <summary>Place and total of each team, by its id, with what it spent where things are sold.</summary>
    private static Dictionary<string, string> Says(RoundResult came)
    {
        var spent = came.Teams.ToDictionary(t => t.Team.Id, BudgetWords.SaySpent);
        return came.Standings.Rows.ToDictionary(
            r => r.Team,
            r => spent[r.Team].Length > 0 ? $"{Says(r)}; {spent[r.Team]}" : Says(r)
        );
    }

    private static string Says(Standing row)
    {
        var place = row.Status switch
        {
            StandingStatus.Placed => row.PlaceText.Length > 0 ? row.PlaceText : "finished",
            StandingStatus.Unfinished => $"not finished: {Within.Sentence(row.Reason)}",
            StandingStatus.DidNotPlace => $"not placed: {Within.Sentence(row.Reason)}",
            StandingStatus.Away => $"takes no place: {row.Reason}",
        };
        return row.TotalText.Length > 0 ? $"{place}, {row.TotalText}" : place;
    }
}

/// <summary>A team before and after something is mended.</summary>
/// <param name="Team">The team's id.</param>
/// <param name="Name">The team's name.</param>
/// <param name="Before">Its place and total as they are.</param>
/// <param name="After">The same with what would be mended.</param>
public sealed record TeamMended(string Team, string Name, string Before, string After);
