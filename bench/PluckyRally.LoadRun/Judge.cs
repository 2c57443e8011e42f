using System.Diagnostics;
using System.Net;
using System.Text;

namespace PluckyRally.LoadRun;

/// <summary>
/// A judge who records at an even pace and, like the browser's outbox, sends again until there is an answer.
/// </summary>
/// <param name="http">The judge's connection.</param>
/// <param name="rally">The rally.</param>
/// <param name="number">Which judge.</param>
/// <param name="entry">What is recorded: by the judge's number, how many were recorded before, and the new entry's
/// id.</param>
internal sealed class Judge(HttpClient http, Guid rally, int number, Func<int, int, Guid, string> entry)
{
    private static readonly TimeSpan Again = TimeSpan.FromMilliseconds(500);

    /// <summary>Every entry that was acknowledged.</summary>
    public List<Guid> Acknowledged { get; } = [];

    /// <summary>Milliseconds from the first sending to the answer, for entries that needed one sending.</summary>
    public List<double> Times { get; } = [];

    /// <summary>Entries that had to be sent again.</summary>
    public int SentAgain { get; private set; }

    /// <summary>Called when the server has taken an entry, as the page that shows it would be.</summary>
    public Func<Task>? Taken { get; init; }

    public async Task Record(double perSecond, TimeSpan length)
    {
        var every = TimeSpan.FromSeconds(1.0 / perSecond);
        var began = Stopwatch.StartNew();

        // Judges do not all touch at the same moment.
        await Task.Delay(every * (number % 17 / 17.0));
        for (var i = 0; began.Elapsed < length; i++)
        {
            await Send(i, Guid.CreateVersion7());
            var next = (every * (i + 1)) + (every * (number % 17 / 17.0)) - began.Elapsed;
            if (next > TimeSpan.Zero)
                await Task.Delay(next);
        }
    }

    private async Task Send(int before, Guid id)
    {
        var document = entry(number, before, id);
        for (var tries = 1; ; tries++)
        {
            var sent = Stopwatch.GetTimestamp();
            try
            {
                using var answer = await http.PostAsync(
                    $"/api/rallies/{rally}/entries",
                    new StringContent(document, Encoding.UTF8, "application/json")
                );
                if (answer.StatusCode is not (HttpStatusCode.OK or HttpStatusCode.Created))
                    throw new InvalidOperationException(await answer.Content.ReadAsStringAsync());
                Acknowledged.Add(id);
                if (tries == 1)
                    Times.Add(Stopwatch.GetElapsedTime(sent).TotalMilliseconds);
                if (Taken is not null)
                    await Taken();
                return;
            }
            catch (HttpRequestException)
            {
                // The server is away. The entry waits here, as it does in the browser.
                if (tries == 1)
                    SentAgain++;
                await Task.Delay(Again);
            }
        }
    }
}
