using PluckyRally.Core.Briefs;
using PluckyRally.Core.Expressions;
using PluckyRally.Core.Figures;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Run;
using PluckyRally.Core.Score;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Results;

/// <summary>The standing over the rounds of a rally.</summary>
/// <param name="Over">How the rounds become one; absent where nobody has chosen.</param>
/// <param name="WayText">The same in words, for the class.</param>
/// <param name="Rounds">The rounds that it is made of.</param>
/// <param name="Unrevealed">Rounds that the wall has not shown whole yet: before them it shows no standing over
/// rounds.</param>
/// <param name="Rows">The teams, the best first; those without a place last.</param>
public sealed partial record RoundsStanding(
    OverRounds? Over,
    string WayText,
    IReadOnlyList<int> Rounds,
    IReadOnlyList<int> Unrevealed,
    IReadOnlyList<RoundsRow> Rows
)
{
    /// <summary>The standing over all rounds of a rally; null where there is one round, or nobody has places.</summary>
    /// <param name="opened">The rally.</param>
    /// <param name="way">Another way than the one that was chosen; that one where absent.</param>
    public static RoundsStanding? Of(OpenedRally opened, OverRounds? way = null)
    {
        var rounds = Enumerable.Range(1, opened.Rounds).ToList();
        var last = opened.In(opened.Rounds).Compiled;
        if (rounds.Count < 2 || !last.Brief.Method.Ranking)
            return null;
        var over = way ?? Chosen(opened.Stands, last.Brief.Method);
        var came = rounds.Select(opened.Result).ToList();
        return new(
            over,
            SayWay(over),
            rounds,
            StillHidden(over, rounds, opened.Stands, r => opened.In(r).Present.Count),
            [
                .. over is null
                    ? Totals(came).Select(r => RoundsRow.Of(r.Team, r.Rounds, last.Brief.Method))
                    : Order(over, last.Brief.Method, came),
            ]
        );
    }

    /// <summary>Whether somebody has said how several rounds become one; nothing is scored for it.</summary>
    public static bool IsChosen(OpenedRally opened) =>
        opened.Rounds > 1
        && opened.In(opened.Rounds).Compiled.Brief.Method is { Ranking: true } method
        && Chosen(opened.Stands, method) is not null;

    /// <summary>What was chosen last in the rally, else what the brief says.</summary>
    internal static OverRounds? Chosen(StandingLog stands, Method method) =>
        stands.OfType<Entry.OverRoundsSet>().LastOrDefault() is { } set ? set.Over : method.OverRounds;

    /// <summary>
    /// The rounds that count and whose totals the wall has not shown from the last team to the first.
    /// </summary>
    /// <param name="over">How the rounds become one.</param>
    /// <param name="rounds">The rounds.</param>
    /// <param name="stands">What stands.</param>
    /// <param name="teams">How many teams take part in a round.</param>
    internal static IReadOnlyList<int> StillHidden(
        OverRounds? over,
        IEnumerable<int> rounds,
        StandingLog stands,
        Func<int, int> teams
    )
    {
        var shown = stands.OfType<Entry.WallSet>().Where(w => w is { Shows: WallShows.Board, Of.Length: 0 }).ToList();
        return [.. rounds.Where(r => over?.Weight(r) != 0 && !shown.Any(w => w.Round == r && w.Revealed >= teams(r)))];
    }

    private static IEnumerable<RoundsRow> Order(OverRounds over, Method method, IReadOnlyList<RoundResult> came)
    {
        var values = Totals(came)
            .Select(r => (r, Value: Combined(over, method.Better, r.Rounds).At(Decimals(over, method))))
            .ToList();
        var placed = ValuePlaces.Order(method.Better, values, r => r.Team.Name);
        return placed.Select(p =>
            RoundsRow.Of(p.Of.Team, p.Of.Rounds, method) with
            {
                Place = p.Place,
                PlaceText = p.Place is { } place ? English.Place(place, placed.Count(o => o.Place == place) > 1) : "",
                Total = p.Value.HasValue ? p.Value.Number : null,
                TotalText = p.Value.HasValue ? Show(p.Value, Decimals(over, method)) : "",
                Why = Why(over, method, p.Of.Rounds, p.Value),
            }
        );
    }

    private static IEnumerable<(Team Team, IReadOnlyList<RoundTotal> Rounds)> Totals(IReadOnlyList<RoundResult> came) =>
        came.SelectMany(c => c.Run.Teams)
            .GroupBy(t => t.Id)
            .Select(same => same.Last())
            .Select(team => (team, (IReadOnlyList<RoundTotal>)[.. came.Select(c => RoundTotal.Of(team, c))]));

    /// <summary>A mean has a digit more than what it is the mean of, a product those of the weight.</summary>
    private static int Decimals(OverRounds over, Method method) =>
        Rounding.Decimals(method.Precision)
        + over.Way switch
        {
            RoundsWay.Mean => 1,
            RoundsWay.Weights => over.Weights.Select(Rounding.Decimals).DefaultIfEmpty(0).Max(),
            RoundsWay.Last or RoundsWay.Best or RoundsWay.Sum => 0,
        };

    private static BoundedValue Combined(OverRounds over, Better better, IReadOnlyList<RoundTotal> rounds)
    {
        var counting = rounds.Where(r => over.Weight(r.Round) != 0).ToList();
        if (over.Way == RoundsWay.Last)
            return counting[^1].Value;
        if (counting.Find(r => r.Value.Absent is { NotYet: true }) is { } open)
            return open.Value;
        if (over.Way is RoundsWay.Sum or RoundsWay.Weights)
            return counting.Find(r => !r.Value.HasValue && !over.MissedIsZero) is { } missed
                ? missed.Value
                : counting
                    .Select(r =>
                        Arithmetic.Times(
                            r.Value.HasValue ? r.Value : new BoundedValue(0),
                            new BoundedValue(over.Weight(r.Round))
                        )
                    )
                    .Aggregate(Arithmetic.Plus);
        var played = counting.Where(r => r.Value.HasValue).Select(r => r.Value).ToList();
        return played.Count == 0
            ? counting[^1].Value
            : new Way(over.Way == RoundsWay.Best ? Combine.Best : Combine.Mean, better).Combined(played);
    }
}

/// <summary>A team in the standing over rounds.</summary>
/// <param name="Team">The team's id.</param>
/// <param name="Name">The team's name.</param>
/// <param name="Place">The place, from 1; absent where it has none.</param>
/// <param name="PlaceText">The place as it is read out.</param>
/// <param name="Total">What its rounds come to together; absent where that is not known.</param>
/// <param name="TotalText">The same as it is shown.</param>
/// <param name="Rounds">Its total in each round as shown, or a dash.</param>
/// <param name="Why">How its rounds come to that, or why it has no place.</param>
public sealed record RoundsRow(
    TeamId Team,
    string Name,
    int? Place,
    string PlaceText,
    decimal? Total,
    string TotalText,
    IReadOnlyList<string> Rounds,
    string Why
)
{
    /// <summary>Its totals in numbers, round by round; absent where it had none.</summary>
    public IReadOnlyList<decimal?> Totals { get; init; } = [];

    /// <summary>The rounds beside each other, as long as nobody has said how they become one.</summary>
    internal static RoundsRow Of(Team team, IReadOnlyList<RoundTotal> rounds, Method method) =>
        new(team.Id, team.Name, null, "", null, "", [.. rounds.Select(r => r.Say(method))], "")
        {
            Totals = [.. rounds.Select(r => r.Number)],
        };
}

/// <summary>A team's total in a round, as it was shown.</summary>
/// <param name="Round">The round.</param>
/// <param name="Value">The total; none where the team was not placed in it.</param>
internal sealed partial record RoundTotal(int Round, BoundedValue Value)
{
    /// <summary>The total in numbers; null where there is none.</summary>
    public decimal? Number => Value.HasValue ? Value.Number : null;

    public static RoundTotal Of(Team team, RoundResult came)
    {
        var round = came.Run.Number;
        if (came.Teams.FirstOrDefault(t => t.Team.Id == team.Id) is not { } result)
            return new(round, BoundedValue.None(new Absence.NotInRound(round, null)));
        return new(
            round,
            result.Status switch
            {
                StandingStatus.Placed => result.Design.Total ?? BoundedValue.None(new Absence.NoPointsYet()),
                StandingStatus.Unfinished when !Score.Rounds.IsClosed(came.Log, round) => BoundedValue.None(
                    new Absence.RoundOpen(round)
                ),
                StandingStatus.Unfinished or StandingStatus.Away => BoundedValue.None(
                    new Absence.NotInRound(round, result.Reason)
                ),
                StandingStatus.DidNotPlace => BoundedValue.None(
                    new Absence.NotInRound(round, SayMissed(result.Reason))
                ),
            }
        );
    }
}
