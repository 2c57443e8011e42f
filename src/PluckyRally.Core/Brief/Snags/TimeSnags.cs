namespace PluckyRally.Core;

/// <summary>Minutes that do not fit, and time that is up without a warning.</summary>
internal static class TimeSnags
{
    public static IEnumerable<Snag> Find(Scene scene)
    {
        var brief = scene.Brief;
        foreach (var phase in brief.Timing.Phases.Where(p => p.Kind is PhaseKind.Build or PhaseKind.Rebuild && p is { Warning: 0, Minutes: > 2 }))
        {
            var warning = phase.Minutes > 10 ? 5 : 2;
            yield return new("warning", SnagWeight.Matters, $"/timing/phases/{phase.Id}/warning", $"“{Minutes.Name(phase.Kind)}” ends without a warning.", "Builds that are nearly finished would be cut off.", new($"Warn {warning} minutes before", [Change.Set($"/timing/phases/{phase.Id}/warning", warning)]));
        }

        if (brief.Timing.Phases.Count == 0)
        {
            if (brief.Method.Parts.Count > 0) yield return new("phases", SnagWeight.Hint, "/timing/phases", "Nothing says how long it takes.", "Without minutes nobody can see whether testing will eat the lesson.");
            yield break;
        }

        if (Minutes.Room(brief.Timing) is not { } room)
        {
            yield return new("lesson", SnagWeight.Hint, "/timing/lesson", "Nothing says how long the lesson is.", "Then nobody can see whether it fits.");
            yield break;
        }

        var needed = Minutes.OfAll(brief);
        if (needed <= room) yield break;
        yield return new("minutes", SnagWeight.Matters, "/timing/lesson", $"It takes {Show(needed)} minutes, and there are {Show(room)}.", "The test or the talk would fall off the end of the lesson.", Offer(brief, room));
    }

    /// <summary>The first of these that makes it fit: a second place to test at, fewer attempts, one more lesson.</summary>
    private static Fix? Offer(Brief brief, decimal room)
    {
        var test = brief.Timing.Phases.FirstOrDefault(p => p is { Kind: PhaseKind.Test, TeamByTeam: true });
        if (test is not null)
        {
            var two = brief with { Timing = brief.Timing with { Phases = [.. brief.Timing.Phases.Select(p => p == test ? p with { Stations = p.Stations + 1 } : p)] } };
            if (Minutes.OfAll(two) <= room) return new($"Test at {test.Stations + 1} places at once", [Change.Set($"/timing/phases/{test.Id}/stations", test.Stations + 1)]);
            for (var attempts = brief.Trials.Attempts - 1; attempts >= 1; attempts--)
            {
                if (Minutes.OfAll(brief with { Trials = brief.Trials with { Attempts = attempts } }) <= room)
                    return new(attempts == 1 ? "Make one attempt" : $"Make {attempts} attempts", [Change.Set("/trials/attempts", attempts)]);
            }
        }

        var lessons = brief.Timing.Lessons + 1;
        return Minutes.OfAll(brief) <= Minutes.Room(brief.Timing with { Lessons = lessons }) ? new($"Take {lessons} lessons", [Change.Set("/timing/lessons", lessons)]) : null;
    }

    private static string Show(decimal minutes) => ReadingFormat.Number(Math.Round(minutes, 1));
}
