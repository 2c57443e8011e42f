using PluckyRally.Core.Ids;
using PluckyRally.Core.Score;

namespace PluckyRally.Core.Debriefs;

/// <summary>What teams answered on their own devices, where the teacher looks at it first.</summary>
public static class HeldAnswers
{
    /// <summary>Whether answers wait, as a log leaves it.</summary>
    public static bool Hold(StandingLog log) => log.OfType<Entry.AnswersHeld>().LastOrDefault()?.Held is true;

    /// <summary>
    /// The answers that wait for the teacher, by the ids of their entries: what a team, or somebody for it, has
    /// answered.
    /// </summary>
    internal static IReadOnlySet<EntryId> Waiting(StandingLog log)
    {
        if (!Hold(log))
            return new HashSet<EntryId>();
        var shown = log.OfType<Entry.AnswerShown>().Select(s => s.Answer).ToHashSet();
        return log.OfType<Entry.AnswerGiven>()
            .Where(a => a.Team != default && a.By != Writers.Teacher && !shown.Contains(a.Id))
            .Select(a => a.Id)
            .ToHashSet();
    }

    /// <summary>The answers to a question of a round that a wall may show, the newest first.</summary>
    public static IReadOnlyList<string> Shown(StandingLog log, int round, int question)
    {
        var waiting = Waiting(log);
        return
        [
            .. log.OfType<Entry.AnswerGiven>()
                .Where(a => a.Round == round && a.Question == question && !waiting.Contains(a.Id))
                .Reverse()
                .Select(a => a.Text),
        ];
    }
}
