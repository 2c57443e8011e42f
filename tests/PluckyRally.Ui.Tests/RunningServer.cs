using System.Diagnostics;
using System.Text;
using System.Text.Json;
using PluckyRally.Ui.Tests;

[assembly: AssemblyFixture(typeof(DemoServer))]
[assembly: AssemblyFixture(typeof(WorkingServer))]
[assembly: AssemblyFixture(typeof(EmptyServer))]
[assembly: AssemblyFixture(typeof(BrowserPool))]

namespace PluckyRally.Ui.Tests;

/// <summary>
/// The real server on a free port, with a data folder of its own. It starts when it is first asked where it is.
/// </summary>
public class RunningServer : IDisposable
{
    private readonly bool _process;
    private readonly bool _measured;
    private readonly List<(string Name, string Value)> _settings = [];
    private readonly string _data = Directory.CreateTempSubdirectory("plucky-rally-").FullName;
    private readonly List<string> _said = [];
    private readonly Lock _first = new();
    private string _address = "http://127.0.0.1:0";
    private bool _started;
    private ServedApp? _served;
    private Process? _own;

    /// <param name="demo">With the demo's data.</param>
    /// <param name="lan">Whether the classroom's devices are let in.</param>
    /// <param name="process">In a process of its own, which ends as by a power cut.</param>
    /// <param name="measured">
    /// In a process of its own, as it is shipped. Otherwise that is compiled once and quickly: a test's server does not
    /// live long enough to win back what more would cost.
    /// </param>
    public RunningServer(bool demo, bool lan = false, bool process = false, bool measured = false)
    {
        (_process, _measured) = (process || measured, measured);
        _settings.Add(("contentRoot", Path.Combine(ProjectFolder.Root, "src", "PluckyRally.Web")));
        if (lan)
            _settings.Add(("lan", "true"));
        if (demo)
            _settings.Add(("demo", Path.Combine(ProjectFolder.Root, "demo")));
    }

    /// <summary>Where it is; the same after it was started again.</summary>
    public string Address
    {
        get
        {
            lock (_first)
                if (!_started)
                    Start();
            return _address;
        }
    }

    /// <summary>Where devices of the classroom find it: over a plain line, which is no secure context.</summary>
    public string Door => $"http://{Browser.Classroom}:{new Uri(Address).Port}";

    /// <summary>Starts it, again with the same data where it ran before, and waits until it answers.</summary>
    public void Start()
    {
        _started = true;
        if (_process)
        {
            StartProcess();
            return;
        }

        _served = new ServedApp(_data, [.. _settings, ("port", $"{new Uri(_address).Port}")]);
        _address = _served.Address.GetLeftPart(UriPartial.Authority);
    }

    /// <summary>Ends it, so that nobody answers until it is started again.</summary>
    public void End()
    {
        _served?.Dispose();
        _served = null;
        _own?.Kill(entireProcessTree: true);
        _own?.WaitForExit();
        _own?.Dispose();
        _own = null;
    }

    public void Dispose()
    {
        End();
        Microsoft.Data.Sqlite.SqliteConnection.ClearAllPools();
        Directory.Delete(_data, recursive: true);
        GC.SuppressFinalize(this);
    }

    private void StartProcess()
    {
        var start = new ProcessStartInfo("dotnet") { RedirectStandardOutput = true, RedirectStandardError = true };
        foreach (
            var argument in _settings
                .SelectMany(s => new[] { $"--{s.Name}", s.Value })
                .Prepend(Path.Combine(AppContext.BaseDirectory, "PluckyRally.Web.dll"))
                .Concat(["--port", $"{new Uri(_address).Port}", "--data", _data])
        )
            start.ArgumentList.Add(argument);
        // What this run of tests asked for itself (“once” in scripts/setup.sh) is not for a server that is measured.
        string[] asked =
        [
            "DOTNET_TieredPGO",
            "DOTNET_TC_CallCountThreshold",
            "DOTNET_TC_CallCountingDelayMs",
            "DOTNET_EnableWriteXorExecute",
        ];
        if (_measured)
            foreach (var name in asked)
                start.Environment.Remove(name);
        else
            (start.Environment["DOTNET_TieredPGO"], start.Environment["DOTNET_TC_CallCounting"]) = ("0", "0");
        var ready = new TaskCompletionSource();
        _own = new Process { StartInfo = start, EnableRaisingEvents = true };
        _own.OutputDataReceived += (_, line) => Hear(line.Data, ready);
        _own.ErrorDataReceived += (_, line) => Hear(line.Data, ready);
        _own.Exited += (_, _) =>
            ready.TrySetException(new InvalidOperationException($"The server ended: {string.Join("\n", _said)}"));
        _own.Start();
        _own.BeginOutputReadLine();
        _own.BeginErrorReadLine();
        if (!ready.Task.Wait(TimeSpan.FromSeconds(180)))
            throw new TimeoutException($"The server did not start: {string.Join("\n", _said)}");
    }

    private void Hear(string? line, TaskCompletionSource ready)
    {
        if (line is null)
            return;
        lock (_said)
            _said.Add(line);
        if (!line.StartsWith("Plucky Rally is at ", StringComparison.Ordinal))
            return;
        _address = line.Split(' ')[4];
        ready.TrySetResult();
    }
}

/// <summary>
/// A server with the demo's data: one for all tests that change nothing, one of its own for a class that asks for it as
/// its fixture.
/// </summary>
public sealed class DemoServer() : RunningServer(demo: true);

/// <summary>
/// A server with the demo's data: one for all tests that begin rallies of their own beside the demo's.
/// </summary>
public sealed class WorkingServer() : RunningServer(demo: true);

/// <summary>
/// A server without data: one for all tests that bring what they need, one of its own for a class that asks for it as
/// its fixture.
/// </summary>
public sealed class EmptyServer() : RunningServer(demo: false);

/// <summary>A server without data that is killed as by a power cut, and starts again.</summary>
public sealed class KilledServer() : RunningServer(demo: false, process: true);

/// <summary>A server without data that lets the classroom's devices in.</summary>
public sealed class ClassroomServer() : RunningServer(demo: false, lan: true)
{
    private HttpClient? _teacher;

    /// <summary>
    /// The teacher at the computer itself: sets the password and is signed in, once for all, since sign-ins are
    /// counted.
    /// </summary>
    public HttpClient Teacher
    {
        get
        {
            if (_teacher is not null)
                return _teacher;
            var http = new HttpClient(new HttpClientHandler { CookieContainer = new() })
            {
                BaseAddress = new Uri(Address),
            };
            http.PostAsync(
                    "/api/password",
                    new StringContent("""{"password":"boats in the bay"}""", Encoding.UTF8, "application/json")
                )
                .GetAwaiter()
                .GetResult()
                .EnsureSuccessStatusCode();
            return _teacher = http;
        }
    }

    /// <summary>Sends this as the teacher, and gives what is answered; a refusal fails the test.</summary>
    public JsonElement Post(string path, string body)
    {
        using var answer = Teacher
            .PostAsync(
                path,
                new StringContent(body, Encoding.UTF8, "application/json"),
                TestContext.Current.CancellationToken
            )
            .GetAwaiter()
            .GetResult();
        var said = answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken).GetAwaiter().GetResult();
        answer.IsSuccessStatusCode.ShouldBeTrue(said);
        return JsonElement.Parse(said);
    }
}
