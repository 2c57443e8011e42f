using System.Net.Http.Json;
using System.Text;
using System.Text.Json;
using PluckyRally.LoadRun;

// dotnet run -c Release --project bench/PluckyRally.LoadRun [SECONDS]
const int Rallies = 40;
const int JudgesEach = 2;
const int PerSecond = 5;
var length = TimeSpan.FromSeconds(args is [var said] && int.TryParse(said, out var seconds) ? seconds : 30);
var root = AppContext.BaseDirectory;
while (!File.Exists(Path.Combine(root, "PluckyRally.slnx"))) root = Path.GetDirectoryName(root.TrimEnd('/'))!;
using var server = new ServerUnderLoad(root, 5187);
Console.WriteLine($"started in {(await server.Start()).TotalSeconds:0.0} s");
using var http = new HttpClient { BaseAddress = server.Address };
var file = await File.ReadAllTextAsync(Path.Combine(root, "demo", "class-5-today.rally.json"));
var rallies = new List<Guid>();
for (var i = 0; i < Rallies; i++)
{
    using var made = await http.PostAsync("/api/files", new StringContent(file, Encoding.UTF8, "application/json"));
    rallies.Add(Guid.Parse(made.Headers.Location!.ToString().Split('/')[^1]));
}

await Run("warm-up", TimeSpan.FromSeconds(5), kill: false);
await Run("load", length, kill: false);
await Run("killed in mid-burst and started again", length / 2, kill: true);

async Task Run(string name, TimeSpan time, bool kill)
{
    var known = (await Logged()).ToDictionary(l => l.Key, l => l.Value.Count);
    var judges = rallies.SelectMany((rally, r) => Enumerable.Range(0, JudgesEach).Select(j => (Rally: rally, Judge: new Judge(http, rally, (r * JudgesEach) + j)))).ToList();
    var memory = new List<double>();
    var working = Task.WhenAll(judges.Select(j => j.Judge.Record(PerSecond, time)));
    var ticks = 0;
    while (!working.IsCompleted)
    {
        await Task.WhenAny(working, Task.Delay(TimeSpan.FromSeconds(1)));
        if (kill && ++ticks == (int)(time.TotalSeconds / 2))
        {
            server.Kill();
            Console.WriteLine($"  killed; started again in {(await server.Start()).TotalSeconds:0.0} s");
        }

        memory.Add(server.Megabytes);
    }

    await working;
    var logs = await Logged();
    var missing = judges.Sum(j => j.Judge.Acknowledged.Count(id => !logs[j.Rally].Contains(id)));
    var doubled = logs.Values.Sum(l => l.Count - l.Distinct().Count());
    var acknowledged = judges.Sum(j => j.Judge.Acknowledged.Count);
    var gained = logs.Sum(l => l.Value.Count - known[l.Key]);
    var times = judges.SelectMany(j => j.Judge.Times).Order().ToList();
    Console.WriteLine($"{name}: {Rallies} rallies, {judges.Count} judges, {PerSecond} a second each for {time.TotalSeconds:0} s");
    Console.WriteLine($"  acknowledged {acknowledged} ({acknowledged / time.TotalSeconds:0} a second), in the log {gained}, missing {missing}, doubled {doubled}, sent again {judges.Sum(j => j.Judge.SentAgain)}");
    Console.WriteLine($"  recording: median {times[times.Count / 2]:0.0} ms, p99 {times[(int)(times.Count * 0.99)]:0.0} ms, longest {times[^1]:0} ms");
    Console.WriteLine($"  memory: {memory[0]:0} MB at first, {memory[memory.Count / 2]:0} in the middle, {memory[^1]:0} at the end, {memory.Max():0} at most");
    if (missing + doubled > 0 || gained != acknowledged) throw new InvalidOperationException("Entries were lost or doubled.");
}

async Task<Dictionary<Guid, List<Guid>>> Logged()
{
    var logs = new Dictionary<Guid, List<Guid>>();
    foreach (var rally in rallies)
    {
        var read = await http.GetFromJsonAsync<JsonElement>($"/api/rallies/{rally}/file");
        logs[rally] = [.. read.GetProperty("entries").EnumerateArray().Select(e => e.GetProperty("id").GetGuid())];
    }

    return logs;
}
