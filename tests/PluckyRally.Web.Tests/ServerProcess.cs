using System.Diagnostics;

namespace PluckyRally.Web.Tests;

/// <summary>The real server in a process of its own, for what only a process shows: kills, locks, memory.</summary>
internal sealed class ServerProcess : IDisposable
{
    private readonly Process _process;
    private readonly List<string> _said = [];
    private readonly TaskCompletionSource<string> _at = new(TaskCreationOptions.RunContinuationsAsynchronously);

    public ServerProcess(string data, params string[] more)
    {
        var start = new ProcessStartInfo(
            "dotnet",
            [Path.Combine(AppContext.BaseDirectory, "PluckyRally.Web.dll"), "--port", "0", "--data", data, .. more]
        )
        {
            RedirectStandardOutput = true,
            RedirectStandardError = true,
        };
        (start.Environment["DOTNET_TieredPGO"], start.Environment["DOTNET_TC_CallCounting"]) = ("0", "0");
        _process = new Process { StartInfo = start, EnableRaisingEvents = true };
        _process.OutputDataReceived += (_, line) => Hear(line.Data);
        _process.ErrorDataReceived += (_, line) => Hear(line.Data);
        _process.Exited += (_, _) => _at.TrySetException(new InvalidOperationException($"The server ended: {Said}"));
        _process.Start();
        _process.BeginOutputReadLine();
        _process.BeginErrorReadLine();
    }

    /// <summary>Everything that it has said.</summary>
    public string Said
    {
        get
        {
            lock (_said)
                return string.Join('\n', _said);
        }
    }

    /// <summary>The most memory that it has held so far, in megabytes.</summary>
    public double PeakMegabytes =>
        double.Parse(
            File.ReadLines($"/proc/{_process.Id}/status")
                .First(l => l.StartsWith("VmHWM", StringComparison.Ordinal))
                .Split([' ', '\t'], StringSplitOptions.RemoveEmptyEntries)[1]
        ) / 1024;

    /// <summary>Waits until it answers, and gives where it is.</summary>
    public Task<string> Address() => _at.Task.WaitAsync(TimeSpan.FromSeconds(60));

    /// <summary>Waits until it has ended by itself, and gives its exit code.</summary>
    public async Task<int> Ended()
    {
        await _process.WaitForExitAsync().WaitAsync(TimeSpan.FromSeconds(60));
        return _process.ExitCode;
    }

    /// <summary>Ends it as a power cut would.</summary>
    public void Kill()
    {
        _process.Kill();
        _process.WaitForExit();
    }

    public void Dispose()
    {
        if (!_process.HasExited)
            Kill();
        _process.Dispose();
    }

    private void Hear(string? line)
    {
        if (line is null)
            return;
        lock (_said)
            _said.Add(line);
        if (line.StartsWith("Plucky Rally is at ", StringComparison.Ordinal))
            _at.TrySetResult(line.Split(' ')[4]);
        else if (line.StartsWith("What to do is said at ", StringComparison.Ordinal))
            _at.TrySetResult(line.Split(' ')[6]);
    }
}
