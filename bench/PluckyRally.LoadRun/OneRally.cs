using System.Net;
using System.Net.Http.Json;
using System.Text;
using System.Text.Json;

namespace PluckyRally.LoadRun;

/// <summary>One rally with all devices of a hall: judges who record and whose pages follow, and walls.</summary>
internal static class OneRally
{
    /// <param name="root">The project's folder.</param>
    /// <param name="hall">The rally.</param>
    /// <param name="judges">How many judges.</param>
    /// <param name="walls">How many walls.</param>
    /// <param name="perSecond">Entries a second, of all judges together.</param>
    /// <param name="length">For how long.</param>
    /// <param name="drawing">Where memory and handles are drawn; nowhere where absent.</param>
    public static async Task Run(
        string root,
        Hall hall,
        int judges,
        int walls,
        int perSecond,
        TimeSpan length,
        string? drawing = null
    )
    {
        using var server = new ServerUnderLoad(root, 5187, lan: true);
        Console.WriteLine($"started in {(await server.Start()).TotalSeconds:0.0} s");
        using var teacher = new HttpClient(new SocketsHttpHandler { CookieContainer = new CookieContainer() })
        {
            BaseAddress = server.Address,
        };
        (
            await teacher.PostAsJsonAsync("/api/password", new { password = "tide tables on Tuesday" })
        ).EnsureSuccessStatusCode();
        using var made = await teacher.PostAsync(
            "/api/files",
            new StringContent(hall.File(), Encoding.UTF8, "application/json")
        );
        if (!made.IsSuccessStatusCode)
            throw new InvalidOperationException(await made.Content.ReadAsStringAsync());
        var rally = Guid.Parse(made.Headers.Location!.ToString().Split('/')[^1]);
        var (judgeCode, wallCode) = (await Code("judge"), await Code("wall"));
        var windows = Enumerable
            .Range(0, judges)
            .Select(n => new JudgeWindow(server.Address, rally, n, hall.Teams))
            .ToList();
        var shown = Enumerable.Range(0, walls).Select(n => new WallWindow(server.Address, rally, judges + n)).ToList();
        foreach (var (window, n) in windows.Select((w, n) => (w, n)))
            await window.Open(judgeCode, $"Judge {n}");
        foreach (var window in shown)
            await window.Open(wallCode, "");
        await Burst("warm-up", TimeSpan.FromSeconds(5));
        await Burst($"{hall.Teams} teams × {hall.Attempts} attempts, {judges} judges, {walls} walls", length);
        foreach (var window in windows.Take(10))
            await window.LoadFirst();
        Console.WriteLine(
            $"a judge's page loaded then: {windows.Take(10).Max(w => w.First.Bytes) / 1000.0:0.0} kB at "
                + $"most of the API, {Spread.Of(windows.Take(10).Select(w => w.First.Milliseconds))}"
        );
        Console.WriteLine(
            "the same inserts into SQLite alone: "
                + (await SqliteAlone.Insert(hall, perSecond, TimeSpan.FromSeconds(Math.Min(length.TotalSeconds, 30))))
        );
        foreach (var window in windows.Concat<Window>(shown))
            await window.DisposeAsync();

        async Task<string> Code(string kind)
        {
            using var pass = await teacher.PostAsJsonAsync($"/api/rallies/{rally}/passes", new { kind });
            return (await pass.Content.ReadFromJsonAsync<JsonElement>()).GetProperty("code").GetString()!;
        }

        async Task Burst(string name, TimeSpan time)
        {
            var before = (await Logged()).Count;
            foreach (var window in windows.Concat<Window>(shown))
                window.Times.Clear();
            var bytes = windows.Concat<Window>(shown).Sum(w => w.Bytes);
            var recording = windows
                .Select((window, n) => new Judge(window.Http, rally, n, hall.Entry) { Taken = window.Follow })
                .ToList();
            var watched = new Watched(server);
            var worked = server.Worked;
            watched.Look();
            var working = Task.WhenAll(recording.Select(j => j.Record(perSecond / (double)judges, time)));
            while (!working.IsCompleted)
            {
                await Task.WhenAny(working, Task.Delay(TimeSpan.FromSeconds(1)));
                watched.Look();
            }

            await working;
            worked = server.Worked - worked;
            var log = await Logged();
            var acknowledged = recording.SelectMany(j => j.Acknowledged).ToList();
            Console.WriteLine($"{name}: {perSecond} entries a second for {time.TotalSeconds:0} s");
            Console.WriteLine(
                $"  acknowledged {acknowledged.Count} ({acknowledged.Count / time.TotalSeconds:0.0} a "
                    + $"second), in the log {log.Count - before}, missing {acknowledged.Except(log).Count()}, "
                    + $"doubled {log.Count - log.Distinct().Count()}, sent again {recording.Sum(j => j.SentAgain)}"
            );
            Console.WriteLine($"  recording: {Spread.Of(recording.SelectMany(j => j.Times))}");
            Console.WriteLine($"  judges' pages: {Spread.Of(windows.SelectMany(w => w.Times))}");
            Console.WriteLine($"  walls: {Spread.Of(shown.SelectMany(w => w.Times))}");
            Console.WriteLine(
                $"  {(windows.Concat<Window>(shown).Sum(w => w.Bytes) - bytes) / time.TotalSeconds / 1000:0} "
                    + $"kB a second to all windows; the server worked {worked / time.TotalSeconds:0.00} of two "
                    + "cores"
            );
            Console.WriteLine($"  {watched}");
            if (drawing is not null)
                await File.WriteAllTextAsync(drawing, watched.Draw());
            if (acknowledged.Except(log).Any() || log.Count - before != acknowledged.Count)
                throw new InvalidOperationException("Entries were lost or doubled.");
        }

        async Task<List<Guid>> Logged()
        {
            var read = await teacher.GetFromJsonAsync<JsonElement>($"/api/rallies/{rally}/file");
            return [.. read.GetProperty("entries").EnumerateArray().Select(e => e.GetProperty("id").GetGuid())];
        }
    }
}
