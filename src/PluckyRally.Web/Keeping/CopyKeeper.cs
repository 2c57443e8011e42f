using System.Threading.Channels;
using Microsoft.Data.Sqlite;
using PluckyRally.Core.Problems;
using PluckyRally.Data.Copies;
using PluckyRally.Data.Folder;
using PluckyRally.Data.Removals;
using PluckyRally.Data.Sessions;
using PluckyRally.Web.Status;

namespace PluckyRally.Web.Keeping;

/// <summary>
/// Makes copies by itself: at the first start of a day, when the day changes, and when a lesson is over, a round is
/// closed, or nothing was recorded any more for a while. Then it clears away what the rules do not keep any longer.
/// </summary>
internal sealed class CopyKeeper(
    DataFolder folder,
    IServiceScopeFactory scopes,
    TimeProvider clock,
    ILogger<CopyKeeper> logger
) : BackgroundService
{
    /// <summary>How often it is asked whether the day has changed.</summary>
    private static readonly TimeSpan Look = TimeSpan.FromMinutes(10);

    private readonly Channel<CopyReason> _wanted = Channel.CreateBounded<CopyReason>(
        new BoundedChannelOptions(1) { FullMode = BoundedChannelFullMode.DropWrite }
    );
    private readonly SemaphoreSlim _one = new(1);
    private volatile string _trouble = "";
    private long _recorded;

    /// <summary>The copies beside the data.</summary>
    public CopyShelf Shelf { get; } = new(folder.Copies);

    /// <summary>Why the last copy could not be made; empty where it was.</summary>
    public string Trouble => _trouble;

    /// <summary>A second folder for the copies, and what could not be written there.</summary>
    public SecondFolder Second { get; private set; } = SecondFolder.Read(SettingsFile(folder));

    /// <summary>A lesson is over or a round was closed. Several at once make one copy.</summary>
    public void RallyEnded() => _wanted.Writer.TryWrite(CopyReason.RallyEnded);

    /// <summary>Something was recorded in a rally: a lesson that nobody ends is copied once it is quiet.</summary>
    public void Recorded() => Interlocked.Exchange(ref _recorded, clock.GetUtcNow().UtcTicks);

    /// <summary>The data file of the copy of this name; null where there is none.</summary>
    public string? Find(string name) =>
        Shelf.All().FirstOrDefault(c => c.Name == name) is { } copy ? Shelf.FileOf(copy) : null;

    /// <summary>Makes a copy now.</summary>
    /// <exception cref="IOException">It cannot be written.</exception>
    /// <exception cref="SqliteException">It cannot be written, or the data cannot be read.</exception>
    public async Task<Copy> Make(CopyReason reason, CancellationToken stop)
    {
        await _one.WaitAsync(stop);
        try
        {
            var copy = await Task.Run(() => Shelf.Make(folder, reason, clock.GetUtcNow()), stop);
            _trouble = "";
            await Task.Run(PutInSecond, stop);
            Shelf.Prune(clock.GetUtcNow());
            LogMessages.CopyMade(logger, copy.Name, reason.ToString(), copy.Bytes);
            return copy;
        }
        finally
        {
            _one.Release();
        }
    }

    /// <summary>Names the second folder, or none, and puts all copies there.</summary>
    public async Task<Problem?> SetSecond(string path, CancellationToken stop)
    {
        if (path.Length > 0 && !Path.IsPathFullyQualified(path))
            return new(
                "/path",
                "This is not the whole path of a folder.",
                "Write it from the root on, for example /media/usb."
            );
        if (path.Length > 0 && !Directory.Exists(path))
            return new(
                "/path",
                "There is no such folder.",
                "Connect the USB drive or the share first, and look up its path."
            );
        if (path.Length > 0 && SecondFolder.WhyNot(path, folder) is { } wrong)
            return wrong;
        await _one.WaitAsync(stop);
        try
        {
            Second = new(path, "");
            await Task.Run(PutInSecond, stop);
            return null;
        }
        finally
        {
            _one.Release();
        }
    }

    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        while (!stoppingToken.IsCancellationRequested)
        {
            try
            {
                var today = DateOnly.FromDateTime(clock.GetLocalNow().DateTime);
                if (!Shelf.All().Any(c => DateOnly.FromDateTime(c.MadeAt.ToLocalTime().DateTime) == today))
                    await Make(CopyReason.Day, stoppingToken);
                else if (CopyRule.IsDue(LastRecorded, LastCopied, clock.GetUtcNow()))
                    await Make(CopyReason.RallyEnded, stoppingToken);
                await Sweep(stoppingToken);
                using var wait = CancellationTokenSource.CreateLinkedTokenSource(stoppingToken);
                wait.CancelAfter(Look);
                await Make(await _wanted.Reader.ReadAsync(wait.Token), stoppingToken);
            }
            catch (OperationCanceledException)
            {
                // The server stops, or it is time to look at the day again.
            }
            catch (Exception wrong) when (wrong is IOException or UnauthorizedAccessException or SqliteException)
            {
                // A lesson goes on without a copy; Home says so.
                _trouble = DataTrouble.Of(wrong, folder.Copies).What;
                LogMessages.CannotCopy(logger, wrong.Message);
                await Task.Delay(Look, clock, stoppingToken).ContinueWith(_ => { }, TaskScheduler.Default);
            }
        }
    }

    private DateTimeOffset? LastRecorded =>
        Interlocked.Read(ref _recorded) is var ticks and > 0 ? new DateTimeOffset(ticks, TimeSpan.Zero) : null;

    private DateTimeOffset? LastCopied => Shelf.All() is [var newest, ..] ? newest.MadeAt : null;

    private async Task Sweep(CancellationToken stop)
    {
        await using var scope = scopes.CreateAsyncScope();
        await scope.ServiceProvider.GetRequiredService<RemovedThings>().Sweep(stop);
        await scope.ServiceProvider.GetRequiredService<SessionBook>().Sweep(stop);
    }

    /// <summary>
    /// Puts into the second folder what it does not have. A stick that is not there today is no reason to stop.
    /// </summary>
    private void PutInSecond()
    {
        if (Second.Path.Length > 0)
        {
            try
            {
                if (!Directory.Exists(Second.Path))
                    throw new DirectoryNotFoundException("It is not there.");
                var second = new CopyShelf(Path.Combine(Second.Path, "plucky-rally-copies"));
                second.ClearUnfinished();
                var there = second.All().Select(c => c.Name).ToHashSet();
                foreach (var copy in Shelf.All().Where(c => !there.Contains(c.Name)))
                    second.Take(Shelf, copy);
                second.Prune(clock.GetUtcNow());
                Second = Second with { Trouble = "" };
            }
            catch (Exception wrong) when (wrong is IOException or UnauthorizedAccessException or SqliteException)
            {
                Second = Second with
                {
                    Trouble =
                        wrong is DirectoryNotFoundException
                            ? "It is not there. Connect it, then back up again."
                            : DataTrouble.Of(wrong, Second.Path).What,
                };
            }
        }

        Second.Write(SettingsFile(folder));
    }

    private static string SettingsFile(DataFolder folder) =>
        Path.Combine(folder.Path, $"{folder.Name}-second-folder.json");
}
