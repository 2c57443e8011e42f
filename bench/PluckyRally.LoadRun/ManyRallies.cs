using System.Net.Http.Json;
using System.Text;
using System.Text.Json;

namespace PluckyRally.LoadRun;

/// <summary>
/// Many small rallies at once, each with two judges who only record; then the same, killed in mid-burst.
/// </summary>
internal static class ManyRallies
{
    private const int Rallies = 40;
    private const int JudgesEach = 2;
    private const int PerSecond = 5;

    public static async Task Run(string root, TimeSpan length)
    {
        using var server = new ServerUnderLoad(root, 5187);
        Console.WriteLine($"started in {(await server.Start()).TotalSeconds:0.0} s");
        using var http = new HttpClient { BaseAddress = server.Address };
        var file = await File.ReadAllTextAsync(Path.Combine(root, "demo", "class-5-today.rally.json"));
        var rallies = new List<Guid>();
        for (var i = 0; i < Rallies; i++)
        {
            using var made = await http.PostAsync(
                "/api/files",
                new StringContent(file, Encoding.UTF8, "application/json")
            );
            rallies.Add(Guid.Parse(made.Headers.Location!.ToString().Split('/')[^1]));
        }

        await Burst("warm-up", TimeSpan.FromSeconds(5), kill: false);
        await Burst("load", length, kill: false);
        await Burst("killed in mid-burst and started again", length / 2, kill: true);

        async Task Burst(string name, TimeSpan time, bool kill)
        {
            var known = (await Logged()).ToDictionary(l => l.Key, l => l.Value.Count);
            var judges = rallies
                .SelectMany(
                    (rally, r) =>
                        Enumerable
                            .Range(0, JudgesEach)
                            .Select(j => (Rally: rally, Judge: new Judge(http, rally, (r * JudgesEach) + j, Hall.Note)))
                )
                .ToList();
            var watched = new Watched(server);
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

                watched.Look();
            }

            await working;
            var logs = await Logged();
            var missing = judges.Sum(j => j.Judge.Acknowledged.Count(id => !logs[j.Rally].Contains(id)));
            var doubled = logs.Values.Sum(l => l.Count - l.Distinct().Count());
            var acknowledged = judges.Sum(j => j.Judge.Acknowledged.Count);
            var gained = logs.Sum(l => l.Value.Count - known[l.Key]);
            Console.WriteLine(
                $"{name}: {Rallies} rallies, {judges.Count} judges, {PerSecond} a second each for "
                    + $"{time.TotalSeconds:0} s"
            );
            Console.WriteLine(
                $"  acknowledged {acknowledged} ({acknowledged / time.TotalSeconds:0} a second), in the log "
                    + $"{gained}, missing {missing}, doubled {doubled}, sent again "
                    + $"{judges.Sum(j => j.Judge.SentAgain)}"
            );
            Console.WriteLine($"  recording: {Spread.Of(judges.SelectMany(j => j.Judge.Times))}");
            Console.WriteLine($"  {watched}");
            if (missing + doubled > 0 || gained != acknowledged)
                throw new InvalidOperationException("Entries were lost or doubled.");
        }

        async Task<Dictionary<Guid, List<Guid>>> Logged()
        {
            var logs = new Dictionary<Guid, List<Guid>>();
            foreach (var rally in rallies)
            {
                var read = await http.GetFromJsonAsync<JsonElement>($"/api/rallies/{rally}/file");
                logs[rally] =
                [
                    .. read.GetProperty("entries").EnumerateArray().Select(e => e.GetProperty("id").GetGuid()),
                ];
            }

            return logs;
        }
    }
}
