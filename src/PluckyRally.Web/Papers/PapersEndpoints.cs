using Microsoft.AspNetCore.Http.HttpResults;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Day;
using PluckyRally.Core.Documents;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Papers;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Results;
using PluckyRally.Core.Score;
using PluckyRally.Data.Briefs;
using PluckyRally.Data.Days;
using PluckyRally.Data.Rallies;
using PluckyRally.Web.Access;
using PluckyRally.Web.Briefs;
using PluckyRally.Web.Day;
using PluckyRally.Web.Kit;
using PluckyRally.Web.Live;
using PluckyRally.Web.Problems;
using PluckyRally.Web.Score;

namespace PluckyRally.Web.Papers;

/// <summary>What goes to the printer, and what comes back written on.</summary>
internal static class PapersEndpoints
{
    public static void MapPapers(this IEndpointRouteBuilder api)
    {
        var papers = api.MapGroup("").WithTags("Papers");
        papers.MapGet("/briefs/{id:guid}/papers", OfBrief).WithName("briefPapers");
        papers.MapGet("/rallies/{id:guid}/papers", OfRally).WithName("rallyPapers");
        papers.MapGet("/rallies/{id:guid}/papers/tables", Tables).WithName("tablesOnPaper");
        papers.MapGet("/rallies/{id:guid}/papers/judged", ToTypeIn).WithName("sheetsToTypeIn").For(Operation.Score);
        papers
            .MapPost("/rallies/{id:guid}/papers/judged", TypeIn)
            .WithName("typeInSheet")
            .For(Operation.Score)
            .Accepts<SheetTyped>("application/json")
            .TakesAtMost(Limits.BriefBytes);
    }

    private static async Task<Results<Ok<BriefOnPaper>, Missing, Refused>> OfBrief(
        BriefId id,
        BriefShelf shelf,
        CancellationToken stop,
        string tier = ""
    )
    {
        if (await shelf.Find(id, stop) is not { } stored)
            return new Missing("brief");
        var read = DocumentReader.Brief(stored.Document);
        if (!read.IsOk)
            return new Refused(read.Problems);
        var whole = read.Value.Value;
        var edition = Editions.Resolve(whole, tier);
        if (!edition.IsOk)
            return new Refused(edition.Problems);
        var compiled = CompiledEdition.For(edition.Value);
        return TypedResults.Ok(
            new BriefOnPaper(
                EditionSheet.Of(whole, edition.Value),
                [.. whole.Tiers.Select(t => new TierChoice(t.Id, t.Name.Length > 0 ? t.Name : t.Id))],
                compiled.IsOk ? BriefPapers.Of(compiled.Value) : null
            )
        );
    }

    /// <summary>
    /// The whole way to each place is written out only for those who print it. On a fair day, certificates say the
    /// places as the day combines them.
    /// </summary>
    private static async Task<Results<Ok<RallyPapers>, Missing, Refused>> OfRally(
        RallyId id,
        RallyLog log,
        RoundCache rounds,
        DayBook days,
        CancellationToken stop,
        int round = 1,
        bool why = false,
        Guid? day = null
    )
    {
        if (await log.Open(id, stop) is not { } found)
            return new Missing("rally");
        if (round is < 1 or > Limits.Rounds)
            return new Missing("round");
        if (!found.Opened.IsOk)
            return new Refused(found.Opened.Problems);
        if (day is { } named && await days.Find(named, stop) is null)
            return new Missing("day");
        var standings = rounds.Standings(found, round);
        var all = await days.All(stop);
        return TypedResults.Ok(
            RallyPapers.Of(
                found.Opened.Value,
                round,
                why ? standings : standings with { Rows = [.. standings.Rows.Select(r => r with { Why = [] })] },
                all.FirstOrDefault(d => d.Id == day) is { Day: var fair }
                    ? await PlacesOn(fair, found, round, log, stop)
                    : null
            ) with
            {
                Tables = all.SelectMany(d => d.Day.Slots).FirstOrDefault(s => s.Rally == id)?.Tables ?? 1,
            }
        );
    }

    /// <summary>The places of a rally among those of its brief on a fair day.</summary>
    private static async Task<PlacesOfDay> PlacesOn(
        FairDay day,
        KeptRally rally,
        int round,
        RallyLog log,
        CancellationToken stop
    )
    {
        var joining = new List<RallyJoining>();
        foreach (var slot in day.Slots.Where(s => s.Rally != rally.Stored.Id))
            if (
                await log.Open(slot.Rally, stop) is { Opened: { IsOk: true } opened } kept
                && DayNow.BriefOf(kept) == DayNow.BriefOf(rally)
            )
                joining.Add(new(slot.Rally, opened.Value, opened.Value.Running));
        return PlacesOfDay.Of(
            rally.Stored.Id,
            [new(rally.Stored.Id, rally.Opened.OrThrow(), round), .. joining],
            day.Combining
        );
    }

    /// <summary>Which teams are judged at which of so many tables.</summary>
    private static async Task<Results<Ok<IReadOnlyList<IReadOnlyList<TeamId>>>, Missing, Refused>> Tables(
        RallyId id,
        RallyLog log,
        RoundCache rounds,
        CancellationToken stop,
        int round = 1,
        int tables = 1
    )
    {
        if (tables is < 1 or > FairDay.MostTables)
            return new Refused([
                new("/tables", "The number of tables is out of range.", $"Use 1 to {FairDay.MostTables}."),
            ]);
        return await log.Open(id, stop)
            .InRound(round, (found, _) =>
                TableNow.Split(
                    [
                        .. rounds
                            .SheetsOf(found, round, points: false)
                            .Sheets.Where(s => s.Status != StandingStatus.Away)
                            .Select(s => s.Team),
                    ],
                    tables
                )
            );
    }

    /// <summary>What a judge's sheet asks, and what stands of each team already.</summary>
    private static Task<Results<Ok<SheetsToTypeIn>, Missing, Refused>> ToTypeIn(
        RallyId id,
        RallyLog log,
        RoundCache rounds,
        CancellationToken stop,
        int round = 1
    ) =>
        log.Open(id, stop)
            .InRound(round, (found, rally) =>
                new SheetsToTypeIn(
                    JudgeSheet.Of(rally.In(round).Compiled).Blocks,
                    rally.Rally.Date,
                    rounds
                        .Standings(found, round)
                        .Rows.ToDictionary(
                            r => r.Team,
                            r =>
                                (IReadOnlyList<string>)
                                    [
                                        .. r
                                            .Parts.Where(p => p.ValueText.Length > 0)
                                            .Select(p => $"{p.Name}: {p.ValueText}"),
                                    ]
                        )
                )
            );

    /// <summary>Takes a judge's sheet into the log: all of it, or none and what is wrong with it.</summary>
    private static async Task<Results<Ok<SheetTaken>, Missing, Refused>> TypeIn(
        RallyId id,
        SentJson sent,
        HttpContext context,
        SentEntries entries,
        TimeProvider time,
        CancellationToken stop
    )
    {
        var request = DocumentReader.Request<SheetTyped>(sent.Text);
        if (!request.IsOk)
            return new Refused(request.Problems);
        var (caller, at) = (Caller.Of(context.User), time.GetUtcNow());
        var recorded = await entries.Take(id, new(Decide), caller, stop);
        return recorded switch
        {
            null => new Missing("rally"),
            { IsOk: true, Value: var taken } => TypedResults.Ok(new SheetTaken(taken.Entries.Count)),
            _ => new Refused(recorded.Problems),
        };

        // Whether the page is in already is asked here, so that one that is sent twice at a moment is in once.
        Result<IReadOnlyList<Entry>> Decide(KeptRally now)
        {
            var read = JudgeSheet.Read(
                now.Opened.OrThrow(),
                request.Value!.Value,
                DateOnly.FromDateTime(at.UtcDateTime),
                caller.IsTeacher
            );
            return read.IsOk ? Result<IReadOnlyList<Entry>>.Ok([.. read.Value.Select(e => e with { At = at })]) : read;
        }
    }
}

/// <summary>What is needed to type in judges' sheets.</summary>
/// <param name="Blocks">What the sheet asks.</param>
/// <param name="Day">The rally's day; absent where it has none.</param>
/// <param name="Stands">What stands of each team already, by its id: no sheet is typed in twice by mistake.</param>
public sealed record SheetsToTypeIn(
    IReadOnlyList<PaperBlock> Blocks,
    DateOnly? Day,
    IReadOnlyDictionary<TeamId, IReadOnlyList<string>> Stands
);

/// <summary>A brief as it is printed before there is a rally.</summary>
/// <param name="Edition">The student sheet, in a tier.</param>
/// <param name="Tiers">The tiers to choose from.</param>
/// <param name="Papers">Everything else; absent while the brief is not finished.</param>
public sealed record BriefOnPaper(EditionSheet Edition, IReadOnlyList<TierChoice> Tiers, BriefPapers? Papers);

/// <summary>A sheet is in the log.</summary>
/// <param name="Entries">How many things stood on it.</param>
public sealed record SheetTaken(int Entries);
