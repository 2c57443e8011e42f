namespace PluckyRally.Ui.Tests;

/// <summary>
/// Opens windows for a test; where the test fails, leaves a picture, the page and the browser's log of each.
/// </summary>
public abstract class ScreenTest : IDisposable
{
    private readonly List<Browser> _windows = [];

    /// <summary>Closes what the test opened besides windows.</summary>
    protected virtual void Close() { }

    protected Browser OpenWindow(string address, int width = 1280, int height = 800)
    {
        var browser = BrowserPool.Open(address, width, height);
        _windows.Add(browser);
        return browser;
    }

    /// <summary>Begins a rally of a brief on the shelf, and opens its Score station on a tablet.</summary>
    protected async Task<(Browser Walk, string Rally)> BeginToJudge(RunningServer server, string title)
    {
        var rally = await PreparedRally.Begin(server, await PreparedRally.OnShelf(server, title), title);
        var walk = OpenWindow(server.Address, 800, 1280);
        walk.Open($"/rallies/{rally}/score");
        walk.See("Observations");
        return (walk, rally);
    }

    public void Dispose()
    {
        var failed = TestContext.Current.TestState?.Result == TestResult.Failed;
        if (failed)
            Leave();
        foreach (var window in _windows)
            BrowserPool.Close(window, again: !failed);
        Close();
        GC.SuppressFinalize(this);
    }

    private void Leave()
    {
        var folder = Environment.GetEnvironmentVariable("RALLY_OUTPUT") ?? Path.Combine(ProjectFolder.Root, "output");
        Directory.CreateDirectory(folder);
        var name = $"{GetType().Name}.{TestContext.Current.TestMethod?.MethodName}";
        for (var i = 0; i < _windows.Count; i++)
        {
            var stem = Path.Combine(folder, $"{name}.window{i + 1}");
            _windows[i].Picture(stem + ".png");
            File.WriteAllText(stem + ".html", _windows[i].Driver.PageSource);
            File.WriteAllText(stem + ".log", _windows[i].Log());
        }
    }
}
