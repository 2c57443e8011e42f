using System.Net;
using PluckyRally.Core;
using Shouldly;
using Xunit;

namespace PluckyRally.Web.Tests;

/// <summary>The clock is the server's.</summary>
public sealed class RunTests : IDisposable
{
    private static readonly Brief WithPhases = Sample.Brief() with { Timing = new Timing { Phases = [new() { Id = "build", Kind = PhaseKind.Build, Minutes = 20, Warning = 5 }, new() { Id = "test", Kind = PhaseKind.Test, Minutes = 10 }] } };

    private readonly RunningApp _app = new();

    [Fact]
    public async Task A_phase_is_begun_paused_and_goes_on_by_the_servers_time()
    {
        var id = await _app.Begin(WithPhases, "Able");
        (await Read(id)).Clock.Phase.ShouldBeNull();
        var begun = await Touch(id, new(ClockDoes.Begin, "build"));
        begun.Clock.Phase!.Id.ShouldBe("build");
        (begun.Clock.Ends!.Value - begun.Now).TotalMinutes.ShouldBeInRange(19.9, 20);
        (await Touch(id, new(ClockDoes.Add, Minutes: 1))).Clock.Ends.ShouldBe(begun.Clock.Ends!.Value.AddMinutes(1));
        (await Touch(id, new(ClockDoes.Pause))).Clock.ShouldSatisfyAllConditions(c => c.Ends.ShouldBeNull(), c => c.Left!.Value.ShouldBeInRange(20.9m * 60, 21 * 60));
        (await Touch(id, new(ClockDoes.Resume))).Clock.Ends.ShouldNotBeNull();
        (await Touch(id, new(ClockDoes.Begin))).Clock.Over.ShouldBeTrue();
        (await _app.Get<Rally>($"/api/rallies/{id}/file")).Entries.Count.ShouldBe(5, "a record of each touch");
    }

    [Fact]
    public async Task What_cannot_be_is_refused_and_devices_do_not_set_the_clock()
    {
        var id = await _app.Begin(WithPhases, "Able");
        (await RunningApp.Places(await _app.Post($"/api/rallies/{id}/clock", new ClockTouch(ClockDoes.Begin, "lunch")))).ShouldBe(["/phase"]);
        (await RunningApp.Places(await _app.Post($"/api/rallies/{id}/clock", """{ "does": "rewind" }"""))).ShouldBe(["/does"]);
        (await RunningApp.Places(await _app.Post<Entry>($"/api/rallies/{id}/entries", new Entry.PhaseBegun { Id = Guid.CreateVersion7(), Phase = "build" }))).ShouldBe(["/kind"]);
        (await _app.Post($"/api/rallies/{Guid.NewGuid()}/clock", new ClockTouch(ClockDoes.Pause))).StatusCode.ShouldBe(HttpStatusCode.NotFound);
        (await Read(id)).Clock.Phase.ShouldBeNull();
    }

    public void Dispose() => _app.Dispose();

    private Task<ClockRead> Read(Guid id) => _app.Get<ClockRead>($"/api/rallies/{id}/clock");

    private async Task<ClockRead> Touch(Guid id, ClockTouch touch)
    {
        (await _app.Post($"/api/rallies/{id}/clock", touch)).EnsureSuccessStatusCode();
        return await Read(id);
    }
}
