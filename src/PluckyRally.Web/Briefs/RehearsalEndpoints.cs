using System.Text.Json;
using System.Threading.Channels;
using Microsoft.AspNetCore.Http.HttpResults;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Documents;
using PluckyRally.Core.Files;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Rehearsals;
using PluckyRally.Data.Rallies;
using PluckyRally.Web.Live;
using PluckyRally.Web.Problems;

namespace PluckyRally.Web.Briefs;

/// <summary>Station Brief: whole classes play a brief as it stands in the window. Nothing is kept.</summary>
internal static class RehearsalEndpoints
{
    /// <summary>How many classes are played between two lines that say so.</summary>
    private const int Between = 50;

    private const string Lines = "application/x-ndjson";

    private static readonly JsonSerializerOptions OnOneLine = new(Json.Options) { WriteIndented = false };

    private static readonly byte[] NewLine = "\n"u8.ToArray();

    public static void MapRehearsals(this IEndpointRouteBuilder api)
    {
        var rehearsal = api.MapGroup("/drafts/rehearsal").WithTags("Brief");
        rehearsal
            .MapPost("/", Rehearse)
            .WithName("rehearseDraft")
            .Accepts<DraftRehearsal>("application/json")
            .Produces<RehearsalStep>(contentType: Lines)
            .TakesAtMost(Limits.BriefBytes);
        rehearsal
            .MapPost("/expected", Expected)
            .WithName("expectedInRehearsal")
            .Accepts<DraftRehearsal>("application/json")
            .TakesAtMost(Limits.BriefBytes);
        rehearsal
            .MapPost("/beside", Beside)
            .WithName("rehearseBeside")
            .Accepts<DraftBeside>("application/json")
            .TakesAtMost(Limits.BriefBytes);
    }

    /// <summary>
    /// Plays on one core for a second or two, when it is its turn, then tries what might help; each step is a line. It
    /// ends when nobody waits for it any more.
    /// </summary>
    private static async Task<Results<PushStreamHttpResult, Refused>> Rehearse(
        SentJson sent,
        RallyLog log,
        LongWork work,
        CancellationToken stop
    )
    {
        var ready = await Ready(sent, log, stop);
        if (!ready.IsOk)
            return new Refused(ready.Problems);
        var (brief, tier, rehearsal) = ready.Value;
        var steps = Channel.CreateUnbounded<RehearsalStep>(new() { SingleReader = true, SingleWriter = true });
        return TypedResults.Stream(
            body =>
                Write(body, steps.Reader, work.Run(() => Play(brief, tier, rehearsal, steps.Writer, stop), stop), stop),
            Lines
        );
    }

    /// <summary>What is expected of everything that is left to chance, before any class plays.</summary>
    private static async Task<Results<Ok<IReadOnlyList<RehearsalInput>>, Refused>> Expected(
        SentJson sent,
        RallyLog log,
        CancellationToken stop
    )
    {
        var ready = await Ready(sent, log, stop);
        return ready.IsOk ? TypedResults.Ok(ready.Value.Rehearsal.Expected) : new Refused(ready.Problems);
    }

    /// <summary>What was asked for, ready to be played.</summary>
    private static async Task<Result<(Brief Brief, string Tier, Rehearsal Rehearsal)>> Ready(
        SentJson sent,
        RallyLog log,
        CancellationToken stop
    )
    {
        var request = DocumentReader.Request<DraftRehearsal>(sent.Text);
        if (!request.IsOk)
            return Result<(Brief, string, Rehearsal)>.Refused(request.Problems);
        var (brief, tier, asked, of) = request.Value.Value;
        var rehearsal = Rehearsal.Of(brief, tier, asked, await Remembered(of, log, stop));
        return rehearsal.IsOk
            ? Result<(Brief, string, Rehearsal)>.Ok((brief, tier, rehearsal.Value))
            : Result<(Brief, string, Rehearsal)>.Refused(rehearsal.Problems);
    }

    private static bool Play(
        Brief brief,
        string tier,
        Rehearsal rehearsal,
        ChannelWriter<RehearsalStep> steps,
        CancellationToken stop
    )
    {
        try
        {
            var of = rehearsal.Asked.Classes;
            var report = RehearsalReport.Of(
                rehearsal,
                played =>
                {
                    if (played % Between == 0)
                        steps.TryWrite(new(Math.Min(played, of), of));
                },
                stop
            );
            steps.TryWrite(new(of, of) { Report = report });
            foreach (var tried in RehearsalOffers.Try(brief, tier, rehearsal, report, stop))
                steps.TryWrite(new(of, of) { Tried = tried });
            return true;
        }
        finally
        {
            steps.Complete();
        }
    }

    private static async Task Write(
        Stream body,
        ChannelReader<RehearsalStep> steps,
        Task playing,
        CancellationToken stop
    )
    {
        await foreach (var step in steps.ReadAllAsync(stop))
        {
            await JsonSerializer.SerializeAsync(body, step, OnOneLine, stop);
            await body.WriteAsync(NewLine, stop);
            await body.FlushAsync(stop);
        }

        await playing;
    }

    private static async Task<Results<Ok<RehearsalBeside>, Refused>> Beside(
        SentJson sent,
        RallyLog log,
        LongWork work,
        CancellationToken stop
    )
    {
        var request = DocumentReader.Request<DraftBeside>(sent.Text);
        if (!request.IsOk)
            return new Refused(request.Problems);
        var (brief, tier, asked, changes, of) = request.Value.Value;
        var remembered = await Remembered(of, log, stop);
        var beside = await work.Run(() => RehearsalBeside.Of(brief, tier, changes, asked, remembered, stop), stop);
        return beside.IsOk ? TypedResults.Ok(beside.Value) : new Refused(beside.Problems);
    }

    private static async Task<ThingsRemembered> Remembered(BriefId of, RallyLog log, CancellationToken stop) =>
        ThingsRemembered.Of([.. (await EarlierRallies.Of(of, log, stop)).Select(r => r.Opened)]);
}

/// <summary>A brief, a tier (empty for none) and how it is to be rehearsed.</summary>
/// <param name="Brief">The brief.</param>
/// <param name="Tier">The tier's id; empty for the brief itself.</param>
/// <param name="Asked">What is expected, how many classes.</param>
/// <param name="Of">The brief's id on the shelf, whose earlier rallies are looked at.</param>
public sealed record DraftRehearsal(Brief Brief, string Tier, RehearsalAsked Asked, BriefId Of);

/// <summary>The same with changes, to be held side by side.</summary>
/// <param name="Brief">The brief.</param>
/// <param name="Tier">The tier's id; empty for the brief itself.</param>
/// <param name="Asked">What is expected, how many classes.</param>
/// <param name="Changes">What makes of it what it might be.</param>
/// <param name="Of">The brief's id on the shelf.</param>
public sealed record DraftBeside(
    Brief Brief,
    string Tier,
    RehearsalAsked Asked,
    IReadOnlyList<Change> Changes,
    BriefId Of
);

/// <summary>How far a rehearsal is: a line of its answer.</summary>
/// <param name="Played">Classes that have played.</param>
/// <param name="Of">Classes that will.</param>
public sealed record RehearsalStep(int Played, int Of)
{
    /// <summary>What came of it; on one line, after the last class.</summary>
    public RehearsalReport? Report { get; init; }

    /// <summary>A change that was tried; on lines after that.</summary>
    public RehearsalTried? Tried { get; init; }
}
