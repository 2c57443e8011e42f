using System.Text.Json.Serialization;
using PluckyRally.Core.Files;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Results;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Day;

/// <summary>A fair day: several rallies on one day, each with its place and its time.</summary>
public sealed record FairDay
{
    /// <summary>What it is called.</summary>
    public required string Name { get; init; }

    /// <summary>The day.</summary>
    public required DateOnly Date { get; init; }

    /// <summary>Its rallies, in the order of the day.</summary>
    public IReadOnlyList<DaySlot> Slots { get; init; } = [];

    /// <summary>Whether the rotating board shows the combined results as well.</summary>
    public bool ListOnBoard { get; init; }

    /// <summary>
    /// How the rallies of one brief are combined, on its page and on the board; absent until that is chosen.
    /// </summary>
    public Combined? Combined { get; init; }

    /// <summary>The same, as usual where nothing is chosen.</summary>
    [JsonIgnore]
    public Combined Combining => Combined ?? new();

    /// <summary>Rallies that a day has at the most: as many as one code opens.</summary>
    public const int Most = 10;

    /// <summary>Tables that a rally has at the most.</summary>
    public const int MostTables = 12;

    /// <summary>Where another state of it differs from this one.</summary>
    /// <param name="after">The other state.</param>
    /// <param name="name">What a rally is called.</param>
    public IReadOnlyList<Difference> DifferencesTo(FairDay after, Func<RallyId, string> name)
    {
        var found = new DifferenceCollector();
        found.At("/name", "Name", Name, after.Name);
        found.At("/date", "Date", English.Day(Date), English.Day(after.Date));
        found.At("/listOnBoard", "Combined results on the board", YesOrNo(ListOnBoard), YesOrNo(after.ListOnBoard));
        found.At("/combined", "How results are combined", Combining.InWords(), after.Combining.InWords());
        foreach (var rally in Slots.Concat(after.Slots).Select(s => s.Rally).Distinct())
            found.At($"/slots/{rally}", name(rally), Said(this, rally), Said(after, rally));
        found.At("/slots", "The order of the day", Order(this, after), Order(after, this));
        return found.Found;

        string Order(FairDay day, FairDay other) =>
            string.Join(", ", day.Slots.Select(s => s.Rally).Intersect(other.Slots.Select(s => s.Rally)).Select(name));
        static string YesOrNo(bool yes) => yes ? "yes" : "no";
        static string Said(FairDay day, RallyId rally) =>
            day.Slots.FirstOrDefault(s => s.Rally == rally)?.InWords() ?? "not in this day";
    }

    /// <summary>What is wrong with it.</summary>
    public IReadOnlyList<Problem> Problems()
    {
        var found = new ProblemCollector();
        found.NotEmpty(Name, "/name", "The day has no name.", "Write what it is called, for example “Spring fair”.");
        found.Length(Name, Limits.Name, "/name", "The day's name");
        found.Count(Slots, Most, "/slots", "rallies");
        found.Unless(
            Slots.Select(s => s.Rally).Distinct().Count() == Slots.Count,
            "/slots",
            "A rally is listed twice.",
            "Name each once."
        );
        found.AddAll(Combining.Problems().Select(p => p.Under("/combined")));
        for (var i = 0; i < Slots.Count; i++)
        {
            found.Length(Slots[i].Where, Limits.Name, $"/slots/{i}/where", "The place");
            found.Unless(
                Slots[i].Tables is >= 1 and <= MostTables,
                $"/slots/{i}/tables",
                "The number of tables is out of range.",
                $"Use 1 to {MostTables}."
            );
            found.Count(Slots[i].Helpers, MostTables, $"/slots/{i}/helpers", "helpers");
            foreach (var helper in Slots[i].Helpers)
                found.Length(helper, Limits.Name, $"/slots/{i}/helpers", "The helper's name");
            found.Unless(
                Slots[i].To is null || Slots[i].From is null || Slots[i].To > Slots[i].From,
                $"/slots/{i}/to",
                "It ends before it begins.",
                "Swap the two times."
            );
        }

        return found.Problems;
    }
}

/// <summary>A rally in a fair day.</summary>
public sealed record DaySlot
{
    /// <summary>The rally's id.</summary>
    public required RallyId Rally { get; init; }

    /// <summary>When it begins; absent where that is open.</summary>
    public TimeOnly? From { get; init; }

    /// <summary>When it ends.</summary>
    public TimeOnly? To { get; init; }

    /// <summary>Where: a hall, a room; may be empty.</summary>
    public string Where { get; init; } = "";

    /// <summary>At how many tables its teams are tested, from 1.</summary>
    public int Tables { get; init; } = 1;

    /// <summary>Who helps at each table, in their order; empty where nobody does yet.</summary>
    public IReadOnlyList<string> Helpers { get; init; } = [];

    /// <summary>Who helps at a table, counted from 0; empty where nobody does.</summary>
    internal string HelperAt(int table) => Helpers.ElementAtOrDefault(table)?.Trim() ?? "";

    /// <summary>Everybody who helps.</summary>
    internal IReadOnlyList<string> Named() =>
        [.. Enumerable.Range(0, Tables).Select(HelperAt).Where(name => name.Length > 0)];

    /// <summary>When, where and at how many tables, with whom: "from 9:00 to 10:00, gym, 2 tables, Wren".</summary>
    internal string InWords() =>
        string.Join(
            ", ",
            new[]
            {
                string.Join(
                    " ",
                    new[]
                    {
                        From is { } from ? $"from {DayTime.Say(from)}" : "",
                        To is { } to ? $"to {DayTime.Say(to)}" : "",
                    }.Where(t => t.Length > 0)
                ),
                Where,
                English.Count(Tables, "table"),
                English.List(Named()),
            }.Where(t => t.Length > 0)
        );
}
