using PluckyRally.Core.Files;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Problems;

namespace PluckyRally.Core.Score;

/// <summary>An entry that is not scored, because it is not understood or not allowed. Nothing of it is lost.</summary>
/// <param name="At">Its place among all entries, from 0.</param>
/// <param name="Entry">The entry as it came.</param>
/// <param name="Problems">What is wrong with it and what would do, places as in the rally.</param>
/// <param name="Struck">Whether it has been crossed out, and nobody need do anything.</param>
public sealed record SetAside(int At, Entry Entry, IReadOnlyList<Problem> Problems, bool Struck)
{
    /// <summary>
    /// Looks all entries through: what stands decides what is allowed, not the order in which entries came. Of two that
    /// say different things under one id the first stays.
    /// </summary>
    /// <param name="editions">The brief as it was changed.</param>
    /// <param name="named">What entries may name.</param>
    /// <param name="received">All entries, in the order in which they were received.</param>
    /// <returns>
    /// The entries as they are understood, those that are set aside, and all of them, the same one twice only once.
    /// </returns>
    internal static (IReadOnlyList<Entry> Taken, IReadOnlyList<SetAside> Aside, IReadOnlyList<Entry> Received) Sort(
        ChangedEditions editions,
        KnownSubjects named,
        IReadOnlyList<Entry> received
    )
    {
        var struck = Log.Struck(received);
        var ids = received.Select(e => e.Id).ToHashSet();
        var seen = new Dictionary<EntryId, Entry>(received.Count);
        var taken = new List<(int At, Entry Entry)>(received.Count);
        var aside = new List<SetAside>();
        var each = new List<Entry>(received.Count);
        for (var at = 0; at < received.Count; at++)
        {
            var came = received[at];
            var found = new ProblemCollector($"/entries/{at}");
            if (seen.TryGetValue(came.Id, out var known))
            {
                // The same entry twice is one entry.
                if (Json.Write(known) == Json.Write(came))
                    continue;
                each.Add(came);
                found.Add(
                    "/id",
                    "Another entry has this id and says something else.",
                    "Give one of them an id of its own, or leave it out."
                );
                aside.Add(new(at, came, found.Problems, Struck: false));
                continue;
            }

            seen.Add(came.Id, came);
            each.Add(came);
            var entry = EntryTranslation.Understand(
                editions.When(came, at),
                editions.Now(came.Round),
                named,
                came,
                found
            );
            if (editions.NotLaid.TryGetValue(came.Id, out var notLaid))
                found.AddAll(notLaid);
            if (entry is Entry.StruckOut strike)
                found.Unless(
                    ids.Contains(strike.Entry),
                    "/entry",
                    "There is no such entry to cross out.",
                    "Leave it as it is."
                );
            if (found.Problems.Count == 0)
                taken.Add((at, entry));
            else
                aside.Add(new(at, came, found.Problems, struck.Contains(came.Id)));
        }

        var standing = taken.Where(e => !struck.Contains(e.Entry.Id)).ToList();
        foreach (
            var (at, entry, problem) in standing
                .GroupBy(e => e.Entry.Round)
                .SelectMany(round => DesignEntries.OnOldBuilds(editions.Now(round.Key).Brief.Trials, round))
                .Concat(BudgetEntries.BeyondWhatWasBought(standing))
        )
            aside.Add(For(at, entry, problem));
        var gone = aside.Select(a => a.At).ToHashSet();
        return ([.. taken.Where(e => !gone.Contains(e.At)).Select(e => e.Entry)], [.. aside.OrderBy(a => a.At)], each);
    }

    /// <summary>The same with what the teams' cards forbid.</summary>
    internal static IReadOnlyList<SetAside> With(
        IReadOnlyList<SetAside> aside,
        IEnumerable<(int At, Entry Entry, Problem Problem)> more
    ) => [.. aside.Concat(more.Select(m => For(m.At, m.Entry, m.Problem))).OrderBy(a => a.At)];

    private static SetAside For(int at, Entry entry, Problem problem) =>
        new(at, entry, [problem.Under($"/entries/{at}")], Struck: false);
}
