using Microsoft.AspNetCore.Http.HttpResults;
using PluckyRally.Core;
using PluckyRally.Data.Schools;

namespace PluckyRally.Web;

/// <summary>What is the school's own: its year, its paper, its units.</summary>
internal static class SchoolEndpoints
{
    public static void MapSchool(this IEndpointRouteBuilder api)
    {
        var school = api.MapGroup("/school").WithTags("School");
        school
            .MapGet("", async (SchoolBook book, CancellationToken stop) => TypedResults.Ok(await book.Read(stop)))
            .WithName("readSchool");
        school.MapPut("", Put).WithName("setSchool").Accepts<Core.School>("application/json");
    }

    private static async Task<Results<NoContent, Refused>> Put(SentJson sent, SchoolBook book, CancellationToken stop)
    {
        var request = DocumentReader.Request<Core.School>(sent.Text);
        if (!request.IsOk)
            return new Refused(request.Problems);
        if (request.Value.Value.Problems() is { Count: > 0 } wrong)
            return new Refused(wrong);
        await book.Put(request.Value.Value, stop);
        return TypedResults.NoContent();
    }
}
