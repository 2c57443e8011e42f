using System.Text.Json;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Checks;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Run;
using PluckyRally.Core.Score;
using PluckyRally.Web.Run;
using PluckyRally.Web.Teams;

namespace PluckyRally.Web.Tests.Access;

/// <summary>
/// A judge and a wall are sent the fields that stand in these lists and no others, for every demo rally. A field that
/// is added to what they are sent is added here too, or is theirs no more.
/// </summary>
public sealed class FieldsTests : IDisposable
{
    private readonly Classroom _class = new();

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
        await Only(judge, $"/api/rallies/{rally}/walk", AllowedFields.Walk);
        await Only(judge, $"/api/rallies/{rally}/score?team=t1", AllowedFields.Changes);
        await Only(judge, $"/api/rallies/{rally}/score/sheets?team=t1&team=t2", AllowedFields.Sheet);
        await Only(wall, $"/api/rallies/{rally}/wall", AllowedFields.Wall);
        await Only(wall, $"/api/rallies/{rally}/wall/clock", AllowedFields.Clock);
        await Only(wall, $"/api/rallies/{rally}/wall/board", AllowedFields.Board);
        await Only(judge, $"/api/rallies/{rally}/talk?team=t1", AllowedFields.Talk);
        foreach (
            var touch in new[]
            {
                new ClockTouch(ClockDoes.Show, Shows: WallShows.Gallery) { Gallery = new("", true) },
                new ClockTouch(ClockDoes.Show, Number: 3, Shows: WallShows.OverAll) { OverAll = new() },
            }
        )
        {
            (await Classroom.Send(room.Teacher, $"/api/rallies/{rally}/clock", touch)).EnsureSuccessStatusCode();
            await Only(wall, $"/api/rallies/{rally}/wall/gallery", AllowedFields.Gallery);
            await Only(wall, $"/api/rallies/{rally}/wall/over-all", AllowedFields.OverAll);
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
