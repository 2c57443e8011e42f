using Microsoft.EntityFrameworkCore;
using PluckyRally.Core.Debriefs;
using PluckyRally.Core.Score;
using PluckyRally.Web.Briefs;
using PluckyRally.Web.Teams;

namespace PluckyRally.Web.Tests.Briefs;

/// <summary>What was noted in a rally stands beside its brief, and the shelf's search finds it.</summary>
public sealed class BriefMemoryTests : IDisposable
{
    private readonly RunningApp _app = AppPool.Lend();

    [Fact]
    public async Task Notes_come_back_with_the_brief_and_are_found_on_the_shelf()
    {
        var (brief, other) = (await _app.AddBrief(Sample.Brief()), await _app.AddBrief(Sample.Brief("Sand fence")));
        var rally = (
            await RunningApp.Read(
                await _app.Post(
                    "/api/rallies",
                    new NewRally
                    {
                        Brief = brief,
                        Name = "Class 4",
                        Teams = [new("Able")],
                    }
                )
            )
        ).GetProperty("id").GetGuid();
        (
            await _app.Post<Entry>(
                $"/api/rallies/{rally}/entries",
                new Entry.NoteMade { Id = new(Guid.CreateVersion7()), Text = "Hinge: 100% wire, été" }
            )
        ).EnsureSuccessStatusCode();
        (
            await _app.Post<Entry>(
                $"/api/rallies/{rally}/entries",
                new Entry.LookedBack
                {
                    Id = new(Guid.CreateVersion7()),
                    Team = new("t1"),
                    Change = "a wider mouth",
                }
            )
        ).EnsureSuccessStatusCode();
        var memory = await _app.Get<BriefMemory>($"/api/briefs/{brief}/memory");
        memory.Rallies.Single().Memory.Notes.Single().Text.ShouldBe("Hinge: 100% wire, été");
        (await _app.Get<BriefMemory>($"/api/briefs/{other}/memory")).Rallies.ShouldBeEmpty();

        foreach (
            var (search, found) in new[]
            {
                ("hinge wire", 1),
                ("WIDER", 1),
                ("100%", 1),
                ("rain hinge", 1),
                ("hinge sand", 0),
                ("ÉTÉ", 1),
                ("ete", 0),
                ("\"", 0),
                ("wire OR sand", 0),
                ("_inge", 0),
                ("noteMade", 0),
                ("t1", 0),
            }
        )
            (await _app.Get<List<BriefOnShelf>>($"/api/briefs?search={Uri.EscapeDataString(search)}")).Count.ShouldBe(
                found,
                search
            );

        // What is removed leaves no word behind; a row that nobody understands holds up nothing.
        await using var db = _app.OpenDb();
        await db.Database.ExecuteSqlAsync(
            $"""UPDATE "Entries" SET "Document" = 'no JSON' WHERE "Document" LIKE '%wider%'""",
            TestContext.Current.CancellationToken
        );
        (await Said()).ShouldBe(1);
        await db.Database.ExecuteSqlAsync($"""DELETE FROM "Rallies" """, TestContext.Current.CancellationToken);
        (await Said()).ShouldBe(0, "also where the entry goes with its rally");

        Task<int> Said() =>
            db
                .Database.SqlQuery<int>($"""SELECT count(*) AS "Value" FROM "Said" """)
                .SingleAsync(TestContext.Current.CancellationToken);
    }

    public void Dispose() => AppPool.Return(_app);
}
