using PluckyRally.Core.Ids;
using PluckyRally.Core.Problems;

namespace PluckyRally.Core.Score;

/// <summary>Who may write which entry. What is the teacher's alone is said by each entry.</summary>
public static class EntryRights
{
    /// <summary>Why somebody may not write an entry; null where it may.</summary>
    /// <param name="role">What whoever writes it is in the rally.</param>
    /// <param name="entry">As it came, with the name of who wrote it.</param>
    /// <param name="log">What is in the log.</param>
    /// <param name="others">Whether judges may cross out what others recorded.</param>
    /// <param name="team">The team that a team's own device speaks for; null for anybody else.</param>
    public static Problem? Of(
        CallerRole role,
        Entry entry,
        IReadOnlyList<Entry> log,
        bool others,
        TeamId? team = null
    ) =>
        role switch
        {
            CallerRole.Teacher => null,
            CallerRole.Judge => OfJudge(entry, log, others),
            CallerRole.Helper => entry is Entry.AnswerGiven or Entry.LookedBack or Entry.AwardVoted
                ? new("/kind", "This belongs to the talk afterwards.", "Tell the teacher.")
                : OfJudge(entry, log, others),
            CallerRole.Team => OfTeam(entry, team),
            CallerRole.Wall or CallerRole.Nobody => new("/kind", "Nothing is recorded here.", "Join with a code."),
        };

    private static Problem? OfJudge(Entry entry, IReadOnlyList<Entry> log, bool others)
    {
        if (entry is not Entry.StruckOut strike)
            return entry.IsTeachers ? new("/kind", "This is the teacher's to record.", "Ask the teacher.") : null;

        return Find(log, strike.Entry) is { } recorded ? ToStrike(recorded, entry.By, log, others) : null;
    }

    /// <summary>
    /// Whether a judge is shown an entry: notes, talk, awards and marks of others are between them and the teacher.
    /// </summary>
    public static bool JudgeSees(Entry entry, string name) => !entry.IsPrivate || entry.By == name;

    /// <summary>A team's own device answers, looks back, and votes for another team: in its own name alone.</summary>
    private static Problem? OfTeam(Entry entry, TeamId? team)
    {
        if (
            entry is not (Entry.AnswerGiven or Entry.LookedBack or Entry.AwardVoted)
            || (entry.Team == default && entry is not Entry.LookedBack)
        )
            return new(
                "/kind",
                "This is not a team's to record.",
                "A team answers questions, looks back, and votes for another team."
            );
        return team is null || entry.Team == team
            ? null
            : new(
                "/team",
                "This device speaks for another team.",
                "Ask the teacher, who can reset its team under Judges, teams and walls."
            );
    }

    /// <summary>Why a judge may not cross out an entry; null where it may.</summary>
    /// <param name="recorded">The entry.</param>
    /// <param name="by">The judge's name.</param>
    /// <param name="log">What is in the log.</param>
    /// <param name="others">Whether judges may cross out what others recorded.</param>
    public static Problem? ToStrike(Entry recorded, string by, IReadOnlyList<Entry> log, bool others)
    {
        // Whoever crosses out a strike changes what was crossed out: every entry on the way must be the judge's to
        // change.
        var steps = 0;
        for (
            var struck = recorded;
            struck is not null && steps++ <= log.Count;
            struck = struck is Entry.StruckOut inner ? Find(log, inner.Entry) : null
        )
        {
            if (struck.IsTeachers)
                return new(
                    "/entry",
                    "This was recorded by the teacher, and only the teacher can cross it out.",
                    "Ask the teacher."
                );
            if (!others && struck.By != by)
                return new(
                    "/entry",
                    $"This was recorded by {(struck.By.Length > 0 ? struck.By : "somebody else")}.",
                    "Ask them or the teacher to cross it out."
                );
        }

        return null;
    }

    private static Entry? Find(IReadOnlyList<Entry> log, EntryId id) => log.FirstOrDefault(e => e.Id == id);
}
