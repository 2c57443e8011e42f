using PluckyRally.Core.Ids;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Results;

namespace PluckyRally.Core.Day;

/// <summary>A fair day as a file: it names its rallies by the files beside it.</summary>
public sealed record DayFile
{
    /// <summary>The name of the file format.</summary>
    public const string FormatName = "plucky-rally/day";

    /// <summary>The newest version of the file format that is understood.</summary>
    public const int NewestVersion = 1;

    /// <summary>Always <see cref="FormatName"/>.</summary>
    public string Format { get; init; } = FormatName;

    /// <summary>Version of the file format, from 1.</summary>
    public int Version { get; init; } = NewestVersion;

    /// <summary>What it is called.</summary>
    public required string Name { get; init; }

    /// <summary>The day; absent where it is whichever day the file is read on.</summary>
    public DateOnly? Date { get; init; }

    /// <summary>Whether the rotating board shows the combined results as well.</summary>
    public bool ListOnBoard { get; init; }

    /// <summary>How the rallies of one brief are combined; absent until that is chosen.</summary>
    public Combined? Combined { get; init; }

    /// <summary>Its rallies, in the order of the day.</summary>
    public IReadOnlyList<SlotInFile> Slots { get; init; } = [];

    /// <summary>What is wrong with it.</summary>
    public IReadOnlyList<Problem> Problems()
    {
        var found = new ProblemCollector();
        for (var i = 0; i < Slots.Count; i++)
            found.NotEmpty(
                Slots[i].File,
                $"/slots/{i}/file",
                "The rally's file is not named.",
                "Write the name of a rally file beside this one."
            );
        // Which rally it is shows when the files are read; here it is enough that each is another one.
        var files = Slots.Select(s => s.File).ToList();
        found.AddAll(Read(default, file => new(new Guid(files.IndexOf(file) + 1, 0, 0, new byte[8]))).Problems());
        return found.Problems;
    }

    /// <summary>The day that it is.</summary>
    /// <param name="today">Its day where the file says none.</param>
    /// <param name="rally">The id of the rally that was read from a file.</param>
    public FairDay Read(DateOnly today, Func<string, RallyId> rally) =>
        new()
        {
            Name = Name,
            Date = Date ?? today,
            ListOnBoard = ListOnBoard,
            Combined = Combined,
            Slots =
            [
                .. Slots.Select(s => new DaySlot
                {
                    Rally = rally(s.File),
                    From = s.From,
                    To = s.To,
                    Where = s.Where,
                    Tables = s.Tables,
                    Helpers = s.Helpers,
                }),
            ],
        };
}

/// <summary>A rally of such a day.</summary>
public sealed record SlotInFile
{
    /// <summary>The name of the rally's file, beside the day's.</summary>
    public required string File { get; init; }

    /// <summary>When it begins; absent where that is open.</summary>
    public TimeOnly? From { get; init; }

    /// <summary>When it ends; absent where that is open.</summary>
    public TimeOnly? To { get; init; }

    /// <summary>Where: a hall, a room; may be empty.</summary>
    public string Where { get; init; } = "";

    /// <summary>At how many tables its teams are tested, from 1.</summary>
    public int Tables { get; init; } = 1;

    /// <summary>Who helps at each table, in their order; empty where nobody does yet.</summary>
    public IReadOnlyList<string> Helpers { get; init; } = [];
}
