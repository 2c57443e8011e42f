namespace PluckyRally.Core;

/// <summary>An entry in words.</summary>
/// <param name="Entry">Its id.</param>
/// <param name="At">When it was written.</param>
/// <param name="By">Who wrote it.</param>
/// <param name="Says">What it records.</param>
/// <param name="Struck">Whether it was struck out.</param>
/// <param name="Why">Why it was struck out.</param>
public sealed record LogLine(Guid Entry, DateTimeOffset At, string By, string Says, bool Struck, string Why)
{
    /// <summary>The entries that strike it out, the last one last: who strikes them out brings it back.</summary>
    public IReadOnlyList<Guid> Strikes { get; init; } = [];

    /// <summary>When it was last struck out; absent where it stands.</summary>
    public DateTimeOffset? StruckAt { get; init; }

    /// <summary>What was done to the lesson in a round: phases, pauses, minutes, cuts, the order of the test. The newest first.</summary>
    public static IReadOnlyList<LogLine> OfLesson(OpenedRally opened, int round) =>
        Of(opened, e => e.Round == round && e.IsOfLesson, []);

    /// <summary>Some of a rally's entries, the newest first, struck ones included and strikes left out.</summary>
    /// <param name="opened">The rally.</param>
    /// <param name="which">Which entries.</param>
    /// <param name="numbers">The attempts' numbers by the ids of their trials.</param>
    internal static IReadOnlyList<LogLine> Of(OpenedRally opened, Func<Entry, bool> which, Dictionary<Guid, int> numbers)
    {
        var entries = opened.Rally.Entries;
        var struck = Log.Struck(entries);
        var strikes = entries.OfType<Entry.StruckOut>().Where(s => !struck.Contains(s.Id)).ToLookup(s => s.Entry);
        return
        [
            .. entries
                .Where(e => e is not Core.Entry.StruckOut && which(e))
                .Select(e => new LogLine(e.Id, e.At, e.By, e.Say(opened.Compiled, numbers.TryGetValue(e.Id, out var n) ? n : null), struck.Contains(e.Id), strikes[e.Id].LastOrDefault()?.Reason ?? "")
                {
                    Strikes = [.. strikes[e.Id].Select(s => s.Id)],
                    StruckAt = strikes[e.Id].LastOrDefault()?.At,
                })
                .Reverse(),
        ];
    }
}
