using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Mvc;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Results;
using PluckyRally.Core.Run;
using PluckyRally.Data.Rallies;
using PluckyRally.Web.Access;
using PluckyRally.Web.Problems;

namespace PluckyRally.Web.Results;

/// <summary>Station Results over several rallies: classes, days, years, the tables of a fair.</summary>
internal static class OverAllEndpoints
{
    public static void MapOverAll(this IEndpointRouteBuilder api)
    {
        api.MapGet("/over-all", Open).WithTags("Results").WithName("openOverAll");
        api.MapGet("/rallies/{id:guid}/wall/over-all", OnWall)
            .WithTags("Wall")
            .WithName("openOverAllOnWall")
            .For(Operation.SeeWall);
    }

    /// <summary>The lists over rallies; each with its round that runs, where none is named.</summary>
    /// <param name="rally">The rallies, by their ids.</param>
    /// <param name="log">The rallies' logs.</param>
    /// <param name="stop">Stops it.</param>
    /// <param name="figure">What it is in order of; empty for the total.</param>
    /// <param name="by">What decides the order: value or placePoints.</param>
    /// <param name="lists">Which teams stand in one list: one, tier or class.</param>
    /// <param name="anyway">Whether there are places although rallies do not compare.</param>
    /// <param name="placePoints">What each place gives, with commas between; the usual ones where empty.</param>
    /// <param name="round">The round of all; each one's own where it is not said.</param>
    private static async Task<Results<Ok<OverAll>, Missing, Refused>> Open(
        [FromQuery] RallyId[] rally,
        RallyLog log,
        CancellationToken stop,
        string figure = "",
        string by = nameof(CombinedBy.Value),
        string lists = nameof(CombinedLists.One),
        bool anyway = false,
        string placePoints = "",
        int? round = null
    )
    {
        if (round is < 1 or > Limits.Rounds)
            return new Missing("round");
        if (rally.Length is 0 or > Combined.Most)
            return new Refused([
                new(
                    "/rally",
                    "No rallies are named, or too many are.",
                    $"Name at least one and at most {Combined.Most}."
                ),
            ]);
        var chosen = Combined.Read(figure, by, lists, anyway, placePoints);
        if (!chosen.IsOk)
            return new Refused(chosen.Problems);
        var (joining, refused) = await Join(rally, log, round, stop);
        if (refused is not null)
            return refused;
        return joining is null ? new Missing("rally") : TypedResults.Ok(OverAll.Of(joining, chosen.Value));
    }

    /// <summary>The list as far as the teacher has revealed it.</summary>
    private static async Task<Results<Ok<OverAllOnWall>, Missing, Refused>> OnWall(
        RallyId id,
        RallyLog log,
        CancellationToken stop,
        int round = 1
    )
    {
        if (await log.Open(id, stop) is not { } found)
            return new Missing("rally");
        if (!found.Opened.IsOk)
            return new Refused(found.Opened.Problems);
        if (
            LessonClock.Of(found.Opened.Value, round).Wall
            is not { Shows: WallShows.OverAll, OverAll: { } chosen, Revealed: var revealed }
        )
            return TypedResults.Ok(new OverAllOnWall("", "", 0, []));

        // A rally that was deleted meanwhile leaves the list.
        var (joining, refused) = await Join(
            [id, .. chosen.Rallies.Where(r => r != id)],
            log,
            null,
            stop,
            leaveOut: true
        );
        return refused is not null ? refused
            : joining is null ? new Missing("rally")
            : TypedResults.Ok(OverAllOnWall.Of(OverAll.Of(joining, chosen), revealed));
    }

    private static async Task<(IReadOnlyList<RallyJoining>? Rallies, Refused? Refused)> Join(
        IEnumerable<RallyId> ids,
        RallyLog log,
        int? round,
        CancellationToken stop,
        bool leaveOut = false
    )
    {
        var joining = new List<RallyJoining>();
        foreach (var id in ids.Distinct())
        {
            if (await log.Open(id, stop) is not { } found)
            {
                if (leaveOut)
                    continue;
                return (null, null);
            }

            if (!found.Opened.IsOk)
                return (null, new Refused(found.Opened.Problems));
            joining.Add(new(id, found.Opened.Value, round ?? found.Opened.Value.Running));
        }

        return (joining.Count > 0 ? joining : null, null);
    }
}

/// <summary>A list over several rallies on a wall.</summary>
/// <param name="Title">What it is in order of.</param>
/// <param name="WinsText">Which way is better, for the class.</param>
/// <param name="Places">How many places there are, revealed and not.</param>
/// <param name="Rows">The revealed rows, the first place first.</param>
public sealed record OverAllOnWall(string Title, string WinsText, int Places, IReadOnlyList<RowOverAllOnWall> Rows)
{
    internal static OverAllOnWall Of(OverAll all, int revealed) =>
        new(all.Shown, all.WinsText, all.Places, RowOverAllOnWall.Of(all.Revealed(revealed)));
}

/// <summary>A team in such a list.</summary>
/// <param name="Class">What its rally is called.</param>
/// <param name="Name">The team's name.</param>
/// <param name="Place">The place over all; absent where there is none.</param>
/// <param name="Text">Its number; empty where there is none.</param>
public sealed record RowOverAllOnWall(string Class, string Name, int? Place, string Text)
{
    /// <summary>The teams of all lists; where there are several, each says of which list it is.</summary>
    internal static IReadOnlyList<RowOverAllOnWall> Of(OverAll all) =>
        [
            .. from list in all.Lists
            from row in list.Rows
            select new RowOverAllOnWall(
                list.Name.Length > 0 && list.Name != row.Class ? $"{list.Name} · {row.Class}" : row.Class,
                row.Name,
                row.Place,
                row.Text
            ),
        ];
}
