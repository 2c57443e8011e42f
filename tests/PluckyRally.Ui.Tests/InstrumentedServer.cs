using System.Diagnostics;
using System.Net;
using System.Net.Sockets;
using PluckyRally.Tests;

namespace PluckyRally.Ui.Tests;

/// <summary>A demo server with a stand-in scale and light gates connected, which do what is typed to it.</summary>
public sealed class InstrumentedServer : IDisposable
{
    private readonly Process _standIns;

    public InstrumentedServer()
    {
        using var free = new TcpListener(IPAddress.Loopback, 0);
        free.Start();
        var port = ((IPEndPoint)free.LocalEndpoint).Port;
        free.Stop();
        Server = new RunningServer(demo: true, instruments: port);
        var start = new ProcessStartInfo("dotnet") { RedirectStandardInput = true, RedirectStandardOutput = true };
        foreach (var argument in new[] { Path.Combine(ProjectFolder.Root, "src", "PluckyRally.Instruments", "bin", "Release", "net10.0", "PluckyRally.Instruments.dll"), "scale", "gates", "--port", $"{port}" }) start.ArgumentList.Add(argument);
        _standIns = Process.Start(start)!;
    }

    public RunningServer Server { get; }

    /// <param name="what">Which stand-in, and what happens to it, as it is typed to ./rally instruments.</param>
    public void Do(string what)
    {
        _standIns.StandardInput.WriteLine(what);
        _standIns.StandardInput.Flush();
    }

    public void Dispose()
    {
        _standIns.Kill();
        _standIns.Dispose();
        Server.Dispose();
    }
}
