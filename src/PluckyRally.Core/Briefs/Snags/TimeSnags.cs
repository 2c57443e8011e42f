using PluckyRally.Core.Time;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Briefs;

/// <summary>Minutes that do not fit, and time that is up without a warning.</summary>
internal static class TimeSnags
{
    public static IEnumerable<Snag> Find(SnagContext scene)
    {
        var brief = scene.Brief;
        foreach (
            var phase in brief.Timing.Phases.Where(p =>
                p.Kind is PhaseKind.Build or PhaseKind.Rebuild && p is { Warning: 0, Minutes: > 2 }
            )
        )
        {
            var warning = phase.Minutes > 10 ? 5 : 2;
            yield return new(
                "warning",
                SnagWeight.Matters,
                $"/timing/phases/{phase.Id}/warning",
                $"“{Minutes.Name(phase.Kind)}” ends without a warning.",
                "Teams that are nearly finished would be cut off.",
                new($"Warn {warning} minutes before", [Change.Set($"/timing/phases/{phase.Id}/warning", warning)])
            );
        }

        if (brief.Timing.Phases.Count == 0)
        {
            if (brief.Method.Parts.Count > 0)
                yield return new(
                    "phases",
                    SnagWeight.Hint,
                    "/timing/phases",
                    "The minutes are missing.",
                    "Without them, nobody can tell whether testing takes over the lesson."
                );
            yield break;
        }

        if (Minutes.Room(brief.Timing) is not { } room)
        {
            yield return new(
                "lesson",
                SnagWeight.Hint,
                "/timing/lesson",
                "The length of the lesson is missing.",
                "Without it, nobody can tell whether the plan fits."
            );
            yield break;
        }

        var timetable = Timetable.Of(brief);
        if (timetable.Fits)
            yield break;
        var needed = Minutes.OfAll(brief);
        var says =
            needed > room
                ? $"It takes {Timetable.Show(needed)} minutes, and there are {Timetable.Show(room)}."
                : $"It does not fit the lessons as they are divided: {SentenceCase.Sentence(timetable.Says)}";
        var offer = timetable.Offers.FirstOrDefault(o => o.Fits);
        yield return new(
            "minutes",
            SnagWeight.Matters,
            "/timing/lesson",
            says,
            "The test or the talk would not fit in the lesson.",
            offer is null ? null : new(offer.Label, offer.Changes)
        );
    }
}
