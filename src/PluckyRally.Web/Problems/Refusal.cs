using System.Reflection;
using Microsoft.AspNetCore.Http.Metadata;
using Microsoft.AspNetCore.Mvc;
using PluckyRally.Core.Files;
using PluckyRally.Core.Problems;

namespace PluckyRally.Web.Problems;

/// <summary>
/// A problem document (RFC 9457) that lists everything that is wrong, each with its place and what would do.
/// </summary>
public sealed class Refusal : ProblemDetails
{
    /// <summary>What is wrong; empty where the title says all.</summary>
    public IReadOnlyList<Problem> Problems { get; init; } = [];

    /// <summary>
    /// Where what another window saved (before) differs from what was to be saved (after); absent where no other window
    /// was in the way.
    /// </summary>
    public IReadOnlyList<Difference>? Differences { get; init; }
}

/// <summary>What was sent cannot be taken: 422 with all problems.</summary>
public sealed class Refused(IReadOnlyList<Problem> problems) : IResult, IEndpointMetadataProvider
{
    /// <summary>What is wrong.</summary>
    public IReadOnlyList<Problem> Problems { get; } = problems;

    /// <inheritdoc/>
    public Task ExecuteAsync(HttpContext httpContext) =>
        RefusalWriter.Write(
            httpContext,
            new Refusal
            {
                Status = StatusCodes.Status422UnprocessableEntity,
                Title = Problems.Count == 1 ? Problems[0].What : $"{Problems.Count} things need to be fixed.",
                Detail = Problems.Count == 1 ? Problems[0].Remedy : "Each is listed with what would do.",
                Problems = Problems,
            }
        );

    static void IEndpointMetadataProvider.PopulateMetadata(MethodInfo method, EndpointBuilder builder) =>
        builder.Metadata.Add(
            new ProducesResponseTypeMetadata(
                StatusCodes.Status422UnprocessableEntity,
                typeof(Refusal),
                [RefusalWriter.MediaType]
            )
        );
}

/// <summary>There is no such thing: 404.</summary>
public sealed class Missing(string thing) : IResult, IEndpointMetadataProvider
{
    /// <inheritdoc/>
    public Task ExecuteAsync(HttpContext httpContext) =>
        RefusalWriter.Write(
            httpContext,
            new Refusal
            {
                Status = StatusCodes.Status404NotFound,
                Title = $"There is no such {thing}.",
                Detail =
                    "It may have been removed, or the address is not complete. Go back to Home "
                    + "and choose it there.",
            }
        );

    static void IEndpointMetadataProvider.PopulateMetadata(MethodInfo method, EndpointBuilder builder) =>
        builder.Metadata.Add(
            new ProducesResponseTypeMetadata(StatusCodes.Status404NotFound, typeof(Refusal), [RefusalWriter.MediaType])
        );
}

/// <summary>Somebody saved it in the meantime: 412, and nothing was overwritten.</summary>
/// <param name="thing">What it is, as it is said after "this".</param>
/// <param name="differences">Where what stands (before) differs from what was to be saved (after).</param>
public sealed class ChangedMeanwhile(string thing, IReadOnlyList<Difference> differences)
    : IResult,
        IEndpointMetadataProvider
{
    /// <inheritdoc/>
    public Task ExecuteAsync(HttpContext httpContext) =>
        RefusalWriter.Write(
            httpContext,
            new Refusal
            {
                Status = StatusCodes.Status412PreconditionFailed,
                Title = $"This {thing} was changed in another window.",
                Detail = "Nothing was overwritten. Keep what is here, or take what the other window saved.",
                Differences = differences,
            }
        );

    static void IEndpointMetadataProvider.PopulateMetadata(MethodInfo method, EndpointBuilder builder) =>
        builder.Metadata.Add(
            new ProducesResponseTypeMetadata(
                StatusCodes.Status412PreconditionFailed,
                typeof(Refusal),
                [RefusalWriter.MediaType]
            )
        );
}

/// <summary>Writes problem documents.</summary>
internal static class RefusalWriter
{
    public const string MediaType = "application/problem+json";

    public static Task Write(HttpContext context, Refusal refusal)
    {
        context.Response.StatusCode = refusal.Status ?? StatusCodes.Status500InternalServerError;
        return context.Response.WriteAsJsonAsync(refusal, Json.Options, MediaType, context.RequestAborted);
    }
}
