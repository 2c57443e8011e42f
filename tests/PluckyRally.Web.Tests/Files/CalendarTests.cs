using System.Diagnostics;
using System.Net;
using System.Text.Json;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Time;

namespace PluckyRally.Web.Tests.Files;

/// <summary>The lessons as iCalendar (RFC 5545), read back with another library (ical.js).</summary>
public sealed class CalendarTests : IDisposable
{
    private const string ReadBack = """
        import ICAL from 'ical.js'
        let text = ''
        for await (const part of process.stdin) text += part
        const events = new ICAL.Component(ICAL.parse(text)).getAllSubcomponents('vevent').map((e) => new ICAL.Event(e))
        const said = (e) => ({
          uid: e.uid, summary: e.summary, description: e.description,
          start: e.startDate.toString(), end: e.endDate.toString(),
        })
        console.log(JSON.stringify(events.map(said)))
        """;

    private readonly RunningApp _app = AppPool.Lend();

    [Fact]
    public async Task Each_lesson_is_an_event_that_another_library_reads()
    {
        var title = "Slow; steady, and \\ long: " + new string('x', 70);
        var brief = Sample.Brief(title) with
        {
            Timing = new Timing
            {
                Lesson = 30,
                Lessons = 2,
                Teams = 7,
                Phases =
                [
                    new()
                    {
                        Id = "build",
                        Kind = PhaseKind.Build,
                        Minutes = 15,
                    },
                    new()
                    {
                        Id = "test",
                        Kind = PhaseKind.Test,
                        Minutes = 2,
                        TeamByTeam = true,
                    },
                ],
            },
        };
        var id = await _app.AddBrief(brief);
        var response = await _app.Client.GetAsync(
            $"/api/briefs/{id}/calendar?begins=2026-11-30T09:15&every=3",
            TestContext.Current.CancellationToken
        );
        response.Content.Headers.ContentType!.MediaType.ShouldBe("text/calendar");
        var text = await response.Content.ReadAsStringAsync(TestContext.Current.CancellationToken);
        text.Split("\r\n")
            .ShouldAllBe(line => System.Text.Encoding.UTF8.GetByteCount(line) <= 75, "RFC 5545, 3.1: lines are folded");
        var events = await Read(text);
        events
            .Select(e =>
                (
                    e.GetProperty("summary").GetString(),
                    e.GetProperty("start").GetString(),
                    e.GetProperty("end").GetString()
                )
            )
            .ShouldBe([
                ($"{title}, lesson 1 of 2", "2026-11-30T09:15:00", "2026-11-30T09:45:00"),
                ($"{title}, lesson 2 of 2", "2026-12-03T09:15:00", "2026-12-03T09:45:00"),
            ]);
        events[0].GetProperty("description").GetString().ShouldBe("9:15 AM Build\n9:30 AM Test");
        events.Select(e => e.GetProperty("uid").GetString()).ShouldBeUnique();
    }

    [Theory]
    [InlineData("begins=2026-11-30T09:15&every=0", HttpStatusCode.UnprocessableEntity)]
    [InlineData("begins=1026-11-30T09:15", HttpStatusCode.UnprocessableEntity)]
    [InlineData("begins=soon", HttpStatusCode.BadRequest)]
    [InlineData("begins=2026-11-30T09:15", HttpStatusCode.UnprocessableEntity)]
    public async Task What_makes_no_calendar_is_refused(string query, HttpStatusCode status) =>
        (
            await _app.Client.GetAsync(
                $"/api/briefs/{await _app.AddBrief(Sample.Brief())}/calendar?{query}",
                TestContext.Current.CancellationToken
            )
        ).StatusCode.ShouldBe(status);

    public void Dispose() => AppPool.Return(_app);

    private static async Task<IReadOnlyList<JsonElement>> Read(string text)
    {
        using var node = Process.Start(
            new ProcessStartInfo("node", ["--input-type=module", "-e", ReadBack])
            {
                WorkingDirectory = Path.Combine(ProjectFolder.Root, "web"),
                RedirectStandardInput = true,
                RedirectStandardOutput = true,
            }
        )!;
        await node.StandardInput.WriteAsync(text);
        node.StandardInput.Close();
        return
        [
            .. JsonElement
                .Parse(await node.StandardOutput.ReadToEndAsync(TestContext.Current.CancellationToken))
                .EnumerateArray(),
        ];
    }
}
