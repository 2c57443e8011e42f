using Microsoft.AspNetCore.Http.HttpResults;
using PluckyRally.Core.Debriefs;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Route;
using PluckyRally.Core.Run;
using PluckyRally.Core.Time;
using PluckyRally.Data.Rallies;
using PluckyRally.Data.Schools;
using PluckyRally.Data.Year;
using PluckyRally.Web.Problems;

namespace PluckyRally.Web.Year;

/// <summary>The year line: the rallies along the school year, and how far the next one is.</summary>
internal static class YearEndpoints
{
    public static void MapYear(this IEndpointRouteBuilder api) =>
        api.MapGet("/year", Open).WithTags("Year").WithName("yearLine");

    /// <param name="log">The rallies.</param>
    /// <param name="plans">What is planned.</param>
    /// <param name="book">The school.</param>
    /// <param name="clock">The time.</param>
    /// <param name="stop">Stops it.</param>
    /// <param name="begins">The calendar year in which the school year begins; this one where it is not said.</param>
    private static async Task<Results<Ok<YearLine>, Refused>> Open(
        RallyLog log,
        PlanBook plans,
        SchoolBook book,
        TimeProvider clock,
        CancellationToken stop,
        int? begins = null
    )
    {
        if (begins is < FirstYear or > LastYear)
            return new Refused([
                new("/begins", "That is not in this century.", $"Choose a year from {FirstYear} to {LastYear}."),
            ]);
        var school = await book.Read(stop);
        var today = DateOnly.FromDateTime(clock.GetLocalNow().DateTime);
        var current = SchoolYear.Of(today, school);
        var year = begins is { } wanted ? SchoolYear.Beginning(wanted, school) : current;
        var everything = await log.All(stop);
        var all = everything.Where(r => !r.Archived).ToList();
        var planned = (await plans.All(stop))
            .Select(p => new PlanStop(
                p.Id,
                p.Title,
                p.Plan.From(school),
                year.Along(p.Plan.Date),
                p.Plan.Date >= year.From && p.Plan.Date < year.To,
                p.Plan,
                p.Plan.DayFor(school, today)
            ))
            .ToList();
        var next = await Next(all, today, log, stop);
        var plan = planned.OrderBy(p => p.Day).FirstOrDefault(p => p.Day >= today);
        var planIsNext = plan is not null && (next is null || BriefPlan.ComesBefore(plan.Day, next.Date, today));
        return TypedResults.Ok(
            new YearLine(
                year.From,
                year.To.AddDays(-1),
                today,
                year.Along(today),
                await Stops(everything, year, year == current, log, stop),
                planIsNext ? null : next
            )
            {
                Name = year.Name,
                IsThisYear = year == current,
                Years =
                [
                    .. everything
                        .Where(r => r.Date is not null)
                        .Select(r => SchoolYear.Of(r.Date!.Value, school))
                        .Append(current)
                        .Where(y => y.From <= current.From)
                        .Distinct()
                        .OrderBy(y => y.From)
                        .Select(y => new YearNamed(y.From.Year, y.Name)),
                ],
                Seasons = year.Seasons(school.South),
                Terms = year.Terms(school),
                Plans = planned,
                NextPlan = planIsNext ? plan : null,
            }
        );
    }

    /// <summary>
    /// The rallies of a year. One that is over has those too that are archived, with what came of each.
    /// </summary>
    private static async Task<IReadOnlyList<YearStop>> Stops(
        IReadOnlyList<ListedRally> rallies,
        SchoolYear year,
        bool current,
        RallyLog log,
        CancellationToken stop
    )
    {
        var stops = new List<YearStop>();
        foreach (
            var r in rallies
                .Where(r => r.Date >= year.From && r.Date < year.To && !(current && r.Archived))
                .OrderBy(r => r.Date)
        )
        {
            var best =
                !current && await log.Open(r.Id, stop) is { Opened: { IsOk: true } opened }
                    ? RallyMemory.Of(opened.Value).Best
                    : null;
            stops.Add(
                new(r.Id, r.Name, r.BriefTitle, r.Date!.Value, year.Along(r.Date.Value), r.Entries > 0)
                {
                    Teams = r.Teams,
                    Archived = r.Archived,
                    Best = best,
                }
            );
        }

        return stops;
    }

    /// <summary>
    /// The rally that is really next: one that runs now; else, of today's and later ones, the first that is not
    /// finished, one that was begun before one that was not; else the last that is not finished.
    /// </summary>
    private static async Task<NextRally?> Next(
        IReadOnlyList<ListedRally> all,
        DateOnly today,
        RallyLog log,
        CancellationToken stop
    )
    {
        var coming = all.Where(r => r.Date >= today)
            .OrderBy(r => r.Date)
            .ThenByDescending(r => r.Entries > 0)
            .ThenBy(r => r.MadeAt)
            .ToList();
        var begun = all.Where(r => r.Date < today || r.Date is null).OrderByDescending(r => r.Date);
        NextRally? first = null;
        foreach (var candidate in coming.Concat(begun).Take(MostLookedAt))
        {
            // Once there is one, only a rally of the same day that runs this minute comes before it.
            if (first is not null && candidate.Date != today)
                break;
            if (await log.Open(candidate.Id, stop) is not { Opened: { IsOk: true } opened })
                continue;
            var round = opened.Value.Running;
            var route = Bunting.OfRally(opened.Value, round);
            var next = new NextRally(
                candidate.Id,
                candidate.Name,
                candidate.BriefTitle,
                candidate.Date,
                opened.Value.In(round).Present.Count,
                round,
                route,
                Bunting.GoesOn(opened.Value, round, route)
            );
            if (candidate.Date == today && LessonClock.Of(opened.Value, round).Phase is not null)
                return next;
            if (next.Route.Any(p => p is { Station: Station.Score, Readiness: not Readiness.Done }))
                first ??= next;
        }

        return first;
    }

    /// <summary>More than a fair runs on one day.</summary>
    private const int MostLookedAt = 24;

    private const int FirstYear = 2000;
    private const int LastYear = 2100;
}

/// <summary>The school year with its rallies.</summary>
/// <param name="From">Its first day.</param>
/// <param name="Until">Its last day.</param>
/// <param name="Today">The day it is.</param>
/// <param name="Along">How far along the year that is, from 0 to 1.</param>
/// <param name="Stops">The rallies, in order.</param>
/// <param name="Next">The next rally; absent where there is none, or a plan comes first.</param>
public sealed record YearLine(
    DateOnly From,
    DateOnly Until,
    DateOnly Today,
    decimal Along,
    IReadOnlyList<YearStop> Stops,
    NextRally? Next
)
{
    /// <summary>What it is called, such as 2025–26.</summary>
    public required string Name { get; init; }

    /// <summary>Whether today is in it.</summary>
    public required bool IsThisYear { get; init; }

    /// <summary>The years in which there are rallies, and this one, the first one first.</summary>
    public required IReadOnlyList<YearNamed> Years { get; init; }

    /// <summary>The seasons along it.</summary>
    public required IReadOnlyList<SeasonSpan> Seasons { get; init; }

    /// <summary>The school's terms.</summary>
    public required IReadOnlyList<TermSpan> Terms { get; init; }

    /// <summary>What is planned, this year and later.</summary>
    public required IReadOnlyList<PlanStop> Plans { get; init; }

    /// <summary>What is planned next, where that comes before every rally; absent where a rally does.</summary>
    public PlanStop? NextPlan { get; init; }
}

/// <summary>A brief that is planned.</summary>
/// <param name="Id">The plan's id.</param>
/// <param name="Title">The brief's title.</param>
/// <param name="From">The day, or the first of the week.</param>
/// <param name="Along">Where on the line.</param>
/// <param name="ThisYear">Whether it lies on the line.</param>
/// <param name="Plan">Which brief, when and for whom, as it is kept.</param>
/// <param name="Day">The day to make teams for: today in a planned week that has begun, else its first.</param>
public sealed record PlanStop(
    Guid Id,
    string Title,
    DateOnly From,
    decimal Along,
    bool ThisYear,
    BriefPlan Plan,
    DateOnly Day
);

/// <summary>A rally on the year line.</summary>
/// <param name="Rally">Its id.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Brief">The brief's title.</param>
/// <param name="Date">The day.</param>
/// <param name="Along">Where on the line, from 0 to 1.</param>
/// <param name="Begun">Whether something is recorded.</param>
public sealed record YearStop(RallyId Rally, string Name, string Brief, DateOnly Date, decimal Along, bool Begun)
{
    /// <summary>How many teams there are.</summary>
    public required int Teams { get; init; }

    /// <summary>Whether it is archived; those of a year that is over stand on its line too.</summary>
    public required bool Archived { get; init; }

    /// <summary>The best value, of a rally of a year that is over; absent where there is none.</summary>
    public BestSoFar? Best { get; init; }
}

/// <summary>A school year that can be looked at.</summary>
/// <param name="Begins">The calendar year in which it begins.</param>
/// <param name="Name">What it is called.</param>
public sealed record YearNamed(int Begins, string Name);

/// <summary>The rally that comes next, and what is still missing at each station.</summary>
/// <param name="Rally">Its id.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Brief">The brief's title.</param>
/// <param name="Date">The day; absent where none was given.</param>
/// <param name="Teams">How many teams are present.</param>
/// <param name="Round">The round that runs, from 1.</param>
/// <param name="Route">How far it is.</param>
/// <param name="GoesOn">The station where it goes on.</param>
public sealed record NextRally(
    RallyId Rally,
    string Name,
    string Brief,
    DateOnly? Date,
    int Teams,
    int Round,
    IReadOnlyList<Pennant> Route,
    Station GoesOn
);
