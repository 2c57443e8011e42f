using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.DependencyInjection;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Score;
using PluckyRally.Data;
using PluckyRally.Data.Rallies;

namespace PluckyRally.Web.Tests.Score;

/// <summary>
/// What was answered with "recorded" is in the log, whatever fails meanwhile, and nothing is shown that never was. A
/// second connection holds the file, as a database browser or a copying program does.
/// </summary>
public sealed class KeptTests : IDisposable
{
    private readonly RunningApp _app = AppPool.Lend();
    private readonly RallyOwners _owners = new();
    private readonly List<IServiceScope> _scopes = [];

    [Fact]
    public async Task An_entry_that_is_sent_again_while_it_is_being_written_waits_for_that_and_fails_with_it()
    {
        var rally = await _app.Begin(Sample.Brief(), "Able", "Baker");
        await using var writer = Writer();
        await Open(writer, rally);
        var (a, b) = (Sample.Caught("210"), Sample.Caught("wet"));
        Task<Result<Recorded>?> first,
            refused,
            again;
        using (Locked())
        {
            first = Record(writer, rally, a);
            refused = Record(writer, rally, b);
            again = Record(writer, rally, a);
            foreach (var one in new[] { first, refused, again })
                (await Should.ThrowAsync<SqliteException>(() => one)).SqliteErrorCode.ShouldBe(5);
            (await Open(writer, rally)).Rally.Entries.ShouldBeEmpty("what was not written is not shown");
        }

        var taken = (await Record(writer, rally, a))!.OrThrow();
        taken.New.ShouldHaveSingleItem();
        (await Logged(rally)).ShouldBe([a.Id]);
    }

    [Fact]
    public async Task What_was_accepted_on_top_of_what_failed_fails_too()
    {
        var rally = await _app.Begin(Sample.Brief(), "Able", "Baker");
        await using var writer = Writer();
        await Open(writer, rally);
        var noted = Note();
        var strike = new Entry.StruckOut
        {
            Id = new(Guid.CreateVersion7()),
            Team = new("t1"),
            Entry = noted.Id,
        };
        Task<Result<Recorded>?> first,
            onTop;
        using (Locked())
        {
            first = Record(writer, rally, noted);
            onTop = Record(writer, rally, strike);
            await Should.ThrowAsync<SqliteException>(() => first);
        }

        // The lock is gone by now; it would be written, and it crosses out nothing.
        await Should.ThrowAsync<SqliteException>(() => onTop);
        (await Logged(rally)).ShouldBeEmpty();
    }

    [Fact]
    public async Task A_lock_fails_all_who_wait_at_once_and_holds_up_nobody_who_looks()
    {
        var rally = await _app.Begin(Sample.Brief(), "Able", "Baker");
        var other = await _app.Begin(Sample.Brief() with { Title = "Another" }, "Able");
        await using var writer = Writer();
        var known = Note();
        await Record(writer, rally, known);
        using (Locked())
        {
            var waiting = Enumerable.Range(0, 150).Select(_ => Record(writer, rally, Note())).ToList();
            (await Open(writer, other)).Rally.Entries.ShouldBeEmpty("it was never opened before");
            _owners.Forget(rally);
            (await Open(writer, rally)).Rally.Entries.Select(e => e.Id).ShouldBe([known.Id]);
            foreach (var one in waiting)
                await Should.ThrowAsync<SqliteException>(() =>
                    one.WaitAsync(TimeSpan.FromMinutes(1), TestContext.Current.CancellationToken)
                );
        }

        (await Logged(rally)).ShouldBe([known.Id]);
        (await Record(writer, rally, Note()))!.IsOk.ShouldBeTrue("the writer goes on");
    }

    [Fact]
    public async Task What_one_entry_is_about_holds_up_no_other_of_the_same_moment()
    {
        var (good, gone) = (
            await _app.Begin(Sample.Brief(), "Able"),
            await _app.Begin(Sample.Brief() with { Title = "Gone" }, "Able")
        );
        await using var writer = Writer();
        await Open(writer, good);
        await Open(writer, gone);
        await using (var db = _app.OpenDb())
            await db.Rallies.Where(r => r.Id == gone).ExecuteDeleteAsync(TestContext.Current.CancellationToken);
        List<Task<Result<Recorded>?>> taken = [];
        Task<Result<Recorded>?> lost;
        using (Locked())
        {
            taken.AddRange(Enumerable.Range(0, 10).Select(_ => Record(writer, good, Note())));
            lost = Record(writer, gone, Note());
            taken.AddRange(Enumerable.Range(0, 10).Select(_ => Record(writer, good, Note())));
        }

        foreach (var one in taken)
            (await one)!.OrThrow().New.ShouldHaveSingleItem();
        (await Should.ThrowAsync<SqliteException>(() => lost)).Message.ShouldContain("FOREIGN KEY");
        (await Logged(good)).Count.ShouldBe(20);
    }

    [Fact]
    public async Task A_writer_that_cannot_even_open_the_file_answers_each_and_goes_on()
    {
        var rally = await _app.Begin(Sample.Brief(), "Able");
        foreach (var nowhere in new[] { "Data Source=/proc/none/rally.db", "Data Source=x;Mode=Sideways" })
        {
            await using var writer = new LogWriter(nowhere, _owners);
            for (var i = 0; i < 3; i++)
                await Should.ThrowAsync<Exception>(() =>
                    Record(writer, rally, Note())
                        .WaitAsync(TimeSpan.FromSeconds(60), TestContext.Current.CancellationToken)
                );
        }
    }

    /// <summary>
    /// Drawn: judges send and send again, something is refused now and then, and the file is held for moments that are
    /// shorter and longer than the writer waits.
    /// </summary>
    [Fact]
    public async Task Whatever_fails_meanwhile_what_was_acknowledged_is_there_once_and_nothing_else_was_shown()
    {
        const int judges = 6;
        const int each = 25;
        var rally = await _app.Begin(Sample.Brief(), "Able", "Baker");
        await using var writer = Writer();
        using var done = new CancellationTokenSource();
        var holding = Task.Run(
            async () =>
            {
                var random = new Random(7);
                while (!done.IsCancellationRequested)
                {
                    using (Locked())
                        await Task.Delay(random.Next(1, 1600), TestContext.Current.CancellationToken);
                    await Task.Delay(random.Next(1, 60), TestContext.Current.CancellationToken);
                }
            },
            TestContext.Current.CancellationToken
        );
        var (acknowledged, shown, failed) = (new HashSet<EntryId>(), new HashSet<EntryId>(), 0);
        await Task.WhenAll(Enumerable.Range(0, judges).Select(Judge));
        await done.CancelAsync();
        await holding;

        var log = await Logged(rally);
        log.ShouldBeUnique();
        acknowledged.Except(log).ShouldBeEmpty();
        shown.Except(log).ShouldBeEmpty();
        failed.ShouldBeGreaterThan(0, "the file was held");

        async Task Judge(int number)
        {
            var random = new Random(number);
            for (var i = 0; i < each; i++)
            {
                Entry entry = random.Next(4) == 0 ? Sample.Caught("wet") : Note();
                foreach (
                    var sending in Enumerable.Range(0, random.Next(1, 4)).Select(_ => Record(writer, rally, entry))
                )
                    try
                    {
                        var answer = await sending;
                        lock (acknowledged)
                        {
                            if (answer is { IsOk: true, Value: var taken })
                            {
                                acknowledged.Add(entry.Id);
                                shown.UnionWith(taken.Rally.Rally.Entries.Select(e => e.Id));
                            }
                        }
                    }
                    catch (SqliteException)
                    {
                        Interlocked.Increment(ref failed);
                    }

                var seen = await Open(writer, rally);
                lock (acknowledged)
                    shown.UnionWith(seen.Rally.Entries.Select(e => e.Id));
            }
        }
    }

    public void Dispose()
    {
        foreach (var scope in _scopes)
            scope.Dispose();
        AppPool.Return(_app);
    }

    private string DataFile => Path.Combine(_app.Folder, "rally.db");

    /// <summary>A writer that waits for a second, where the server's waits longer.</summary>
    private LogWriter Writer() =>
        new(
            new SqliteConnectionStringBuilder
            {
                DataSource = DataFile,
                ForeignKeys = true,
                DefaultTimeout = 1,
            }.ToString(),
            _owners
        );

    private RallyLog Log(LogWriter writer)
    {
        var scope = _app.Service<IServiceScopeFactory>().CreateScope();
        lock (_scopes)
            _scopes.Add(scope);
        return new(scope.ServiceProvider.GetRequiredService<RallyDb>(), _owners, writer, new(), TimeProvider.System);
    }

    private Task<Result<Recorded>?> Record(LogWriter writer, RallyId rally, Entry entry) =>
        Log(writer)
            .Record(
                rally,
                new(_ => Result<IReadOnlyList<Entry>>.Ok([entry with { By = "Teacher" }])),
                TestContext.Current.CancellationToken
            );

    private async Task<KeptRally> Open(LogWriter writer, RallyId rally) =>
        (await Log(writer).Open(rally, TestContext.Current.CancellationToken))!;

    private async Task<IReadOnlyList<EntryId>> Logged(RallyId rally)
    {
        await using var db = _app.OpenDb();
        return await db
            .Entries.Where(e => e.RallyId == rally)
            .OrderBy(e => e.Sequence)
            .Select(e => e.EntryId)
            .ToListAsync(TestContext.Current.CancellationToken);
    }

    private static Entry.NoteMade Note() =>
        new()
        {
            Id = new(Guid.CreateVersion7()),
            Team = new("t1"),
            Text = "It leans.",
        };

    /// <summary>Holds the file, so that nobody else writes; disposing lets it go.</summary>
    private SqliteConnection Locked()
    {
        var connection = new SqliteConnection($"Data Source={DataFile};Pooling=False");
        connection.Open();
        using var command = connection.CreateCommand();
        command.CommandText = "BEGIN IMMEDIATE";
        command.ExecuteNonQuery();
        return connection;
    }
}
