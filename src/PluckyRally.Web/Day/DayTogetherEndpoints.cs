using Microsoft.AspNetCore.Http.HttpResults;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Run;
using PluckyRally.Core.Score;
using PluckyRally.Core.Teams;
using PluckyRally.Data.Days;
using PluckyRally.Data.Rallies;
using PluckyRally.Web.Live;
using PluckyRally.Web.Problems;
using PluckyRally.Web.Score;

namespace PluckyRally.Web.Day;

/// <summary>What is done to all rallies of a fair day at once.</summary>
internal static class DayTogetherEndpoints
{
    public static void MapDaysTogether(this IEndpointRouteBuilder api)
    {
        var day = api.MapGroup("/days/{id:guid}").WithTags("Day");
        day.MapPost("/apart", TellApart).WithName("tellTeamsApart");
        day.MapPost("/close", Close).WithName("closeDay");
    }

    /// <summary>Gives every team a short code and a pennant that no other team of the day has.</summary>
    private static async Task<Results<Ok<DoneTogether>, Missing>> TellApart(
        Guid id,
        DayBook book,
        RallyLog log,
        RoundCache rounds,
        EntryIntake intake,
        CancellationToken stop
    )
    {
        if (await book.Find(id, stop) is not { Day: var day })
            return new Missing("day");
        var found = await DayNow.Find(day, log, rounds, stop);
        var apart = TeamsApart
            .Of([.. found.Select(r => (r.Slot.Rally, r.Opened.In(r.Round).Teams))])
            .ToLookup(t => t.Rally);
        return await ToEach(
            found,
            (rally, now) =>
                from mark in apart[rally.Slot.Rally]
                join team in now.In(rally.Round).Teams on mark.Team equals team.Id
                where team.ShortCode != mark.ShortCode || team.Pennant != mark.Pennant
                select new Entry.TeamChanged
                {
                    Id = default,
                    Team = team.Id,
                    // What holds in the first round holds in all that come.
                    Round = 1,
                    ShortCode = team.ShortCode == mark.ShortCode ? null : mark.ShortCode,
                    Pennant = mark.Pennant,
                },
            intake,
            stop
        );
    }

    /// <summary>Closes the round that runs in each rally.</summary>
    private static async Task<Results<Ok<DoneTogether>, Missing>> Close(
        Guid id,
        DayBook book,
        RallyLog log,
        RoundCache rounds,
        EntryIntake intake,
        CancellationToken stop
    )
    {
        if (await book.Find(id, stop) is not { Day: var day })
            return new Missing("day");
        return await ToEach(
            await DayNow.Find(day, log, rounds, stop),
            // The tiers of a lesson close together: the second of them is closed already.
            (rally, now) =>
                Rounds.IsClosed(now.Stands, rally.Round)
                    ? []
                    : [new Entry.RoundClosed { Id = default, Round = rally.Round }],
            intake,
            stop
        );
    }

    /// <summary>Records in each rally what is to be recorded there: all of it, or none.</summary>
    private static async Task<Ok<DoneTogether>> ToEach(
        IReadOnlyList<DayNow.Found> found,
        Func<DayNow.Found, OpenedRally, IEnumerable<Entry>> entries,
        EntryIntake intake,
        CancellationToken stop
    )
    {
        var (changed, wrong) = (0, new List<Problem>());
        foreach (var rally in found)
        {
            var recorded = await intake.Take(
                rally.Slot.Rally,
                now => Result<IReadOnlyList<Entry>>.Ok([.. entries(rally, now)]),
                stop
            );
            if (recorded is { IsOk: true, Value: var taken })
                changed += taken.New.Any() ? 1 + taken.Beside.Count : 0;
            else
                wrong.AddRange(
                    recorded?.Problems.Select(p => p with { What = $"{rally.Opened.Rally.Name}: {p.What}" }) ?? []
                );
        }

        return TypedResults.Ok(new DoneTogether(changed, wrong));
    }
}

/// <summary>What came of something that was done to all rallies of a day.</summary>
/// <param name="Rallies">In how many rallies something was recorded.</param>
/// <param name="Problems">Why nothing was in the others.</param>
public sealed record DoneTogether(int Rallies, IReadOnlyList<Problem> Problems);
