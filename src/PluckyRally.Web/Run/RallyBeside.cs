using PluckyRally.Core.Ids;
using PluckyRally.Core.Run;
using PluckyRally.Core.Score;
using PluckyRally.Data.Rallies;
using PluckyRally.Web.Score;

namespace PluckyRally.Web.Run;

/// <summary>A rally that is run as one with another: the same lesson in another tier.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Tier">The tier's name; empty where it runs the brief itself.</param>
/// <param name="Teams">Its teams; not who is in them.</param>
public sealed record RallyBeside(RallyId Id, string Name, string Tier, IReadOnlyList<TeamNamed> Teams)
{
    internal static IReadOnlyList<RallyBeside> Of(IReadOnlyList<KeptRally> lesson, RallyId own, int round) =>
        [
            .. from rally in lesson
            where rally.Stored.Id != own && rally.Opened.IsOk
            let run = rally.Opened.OrThrow().In(round)
            select new RallyBeside(
                rally.Stored.Id,
                rally.Stored.Name,
                run.Compiled.Edition.Tier,
                [.. run.Teams.Select(t => TeamNamed.Of(run, t))]
            ),
        ];
}

internal static class KeptLesson
{
    /// <summary>The lesson of rallies; one that is not understood takes no part in it.</summary>
    public static Lesson Opened(this IReadOnlyList<KeptRally> lesson) =>
        new([.. lesson.Where(r => r.Opened.IsOk).Select(r => r.Opened.OrThrow())]);

    /// <summary>The id of one of its rallies.</summary>
    public static RallyId IdOf(this IReadOnlyList<KeptRally> lesson, OpenedRally rally) =>
        lesson.First(r => r.Opened.IsOk && ReferenceEquals(r.Opened.Value, rally)).Stored.Id;
}
