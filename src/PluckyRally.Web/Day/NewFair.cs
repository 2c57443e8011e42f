using Microsoft.AspNetCore.Http.HttpResults;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Day;
using PluckyRally.Core.Documents;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Score;
using PluckyRally.Core.Teams;
using PluckyRally.Data.Briefs;
using PluckyRally.Data.Classes;
using PluckyRally.Data.Days;
using PluckyRally.Data.Rallies;
using PluckyRally.Web.Problems;
using PluckyRally.Web.Teams;

namespace PluckyRally.Web.Day;

/// <summary>A fair day of one brief: its rallies are begun together, from classes and tiers.</summary>
public sealed record NewFair
{
    /// <summary>What the day is called.</summary>
    public required string Name { get; init; }

    /// <summary>The day.</summary>
    public required DateOnly Date { get; init; }

    /// <summary>The brief that all classes run; absent until it is chosen.</summary>
    public BriefId? Brief { get; init; }

    /// <summary>The classes, in the order of the day.</summary>
    public required IReadOnlyList<ClassOfFair> Classes { get; init; }
}

/// <summary>A class of a fair.</summary>
public sealed record ClassOfFair
{
    /// <summary>What its rally is called, usually the class.</summary>
    public required string Name { get; init; }

    /// <summary>The class with its students; absent where these are not known here.</summary>
    public Guid? Class { get; init; }

    /// <summary>The tier that it runs, by its id; empty for the brief itself.</summary>
    public string Tier { get; init; } = "";

    /// <summary>Students in a team, where the class is known.</summary>
    public int Size { get; init; } = 4;

    /// <summary>How many teams, where the class is not known.</summary>
    public int Teams { get; init; } = 1;

    /// <summary>When it begins; absent where that is open.</summary>
    public TimeOnly? From { get; init; }

    /// <summary>When it ends; absent where that is open.</summary>
    public TimeOnly? To { get; init; }

    /// <summary>Where: a hall, a room; may be empty.</summary>
    public string Where { get; init; } = "";

    /// <summary>At how many tables its teams are tested, from 1.</summary>
    public int Tables { get; init; } = 1;

    /// <summary>Its slot in the day, before it has a rally.</summary>
    internal DaySlot Slot() =>
        new()
        {
            Rally = new(Guid.CreateVersion7()),
            From = From,
            To = To,
            Where = Where,
            Tables = Tables,
        };
}

/// <summary>Begins a fair day with all its rallies.</summary>
internal static class NewFairEndpoints
{
    public static void MapNewFairs(this IEndpointRouteBuilder api) =>
        api.MapPost("/days/together", Begin).WithTags("Day").WithName("beginFair").Accepts<NewFair>("application/json");

    private static async Task<Results<Created<DayMade>, Refused>> Begin(
        SentJson sent,
        BriefShelf shelf,
        ClassRegister register,
        RallyLog log,
        DayBook book,
        CancellationToken stop
    )
    {
        var request = DocumentReader.Request<NewFair>(sent.Text);
        if (!request.IsOk)
            return new Refused(request.Problems);
        var wanted = request.Value.Value;
        var day = new FairDay
        {
            Name = wanted.Name,
            Date = wanted.Date,
            Slots = [.. wanted.Classes.Select(c => c.Slot())],
        };
        var found = new List<Problem>(
            day.Problems().Select(p => p with { At = p.At.Replace("/slots", "/classes", Ordinal) })
        );
        if (wanted.Classes.Count == 0)
            found.Add(new("/classes", "No class takes part yet.", "Choose at least one."));
        if (wanted.Brief is not { } brief)
            found.Add(new("/brief", "No brief is chosen yet.", "Choose the one that the classes run."));
        else if (await shelf.Find(brief, stop) is not { } stored)
            found.Add(new("/brief", "There is no such brief on the shelf.", "Choose one from the list."));
        else if (found.Count == 0)
        {
            var rallies = await Rallies(wanted, stored, register, log, found, stop);
            // Nothing is begun unless all can be.
            if (found.Count == 0)
            {
                var slots = new List<DaySlot>();
                foreach (var (rally, at) in rallies.Select((r, i) => (r, i)))
                    slots.Add(day.Slots[at] with { Rally = await log.Add(rally, stored.Id, stop) });
                var id = await book.Add(day with { Slots = slots }, stop);
                return TypedResults.Created($"/api/days/{id}", new DayMade(id));
            }
        }

        return new Refused(found);
    }

    private const StringComparison Ordinal = StringComparison.Ordinal;

    private static async Task<IReadOnlyList<Rally>> Rallies(
        NewFair wanted,
        StoredBrief stored,
        ClassRegister register,
        RallyLog log,
        List<Problem> found,
        CancellationToken stop
    )
    {
        var brief = DocumentReader.Brief(stored.Document);
        found.AddRange(brief.Problems.Select(p => p.Under("/brief")));
        var rallies = new List<Rally>();
        var numbered = 0;
        for (var i = 0; i < wanted.Classes.Count && brief.IsOk; i++)
        {
            var (group, at) = (wanted.Classes[i], $"/classes/{i}");
            var edition = Editions.Resolve(brief.Value.Value, group.Tier);
            if (!edition.IsOk)
            {
                found.AddRange(edition.Problems.Select(p => p.Under(at)));
                continue;
            }

            if (rallies.Count == 0)
                found.AddRange(Snags.Stopping(edition.Value).Select(p => p.Under("/brief")));
            var teams = await Teams(group, at, brief.Value.Value, register, log, found, stop);
            var opened = OpenedRally.Open(
                new Rally
                {
                    Name = group.Name.Trim(),
                    Date = wanted.Date,
                    Edition = edition.Value,
                    Teams = [.. teams.Select((members, t) => TeamsApart.Numbered(t, numbered + t, members))],
                }
            );
            numbered += teams.Count;
            found.AddRange(opened.Problems.Select(p => p.Under(at)));
            if (opened.IsOk)
                rallies.Add(opened.Value.Rally);
        }

        return rallies;
    }

    /// <summary>
    /// Who is in each team of a class, as it prefers them; nobody is known by name where the class is not.
    /// </summary>
    private static async Task<IReadOnlyList<IReadOnlyList<TeamStudent>>> Teams(
        ClassOfFair group,
        string at,
        Brief brief,
        ClassRegister register,
        RallyLog log,
        List<Problem> found,
        CancellationToken stop
    )
    {
        if (group.Class is not { } id)
        {
            if (group.Teams is < 1 or > Limits.Teams)
                found.Add(new($"{at}/teams", "The number of teams is out of range.", $"Use 1 to {Limits.Teams}."));
            return [.. Enumerable.Repeat<IReadOnlyList<TeamStudent>>([], Math.Clamp(group.Teams, 0, Limits.Teams))];
        }

        if (await register.Find(id, stop) is not { } known)
        {
            found.Add(new($"{at}/class", "There is no such class any more.", "Choose one from the list."));
            return [];
        }

        var history = await ClassLessons.HistoryOf(known, register, log, stop);
        var students = known
            .Students.OrderBy(p => p.Order)
            .Select(p => new Student(StudentId.OfClass(p.Id), p.Name))
            .ToList();
        var made = TeamMaker.Make(students, known.Preferred().With(history) with { Size = group.Size });
        found.AddRange(made.Problems.Select(p => p.Under(at)));
        if (!made.IsOk)
            return [];
        var names = students.ToDictionary(p => p.Id, p => p.Name);
        var dealt = Jobs.DealInEach(made.Value.Teams, Jobs.Of(brief), history.Jobs, seed: 0);
        return
        [
            .. made.Value.Teams.Zip(dealt, (team, jobs) =>
                (IReadOnlyList<TeamStudent>)
                    [
                        .. team.Select(p => new TeamStudent(
                            p,
                            names[p],
                            [.. jobs.Where(d => d.Student == p).Select(d => d.Job)]
                        )),
                    ]
            ),
        ];
    }
}
