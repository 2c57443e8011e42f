using System.Diagnostics;
using System.Reflection;
using PluckyRally.Core.Problems;
using PluckyRally.Data.Folder;

namespace PluckyRally.Web.Demo;

/// <summary>
/// The demo, started beside somebody's own data: a server of its own on a free port of this computer, with a folder of
/// its own that is gone when it is left. Nothing that is done in it can reach the data of this one.
/// </summary>
internal sealed class DemoBeside(IHostEnvironment environment, IHostApplicationLifetime lifetime) : IDisposable
{
    private const string Prefix = "plucky-rally-demo-";

    /// <summary>A slow computer makes the demo's data in some seconds.</summary>
    private static readonly TimeSpan Patience = TimeSpan.FromSeconds(60);

    private readonly SemaphoreSlim _one = new(1);
    private Process? _process;
    private string? _data;
    private string _address = "";

    /// <summary>Where the demo's files are; null where they did not come along.</summary>
    public string? Files { get; } =
        new[]
        {
            Path.Combine(AppContext.BaseDirectory, "demo"),
            Path.Combine(environment.ContentRootPath, "..", "..", "demo"),
        }.FirstOrDefault(Directory.Exists);

    /// <summary>Starts it, or finds it running, and gives its address.</summary>
    /// <param name="home">Where whoever leaves it goes back to.</param>
    /// <param name="stop">Stops waiting.</param>
    public async Task<Result<string>> Start(string home, CancellationToken stop)
    {
        await _one.WaitAsync(stop);
        try
        {
            if (_process is { HasExited: false } && _address.Length > 0)
                return Result<string>.Ok(_address);
            End();
            if (Files is not { } files)
                return Refuse(
                    "The demo is not included with this program.",
                    "Start it from the project with ./rally demo."
                );
            ClearThoseLeftBehind();
            _data = Directory.CreateTempSubdirectory(Prefix).FullName;
            var (program, first) = Program();
            var start = new ProcessStartInfo(program)
            {
                RedirectStandardInput = true,
                RedirectStandardOutput = true,
                RedirectStandardError = true,
            };
            foreach (
                var argument in first.Concat([
                    "--contentRoot",
                    environment.ContentRootPath,
                    "--port",
                    "0",
                    "--data",
                    _data,
                    "--demo",
                    files,
                    "--demoHome",
                    home,
                ])
            )
                start.ArgumentList.Add(argument);
            _process = Process.Start(start);
            if (_process is null)
                return Refuse("The demo could not be started.", "Try again.");
            lifetime.ApplicationStopping.Register(End);
            var address = await Address(_process).WaitAsync(Patience, stop);
            if (address.Length > 0)
                return Result<string>.Ok(_address = address);
            End();
            return Refuse("The demo could not be started.", "Check the log, or start it with ./rally demo.");
        }
        catch (TimeoutException)
        {
            End();
            return Refuse("The demo has not started within a minute.", "Try again when the computer has less to do.");
        }
        finally
        {
            _one.Release();
        }
    }

    /// <summary>The folder of a demo whose program was ended by force: nobody holds its lock any more.</summary>
    private static void ClearThoseLeftBehind()
    {
        foreach (var left in Directory.EnumerateDirectories(Path.GetTempPath(), $"{Prefix}*"))
        {
            // One that is only just beginning holds nothing yet.
            if (DateTime.UtcNow - Directory.GetLastWriteTimeUtc(left) < Patience)
                continue;
            using (var nobodys = FolderLock.Take(new(left, "demo")))
                if (nobodys is null)
                    continue;
            Directory.Delete(left, recursive: true);
        }
    }

    /// <summary>Ends it, and its data are gone.</summary>
    public void End()
    {
        if (_process is { HasExited: false })
        {
            _process.Kill(entireProcessTree: true);
            _process.WaitForExit();
        }

        (_process, _address) = (null, "");
        if (_data is { } folder && Directory.Exists(folder))
            Directory.Delete(folder, recursive: true);
        _data = null;
    }

    /// <summary>
    /// For the demo itself: ends with the program that started it, however that ended, since then nobody holds its
    /// input any more.
    /// </summary>
    public static async Task EndWith(TextReader starter, IHostApplicationLifetime lifetime)
    {
        // The console's own reader holds its caller until there is something.
        await Task.Run(starter.ReadToEnd);
        lifetime.StopApplication();
    }

    public void Dispose()
    {
        End();
        _one.Dispose();
    }

    /// <summary>How this very program was started: by itself, or by dotnet.</summary>
    private static (string Program, IReadOnlyList<string> First) Program()
    {
        var own = Environment.ProcessPath!;
        return Path.GetFileNameWithoutExtension(own) == "dotnet"
            ? (own, [Assembly.GetExecutingAssembly().Location])
            : (own, []);
    }

    /// <summary>
    /// The address that it says when it is ready; empty where it ended before. All that it says is read, so that it
    /// never waits.
    /// </summary>
    private static Task<string> Address(Process process)
    {
        var said = new TaskCompletionSource<string>(TaskCreationOptions.RunContinuationsAsynchronously);
        process.OutputDataReceived += (_, line) =>
        {
            if (line.Data is null)
                said.TrySetResult("");
            else if (
                line.Data.Split(' ').FirstOrDefault(w => w.StartsWith("http://", StringComparison.Ordinal)) is
                { } address
            )
                said.TrySetResult(address);
        };
        process.ErrorDataReceived += (_, _) => { };
        process.BeginOutputReadLine();
        process.BeginErrorReadLine();
        return said.Task;
    }

    private static Result<string> Refuse(string what, string remedy) =>
        Result<string>.Refused(new Problem("", what, remedy));
}
