using System.Collections.Concurrent;
using PluckyRally.Web.Tests;

[assembly: AssemblyFixture(typeof(AppPool))]

namespace PluckyRally.Web.Tests;

/// <summary>
/// Applications that are lent to one test after the other, each with a school of its own: it is cleared before it is
/// lent again, so that no test meets what another one made, in whatever order and however many run at once. A test
/// about starting, stopping, signing in, files on the disk or settings starts its own.
/// </summary>
public sealed class AppPool : IDisposable
{
    private static readonly ConcurrentBag<RunningApp> Alone = [];
    private static readonly ConcurrentBag<RunningApp> Classrooms = [];

    /// <param name="lan">Whether the classroom's devices are let in.</param>
    public static RunningApp Lend(bool lan = false)
    {
        if (!(lan ? Classrooms : Alone).TryTake(out var app))
            return new RunningApp(lan: lan);
        app.Clear();
        return app;
    }

    /// <summary>Takes it back; one that was stopped or failed is not lent again.</summary>
    public static void Return(RunningApp app, bool lan = false)
    {
        if (app.Stopped || TestContext.Current.TestState?.Result == TestResult.Failed)
            app.Dispose();
        else
            (lan ? Classrooms : Alone).Add(app);
    }

    public void Dispose()
    {
        foreach (var app in Alone.Concat(Classrooms))
            app.Dispose();
    }
}
