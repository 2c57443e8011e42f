using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Mvc;
using PluckyRally.Core;
using PluckyRally.Data.Rallies;

namespace PluckyRally.Web;

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

    /// <summary>The list over rallies; each with its round that runs, where none is named.</summary>
    private static async Task<Results<Ok<OverAll>, Missing, Refused>> Open(
        [FromQuery] Guid[] rally,
        RallyLog log,
        CancellationToken stop,
        string figure = "",
        int? round = null
    )
    {
        if (round is < 1 or > Limits.Rounds)
            return new Missing("round");
        if (rally.Length is 0 or > OverAllShown.Most)
            return new Refused([
                new(
                    "/rally",
                    "No rallies are named, or too many are.",
                    $"Name at least one and at most {OverAllShown.Most}."
                ),
            ]);
        var (joining, refused) = await Join(rally, log, round, stop);
        if (refused is not null)
            return refused;
        return joining is null ? new Missing("rally") : TypedResults.Ok(OverAll.Of(joining, figure));
    }

    /// <summary>The list as far as the teacher has revealed it.</summary>
    private static async Task<Results<Ok<OverAllOnWall>, Missing, Refused>> OnWall(
        Guid id,
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

        // A rally that was taken away meanwhile leaves the list.
        var (joining, refused) = await Join(
            [id, .. chosen.Rallies.Where(r => r != id)],
            log,
            null,
            stop,
            leaveOut: true
        );
        return refused is not null ? refused
            : joining is null ? new Missing("rally")
            : TypedResults.Ok(OverAllOnWall.Of(OverAll.Of(joining, chosen.Figure), revealed));
    }

    private static async Task<(IReadOnlyList<RallyJoining>? Rallies, Refused? Refused)> Join(
        IEnumerable<Guid> ids,
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
        new(
            all.Figures.FirstOrDefault(f => f.Id == all.Figure)?.Name ?? "",
            all.WinsText,
            all.Places,
            [.. all.Revealed(revealed).Rows.Select(r => new RowOverAllOnWall(r.Class, r.Name, r.Place, r.Text))]
        );
}

/// <summary>A team in such a list.</summary>
/// <param name="Class">What its rally is called.</param>
/// <param name="Name">The team's name.</param>
/// <param name="Place">The place over all; absent where there is none.</param>
/// <param name="Text">Its number; empty where there is none.</param>
public sealed record RowOverAllOnWall(string Class, string Name, int? Place, string Text);
