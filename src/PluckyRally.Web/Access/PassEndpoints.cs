using System.Net.NetworkInformation;
using System.Net.Sockets;
using Microsoft.AspNetCore.Http.HttpResults;
using PluckyRally.Core;
using PluckyRally.Data.Passes;
using PluckyRally.Data.Rallies;
using QRCoder;

namespace PluckyRally.Web;

/// <summary>The codes and links of a rally: made, shown and ended by the teacher.</summary>
internal static class PassEndpoints
{
    public static void MapPasses(this IEndpointRouteBuilder api)
    {
        var passes = api.MapGroup("/rallies/{id:guid}/passes").WithTags("Access");
        passes.MapGet("", All).WithName("listPasses");
        passes.MapPost("", Make).WithName("makePass").Accepts<NewPass>("application/json");
        passes.MapDelete("/{pass:guid}", End).WithName("endPass");
    }

    private static async Task<Ok<IReadOnlyList<Pass>>> All(Guid id, HttpContext context, PassBook book, CancellationToken stop) =>
        TypedResults.Ok<IReadOnlyList<Pass>>([.. (await book.Of(id, stop)).Select(p => Shown(p, context))]);

    private static async Task<Results<Created<Pass>, Missing, Refused>> Make(Guid id, SentJson sent, HttpContext context, PassBook book, RallyLog log, CancellationToken stop)
    {
        var request = DocumentReader.Request<NewPass>(sent.Text);
        if (!request.IsOk) return new Refused(request.Problems);
        if (await log.Open(id, stop) is null) return new Missing("rally");
        var pass = await book.Make(id, request.Value.Value.Kind, stop);
        return TypedResults.Created($"/api/rallies/{id}/passes/{pass.Id}", Shown(pass, context));
    }

    private static async Task<Results<NoContent, Missing>> End(Guid id, Guid pass, PassBook book, CancellationToken stop) =>
        await book.End(id, pass, stop) ? TypedResults.NoContent() : new Missing("pass");

    private static Pass Shown(StoredPass pass, HttpContext context)
    {
        var link = $"{Address(context)}/{(pass.Kind == PassKind.Judge ? "join" : "show")}/{pass.Code}";
        using var picture = QRCodeGenerator.GenerateQrCode(link, QRCodeGenerator.ECCLevel.M);
        return new(pass.Id, pass.Kind, string.Join(' ', pass.Code.Chunk(3).Select(c => new string(c))), link, new SvgQRCode(picture).GetGraphic(4, "#1d2b33", "#ffffff", true, SvgQRCode.SizingMode.ViewBoxAttribute));
    }

    /// <summary>Where the classroom's devices find this server: by its address in their network, whatever this window calls it.</summary>
    private static string Address(HttpContext context)
    {
        var port = context.Request.Host.Port is { } number ? $":{number}" : "";
        return $"{context.Request.Scheme}://{(AccessSetup.IsHere(context) && LanAddresses.All() is [var first, ..] ? first : context.Request.Host.Host)}{port}";
    }
}

/// <summary>This computer's addresses in the networks that it is in.</summary>
internal static class LanAddresses
{
    public static IReadOnlyList<string> All() =>
    [
        .. NetworkInterface.GetAllNetworkInterfaces()
            .Where(n => n.OperationalStatus == OperationalStatus.Up && n.NetworkInterfaceType != NetworkInterfaceType.Loopback)
            .SelectMany(n => n.GetIPProperties().UnicastAddresses)
            .Where(a => a.Address.AddressFamily == AddressFamily.InterNetwork)
            .Select(a => a.Address.ToString()),
    ];
}

/// <summary>A pass to be made.</summary>
public sealed record NewPass(PassKind Kind);

/// <summary>A pass as the teacher sees it.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Kind">What it lets its holder do.</param>
/// <param name="Code">What a judge types.</param>
/// <param name="Link">What the picture holds.</param>
/// <param name="Picture">The link as a QR picture (SVG).</param>
public sealed record Pass(Guid Id, PassKind Kind, string Code, string Link, string Picture);
