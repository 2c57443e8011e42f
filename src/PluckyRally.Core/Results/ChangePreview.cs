using PluckyRally.Core.Briefs;
using PluckyRally.Core.Files;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Parts;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Score;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Results;

/// <summary>What a change to the brief would do, before it is kept.</summary>
/// <param name="Differs">Where the brief would differ.</param>
/// <param name="Rounds">For each round in which something is recorded and something would change: places and points
/// before and after.</param>
/// <param name="Aside">Entries that would no longer fit; they are kept.</param>
public sealed record ChangePreview(
    IReadOnlyList<Difference> Differs,
    IReadOnlyList<RoundChange> Rounds,
    IReadOnlyList<LogLine> Aside
)
{
    /// <summary>Whether a price changes of something that was bought already, so that it is asked from when.</summary>
    public bool ChangesPrices { get; init; }

    /// <summary>What the brief on the shelf is called; absent where there is none.</summary>
    public string? Shelf { get; init; }

    /// <summary>Tries it out, or says why it cannot be.</summary>
    /// <param name="opened">The rally.</param>
    /// <param name="changed">What would be changed.</param>
    public static Result<ChangePreview> Of(OpenedRally opened, Entry.BriefMended changed)
    {
        if (changed.Changes.Count == 0)
            return Result<ChangePreview>.Refused(
                new Problem("/changes", "Nothing is changed yet.", "Change something on the sheet first.")
            );
        var brief = BriefChanges.Lay(opened.BriefOf(changed.Round), changed.Changes);
        if (!brief.IsOk)
            return Result<ChangePreview>.Refused(brief.Problems);
        var stopping = Snags.Stopping(new Edition { Brief = brief.Value });
        var known = Snags.Stopping(new Edition { Brief = opened.BriefOf(changed.Round) }).Select(p => p.At).ToHashSet();
        if (stopping.Where(p => !known.Contains(p.At)).ToList() is { Count: > 0 } stops)
            return Result<ChangePreview>.Refused([.. stops.Select(p => p.Under("/brief"))]);
        var accepted = Recorder.Accept(opened, changed);
        if (!accepted.IsOk)
            return Result<ChangePreview>.Refused(accepted.Problems);
        var after = opened.With(accepted.Value);
        if (!after.IsOk)
            return Result<ChangePreview>.Refused(after.Problems);

        // What stands wrong in it is said by the entry itself, which would be set aside.
        if (after.Value.Aside.FirstOrDefault(a => a.Entry.Id == changed.Id) is { } itself)
            return Result<ChangePreview>.Refused([
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
            .Select(r => RoundChange.Of(opened.Result(r), after.Value.Result(r)));
        var aside = after.Value.Aside.Where(a => !a.Struck && !had.Contains(a.Entry.Id)).ToDictionary(a => a.Entry.Id);
        return Result<ChangePreview>.Ok(
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
    private static bool ChangesPricesOf(OpenedRally opened, Entry.BriefMended changed)
    {
        var after = opened.With(changed with { PricesFromNow = false });
        return after.IsOk
            && Enumerable.Range(1, opened.Rounds).Any(r => !Spent(opened, r).SetEquals(Spent(after.Value, r)));

        static HashSet<(TeamId, string)> Spent(OpenedRally of, int round) =>
            [.. of.Result(round).Teams.Select(t => (t.Team.Id, BudgetWords.SaySpent(t)))];
    }
}

/// <summary>A round before and after something is changed.</summary>
/// <param name="Round">The round.</param>
/// <param name="Rows">The teams whose place or total would change, in the order in which they would stand.</param>
public sealed record RoundChange(int Round, IReadOnlyList<TeamChange> Rows)
{
    internal static RoundChange Of(RoundResult before, RoundResult after)
    {
        var (had, now) = (Says(before), Says(after));
        return new(
            after.Run.Number,
            [
                .. after
                    .Standings.Rows.Where(r => had[r.Team] != now[r.Team])
                    .Select(r => new TeamChange(r.Team, r.Name, had[r.Team], now[r.Team])),
            ]
        );
    }

    /// <summary>Place and total of each team, by its id, with what it spent where things are sold.</summary>
    private static Dictionary<TeamId, string> Says(RoundResult came)
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
            StandingStatus.Unfinished => $"not finished: {SentenceCase.Sentence(row.Reason)}",
            StandingStatus.DidNotPlace => $"not placed: {SentenceCase.Sentence(row.Reason)}",
            StandingStatus.Away => $"takes no place: {row.Reason}",
        };
        return row.TotalText.Length > 0 ? $"{place}, {row.TotalText}" : place;
    }
}

/// <summary>A team before and after something is changed.</summary>
/// <param name="Team">The team's id.</param>
/// <param name="Name">The team's name.</param>
/// <param name="Before">Its place and total as they are.</param>
/// <param name="After">The same with what would be changed.</param>
public sealed record TeamChange(TeamId Team, string Name, string Before, string After);
