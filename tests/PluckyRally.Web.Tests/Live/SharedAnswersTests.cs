using System.Diagnostics;
using System.Net;
using Microsoft.AspNetCore.SignalR.Client;
using PluckyRally.Core.Run;
using PluckyRally.Core.Score;
using PluckyRally.Web.Live;
using PluckyRally.Web.Run;
using PluckyRally.Web.Teams;

namespace PluckyRally.Web.Tests.Live;

/// <summary>Many windows of one rally: what is worked out once is shared, and who has it asks nothing.</summary>
public sealed class SharedAnswersTests : IDisposable
{
    private readonly RunningApp _app = AppPool.Lend();

    [Theory]
    [InlineData("results")]
    [InlineData("walk")]
    [InlineData("wall")]
    [InlineData("wall/board")]
    public async Task Who_has_the_newest_answer_is_told_so(string page)
    {
        var rally = await _app.Begin(Sample.Brief(), "Able", "Baker");
        using var first = await Ask($"/api/rallies/{rally}/{page}");
        first.StatusCode.ShouldBe(HttpStatusCode.OK);
        first
            .Headers.CacheControl!.ToString()
            .ShouldBe("no-cache, private", "a browser keeps it and asks each time whether it is still so");
        var tag = first.Headers.ETag!.ToString();
        using (var same = await Ask($"/api/rallies/{rally}/{page}", tag))
        {
            same.StatusCode.ShouldBe(HttpStatusCode.NotModified);
            (await same.Content.ReadAsStringAsync(TestContext.Current.CancellationToken)).ShouldBeEmpty();
        }

        (await _app.Post<Entry>($"/api/rallies/{rally}/entries", Sample.Caught("210"))).EnsureSuccessStatusCode();
        using var changed = await Ask($"/api/rallies/{rally}/{page}", tag);
        changed.StatusCode.ShouldBe(HttpStatusCode.OK);
        changed.Headers.ETag!.ToString().ShouldNotBe(tag);
    }

    /// <summary>
    /// A wall that asks for what was announced, just when something more was recorded, may be shown the older state. It
    /// is told of the newer one next, and must then be shown that, and not be told that it has it.
    /// </summary>
    [Theory]
    [InlineData("wall/board")]
    [InlineData("wall/plot")]
    public async Task Who_was_answered_from_an_older_state_is_not_told_that_it_is_the_newest(string page)
    {
        var rally = await _app.Begin(Sample.Brief(), "Able", "Baker");
        await Show(1);
        (await Ask($"/api/rallies/{rally}/{page}", announced: 1)).Dispose();
        await Show(2);
        using var between = await Ask($"/api/rallies/{rally}/{page}", announced: 1);
        using var told = await Ask($"/api/rallies/{rally}/{page}", between.Headers.ETag!.ToString(), announced: 2);
        told.StatusCode.ShouldBe(HttpStatusCode.OK);
        using var again = await Ask($"/api/rallies/{rally}/{page}", told.Headers.ETag!.ToString(), announced: 2);
        again.StatusCode.ShouldBe(HttpStatusCode.NotModified);

        async Task Show(int places) =>
            (
                await _app.Post(
                    $"/api/rallies/{rally}/clock",
                    new ClockTouch(ClockDoes.Show, Number: places, Shows: WallShows.Board)
                )
            ).EnsureSuccessStatusCode();
    }

    [Fact]
    public async Task A_page_with_students_names_is_not_kept()
    {
        var rally = await _app.Begin(Sample.Brief(), "Able");
        using var desk = await Ask($"/api/rallies/{rally}");
        desk.Headers.CacheControl!.NoStore.ShouldBeTrue();
        desk.Headers.ETag.ShouldBeNull();
    }

    /// <summary>Whatever the teacher is answered that names a student, no browser keeps.</summary>
    [Fact]
    public async Task No_answer_with_a_students_name_in_it_is_kept()
    {
        var made = await RunningApp.Read(
            await _app.Post("/api/classes", new NewClass("Class 3", ["Zephyrine Q.", "Zephyrine R."]))
        );
        var students = made.GetProperty("students")
            .EnumerateArray()
            .Select(p => p.GetProperty("id").GetGuid())
            .ToList();
        var begun = await RunningApp.Read(
            await _app.Post(
                "/api/rallies",
                new NewRally
                {
                    Brief = await _app.AddBrief(Sample.Brief()),
                    Name = "Class 3",
                    Teams = [new("Terns") { Students = [new(students[0], [])] }],
                }
            )
        );
        var rally = begun.GetProperty("id").GetGuid();
        foreach (var entry in new Entry[] { Sample.Stands(true), Sample.Caught("210") })
            (await _app.Post($"/api/rallies/{rally}/entries", entry)).EnsureSuccessStatusCode();
        var said = new List<string>();
        foreach (var path in Paths(rally, made.GetProperty("id").GetGuid()))
        {
            using var answer = await Ask(path);
            var body = await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken);
            if (!body.Contains("Zephyrine", StringComparison.Ordinal))
                continue;
            said.Add(path);
            answer.Headers.CacheControl!.NoStore.ShouldBeTrue(path);
        }

        said.ShouldContain($"/api/rallies/{rally}/papers");
        said.Count.ShouldBeGreaterThan(4);
    }

    /// <summary>Every address of the API that is read, with the ids that are here.</summary>
    private static IEnumerable<string> Paths(Guid rally, Guid group)
    {
        using var described = System.Text.Json.JsonDocument.Parse(
            File.ReadAllText(Path.Combine(PluckyRally.Tests.ProjectFolder.Root, "web", "src", "api", "openapi.json"))
        );
        return
        [
            .. described
                .RootElement.GetProperty("paths")
                .EnumerateObject()
                .Where(p => p.Value.TryGetProperty("get", out _))
                .Select(p =>
                    p.Name.Replace("/rallies/{id}", $"/rallies/{rally}", StringComparison.Ordinal)
                        .Replace("/classes/{id}", $"/classes/{group}", StringComparison.Ordinal)
                        .Replace("{team}", "t1", StringComparison.Ordinal)
                        .Replace("{name}", "results", StringComparison.Ordinal)
                )
                .Where(p => !p.Contains('{', StringComparison.Ordinal)),
        ];
    }

    [Fact]
    public async Task Answers_are_compressed_for_who_can_read_that()
    {
        var rally = await _app.Begin(Sample.Brief(), [.. Enumerable.Range(1, 60).Select(n => $"Team {n}")]);
        using var plain = await Ask($"/api/rallies/{rally}/score");
        using var request = new HttpRequestMessage(HttpMethod.Get, $"/api/rallies/{rally}/score");
        request.Headers.AcceptEncoding.ParseAdd("gzip, br");
        using var packed = await _app.Client.SendAsync(request, TestContext.Current.CancellationToken);
        packed.Content.Headers.ContentEncoding.ShouldHaveSingleItem();
        (await packed.Content.ReadAsByteArrayAsync(TestContext.Current.CancellationToken)).Length.ShouldBeLessThan(
            (await plain.Content.ReadAsByteArrayAsync(TestContext.Current.CancellationToken)).Length / 4
        );
    }

    [Fact]
    public async Task Many_entries_are_told_in_few_messages_and_the_last_one_is_not_lost()
    {
        const int Recorded = 60;
        var rally = await _app.Begin(Sample.Brief(), "Able");
        await using var hub = new HubConnectionBuilder().WithUrl(new Uri(_app.Client.BaseAddress!, "/live")).Build();
        var (told, last) = (new List<int>(), new TaskCompletionSource());
        hub.On<LiveNews>(LiveHub.News, news =>
        {
            told.Add(news.AsOf ?? -1);
            if (news.AsOf == Recorded)
                last.TrySetResult();
        });
        await hub.StartAsync(TestContext.Current.CancellationToken);
        await hub.InvokeAsync<LiveNews>(nameof(LiveHub.Follow), rally, TestContext.Current.CancellationToken);
        var began = Stopwatch.StartNew();
        for (var i = 0; i < Recorded; i++)
            (
                await _app.Post<Entry>(
                    $"/api/rallies/{rally}/entries",
                    new Entry.NoteMade
                    {
                        Id = new(Guid.CreateVersion7()),
                        Team = new("t1"),
                        Text = "tests early",
                    }
                )
            ).EnsureSuccessStatusCode();
        await last.Task.WaitAsync(TimeSpan.FromSeconds(60), TestContext.Current.CancellationToken);
        told.ShouldBeInOrder();
        told.Count.ShouldBeLessThanOrEqualTo(2 + (int)(began.Elapsed.TotalMilliseconds / 250));
    }

    public void Dispose() => AppPool.Return(_app);

    private async Task<HttpResponseMessage> Ask(string path, string? tag = null, int? announced = null)
    {
        using var request = new HttpRequestMessage(HttpMethod.Get, path);
        if (announced is { } entries)
            request.Headers.Add("announced", $"{entries}");
        if (tag is not null)
            request.Headers.TryAddWithoutValidation("If-None-Match", tag);
        return await _app.Client.SendAsync(request, TestContext.Current.CancellationToken);
    }
}
