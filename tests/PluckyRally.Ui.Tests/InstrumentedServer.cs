using System.Diagnostics;
using System.Net;
using System.Net.Sockets;
using PluckyRally.Tests;

namespace PluckyRally.Ui.Tests;

/// <summary>
/// A demo server for all tests that begin rallies of their own, with a stand-in scale and light gates connected, which
/// do what is typed to it.
/// </summary>
public sealed class InstrumentedServer : IDisposable
{
    private readonly Lazy<Process> _standIns;

    public InstrumentedServer()
    {
        using var free = new TcpListener(IPAddress.Loopback, 0);
        free.Start();
        var port = ((IPEndPoint)free.LocalEndpoint).Port;
        free.Stop();
        Server = new RunningServer(demo: true, instruments: port);
        _standIns = new(() => StartStandIns(port));
    }

    public RunningServer Server { get; }

    private static Process StartStandIns(int port)
    {
        var start = new ProcessStartInfo("dotnet") { RedirectStandardInput = true, RedirectStandardOutput = true };
        foreach (
            var argument in new[]
            {
                Path.Combine(
                    ProjectFolder.Root,
                    "src",
                    "PluckyRally.Instruments",
                    "bin",
                    "Release",
                    "net10.0",
                    "PluckyRally.Instruments.dll"
                ),
                "scale",
                "gates",
                "--port",
                $"{port}",
            }
        )
            start.ArgumentList.Add(argument);
        return Process.Start(start)!;
    }

    /// <param name="what">Which stand-in, and what happens to it, as it is typed to ./rally instruments.</param>
    public void Do(string what)
    {
        _standIns.Value.StandardInput.WriteLine(what);
        _standIns.Value.StandardInput.Flush();
    }

    public void Dispose()
    {
        if (_standIns.IsValueCreated)
        {
            _standIns.Value.Kill();
            _standIns.Value.Dispose();
        }

        Server.Dispose();
    }
}
