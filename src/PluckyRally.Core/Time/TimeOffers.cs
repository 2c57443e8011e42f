using PluckyRally.Core.Briefs;
using PluckyRally.Core.Problems;

namespace PluckyRally.Core.Time;

/// <summary>What a teacher can give up, or add, so that everything fits.</summary>
internal static class TimeOffers
{
    /// <summary>A build shorter than this is not offered (common practice, no source).</summary>
    private const decimal ShortestBuild = 8;

    /// <summary>Minutes of building among which a shorter time is looked for.</summary>
    private const int LongestBuild = 600;

    /// <summary>
    /// Another place to test at, fewer attempts, one more lesson, a shorter build, and the first two together; those
    /// that fit first.
    /// </summary>
    public static IReadOnlyList<TimeOffer> Of(Brief brief) => [.. All(brief).OrderByDescending(o => o.Fits)];

    /// <summary>The same in no order, whether it fits already or not.</summary>
    internal static IEnumerable<TimeOffer> All(Brief brief)
    {
        brief = brief with { Timing = brief.Timing.InRange };
        var test = brief.Timing.Phases.FirstOrDefault(p => p is { Kind: PhaseKind.Test, TeamByTeam: true });
        if (test is not null)
        {
            var stations = Change.Set($"/timing/phases/{test.Id}/stations", test.TestBays + 1);
            yield return Offer(brief, $"Test at {test.TestBays + 1} tables at once", stations);
            if (brief.Trials.Attempts > 1)
            {
                yield return Fewest(brief, []);
                if (!Fits(Changed(brief, [stations])))
                    yield return Fewest(brief, [stations]);
            }
        }

        yield return Offer(
            brief,
            $"Take {brief.Timing.Lessons + 1} lessons",
            Change.Set("/timing/lessons", brief.Timing.Lessons + 1)
        );
        if (
            brief.Timing.Phases.FirstOrDefault(p => p.Kind == PhaseKind.Build && p.Minutes > ShortestBuild) is { } build
        )
        {
            var shorter = Enumerable
                .Range((int)ShortestBuild, (int)Math.Clamp(build.Minutes - ShortestBuild, 0, LongestBuild))
                .Reverse()
                .FirstOrDefault(m => Fits(With(brief, build with { Minutes = m })), (int)ShortestBuild);
            yield return Offer(brief, $"Build for {shorter} minutes", Build(build, shorter));
        }
    }

    private static Change[] Build(Phase build, int minutes) =>
        build.Warning >= minutes
            ?
            [
                Change.Set($"/timing/phases/{build.Id}/minutes", minutes),
                Change.Set($"/timing/phases/{build.Id}/warning", 2),
            ]
            : [Change.Set($"/timing/phases/{build.Id}/minutes", minutes)];

    /// <summary>As many attempts as fit, at least one.</summary>
    private static TimeOffer Fewest(Brief brief, IReadOnlyList<Change> with)
    {
        var changed = Changed(brief, with);
        var attempts = Enumerable
            .Range(1, Math.Clamp(brief.Trials.Attempts - 1, 0, Limits.Attempts))
            .Reverse()
            .FirstOrDefault(a => Fits(changed with { Trials = changed.Trials with { Attempts = a } }), 1);
        var label = attempts == 1 ? "Make one attempt" : $"Make {attempts} attempts";
        return Offer(
            brief,
            with.Count > 0 ? $"{label}, at one more place" : label,
            [.. with, Change.Set("/trials/attempts", attempts)]
        );
    }

    private static TimeOffer Offer(Brief brief, string label, params Change[] changes)
    {
        var lessons = Timetable.Lay(Changed(brief, changes));
        var fits = Fits(lessons);
        var last = lessons[^1];
        return new(
            label,
            fits
                ? $"ends after {Timetable.Show(last.End)} of {Timetable.Show(last.Length)} minutes"
                : $"still {Timetable.Show(lessons.Max(l => l.Overrun))} minutes over",
            fits,
            changes
        );
    }

    private static Brief Changed(Brief brief, IReadOnlyList<Change> changes) =>
        Changes.Apply(brief, changes).OrThrow().Value;

    /// <summary>With another phase in the place of the one of its id, without writing and reading the brief.</summary>
    private static Brief With(Brief brief, Phase phase) =>
        brief with
        {
            Timing = brief.Timing with { Phases = [.. brief.Timing.Phases.Select(p => p.Id == phase.Id ? phase : p)] },
        };

    private static bool Fits(Brief brief) => Fits(Timetable.Lay(brief));

    private static bool Fits(IReadOnlyList<LessonPlan> lessons) => lessons.All(l => l.Overrun == 0);
}
