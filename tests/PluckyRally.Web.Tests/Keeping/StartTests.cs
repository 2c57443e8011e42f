using System.Net;
using Microsoft.Data.Sqlite;
using PluckyRally.Data;
using PluckyRally.Data.Copies;
using PluckyRally.Data.Folder;
using PluckyRally.Web.Certificates;
using PluckyRally.Web.Start;

namespace PluckyRally.Web.Tests.Keeping;

/// <summary>
/// It starts whatever a start before it left behind, and where it cannot, it says which, where the newest copy is and
/// how it comes back.
/// </summary>
public sealed class StartTests : IDisposable
{
    private readonly DataFolder _folder = new(Directory.CreateTempSubdirectory("plucky-rally-start-").FullName);

    [Fact]
    public async Task A_second_server_is_told_where_the_first_one_is()
    {
        using var first = new RunningApp(folder: _folder.Path);
        var address = first.Client.BaseAddress!.GetLeftPart(UriPartial.Authority);
        using var second = new ServerProcess(_folder.Path);
        (await second.Ended()).ShouldBe(2);
        second.Said.ShouldBe(
            $"Plucky Rally is running with the data in {_folder.Path} already, at {address}. Use that one, "
                + "or end it first. One folder serves one server; another one needs a folder of its own, with "
                + "--data DIR."
        );
    }

    [Fact]
    public async Task What_a_killed_save_left_is_cleared_at_the_next_start_and_nothing_else_is()
    {
        var id = Guid.NewGuid().ToString("N");
        string[] left =
        [
            $"rally-{id}.zip",
            $"rally-{id}.zip.{id}.db",
            $"rally-{id}.zip.{id}.db-wal",
            $"rally-{id}.zip.{id}.unfinished",
            $"rally-{id}.picture",
        ];
        string[] own = ["rally-2026-11-28.zip", "notes.txt", $"fair-{id}.zip"];
        foreach (var name in left.Concat(own))
            await File.WriteAllTextAsync(
                Path.Combine(_folder.Path, name),
                "whole",
                TestContext.Current.CancellationToken
            );
        Directory.CreateDirectory(_folder.Copies);
        var backup = Path.Combine(_folder.Copies, "2026-11-27.unfinished");
        await File.WriteAllTextAsync(backup, "half", TestContext.Current.CancellationToken);
        using (new RunningApp(folder: _folder.Path)) { }
        File.Exists(backup).ShouldBeFalse();
        Directory.GetFiles(_folder.Path).Select(Path.GetFileName).Intersect(left).ShouldBeEmpty();
        own.Except(Directory.GetFiles(_folder.Path).Select(Path.GetFileName)).ShouldBeEmpty();
    }

    [Fact]
    public async Task Help_is_printed_and_nothing_is_started()
    {
        using var server = new ServerProcess(_folder.Path, "--help");
        (await server.Ended()).ShouldBe(0);
        server.Said.ShouldContain("--data DIR");
        Directory.EnumerateFileSystemEntries(_folder.Path).ShouldBeEmpty();
    }

    [Theory]
    [InlineData("")]
    [InlineData("no key at all")]
    public async Task A_damaged_authority_is_named_with_a_way_out(string key)
    {
        await File.WriteAllTextAsync(
            Path.Combine(_folder.Path, "authority.key"),
            key,
            TestContext.Current.CancellationToken
        );
        await File.WriteAllTextAsync(
            Path.Combine(_folder.Path, "authority.crt"),
            "",
            TestContext.Current.CancellationToken
        );
        var refused = Should.Throw<StartRefusedException>(() => OwnCertificates.Open(_folder, TimeProvider.System));
        refused.Message.ShouldContain("authority.key");
        refused.Message.ShouldContain("Remove both from the folder and start again");
    }

    [Fact]
    public async Task A_server_that_was_killed_holds_nothing()
    {
        using (var first = new ServerProcess(_folder.Path))
        {
            await first.Address();
            first.Kill();
        }

        using var again = new ServerProcess(_folder.Path);
        await again.Address();
    }

    /// <summary>
    /// What a start leaves that is killed while it holds the framework's migration lock: every start after it waited
    /// for ever.
    /// </summary>
    [Fact]
    public async Task A_migration_lock_that_nobody_holds_any_more_stops_nobody()
    {
        await Prepare();
        Run(
            """
            CREATE TABLE IF NOT EXISTS "__EFMigrationsLock" ("Id" INTEGER NOT NULL PRIMARY KEY,
            "Timestamp" TEXT NOT NULL); INSERT INTO "__EFMigrationsLock" VALUES (1, '2026-11-24');
            """
        );
        Run(
            """
            DELETE FROM "__EFMigrationsHistory" WHERE "MigrationId" LIKE '%KeptForGood';
            ALTER TABLE "Briefs" DROP COLUMN "DeletedAt"; ALTER TABLE "Briefs" DROP COLUMN "Window";
            ALTER TABLE "Briefs" DROP COLUMN "WindowSince"; ALTER TABLE "Rallies" DROP COLUMN "DeletedAt";
            ALTER TABLE "Rallies" DROP COLUMN "JudgesStrikeOthers";
            ALTER TABLE "Classes" DROP COLUMN "DeletedAt"; ALTER TABLE "Pupils" DROP COLUMN "DeletedAt";
            ALTER TABLE "Photos" DROP COLUMN "DeletedAt"; DROP TABLE "StoredJudgeName"; DROP TABLE "Sessions";
            """
        );
        (await Prepare()).ShouldBeNull();
        var copy = new CopyShelf(_folder.Copies).All().ShouldHaveSingleItem("a copy before the update");
        copy.Reason.ShouldBe(CopyReason.BeforeUpdate);
        Directory.GetFiles(_folder.Path, "*unfinished*").ShouldBeEmpty();
    }

    [Fact]
    public async Task What_a_start_left_unfinished_is_cleared_away()
    {
        await File.WriteAllTextAsync(
            Path.Combine(_folder.Path, "rally.unfinished.db"),
            "half a file",
            TestContext.Current.CancellationToken
        );
        (await Prepare()).ShouldBeNull();
        Directory.GetFiles(_folder.Path).Select(Path.GetFileName).ShouldBe(["rally.db"]);
    }

    [Fact]
    public async Task An_empty_file_that_is_all_there_is_was_left_by_a_first_start()
    {
        await File.WriteAllBytesAsync(_folder.File, [], TestContext.Current.CancellationToken);
        (await Prepare()).ShouldBeNull();
    }

    [Theory]
    [InlineData("empty", DataTroubleKind.Empty, "is empty")]
    [InlineData("damaged", DataTroubleKind.Damaged, "is damaged")]
    [InlineData("other", DataTroubleKind.Damaged, "is not one of Plucky Rally's")]
    [InlineData("newer", DataTroubleKind.Newer, "was written by a newer version")]
    public async Task What_is_wrong_with_the_file_is_said_with_the_copy_that_brings_it_back(
        string what,
        DataTroubleKind kind,
        string words
    )
    {
        await Prepare();
        var copy = new CopyShelf(_folder.Copies).Make(_folder, CopyReason.ByHand, DateTimeOffset.UtcNow);
        Spoil(what);
        var trouble = (await Prepare()).ShouldNotBeNull();
        trouble.Kind.ShouldBe(kind);
        trouble.What.ShouldContain(words);

        var lines = TroublePage.Lines(_folder, trouble);
        lines[0].ShouldContain(words);
        lines.ShouldContain(l => l.StartsWith("The newest good copy is of ", StringComparison.Ordinal));
        lines[^1].ShouldBe($"./rally restore '{Path.Combine(_folder.Copies, copy.Name)}.db' --data '{_folder.Path}'");

        CopyRestore.BringBack(_folder, Path.Combine(_folder.Copies, copy.Name + ".db")).ShouldBeNull();
        (await Prepare()).ShouldBeNull();
        Directory.GetFiles(_folder.SetAside).ShouldNotBeEmpty("nothing is thrown away");
    }

    [Fact]
    public async Task What_is_wrong_with_the_file_is_said_where_it_was_started_and_on_a_page()
    {
        await Prepare();
        new CopyShelf(_folder.Copies).Make(_folder, CopyReason.ByHand, DateTimeOffset.UtcNow);
        Spoil("damaged");
        var lines = TroublePage.Lines(_folder, (await Prepare()).ShouldNotBeNull());
        using var server = new ServerProcess(_folder.Path);
        using var client = new HttpClient { BaseAddress = new Uri(await server.Address()) };
        var page = await client.GetAsync(new Uri("/", UriKind.Relative), TestContext.Current.CancellationToken);
        page.StatusCode.ShouldBe(HttpStatusCode.ServiceUnavailable);
        page.Headers.GetValues("Content-Security-Policy").Single().ShouldStartWith("default-src 'none'");
        var text = WebUtility.HtmlDecode(await page.Content.ReadAsStringAsync(TestContext.Current.CancellationToken));
        foreach (var line in lines)
        {
            text.ShouldContain(line);
            server.Said.ShouldContain(line);
        }

        using var refused = await client.GetAsync(
            new Uri("/api/rallies", UriKind.Relative),
            TestContext.Current.CancellationToken
        );
        refused.StatusCode.ShouldBe(HttpStatusCode.ServiceUnavailable);
    }

    [Fact]
    public async Task A_file_that_another_program_keeps_locked_is_not_waited_for_without_end()
    {
        await Prepare();
        using var other = new SqliteConnection($"Data Source={_folder.File};Pooling=false");
        other.Open();
        using var hold = other.CreateCommand();
        hold.CommandText = "PRAGMA locking_mode = EXCLUSIVE; BEGIN EXCLUSIVE;";
        hold.ExecuteNonQuery();
        (await Prepare()).ShouldNotBeNull().Kind.ShouldBe(DataTroubleKind.Locked);
    }

    [Fact]
    public async Task A_folder_that_cannot_be_written_to_is_said_in_a_line()
    {
        // What the kernel shows of itself takes no folders, whoever asks.
        using var server = new ServerProcess("/proc/plucky-rally");
        (await server.Ended()).ShouldBe(2);
        server.Said.ShouldContain("/proc/plucky-rally");
        server.Said.ShouldContain("choose another folder with --data DIR");
        server.Said.ShouldNotContain("Exception");
    }

    [Fact]
    public void Nobody_but_the_owner_can_read_what_is_kept()
    {
        using var server = new RunningApp(folder: _folder.Path);
        const UnixFileMode others =
            UnixFileMode.GroupRead | UnixFileMode.GroupWrite | UnixFileMode.OtherRead | UnixFileMode.OtherWrite;
        (
            File.GetUnixFileMode(_folder.Path) & (others | UnixFileMode.OtherExecute | UnixFileMode.GroupExecute)
        ).ShouldBe(UnixFileMode.None);
        foreach (var file in Directory.GetFiles(_folder.Path))
            (File.GetUnixFileMode(file) & others).ShouldBe(UnixFileMode.None, file);
    }

    /// <summary>Kills at all moments of first and later starts; the long run of 200 is <c>./test kills</c>.</summary>
    [Fact]
    [Trait("run", "long")]
    public Task Killed_at_any_moment_it_starts_again() => KillAndStart(3);

    [Fact(Explicit = true)]
    public Task Killed_two_hundred_times_it_starts_again() => KillAndStart(200);

    public void Dispose()
    {
        SqliteConnection.ClearAllPools();
        Directory.Delete(_folder.Path, recursive: true);
    }

    private static async Task KillAndStart(int kills)
    {
        var random = new Random(11);
        for (var killed = 0; killed < kills; )
        {
            // Every other folder is begun anew, so that half of the kills hit a first start.
            var folder = new DataFolder(Directory.CreateTempSubdirectory("plucky-rally-kill-").FullName);
            for (var inOne = 0; inOne < 4 && killed < kills; inOne++, killed++)
            {
                using var server = new ServerProcess(folder.Path);
                await Task.WhenAny(
                    server.Address(),
                    Task.Delay(random.Next(150, 1200), TestContext.Current.CancellationToken)
                );
                server.Kill();
            }

            using (var last = new ServerProcess(folder.Path))
            {
                using var client = new HttpClient();
                (
                    await client.GetAsync(
                        new Uri(await last.Address() + "/api/rallies"),
                        TestContext.Current.CancellationToken
                    )
                ).StatusCode.ShouldBe(HttpStatusCode.OK, $"after {killed} kills: {last.Said}");
            }

            Directory.Delete(folder.Path, recursive: true);
        }
    }

    private Task<DataTrouble?> Prepare()
    {
        SqliteConnection.ClearAllPools();
        return DataFile.Prepare(_folder, TimeProvider.System, TestContext.Current.CancellationToken);
    }

    private void Spoil(string what)
    {
        switch (what)
        {
            case "empty":
                foreach (var beside in new[] { "-wal", "-shm" })
                    File.Delete(_folder.File + beside);
                File.WriteAllBytes(_folder.File, []);
                break;
            case "damaged":
                foreach (var beside in new[] { "-wal", "-shm" })
                    File.Delete(_folder.File + beside);
                using (var file = File.OpenWrite(_folder.File))
                {
                    file.Position = 100;
                    file.Write([.. Enumerable.Repeat((byte)0xA5, 40_000)]);
                }

                break;
            case "other":
                File.Delete(_folder.File);
                Run("CREATE TABLE Recipes (Name TEXT);");
                break;
            case "newer":
                Run("""INSERT INTO "__EFMigrationsHistory" VALUES ('20990101000000_FromTheFuture', '10.0.0');""");
                break;
        }
    }

    private void Run(string commands)
    {
        using var connection = new SqliteConnection($"Data Source={_folder.File};Pooling=false");
        connection.Open();
        using var run = connection.CreateCommand();
        run.CommandText = commands;
        run.ExecuteNonQuery();
    }
}
