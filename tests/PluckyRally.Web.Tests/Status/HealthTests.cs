using System.Net;
using Microsoft.AspNetCore.Http;
using Microsoft.Extensions.Logging;
using Microsoft.Extensions.Time.Testing;
using PluckyRally.Core.Score;
using PluckyRally.Data.Folder;
using PluckyRally.Web.Access;
using PluckyRally.Web.Status;
using PluckyRally.Web.Teams;
using PluckyRally.Web.Tests.Access;

namespace PluckyRally.Web.Tests.Status;

/// <summary>The status, and the log for whoever helps.</summary>
public sealed class HealthTests : IDisposable
{
    private readonly RunningApp _app = new();

    [Fact]
    public async Task It_says_what_runs_where_and_what_is_kept()
    {
        (
            await _app.Client.PostAsync(
                "/api/kept/copies",
                RunningApp.Body("{}"),
                TestContext.Current.CancellationToken
            )
        ).EnsureSuccessStatusCode();
        var health = await _app.Get<Health>("/api/health");
        health.Version.ShouldMatch(@"^\d+\.\d+\.\d+$");
        health.Version.ShouldBe((await _app.Get<About>("/api/about")).Version);
        health.Folder.ShouldBe(_app.Folder);
        health.Bytes.ShouldBeGreaterThan(new FileInfo(_app.Service<DataFolder>().File).Length);
        health.NewestCopy.ShouldNotBeNull();
        (health.CopyTrouble, health.Waiting, health.Windows).ShouldBe(("", 0, 0));
        health.Since.ShouldBeLessThan(health.Now);
        health.Says.ShouldBe("Everything is working.");
        health.Log.ShouldContain(line => line.Contains("A backup was made", StringComparison.Ordinal));
    }

    /// <summary>Names, notes and briefs are typed; nothing of that is in the file that is handed on.</summary>
    [Fact]
    public async Task The_log_has_what_happened_and_nobodys_name()
    {
        var group = await RunningApp.Read(
            await _app.Post("/api/classes", new { name = "Class 2", students = new[] { "Wren A.", "Torin B." } })
        );
        var wren = group.GetProperty("students")[0].GetProperty("id").GetGuid();
        var begun = await _app.Post(
            "/api/rallies",
            new NewRally
            {
                Brief = await _app.AddBrief(Sample.Brief("Gale watch")),
                Name = "Class 2",
                Teams = [new NewTeam("Plovers") { Students = [new(wren, [])] }],
            }
        );
        var rally = (await RunningApp.Read(begun)).GetProperty("id").GetGuid();
        await _app.Post<Entry>(
            $"/api/rallies/{rally}/entries",
            new Entry.NoteMade
            {
                Id = new(Guid.CreateVersion7()),
                Team = new("t1"),
                Text = "argued about tape",
            }
        );
        await _app.Client.PostAsync(
            $"/api/rallies/{rally}/entries",
            RunningApp.Body("{ broken"),
            TestContext.Current.CancellationToken
        );
        var log = await _app.Client.GetStringAsync("/api/health/log", TestContext.Current.CancellationToken);
        log.ShouldContain($"Rally {rally} was begun with 1 teams");
        foreach (var typed in new[] { "Wren", "Torin", "Plovers", "Class 2", "argued", "Gale", "broken" })
            log.ShouldNotContain(typed);
    }

    [Fact]
    public async Task A_fault_on_our_side_is_in_the_log_with_its_address()
    {
        var rally = await _app.Begin(Sample.Brief(), "Able");
        await using (var db = _app.OpenDb())
            await Microsoft.EntityFrameworkCore.RelationalDatabaseFacadeExtensions.ExecuteSqlRawAsync(
                db.Database,
                """ALTER TABLE "Photos" RENAME TO "Elsewhere" """,
                TestContext.Current.CancellationToken
            );
        (
            await _app.Client.GetAsync($"/api/rallies/{rally}/photos", TestContext.Current.CancellationToken)
        ).StatusCode.ShouldBe(HttpStatusCode.InternalServerError);
        var log = await Log($"GET /api/rallies/{rally}/photos answered 500");
        log.ShouldContain("no such table", Case.Insensitive, "whoever helps sees why");
    }

    [Fact]
    public async Task It_is_the_teachers_alone_and_about_is_everybodys()
    {
        using var room = new Classroom();
        var rally = await room.Begin();
        using var judge = await room.Judge(rally, "Aide");
        foreach (var path in new[] { "/api/health", "/api/health/log" })
            (await judge.GetAsync(path, TestContext.Current.CancellationToken)).StatusCode.ShouldBe(
                HttpStatusCode.Forbidden
            );
        (await judge.GetAsync("/api/about", TestContext.Current.CancellationToken)).StatusCode.ShouldBe(
            HttpStatusCode.OK
        );
        (await room.Teacher.GetStringAsync("/api/health/log", TestContext.Current.CancellationToken)).ShouldContain(
            $"A device joined rally {rally}"
        );
    }

    [Fact]
    public void Whoever_guesses_for_hours_is_said_a_few_times_with_how_often()
    {
        var time = new FakeTimeProvider();
        var log = new Lines();
        var guesses = new WrongGuesses(log, time);
        for (var minute = 0; minute < 60; minute++)
        {
            for (var i = 0; i < 10; i++)
                guesses.Add(new DefaultHttpContext());
            time.Advance(TimeSpan.FromMinutes(1));
        }

        log.Said.Select(l => l.Split(' ', ',')[9]).ShouldBe(["1", "100", "100", "100", "100", "100"]);
    }

    private sealed class Lines : ILogger<WrongGuesses>
    {
        public List<string> Said { get; } = [];

        public IDisposable? BeginScope<TState>(TState state)
            where TState : notnull => null;

        public bool IsEnabled(LogLevel logLevel) => true;

        public void Log<TState>(
            LogLevel logLevel,
            EventId eventId,
            TState state,
            Exception? exception,
            Func<TState, Exception?, string> formatter
        ) => Said.Add(formatter(state, exception));
    }

    [Fact]
    public void Only_its_owner_can_read_the_log()
    {
        var folder = Path.Combine(_app.Folder, "log");
        (
            File.GetUnixFileMode(folder)
            & (UnixFileMode.GroupRead | UnixFileMode.OtherRead | UnixFileMode.GroupExecute | UnixFileMode.OtherExecute)
        ).ShouldBe(UnixFileMode.None);
    }

    public void Dispose() => _app.Dispose();

    /// <summary>The log when it has a line; it is written once the answer has been sent.</summary>
    private async Task<string> Log(string line)
    {
        using var patience = CancellationTokenSource.CreateLinkedTokenSource(TestContext.Current.CancellationToken);
        patience.CancelAfter(TimeSpan.FromSeconds(60));
        while (true)
        {
            var log = await _app.Client.GetStringAsync("/api/health/log", patience.Token);
            if (log.Contains(line, StringComparison.Ordinal))
                return log;
            await Task.Delay(20, patience.Token);
        }
    }
}
