using System.Net.Http.Json;
using PluckyRally.Core.Files;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Score;
using PluckyRally.Data.Passes;
using PluckyRally.Web.Access;

namespace PluckyRally.Web.Tests.Access;

/// <summary>A server that lets the classroom in, its teacher signed in, and devices that join.</summary>
internal sealed class Classroom : IDisposable
{
    public const string Password = "tide tables on Tuesday";

    public RunningApp App { get; } = AppPool.Lend(lan: true);

    public HttpClient Teacher => App.Client;

    public void Dispose() => AppPool.Return(App, lan: true);

    /// <summary>A rally, made by the teacher, who sets the password at the first one.</summary>
    public async Task<RallyId> Begin(string title = "Rain catcher")
    {
        if ((await Who(Teacher)).Role != CallerRole.Teacher)
            (await Send(Teacher, "/api/password", new PasswordTyped(Password))).EnsureSuccessStatusCode();
        return await App.Begin(Sample.Brief(title), "Able", "Baker");
    }

    public async Task<string> Code(RallyId rally, PassKind kind = PassKind.Judge)
    {
        using var made = await Send(Teacher, $"/api/rallies/{rally}/passes", new NewPass(kind));
        return (await made.Content.ReadFromJsonAsync<Pass>(Json.Options, TestContext.Current.CancellationToken))!.Code;
    }

    public async Task<HttpClient> Judge(RallyId rally, string name)
    {
        var device = App.Device();
        (await Send(device, "/api/join", new CodeTyped(await Code(rally), name))).EnsureSuccessStatusCode();
        return device;
    }

    public async Task<HttpClient> Wall(RallyId rally)
    {
        var device = App.Device();
        (await Send(device, "/api/join", new CodeTyped(await Code(rally, PassKind.Wall)))).EnsureSuccessStatusCode();
        return device;
    }

    public static async Task<WhoAmI> Who(HttpClient device) =>
        (await device.GetFromJsonAsync<WhoAmI>("/api/who", Json.Options, TestContext.Current.CancellationToken))!;

    public static Task<HttpResponseMessage> Send<T>(HttpClient device, string path, T value) =>
        device.PostAsync(path, RunningApp.Body(Json.Write(value)), TestContext.Current.CancellationToken);

    public static async Task Record(HttpClient device, RallyId rally, Entry entry)
    {
        using var answer = await Send(device, $"/api/rallies/{rally}/entries", entry);
        answer.IsSuccessStatusCode.ShouldBeTrue(
            await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken)
        );
    }

    /// <summary>Why an entry is refused.</summary>
    public static async Task<string?> Refusal(HttpClient device, RallyId rally, Entry entry) =>
        (await RunningApp.Read(await Send(device, $"/api/rallies/{rally}/entries", entry)))
            .GetProperty("title")
            .GetString();
}
