using System.Net;
using System.Net.Sockets;

namespace PluckyRally.Web.Start;

/// <summary>
/// Sees that the port is free before anything is touched: the demo of a running server must not be made anew under it.
/// </summary>
internal static class PortStart
{
    /// <summary>Refuses to start where another program listens on the port.</summary>
    public static void Check(ServerSettings settings)
    {
        var port = settings.Port;
        Check(
            port,
            settings is { Lan: true, HttpsPort: null } ? IPAddress.Any : IPAddress.Loopback,
            "Stop the program that uses it, or choose another one, for example --port "
                + $"{(port == 65535 ? port - 1 : port + 1)}."
        );
        if (settings.HttpsPort is { } encrypted)
            Check(
                encrypted,
                IPAddress.Any,
                "The encrypted connection has no other port: stop the program that uses it."
            );
    }

    private static void Check(int port, IPAddress address, string remedy)
    {
        if (port == 0)
            return;
        try
        {
            using var listener = new TcpListener(address, port);
            listener.Start();
        }
        catch (SocketException wrong)
        {
            throw new StartRefusedException($"Port {port} cannot be used: {wrong.Message}.", remedy);
        }
    }
}
