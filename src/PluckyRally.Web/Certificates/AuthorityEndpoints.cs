using Microsoft.AspNetCore.Http.HttpResults;
using PluckyRally.Web.Access;
using PluckyRally.Web.Problems;
using PluckyRally.Web.Start;

namespace PluckyRally.Web.Certificates;

/// <summary>
/// The authority's certificate, for whoever looks after the school's devices. There is nothing secret in it.
/// </summary>
internal static class AuthorityEndpoints
{
    public static void MapAuthority(this IEndpointRouteBuilder api)
    {
        var authority = api.MapGroup("").WithTags("Access").For(Operation.ComeIn);
        authority.MapGet("/authority", Open).WithName("openAuthority");
        authority.MapGet("/authority/file", File).WithName("authorityFile");
    }

    private static Results<Ok<Authority>, Missing> Open(
        ServerSettings settings,
        HttpContext context,
        IServiceProvider services
    ) =>
        services.GetService<OwnCertificates>() is { } own
            ? TypedResults.Ok(
                new Authority(
                    own.Fingerprint,
                    own.Until,
                    Caller.Of(context.User).IsTeacher ? Path.Combine(settings.DataFolder, "authority.crt") : ""
                )
            )
            : new Missing("authority");

    private static Results<FileContentHttpResult, Missing> File(IServiceProvider services) =>
        services.GetService<OwnCertificates>() is { } own
            ? TypedResults.File(own.Authority, "application/x-x509-ca-cert", "plucky-rally.crt")
            : new Missing("authority");
}

/// <summary>This computer's own certificate authority.</summary>
/// <param name="Fingerprint">What is compared before it is installed: SHA-256, in pairs.</param>
/// <param name="Until">When it ends.</param>
/// <param name="File">Where its certificate is on this computer; empty for whoever is not the teacher.</param>
public sealed record Authority(string Fingerprint, DateTimeOffset Until, string File);
