using Microsoft.AspNetCore.Hosting.Server;
using Microsoft.AspNetCore.Hosting.Server.Features;
using Microsoft.AspNetCore.Http.Features;
using Microsoft.AspNetCore.Http.HttpResults;
using PluckyRally.Core.Documents;
using PluckyRally.Core.Ids;
using PluckyRally.Data.Passes;
using PluckyRally.Data.Rallies;
using PluckyRally.Data.Sessions;
using PluckyRally.Web.Live;
using PluckyRally.Web.Problems;
using QRCoder;

namespace PluckyRally.Web.Access;

/// <summary>The codes and links of a rally: made, shown and ended by the teacher.</summary>
internal static class PassEndpoints
{
    public static void MapPasses(this IEndpointRouteBuilder api)
    {
        var rally = api.MapGroup("/rallies/{id:guid}").WithTags("Access");
        rally.MapGet("/passes", All).WithName("listPasses");
        rally.MapPost("/passes", Make).WithName("makePass").Accepts<NewPass>("application/json");
        rally.MapDelete("/passes/{pass:guid}", End).WithName("endPass");
        rally.MapDelete("/team-devices/{device}", SayAnew).WithName("letTeamSayAnew");
        rally.MapPut("/judges", Let).WithName("letJudges").Accepts<WhatJudgesMay>("application/json");
    }

    private static async Task<Results<Ok<RallyPasses>, Missing>> All(
        RallyId id,
        HttpContext context,
        PassBook book,
        SessionBook sessions,
        RallyLog log,
        CancellationToken stop
    )
    {
        if (await log.Open(id, stop) is not { } found)
            return new Missing("rally");
        var addresses = await Addresses(context, stop);
        return TypedResults.Ok(
            new RallyPasses(
                addresses,
                found.Stored.JudgesStrikeOthers,
                [.. await Shown(await book.Of(id, stop), book, addresses[0], stop)],
                [
                    .. (await sessions.TeamDevices(id, stop)).Select(v => new TeamDevice(
                        v.Session,
                        found.Rally.Teams.FirstOrDefault(t => t.Id == v.Team)?.Name ?? v.Team.Value
                    )),
                ]
            )
        );
    }

    private static async Task<Results<NoContent, Missing>> SayAnew(
        RallyId id,
        string device,
        SessionBook sessions,
        CancellationToken stop
    ) => await sessions.SayAnew(id, device, stop) ? TypedResults.NoContent() : new Missing("device");

    private static async Task<Results<Created<Pass>, Missing, Refused>> Make(
        RallyId id,
        SentJson sent,
        HttpContext context,
        PassBook book,
        RallyLog log,
        CancellationToken stop
    )
    {
        var request = DocumentReader.Request<NewPass>(sent.Text);
        if (!request.IsOk)
            return new Refused(request.Problems);
        // Judges and walls go with the lesson; a team's device is its own tier's.
        var lesson = request.Value.Value.Kind == PassKind.Team ? [] : await log.Together(id, stop);
        IReadOnlyList<RallyId> rallies =
        [
            .. lesson.Select(r => r.Stored.Id).Prepend(id).Concat(request.Value.Value.Also).Distinct(),
        ];
        if (rallies.Count > NewPass.Most)
            return new Refused([
                new("/also", "That is too many rallies for one code.", $"Choose at most {NewPass.Most}."),
            ]);
        foreach (var rally in rallies)
            if (await log.Open(rally, stop) is null)
                return new Missing("rally");
        var pass = (await book.Make(rallies, request.Value.Value.Kind, stop))[0];
        return TypedResults.Created(
            $"/api/rallies/{id}/passes/{pass.Id}",
            (await Shown([pass], book, (await Addresses(context, stop))[0], stop))[0]
        );
    }

    private static async Task<Results<NoContent, Missing>> End(
        RallyId id,
        Guid pass,
        PassBook book,
        LiveLines lines,
        CancellationToken stop
    )
    {
        if (await book.End(id, pass, stop) is not { Count: > 0 } ended)
            return new Missing("pass");
        foreach (var one in ended)
            lines.EndPass(one);
        return TypedResults.NoContent();
    }

    private static async Task<Results<NoContent, Missing, Refused>> Let(
        RallyId id,
        SentJson sent,
        RallyLog log,
        LiveTeller live,
        CancellationToken stop
    )
    {
        var request = DocumentReader.Request<WhatJudgesMay>(sent.Text);
        if (!request.IsOk)
            return new Refused(request.Problems);
        if (!await log.LetJudgesStrikeOthers(id, request.Value.Value.StrikeOthers, stop))
            return new Missing("rally");
        await live.TellAll();
        return TypedResults.NoContent();
    }

    private static async Task<IReadOnlyList<Pass>> Shown(
        IReadOnlyList<StoredPass> passes,
        PassBook book,
        string address,
        CancellationToken stop
    )
    {
        var shown = new List<Pass>();
        foreach (var pass in passes)
            shown.Add(
                Shown(pass, address) with
                {
                    Also =
                    [
                        .. (await book.Opens(pass.Code, stop)).Where(r => r.Rally != pass.RallyId).Select(r => r.Name),
                    ],
                }
            );
        return shown;
    }

    /// <summary>
    /// The code stands behind a #: browsers send that to nobody, and the page takes it out of the address at once.
    /// </summary>
    private static Pass Shown(StoredPass pass, string address)
    {
        var link =
            $"{address}/"
            + (
                pass.Kind switch
                {
                    PassKind.Judge or PassKind.Helper => "join",
                    PassKind.Team => "team",
                    PassKind.Wall => "show",
                }
            )
            + $"#{pass.Code}";
        using var picture = QRCodeGenerator.GenerateQrCode(link, QRCodeGenerator.ECCLevel.M);
        return new(
            pass.Id,
            pass.Kind,
            string.Join(' ', pass.Code.Chunk(3).Select(c => new string(c))),
            link,
            new SvgQRCode(picture).GetGraphic(4, "#1d2b33", "#ffffff", true, SvgQRCode.SizingMode.ViewBoxAttribute)
        );
    }

    /// <summary>
    /// Where the classroom's devices find this server now: by its number in their network, whatever this window calls
    /// it, and by its name where the network knows it. At least one.
    /// </summary>
    private static async Task<IReadOnlyList<string>> Addresses(HttpContext context, CancellationToken stop)
    {
        var urls = context
            .RequestServices.GetRequiredService<IServer>()
            .Features.GetRequiredFeature<IServerAddressesFeature>()
            .Addresses;
        var hosts =
            AccessSetup.IsHere(context) && LanAddresses.All() is { Count: > 0 } numbers
                ? numbers
                : [context.Request.Host.Host];
        return
        [
            .. hosts
                .Concat(await LanAddresses.KnowsName(stop) ? [LanAddresses.LocalName] : [])
                .Distinct()
                .Select(host => ServedAt.Of(urls, host)),
        ];
    }
}

/// <summary>A pass to be made.</summary>
/// <param name="Kind">What it lets its holder do.</param>
public sealed record NewPass(PassKind Kind)
{
    /// <summary>A device holds no more passes.</summary>
    internal const int Most = 10;

    /// <summary>
    /// Other rallies that the same code opens, by their ids: the tables of a fair, the classes of a day.
    /// </summary>
    public IReadOnlyList<RallyId> Also { get; init; } = [];
}

/// <summary>What judges may do beside recording.</summary>
/// <param name="StrikeOthers">Whether they may cross out what others recorded.</param>
public sealed record WhatJudgesMay(bool StrikeOthers);

/// <summary>How devices come into a rally.</summary>
/// <param name="Addresses">Where they find this computer now, the best one first.</param>
/// <param name="StrikeOthers">Whether judges may cross out what others recorded.</param>
/// <param name="Passes">The passes that are good.</param>
/// <param name="TeamDevices">The devices that speak for teams.</param>
public sealed record RallyPasses(
    IReadOnlyList<string> Addresses,
    bool StrikeOthers,
    IReadOnlyList<Pass> Passes,
    IReadOnlyList<TeamDevice> TeamDevices
);

/// <summary>A device that speaks for a team.</summary>
/// <param name="Device">Its id.</param>
/// <param name="Team">What the team is called.</param>
public sealed record TeamDevice(string Device, string Team);

/// <summary>A pass as the teacher sees it.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Kind">What it lets its holder do.</param>
/// <param name="Code">What a judge types.</param>
/// <param name="Link">What the picture holds.</param>
/// <param name="Picture">The link as a QR picture (SVG).</param>
public sealed record Pass(Guid Id, PassKind Kind, string Code, string Link, string Picture)
{
    /// <summary>What the other rallies are called that it opens.</summary>
    public IReadOnlyList<string> Also { get; init; } = [];
}
