using System.Text.Json;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Checks;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Run;
using PluckyRally.Core.Score;
using PluckyRally.Tests;
using PluckyRally.Web.Run;
using PluckyRally.Web.Teams;
using Shouldly;
using Xunit;

namespace PluckyRally.Web.Tests.Access;

/// <summary>
/// A judge and a wall are sent the fields that stand in these lists and no others, for every demo rally. A field that
/// is added to what they are sent is added here too, or is theirs no more.
/// </summary>
public sealed class FieldsTests : IDisposable
{
    private readonly Classroom _class = new();

    private static readonly string[] Walk =
    [
        "brief.ifLate",
        "brief.plansAreApproved",
        "brief.measures.how",
        "brief.measures.id",
        "brief.measures.kind",
        "brief.measures.name",
        "brief.measures.roll",
        "brief.measures.step",
        "brief.measures.taken",
        "brief.measures.tare",
        "brief.measures.unit",
        "brief.measures.weights.gramsEach",
        "brief.measures.weights.name",
        "brief.measures.weights.roll",
        "brief.parts.carries",
        "brief.parts.counters.atMost",
        "brief.parts.counters.hurts",
        "brief.parts.counters.id",
        "brief.parts.counters.name",
        "brief.parts.criteria.id",
        "brief.parts.criteria.levels",
        "brief.parts.criteria.name",
        "brief.parts.faults.id",
        "brief.parts.faults.name",
        "brief.parts.faults.seconds",
        "brief.parts.first",
        "brief.parts.first.name",
        "brief.parts.first.values",
        "brief.parts.id",
        "brief.parts.items.firstTeams",
        "brief.parts.items.id",
        "brief.parts.items.name",
        "brief.parts.items.steps",
        "brief.parts.judges",
        "brief.parts.kind",
        "brief.parts.last",
        "brief.parts.legs",
        "brief.parts.money",
        "brief.parts.name",
        "brief.parts.names",
        "brief.parts.prices.each",
        "brief.parts.prices.id",
        "brief.parts.prices.name",
        "brief.parts.second.name",
        "brief.parts.second.values",
        "brief.parts.step",
        "brief.parts.raceTo",
        "brief.parts.timed",
        "brief.parts.unit",
        "brief.parts.voice",
        "brief.title",
        "brief.trials.attempts",
        "brief.trials.attemptsFor",
        "brief.trials.buildsAnew",
        "brief.trials.designs",
        "brief.trials.freshBuildAfterFailure",
        "brief.trials.freshBuilds",
        "brief.trials.holdSeconds",
        "brief.trials.how",
        "brief.trials.ifItFalls",
        "brief.trials.minimum",
        "brief.trials.overWhen",
        "forms.*",
        "id",
        "name",
        "pads.*",
        "progress.*",
        "references.id",
        "references.name",
        "references.of",
        "references.purpose",
        "teams.away",
        "teams.bag",
        "teams.callSign",
        "teams.cards.*",
        "teams.heat.heat",
        "teams.heat.lane",
        "teams.id",
        "teams.name",
        "tier",
    ];

    private static readonly string[] Sheet =
    [
        "asOf",
        "cleared",
        "closed",
        "designs.asked.attempt",
        "designs.asked.rule",
        "designs.asked.state",
        "designs.called",
        "designs.changed",
        "designs.counts",
        "designs.freshBuild",
        "designs.labels.*",
        "designs.name",
        "designs.open",
        "designs.revision",
        "late",
        "logFrom",
        "log.at",
        "log.by",
        "log.entry",
        "log.mayStrike",
        "log.says",
        "log.strikes",
        "log.struck",
        "log.struckAt",
        "log.what.*",
        "log.why",
        "name",
        "once.measure",
        "once.shown",
        "parts.answers.*",
        "parts.id",
        "parts.measured",
        "parts.pieces.count",
        "parts.pieces.first",
        "parts.pieces.length",
        "parts.pieces.second",
        "parts.pieces.width",
        "parts.sequence",
        "parts.left",
        "parts.prices.by",
        "parts.prices.each",
        "parts.prices.forbiddenBy",
        "parts.prices.item",
        "parts.twice.by",
        "parts.twice.entries",
        "parts.twice.says",
        "ready",
        "reason",
        "references.*",
        "rules.asked",
        "rules.bonus",
        "rules.id",
        "rules.inspected",
        "rules.limit",
        "rules.sort",
        "rules.state",
        "rules.text",
        "rules.tooNear",
        "rules.value",
        "rules.when",
        "settled",
        "passedOrNot",
        "status",
        "team",
        "trials.attempt",
        "trials.became",
        "trials.by",
        "trials.end",
        "trials.design",
        "trials.entry",
        "trials.leaves.*",
        "trials.outcome",
        "trials.readings.*",
        "trials.revision",
        "trials.shown",
        "trials.spread",
        "trials.twice",
        "wanted",
    ];

    private static readonly string[] Changes =
    [
        "asOf",
        "due",
        "ground",
        "order",
        "progress.*",
        "since",
        "teams.late",
        "teams.status",
        "teams.team",
        "teams.touched",
        .. Sheet.Select(field => $"sheet.{field}"),
    ];

    private static readonly string[] Wall =
    [
        "cautions",
        "criteria",
        "drawn.card.*",
        "drawn.team",
        "goal",
        "id",
        "ifLate",
        "limits",
        "name",
        "teams.away",
        "teams.bag",
        "teams.callSign",
        "teams.cards.*",
        "teams.heat.heat",
        "teams.heat.lane",
        "teams.id",
        "teams.name",
        "title",
    ];

    private static readonly string[] Clock =
    [
        "answers",
        "clock.*",
        "last",
        "now",
        "onWall",
        "places",
        "question",
        "teams.cleared",
        "teams.late",
        "teams.team",
    ];

    private static readonly string[] Board =
    [
        "overRounds",
        "places",
        "title",
        "rows.name",
        "rows.place",
        "rows.status",
        "rows.team",
        "rows.total",
        "rows.totalText",
        "ranking",
        "references.name",
        "references.purpose",
        "references.says",
        "references.total",
        "wins",
        "winsText",
        "withoutPlace",
    ];

    private static readonly string[] Gallery =
    [
        "cards.labels",
        "cards.name",
        "cards.photo",
        "cards.tags",
        "cards.team",
        "cards.value",
        "says",
    ];

    private static readonly string[] OverAll =
    [
        "places",
        "rows.class",
        "rows.name",
        "rows.place",
        "rows.text",
        "title",
        "winsText",
    ];

    private static readonly string[] Talk =
    [
        "chosen",
        "name",
        "title",
        "round",
        "teams.away",
        "teams.bag",
        "teams.callSign",
        "teams.cards.*",
        "teams.heat.heat",
        "teams.heat.lane",
        "teams.id",
        "teams.name",
        "questions.number",
        "questions.text",
        "questions.answers.entry",
        "questions.answers.name",
        "questions.answers.team",
        "questions.answers.text",
        "questions.answers.waits",
        "team.changed",
        "team.change",
        "team.didNot",
        "team.entry",
        "team.fair",
        "team.name",
        "team.noted",
        "team.since",
        "team.team",
        "team.together",
        "team.wanted",
        "team.why",
        "team.worked",
        "votes.award",
        "votes.for",
        "votes.name",
        "votes.why",
    ];

    [Fact]
    public async Task A_judge_and_a_wall_are_sent_what_they_need_and_nothing_else()
    {
        var files = Directory
            .GetFiles(Path.Combine(ProjectFolder.Root, "demo"), "*.rally.json")
            .Concat(Directory.GetFiles(Path.Combine(ProjectFolder.Root, "demo"), "*.brief.json"));
        foreach (var some in files.Chunk(JoinsInAMinute / 2))
        {
            using var room = new Classroom();
            await room.Begin();
            foreach (var file in some)
                await Look(room, file);
        }
    }

    /// <summary>A device may try so many codes; the next ones go to a server of their own.</summary>
    private const int JoinsInAMinute = 10;

    private static async Task Look(Classroom room, string file)
    {
        var rally = await Rally(room, file);
        using var judge = await room.Judge(rally, "Aide");
        using var wall = await room.Wall(rally);
        await Only(judge, $"/api/rallies/{rally}/walk", Walk);
        await Only(judge, $"/api/rallies/{rally}/score?team=t1", Changes);
        await Only(judge, $"/api/rallies/{rally}/score/sheets?team=t1&team=t2", Sheet);
        await Only(wall, $"/api/rallies/{rally}/wall", Wall);
        await Only(wall, $"/api/rallies/{rally}/wall/clock", Clock);
        await Only(wall, $"/api/rallies/{rally}/wall/board", Board);
        await Only(judge, $"/api/rallies/{rally}/talk?team=t1", Talk);
        foreach (
            var touch in new[]
            {
                new ClockTouch(ClockDoes.Show, Shows: WallShows.Gallery) { Gallery = new("", true) },
                new ClockTouch(ClockDoes.Show, Number: 3, Shows: WallShows.OverAll) { OverAll = new() },
            }
        )
        {
            (await Classroom.Send(room.Teacher, $"/api/rallies/{rally}/clock", touch)).EnsureSuccessStatusCode();
            await Only(wall, $"/api/rallies/{rally}/wall/gallery", Gallery);
            await Only(wall, $"/api/rallies/{rally}/wall/over-all", OverAll);
        }
    }

    /// <summary>
    /// The teacher's own notes, hints and the order of a key stand nowhere in what a judge is sent, whatever the field
    /// is called.
    /// </summary>
    [Fact]
    public async Task Notes_hints_and_keys_stand_nowhere_in_it()
    {
        await _class.Begin();
        var brief = new Brief
        {
            Title = "Finds",
            Story = "the secret story",
            Rules =
            [
                new Rule
                {
                    Id = "stands",
                    Sort = RuleSort.Criterion,
                    Text = "Stands by itself",
                    Check = new RuleCheck.Inspection(),
                    IfMissed = new Consequence.NoteOnly(),
                },
            ],
            Method = new Method
            {
                Parts =
                [
                    new Part.Ordering
                    {
                        Id = "masses",
                        Name = "Masses",
                        PerPair = 1,
                        Items =
                        [
                            new()
                            {
                                Id = "c",
                                Name = "Cockle",
                                Key = 1,
                            },
                            new()
                            {
                                Id = "a",
                                Name = "Auger",
                                Key = 2,
                            },
                            new()
                            {
                                Id = "b",
                                Name = "Barnacle",
                                Key = 3,
                            },
                        ],
                    },
                    new Part.Bins
                    {
                        Id = "finds",
                        Name = "Finds",
                        Names = ["Plant", "Animal"],
                        Items =
                        [
                            new()
                            {
                                Id = "x",
                                Name = "Wrack",
                                Bin = "Plant",
                            },
                            new()
                            {
                                Id = "y",
                                Name = "Mussel",
                                Bin = "Animal",
                            },
                        ],
                    },
                ],
            },
        };
        var rally = await _class.App.Begin(brief, "Able");
        await Classroom.Record(
            _class.Teacher,
            rally,
            new Entry.NoteMade
            {
                Id = new(Guid.CreateVersion7()),
                Team = new("t1"),
                Text = "argued about the plan",
            }
        );
        await Classroom.Record(
            _class.Teacher,
            rally,
            new Entry.ItemsSorted
            {
                Id = new(Guid.CreateVersion7()),
                Team = new("t1"),
                Part = "finds",
                Placed = new Dictionary<string, string> { ["x"] = "Animal", ["y"] = "Animal" },
            }
        );
        using var judge = await _class.Judge(rally, "Aide");
        await Classroom.Record(
            judge,
            rally,
            new Entry.NoteMade
            {
                Id = new(Guid.CreateVersion7()),
                Team = new("t1"),
                Text = "shared the tape",
            }
        );
        var (walk, sheet) = (
            await Text(judge, $"/api/rallies/{rally}/walk"),
            await Text(judge, $"/api/rallies/{rally}/score?team=t1")
        );
        walk.ShouldNotContain("secret story");
        walk.ShouldNotContain("\"key\"");
        walk.IndexOf("Auger", StringComparison.Ordinal)
            .ShouldBeLessThan(walk.IndexOf("Cockle", StringComparison.Ordinal), "by name, not as the key has them");
        sheet.ShouldNotContain("argued");
        sheet.ShouldContain("shared the tape");
        sheet.ShouldNotContain("right", Case.Sensitive, "which items were right");
        (await Text(_class.Teacher, $"/api/rallies/{rally}/score?team=t1")).ShouldContain("argued");
        (await Text(_class.Teacher, $"/api/rallies/{rally}/walk")).ShouldContain("\"key\"");
    }

    public void Dispose() => _class.Dispose();

    private static async Task<RallyId> Rally(Classroom room, string file)
    {
        var text = await File.ReadAllTextAsync(file, TestContext.Current.CancellationToken);
        var taken = await room.App.Post("/api/files", text);
        taken.EnsureSuccessStatusCode();
        var id = (await RunningApp.Read(taken)).GetProperty("id").GetGuid();
        if (file.EndsWith(".rally.json", StringComparison.Ordinal))
            return new RallyId(id);
        var begun = await room.App.Post(
            "/api/rallies",
            new NewRally
            {
                Brief = new(id),
                Name = "A class",
                Teams = [new NewTeam("Able"), new NewTeam("Baker")],
            }
        );
        begun.EnsureSuccessStatusCode();
        return new RallyId((await RunningApp.Read(begun)).GetProperty("id").GetGuid());
    }

    private static async Task<string> Text(HttpClient device, string path)
    {
        using var answer = await device.GetAsync(path, TestContext.Current.CancellationToken);
        answer.IsSuccessStatusCode.ShouldBeTrue(path);
        return await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken);
    }

    private static async Task Only(HttpClient device, string path, string[] allowed)
    {
        using var sent = JsonDocument.Parse(await Text(device, path));
        Fields(sent.RootElement, "")
            .Distinct()
            .Where(f =>
                !allowed.Any(a =>
                    f == a
                    || (a.EndsWith(".*", StringComparison.Ordinal) && f.StartsWith(a[..^1], StringComparison.Ordinal))
                )
            )
            .ShouldBeEmpty(path);
    }

    private static IEnumerable<string> Fields(JsonElement element, string at) =>
        element.ValueKind switch
        {
            JsonValueKind.Object => element
                .EnumerateObject()
                .SelectMany(p => Fields(p.Value, at.Length == 0 ? p.Name : $"{at}.{p.Name}")),
            JsonValueKind.Array => element.EnumerateArray().SelectMany(i => Fields(i, at)),
            _ => [at],
        };
}
