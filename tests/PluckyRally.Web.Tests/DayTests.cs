using System.Net;
using System.Net.Http.Json;
using System.Text.Json;
using PluckyRally.Core;
using PluckyRally.Data.Passes;
using Shouldly;
using Xunit;

namespace PluckyRally.Web.Tests;

/// <summary>
/// A fair day with two rallies: who sees it, who is at which table, and the list over all where the teacher wants it
/// seen.
/// </summary>
public sealed class DayTests : IDisposable
{
    private readonly Classroom _class = new();

    [Fact]
    public async Task One_code_leads_to_the_page_of_the_day_and_tables_go_on_with_what_is_recorded()
    {
        await _class.Begin();
        var (one, two, other) = (
            await _class.App.Begin(Sample.Brief(), "Able", "Baker", "Cole"),
            await _class.App.Begin(Sample.Brief(), "Dune", "Eider"),
            await _class.App.Begin(Sample.Brief(), "Finch")
        );
        var day = new FairDay
        {
            Name = "Quay day",
            Date = new(2026, 11, 27),
            Slots =
            [
                new()
                {
                    Rally = one,
                    Tables = 2,
                    From = new(9, 15),
                    Where = "Hall",
                },
                new() { Rally = two },
            ],
        };
        using var made = await _class.App.Post("/api/days", day);
        made.StatusCode.ShouldBe(HttpStatusCode.Created);
        var id = (
            await made.Content.ReadFromJsonAsync<DayMade>(Json.Options, TestContext.Current.CancellationToken)
        )!.Id;

        using var pass = await _class.App.Post(
            $"/api/rallies/{one}/passes",
            new NewPass(PassKind.Judge) { Also = [two] }
        );
        var code = (await RunningApp.Read(pass)).GetProperty("code").GetString()!;
        using var device = _class.App.Device();
        using var joined = await device.PostAsync(
            "/api/join",
            RunningApp.Body($$"""{"code":"{{code}}","name":"Wren"}"""),
            TestContext.Current.CancellationToken
        );
        (await RunningApp.Read(joined)).GetProperty("day").GetGuid().ShouldBe(id);

        var opened = await Open(device, id);
        opened.Rallies.Select(r => r.Role).ShouldBe([CallerRole.Judge, CallerRole.Judge]);
        opened.Rallies[0].Tables.ShouldBe([new(1, "Able", "Cole", 2), new(2, "Baker", "", 1)]);
        opened.Lists.ShouldBeEmpty("the teacher has not put it on the board");
        foreach (var entry in new Entry[] { Sample.Stands(true), Sample.Caught("210"), Sample.Caught("220") })
            await Classroom.Record(_class.Teacher, one, entry);
        (await Open(device, id)).Rallies[0].Tables[0].ShouldBe(new(1, "Cole", "", 1));

        (
            await _class.App.Put($"/api/days/{id}", new Edited<FairDay>(day, day with { ListOnBoard = true }))
        ).StatusCode.ShouldBe(HttpStatusCode.NoContent);
        (await Open(device, id)).Lists.ShouldHaveSingleItem().Rows[0].Name.ShouldBe("Able");

        // How results are combined is the day's too.
        var places = new Combined { By = CombinedBy.PlacePoints, PlacePoints = [5, 3] };
        var listed = day with { ListOnBoard = true };
        (
            await _class.App.Put($"/api/days/{id}", new Edited<FairDay>(listed, listed with { Combined = places }))
        ).StatusCode.ShouldBe(HttpStatusCode.NoContent);
        (await Open(device, id)).Lists.Single().WinsText.ShouldStartWith("Points for the place in each class: 5, 3.");
        using var backward = await _class.App.Put(
            $"/api/days/{id}",
            new Edited<FairDay>(
                listed with
                {
                    Combined = places,
                },
                listed with
                {
                    Combined = places with { PlacePoints = [3, 5] },
                }
            )
        );
        (await RunningApp.Places(backward)).ShouldBe(["/combined/placePoints"]);

        using var stranger = await _class.Judge(other, "Aide");
        (await stranger.GetAsync($"/api/days/{id}", TestContext.Current.CancellationToken)).StatusCode.ShouldBe(
            HttpStatusCode.Forbidden
        );
        (await device.GetAsync("/api/days", TestContext.Current.CancellationToken)).StatusCode.ShouldBe(
            HttpStatusCode.Forbidden,
            "the list of days is the teacher's"
        );
        (
            await device.PutAsync(
                $"/api/days/{id}",
                RunningApp.Body(Json.Write(new Edited<FairDay>(day, day))),
                TestContext.Current.CancellationToken
            )
        ).StatusCode.ShouldBe(HttpStatusCode.Forbidden);
    }

    public void Dispose() => _class.Dispose();

    private static async Task<DayOpened> Open(HttpClient device, Guid day) =>
        JsonSerializer.Deserialize<DayOpened>(
            await device.GetStringAsync($"/api/days/{day}", TestContext.Current.CancellationToken),
            Lenient
        )!;

    /// <summary>What is absent is left out of an answer.</summary>
    private static readonly JsonSerializerOptions Lenient = new(Json.Options)
    {
        RespectRequiredConstructorParameters = false,
    };
}
