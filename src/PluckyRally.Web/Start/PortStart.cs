using System.Net;
using System.Net.Sockets;

namespace PluckyRally.Web;

/// <summary>
/// Sees that the port is free before anything is touched: the demo of a running server must not be made anew under it.
/// </summary>
internal static class PortStart
{
    /// <summary>Refuses to start where another program listens on the port.</summary>
    public static void Check(ServerSettings settings)
    {
        var port = settings.Port;
        if (port == 0)
            return;
        try
        {
            using var listener = new TcpListener(settings.Lan ? IPAddress.Any : IPAddress.Loopback, port);
            listener.Start();
        }
        catch (SocketException wrong)
        {
            throw new StartRefusedException(
                $"Port {port} cannot be used: {wrong.Message}.",
                "Stop the program that uses it, or choose another one, for example --port "
                    + $"{(port == 65535 ? port - 1 : port + 1)}."
            );
        }
    }
}
