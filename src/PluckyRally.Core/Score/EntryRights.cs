using System.Diagnostics;

namespace PluckyRally.Core;

/// <summary>Who may write which entry. The one place where that is decided.</summary>
public static class EntryRights
{
    /// <summary>Why a judge may not write an entry; null where it may.</summary>
    /// <param name="entry">As it came, with the judge's name.</param>
    /// <param name="log">What is in the log.</param>
    /// <param name="others">Whether judges may strike out what others recorded.</param>
    public static Problem? OfJudge(Entry entry, IReadOnlyList<Entry> log, bool others)
    {
        if (entry is not Entry.StruckOut strike) return IsTeachers(entry) ? new("/kind", "This is the teacher's to record.", "Ask the teacher.") : null;

        // Whoever strikes out a strike changes what was struck out: every entry on the way must be the judge's to change.
        var steps = 0;
        for (var struck = Find(log, strike.Entry); struck is not null && steps++ <= log.Count; struck = struck is Entry.StruckOut inner ? Find(log, inner.Entry) : null)
        {
            if (IsTeachers(struck)) return new("/entry", "This was recorded by the teacher and is the teacher's to strike out.", "Ask the teacher.");
            if (!others && struck.By != entry.By) return new("/entry", $"This was recorded by {(struck.By.Length > 0 ? struck.By : "somebody else")}.", "Ask them or the teacher to strike it out.");
        }

        return null;
    }

    /// <summary>Whether entries of a kind are the teacher's alone: the clock, the wall, cuts, rounds, the order of the test, plans, kit.</summary>
    private static bool IsTeachers(Entry entry) => entry switch
    {
        IClockEntry or Entry.RoundClosed or Entry.RoundReopened or Entry.TestOrderSet or Entry.PlanCleared or Entry.KitCounted => true,
        Entry.RuleChecked or Entry.TrialRecorded or Entry.MeasureRead or Entry.NoteMade or Entry.DesignNoted or Entry.InstrumentChecked or Entry.CameLate => false,
        Entry.TaskTicked or Entry.TasksTimed or Entry.LegTimed or Entry.RelayFaulted or Entry.ItemsCarried or Entry.RelayStopped => false,
        Entry.ItemsSorted or Entry.OrderGiven or Entry.PiecesCounted or Entry.LevelGiven or Entry.Purchased or Entry.Returned or Entry.Tallied => false,
        Entry.StruckOut => false,
        _ => throw new UnreachableException(),
    };

    private static Entry? Find(IReadOnlyList<Entry> log, Guid id) => log.FirstOrDefault(e => e.Id == id);
}
