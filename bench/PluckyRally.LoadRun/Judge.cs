using System.Diagnostics;
using System.Net;
using System.Text;

namespace PluckyRally.LoadRun;

/// <summary>A judge who records at an even pace and, like the browser's outbox, sends again until there is an answer.</summary>
internal sealed class Judge(HttpClient http, Guid rally, int number)
{
    private static readonly TimeSpan Again = TimeSpan.FromMilliseconds(500);

    /// <summary>Every entry that was acknowledged.</summary>
    public List<Guid> Acknowledged { get; } = [];

    /// <summary>Milliseconds from the first sending to the answer, for entries that needed one sending.</summary>
    public List<double> Times { get; } = [];

    /// <summary>Entries that had to be sent again.</summary>
    public int SentAgain { get; private set; }

    public async Task Record(int perSecond, TimeSpan length)
    {
        var every = TimeSpan.FromSeconds(1.0 / perSecond);
        var began = Stopwatch.StartNew();

        // Judges do not all touch at the same moment.
        await Task.Delay(every * (number % 17 / 17.0));
        for (var i = 0; began.Elapsed < length; i++)
        {
            await Send(Guid.CreateVersion7());
            var next = (every * (i + 1)) + (every * (number % 17 / 17.0)) - began.Elapsed;
            if (next > TimeSpan.Zero) await Task.Delay(next);
        }
    }

    private async Task Send(Guid id)
    {
        var entry = $$"""{ "kind": "noteMade", "id": "{{id}}", "team": "t{{(number % 6) + 1}}", "text": "tests early" }""";
        for (var tries = 1; ; tries++)
        {
            var sent = Stopwatch.GetTimestamp();
            try
            {
                using var answer = await http.PostAsync($"/api/rallies/{rally}/entries", new StringContent(entry, Encoding.UTF8, "application/json"));
                if (answer.StatusCode is not (HttpStatusCode.OK or HttpStatusCode.Created)) throw new InvalidOperationException(await answer.Content.ReadAsStringAsync());
                Acknowledged.Add(id);
                if (tries == 1) Times.Add(Stopwatch.GetElapsedTime(sent).TotalMilliseconds);
                return;
            }
            catch (HttpRequestException)
            {
                // The server is away. The entry waits here, as it does in the browser.
                if (tries == 1) SentAgain++;
                await Task.Delay(Again);
            }
        }
    }
}
