using System.Collections.Concurrent;

namespace PluckyRally.Ui.Tests;

/// <summary>Windows are used again by later tests, since starting a browser takes longer than most tests do.</summary>
public sealed class BrowserPool : IDisposable
{
    private static readonly ConcurrentBag<Browser> Idle = [];

    public static Browser Open(string address, int width, int height)
    {
        var window = Idle.TryTake(out var idle) ? idle : new Browser { Address = address };
        window.Address = address;
        window.Resize(width, height);
        window.TakeLine();
        return window;
    }

    /// <param name="window">The window that a test has done with.</param>
    /// <param name="again">Whether another test may have it; after a failure it is not trusted.</param>
    public static void Close(Browser window, bool again)
    {
        if (!again)
        {
            window.Dispose();
            return;
        }

        window.Forget();
        Idle.Add(window);
    }

    public void Dispose()
    {
        while (Idle.TryTake(out var window))
            window.Dispose();
    }
}
