using System.Diagnostics;

namespace PluckyRally.LoadRun;

/// <summary>The real server in a process of its own, with a data folder of its own.</summary>
internal sealed class ServerUnderLoad(string root, int port) : IDisposable
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

    /// <summary>Starts it, again with the same data where it ran before; says how long that took.</summary>
    public async Task<TimeSpan> Start()
    {
        var web = Path.Combine(root, "src", "PluckyRally.Web");
        var watch = Stopwatch.StartNew();
        _process = Process.Start(new ProcessStartInfo("dotnet", [Path.Combine(web, "bin", "Release", "net10.0", "PluckyRally.Web.dll"), "--contentRoot", web, "--port", $"{port}", "--data", _data]) { RedirectStandardOutput = true })!;
        while (await _process.StandardOutput.ReadLineAsync() is { } line)
        {
            if (line.StartsWith("Plucky Rally is at", StringComparison.Ordinal)) return watch.Elapsed;
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
