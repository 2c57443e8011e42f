using System.Text.Json.Serialization;

namespace PluckyRally.Core;

[JsonDerivedType(typeof(Purchased), "purchased")]
[JsonDerivedType(typeof(Returned), "returned")]
public abstract partial record Entry
{
    /// <summary>Something was bought.</summary>
    public sealed record Purchased : Entry, IPartEntry
    {
        /// <summary>The part's id.</summary>
        public required string Part { get; init; }

        /// <summary>The price's id.</summary>
        public required string Item { get; init; }

        /// <summary>How many, from 1.</summary>
        public int Count { get; init; } = 1;
    }

    /// <summary>Something that was bought was given back.</summary>
    public sealed record Returned : Entry, IPartEntry
    {
        /// <summary>The part's id.</summary>
        public required string Part { get; init; }

        /// <summary>The price's id.</summary>
        public required string Item { get; init; }

        /// <summary>How many, from 1.</summary>
        public int Count { get; init; } = 1;
    }
}

internal static class BudgetEntries
{
    public static void Check(Playbook playbook, string part, string item, int count, Findings found)
    {
        if (PartEntries.Find<Part.Budget>(playbook, part, found) is not { } budget) return;
        found.Unless(budget.Prices.Any(p => p.Id == item), "/item", "This is not for sale.", $"Use one of these: {string.Join(", ", budget.Prices.Select(p => p.Id))}.");
        found.Unless(count is >= 1 and <= 100_000, "/count", "The number is out of range.", "Use 1 or more.");
    }

    /// <summary>Nobody can give back more than was bought.</summary>
    public static void CheckAgainst(IReadOnlyList<Entry> log, Entry.Returned returned, Findings found)
    {
        var mine = Log.Standing(log).Where(e => e.Team == returned.Team && e.Round == returned.Round && e.Id != returned.Id).ToList();
        var has = mine.OfType<Entry.Purchased>().Where(p => p.Part == returned.Part && p.Item == returned.Item).Sum(p => p.Count)
            - mine.OfType<Entry.Returned>().Where(r => r.Part == returned.Part && r.Item == returned.Item).Sum(r => r.Count);
        found.Unless(returned.Count <= has, "/count", $"The team has bought only {has} of these.", $"Give back at most {has}.");
    }
}
