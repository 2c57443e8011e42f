using PluckyRally.Core.Kit;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Score;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Day;

/// <summary>What is said of the plan of a fair day.</summary>
internal static class DayWords
{
    public static Problem NoHelpers { get; } =
        Warning("/slots", "No table has a helper yet.", "Enter who helps at each table.");

    public static Problem Alike(int teams) =>
        Warning(
            "/slots",
            $"{English.Count(teams, "team")} share a short code with a team of another class.",
            "Press “Tell teams apart”."
        );

    public static Problem SamePlace(DayClashes.Pair pair) =>
        Warning(
            $"/slots/{pair.At}/where",
            $"{pair.One.Name} and {pair.Other.Name} are both in {pair.Other.Slot.Where.Trim()} {Overlap(pair)}.",
            "Change the time or the place of one of them."
        );

    public static Problem AtTwoTables(DayClashes.Pair pair, string helper) =>
        Warning(
            $"/slots/{pair.At}/helpers",
            $"{helper} is at a table of {pair.One.Name} and at one of {pair.Other.Name} {Overlap(pair)}.",
            "Enter somebody else at one of them."
        );

    public static Problem TwiceInOne(int at, string rally, string helper) =>
        Warning(
            $"/slots/{at}/helpers",
            $"{helper} is at two tables of {rally}.",
            "Enter somebody else at one of them, or use fewer tables."
        );

    public static Problem NobodyAt(int at, string rally, IReadOnlyList<int> tables) =>
        Warning(
            $"/slots/{at}/helpers",
            $"Nobody is at {(tables.Count == 1 ? "table" : "tables")} {English.List([.. tables.Select(t => $"{t}")])}"
                + $" of {rally}.",
            "Enter who helps there, or use fewer tables."
        );

    public static Problem TooShort(int at, PlannedSlot slot) =>
        Warning(
            $"/slots/{at}/to",
            $"Testing {English.Count(slot.Kit.Teams.Count, "team")} of {slot.Name}"
                + $" at {English.Count(slot.Slot.Tables, "table")}"
                + $" takes about {English.Count(Math.Ceiling(slot.Testing), "minute")},"
                + $" and there are {Numerals.Write(slot.Room ?? 0)}.",
            "Use more tables, or more time."
        );

    public static Problem NeededAtOnce(DayClashes.Crowd crowd, IReadOnlyList<ShoppingLine> lines)
    {
        var names = crowd.Slots.Select(s => s.Name).Where(n => lines.Any(l => l.For.Any(f => f.Name == n))).ToList();
        var all = names.Count == 2 ? "both" : "all";
        var named = lines.Take(NamedThings).Select(l => l.Name).ToList();
        if (lines.Count > NamedThings)
            named.Add(English.Count(lines.Count - NamedThings, "other thing"));
        return Warning(
            $"/slots/{crowd.At}/from",
            $"{English.List(names)} {all} need {English.List(named)} {Overlap(crowd.Slots)}, and there is not enough"
                + $" for {all}: {string.Join("; ", lines.Take(NamedThings).Select(Short))}.",
            "Let one begin after the other, or get more."
        );
    }

    /// <summary>Who reads more than these has the shopping list.</summary>
    private const int NamedThings = 3;

    /// <summary>"72 cotton reels in all, 11 in the cupboard".</summary>
    private static string Short(ShoppingLine line) =>
        $"{Material.So(line.Needed, line.Unit, line.Name)} in all,"
        + $" {(line.InCupboard == 0 ? "none" : $"{Numerals.Write(line.InCupboard)} {line.Unit}".TrimEnd())}"
        + " in the cupboard";

    /// <summary>A class that is late, begun or not.</summary>
    public static string Late(SlotTime time)
    {
        var minutes = Lasting(time.Late);
        var ends = time.To is { } to ? $" It is expected to end at about {DayTime.Say(to)}." : "";
        return time.Begun
            ? $"It began {minutes} late.{ends}"
            : $"It is expected to begin {minutes} late, at about {DayTime.Say(time.From!.Value)}.{ends}";
    }

    public static string Sent(Entry.SentToTable sent) =>
        sent.NotHere ? $"Was not there; comes later at table {sent.Table}" : $"Sent to table {sent.Table}";

    private static string Lasting(int minutes) =>
        string.Join(
            " ",
            new[] { (minutes / 60, "hour"), (minutes % 60, "minute") }
                .Where(p => p.Item1 > 0)
                .Select(p => English.Count(p.Item1, p.Item2))
        );

    public static string AtTable(int table, string helper) => $"Table {table}: {helper}";

    /// <summary>"from 9:30 to 10:00": while all of them run.</summary>
    private static string Overlap(IReadOnlyList<PlannedSlot> slots) =>
        $"from {DayTime.Say(slots.Max(s => s.Slot.From!.Value))} to {DayTime.Say(slots.Min(s => s.Until!.Value))}";

    private static string Overlap(DayClashes.Pair pair) => Overlap([pair.One, pair.Other]);

    private static Problem Warning(string at, string what, string remedy) => new(at, what, remedy, Severity.Warning);
}
