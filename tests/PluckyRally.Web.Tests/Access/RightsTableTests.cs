using PluckyRally.Core.Score;
using PluckyRally.Web.Access;

namespace PluckyRally.Web.Tests.Access;

/// <summary>The table of who may do what, and that every address of the API stands in it.</summary>
public sealed class RightsTableTests : IDisposable
{
    private readonly RunningApp _app = AppPool.Lend();

    /// <summary>
    /// Common practice, no source: whoever is in the room sees the wall, and only a judge sees scores.
    /// </summary>
    [Fact]
    public void Each_role_may_do_what_stands_in_its_column_and_nothing_else()
    {
        var may = new Dictionary<CallerRole, Operation[]>
        {
            [CallerRole.Nobody] = [Operation.ComeIn],
            [CallerRole.Wall] = [Operation.ComeIn, Operation.Follow, Operation.SeeDay, Operation.SeeWall],
            [CallerRole.Team] =
            [
                Operation.ComeIn,
                Operation.Follow,
                Operation.SeeDay,
                Operation.SeeWall,
                Operation.Talk,
                Operation.Record,
            ],
            [CallerRole.Helper] = [.. Enum.GetValues<Operation>().Except([Operation.Lead, Operation.Talk])],
            [CallerRole.Judge] = [.. Enum.GetValues<Operation>().Except([Operation.Lead])],
            [CallerRole.Teacher] = Enum.GetValues<Operation>(),
        };
        foreach (var role in Enum.GetValues<CallerRole>())
            Enum.GetValues<Operation>().Where(o => Rights.Allow(role, o)).ShouldBe(may[role], $"{role}");
        Rights.Allow(CallerRole.Teacher, (Operation)99).ShouldBeFalse("what stands in no row is refused");
    }

    [Fact]
    public void Every_address_that_others_than_the_teacher_may_use_is_listed_here()
    {
        var open = _app
            .Endpoints.Where(e => e.RoutePattern.RawText!.StartsWith("/api", StringComparison.Ordinal))
            .Select(e => (Path: e.RoutePattern.RawText!, Operation: e.Metadata.OfType<Operation>().LastOrDefault()))
            .Where(e => e.Operation != Operation.ComeIn)
            .Distinct()
            .ToLookup(
                e => e.Operation,
                e => e.Path["/api".Length..].Replace("{id:guid}", "1", StringComparison.Ordinal)
            );
        open[Operation.SeeDay].ShouldBe(["/days/1", "/days/1/board/"]);
        open[Operation.Talk].ShouldBe(["/rallies/1/talk"]);
        open[Operation.Record].ShouldBe(["/rallies/1/entries", "/rallies/1/entries/many"]);
        open[Operation.ReadInstruments]
            .ShouldBe(["/rallies/1/instruments/", "/rallies/1/instruments/{instrument}/zero"]);
        open[Operation.Photograph].ShouldBe(["/rallies/1/photos/", "/rallies/1/photos/{photo:guid}"]);
        open[Operation.Score]
            .ShouldBe([
                "/rallies/1/walk",
                "/rallies/1/score",
                "/rallies/1/score/sheets",
                "/rallies/1/labels",
                "/rallies/1/answers/{part}",
                "/rallies/1/papers/judged",
            ]);
        open[Operation.SeeWall].ShouldAllBe(path => path.StartsWith("/rallies/1/wall", StringComparison.Ordinal));
        open[Operation.Lead].ShouldBeEmpty("what says nothing is the teacher's by itself");
    }

    public void Dispose() => AppPool.Return(_app);
}
