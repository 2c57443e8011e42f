using System.Diagnostics;
using System.Net.Http.Json;
using System.Text.Json;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Day;
using PluckyRally.Core.Files;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Papers;
using PluckyRally.Core.Results;
using PluckyRally.Core.Score;
using PluckyRally.Data.Passes;
using PluckyRally.Web.Access;
using PluckyRally.Web.Day;
using PluckyRally.Web.Problems;
using PluckyRally.Web.Tests.Access;

namespace PluckyRally.Web.Tests.Day;

/// <summary>
/// A fair from its beginning to its certificates: classes in three tiers, helpers at their tables, one of them cut off
/// and one on paper. What each team caught is said by a sum, and the lists are counted from it. The small one stands in
/// every run; the whole day of 72 teams and eight helpers is played by name (./test fair), and says what it took.
/// </summary>
public sealed class FairTests : IDisposable
{
    private static readonly DateOnly Today = DateOnly.FromDateTime(DateTime.Now);
    private readonly Classroom _class = new();
    private readonly List<double> _asked = [];
    private int _recorded;

    [Fact]
    public Task Three_classes_of_four_teams_and_three_helpers_come_to_one_list_a_tier() => Play(3, 4, helpers: 3);

    [Fact(Explicit = true)]
    public async Task Six_classes_of_twelve_teams_and_eight_helpers_come_to_one_list_a_tier()
    {
        var began = Stopwatch.GetTimestamp();
        await Play(6, 12, helpers: 8);
        var took = Stopwatch.GetElapsedTime(began);
        _asked.Sort();
        TestContext.Current.SendDiagnosticMessage(
            "{0}",
            $"{_recorded} entries in {took.TotalSeconds:0.0} s; the helpers' page was asked for {_asked.Count} times,"
                + $" median {_asked[_asked.Count / 2]:0} ms, 95 of 100 within {_asked[_asked.Count * 95 / 100]:0} ms"
        );
    }

    /// <summary>What a team of this number caught best, in mL: 100 to 160, some of them alike.</summary>
    private static int Caught(int number) => 100 + (5 * (number * 7 % 13));

    private static readonly string[] Tiers = ["", "g35", "g68"];

    private async Task Play(int classes, int teams, int helpers)
    {
        var stop = TestContext.Current.CancellationToken;
        await _class.Begin();
        var brief = Sample.Brief() with
        {
            Tiers = [new() { Id = "g35", Name = "Grades 3 to 5" }, new() { Id = "g68", Name = "Grades 6 to 8" }],
        };
        using var made = await _class.App.Post(
            "/api/days/together",
            new NewFair
            {
                Name = "Spring fair",
                Date = Today,
                Brief = await _class.App.AddBrief(brief),
                Classes =
                [
                    .. Enumerable
                        .Range(0, classes)
                        .Select(c => new ClassOfFair
                        {
                            Name = $"Class {c + 1}",
                            Tier = Tiers[c % 3],
                            Teams = teams,
                            Tables = 2,
                        }),
                ],
            }
        );
        var id = (await RunningApp.Read(made)).GetProperty("id").GetGuid();
        var rallies = (await Open(_class.Teacher, id)).Rallies.Select(r => r.Rally).ToList();
        using var pass = await _class.App.Post(
            $"/api/rallies/{rallies[0]}/passes",
            new NewPass(PassKind.Helper) { Also = [.. rallies.Skip(1)] }
        );
        var code = (await RunningApp.Read(pass)).GetProperty("code").GetString()!;

        // The tables, dealt to the helpers in turns: the first of the last class is on paper, the first of all is cut
        // off until the others are done.
        var tables = rallies.SelectMany(r => new[] { (Rally: r, Table: 1), (Rally: r, Table: 2) }).ToList();
        var onPaper = tables[^2];
        var cutOff = tables[0];
        var dealt = tables.Except([onPaper, cutOff]).Index().ToLookup(t => t.Index % (helpers - 1), t => t.Item);
        await Task.WhenAll(
            Enumerable.Range(0, helpers - 1).Select(h => Help(code, $"Helper {h + 1}", id, [.. dealt[h]], stop))
        );
        (await Open(_class.Teacher, id)).Rallies.Sum(r => r.Left).ShouldBe(teams, "two tables have not been heard of");

        await AfterTheLineWasCut(code, id, cutOff, stop);
        await TypeIn(code, id, onPaper, stop);
        (await Open(_class.Teacher, id)).Rallies.Sum(r => r.Left).ShouldBe(0);

        await CountByHand(id, rallies, teams);
        using var closed = await _class.App.Post($"/api/days/{id}/close", new { });
        (await RunningApp.Read(closed)).GetProperty("rallies").GetInt32().ShouldBe(classes);
    }

    /// <summary>
    /// A helper tests whoever is first at each table, until all are done; the first team is not here yet.
    /// </summary>
    private async Task Help(
        string code,
        string name,
        Guid day,
        IReadOnlyList<(RallyId Rally, int Table)> tables,
        CancellationToken stop
    )
    {
        using var device = await Join(code, name, stop);
        foreach (var (rally, table) in tables)
        {
            var late = (await Line(device, day, rally, table))[0];
            await Send(
                device,
                rally,
                [
                    new Entry.SentToTable
                    {
                        Id = new(Guid.CreateVersion7()),
                        Team = late.Team,
                        Table = table,
                        NotHere = true,
                    },
                ],
                stop
            );
            var order = new List<string>();
            while (await Line(device, day, rally, table) is [var team, ..])
            {
                order.Add(team.Team.Value);
                await Send(device, rally, Tested(team), stop);
            }

            order[^1].ShouldBe(late.Team.Value, "it came at the end of the line");
        }
    }

    /// <summary>All that was recorded without a line, in its order, with the times at which it was.</summary>
    private async Task AfterTheLineWasCut(
        string code,
        Guid day,
        (RallyId Rally, int Table) table,
        CancellationToken stop
    )
    {
        using var device = await Join(code, "Cut off", stop);
        var ago = DateTimeOffset.UtcNow.AddMinutes(-10);
        var waiting = (await Line(device, day, table.Rally, table.Table))
            .SelectMany(Tested)
            .Select((e, i) => e with { At = ago.AddSeconds(20 * i) })
            .ToList();
        await Send(device, table.Rally, waiting, stop);
        // Sending them again, since no answer came, changes nothing.
        await Send(device, table.Rally, waiting, stop);
        (await Line(device, day, table.Rally, table.Table)).ShouldBeEmpty();
    }

    /// <summary>The sheets of the table on paper, typed in by a helper on a device of its own.</summary>
    private async Task TypeIn(string code, Guid day, (RallyId Rally, int Table) table, CancellationToken stop)
    {
        using var device = await Join(code, "Avis", stop);
        foreach (var team in await Line(device, day, table.Rally, table.Table))
        {
            using var typed = await Classroom.Send(
                device,
                $"/api/rallies/{table.Rally}/papers/judged",
                new SheetTyped
                {
                    Id = Guid.CreateVersion7(),
                    Team = team.Team,
                    JudgedBy = "Avis",
                    JudgedOn = Today,
                    Fields = new Dictionary<string, string>
                    {
                        ["rule.stands"] = "met",
                        ["attempt.1.caught"] = $"{Caught(Number(team))}",
                        ["attempt.2.caught"] = $"{Caught(Number(team)) - 10}",
                    },
                }
            );
            typed.IsSuccessStatusCode.ShouldBeTrue(await typed.Content.ReadAsStringAsync(stop));
        }
    }

    /// <summary>
    /// In each tier the most caught wins; who caught alike shares a place. A tenth of a point for a mL.
    /// </summary>
    private async Task CountByHand(Guid day, IReadOnlyList<RallyId> rallies, int teams)
    {
        await _class.App.Put(
            $"/api/days/{day}",
            await Edited(day, d => d with { Combined = new() { Lists = CombinedLists.Tier } })
        );
        var list = (await Open(_class.Teacher, day)).Lists.ShouldHaveSingleItem();
        list.Missing.ShouldBeEmpty();
        for (var tier = 0; tier < 3; tier++)
        {
            var numbers = Enumerable
                .Range(1, rallies.Count * teams)
                .Where(n => (n - 1) / teams % 3 == tier)
                .OrderByDescending(Caught)
                .ToList();
            list.Lists[tier]
                .Rows.Select(r => (r.Name, r.Place, r.Text))
                .ShouldBe(
                    numbers.Select(n =>
                        ($"Team {n}", (int?)(1 + numbers.Count(o => Caught(o) > Caught(n))), $"{Caught(n) / 10m:0.0}")
                    ),
                    ignoreOrder: true
                );
            var best = numbers.Where(n => Caught(n) == Caught(numbers[0])).ToList();
            var papers = await _class.App.Get<RallyPapers>(
                $"/api/rallies/{rallies[(best[0] - 1) / teams]}/papers?day={day}"
            );
            papers
                .Certificates.Single(c => c.Name == $"Team {best[0]}")
                .Place.ShouldStartWith($"1st of {numbers.Count} teams{(best.Count > 1 ? ", tied" : "")} in ");
        }
    }

    private async Task<Edited<FairDay>> Edited(Guid day, Func<FairDay, FairDay> change)
    {
        var was = await _class.App.Get<FairDay>($"/api/days/{day}/plan");
        return new(was, change(was));
    }

    private static int Number(TeamAtTable team) => int.Parse(team.Name["Team ".Length..], null);

    private static IReadOnlyList<Entry> Tested(TeamAtTable team) =>
        [
            Sample.Stands(true, team.Team.Value),
            Sample.Caught($"{Caught(Number(team))}", team.Team.Value),
            Sample.Caught($"{Caught(Number(team)) - 10}", team.Team.Value),
        ];

    private async Task<HttpClient> Join(string code, string name, CancellationToken stop)
    {
        var device = _class.App.Device();
        using var joined = await device.PostAsync(
            "/api/join",
            RunningApp.Body(Json.Write(new CodeTyped(code, name))),
            stop
        );
        joined.EnsureSuccessStatusCode();
        return device;
    }

    private async Task Send(HttpClient device, RallyId rally, IReadOnlyList<Entry> entries, CancellationToken stop)
    {
        using var sent = await device.PostAsync(
            $"/api/rallies/{rally}/entries/many",
            RunningApp.Body(Json.Write(entries)),
            stop
        );
        sent.EnsureSuccessStatusCode();
        foreach (var answer in (await sent.Content.ReadFromJsonAsync<JsonElement>(stop)).EnumerateArray())
            answer.TryGetProperty("taken", out _).ShouldBeTrue($"{answer}");
        Interlocked.Add(ref _recorded, entries.Count);
    }

    private async Task<IReadOnlyList<TeamAtTable>> Line(HttpClient device, Guid day, RallyId rally, int table) =>
        (await Open(device, day)).Rallies.Single(r => r.Rally == rally).Tables[table - 1].Line;

    private async Task<DayOpened> Open(HttpClient device, Guid day)
    {
        var began = Stopwatch.GetTimestamp();
        var opened = await DayTests.Open(device, day);
        lock (_asked)
            _asked.Add(Stopwatch.GetElapsedTime(began).TotalMilliseconds);
        return opened;
    }

    public void Dispose() => _class.Dispose();
}
