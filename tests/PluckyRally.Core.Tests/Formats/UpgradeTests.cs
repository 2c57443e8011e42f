using System.Text.Json;
using System.Text.Json.Nodes;
using PluckyRally.Core.Documents;
using PluckyRally.Core.Files;

namespace PluckyRally.Core.Tests.Formats;

/// <summary>Briefs of version 1 are read as the newest version, wherever they stand.</summary>
public sealed class UpgradeTests
{
    private const int Drawn = 40;

    private static string Folder => Path.Combine(ProjectFolder.Root, "tests", "formats", "v1", "demo");

    public static TheoryData<string> Briefs =>
        [.. Directory.GetFiles(Folder, "*.brief.json").Select(f => Path.GetFileName(f))];

    [Theory]
    [InlineData("run_value - total", "run.value - team.total")]
    [InlineData("run * 2", "run.points * 2")]
    [InlineData("max(run, run_legs)", "max(run.points, run.legs)")]
    [InlineData("max + run_items_left", "max + run_items_left")]
    [InlineData("max (height, total)", "max (height, team.total)")]
    [InlineData("height_value", "height_value")]
    [InlineData("run.value + run.points", "run.value + run.points")]
    public void Names_get_their_dot_and_measures_and_functions_stay(string old, string now)
    {
        var brief = Old(new JsonArray(Named("tie", old)));
        DocumentReader
            .Brief(brief.ToJsonString())
            .OrThrow()
            .Value.ShouldSatisfyAllConditions(
                b => b.Version.ShouldBe(Brief.NewestVersion),
                b => b.Method.TieBreaks[0].Value.ShouldBe(now)
            );
    }

    [Fact]
    public void A_tier_is_mended_like_the_brief_and_an_award_says_which_way_is_better()
    {
        var brief = Old([]);
        brief["method"]!["awards"] = new JsonArray(
            new JsonObject
            {
                ["id"] = "a",
                ["name"] = "Award",
                ["value"] = "run_value",
            }
        );
        brief["tiers"] = new JsonArray(
            new JsonObject
            {
                ["id"] = "t",
                ["overrides"] = new JsonArray(
                    new JsonObject { ["at"] = "/method/awards/a/value", ["value"] = "run" },
                    new JsonObject { ["at"] = "/method/tieBreaks", ["value"] = new JsonArray(Named("tie", "total")) },
                    new JsonObject { ["at"] = "/story", ["value"] = "run" }
                ),
            }
        );
        var read = DocumentReader.Brief(brief.ToJsonString()).OrThrow();
        read.Text.ShouldContain("\"better\": \"more\"");
        var edition = Editions.Resolve(read.Value, "t").OrThrow().Brief;
        (edition.Method.Awards[0].Value, edition.Method.TieBreaks[0].Value, edition.Story).ShouldBe(
            ("run.points", "team.total", "run")
        );
    }

    [Fact]
    public void A_rallys_edition_a_kept_one_and_a_draft_on_a_screen_are_mended_too()
    {
        var brief = Old(new JsonArray(Named("tie", "run_value")));
        var rally = new JsonObject
        {
            ["format"] = Rally.FormatName,
            ["version"] = 1,
            ["name"] = "Class",
            ["edition"] = new JsonObject { ["brief"] = brief.DeepClone() },
        };
        DocumentReader
            .Rally(rally.ToJsonString())
            .OrThrow()
            .Value.Edition.Brief.Method.TieBreaks[0]
            .Value.ShouldBe("run.value");
        DocumentReader
            .KeptEdition(rally["edition"]!.ToJsonString())!
            .Brief.Method.TieBreaks[0]
            .Value.ShouldBe("run.value");
        DocumentReader
            .Request<Edition>(new JsonObject { ["brief"] = brief.DeepClone() }.ToJsonString())
            .OrThrow()
            .Value.Brief.Method.TieBreaks[0]
            .Value.ShouldBe("run.value");
    }

    [Theory]
    [MemberData(nameof(Briefs))]
    public void Upgrading_and_laying_a_tier_over_can_be_swapped(string file)
    {
        var old = JsonNode.Parse(File.ReadAllText(Path.Combine(Folder, file)))!.AsObject();
        old.Remove("tiers");
        var random = new Random(file.Length);
        var laid = 0;
        for (var set = 0; set < Drawn; set++)
        {
            var overrides = Enumerable.Range(0, random.Next(1, 5)).Select(_ => Draw(old, random)).ToList();
            var first = old.DeepClone().AsObject();
            first["tiers"] = new JsonArray(
                new JsonObject
                {
                    ["id"] = "t",
                    ["overrides"] = new JsonArray([
                        .. overrides.Select(o => new JsonObject { ["at"] = o.At, ["value"] = o.Value?.DeepClone() }),
                    ]),
                }
            );
            var upgraded = DocumentReader.Brief(first.ToJsonString());
            if (
                !upgraded.IsOk
                || Editions.Resolve(upgraded.Value.Value, "t") is not { IsOk: true, Value.Brief: { } edition }
            )
                continue;

            var second = old.DeepClone().AsObject();
            foreach (var (at, value) in overrides)
            {
                var laidValue = JsonSerializer.SerializeToElement(value);
                // Items come and go as in a tier; the fields of an old document are known to nobody else.
                (
                    BriefChanges.Put(second, new(at, laidValue)) || DocumentPaths.Put(second, at, laidValue)
                ).ShouldBeTrue(at);
            }

            Json.Write(DocumentReader.Brief(second.ToJsonString()).OrThrow().Value)
                .ShouldBe(Json.Write(edition), $"{file}, set {set}: {string.Join(", ", overrides.Select(o => o.At))}");
            laid++;
        }

        laid.ShouldBeGreaterThan(Drawn / 4);
    }

    /// <summary>
    /// Something of the brief with a value of the same sort, in the words of version 1; the method, which changed, is
    /// met most often.
    /// </summary>
    private static (string At, JsonNode? Value) Draw(JsonObject brief, Random random)
    {
        var method = brief["method"]!.AsObject();
        var ids = method["parts"]!
            .AsArray()
            .Select(p => p!["id"]!.GetValue<string>())
            .Concat((brief["measures"]?.AsArray() ?? []).Select(m => m!["id"]!.GetValue<string>()))
            .ToList();
        var name =
            ids[random.Next(ids.Count)]
            + new[] { "", "_value", "_tau", "_left", "_spent", " * 2 + total" }[random.Next(6)];
        var parts = method["parts"]!.AsArray();
        switch (random.Next(7))
        {
            case 0:
                return ("/method/tieBreaks", new JsonArray(Named("drawn", name), Named("second", "total")));
            case 1 when method["tieBreaks"] is JsonArray { Count: > 0 }:
                return ("/method/tieBreaks/0/value", name);
            case 2:
                return (
                    "/method/awards",
                    new JsonArray(
                        new JsonObject
                        {
                            ["id"] = "drawn",
                            ["name"] = "Drawn",
                            ["value"] = name,
                        }
                    )
                );
            case 3 when method["awards"] is JsonArray { Count: > 0 } awards:
                return (
                    $"/method/awards/{awards[0]!["id"]}",
                    new JsonObject
                    {
                        ["id"] = awards[0]!["id"]!.DeepClone(),
                        ["name"] = "Drawn",
                        ["value"] = name,
                    }
                );
            case 4:
                return ("/method/precision", 0.5m);
            case 5:
                var part = parts[random.Next(parts.Count)]!;
                return ($"/method/parts/{part["id"]}/weight", random.Next(1, 4));
            default:
                return ("/story", $"A day with {name}");
        }
    }

    private static JsonObject Old(JsonArray tieBreaks) =>
        new()
        {
            ["format"] = Brief.FormatName,
            ["version"] = 1,
            ["title"] = "Old",
            ["measures"] = new JsonArray(
                new JsonObject
                {
                    ["id"] = "height",
                    ["name"] = "Height",
                    ["kind"] = "length",
                    ["unit"] = "cm",
                }
            ),
            ["method"] = new JsonObject
            {
                ["parts"] = new JsonArray(
                    new JsonObject
                    {
                        ["kind"] = "relay",
                        ["id"] = "run",
                        ["name"] = "Run",
                        ["legs"] = new JsonArray("Out"),
                        ["curve"] = new JsonObject { ["kind"] = "place", ["points"] = new JsonArray(10) },
                    },
                    new JsonObject
                    {
                        ["kind"] = "measured",
                        ["id"] = "height",
                        ["name"] = "Height",
                        ["value"] = "height",
                        ["better"] = "more",
                        ["curve"] = new JsonObject { ["kind"] = "raw" },
                    }
                ),
                ["tieBreaks"] = tieBreaks,
            },
        };

    private static JsonObject Named(string name, string value) =>
        new()
        {
            ["name"] = name,
            ["value"] = value,
            ["better"] = "more",
        };
}
