using System.Globalization;
using System.Net;
using System.Net.Sockets;
using System.Text;
using System.Text.Json.Nodes;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Curves;
using PluckyRally.Core.Files;
using PluckyRally.Core.Kit;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Score;
using PluckyRally.Data.Rallies;
using PluckyRally.Web.Briefs;
using PluckyRally.Web.Kit;
using PluckyRally.Web.Teams;

namespace PluckyRally.Web.Tests.Faults;

/// <summary>Whatever comes in, the answer says what is wrong; the server does not fail on it.</summary>
public sealed class FaultTests : IDisposable
{
    private readonly RunningApp _app = AppPool.Lend();

    [Fact]
    public async Task The_same_entry_twice_in_a_file_is_one_entry_and_a_different_one_with_its_id_is_set_aside()
    {
        var rally = await _app.Begin(Sample.Brief(), "Able");
        var entry = Sample.Caught("210");
        (await _app.Post<Entry>($"/api/rallies/{rally}/entries", entry)).EnsureSuccessStatusCode();
        var file = await _app.Get<Rally>($"/api/rallies/{rally}/file");
        var twice = await _app.Post(
            "/api/files",
            Json.Write(file with { Entries = [file.Entries[0], file.Entries[0]] })
        );
        twice.StatusCode.ShouldBe(HttpStatusCode.Created);
        (
            await _app.Get<RallyOpened>($"/api/rallies/{(await RunningApp.Read(twice)).GetProperty("id").GetGuid()}")
        ).Progress.AsOf.ShouldBe(1);
        var other = (Entry.TrialRecorded)file.Entries[0] with { Outcome = TrialOutcome.Failed };
        var odd = await RunningApp.Read(
            await _app.Post("/api/files", Json.Write(file with { Entries = [file.Entries[0], other] }))
        );
        odd.GetProperty("warnings")[0].GetProperty("at").GetString().ShouldBe("/entries/1/id");
        (await _app.Get<RallyOpened>($"/api/rallies/{odd.GetProperty("id").GetGuid()}")).ShouldSatisfyAllConditions(
            r => r.Progress.AsOf.ShouldBe(2),
            r => r.Aside.Count.ShouldBe(1)
        );
    }

    [Fact]
    public async Task One_material_id_twice_closes_no_page()
    {
        var brief = await _app.AddBrief(
            Sample.Brief() with
            {
                Materials =
                [
                    new()
                    {
                        Id = "a",
                        Name = "Straws",
                        Amount = 3,
                    },
                    new()
                    {
                        Id = "a",
                        Name = "Tape",
                        Amount = 3,
                    },
                ],
                Stages = new StagePlan
                {
                    Stages =
                    [
                        new()
                        {
                            Id = "s",
                            Name = "Base",
                            Needs = [new("a", 2)],
                        },
                    ],
                },
            }
        );
        foreach (var page in new[] { "", "/check", "/kit", "/shopping" })
            (
                (int)
                    (
                        await _app.Client.GetAsync($"/api/briefs/{brief}{page}", TestContext.Current.CancellationToken)
                    ).StatusCode
            ).ShouldBeLessThan(500, page);
    }

    [Theory]
    [InlineData("/materials/0/amount", "7.9e28")]
    [InlineData("/materials/0/price", "-79228162514264337593543950335")]
    [InlineData("/materials/0/amount", "1e400")]
    [InlineData("/materials/0/amount", "0.00000000000000000001")]
    [InlineData("/timing/setUp", "-79228162514264337593543950335")]
    [InlineData("/timing/lesson", "79228162514264337593543950335")]
    [InlineData("/method/parts/0/weight", "79228162514264337593543950335")]
    [InlineData("/timing/teams", "9999999999")]
    public async Task Numbers_beyond_the_stated_ranges_are_refused_at_their_place_and_never_kept(
        string place,
        string number
    )
    {
        var document = JsonNode.Parse(
            Json.Write(
                Sample.Brief() with
                {
                    Materials = [new() { Id = "straws", Name = "Straws" }],
                    Timing = new() { Lesson = 45 },
                }
            )
        )!;
        var steps = place.Split('/');
        var at = steps[1..^1]
            .Aggregate(document, (node, step) => int.TryParse(step, out var i) ? node[i]! : node[step]!);
        at[steps[^1]] = JsonNode.Parse(number);
        var answer = await _app.Post("/api/briefs", document.ToJsonString());
        answer.StatusCode.ShouldBe(HttpStatusCode.UnprocessableEntity);
        (await RunningApp.Places(answer)).ShouldHaveSingleItem().Split('/')[^1].ShouldBe(steps[^1]);
        (await _app.Get<List<BriefOnShelf>>("/api/briefs")).ShouldBeEmpty();
    }

    [Theory]
    [InlineData("{\"setUp\":-1000000000,\"teams\":1000000000,\"lesson\":1000000000}")]
    [InlineData("{\"setUp\":-1000000000,\"cleanUp\":-1000000000,\"lesson\":0,\"teams\":-5,\"lessons\":-3}")]
    [InlineData(
        """
            {"lesson":0.000000001,"lessons":1000000000,"teams":400,
            "phases":[{"id":"p","kind":"test","teamByTeam":true,"minutes":1000000000,
            "changeover":-1000000000,"stations":0}]}
            """
    )]
    public async Task A_time_that_cannot_be_is_a_snag_and_no_failure(string timing)
    {
        var document = JsonNode.Parse(Json.Write(Sample.Brief()))!;
        document["timing"] = JsonNode.Parse(timing);
        var made = await _app.Post("/api/briefs", document.ToJsonString());
        ((int)made.StatusCode).ShouldBeLessThan(500);
        if (!made.IsSuccessStatusCode)
            return;
        var id = (await RunningApp.Read(made)).GetProperty("id").GetGuid();
        foreach (var page in new[] { "/check", "/kit", "/calendar?begins=2026-11-24T09:00" })
            (
                (int)
                    (
                        await _app.Client.GetAsync($"/api/briefs/{id}{page}", TestContext.Current.CancellationToken)
                    ).StatusCode
            ).ShouldBeLessThan(500, page);
    }

    [Theory]
    [InlineData("10^27*10")]
    [InlineData("caught*10^25")]
    [InlineData("1/10^27")]
    [InlineData("caught^64")]
    public async Task Numbers_too_large_to_write_down_are_no_value_in_Try_it(string expression)
    {
        var brief = Sample.Brief() with
        {
            Method = new Method
            {
                Parts =
                [
                    new Part.Measured
                    {
                        Id = "water",
                        Name = "Water",
                        Value = expression,
                        Better = Better.More,
                        Curve = new Curve.Rate(1_000_000_000m),
                        Weight = 1_000_000_000m,
                    },
                ],
            },
        };
        ((int)(await _app.Post("/api/drafts/tryout", new DraftTryout(brief, "", []))).StatusCode).ShouldBeLessThan(500);
    }

    [Theory]
    [InlineData("""{"title":"half \ud83d"}""")]
    [InlineData("""{"\ud83d":1,"title":"x"}""")]
    [InlineData("""{"title":"x","measures":[{"id":"\udc00","kind":"mass"}]}""")]
    [InlineData("""{"title":"x","rules":[{"id":"a","sort":"criterion","check":{"kind":"\ud83d\ud83d"}}]}""")]
    public async Task Half_a_character_is_refused_wherever_it_stands(string fields)
    {
        var answer = await _app.Post(
            "/api/briefs",
            fields.Insert(1, $"\"format\":\"{Brief.FormatName}\",\"version\":1,")
        );
        answer.StatusCode.ShouldBe(HttpStatusCode.UnprocessableEntity);
        (await RunningApp.Read(answer)).GetProperty("title").GetString()!.ShouldContain("half a character");
    }

    [Fact]
    public async Task A_whole_character_of_two_halves_is_none_of_that() =>
        (
            await _app.Post(
                "/api/briefs",
                $$"""
                {"format":"{{Brief.FormatName}}","version":1,"title":"Boat \ud83d\udea3 and a \\ud83d written out"}
                """
            )
        ).StatusCode.ShouldBe(HttpStatusCode.Created);

    /// <summary>
    /// Pictures that are 24,000 by 24,000 pixels, whole or only in name, and a large body from nobody: the memory
    /// hardly notices.
    /// </summary>
    [Fact]
    public async Task The_instruments_port_hangs_up_on_whatever_does_not_greet()
    {
        using var free = new TcpListener(IPAddress.Loopback, 0);
        free.Start();
        var port = ((IPEndPoint)free.LocalEndpoint).Port;
        free.Stop();
        using var app = new RunningApp(instruments: port);
        foreach (
            var first in new[]
            {
                "POST / HTTP/1.1\r\nHost: 127.0.0.1\r\n\r\n",
                "READ 3 g stable\n",
                new string('A', 5_000),
            }
        )
        {
            using var line = new TcpClient();
            await line.ConnectAsync(IPAddress.Loopback, port, TestContext.Current.CancellationToken);
            await line.GetStream().WriteAsync(Encoding.UTF8.GetBytes(first), TestContext.Current.CancellationToken);
            (await Read(line)).ShouldBe(0, first[..4]);
        }
    }

    /// <summary>
    /// A name with a line feed, a quotation mark, a formula or a mark of ours goes out and comes back as it was.
    /// </summary>
    [Theory]
    [InlineData("a\nb")]
    [InlineData("say \"hi\"; twice, please")]
    [InlineData("=SUM(A1:A9)")]
    [InlineData("'=already marked")]
    [InlineData("'30s lamps")]
    [InlineData("-tape")]
    [InlineData("@home")]
    [InlineData("material")]
    [InlineData("a\tb")]
    [InlineData("''")]
    public async Task The_cupboard_goes_out_and_comes_back_the_same_whatever_a_thing_is_called(string name)
    {
        CupboardItem[] items = [new(name, "cm", 1234.5m), new("scissors", "", 14), new("zinc " + name, "", 1_000_000)];
        foreach (var item in items)
            (
                await _app.Client.PutAsync(
                    "/api/cupboard",
                    RunningApp.Body(
                        Json.Write(
                            new CupboardTyped(
                                item.Name,
                                item.Unit,
                                item.Amount.ToString(CultureInfo.InvariantCulture),
                                0
                            )
                        )
                    ),
                    TestContext.Current.CancellationToken
                )
            ).EnsureSuccessStatusCode();
        var before = await _app.Get<List<CupboardItem>>("/api/cupboard");
        var file = await _app.Client.GetStringAsync("/api/cupboard/file", TestContext.Current.CancellationToken);
        foreach (var item in before)
            (
                await _app.Client.PutAsync(
                    "/api/cupboard",
                    RunningApp.Body(Json.Write(new CupboardTyped(item.Name, item.Unit, "0", item.Amount))),
                    TestContext.Current.CancellationToken
                )
            ).EnsureSuccessStatusCode();
        (await _app.Get<List<CupboardItem>>("/api/cupboard")).ShouldBeEmpty();
        var read = await _app.Client.PutAsync(
            "/api/cupboard/file",
            RunningApp.Body(Json.Write(new TableSent(file))),
            TestContext.Current.CancellationToken
        );
        read.StatusCode.ShouldBe(
            HttpStatusCode.NoContent,
            await read.Content.ReadAsStringAsync(TestContext.Current.CancellationToken)
        );
        (await _app.Get<List<CupboardItem>>("/api/cupboard")).ShouldBe(before);
    }

    public void Dispose() => AppPool.Return(_app);

    private static async Task<int> Read(TcpClient line)
    {
        using var patience = CancellationTokenSource.CreateLinkedTokenSource(TestContext.Current.CancellationToken);
        patience.CancelAfter(TimeSpan.FromSeconds(60));
        try
        {
            return await line.GetStream().ReadAsync(new byte[1], patience.Token);
        }
        catch (IOException)
        {
            return 0;
        }
    }
}
