using PluckyRally.Core.Ids;
using PluckyRally.Core.Problems;

namespace PluckyRally.Core.Time;

/// <summary>Which briefs are planned for when, as a file: it names the briefs by the files beside it.</summary>
public sealed record PlansFile
{
    /// <summary>The name of the file format.</summary>
    public const string FormatName = "plucky-rally/plans";

    /// <summary>The newest version of the file format that is understood.</summary>
    public const int NewestVersion = 1;

    /// <summary>Always <see cref="FormatName"/>.</summary>
    public string Format { get; init; } = FormatName;

    /// <summary>Version of the file format, from 1.</summary>
    public int Version { get; init; } = NewestVersion;

    /// <summary>The plans.</summary>
    public IReadOnlyList<PlanInFile> Plans { get; init; } = [];

    /// <summary>What is wrong with it.</summary>
    public IReadOnlyList<Problem> Problems()
    {
        var found = new ProblemCollector();
        for (var i = 0; i < Plans.Count; i++)
        {
            var plan = Plans[i];
            found.NotEmpty(
                plan.File,
                $"/plans/{i}/file",
                "The brief's file is not named.",
                "Write the name of a brief file beside this one."
            );
            found.Unless(
                plan.Date is null != plan.InDays is null,
                $"/plans/{i}/date",
                "It is not said when, or twice.",
                "Write either a date, or in how many days."
            );
            if (plan.Date is { } date)
                found.AddAll(plan.Read(default, date).Problems().Select(p => p.Under($"/plans/{i}")));
        }

        return found.Problems;
    }
}

/// <summary>A brief that is planned.</summary>
public sealed record PlanInFile
{
    /// <summary>The name of the brief's file, beside the plans'.</summary>
    public required string File { get; init; }

    /// <summary>
    /// The day, or a day of the week; absent where it is counted from the day on which the file is read.
    /// </summary>
    public DateOnly? Date { get; init; }

    /// <summary>
    /// In how many days, counted from the day on which the file is read; absent where a date is said.
    /// </summary>
    public int? InDays { get; init; }

    /// <summary>Whether it is that week, on whichever day.</summary>
    public bool WholeWeek { get; init; }

    /// <summary>For whom: a class; empty where that is open.</summary>
    public string For { get; init; } = "";

    /// <summary>The plan that it is.</summary>
    /// <param name="brief">The brief that was read from its file.</param>
    /// <param name="today">The day on which the file is read.</param>
    public BriefPlan Read(BriefId brief, DateOnly today) =>
        new()
        {
            Brief = brief,
            Date = Date ?? today.AddDays(InDays ?? 0),
            WholeWeek = WholeWeek,
            For = For,
        };
}
