using System.Diagnostics;

namespace PluckyRally.LoadRun;

/// <summary>The real server in a process of its own, with a data folder of its own.</summary>
/// <param name="root">The project's folder.</param>
/// <param name="port">The port.</param>
/// <param name="lan">Whether it lets in a classroom, which then needs passes.</param>
internal sealed class ServerUnderLoad(string root, int port, bool lan = false) : IDisposable
{
    private readonly string _data = Directory.CreateTempSubdirectory("plucky-rally-load-").FullName;
    private Process? _process;

    public Uri Address { get; } = new($"http://127.0.0.1:{port}");

    /// <summary>Megabytes that the process holds now.</summary>
    public double Megabytes
    {
        get
        {
            _process!.Refresh();
            return _process.WorkingSet64 / 1e6;
        }
    }

    /// <summary>Files and connections that it has open now.</summary>
    public int Handles => Directory.GetFileSystemEntries($"/proc/{_process!.Id}/fd").Length;

    /// <summary>Seconds of processor time that it has used.</summary>
    public double Worked
    {
        get
        {
            _process!.Refresh();
            return _process.TotalProcessorTime.TotalSeconds;
        }
    }

    /// <summary>Starts it, again with the same data where it ran before; says how long that took.</summary>
    public async Task<TimeSpan> Start()
    {
        var web = Path.Combine(root, "src", "PluckyRally.Web");
        var watch = Stopwatch.StartNew();
        _process = Process.Start(
            new ProcessStartInfo(
                "dotnet",
                [
                    Path.Combine(web, "bin", "Release", "net10.0", "PluckyRally.Web.dll"),
                    "--contentRoot",
                    web,
                    "--port",
                    $"{port}",
                    "--data",
                    _data,
                    "--lan",
                    lan ? "true" : "false",
                ]
            )
            {
                RedirectStandardOutput = true,
            }
        )!;
        while (await _process.StandardOutput.ReadLineAsync() is { } line)
        {
            if (!line.StartsWith("Plucky Rally is at", StringComparison.Ordinal))
                continue;

            // What it says later is read too, or it would wait for that.
            _ = _process.StandardOutput.ReadToEndAsync();
            return watch.Elapsed;
        }

        throw new InvalidOperationException("The server did not start.");
    }

    /// <summary>Ends it as a power cut would.</summary>
    public void Kill()
    {
        _process?.Kill();
        _process?.WaitForExit();
        _process?.Dispose();
        _process = null;
    }

    public void Dispose()
    {
        Kill();
        Directory.Delete(_data, recursive: true);
    }
}
