using System.Globalization;
using System.Text;
using System.Text.Json.Nodes;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Day;
using PluckyRally.Data.Passes;
using PluckyRally.Web.Access;
using PluckyRally.Web.Teams;

namespace PluckyRally.Web.Tests.Faults;

/// <summary>
/// Sends what nobody would type to everything that the API's own description names: seeded, for a quarter of a minute,
/// and for as long as is wanted with RALLY_FUZZ_SECONDS (<c>./test fuzz SECONDS</c>). No answer is a failure of the
/// server's.
/// </summary>
public sealed class FuzzTests : IDisposable
{
    private readonly RunningApp _app = new();
    private readonly JsonObject _description = JsonNode
        .Parse(File.ReadAllText(Path.Combine(ProjectFolder.Root, "web", "src", "api", "openapi.json")))!
        .AsObject();

    [Fact]
    [Trait("run", "long")]
    public async Task Nothing_that_is_sent_makes_the_server_fail()
    {
        var seconds = double.Parse(
            Environment.GetEnvironmentVariable("RALLY_FUZZ_SECONDS") ?? "5",
            CultureInfo.InvariantCulture
        );
        var seed = int.Parse(
            Environment.GetEnvironmentVariable("RALLY_FUZZ_SEED") ?? "20261126",
            CultureInfo.InvariantCulture
        );
        var random = new Random(seed);
        var seeds = await Seeds();
        var garbage = new Garbage(random, _description, [.. seeds.Documents]);
        var operations = _description["paths"]!
            .AsObject()
            .SelectMany(path =>
                path.Value!.AsObject().Select(o => (Path: path.Key, Method: o.Key, Operation: o.Value!.AsObject()))
            )
            .ToList();
        operations.Count.ShouldBeGreaterThan(60);
        var failures = new List<string>();
        var statuses = new Dictionary<int, int>();
        var until = DateTime.UtcNow.AddSeconds(seconds);
        var sent = 0;
        for (; DateTime.UtcNow < until && failures.Count < 20; sent++)
        {
            var (path, method, operation) = operations[random.Next(operations.Count)];
            var address = garbage.Address(path, operation, seeds.Ids);
            var body = garbage.Body(operation);
            var revision = random.Next(1, 4);
            var status = await Send(method, address, body, revision)
                ?? await Send(method, address, body, revision)
                ?? await Send(method, address, body, revision)
                ?? 599;
            statuses[status] = statuses.GetValueOrDefault(status) + 1;
            if (status >= 500)
                failures.Add($"{method} {address}: {status}\n{Shown(body)}");
        }

        TestContext.Current.TestOutputHelper?.WriteLine(
            $"{sent} requests with seed {seed}: "
                + string.Join(", ", statuses.OrderBy(s => s.Key).Select(s => $"{s.Value} × {s.Key}"))
        );
        failures.Count.ShouldBe(0, string.Join("\n\n", failures));
        statuses.Keys.Count(s => s is >= 200 and < 300).ShouldBeGreaterThan(0, "some of it must come through");

        // Nothing that was kept has closed a page.
        foreach (
            var list in new[]
            {
                "/api/briefs",
                "/api/rallies",
                "/api/classes",
                "/api/cupboard",
                "/api/year",
                "/api/shopping",
                "/api/kept",
                "/api/kept/removed",
            }
        )
            (await _app.Client.GetAsync(list, TestContext.Current.CancellationToken)).IsSuccessStatusCode.ShouldBeTrue(
                list
            );
    }

    public void Dispose() => _app.Dispose();

    /// <summary>
    /// The status; null where the server hung up. It hangs up behind a body that was too large for it, and the next
    /// request may still go to that line: so it is asked again, twice where the line is slow to go.
    /// </summary>
    private async Task<int?> Send(string method, string address, byte[]? body, int revision)
    {
        try
        {
            using var request = new HttpRequestMessage(new HttpMethod(method.ToUpperInvariant()), address);
            if (body is not null)
                request.Content = new ByteArrayContent(body)
                {
                    Headers = { ContentType = new(body is [0xFF, ..] ? "image/jpeg" : "application/json") },
                };
            if (method == "put")
                request.Headers.TryAddWithoutValidation("If-Match", $"\"{revision}\"");
            using var answer = await _app.Client.SendAsync(request, TestContext.Current.CancellationToken);
            return (int)answer.StatusCode;
        }
        catch (HttpRequestException)
        {
            return null;
        }
    }

    private static string Shown(byte[]? body)
    {
        var text = Encoding.UTF8.GetString(body ?? []);
        return text.Length > 1500 ? text[..1500] : text;
    }

    /// <summary>Real things to aim at, and real documents to spoil.</summary>
    private async Task<(Dictionary<string, List<string>> Ids, List<JsonNode> Documents)> Seeds()
    {
        var documents = new List<JsonNode>();
        var (rallies, briefs) = (new List<string>(), new List<string>());
        foreach (var file in Directory.GetFiles(Path.Combine(ProjectFolder.Root, "demo"), "*.json"))
        {
            var text = await File.ReadAllTextAsync(file, TestContext.Current.CancellationToken);
            documents.Add(JsonNode.Parse(text)!);
            var id = (await RunningApp.Read(await _app.Post("/api/files", text))).GetProperty("id").GetString()!;
            (file.EndsWith(".rally.json", StringComparison.Ordinal) ? rallies : briefs).Add(id);
        }

        documents.AddRange(
            documents
                .Where(d => d["entries"] is JsonArray)
                .SelectMany(d => d["entries"]!.AsArray().Select(e => e!.DeepClone()))
                .ToList()
        );
        var group = await RunningApp.Read(
            await _app.Post("/api/classes", new NewClass("Class 5", ["Iva A.", "Osk B.", "Wren C."]))
        );
        var pass = await RunningApp.Read(
            await _app.Post($"/api/rallies/{rallies[0]}/passes", new NewPass(PassKind.Judge))
        );
        var day = await RunningApp.Read(
            await _app.Post(
                "/api/days",
                new FairDay
                {
                    Name = "Quay day",
                    Date = new(2026, 11, 27),
                    Slots = [new() { Rally = new(Guid.Parse(rallies[0])) }],
                }
            )
        );
        return (
            new()
            {
                ["/api/rallies"] = rallies,
                ["/api/days"] = [day.GetProperty("id").GetString()!],
                ["/api/briefs"] = briefs,
                ["/api/classes"] = [group.GetProperty("id").GetString()!],
                ["/api/students"] =
                [
                    .. group.GetProperty("students").EnumerateArray().Select(p => p.GetProperty("id").GetString()!),
                ],
                ["pass"] = [pass.GetProperty("id").GetString()!],
                ["team"] = ["t1", "t2"],
                ["revision"] = ["1", "2"],
                ["part"] = ["finds", "order", "part"],
            },
            documents
        );
    }
}

/// <summary>Addresses and bodies as the description has them, spoilt.</summary>
internal sealed class Garbage(Random random, JsonObject description, IReadOnlyList<JsonNode> documents)
{
    private static readonly string[] Numbers =
    [
        "0",
        "-1",
        "1",
        "2147483647",
        "-2147483648",
        "9999999999",
        "0.1",
        "-0.000000001",
        "1000000000",
        "-1000000000",
        "79228162514264337593543950335",
        "1e308",
        "1e-300",
        "123456789.123456789",
    ];

    private static readonly string[] Texts =
    [
        "",
        " ",
        "t1",
        "caught",
        "10^27*10",
        "1/0",
        "((((((",
        "50+",
        "7 1/2 in",
        "1:99",
        "\u0000",
        "\u202E",
        "NaN",
        "=1+1",
        "<script>",
        "../../etc/passwd",
        "2026-02-31",
        "00000000-0000-0000-0000-000000000000",
        new string('x', 5000),
        string.Concat(Enumerable.Repeat("(", 300)),
        "é́́́",
        "🚣",
        "a/b~c",
        "null",
        "first-second^0.5",
        "0001-01-01T00:00:00Z",
        "9999-12-31T23:59:59Z",
    ];

    private IReadOnlyList<JsonNode> Briefs { get; } =
    [.. documents.Where(d => d["format"]?.GetValue<string>() == Brief.FormatName)];

    public string Address(string path, JsonObject operation, Dictionary<string, List<string>> ids)
    {
        var group = string.Join('/', path.Split('/').Take(3));
        var parameters = operation["parameters"]?.AsArray().Select(p => p!.AsObject()).ToList() ?? [];
        foreach (var parameter in parameters.Where(p => p["in"]!.GetValue<string>() == "path"))
        {
            var name = parameter["name"]!.GetValue<string>();
            var known = ids.GetValueOrDefault(name == "id" ? group : name);
            var value =
                known is not null && random.Next(12) > 0 ? known[random.Next(known.Count)]
                : random.Next(2) == 0 ? Guid.NewGuid().ToString()
                : Text();
            path = path.Replace($"{{{name}}}", Uri.EscapeDataString(value), StringComparison.Ordinal);
        }

        var query = parameters
            .Where(p => p["in"]!.GetValue<string>() == "query" && random.Next(3) > 0)
            .Select(p =>
                $"{p["name"]}="
                + Uri.EscapeDataString(
                    ids.GetValueOrDefault(p["name"]!.GetValue<string>()) is { } some && random.Next(2) == 0
                        ? some[random.Next(some.Count)]
                    : random.Next(2) == 0 ? Numbers[random.Next(Numbers.Length)]
                    : Text()
                )
            );
        return $"{path}?{string.Join('&', query)}";
    }

    public byte[]? Body(JsonObject operation)
    {
        if (operation["requestBody"]?["content"]?.AsObject() is not { } content)
            return null;
        var (type, schema) = (content.First().Key, content.First().Value?["schema"]);
        if (type != "application/json")
            return [0xFF, 0xD8, .. Noise()];
        var node =
            random.Next(2) == 0 && documents.Count > 0
                ? documents[random.Next(documents.Count)].DeepClone()
                : Value(schema, 0);

        // What is asked about a brief gets a real one most of the time, so that more of it is worked out.
        foreach (var name in new[] { "brief", "before", "after" })
            if (node is JsonObject asked && asked[name] is JsonObject && random.Next(4) > 0)
                asked[name] = Spoil(Briefs[random.Next(Briefs.Count)].DeepClone());
        for (var times = random.Next(4); times > 0; times--)
            node = Spoil(node);
        var text = node?.ToJsonString() ?? "null";
        if (random.Next(25) == 0)
            text = text[..random.Next(text.Length + 1)];
        if (random.Next(40) == 0)
            text = text.Replace("\"id\":\"", "\"id\":\"\\ud83d", StringComparison.Ordinal);
        return Encoding.UTF8.GetBytes(text);
    }

    /// <summary>A value that fits a schema, more or less.</summary>
    private JsonNode? Value(JsonNode? schema, int depth)
    {
        if (schema is not JsonObject at || depth > 12)
            return JsonValue.Create(Text());
        if (at["$ref"]?.GetValue<string>() is { } reference)
            return Value(description["components"]!["schemas"]![reference.Split('/')[^1]], depth + 1);
        foreach (var choice in new[] { "oneOf", "anyOf" })
            if (at[choice] is JsonArray { Count: > 0 } some)
                return Value(some[random.Next(some.Count)], depth + 1);
        if (at["enum"] is JsonArray { Count: > 0 } words && random.Next(10) > 0)
            return words[random.Next(words.Count)]?.DeepClone();
        var type = at["type"] is JsonArray types
            ? types[random.Next(types.Count)]!.GetValue<string>()
            : at["type"]?.GetValue<string>() ?? "string";
        switch (type)
        {
            case "object":
                var made = new JsonObject();
                foreach (var (name, inner) in at["properties"]?.AsObject() ?? [])
                    if (random.Next(8) > 0)
                        made[name] = Value(inner, depth + 1);
                if (at["additionalProperties"] is JsonObject more)
                    for (var i = random.Next(3); i > 0; i--)
                        made[$"k{i}"] = Value(more, depth + 1);
                return made;
            case "array":
                return new JsonArray([
                    .. Enumerable
                        .Range(0, depth > 5 ? random.Next(2) : random.Next(4))
                        .Select(_ => Value(at["items"], depth + 1)),
                ]);
            case "integer" or "number":
                return random.Next(3) == 0
                    ? JsonNode.Parse(Numbers[random.Next(Numbers.Length)])
                    : JsonValue.Create(random.Next(-2, 12));
            case "boolean":
                return JsonValue.Create(random.Next(2) == 0);
            case "null":
                return null;
            default:
                return at["format"]?.GetValue<string>() switch
                {
                    "uuid" when random.Next(6) > 0 => JsonValue.Create(Guid.NewGuid()),
                    "date" when random.Next(6) > 0 => JsonValue.Create("2026-11-24"),
                    "date-time" when random.Next(6) > 0 => JsonValue.Create("2026-11-24T09:30:00Z"),
                    _ => JsonValue.Create(Text()),
                };
        }
    }

    /// <summary>One thing somewhere in it is another, is gone, or is there twice.</summary>
    private JsonNode? Spoil(JsonNode? node)
    {
        var at = node;
        for (var deeper = random.Next(1, 9); deeper > 0; deeper--)
        {
            var inner = at switch
            {
                JsonObject { Count: > 0 } o => o.ElementAt(random.Next(o.Count)).Value,
                JsonArray { Count: > 0 } a => a[random.Next(a.Count)],
                _ => null,
            };
            if (inner is null)
                break;
            at = inner;
        }

        if (at?.Parent is null)
            return random.Next(3) == 0 ? Odd() : node;
        if (at.Parent is JsonObject owner)
        {
            var name = at.GetPropertyName();
            if (random.Next(5) == 0)
                owner.Remove(name);
            else
                owner[name] = Odd();
        }
        else if (at.Parent is JsonArray list)
        {
            var index = at.GetElementIndex();
            if (random.Next(3) == 0)
                list.Add(at.DeepClone());
            else if (random.Next(3) == 0)
                list.RemoveAt(index);
            else
                list[index] = Odd();
        }

        return node;
    }

    private JsonNode? Odd() =>
        random.Next(8) switch
        {
            0 => null,
            1 => new JsonArray(),
            2 => new JsonObject(),
            3 => JsonValue.Create(random.Next(2) == 0),
            4 or 5 => JsonNode.Parse(Numbers[random.Next(Numbers.Length)]),
            _ => JsonValue.Create(Text()),
        };

    private string Text() => Texts[random.Next(Texts.Length)];

    private byte[] Noise()
    {
        var bytes = new byte[random.Next(2000)];
        random.NextBytes(bytes);
        return bytes;
    }
}
