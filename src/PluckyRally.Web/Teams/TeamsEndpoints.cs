using System.Text.Json.Serialization;
using Microsoft.AspNetCore.Http.HttpResults;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Documents;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Kit;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Results;
using PluckyRally.Core.Route;
using PluckyRally.Core.Score;
using PluckyRally.Core.Teams;
using PluckyRally.Data.Briefs;
using PluckyRally.Data.Classes;
using PluckyRally.Data.Rallies;
using PluckyRally.Web.Access;
using PluckyRally.Web.Live;
using PluckyRally.Web.Problems;
using PluckyRally.Web.Run;
using PluckyRally.Web.Status;

namespace PluckyRally.Web.Teams;

/// <summary>Station Teams: a brief, a class and its teams become a rally.</summary>
internal static class TeamsEndpoints
{
    public static void MapTeams(this IEndpointRouteBuilder api)
    {
        var rallies = api.MapGroup("/rallies").WithTags("Teams");
        rallies.MapGet("", All).WithName("listRallies");
        rallies
            .MapPost("", Begin)
            .WithName("beginRally")
            .Accepts<NewRally>("application/json")
            .TakesAtMost(Limits.BriefBytes);
        rallies.MapGet("/{id:guid}", Open).WithName("openRally");
        rallies.MapGet("/{id:guid}/progress", Progress).WithName("followRally");
        rallies
            .MapPut("/{id:guid}/archived", Archive)
            .WithName("putRallyAway")
            .Accepts<RallyArchived>("application/json");
        rallies.MapDelete("/{id:guid}", Delete).WithName("deleteRally");
    }

    private static async Task<Ok<IReadOnlyList<RallyOnShelf>>> All(RallyLog log, CancellationToken stop) =>
        TypedResults.Ok<IReadOnlyList<RallyOnShelf>>([.. (await log.All(stop)).Select(r => RallyOnShelf.Of(r))]);

    private static async Task<Results<Created<RallyBegun>, Refused>> Begin(
        SentJson sent,
        BriefShelf shelf,
        ClassRegister register,
        RallyLog log,
        ILogger<RallyLog> logger,
        CancellationToken stop
    )
    {
        var request = DocumentReader.Request<NewRally>(sent.Text);
        if (!request.IsOk)
            return new Refused(request.Problems);
        var wanted = request.Value.Value;
        if (await shelf.Find(wanted.Brief, stop) is not { } stored)
            return new Refused([new("/brief", "There is no such brief on the shelf.", "Choose one from the list.")]);
        var brief = DocumentReader.Brief(stored.Document);
        if (!brief.IsOk)
            return new Refused([.. brief.Problems.Select(p => p.Under("/edition/brief"))]);
        var tiers = wanted.TiersOf(brief.Value.Value);
        var resolved = tiers.Select(t => Editions.Resolve(brief.Value.Value, t)).ToList();
        if (resolved.FirstOrDefault(e => !e.IsOk) is { } unresolved)
            return new Refused(unresolved.Problems);
        var editions = resolved.Select(e => e.OrThrow()).ToList();

        var names = await register.Names([.. wanted.Teams.SelectMany(t => t.Students).Select(p => p.Id)], stop);
        var strangers = wanted
            .Teams.SelectMany((t, i) => t.Students.Select((p, j) => (p.Id, At: $"/teams/{i}/students/{j}")))
            .Where(p => !names.ContainsKey(p.Id))
            .ToList();
        if (strangers.Count > 0)
            return new Refused([
                .. strangers.Select(s => new Problem(
                    s.At,
                    "There is no such student any more.",
                    "Make the teams again."
                )),
            ]);

        var typed = wanted
            .Teams.SelectMany((t, i) => t.Names.Select((n, j) => (Name: n.Trim(), At: $"/teams/{i}/names/{j}")))
            .ToList();
        if (WrongNames(typed) is { Count: > 0 } wrong)
            return new Refused(wrong);
        if (typed.Count > 0 && wanted.Class is null)
            return new Refused([
                new(
                    "/class",
                    "These students are in no class yet.",
                    "Choose the class that they are in, a new one, or leave their names out."
                ),
            ]);
        var group = wanted.Class?.Trim() ?? "";
        if (group.Length > Limits.Name)
            return new Refused([
                new("/class", "The name of the class is too long.", $"Use at most {Limits.Name} characters."),
            ]);
        var called = group.Length > 0 ? await register.Called(group, [.. typed.Select(t => t.Name)], stop) : null;

        var whole = new Rally
        {
            Name = wanted.Name.Trim(),
            Date = wanted.Date,
            Edition = editions[0],
            Teams =
            [
                .. wanted.Teams.Select(
                    (t, i) =>
                        new Team
                        {
                            Id = new($"t{i + 1}"),
                            Name = t.Name.Trim(),
                            ShortCode = t.ShortCode.Trim().ToUpperInvariant(),
                            Members = t.Students.Count + t.Names.Count is > 0 and var count ? count : t.Members,
                            Students =
                            [
                                .. t.Students.Select(p => new TeamStudent(
                                    StudentId.OfClass(p.Id),
                                    names[p.Id],
                                    p.Jobs
                                )),
                                .. called is null
                                    ? []
                                    : t
                                        .Names.Select(n => n.Trim())
                                        .Select(n => new TeamStudent(StudentId.OfClass(called[n]), n, [])),
                            ],
                        }
                ),
            ],
        };

        // Teams are looked at all together first: what is wrong with one is said at its place in the list.
        var opened = OpenedRally.Open(whole);
        if (!opened.IsOk)
            return new Refused(opened.Problems);
        if (editions.SelectMany(Snags.Stopping).Distinct().ToList() is { Count: > 0 } stopping)
            return new Refused([.. stopping.Select(p => p.Under("/edition/brief"))]);
        var rallies = whole
            .InTiers([.. wanted.Teams.Select(t => tiers.IndexOf(t.Tier ?? wanted.Tier))], editions)
            .Select(OpenedRally.Open)
            .ToList();
        if (rallies.FirstOrDefault(r => !r.IsOk) is { } refused)
            return new Refused(refused.Problems);
        if (called is { Count: > 0 })
            await register.Enter(group, called, stop);
        var ids = await log.Add([.. rallies.Select(r => r.OrThrow().Rally)], stored.Id, stop);
        LogMessages.RallyBegun(logger, ids[0], whole.Teams.Count);
        var first = rallies[0].OrThrow();
        return TypedResults.Created(
            $"/api/rallies/{ids[0]}",
            new RallyBegun(ids[0], Bunting.GoesOn(first, 1, Bunting.OfRally(first, 1)))
        );
    }

    /// <summary>What is wrong with names typed behind their teams: each can be a student's, and stands once.</summary>
    private static List<Problem> WrongNames(IReadOnlyList<(string Name, string At)> typed) =>
        [
            .. typed.SelectMany(t => ClassList.StudentProblems(t.Name).Select(p => p with { At = t.At })),
            .. typed
                .Where(t => t.Name.Length > 0)
                .GroupBy(t => t.Name, StringComparer.OrdinalIgnoreCase)
                .Where(g => g.Count() > 1)
                .Select(g => new Problem(
                    g.Last().At,
                    $"“{g.Key}” is in the teams twice.",
                    "Remove one, or add an initial to each."
                )),
        ];

    private static Task<Results<Ok<RallyOpened>, Missing, Refused>> Open(
        RallyId id,
        RallyLog log,
        RoundCache rounds,
        CancellationToken stop,
        int round = 1
    ) =>
        log.Open(id, stop)
            .InRound(round, async (found, rally) =>
                RallyOpened.Of(
                    found.Stored,
                    rally,
                    await log.Together(id, stop),
                    round,
                    rounds.Progress(rounds.SheetsOf(found, round, points: true))
                )
            );

    /// <summary>How far a rally is: what a desk asks for when something was recorded.</summary>
    private static Task<Results<Ok<DeskProgress>, Missing, Refused>> Progress(
        RallyId id,
        RallyLog log,
        RoundCache rounds,
        CancellationToken stop,
        int round = 1
    ) =>
        log.Open(id, stop)
            .InRound(round, (found, rally) =>
                new DeskProgress(rounds.Progress(rounds.SheetsOf(found, round, points: true)), EntryAside.Of(rally))
            );

    private static async Task<Results<NoContent, Missing, Refused>> Archive(
        RallyId id,
        SentJson sent,
        RallyLog log,
        CancellationToken stop
    )
    {
        var request = DocumentReader.Request<RallyArchived>(sent.Text);
        if (!request.IsOk)
            return new Refused(request.Problems);
        return await log.Archive(id, request.Value.Value.Away, stop) ? TypedResults.NoContent() : new Missing("rally");
    }

    private static async Task<Results<NoContent, Missing>> Delete(
        RallyId id,
        RallyLog log,
        LiveLines lines,
        CancellationToken stop
    )
    {
        if (!await log.Delete(id, stop))
            return new Missing("rally");
        lines.EndRally(id);
        return TypedResults.NoContent();
    }
}

/// <summary>What a rally is begun with.</summary>
public sealed record NewRally
{
    /// <summary>The brief to be run.</summary>
    public required BriefId Brief { get; init; }

    /// <summary>The tier to run it in, by its id; empty for the brief itself.</summary>
    public string Tier { get; init; } = "";

    /// <summary>What the rally is called, usually the class.</summary>
    public required string Name { get; init; }

    /// <summary>The day it is run.</summary>
    public DateOnly? Date { get; init; }

    /// <summary>The teams in the order in which they were typed.</summary>
    public required IReadOnlyList<NewTeam> Teams { get; init; }

    /// <summary>
    /// Where names were typed: the class, by its name, in which the students are or which is made for them; empty where
    /// their names are left out. Absent only where no names were typed.
    /// </summary>
    public string? Class { get; init; }

    /// <summary>
    /// The tiers that its teams work in, in the order of the brief; the brief itself is the first. At least one.
    /// </summary>
    internal IList<string> TiersOf(Brief brief) =>
        [
            .. Teams
                .Select(t => t.Tier ?? Tier)
                .DefaultIfEmpty(Tier)
                .Distinct()
                .OrderBy(tier => brief.Tiers.Select(t => t.Id).Prepend("").ToList().IndexOf(tier)),
        ];
}

/// <summary>A team to be made.</summary>
/// <param name="Name">What it is called.</param>
/// <param name="Members">How many students are in it; 0 where that is not known.</param>
public sealed record NewTeam(string Name, int Members = 0)
{
    /// <summary>One or two letters or digits; made of its name where empty.</summary>
    [JsonPropertyName("callSign")]
    public string ShortCode { get; init; } = "";

    /// <summary>Who is in it, where it was made of a class.</summary>
    public IReadOnlyList<NewTeamStudent> Students { get; init; } = [];

    /// <summary>Who is in it, where their names were typed.</summary>
    public IReadOnlyList<string> Names { get; init; } = [];

    /// <summary>The tier that it works in, by its id; absent where that is the rally's.</summary>
    public string? Tier { get; init; }
}

/// <summary>A student of a team to be made.</summary>
/// <param name="Id">The student's id.</param>
/// <param name="Jobs">The jobs that the student has, by their ids.</param>
public sealed record NewTeamStudent(Guid Id, IReadOnlyList<string> Jobs);

/// <summary>Whether a rally is archived.</summary>
public sealed record RallyArchived(bool Away);

/// <summary>A rally has begun.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Next">Where it goes on.</param>
public sealed record RallyBegun(RallyId Id, Station Next);

/// <summary>A rally as it stands in a list.</summary>
public sealed record RallyOnShelf(
    RallyId Id,
    string Name,
    DateOnly? Date,
    string BriefTitle,
    BriefId? BriefId,
    int Teams,
    int Entries,
    bool Archived
)
{
    internal static RallyOnShelf Of(ListedRally rally) =>
        new(
            rally.Id,
            rally.Name,
            rally.Date,
            rally.BriefTitle,
            rally.BriefId,
            rally.Teams,
            rally.Entries,
            rally.Archived
        );
}

/// <summary>An entry that is kept and not scored.</summary>
/// <param name="Entry">The entry as it came.</param>
/// <param name="Name">Whose it is.</param>
/// <param name="Problems">What is wrong with it, and what would do.</param>
public sealed record EntryAside(Entry Entry, string Name, IReadOnlyList<Problem> Problems)
{
    internal static IReadOnlyList<EntryAside> Of(OpenedRally opened) =>
        [
            .. opened
                .Aside.Where(a => !a.Struck)
                .Select(a => new EntryAside(a.Entry, opened.NameOf(a.Entry), a.Problems)),
        ];
}

/// <summary>What changes of a rally on a desk while it is run.</summary>
/// <param name="Progress">How far it is.</param>
/// <param name="Aside">Entries that are kept and not scored.</param>
public sealed record DeskProgress(RallyProgress Progress, IReadOnlyList<EntryAside> Aside);

/// <summary>A rally with what every station needs of it.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Date">The day it is run.</param>
/// <param name="Brief">The brief as this rally runs it.</param>
/// <param name="Tier">The tier's name; empty where there is none.</param>
/// <param name="Teams">The teams.</param>
/// <param name="Unread">How many more there are that this version does not understand.</param>
/// <param name="Aside">Entries that are kept and not scored, because they are not understood or not allowed.</param>
/// <param name="Forms">For each measure, by id, what a judge may type.</param>
/// <param name="Pads">For each measure, by id, the pad that fits it.</param>
/// <param name="Scoring">How it is scored, in the students' words.</param>
/// <param name="Sheet">The lines of the student sheet that are written from the rest.</param>
/// <param name="Jobs">The jobs of its teams.</param>
/// <param name="Cards">For each team, by id, the cards that it was dealt.</param>
/// <param name="Bags">For each team, by id, what was drawn into its bag.</param>
/// <param name="Progress">How far it is.</param>
public sealed record RallyOpened(
    RallyId Id,
    string Name,
    DateOnly? Date,
    Brief Brief,
    string Tier,
    IReadOnlyList<Team> Teams,
    int Unread,
    IReadOnlyList<EntryAside> Aside,
    IReadOnlyDictionary<string, IReadOnlyList<string>> Forms,
    IReadOnlyDictionary<string, MeasurePad> Pads,
    IReadOnlyList<string> Scoring,
    StudentSheet Sheet,
    IReadOnlyList<Job> Jobs,
    IReadOnlyDictionary<TeamId, IReadOnlyList<CardShown>> Cards,
    IReadOnlyDictionary<TeamId, IReadOnlyList<string>> Bags,
    RallyProgress Progress
)
{
    /// <summary>The rallies that are run as one with it; none where it is run alone.</summary>
    public IReadOnlyList<RallyBeside> Beside { get; init; } = [];

    internal static RallyOpened Of(
        StoredRally stored,
        OpenedRally opened,
        IReadOnlyList<KeptRally> lesson,
        int round,
        RallyProgress progress
    )
    {
        var (run, compiled) = (opened.In(round), opened.In(round).Compiled);
        return new(
            stored.Id,
            stored.Name,
            stored.Date,
            compiled.Brief,
            compiled.Edition.Tier,
            run.Teams,
            opened.Rally.Unread.Count,
            EntryAside.Of(opened),
            compiled.Measures.ToDictionary(m => m.Key, m => ReadingForms.For(m.Value)),
            compiled.Measures.ToDictionary(m => m.Key, m => MeasurePad.For(m.Value)),
            MethodWords.Say(compiled),
            StudentSheet.Of(compiled.Brief, compiled),
            Core.Teams.Jobs.Of(compiled.Brief),
            run.Teams.ToDictionary(t => t.Id, t => CardShown.Of(compiled.Brief, t)),
            run.Teams.ToDictionary(t => t.Id, t => TeamKit.SayBag(compiled.Brief, t)),
            progress
        )
        {
            Beside = RallyBeside.Of(lesson, stored.Id, round),
        };
    }
}
