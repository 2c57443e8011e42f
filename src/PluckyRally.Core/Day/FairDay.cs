namespace PluckyRally.Core;

/// <summary>A fair day: several rallies on one day, each with its place and its time.</summary>
public sealed record FairDay
{
    /// <summary>What it is called.</summary>
    public required string Name { get; init; }

    /// <summary>The day.</summary>
    public required DateOnly Date { get; init; }

    /// <summary>Its rallies, in the order of the day.</summary>
    public IReadOnlyList<DaySlot> Slots { get; init; } = [];

    /// <summary>Whether the board that goes round shows the list over all as well.</summary>
    public bool ListOnBoard { get; init; }

    /// <summary>Rallies that a day has at the most: as many as one code opens.</summary>
    public const int Most = 10;

    /// <summary>Tables that a rally has at the most.</summary>
    public const int MostTables = 12;

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
            "A rally stands there twice.",
            "Name each once."
        );
        for (var i = 0; i < Slots.Count; i++)
        {
            found.Length(Slots[i].Where, Limits.Name, $"/slots/{i}/where", "The place");
            found.Unless(
                Slots[i].Tables is >= 1 and <= MostTables,
                $"/slots/{i}/tables",
                "The number of tables is out of range.",
                $"Use 1 to {MostTables}."
            );
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
    public required Guid Rally { get; init; }

    /// <summary>When it begins; absent where that is open.</summary>
    public TimeOnly? From { get; init; }

    /// <summary>When it ends.</summary>
    public TimeOnly? To { get; init; }

    /// <summary>Where: a hall, a room; may be empty.</summary>
    public string Where { get; init; } = "";

    /// <summary>At how many tables its teams are tested, from 1.</summary>
    public int Tables { get; init; } = 1;
}
