using Microsoft.AspNetCore.Http.HttpResults;
using PluckyRally.Core.Time;
using PluckyRally.Data;
using PluckyRally.Data.Schools;
using PluckyRally.Web.Problems;

namespace PluckyRally.Web.Schools;

/// <summary>What is the school's own: its year, its paper, its units.</summary>
internal static class SchoolEndpoints
{
    public static void MapSchool(this IEndpointRouteBuilder api)
    {
        var school = api.MapGroup("/school").WithTags("School");
        school
            .MapGet("", async (SchoolBook book, CancellationToken stop) => TypedResults.Ok(await book.Read(stop)))
            .WithName("readSchool");
        school.MapPut("", Put).WithName("setSchool").Accepts<Edited<School>>("application/json");
    }

    private static async Task<Results<NoContent, Refused, ChangedMeanwhile>> Put(
        SentJson sent,
        SchoolBook book,
        CancellationToken stop
    )
    {
        var request = Edited<School>.Read(sent);
        if (!request.IsOk)
            return new Refused(request.Problems);
        var (was, now) = request.Value;
        if (now.Problems() is { Count: > 0 } wrong)
            return new Refused(wrong);
        var (outcome, stands) = await book.Put(was, now, stop);
        return outcome == SaveOutcome.Conflict
            ? new ChangedMeanwhile("page", stands.DifferencesTo(now))
            : TypedResults.NoContent();
    }
}
