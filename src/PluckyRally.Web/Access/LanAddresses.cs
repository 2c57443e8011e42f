using System.Net;
using System.Net.NetworkInformation;
using System.Net.Sockets;

namespace PluckyRally.Web.Access;

/// <summary>Where a host is served: over the encrypted line where there is one.</summary>
internal static class ServedAt
{
    public static string Of(IEnumerable<string> urls, string host)
    {
        var url = new Uri(
            LanAddresses.Here(urls.OrderByDescending(u => u.StartsWith("https", StringComparison.Ordinal)).First())
        );
        return $"{url.Scheme}://{host}:{url.Port}";
    }
}

/// <summary>
/// This computer's addresses in the networks that it is in, looked up anew every few seconds, since networks change.
/// </summary>
internal static class LanAddresses
{
    private static readonly TimeSpan Fresh = TimeSpan.FromSeconds(5);
    private static (DateTime At, IReadOnlyList<string> Addresses) _seen = (DateTime.MinValue, []);
    private static (DateTime At, bool Known) _named = (DateTime.MinValue, false);

    /// <summary>What this computer is called where the network knows names (mDNS, RFC 6762).</summary>
    public static string LocalName => $"{Environment.MachineName}.local";

    public static IReadOnlyList<string> All()
    {
        if (DateTime.UtcNow - _seen.At > Fresh)
            _seen = (DateTime.UtcNow, Look());
        return _seen.Addresses;
    }

    /// <summary>Whether the network finds this computer by its name.</summary>
    public static async Task<bool> KnowsName(CancellationToken stop)
    {
        if (DateTime.UtcNow - _named.At > 6 * Fresh)
            _named = (DateTime.UtcNow, await Resolves(stop));
        return _named.Known;
    }

    /// <summary>What listens to the whole network is found here by this computer's own address.</summary>
    public static string Here(string url) => url.Replace("0.0.0.0", "127.0.0.1", StringComparison.Ordinal);

    private static IReadOnlyList<string> Look() =>
        [
            .. NetworkInterface
                .GetAllNetworkInterfaces()
                .Where(n =>
                    n.OperationalStatus == OperationalStatus.Up
                    && n.NetworkInterfaceType != NetworkInterfaceType.Loopback
                )
                .SelectMany(n => n.GetIPProperties().UnicastAddresses)
                .Where(a => a.Address.AddressFamily == AddressFamily.InterNetwork)
                .Select(a => a.Address.ToString()),
        ];

    private static async Task<bool> Resolves(CancellationToken stop)
    {
        using var patience = CancellationTokenSource.CreateLinkedTokenSource(stop);
        patience.CancelAfter(TimeSpan.FromSeconds(1));
        try
        {
            var found = await Dns.GetHostAddressesAsync(LocalName, patience.Token);
            return found.Any(a => IPAddress.IsLoopback(a) || All().Contains(a.ToString()));
        }
        catch (Exception unknown) when (unknown is SocketException or OperationCanceledException)
        {
            // The network does not know the name; the number does.
            return false;
        }
    }
}
