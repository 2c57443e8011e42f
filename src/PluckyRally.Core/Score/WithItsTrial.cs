using PluckyRally.Core.Ids;
using PluckyRally.Core.Problems;

namespace PluckyRally.Core.Score;

/// <summary>
/// What is recorded with an attempt, and not without it: its must-haves, and the strike of what it takes the place of.
/// </summary>
public static class WithItsTrial
{
    /// <summary>
    /// Why an entry is not taken whose attempt came with it and was refused; null where it is by itself.
    /// </summary>
    /// <param name="together">What was sent in one go, in its order.</param>
    /// <param name="entry">One of them.</param>
    /// <param name="log">What is in the log by now.</param>
    public static Problem? Check(IReadOnlyList<Entry> together, Entry entry, IReadOnlyList<Entry> log)
    {
        var waited = entry is Entry.StruckOut strike ? Find(log, strike.Entry) as Entry.TrialRecorded : null;
        var attempt = entry is Entry.RuleChecked check
            ? (check.Attempt, check.Design)
            : (waited?.Attempt, waited?.Design ?? "");
        if (attempt.Attempt is null)
            return null;
        var trial = together
            .TakeWhile(e => e.Id != entry.Id)
            .OfType<Entry.TrialRecorded>()
            .LastOrDefault(t => (t.Team, t.Round) == (entry.Team, entry.Round) && (t.Attempt, t.Design) == attempt);
        return trial is null || Find(log, trial.Id) is not null
            ? null
            : new("/attempt", "The attempt that it belongs to was not recorded.", "Record the attempt again.");
    }

    private static Entry? Find(IReadOnlyList<Entry> log, EntryId id) => log.FirstOrDefault(e => e.Id == id);
}
