using OpenQA.Selenium.Chrome;

namespace PluckyRally.Ui.Tests;

/// <summary>The line between a window and the server: as fast as it comes, slow, or cut.</summary>
internal sealed class NetworkLine(ChromeDriver driver)
{
    /// <summary>How many milliseconds each answer takes longer; none unless the run asks for a slow line.</summary>
    private static readonly int Lag = int.Parse(Environment.GetEnvironmentVariable("RALLY_LAG") ?? "0");

    /// <summary>The line that the run asks for.</summary>
    public void Take()
    {
        if (Lag > 0)
            Cut(false);
    }

    /// <summary>Cuts the line, or gives it back.</summary>
    public void Cut(bool cut)
    {
        if (cut || Lag > 0)
            Set(cut, Lag, -1, pastWorker: cut);
        else
            // Gives the line back, and no longer tells the driver of each thing that is fetched.
            driver.ExecuteCdpCommand("Network.disable", []);
    }

    /// <summary>A line of 1.6 Mbit/s on which each answer takes 150 ms longer.</summary>
    public void Slow() => Set(false, 150, 1_600_000 / 8, pastWorker: true);

    /// <param name="offline">Whether nothing goes through.</param>
    /// <param name="latency">Milliseconds.</param>
    /// <param name="bytes">Bytes a second in each direction; −1 for as many as there are.</param>
    /// <param name="pastWorker">
    /// Whether what the page asks for goes past the worker that keeps it, which has a line of its own.
    /// </param>
    private void Set(bool offline, int latency, int bytes, bool pastWorker)
    {
        driver.ExecuteCdpCommand("Network.enable", []);
        driver.ExecuteCdpCommand("Network.setBypassServiceWorker", new() { ["bypass"] = pastWorker });
        driver.ExecuteCdpCommand(
            "Network.emulateNetworkConditions",
            new()
            {
                ["offline"] = offline,
                ["latency"] = latency,
                ["downloadThroughput"] = bytes,
                ["uploadThroughput"] = bytes,
            }
        );
    }
}
