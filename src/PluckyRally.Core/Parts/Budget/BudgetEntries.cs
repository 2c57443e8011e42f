using System.Text.Json.Serialization;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Parts;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Score;

[JsonDerivedType(typeof(Purchased), "purchased")]
[JsonDerivedType(typeof(Returned), "returned")]
public abstract partial record Entry
{
    /// <summary>Something was bought or given back.</summary>
    public abstract record OfSale : OfPart
    {
        /// <summary>The price's id.</summary>
        public required string Item { get; init; }

        /// <summary>How many, from 1.</summary>
        public int Count { get; init; } = 1;
    }

    /// <summary>Something was bought.</summary>
    public sealed record Purchased : OfSale
    {
        /// <summary>
        /// What one cost as the device showed it, 0 or more; absent where it did not say. Then it cost what the brief
        /// said as the device knew it.
        /// </summary>
        public decimal? Each { get; init; }

        /// <summary>What one costs the team, worked out from the log; null where the brief's price holds.</summary>
        [JsonIgnore]
        public Charge? Charged { get; init; }

        internal override Entry Understand(CompiledEdition compiled, IReadOnlyList<Team> teams, ProblemCollector found)
        {
            found.Unless(
                Each is null or (>= 0 and <= Limits.Number),
                "/each",
                "The price is out of range.",
                "Use 0 or more, or leave it out."
            );
            return BudgetEntries.Check(this, compiled, Part, Item, Count, found);
        }

        internal override Entry Join(LogToJoin log, ProblemCollector found)
        {
            if (found.Problems.Count == 0 && Charges.Forbids(log.Round, this, log.Count) is { } problem)
                found.AddAll([problem]);
            return this;
        }

        internal override string Say(CompiledEdition compiled, int? attempt) =>
            BudgetEntries.Say(compiled, this, "bought", Item, Count);
    }

    /// <summary>Something that was bought was given back.</summary>
    public sealed record Returned : OfSale
    {
        internal override Entry Understand(
            CompiledEdition compiled,
            IReadOnlyList<Team> teams,
            ProblemCollector found
        ) => BudgetEntries.Check(this, compiled, Part, Item, Count, found);

        internal override Entry Join(LogToJoin log, ProblemCollector found)
        {
            if (found.Problems.Count == 0)
                BudgetEntries.CheckAgainst(log.Stands, this, found);
            return this;
        }

        internal override string Say(CompiledEdition compiled, int? attempt) =>
            BudgetEntries.Say(compiled, this, "gave back", Item, Count);
    }
}

/// <summary>What buying and giving back have in common.</summary>
internal static class BudgetEntries
{
    /// <summary>Whether this is for sale, and in such a number.</summary>
    public static T Check<T>(
        T entry,
        CompiledEdition compiled,
        string part,
        string item,
        int count,
        ProblemCollector found
    )
        where T : Entry
    {
        if (PartEntries.Find<Part.Budget>(compiled, part, found) is not { } budget)
            return entry;
        found.Unless(
            budget.Prices.Any(p => p.Id == item),
            "/item",
            "This is not for sale.",
            ProblemCollector.UseOneOf(budget.Named(compiled.Brief).Prices.Select(p => p.Name))
        );
        found.Unless(count is >= 1 and <= Limits.Bought, "/count", "The number is out of range.", "Use 1 or more.");
        return entry;
    }

    /// <summary>What was bought or given back, with its number.</summary>
    public static string Say<T>(CompiledEdition compiled, T entry, string verb, string item, int count)
        where T : Entry.OfPart =>
        PartEntries.Say<Part.Budget>(compiled, entry, part =>
            $"{verb} {English.So(count, part?.Prices.FirstOrDefault(p => p.Id == item)?.Name ?? item)}"
        );

    /// <summary>Nobody can give back more than was bought.</summary>
    public static void CheckAgainst(StandingLog log, Entry.Returned returned, ProblemCollector found)
    {
        var others = log.Where(e => e.Id != returned.Id).Append(returned).Select(e => (0, e));
        if (
            BeyondWhatWasBought(others).Where(o => o.Entry.Id == returned.Id).Select(o => o.Problem).FirstOrDefault() is
            { } wrong
        )
            found.AddAll([wrong]);
    }

    /// <summary>What was given back beyond all that the team has bought, each with what is wrong.</summary>
    public static IEnumerable<(int At, Entry Entry, Problem Problem)> BeyondWhatWasBought(
        IEnumerable<(int At, Entry Entry)> standing
    )
    {
        var has = new Dictionary<(TeamId, int, string, string), int>();
        var all = standing.ToList();
        foreach (var bought in all.Select(e => e.Entry).OfType<Entry.Purchased>())
            has[Key(bought, bought.Part, bought.Item)] =
                has.GetValueOrDefault(Key(bought, bought.Part, bought.Item)) + bought.Count;
        foreach (var (at, entry) in all)
        {
            if (entry is not Entry.Returned returned)
                continue;
            var left = has.GetValueOrDefault(Key(entry, returned.Part, returned.Item));
            if (returned.Count > left)
                yield return (
                    at,
                    entry,
                    new("/count", $"The team has bought only {left} of these.", $"Give back at most {left}.")
                );
            else
                has[Key(entry, returned.Part, returned.Item)] = left - returned.Count;
        }

        static (TeamId, int, string, string) Key(Entry entry, string part, string item) =>
            (entry.Team, entry.Round, part, item);
    }
}
